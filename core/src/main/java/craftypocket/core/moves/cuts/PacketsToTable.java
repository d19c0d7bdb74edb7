package craftypocket.core.moves.cuts;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Chunks;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Trait;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.ChunksSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** {@code rest + Pk + … + P2 + P1}: the packets end in reverse order, so this is not a complete cut. */
final class PacketsToTable extends Move {

    private final PlaceSetting pile = has(Setting.place("pile", "Cut", "deck"));
    private final ChunksSetting packets =
            has(Setting.chunks("packets", "Packets, one after another", "8 7 9", sizeLess(pile, 0))
                    .leavingSome()
                    .from(pile));

    PacketsToTable() {
        super(
                "packets-to-table",
                Family.CUTS,
                "Cut in packets to the table",
                Profile.open(1).onTable(),
                new Words(
                        "Cut {pile} to the table in packets of {packets}, the rest on top.",
                        "Each packet lands on the one before, so they end in reverse order. It is not a complete cut.",
                        "An even beat, one packet after another.",
                        List.of("Packets of about the same size.", "What is left goes on top as one.")));
        is(Trait.MIXES_APART);
        is(Trait.HOLDS_BREAK);
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.cards(pile, 1, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        int cut = 0;
        for (int packet : values.chunks(packets)) {
            cut += packet;
        }
        if (hands.breakDepth(place) == cut) {
            // The last packet was cut off at it.
            hands.useBreak(place);
        }
        Chunks.shuffle(hands, values, place, packets, 0, cut);
        // The rest is dropped on them as one, with whatever is held in it.
        hands.transfer(place, cut, hands.size(place) - cut, place, 0);
    }
}
