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
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.ChunksSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** An overhand shuffle whose last chunks are single cards: the bottom card goes to the top. */
final class OverhandBottomToTop extends Move {

    private final PlaceSetting pile = has(Setting.place("pile", "Shuffle", "deck"));
    private final AmountSetting singles =
            has(Setting.amount("singles", "Single cards at the end", "1").between(always(1), sizeLess(pile, 1)));
    private final ChunksSetting chunks = has(Setting.chunks(
                    "chunks",
                    "Chunks before them",
                    "9 7 8 6 9 rest",
                    (hands, values) -> hands.size(values.of(pile)) - values.of(singles))
            .roughly());

    OverhandBottomToTop() {
        super(
                "overhand-bottom-to-top",
                Family.SHUFFLES,
                "Overhand, bottom card to top",
                Profile.secret(1, ""),
                new Words(
                        "Overhand shuffle {pile}: {chunks}, the last {singles} singly.",
                        "The bottom card ends on top. With more than one single card, they end on top in reverse order.",
                        "Finish as you finish a sentence.",
                        List.of("The last card at the tempo of a chunk.", "Do not slow down towards the end.")));
        is(Trait.MIXES_APART);
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.cards(pile, 1, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        int size = hands.size(place);
        int last = values.of(singles);
        Chunks.shuffle(hands, values, place, chunks, 0, size - last);
        for (int i = 0; i < last; i++) {
            hands.single(place, size - last + i, place, 0);
        }
    }
}
