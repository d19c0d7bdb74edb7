package craftypocket.core.advise;

import craftypocket.core.cards.Card;
import craftypocket.core.cards.CardText;
import craftypocket.core.layout.Hold;
import craftypocket.core.layout.Pile;
import craftypocket.core.layout.Place;
import craftypocket.core.read.Plan;
import craftypocket.core.run.Trace;

/** What the deck must not have when it leaves the hands, and how long it can be held. */
final class HandingOutRules extends Rules {

    /** A break that is held over more steps than this is felt in the wrist, and seen. */
    private static final int STEPS_WITH_BREAK = 3;

    HandingOutRules(Plan plan, Trace trace) {
        super(plan, trace);
    }

    @Override
    void look() {
        breaks();
        handedOut();
    }

    private static boolean holdsBreak(Trace.Moment moment) {
        return moment.layout().holds().stream().anyMatch(h -> h.kind() == Hold.Kind.BREAK);
    }

    private void breaks() {
        int since = 0;
        for (int i = 0; i < steps(); i++) {
            since = holdsBreak(after(i)) ? since + 1 : 0;
            if (since == STEPS_WITH_BREAK + 1) {
                add(
                        Hint.Rule.LONG_BREAK,
                        i,
                        "The break has been held over " + STEPS_WITH_BREAK
                                + " steps. Use it sooner, or turn it into a step.",
                        "A hand that cannot move is noticed.");
            }
        }
    }

    private void handedOut() {
        for (int i = 0; i < steps(); i++) {
            boolean toSpectator = cameToSpectator(i);
            if (done(i)) {
                odd(i);
            }
            if (!toSpectator || !done(i)) {
                continue;
            }
            if (after(i).lost().stream().anyMatch(h -> h.kind() == Hold.Kind.BREAK)) {
                add(
                        Hint.Rule.HANDED_OUT_WITH_BREAK,
                        i,
                        "The deck leaves your hand with a break in it: the break is gone. Use it before you hand the deck over.",
                        "A break cannot survive the deck leaving the hands.");
            }
            int away = away(after(i));
            if (away > 0) {
                add(
                        Hint.Rule.HANDED_OUT_SHORT,
                        i,
                        "The deck is handed out " + (away == 1 ? "one card" : away + " cards")
                                + " short. Put them back first, or do not let it be counted.",
                        "Somebody who holds the deck may count it.");
            }
        }
    }

    /** What somebody finds who holds the cards. */
    private void odd(int index) {
        for (Pile pile : after(index).layout().piles()) {
            if (pile.place().kind() == Place.Kind.SPECTATOR
                    && pile.size() != before(index).layout().at(pile.place()).size()) {
                special(index, pile);
                reversed(index, pile);
            }
        }
        after(index).beliefs().stream()
                .filter(belief -> !belief.so()
                        && away(after(index)) == 0
                        && belief.pile()
                                .filter(place -> place.kind() == Place.Kind.SPECTATOR)
                                .isPresent())
                .forEach(belief -> add(
                        Hint.Rule.HANDED_OUT_OTHER_NUMBER,
                        index,
                        belief.sentence()
                                + ", which is not so: whoever holds it finds out. Put it right before you hand it over.",
                        "Somebody who holds cards counts them."));
    }

    private void special(int index, Pile pile) {
        for (int position = 1; position <= pile.size(); position++) {
            Card card = plan().pack().card(pile.card(position));
            if (!card.examinable()) {
                add(
                        Hint.Rule.HANDED_OUT_SPECIAL,
                        index,
                        pile.place().label() + " holds a special card, " + CardText.name(card)
                                + ": take it out before you hand the cards over, or do not let them be looked at.",
                        "Whoever holds cards looks at both sides of them.");
            }
        }
    }

    private void reversed(int index, Pile pile) {
        int reversed = 0;
        for (int position = 1; position <= pile.size(); position++) {
            reversed += pile.faceUp(position) ? 1 : 0;
        }
        if (reversed > 0 && reversed < pile.size()) {
            add(
                    Hint.Rule.HANDED_OUT_REVERSED,
                    index,
                    "Cards face up lie among others in " + pile.place().label()
                            + ": turn them before you hand the cards over.",
                    "Whoever holds the deck spreads it.");
        }
    }
}
