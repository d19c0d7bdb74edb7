package craftypocket.core.moves.handling;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.Option;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** A whole pile is dropped on another or put under it. */
final class DropPacket extends Move {

    private static final Option TOP = new Option("top", "on top of");

    private final PlaceSetting packet = has(Setting.place("packet", "The pile at", "table:packet"));
    private final PlaceSetting pile = has(Setting.place("pile", "Goes to", "deck"));
    private final OptionSetting onto = has(Setting.option("onto", "Put", TOP, new Option("under", "under")));

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
        int into = values.of(onto) == TOP ? 0 : hands.size(target);
        hands.gather(values.of(packet), target, into);
    }
}
