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

/** The top stock is shuffled to the bottom under a jogged card, and comes back on top in order. */
final class JogKeepStock extends Move {

    private final PlaceSetting pile = has(Setting.place("pile", "Shuffle", "deck"));
    private final AmountSetting stock =
            has(Setting.amount("stock", "Cards kept on top", "5").between(always(1), sizeLess(pile, 1)));
    private final ChunksSetting chunks = has(Setting.chunks(
                    "chunks",
                    "Chunks on the jogged card",
                    "9 7 8 rest",
                    (hands, values) -> hands.size(values.of(pile)) - values.of(stock) - 1)
            .roughly());
    private final ChunksSetting again = has(Setting.chunks(
                    "again",
                    "Chunks to the break",
                    "8 9 7 rest",
                    (hands, values) -> hands.size(values.of(pile)) - values.of(stock))
            .roughly());

    JogKeepStock() {
        super(
                "jog-keep-stock",
                Family.SHUFFLES,
                "Overhand, jog keeping the top",
                Profile.secret(3, "from behind"),
                new Words(
                        "Overhand shuffle {pile} keeping the top {stock}: a card in-jogged, {chunks}; then to the break in chunks of {again}, the stock on top.",
                        "The top stock ends on top in its order; all other cards are mixed.",
                        "The second shuffle at the pace of the first.",
                        List.of("The jogged card shows from nowhere.", "Push it in as the thumb takes the break.")));
        is(Trait.MIXES_APART);
        is(Trait.HOLDS_BREAK);
        is(Trait.JOGS);
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        int others = shuffleOntoTheJog(hands, values);
        Chunks.shuffle(hands, values, place, again, 0, others);
        hands.cut(place, others);
    }

    /** The stock goes undermost, the others are shuffled onto the jogged one of them; gives how many they are. */
    private int shuffleOntoTheJog(Hands hands, Values values) {
        int place = values.of(pile);
        int kept = values.of(stock);
        int others = hands.size(place) - kept;
        hands.cut(place, kept);
        // The first of the others is the jogged card: the rest is shuffled onto it.
        Chunks.shuffle(hands, values, place, chunks, 1, others - 1);
        hands.single(place, 0, place, others - 1);
        return others;
    }

    @Override
    public List<Mishap> mishaps() {
        return List.of(new Mishap("the stock was not kept, it became a plain shuffle", (hands, values) -> {
            shuffleOntoTheJog(hands, values);
            int place = values.of(pile);
            hands.shuffles()
                    .overhand(place, 0, hands.size(place), Chunks.withMore(values.chunks(again), values.of(stock)));
        }));
    }
}
