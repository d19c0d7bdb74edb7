package craftypocket.core.moves.shuffles;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** {@code overhand(D[2..n−1]) + D[1] + D[n]}: top and bottom are drawn off together and the rest is shuffled on them. */
final class MilkKeep extends Move {

    private final Setting pile = has(Setting.place("pile", "Shuffle", "deck"));
    private final Setting chunks =
            has(Setting.chunks("chunks", "Chunks after the pair", "9 7 8 6 9 rest", sizeLess(pile, 2)));

    MilkKeep() {
        super(
                "milk-keep",
                Family.SHUFFLES,
                "Overhand, top and bottom drawn together",
                Profile.secret(2, ""),
                new Words(
                        "Draw top and bottom of {pile} off together, then shuffle {chunks} onto them.",
                        "The bottom card stays on the bottom; the old top card lies directly above it.",
                        "It looks like any first chunk: give it no weight.",
                        List.of("The pair leaves squared, as one.", "No sound of the card from below.")));
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        int size = hands.size(place);
        Chunks.shuffle(hands, values, place, chunks, 1, size - 2);
        hands.transfer(place, 0, 1, place, size - 2);
    }
}
