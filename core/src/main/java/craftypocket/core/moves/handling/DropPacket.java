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

/** A whole pile is dropped on another or put under it. */
final class DropPacket extends Move {

    private final Setting packet = has(Setting.place("packet", "The pile at", "table:packet"));
    private final Setting pile = has(Setting.place("pile", "Goes to", "deck"));
    private final Setting onto =
            has(Setting.option("onto", "Put", new Option("top", "on top of"), new Option("under", "under")));

    DropPacket() {
        super(
                "drop-packet",
                Family.HANDLING,
                "Drop a pile on another",
                Profile.open(1),
                new Words(
                        "Put {packet} {onto} {pile}.",
                        "Two piles become one; both keep their order.",
                        "Nothing to see: keep talking.",
                        List.of("Square the whole deck.")));
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.apart(packet, pile, values), Needs.cards(packet, 1, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        int target = values.of(pile);
        int into = values.is(onto, "top") ? 0 : hands.size(target);
        hands.transfer(values.of(packet), 0, hands.size(values.of(packet)), target, into);
    }
}
