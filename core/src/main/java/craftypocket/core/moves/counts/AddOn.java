package craftypocket.core.moves.counts;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Expectation;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Seems;
import craftypocket.core.moves.Trait;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.ArrayList;
import java.util.List;

/**
 * {@code AP + D[1..P−1] + A(P−1) + … + A1 + D[P..n]}: cards from the deck are taken under a packet while its own cards are
 * turned one by one onto the deck, and the last is set down with its load. A packet of P switches P − 1 cards.
 */
final class AddOn extends Move {

    private final PlaceSetting packet = has(Setting.place("packet", "The packet in", "other-hand"));
    private final PlaceSetting pile = has(Setting.place("pile", "Switched against", "deck"));
    private final OptionSetting promise = has(Promise.setting());

    AddOn() {
        super(
                "add-on",
                Family.COUNTS,
                "Switch by adding on",
                Profile.secret(4, "from behind"),
                new Words(
                        "Square {packet} on {pile}, take all above the break with it, turn its cards one by one onto {pile} and set down the last with its load.",
                        "The cards that were on the deck lie under the last card of the packet; the others of the packet are below them.",
                        "Name each card as you turn it: the names keep the eyes on the faces.",
                        List.of(
                                "A break under one card fewer than the packet has.",
                                "The packet looks no thicker than before.",
                                "The last card is set down like the others.")));
        is(Trait.HOLDS_BREAK);
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(
                Needs.apart(packet, pile, values), Needs.cards(packet, 2, values), Needs.breakHeld(pile, values));
    }

    /** With a break elsewhere the switch is done all the same: so many cards are added as lie above it. */
    @Override
    public List<Expectation> expectations(Values values) {
        int place = values.of(packet);
        int deck = values.of(pile);
        List<Expectation> expected = new ArrayList<>();
        expected.add(new Expectation(
                hands -> hands.breakDepth(deck) == hands.size(place) - 1,
                "Before it, the break is under one card fewer than " + values.placeLabel(packet) + " has",
                true));
        expected.addAll(Promise.unlessPutAside(
                promise,
                values,
                hands -> Promise.backsUp(hands, deck, 1, hands.breakDepth(deck)),
                "Before it, the cards that will be added have backs up"));
        return expected;
    }

    @Override
    public Seems seems() {
        return Seems.TURNED_ONTO;
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(packet);
        int deck = values.of(pile);
        int cards = hands.size(place);
        int load = hands.useBreak(deck);
        hands.showing().passesFor(place, cards + load, cards);
        // The load rests in the packet's place, under the packet.
        hands.transfer(deck, 0, load, place, cards);
        for (int turned = 1; turned < cards; turned++) {
            turnOnto(hands, place, deck);
        }
        hands.showing().showTop(place, 1);
        hands.turn(place, 1, 1);
        hands.transfer(place, 0, 1 + load, deck, 0);
        seenTurned(hands, deck);
    }

    /** A card that lay face down lands face up, and is seen. */
    private static void seenTurned(Hands hands, int deck) {
        if (hands.faceUp(deck, 1)) {
            hands.showing().showTop(deck, 1);
        }
    }

    private static void turnOnto(Hands hands, int place, int deck) {
        hands.showing().showTop(place, 1);
        hands.turn(place, 1, 1);
        hands.single(place, 0, deck, 0);
        seenTurned(hands, deck);
    }
}
