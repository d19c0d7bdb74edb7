package craftypocket.core.moves.controls;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Chunks;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Fingers;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Seems;
import craftypocket.core.moves.Trait;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.ChunksSetting;
import craftypocket.core.settings.Option;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** {@code D[b+1..n] + overhand(D[1..b])}, or {@code D[1..b] + overhand(D[b+1..n])}: the wanted block arrives on top, in order. */
final class ShuffleFromBreak extends Move {

    private static final Option BELOW = new Option("below", "what lies below the break");

    private final PlaceSetting pile = has(Setting.place("pile", "Shuffle", "deck"));
    private final OptionSetting hold = has(Fingers.using());
    private final OptionSetting block =
            has(Setting.option("block", "Brought to the top", BELOW, new Option("above", "what lies above the break")));
    private final ChunksSetting chunks = has(Setting.chunks(
                    "chunks",
                    "Chunks of the others",
                    "7 6 8 rest",
                    (hands, values) -> values.of(block) == BELOW
                            ? Math.max(0, Fingers.depth(hands, values.of(pile), values.of(hold)))
                            : hands.size(values.of(pile))
                                    - Math.max(0, Fingers.depth(hands, values.of(pile), values.of(hold))))
            .roughly());

    ShuffleFromBreak() {
        super(
                "shuffle-from-break",
                Family.CONTROLS,
                "Shuffle from the break",
                Profile.secret(2, "from behind"),
                new Words(
                        "Overhand shuffle {pile} from {hold}: the others go in {chunks}; {block} ends on top.",
                        "The block at the break arrives on top in order, the other cards are shuffled below it.",
                        "The deck turns as the shuffle begins: that covers the break.",
                        List.of("No pause where the break is.", "The block is thrown as if it were any packet.")));
        is(Trait.MIXES_APART);
    }

    @Override
    public List<Need> needs(Values values) {
        return Needs.heldBetween(pile, hold, values);
    }

    @Override
    public Seems seems() {
        return Seems.MIXED;
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        int depth = Fingers.use(hands, place, values.of(hold));
        int wanted = values.of(block) == BELOW ? hands.size(place) - depth : depth;
        if (values.of(block) == BELOW) {
            hands.cut(place, depth);
        }
        Chunks.shuffle(hands, values, place, chunks, wanted, hands.size(place) - wanted);
    }
}
