package craftypocket.core.moves.forces;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Expectation;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Mishap;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** The corner is riffled, all above the stop is lifted, and the top card slips onto the lower packet. */
final class ForceSlip extends Move {

    private final RoleSetting role = has(Forces.forceCard());
    private final PlaceSetting pile = has(Setting.place("pile", "Riffle", "deck"));
    private final AmountSetting at = has(Setting.amount("at", "Where they stop", "any")
            .between(always(2), sizeLess(pile, 1))
            .bySpectator()
            .told("they stop at #"));

    ForceSlip() {
        super(
                "force-slip",
                Family.FORCES,
                "Force by a slip",
                Profile.secret(3, "from the side of the fingers"),
                new Words(
                        "Riffle the corner of {pile} until they stop {at at}, lift what lies above: {role} slips from the top onto the lower packet and is taken.",
                        "The top card is chosen wherever they stop. The other cards keep their order.",
                        "Look up as the packet is lifted.",
                        List.of(
                                "The top card does not scrape.",
                                "Hold out the lower packet for them to take the card.")));
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.chosen(role, values));
    }

    @Override
    public List<Expectation> expectations(Values values) {
        return List.of(Expectation.onTop(pile, role, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        hands.single(place, 0, place, values.of(at) - 1);
        Forces.take(hands, values, role, place, values.of(at));
    }

    @Override
    public List<Mishap> mishaps() {
        return List.of(new Mishap("the top card did not slip", (hands, values) -> {
            Forces.take(hands, values, role, values.of(pile), values.of(at) + 1);
        }));
    }
}
