package craftypocket.core.moves.counts;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Expectation;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Seems;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.Beat;
import craftypocket.core.settings.BeatsSetting;
import craftypocket.core.settings.Cast;
import craftypocket.core.settings.Option;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;
import java.util.Optional;

/**
 * A count of beats: cards go beat by beat from the giving hand into the taking hand, and each shows the side that lies
 * uppermost as it lands. The named counts are such lists of beats.
 *
 * <p>Convention: after a beat without exchange {@code taking = taken + taking}; with one,
 * {@code taking = taken} and {@code giving = giving + taking} (under) or {@code taking + giving} (over).
 */
final class BeatCount extends Move {

    private static final Option LIES = new Option("lies", "stays as it lies");
    private static final Option TURNED = new Option("turned", "turns down with the hand");

    private final PlaceSetting pile = has(Setting.place("pile", "The packet in", "other-hand"));
    private final BeatsSetting beats;
    private final PlaceSetting into;
    private final OptionSetting rest;
    private final OptionSetting promise;
    private final Kept kept;

    /** What a count promises. */
    enum Kept {
        NOTHING(""),
        THIRD_HIDDEN("Before it, the third card of the packet is one that these beats hide"),
        SECOND_HIDDEN("Before it, the second card of the packet is one that these beats hide"),
        ONLY_BACKS("Before it, all cards that these beats show have backs up"),
        ALL_DIFFERENT("Before it, these beats show no card twice");

        private final String sentence;

        Kept(String sentence) {
            this.sentence = sentence;
        }
    }

    BeatCount(String id, String name, Profile profile, Words words, String usualBeats, Kept kept) {
        super(id, Family.COUNTS, name, profile, words);
        beats = has(Setting.beats("beats", "Beats", usualBeats));
        into = has(Setting.maybePlace("into", "Counted into, where cards stay behind"));
        rest = has(Setting.option("rest", "What stays behind", LIES, TURNED));
        this.kept = kept;
        promise = kept == Kept.NOTHING ? null : has(Promise.setting());
    }

    @Override
    public List<Need> needs(Values values) {
        int place = values.of(pile);
        return List.of(new Need(
                hands -> hands.size(place) > 0,
                "There is no packet in " + values.placeLabel(pile) + ".",
                "Choose the pile that is counted, or lift a packet there first."));
    }

    /** A hand that takes too many in a beat has other beats than were planned. */
    @Override
    public Optional<Need> unmet(Hands hands, Values world) {
        return left(world.beats(beats), hands.size(world.of(pile))) >= 0
                ? Optional.empty()
                : Optional.of(new Need(
                        any -> false,
                        "There are too few cards in " + world.placeLabel(pile) + " for these beats.",
                        "Use fewer beats, or a larger packet."));
    }

    /** How many cards the giving hand has left in the end, or -1 when it runs out before the beats do. */
    private static int left(int[] codes, int cards) {
        int giving = cards;
        int taking = 0;
        for (int code : codes) {
            int taken = Beat.count(code, giving);
            if (taken < 1 || taken > giving) {
                return -1;
            }
            giving -= taken;
            if (Beat.exchange(code) == Beat.Exchange.NONE) {
                taking += taken;
            } else {
                giving += taking;
                taking = taken;
            }
        }
        return giving;
    }

    @Override
    public List<Expectation> expectations(Values values) {
        int place = values.of(pile);
        int[] codes = values.beats(beats);
        return promise == null
                ? List.of()
                : Promise.unlessPutAside(promise, values, hands -> keeps(hands, place, codes), kept.sentence);
    }

    private boolean keeps(Hands hands, int place, int[] codes) {
        int cards = hands.size(place);
        if (cards == 0 || left(codes, cards) < 0) {
            // It cannot be done, which is another matter.
            return true;
        }
        return switch (kept) {
            // Fewer cards than beats hide nothing: one is shown twice, as was meant.
            case THIRD_HIDDEN -> cards < codes.length || timesShown(codes, cards, 3) == 0;
            case SECOND_HIDDEN -> cards < codes.length || timesShown(codes, cards, 2) == 0;
            default -> eachKept(hands, place, codes, cards);
        };
    }

    private boolean eachKept(Hands hands, int place, int[] codes, int cards) {
        for (int position = 1; position <= cards; position++) {
            int times = timesShown(codes, cards, position);
            boolean keeps = kept == Kept.ONLY_BACKS
                    ? times == 0 || Promise.backsUp(hands, place, position, position)
                    : times <= 1;
            if (!keeps) {
                return false;
            }
        }
        return true;
    }

    /** How often the card at a position beforehand lands uppermost in the taking hand. */
    private static int timesShown(int[] codes, int cards, int position) {
        int times = 0;
        int at = position;
        int giving = cards;
        for (int code : codes) {
            int taking = cards - giving;
            int taken = Beat.count(code, giving);
            int from = Beat.take(code) == Beat.Take.DRAW ? cards - 1 : taking;
            at = at > from && at <= from + taken ? at - from : at <= from ? at + taken : at;
            giving -= taken;
            if (Beat.exchange(code) != Beat.Exchange.NONE) {
                int under = Beat.exchange(code) == Beat.Exchange.UNDER ? cards - taking : taken;
                if (at > taken && at <= taken + taking) {
                    at = at - taken + under;
                } else {
                    at = at > taken ? at - taking : at;
                    at = at > under ? at + taking : at;
                }
                giving += taking;
            }
            times += at == 1 ? 1 : 0;
        }
        return times;
    }

    @Override
    public List<String> remarks(Hands hands, Values world) {
        int stays = left(world.beats(beats), hands.size(world.of(pile)));
        return stays > 0
                ? List.of((stays == 1 ? "One card stays" : stays + " cards stay") + " behind under what was counted"
                        + (world.of(rest) == TURNED ? ", and the hand turns down with what stays." : "."))
                : List.of();
    }

    @Override
    public Seems seems() {
        return Seems.COUNTED;
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        int cards = hands.size(place);
        int giving = cards;
        int thickest = 0;
        int most = 1;
        int beat = 0;
        // The taking hand's cards lie on top of the pile, the giving hand's below them, until nothing is left to give.
        for (int code : values.beats(beats)) {
            int taking = cards - giving;
            int taken = Beat.count(code, giving);
            int from = Beat.take(code) == Beat.Take.DRAW ? cards - 1 : taking;
            hands.transfer(place, from, taken, place, 0);
            giving -= taken;
            beat++;
            thickest = taken > most ? beat : thickest;
            most = Math.max(most, taken);
            if (Beat.exchange(code) != Beat.Exchange.NONE) {
                int into = Beat.exchange(code) == Beat.Exchange.UNDER ? cards - taking : taken;
                hands.transfer(place, taken, taking, place, into);
                giving += taking;
            }
            hands.showing().showTop(place, 1);
        }
        if (giving > 0 && values.of(rest) == TURNED) {
            hands.turn(place, cards - giving + 1, cards);
        }
        int seeming = values.beats(beats).length;
        hands.showing().passesFor(place, cards, seeming, thickest, most);
        if (values.of(into) != Cast.NOBODY && values.of(into) != place) {
            int believed = hands.believed(values.of(into)) + seeming;
            hands.transfer(place, 0, cards - giving, values.of(into), 0);
            hands.believe(values.of(into), believed);
            hands.believe(place, 0);
        } else {
            hands.believe(place, seeming);
        }
    }
}
