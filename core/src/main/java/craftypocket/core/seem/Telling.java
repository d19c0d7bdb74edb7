package craftypocket.core.seem;

import craftypocket.core.cards.CardText;
import craftypocket.core.cards.Side;
import craftypocket.core.layout.Place;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Seems;
import craftypocket.core.read.Plan;
import craftypocket.core.read.PlannedStep;
import craftypocket.core.run.Trace;
import craftypocket.core.settings.Sentence;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/** A step as somebody tells it who was there: made of what was seen, without a word of how it is done. */
final class Telling {

    /** More faces than this nobody tells one by one. */
    private static final int MOST_NAMED = 4;

    private final Plan plan;
    private final PlannedStep step;
    private final Trace.Moment moment;

    Telling(Plan plan, PlannedStep step, Trace.Moment moment) {
        this.plan = plan;
        this.step = step;
        this.moment = moment;
    }

    /**
     * The sentences.
     *
     * @param said what the performer says that they take it for; empty for nothing
     */
    List<String> of(Seems seems, Motion motion, String said) {
        List<String> told = new ArrayList<>();
        if (!said.isEmpty()) {
            told.add(said);
            return told;
        }
        if (seems == Seems.NOTHING) {
            return told;
        }
        boolean chosen = chosen(told);
        mixed(told, seems, motion);
        if (motion.counted() > 0) {
            told.add(motion.counted() + " cards are counted.");
        }
        for (Motion.Went went : motion.went()) {
            if (!chosen) {
                told.add(went(went));
            }
        }
        faces(told, chosen);
        return told;
    }

    private void mixed(List<String> told, Seems seems, Motion motion) {
        Family family = step.move().family();
        boolean within = motion.went().isEmpty();
        String pile = motion.reordered().isEmpty()
                ? Place.DECK.label()
                : motion.reordered().iterator().next().label();
        if (family == Family.CUTS && within) {
            told.add(Sentence.capital(pile) + " is cut.");
        } else if (seems == Seems.MIXED && family != Family.CUTS && family != Family.SELECTIONS) {
            told.add(Sentence.capital(pile) + " is shuffled.");
        }
    }

    /** Somebody takes a card, or looks at one. */
    private boolean chosen(List<String> told) {
        boolean any = false;
        for (int role = 0; role < moment.roles().size(); role++) {
            int index = role;
            boolean looks = Stream.concat(moment.alsoSeen().stream(), moment.shown().stream())
                    .anyMatch(seen -> seen.card() == moment.roles().get(index).card()
                            && !seen.toEverybody()
                            && !seen.onlyPerformer());
            if (owned(role) && looks && moment.roles().get(role).chosen()) {
                String owner = plan.cast().part(role).owner();
                told.add(owner.isEmpty() ? "A card is taken." : owner + " chooses a card.");
                any = true;
            }
        }
        return any;
    }

    private String went(Motion.Went went) {
        String to = " to " + went.to().label();
        boolean told = went.from().kind().open() || went.from().kind() == Place.Kind.IN;
        String from = told ? " from " + went.from().label() : "";
        if (went.cards() == 1) {
            String theirs = theirs();
            return !theirs.isEmpty() && went.to().equals(Place.DECK)
                    ? theirs + " is put back."
                    : Sentence.capital(theirs.isEmpty() ? "one card" : theirs) + " goes" + from + to + ".";
        }
        if (went.all()) {
            return Sentence.capital(went.from().label()) + " goes" + to + ".";
        }
        return went.dealt() ? went.cards() + " cards are dealt" + from + to + "." : "Some cards go" + from + to + ".";
    }

    /** The card of somebody that left their hand in this step, if one did. */
    private String theirs() {
        for (int role = 0; role < moment.roles().size(); role++) {
            Trace.RoleState state = moment.roles().get(role);
            String owner = plan.cast().part(role).owner();
            boolean left = owned(role)
                    && state.place() != null
                    && moment.before().orElseThrow().piles().stream()
                            .anyMatch(pile -> pile.positionOf(state.card()) > 0
                                    && pile.size() == 1
                                    && !pile.place().equals(state.place())
                                    && pile.place().name().equals(owner));
            if (left) {
                return plan.cast().part(role).label();
            }
        }
        return "";
    }

    /** The faces that everybody sees. */
    private void faces(List<String> told, boolean chosen) {
        Set<String> names = new LinkedHashSet<>();
        int others = 0;
        for (Trace.Shown shown : moment.shown()) {
            Side side = plan.pack().card(shown.card()).side(shown.front());
            if (!side.isBack() && shown.toEverybody() && !isTheirs(shown.card())) {
                boolean stated = !plan.arrangement().anyCard(shown.card());
                others += stated ? 0 : 1;
                if (stated) {
                    names.add(side.equals(Side.BLANK) ? "a blank card" : "the " + CardText.sign(side));
                }
            }
        }
        int all = names.size() + others;
        if (all > 0 && !chosen) {
            told.add(
                    others > 0 || all > MOST_NAMED
                            ? all == 1 ? "A face is shown." : all + " faces are shown."
                            : Sentence.capital(String.join(", ", names)) + (all == 1 ? " is shown." : " are shown."));
        }
    }

    private boolean owned(int role) {
        return !plan.cast().part(role).owner().isEmpty();
    }

    private boolean isTheirs(int card) {
        for (int role = 0; role < moment.roles().size(); role++) {
            if (moment.roles().get(role).card() == card && owned(role)) {
                return true;
            }
        }
        return false;
    }
}
