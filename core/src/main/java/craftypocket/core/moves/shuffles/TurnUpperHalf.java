package craftypocket.core.moves.shuffles;

import craftypocket.core.layout.Hands;
import craftypocket.core.layout.Hold;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Mishap;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Trait;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** {@code ~U + L}: the half above the natural separation is turned over. */
final class TurnUpperHalf extends Move {

    private final PlaceSetting pile = has(Setting.place("pile", "Of", "deck"));

    TurnUpperHalf() {
        super(
                "turn-upper-half",
                Family.SHUFFLES,
                "Turn the upper half over",
                Profile.secret(1, ""),
                new Words(
                        "Lift {pile} at the natural separation and turn the upper half over.",
                        "After a messy shuffle, all cards then lie face down but for the old top card.",
                        "As if it were one more mix.",
                        List.of("Lift where it opens by itself.", "Turn it in one motion.")));
        is(Trait.HOLDS_BREAK);
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.separation(pile, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        hands.turn(values.of(pile), 1, opens(hands, values));
    }

    private int opens(Hands hands, Values values) {
        int opens = hands.depthOf(values.of(pile), Hold.Kind.SEPARATION);
        return opens >= 1 ? opens : hands.useBreak(values.of(pile));
    }

    @Override
    public List<Mishap> mishaps() {
        return List.of(
                new Mishap("one card more was turned", (hands, values) -> turnTop(hands, values, 1)),
                new Mishap("one card fewer was turned", (hands, values) -> turnTop(hands, values, -1)),
                new Mishap(
                        "the lower half was turned",
                        (hands, values) ->
                                hands.turn(values.of(pile), opens(hands, values) + 1, hands.size(values.of(pile)))));
    }

    private void turnTop(Hands hands, Values values, int more) {
        int cards = opens(hands, values) + more;
        if (cards >= 1 && cards <= hands.size(values.of(pile))) {
            hands.turn(values.of(pile), 1, cards);
        }
    }
}
