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

/** A top block is stolen back under a break and dropped last: {@code D[1..s]} stays on top in order. */
final class HinduKeepTop extends Move {

    private final PlaceSetting pile = has(Setting.place("pile", "Shuffle", "deck"));
    private final AmountSetting stock =
            has(Setting.amount("stock", "Cards kept on top", "5").between(always(1), sizeLess(pile, 1)));
    private final ChunksSetting chunks = has(Setting.chunks(
                    "chunks",
                    "Pulls of the rest",
                    "9 8 7 rest",
                    (hands, values) -> hands.size(values.of(pile)) - values.of(stock))
            .roughly());

    HinduKeepTop() {
        super(
                "hindu-keep-top",
                Family.SHUFFLES,
                "Hindu shuffle keeping the top",
                Profile.secret(3, "from the right"),
                new Words(
                        "Hindu shuffle {pile}, stealing back the top {stock} and dropping them last; the rest in pulls of {chunks}.",
                        "The top block ends on top in its order; the rest is shuffled under it.",
                        "An even rhythm; the last drop no heavier than the others.",
                        List.of("The break is held by thumb and finger only.", "No gap at the back of the packet.")));
        is(Trait.MIXES_APART);
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        int kept = values.of(stock);
        Chunks.shuffle(hands, values, place, chunks, kept, hands.size(place) - kept);
    }

    @Override
    public List<Mishap> mishaps() {
        return List.of(new Mishap("the top block was not kept", (hands, values) -> {
            perform(hands, values);
            hands.cut(values.of(pile), values.of(stock));
        }));
    }
}
