package craftypocket.core.run;

import craftypocket.core.layout.Hold;
import craftypocket.core.layout.Knower;
import craftypocket.core.layout.Layout;
import craftypocket.core.layout.Place;
import craftypocket.core.layout.Spoilt;
import craftypocket.core.moves.Need;
import craftypocket.core.read.Choice;
import craftypocket.core.read.Obstacle;
import craftypocket.core.read.Plan;
import craftypocket.core.read.PlannedStep;
import craftypocket.core.settings.Sentence;
import craftypocket.core.settings.Values;
import java.util.List;
import java.util.Optional;

/**
 * What happens in one world.
 *
 * @param moments the set-up first, then the layout after each step
 * @param outcomes whether each condition of the plan holds in this world, in their order
 * @param readOpenNames whether something was read of the name of a card that the set-up leaves open: with another name there it may go on
 *     otherwise
 */
public record Trace(List<Moment> moments, List<Boolean> outcomes, boolean readOpenNames) {

    /**
     * The layout after a step, or the set-up.
     *
     * @param said the step with the numbers of this world, as it is said in words when asked for
     * @param skipped whether its condition was not true, so that it was not done
     * @param broken why it could not be done; the layout is then the last good one
     * @param choices its choices with their numbers in this world
     * @param layout all piles and holds
     * @param roles where each role is
     * @param shown what is shown, in order
     * @param alsoSeen what comes into view besides, and what people see of cards of their own
     * @param beliefs what people believe by then, and whether it is so
     * @param passed for how many cards they pass, when cards are counted
     * @param remarks what can be said of its numbers although it was done
     * @param lost the holds that were lost
     * @param spoilt what was done to cards for good by then
     * @param before the layout of the moment before; nothing at the set-up
     * @param known what the performer knows then, if all ways were gone through
     * @param missing what he would have had to know before the step, and did not
     */
    public record Moment(
            Said said,
            boolean skipped,
            Optional<Obstacle> broken,
            List<Chosen> choices,
            Layout layout,
            List<RoleState> roles,
            List<Shown> shown,
            List<Shown> alsoSeen,
            List<BeliefState> beliefs,
            Optional<Passed> passed,
            List<String> remarks,
            List<Hold> lost,
            List<SpoiltCard> spoilt,
            Optional<Layout> before,
            Optional<Known> known,
            Optional<Need.Knowledge> missing) {

        /** The step in words, with the numbers of this world. */
        public String sentence() {
            return said.sentence();
        }

        /** How the blocks came here from the moment before; worked out when asked for. */
        public List<Ribbon> ribbons() {
            return before.map(from -> Ribbon.between(from, layout)).orElse(List.of());
        }
    }

    /**
     * A step with its numbers.
     *
     * @param step which; null for the set-up
     * @param values its numbers in this world; null for a step that is skipped, which is told as it was stated
     */
    public record Said(PlannedStep step, Values values) {

        static final Said SET_UP = new Said(null, null);

        String sentence() {
            if (step == null) {
                return "Set-up";
            }
            return values == null
                    ? step.sentence()
                    : Sentence.resolved(step.move().words().says(), step.move().settings(), values);
        }
    }

    /**
     * What was done to a card for good.
     *
     * @param card the card's number
     * @param how what was done
     */
    public record SpoiltCard(int card, Spoilt how) {}

    /**
     * A choice in this world.
     *
     * @param choice which
     * @param number its number
     * @param low the least it can be here
     * @param high the most it can be here
     */
    public record Chosen(Choice choice, int number, int low, int high) {}

    /**
     * A role at a moment.
     *
     * @param card its card's number; -1 when this world never chooses one
     * @param chosen whether it is chosen by then; otherwise the place is that of the card it will become
     * @param place where it lies, or null without a card
     * @param position from the top
     * @param fromBottom from the bottom
     * @param faceUp which side is up
     * @param nameKnownTo indices of those of {@link Plan#people} who saw it as somebody's card; of the performer see {@link Moment#known}
     * @param takenFor the card that the performer takes for it, right or wrong; -1 for none
     */
    public record RoleState(
            int card,
            boolean chosen,
            Place place,
            int position,
            int fromBottom,
            boolean faceUp,
            List<Integer> nameKnownTo,
            int takenFor) {}

    /**
     * One display.
     *
     * @param card the card's number
     * @param front whether its front is seen
     * @param turnedTo who alone sees it, an index of {@link Plan#people}; {@link Knower#EVERYBODY} for all
     */
    public record Shown(int card, boolean front, int turnedTo) {

        public boolean onlyPerformer() {
            return turnedTo == Knower.PERFORMER;
        }

        public boolean toEverybody() {
            return turnedTo == Knower.EVERYBODY;
        }
    }

    /**
     * What people believe at a moment.
     *
     * @param id the claim that states it; empty when a count or a show made them believe it
     * @param sentence in words
     * @param so whether it is so in this world
     * @param pile the pile whose number of cards it is about, if it is
     */
    public record BeliefState(String id, String sentence, boolean so, Optional<Place> pile) {}

    /**
     * Cards that were counted.
     *
     * @param place where
     * @param really how many they are
     * @param seeming for how many they pass
     * @param thickest the beat, from 1, that carries most cards as one; 0 for none
     * @param carries how many these are
     */
    public record Passed(Place place, int really, int seeming, int thickest, int carries) {}

    public Trace {
        moments = List.copyOf(moments);
        outcomes = List.copyOf(outcomes);
    }

    /** The last moment. */
    public Moment end() {
        return moments.get(moments.size() - 1);
    }
}
