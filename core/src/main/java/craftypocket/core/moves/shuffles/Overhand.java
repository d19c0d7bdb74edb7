package craftypocket.core.moves.shuffles;

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

/** {@code Ck + … + C2 + C1}: chunks land one on another, each with its order kept. */
final class Overhand extends Move {

    private final PlaceSetting pile = has(Setting.place("pile", "Shuffle", "deck"));
    private final ChunksSetting chunks =
            has(Setting.chunks("chunks", "Chunks, first to last", "9 7 8 6 9 rest", sizeLess(pile, 0))
                    .roughly());

    Overhand() {
        super(
                "overhand",
                Family.SHUFFLES,
                "Overhand shuffle",
                Profile.open(1),
                new Words(
                        "Overhand shuffle {pile}: {chunks}.",
                        "Chunks taken from the top land one on another; each keeps its order, their order is reversed.",
                        "Eyes on your audience; one even tempo.",
                        List.of("Single cards at the same tempo as chunks.", "No glance at the deck when you count.")));
        is(Trait.MIXES_APART);
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.cards(pile, 1, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        Chunks.shuffle(hands, values, place, chunks, 0, hands.size(place));
    }
}
