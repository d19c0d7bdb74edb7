package craftypocket.core.advise;

import craftypocket.core.moves.Family;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Trait;
import craftypocket.core.read.Plan;
import craftypocket.core.routine.Attention;
import craftypocket.core.routine.Look;
import craftypocket.core.routine.RoleKind;
import craftypocket.core.run.Trace;
import java.util.stream.IntStream;

/** What people look at. */
final class AttentionRules extends Rules {

    AttentionRules(Plan plan, Trace trace) {
        super(plan, trace);
    }

    @Override
    void look() {
        keyShown();
        for (int i = 0; i < steps(); i++) {
            String cover = step(i).step().attention().cover();
            if (done(i) && step(i).move().profile().secret()) {
                hands(i);
                cover(i);
            } else if (done(i) && !cover.isEmpty() && stepCalled(cover) < 0) {
                coverNamed(i, cover);
            }
        }
    }

    private void keyShown() {
        for (int i = 0; i < steps(); i++) {
            boolean deal = step(i).move().has(Trait.KEY_AMONG_OTHERS);
            for (int role = 0; role < plan().cast().parts().size() && !deal; role++) {
                boolean key = plan().routine().roles().get(role).kind() == RoleKind.KEY;
                int card = after(i).roles().get(role).card();
                if (key
                        && after(i).shown().stream()
                                .anyMatch(s -> !s.onlyPerformer() && s.front() && s.card() == card)) {
                    add(
                            Hint.Rule.KEY_SHOWN,
                            i,
                            "Your key is seen by everybody here. Keep the face tipped down, or show another card.",
                            "A card that is seen beside the selection is remembered.");
                }
            }
        }
    }

    private void hands(int index) {
        boolean must = step(index).move().profile().cover() == Profile.Cover.REASON;
        Attention attention = step(index).step().attention();
        // The eyes on the hands first, and on the people when it is done, is how it is taught.
        if (!must && attention.first() == Look.HANDS && !attention.leadsAway()) {
            add(
                    Hint.Rule.LOOKS_AT_HANDS,
                    index,
                    "You look at your hands while you do what must not be noticed. Look at the people until it is done.",
                    "Everybody looks where you look.");
        }
    }

    private void cover(int index) {
        boolean needed = step(index).move().profile().cover() == Profile.Cover.ELSEWHERE;
        Attention attention = step(index).step().attention();
        boolean named = !attention.cover().isEmpty();
        if (named && (needed || stepCalled(attention.cover()) < 0)) {
            coverNamed(index, attention.cover());
            return;
        }
        boolean led = attention.leadsAway();
        if (needed && !led && !drawsEyes(index - 1) && !drawsEyes(index + 1)) {
            add(
                    Hint.Rule.NOTHING_COVERS,
                    index,
                    "Nothing covers this: put it beside something that they do or see, or look at the people and speak.",
                    "What must not be seen is done while something else is looked at.");
        }
    }

    /** The step that is meant to cover this one must be done with it, and draw the eyes. */
    private void coverNamed(int index, String cover) {
        int by = stepCalled(cover);
        boolean beside = by >= 0 && Math.abs(by - index) == 1;
        if (!beside || !drawsEyes(by)) {
            String which = by < 0
                    ? "A step that is not in this line"
                    : "“" + step(by).move().name() + "” in step " + (by + 1);
            add(
                    Hint.Rule.NOTHING_COVERS,
                    index,
                    which + " is meant to cover this, "
                            + (beside
                                    ? "and nothing in it draws the eyes. Let them do or see something there."
                                    : "and is not done beside it. Move it next to this step, or choose another."),
                    "What must not be seen is done while something else is looked at.");
        }
    }

    /** The step with this id, or -1 when it is not in this line. */
    private int stepCalled(String id) {
        return IntStream.range(0, steps())
                .filter(i -> step(i).step().id().equals(id))
                .findFirst()
                .orElse(-1);
    }

    /** Whether a step gives people something else to look at. */
    private boolean drawsEyes(int index) {
        return index >= 0
                && index < steps()
                && done(index)
                && (step(index).move().profile().actor() == Profile.Actor.SPECTATOR
                        || step(index).move().family() == Family.REVEALS
                        || step(index).move().has(Trait.DRAWS_EYES)
                        || cameToSpectator(index)
                        || !seenByAll(index).isEmpty());
    }
}
