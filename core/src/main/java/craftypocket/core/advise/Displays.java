package craftypocket.core.advise;

import craftypocket.core.cards.Card;
import craftypocket.core.cards.CardText;
import craftypocket.core.cards.Pack;
import craftypocket.core.cards.Side;
import craftypocket.core.layout.Pile;
import craftypocket.core.layout.Place;
import craftypocket.core.run.Trace;
import craftypocket.core.settings.Sentence;
import java.util.ArrayList;
import java.util.List;

/** What a step shows that it should not: looked up in one world, from what everybody sees and what is handed out. */
public final class Displays {

    public static final String SHOWN_TWICE = "card-shown-twice";
    public static final String WRONG_SIDE = "wrong-side";
    public static final String ODD_BACK = "odd-back";
    public static final String THICK = "thick-packet";
    public static final String SPECIAL = "special-card-out";
    public static final String REVERSED = "reversed-card-out";

    private final Pack pack;
    private final Trace.Moment before;
    private final Trace.Moment now;
    private final List<Advice> advice = new ArrayList<>();

    private Displays(Pack pack, Trace.Moment before, Trace.Moment now) {
        this.pack = pack;
        this.before = before;
        this.now = now;
    }

    /**
     * The advice on a step.
     *
     * @param pack the cards
     * @param before the moment before the step
     * @param now the moment after it
     */
    public static List<Advice> advice(Pack pack, Trace.Moment before, Trace.Moment now) {
        Displays displays = new Displays(pack, before, now);
        displays.shownTwice();
        displays.wrongSides();
        displays.oddBacks();
        displays.thickness();
        displays.handedOut();
        return List.copyOf(displays.advice);
    }

    private List<Trace.Shown> open() {
        return now.shown().stream().filter(s -> !s.onlyPerformer()).toList();
    }

    private Side side(Trace.Shown shown) {
        return pack.card(shown.card()).side(shown.front());
    }

    /** In a count, a face that only one of the cards has, seen more often than once. */
    private void shownTwice() {
        List<Trace.Shown> open = open();
        if (now.passed().isEmpty()) {
            return;
        }
        for (int i = 0; i < open.size(); i++) {
            Trace.Shown shown = open.get(i);
            int again = open.lastIndexOf(shown);
            boolean first = open.indexOf(shown) == i;
            if (first && again > i && !side(shown).isBack() && cardsShowing(open, side(shown)) == 1) {
                advice.add(new Advice(
                        SHOWN_TWICE,
                        "The " + CardText.name(side(shown)) + " is seen twice in one count, as the "
                                + Sentence.ordinal(i + 1) + " and the " + Sentence.ordinal(again + 1)
                                + ". Show backs, use cards that look alike there, or let another card come first."));
            }
        }
    }

    /** How many different cards among those shown look like this. */
    private long cardsShowing(List<Trace.Shown> open, Side side) {
        return open.stream()
                .filter(s -> side(s).equals(side))
                .map(Trace.Shown::card)
                .distinct()
                .count();
    }

    /** Among backs, the other face of a card; among faces, a back. */
    private void wrongSides() {
        List<Trace.Shown> open = open();
        for (boolean front : new boolean[] {false, true}) {
            List<Trace.Shown> alike =
                    open.stream().filter(s -> s.front() == front).toList();
            long backs = alike.stream().filter(s -> side(s).isBack()).count();
            boolean wrongIsBack = front;
            long wrong = wrongIsBack ? backs : alike.size() - backs;
            if (wrong > 0 && wrong < alike.size()) {
                Trace.Shown one = alike.stream()
                        .filter(s -> side(s).isBack() == wrongIsBack)
                        .findFirst()
                        .orElseThrow();
                advice.add(new Advice(
                        WRONG_SIDE,
                        wrongIsBack
                                ? "A back is seen where the other cards show faces: keep the double-backed card hidden in this display."
                                : "The " + CardText.name(side(one))
                                        + " is seen where the other cards show backs: its card has no back on that side."
                                        + " Keep it hidden in this display."));
            }
        }
    }

    private void oddBacks() {
        open().stream()
                .map(this::side)
                .filter(side -> side.isBack() && !side.equals(Side.USUAL_BACK))
                .findFirst()
                .ifPresent(side -> advice.add(new Advice(
                        ODD_BACK,
                        "A " + CardText.name(side)
                                + " is seen among others. Show its face only, or change all backs.")));
    }

    private void thickness() {
        now.passed()
                .filter(p -> p.really() > p.seeming())
                .ifPresent(p -> advice.add(new Advice(
                        THICK,
                        counted(p.really()) + " pass for " + p.seeming()
                                + ": keep the packet square and its edge away from them.")));
    }

    private static String counted(int cards) {
        return cards == 1 ? "One card" : cards + " cards";
    }

    /** What newly lies in a spectator's hand. */
    private void handedOut() {
        for (Pile pile : now.layout().piles()) {
            if (pile.place().kind() != Place.Kind.SPECTATOR
                    || pile.size() == before.layout().at(pile.place()).size()) {
                continue;
            }
            int reversed = 0;
            for (int position = 1; position <= pile.size(); position++) {
                Card card = pack.card(pile.card(position));
                reversed += pile.faceUp(position) ? 1 : 0;
                if (!card.regular()) {
                    advice.add(
                            new Advice(
                                    SPECIAL,
                                    pile.place().label() + " holds a special card, " + CardText.name(card)
                                            + ": take it out before you hand the cards over, or do not let them be looked at."));
                }
            }
            if (reversed > 0 && reversed < pile.size()) {
                advice.add(new Advice(
                        REVERSED,
                        "Cards face up lie among others in " + pile.place().label()
                                + ": turn them before you hand the cards over."));
            }
        }
    }
}
