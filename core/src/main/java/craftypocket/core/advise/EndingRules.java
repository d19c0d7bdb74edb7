package craftypocket.core.advise;

import craftypocket.core.cards.CardText;
import craftypocket.core.cards.Mark;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Trait;
import craftypocket.core.read.Plan;
import craftypocket.core.run.Trace;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** What is left when the last step is done. */
final class EndingRules extends Rules {

    EndingRules(Plan plan, Trace trace) {
        super(plan, trace);
    }

    @Override
    void look() {
        ending();
    }

    private void ending() {
        int last = steps() - 1;
        if (last < 0) {
            return;
        }
        Trace.Moment end = after(last);
        boolean bare = last == 0 || step(last - 1).move().family() != Family.REVEALS;
        if (step(last).move().has(Trait.BARE_REVEAL) && bare) {
            add(
                    Hint.Rule.NO_DRAMA,
                    last,
                    "It ends with “just there it is”. Let them name the card first, spell to it, or find it somewhere else.",
                    "A reveal needs a moment in which everybody knows what would be impossible.");
        }
        long special = IntStream.range(0, plan().pack().size())
                .filter(card -> !plan().pack().card(card).examinable()
                        || plan().marks(card).stream().anyMatch(EndingRules::tellsItself))
                .count();
        if (special > 0) {
            add(
                    Hint.Rule.NOT_EXAMINABLE,
                    last,
                    "At the end there " + (special == 1 ? "is one special card" : "are " + special + " special cards")
                            + " on the table. Have a way to get rid of what is special, or put it away at once.",
                    "What was impossible will be picked up and looked at.");
        }
        if (!end.spoilt().isEmpty()) {
            add(
                    Hint.Rule.CARDS_SPOILT,
                    last,
                    spoilt(end) + ". Put a new card on the reset list for each.",
                    "The next table must not see what this one did.");
        }
        int away = away(end);
        if (away > 0) {
            add(
                    Hint.Rule.CARDS_AWAY,
                    last,
                    (away == 1 ? "One card is" : away + " cards are")
                            + " still away from the deck at the end. Put it on the reset list.",
                    "The next table starts with what this one left.");
        }
    }

    /** What was done to cards for good, in words. */
    private String spoilt(Trace.Moment end) {
        return end.spoilt().stream()
                .map(s -> (plan().arrangement().anyCard(s.card())
                                ? "some card"
                                : CardText.sign(plan().pack().card(s.card())))
                        + " is "
                        + s.how().word())
                .collect(Collectors.joining(", "));
    }

    /** Whether whoever takes the card into the hand finds what was done to it. */
    private static boolean tellsItself(Mark mark) {
        return mark != Mark.SIGNED;
    }
}
