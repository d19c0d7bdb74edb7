package craftypocket.core.moves.handling;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Trait;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.Amount;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.Cast;
import craftypocket.core.settings.Option;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** A card is pushed out of the pile by a finger’s breadth. Any number of cards can be jogged. */
final class JogCard extends Move {

    private static final Option AT = new Option("place", "the {nth at} card");
    private static final Option CARD = new Option("card", "{role}");

    private final PlaceSetting pile = has(Setting.place("pile", "In", "deck"));
    private final OptionSetting which = has(Setting.option("which", "Which card", AT, CARD));
    private final AmountSetting at = has(Setting.amount("at", "Its place from the top", "1")
            .asPlace()
            .between(
                    (hands, values) -> byPlace(values) ? 1 : 0,
                    (hands, values) -> byPlace(values) ? hands.size(values.of(pile)) : Amount.MOST));
    private final RoleSetting role = has(Setting.maybeRole("role", "Or this card"));
    private final OptionSetting way = has(Setting.option(
            "way", "Jogged", new Option("out", "out, towards the people"), new Option("in", "in, towards yourself")));

    JogCard() {
        super(
                "jog-card",
                Family.HANDLING,
                "Jog a card",
                Profile.open(1),
                new Words(
                        "Jog {which} of {pile} {way}.",
                        "The card sticks out until it is pushed square or stripped out. No card changes its place.",
                        "Let it be seen, or not, but never look back at it.",
                        List.of("It does not fall out.", "The others stay square.")));
        is(Trait.BY_PLACE);
        is(Trait.JOGS);
    }

    private boolean byPlace(Values values) {
        return values.of(which) == AT;
    }

    @Override
    public List<Need> needs(Values values) {
        if (byPlace(values)) {
            return List.of(Needs.inYourHands(pile, values), Needs.cards(pile, 1, values));
        }
        return values.of(role) == Cast.NOBODY
                ? List.of(new Need(hands -> false, "No card is named to be jogged.", "Choose one, or a place."))
                : List.of(
                        Needs.inYourHands(pile, values), Needs.isIn(pile, role, values), Needs.findable(role, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        int position = byPlace(values) ? values.of(at) : hands.positionIn(place, hands.cardOf(values.of(role)));
        hands.hold(place, Jogged.kind(values.of(way)), position - 1);
    }
}
