package craftypocket.core.advise;

import craftypocket.core.cards.CardText;
import craftypocket.core.cards.Side;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Trait;
import craftypocket.core.read.Plan;
import craftypocket.core.routine.RoleKind;
import craftypocket.core.run.Trace;
import craftypocket.core.settings.Amount;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** What is done too often. */
final class RepetitionRules extends Rules {

    /** After three repeats of one packet effect the method starts to show. */
    private static final int REPEATS = 3;

    /** An order of cards survives two real riffles, hardly a third. */
    private static final int RIFFLES = 2;

    /** A key and its neighbour survive a few overhand shuffles, not many. */
    private static final int OVERHANDS = 4;

    /** Faces that were forced on these people before this routine. */
    private final Set<Side> forcedBefore;

    RepetitionRules(Plan plan, Trace trace, Set<Side> forcedBefore) {
        super(plan, trace);
        this.forcedBefore = forcedBefore;
    }

    @Override
    void look() {
        repeats();
        shuffles(
                Trait.RIFFLES,
                RIFFLES,
                Hint.Rule.THIRD_RIFFLE,
                follows(RoleKind.SLUG),
                "This is riffle number %d over your order of cards. Let them riffle twice at most.",
                "A third riffle mixes the order itself.");
        shuffles(
                Trait.MIXES_OVERHAND,
                OVERHANDS,
                Hint.Rule.OVERHANDS_OVER_KEY,
                follows(RoleKind.KEY),
                "This is overhand shuffle number %d over your key and its neighbour. Stop them after a few.",
                "Each shuffle parts two neighbours with a chance of about one in nine.");
        sameForce();
    }

    private void repeats() {
        Map<List<Object>, Integer> counts = new HashMap<>();
        for (int i = 0; i < steps(); i++) {
            boolean counted = step(i).move().family() == Family.COUNTS
                    && after(i).passed().isPresent()
                    && after(i).passed().get().seeming() > 1;
            if (done(i) && counted) {
                // Another count, such as the opening one, and a card that was turned meanwhile, are no repeat.
                List<Object> effect =
                        List.of(after(i).passed().get().place(), step(i).move().id(), sidesSeen(i));
                int times = counts.merge(effect, 1, Integer::sum);
                if (times == REPEATS + 1) {
                    add(
                            Hint.Rule.FOURTH_REPEAT,
                            i,
                            "This packet is counted for the fourth time. End after the third, or change what is seen.",
                            "After three repeats the method starts to show.");
                }
            }
        }
    }

    private Set<Side> sidesSeen(int index) {
        return seenByAll(index).stream()
                .map(shown -> plan().pack().card(shown.card()).side(shown.front()))
                .collect(Collectors.toSet());
    }

    private void shuffles(Trait trait, int most, Hint.Rule rule, boolean matters, String text, String reason) {
        int before = 0;
        for (int i = 0; i < steps(); i++) {
            Setting times = step(i).move().settings().named("times").orElse(null);
            if (step(i).move().has(trait) && times != null) {
                Amount stated = step(i).values().amount(times);
                int all = before + (stated.kind() == Amount.Kind.ANY ? most + 1 : stated.high());
                if (matters && before <= most && all > most) {
                    add(rule, i, String.format(text, all), reason);
                }
                before = all;
            }
        }
    }

    private boolean follows(RoleKind kind) {
        return plan().routine().roles().stream().anyMatch(role -> role.kind() == kind);
    }

    /** A card that is forced a second time on the same people. */
    private void sameForce() {
        Set<Object> forced = new HashSet<>(forcedBefore);
        for (int i = 0; i < steps(); i++) {
            boolean force = step(i).move().family() == Family.FORCES && done(i);
            if (!force || !(step(i).move().settings().named("role").orElse(null) instanceof RoleSetting role)) {
                continue;
            }
            int card = after(i).roles().get(step(i).values().of(role)).card();
            boolean any = card >= 0 && plan().arrangement().anyCard(card);
            if (card >= 0 && !forced.add(any ? card : plan().pack().card(card).front())) {
                add(
                        Hint.Rule.SAME_FORCE_CARD,
                        i,
                        (any
                                        ? "This card"
                                        : "The " + CardText.name(plan().pack().card(card)))
                                + " has been forced on these people already. Force another card.",
                        "A card that comes up twice gives away that it was not chosen.");
            }
        }
    }
}
