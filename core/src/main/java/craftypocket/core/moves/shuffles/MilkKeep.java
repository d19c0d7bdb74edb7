package craftypocket.core.moves.shuffles;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Chunks;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Mishap;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Trait;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.ChunksSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** {@code overhand(D[k+1..n−1]) + D[1..k] + D[n]}: top and bottom are drawn off together and the rest is shuffled on them. */
final class MilkKeep extends Move {

    private final PlaceSetting pile = has(Setting.place("pile", "Shuffle", "deck"));
    private final AmountSetting count = has(Setting.amount("count", "Cards from the top with the bottom one", "1")
            .between(always(1), sizeLess(pile, 1)));
    private final ChunksSetting chunks = has(Setting.chunks(
                    "chunks",
                    "Chunks after them",
                    "9 7 8 6 9 rest",
                    (hands, values) -> hands.size(values.of(pile)) - values.of(count) - 1)
            .roughly());

    MilkKeep() {
        super(
                "milk-keep",
                Family.SHUFFLES,
                "Overhand, top and bottom drawn together",
                Profile.secret(2, ""),
                new Words(
                        "Draw the top {count} and the bottom card of {pile} off together, then shuffle {chunks} onto them.",
                        "The bottom card stays on the bottom; the old top cards lie directly above it, in order.",
                        "It looks like any first chunk: give it no weight.",
                        List.of("The pair leaves squared, as one.", "No sound of the card from below.")));
        is(Trait.MIXES_APART);
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        int size = hands.size(place);
        int drawn = values.of(count);
        Chunks.shuffle(hands, values, place, chunks, drawn, size - drawn - 1);
        hands.transfer(place, 0, drawn, place, size - drawn - 1);
    }

    @Override
    public List<Mishap> mishaps() {
        return List.of(new Mishap("the bottom card did not come along", (hands, values) -> {
            int place = values.of(pile);
            int drawn = values.of(count);
            hands.cut(place, drawn);
            hands.shuffles().overhand(place, 0, hands.size(place) - drawn, Chunks.withMore(values.chunks(chunks), 1));
        }));
    }
}
