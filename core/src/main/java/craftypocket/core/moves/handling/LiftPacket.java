package craftypocket.core.moves.handling;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Setting.Option;
import craftypocket.core.settings.Values;
import java.util.List;

/** Some cards are lifted from one end of a pile and put on or under another. */
final class LiftPacket extends Move {

    private final Setting pile = has(Setting.place("pile", "From", "deck"));
    private final Setting end =
            has(Setting.option("end", "Taken from", new Option("top", "top"), new Option("bottom", "bottom")));
    private final Setting count = has(Setting.amount("count", "Cards", "10").between(always(1), sizeLess(pile, 0)));
    private final Setting to = has(Setting.place("to", "To", "table:packet"));
    private final Setting onto =
            has(Setting.option("onto", "Put", new Option("top", "on top of"), new Option("under", "under")));

    LiftPacket() {
        super(
                "lift-packet",
                Family.HANDLING,
                "Lift a packet",
                Profile.open(1),
                new Words(
                        "Lift {count} cards from the {end} of {pile} and put them {onto} {to}.",
                        "The packet keeps its order at its new place.",
                        "Nothing to see: keep talking.",
                        List.of("Packet square as it lands.")));
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.apart(pile, to, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        int from = values.of(pile);
        int cards = values.of(count);
        int depth = values.is(end, "top") ? 0 : hands.size(from) - cards;
        hands.transfer(from, depth, cards, values.of(to), values.is(onto, "top") ? 0 : hands.size(values.of(to)));
    }
}
