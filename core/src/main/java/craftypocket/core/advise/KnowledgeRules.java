package craftypocket.core.advise;

import craftypocket.core.cards.CardText;
import craftypocket.core.layout.PlaceKnowledge;
import craftypocket.core.moves.Remark;
import craftypocket.core.moves.Trait;
import craftypocket.core.read.Plan;
import craftypocket.core.read.PlannedStep;
import craftypocket.core.routine.RoleKind;
import craftypocket.core.run.Trace;
import craftypocket.core.settings.RoleSetting;
import java.util.stream.IntStream;

/** What the performer would have to know. */
final class KnowledgeRules extends Rules {

    KnowledgeRules(Plan plan, Trace trace) {
        super(plan, trace);
    }

    @Override
    void look() {
        margins();
        if (setUp().known().isEmpty()) {
            // Nobody went through all ways, and one alone tells nothing.
            return;
        }
        for (int role = 0; role < plan().cast().parts().size(); role++) {
            notPlaced(role);
        }
        for (int i = 0; i < steps(); i++) {
            int at = i;
            if (before(i).known().filter(known -> !known.tells()).isPresent()) {
                cannotTell(i);
            }
            after(i).missing().ifPresent(unknown -> {
                if (unknown.name()) {
                    nameMissing(at, unknown.role());
                } else if (!isOpen(unknown.role())) {
                    placeMissing(at, unknown.role());
                }
            });
        }
    }

    private void cannotTell(int index) {
        add(
                Hint.Rule.CANNOT_TELL,
                index,
                "You cannot tell here whether this is so: “"
                        + step(index).condition().orElse("") + "”. "
                        + "Look first, or make it depend on something that you know or see then.",
                "What looks alike to you must lead to the same step.");
    }

    private void margins() {
        for (int i = 0; i < steps(); i++) {
            for (Remark remark : step(i).remarks()) {
                if (remark.warning() && step(i).move().has(Trait.ANNOUNCES)) {
                    add(
                            Hint.Rule.NO_MARGIN,
                            i,
                            remark.text(),
                            "Two cards past the key at least, and what your estimate may be off.");
                }
            }
        }
    }

    /** Whether a role's card is known from the start, but not where it lies. */
    private boolean isOpen(int role) {
        int card = setUp().roles().get(role).card();
        return card >= 0
                && kind(role) != RoleKind.SELECTION
                && plan().arrangement().unstated(card);
    }

    /** The first step that goes by a card of which nobody said where it lies, and does not find it either. */
    private void notPlaced(int role) {
        IntStream.range(0, isOpen(role) ? steps() : 0)
                .filter(i -> !after(i).skipped() && goesBy(step(i), role))
                .filter(i -> !exact(before(i), role) && !exact(after(i), role))
                .findFirst()
                .ifPresent(i -> {
                    String card = CardText.sign(
                            plan().pack().card(setUp().roles().get(role).card()));
                    add(
                            Hint.Rule.NOT_PLACED,
                            i,
                            card + " is a " + kind(role).label()
                                    + ", and nothing says where it lies: place it, glimpse it, or find it on the way.",
                            "What a set-up does not state lies in any order.");
                });
    }

    private static boolean goesBy(PlannedStep step, int role) {
        return step.move().settings().all().stream()
                .anyMatch(setting ->
                        setting instanceof RoleSetting of && step.values().of(of) == role);
    }

    private static boolean exact(Trace.Moment moment, int role) {
        return moment.known()
                .filter(known -> known.place(role) == PlaceKnowledge.EXACT)
                .isPresent();
    }

    private void nameMissing(int index, int role) {
        add(
                Hint.Rule.NAME_NEVER_LEARNT,
                index,
                "You need the name of " + plan().cast().part(role).label()
                        + " here, and nothing before tells it to you. Glimpse it, or look it up beside a card you know.",
                "Where a card is and what it is are two things to find out.");
    }

    private void placeMissing(int index, int role) {
        int by = lostBy(index, role);
        String label = plan().cast().part(role).label();
        add(
                Hint.Rule.PLACE_DESTROYED,
                index,
                by < 0
                        ? "You rely on the place of " + label
                                + " here, and never knew it. Control it, or find it first."
                        : "You rely on the place of " + label + " here, and “"
                                + step(by).move().name() + "” in step " + (by + 1)
                                + " has lost it. Do something else there that keeps it.",
                "A place holds only as long as every step after it keeps it.");
    }

    /** The last step before this one after which the role's place was no longer known; -1 when it never was. */
    private int lostBy(int index, int role) {
        for (int i = index - 1; i >= 0; i--) {
            if (exact(before(i), role) && !exact(after(i), role)) {
                return i;
            }
        }
        return -1;
    }
}
