package craftypocket.core.moves.shuffles;

import craftypocket.core.layout.Hands;
import craftypocket.core.layout.Hold;
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

/** {@code D[n] + (~B_last_even + … + ~B4 + ~B2) + (B1 + B3 + …)}: every second block is turned over, the last card set on top. */
final class Messy extends Move {

    private final PlaceSetting pile = has(Setting.place("pile", "Shuffle", "deck"));
    private final ChunksSetting blocks =
            has(Setting.chunks("blocks", "Blocks before the last card", "7 6 8 7 6 8 rest", sizeLess(pile, 1)));

    Messy() {
        super(
                "messy",
                Family.SHUFFLES,
                "Messy half-over shuffle",
                Profile.secret(2, ""),
                new Words(
                        "Push {pile} into the other hand in blocks of {blocks}, turning the hand over after each and back at the end; the last card goes on top as it is.",
                        "Every second block lies face up above the others; the last card lies face down on top. The halves part back to back.",
                        "Make it look as careless as you can.",
                        List.of("Blocks of unequal size.", "The last card on top without a pause.")));
        is(Trait.MIXES_APART);
        is(Trait.TURNS_CHUNKS);
        is(Trait.HOLDS_BREAK);
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.cards(pile, 3, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        int[] sizes = values.chunks(blocks);
        int turned = 0;
        for (int block = 1; block < sizes.length; block += 2) {
            turned += sizes[block];
        }
        hands.shuffles().messily(place, sizes, !values.allExact(blocks));
        hands.single(place, hands.size(place) - 1, place, 0);
        if (hands.depthOf(place, Hold.Kind.BEND) < 0) {
            // Where the halves meet back to back, a bent deck opens by itself; with another, the hand keeps a break
            // there.
            hands.hold(place, Hold.Kind.BREAK, turned + 1);
        }
    }
}
