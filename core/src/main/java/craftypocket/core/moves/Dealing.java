package craftypocket.core.moves;

import craftypocket.core.layout.Hands;
import craftypocket.core.settings.Cast;
import craftypocket.core.settings.Option;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;

/** What all deals share. */
public final class Dealing {

    public static final Option UP = new Option("up", "face up");

    private Dealing() {}

    /** The top cards change their order as pulls of one size, the last of them smaller, land one on another. */
    public static void drawOff(Hands hands, int place, int count, int pull) {
        for (int drawn = 0; drawn < count; drawn += pull) {
            hands.transfer(place, drawn, Math.min(pull, count - drawn), place, 0);
        }
    }

    /** Who may stop anywhere stops between two cards: nobody is asked to stop at none, or at all. */
    public static Setting.Filter between(PlaceSetting pile) {
        return (hands, values, number) -> number >= 1 && number < hands.size(values.of(pile));
    }

    /** The packet above a depth goes below the rest, if there is a rest. */
    public static void cutOff(Hands hands, int place, int depth) {
        if (depth < hands.size(place)) {
            hands.cut(place, depth);
        }
    }

    /** Of the top cards that are dealt face up, the one after a key is taken for somebody's, right or wrong. */
    public static void takeNext(Hands hands, int place, int key, int count, int role) {
        int next = hands.positionOf(place, key) + 1;
        if (role != Cast.NOBODY && hands.cardOf(role) >= 0 && next > 1 && next <= count) {
            hands.takeFor(role, hands.card(place, next));
        }
    }

    /** Deals cards singly from one pile onto another; face up, each of them ends face up and is seen as it lands. */
    public static void deal(Hands hands, int from, int count, int to, boolean faceUp) {
        hands.deal(from, count, to);
        if (faceUp) {
            for (int position = 1; position <= count; position++) {
                hands.lieFaceUp(to, position, true);
            }
            hands.showing().showDealt(to, count);
        }
    }
}
