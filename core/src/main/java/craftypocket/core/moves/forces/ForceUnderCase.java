package craftypocket.core.moves.forces;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Expectation;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.ChunksSetting;
import craftypocket.core.settings.Option;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** They deal until they like; the case is set on the last card, and the force card comes with it. */
final class ForceUnderCase extends Move {

    private static final Option DROPPED = new Option("dropped", "drop packets");

    private final RoleSetting role = has(Forces.forceCard());
    private final PlaceSetting pile = has(Setting.place("pile", "They deal from", "deck"));
    private final PlaceSetting to = has(Setting.place("to", "Dealt to", "table:dealt"));
    private final PlaceSetting hidden = has(Setting.place("hidden", "The card hides", "under:case"));
    private final AmountSetting at = has(Setting.amount("at", "Cards they deal", "any")
            .heard()
            .between(always(1), sizeLess(pile, 0))
            .bySpectator()
            .told("they deal #"));

    private final OptionSetting how = has(Setting.option("how", "They", new Option("dealt", "deal singly"), DROPPED));
    private final ChunksSetting packets =
            has(Setting.chunks("packets", "Packets, when they drop them", "rest", (hands, values) -> values.of(at)));

    ForceUnderCase() {
        super(
                "force-under-case",
                Family.FORCES,
                "Force under the marker",
                Profile.secret(2, "from below").onTable(),
                new Words(
                        "They {how} from {pile} to {to} until they like ({at} cards); mark the place with the case, and {role}, one of {hidden}, comes to lie on top.",
                        "The hidden card is on the pile where they stopped. Cards dealt singly lie in reverse order below it, packets one on another.",
                        "Mark the place at once, then look away.",
                        List.of(
                                "Case and card are picked up and set down as one.",
                                "The case does not slide off the card.")));
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(
                Needs.apart(pile, to, values),
                Needs.apart(pile, hidden, values),
                Needs.apart(to, hidden, values),
                Needs.chosen(role, values),
                Needs.cards(hidden, 1, values));
    }

    @Override
    public List<Expectation> expectations(Values values) {
        return List.of(Expectation.onTop(hidden, role, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        if (values.of(how) == DROPPED) {
            for (int packet : values.chunks(packets)) {
                hands.transfer(values.of(pile), 0, packet, values.of(to), 0);
            }
        } else {
            hands.deal(values.of(pile), values.of(at), values.of(to));
        }
        hands.single(values.of(hidden), 0, values.of(to), 0);
        Forces.take(hands, values, role, values.of(to), 1);
    }
}
