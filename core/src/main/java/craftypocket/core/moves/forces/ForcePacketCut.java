package craftypocket.core.moves.forces;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Expectation;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Trait;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.ChunksSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.ArrayList;
import java.util.List;

/** Packets are cut to the table until they stop; the last one is taken at the break, above the force card. */
final class ForcePacketCut extends Move {

    private final RoleSetting role = has(Forces.forceCard());
    private final PlaceSetting pile = has(Setting.place("pile", "Cut from", "deck"));
    private final PlaceSetting to = has(Setting.place("to", "Packets to", "table:packets"));
    private final ChunksSetting packets = has(Setting.chunks(
                    "packets",
                    "Packets before the last",
                    "4±1 5±1 4±1",
                    (hands, values) -> Math.max(0, hands.breakDepth(values.of(pile)) - 1))
            .leavingSome());
    private final AmountSetting stop = has(Setting.amount("stop", "They stop at packet", "any")
            .heard()
            .between(always(1), (hands, values) -> packets.taken(hands, values) + 1)
            .bySpectator()
            .told("they stop at packet #"));

    ForcePacketCut() {
        super(
                "force-packet-cut",
                Family.FORCES,
                "Force by cutting packets",
                Profile.secret(2, "from behind").onTable(),
                new Words(
                        "Cut packets of {packets} from {pile} to {to} until they stop (at packet {stop}); that one is taken at the break, and {role} is the next card.",
                        "The card below the break is chosen after any packet, or when nobody stops. The packets lie in reverse order.",
                        "Look at them after each packet, as if you did not care.",
                        List.of("The last packet as quick as the others.", "Leave enough cards above the break.")));
        is(Trait.HOLDS_BREAK);
    }

    @Override
    public List<Need> needs(Values values) {
        List<Need> needs = new ArrayList<>(Needs.breakBetween(pile, values));
        needs.add(Needs.apart(pile, to, values));
        needs.add(Needs.chosen(role, values));
        return needs;
    }

    @Override
    public List<Expectation> expectations(Values values) {
        return List.of(Expectation.belowBreak(pile, role, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        int left = hands.breakDepth(place);
        int[] sizes = values.chunks(packets);
        // The packet at which they stop is the one taken at the break.
        for (int packet = 0; packet < values.of(stop) - 1; packet++) {
            hands.transfer(place, 0, sizes[packet], values.of(to), 0);
            left -= sizes[packet];
        }
        hands.useBreak(place);
        hands.transfer(place, 0, left, values.of(to), 0);
        Forces.take(hands, values, role, place, 1);
    }
}
