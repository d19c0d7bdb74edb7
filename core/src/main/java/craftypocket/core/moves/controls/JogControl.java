package craftypocket.core.moves.controls;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Chunks;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Mishap;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Seems;
import craftypocket.core.moves.Trait;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.ChunksSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/**
 * The selection goes back in the middle of an overhand shuffle; a card jogged over it finds it again: {@code S + D[1..a]}
 * end on top, the rest twice shuffled below them.
 */
final class JogControl extends Move {

    private final RoleSetting role = has(Setting.role("role", "Goes back", "A").returns());
    private final PlaceSetting pile = has(Setting.place("pile", "Shuffle", "deck"));
    private final AmountSetting at = has(Setting.amount("at", "Cards shuffled off when they stop", "15-30")
            .between(always(1), sizeLess(pile, 2))
            .bySpectator()
            .told("they stop after #"));
    private final ChunksSetting before =
            has(Setting.chunks("before", "Chunks until then", "rest", (hands, values) -> values.of(at)));
    private final ChunksSetting over = has(Setting.chunks(
                    "over",
                    "Chunks over the jogged card",
                    "7 6 rest",
                    (hands, values) -> hands.size(values.of(pile)) - values.of(at) - 1)
            .roughly());
    private final ChunksSetting back = has(Setting.chunks(
                    "back",
                    "Chunks down to the break",
                    "6 8 rest",
                    (hands, values) -> hands.size(values.of(pile)) - values.of(at))
            .roughly());

    JogControl() {
        super(
                "jog-control",
                Family.CONTROLS,
                "Jog control to the top",
                Profile.secret(3, "from the right"),
                new Words(
                        "Shuffle {pile} in chunks of {before} until they stop ({at} cards are off), {role} goes on them; run one in-jogged over it, shuffle off {over}; break at the jog, shuffle {back} to it and throw the rest on top.",
                        "The selection ends on top, with the cards it was put on below it.",
                        "Talk over the shuffle; do not look at it.",
                        List.of(
                                "The jogged card sticks out by a finger's breadth, no more.",
                                "Same pace before and after the jog.")));
        is(Trait.MIXES_APART);
        is(Trait.HOLDS_BREAK);
        is(Trait.JOGS);
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.isAwayFrom(pile, role, values));
    }

    @Override
    public Seems seems() {
        return Seems.MIXED;
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        int chosen = values.of(role);
        int off = values.of(at);
        int rest = hands.size(place) - off;
        overTheJog(hands, values);
        Chunks.shuffle(hands, values, place, over, 0, rest - 1);
        Chunks.shuffle(hands, values, place, back, 0, rest);
        hands.cut(place, rest);
        hands.bring(chosen, place, 0);
    }

    /** Shuffles until they stop; the rest comes to lie on what is off, the jogged card undermost of it. */
    private void overTheJog(Hands hands, Values values) {
        int place = values.of(pile);
        int off = values.of(at);
        int rest = hands.size(place) - off;
        Chunks.shuffle(hands, values, place, before, 0, off);
        hands.transfer(place, off + 1, rest - 1, place, 0);
        hands.single(place, rest - 1 + off, place, rest - 1);
    }

    @Override
    public List<Mishap> mishaps() {
        return List.of(new Mishap("the jogged card was missed, it became a plain shuffle", (hands, values) -> {
            int place = values.of(pile);
            int off = values.of(at);
            int rest = hands.size(place) - off;
            overTheJog(hands, values);
            hands.bring(values.of(role), place, rest);
            Chunks.shuffle(hands, values, place, over, 0, rest - 1);
            hands.shuffles().overhand(place, 0, hands.size(place), Chunks.withMore(values.chunks(back), off + 1));
        }));
    }
}
