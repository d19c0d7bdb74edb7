package craftypocket.core.moves.controls;

import craftypocket.core.layout.Hands;
import craftypocket.core.layout.Hold;
import craftypocket.core.layout.PlaceKnowledge;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Setting.Option;
import craftypocket.core.settings.Values;
import java.util.List;

/** {@code D[b+1..n] + overhand(D[1..b])}, or {@code D[1..b] + overhand(D[b+1..n])}: the wanted block arrives on top, in order. */
final class ShuffleFromBreak extends Move {

    private final Setting pile = has(Setting.place("pile", "Shuffle", "deck"));
    private final Setting block = has(Setting.option(
            "block",
            "Brought to the top",
            new Option("below", "what lies below the break"),
            new Option("above", "what lies above the break")));
    private final Setting chunks = has(Setting.chunks(
            "chunks",
            "Chunks of the others",
            "7 6 8 rest",
            (hands, values) -> values.is(block, "below")
                    ? Math.max(0, hands.depthOf(values.of(pile), Hold.Kind.BREAK))
                    : hands.size(values.of(pile)) - Math.max(0, hands.depthOf(values.of(pile), Hold.Kind.BREAK))));

    ShuffleFromBreak() {
        super(
                "shuffle-from-break",
                Family.CONTROLS,
                "Shuffle from the break",
                Profile.secret(2, "from behind"),
                new Words(
                        "Overhand shuffle {pile} from the break: the others go in {chunks}; {block} ends on top.",
                        "The block at the break arrives on top in order, the other cards are shuffled below it.",
                        "The deck turns as the shuffle begins: that covers the break.",
                        List.of("No pause where the break is.", "The block is thrown as if it were any packet.")));
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.breakHeld(pile, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        int depth = hands.useBreak(place);
        int wanted = values.is(block, "below") ? hands.size(place) - depth : depth;
        if (values.is(block, "below")) {
            hands.cut(place, depth);
        }
        for (int role = 0; role < hands.roleCount(); role++) {
            boolean mixed = hands.isIn(place, role) && hands.positionIn(place, hands.cardOf(role)) > wanted;
            if (mixed && !values.allExact(chunks)) {
                hands.knowPlace(role, PlaceKnowledge.LOST);
            }
        }
        hands.overhand(place, wanted, hands.size(place) - wanted, values.chunks(chunks));
    }
}
