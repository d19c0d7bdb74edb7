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

/** An overhand shuffle whose first chunk is a single card: the top card goes to the bottom. */
final class OverhandTopToBottom extends Move {

    private final PlaceSetting pile = has(Setting.place("pile", "Shuffle", "deck"));
    private final ChunksSetting chunks =
            has(Setting.chunks("chunks", "Chunks after the single card", "11 8 7 9 6 rest", sizeLess(pile, 1))
                    .roughly());

    OverhandTopToBottom() {
        super(
                "overhand-top-to-bottom",
                Family.SHUFFLES,
                "Overhand, top card to bottom",
                Profile.secret(1, ""),
                new Words(
                        "Overhand shuffle {pile}: top card singly first, then {chunks} onto it.",
                        "The top card ends on the bottom; the rest is shuffled on it.",
                        "Begin while you are still talking.",
                        List.of("The first single card at the tempo of a chunk.", "Do not look at the first card.")));
        is(Trait.MIXES_APART);
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.cards(pile, 1, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        Chunks.shuffle(hands, values, place, chunks, 1, hands.size(place) - 1);
        hands.cut(place, 1);
    }
}
