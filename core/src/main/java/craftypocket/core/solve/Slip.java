package craftypocket.core.solve;

import craftypocket.core.layout.Hands;
import craftypocket.core.layout.Hold;
import craftypocket.core.layout.Place;
import craftypocket.core.moves.Fingers;
import craftypocket.core.moves.Mishap;
import craftypocket.core.moves.Profile;
import craftypocket.core.read.PlannedStep;
import craftypocket.core.run.Walk;
import craftypocket.core.settings.Amount;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.Beat;
import craftypocket.core.settings.BeatsSetting;
import craftypocket.core.settings.ChunksSetting;
import craftypocket.core.settings.NumberSetting;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Sentence;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.ArrayList;
import java.util.List;

/**
 * Something that goes wrong in one step while all others are done as they should be.
 *
 * @param step the index of the step
 * @param kind what goes wrong
 * @param setting which setting it concerns; null when none
 * @param chunk which chunk of it, or 0
 * @param number the number that was done instead; for a hold by how many cards it is off
 */
public record Slip(int step, Kind kind, Setting setting, int chunk, int number) {

    /** What goes wrong, with how often it does beside the other kinds. */
    public enum Kind {
        /** One card more or less. */
        ONE_OFF(1.0),
        /** A break, jog or step is kept one card too high or too low. */
        HOLD_OFF(0.8),
        /** Two cards more or less. */
        TWO_OFF(0.3),
        /** The same by two cards. */
        HOLD_TWO_OFF(0.2),
        LEFT_OUT(0.3),
        DONE_TWICE(0.1),
        /** Somebody else did what they were told with one card more or less. */
        MISHEARD(0.3),
        /** A beat of a count took one or two cards too many. */
        BEAT_TOO_MANY(0.4),
        /** A packet came on top instead of underneath, or the other way round. */
        WRONG_PACKET(0.2),
        /** The top instead of the bottom, or the other way round. */
        WRONG_END(0.2),
        /** The secret part of it did not come off. */
        MISHAP(0.4),
        /** It was done to another packet, or put on another one. */
        WRONG_PILE(0.15),
        /** Another of the ways in which it can be done. */
        OTHER_WAY(0.1),
        /** The natural separation was missed by a card. */
        SEPARATION_OFF(0.3);

        private final double often;

        Kind(double often) {
            this.often = often;
        }

        double often() {
            return often;
        }
    }

    private static final List<Hold.Kind> HOLDS = List.of(Hold.Kind.values());

    private static final int[] OFF = {-1, 1, -2, 2};

    /** Everything that the performer can do wrong in a step. */
    static List<Slip> of(Walk walk, int index, Hands before) {
        PlannedStep step = walk.plan().steps().get(index);
        List<Slip> slips = new ArrayList<>();
        boolean performer = step.move().profile().actor() == Profile.Actor.PERFORMER;
        slips.add(new Slip(index, Kind.LEFT_OUT, null, 0, 0));
        slips.add(new Slip(index, Kind.DONE_TWICE, null, 0, 0));
        if (performer) {
            for (int off : OFF) {
                Kind kind = Math.abs(off) == 1 ? Kind.HOLD_OFF : Kind.HOLD_TWO_OFF;
                slips.add(new Slip(index, kind, null, 0, off));
            }
        }
        for (Setting setting : step.move().settings().all()) {
            if (setting instanceof ChunksSetting || setting instanceof AmountSetting) {
                boolean own = performer && setting.decider() == Setting.Decider.PERFORMER;
                counts(walk.values(index), index, (NumberSetting) setting, own, slips);
            } else if (setting instanceof BeatsSetting beats) {
                beats(walk.values(index), index, beats, slips);
            } else if (setting instanceof OptionSetting option) {
                ways(walk.values(index), index, option, slips);
                if (Fingers.atSeparation(walk.values(index).of(option))) {
                    slips.add(new Slip(index, Kind.SEPARATION_OFF, setting, 0, -1));
                    slips.add(new Slip(index, Kind.SEPARATION_OFF, setting, 0, 1));
                }
            } else if (setting instanceof PlaceSetting place && performer) {
                piles(walk.values(index), index, place, before, slips);
            }
        }
        for (int mishap = 0; mishap < step.move().mishaps().size(); mishap++) {
            slips.add(new Slip(index, Kind.MISHAP, null, 0, mishap));
        }
        return slips;
    }

    private static void counts(Values values, int index, NumberSetting setting, boolean own, List<Slip> slips) {
        List<Amount> stated = values.stated(setting);
        for (int chunk = 0; chunk < stated.size(); chunk++) {
            Amount amount = stated.get(chunk);
            int number = values.chosen(setting, chunk);
            if (amount.equals(Amount.REST) || number < 0) {
                continue;
            }
            for (int off : OFF) {
                Kind kind = !own ? Kind.MISHEARD : Math.abs(off) == 1 ? Kind.ONE_OFF : Kind.TWO_OFF;
                // What the amount leaves open is no slip.
                boolean allowed = amount.kind() == Amount.Kind.ANY
                        || (amount.source() == null && number + off >= amount.low() && number + off <= amount.high());
                if (number + off >= 0 && !allowed && (own || Math.abs(off) == 1)) {
                    slips.add(new Slip(index, kind, setting, chunk, number + off));
                }
            }
        }
    }

    private static void beats(Values values, int index, BeatsSetting setting, List<Slip> slips) {
        for (int beat = 0; beat < values.beats(setting).length; beat++) {
            for (int more = 1; more <= 2; more++) {
                int code = Beat.withMore(values.beats(setting)[beat], more);
                if (code >= 0) {
                    slips.add(new Slip(index, Kind.BEAT_TOO_MANY, setting, beat, code));
                }
            }
        }
    }

    /** Other words that a setting can have: the other end, over or under, or what else there is to choose. */
    private static void ways(Values values, int index, OptionSetting setting, List<Slip> slips) {
        int now = values.numberOf(setting);
        for (int other = 0; other < setting.options().size(); other++) {
            if (other != now) {
                slips.add(new Slip(index, kindOf(setting, now, other), setting, 0, other));
            }
        }
    }

    private static Kind kindOf(OptionSetting setting, int now, int other) {
        int top = setting.numberOf("top");
        int bottom = setting.numberOf("bottom");
        int under = setting.numberOf("under");
        if ((now == top && other == bottom) || (now == bottom && other == top)) {
            return Kind.WRONG_END;
        }
        return (now == top && other == under) || (now == under && other == top) ? Kind.WRONG_PACKET : Kind.OTHER_WAY;
    }

    /** Other packets that lie in the hands or on the table. */
    private static void piles(Values values, int index, PlaceSetting setting, Hands before, List<Slip> slips) {
        for (int place = 0; place < before.placeCount(); place++) {
            Place.Kind kind = before.places().at(place).kind();
            boolean within = kind == Place.Kind.DECK || kind == Place.Kind.OTHER_HAND || kind == Place.Kind.TABLE;
            if (within && before.size(place) > 0 && place != values.of(setting)) {
                slips.add(new Slip(index, Kind.WRONG_PILE, setting, 0, place));
            }
        }
    }

    /**
     * Does the step with this slip.
     *
     * @return whether it can go wrong in this way here
     */
    boolean perform(Walk walk, Hands hands) {
        return switch (kind) {
            case LEFT_OUT -> true;
            case DONE_TWICE, HOLD_OFF, HOLD_TWO_OFF -> walk.perform(step, hands) && performAfter(walk, hands);
            case MISHAP -> walk.perform(step, mishap(walk), hands);
            case SEPARATION_OFF -> missesSeparation(walk, hands);
            default -> walk.performOtherwise(step, hands, numbers -> change(walk, numbers));
        };
    }

    /** Whether the step is done as it is meant first, and the slip after it. */
    boolean follows() {
        return kind == Kind.DONE_TWICE || ofHold();
    }

    /** Whether it needs that something is held. */
    boolean ofHold() {
        return kind == Kind.HOLD_OFF || kind == Kind.HOLD_TWO_OFF;
    }

    /** Does the slip alone, where it {@link #follows} the step and that was done. */
    boolean performAfter(Walk walk, Hands hands) {
        return kind == Kind.DONE_TWICE ? walk.perform(step, hands) : shift(hands);
    }

    private Mishap mishap(Walk walk) {
        return walk.plan().steps().get(step).move().mishaps().get(number);
    }

    private void change(Walk walk, Values numbers) {
        if (setting instanceof OptionSetting option) {
            numbers.set(option, number);
        } else if (setting instanceof PlaceSetting place) {
            numbers.set(place, number);
        } else if (setting instanceof BeatsSetting beats) {
            numbers.beats(beats)[chunk] = number;
        } else {
            NumberSetting amount = (NumberSetting) setting;
            // As many more or fewer than were meant, wherever that is now.
            int off = number - walk.values(step).chosen(amount, chunk);
            numbers.set(amount, chunk, numbers.chosen(amount, chunk) + off);
        }
    }

    /** The hand finds the gap beside the separation. */
    private boolean missesSeparation(Walk walk, Hands hands) {
        Values meant = walk.values(step);
        for (Setting each : walk.plan().steps().get(step).move().settings().all()) {
            if (each instanceof PlaceSetting place) {
                int opens = hands.depthOf(meant.of(place), Hold.Kind.SEPARATION);
                if (opens + number < 1 || opens + number >= hands.size(meant.of(place))) {
                    return false;
                }
                hands.hold(meant.of(place), Hold.Kind.FINGER, opens + number);
                return walk.performOtherwise(
                        step,
                        hands,
                        numbers -> numbers.set((OptionSetting) setting, Fingers.otherFinger((OptionSetting) setting)));
            }
        }
        return false;
    }

    private boolean shift(Hands hands) {
        boolean shifted = false;
        if (hands.held().isEmpty()) {
            return false;
        }
        for (int place = 0; place < hands.places().count(); place++) {
            for (Hold.Kind hold : HOLDS) {
                boolean held = hold.byFinger() || hold.ofCards();
                int depth = held ? hands.depthOf(place, hold) : -1;
                int lowest = hold.ofCards() ? 0 : 1;
                if (depth >= 0 && depth + number >= lowest && depth + number < hands.size(place)) {
                    hands.use(place, hold);
                    hands.hold(place, hold, depth + number);
                    shifted = true;
                }
            }
        }
        return shifted;
    }

    /** The slip in a sentence. */
    String told(Walk walk) {
        String where = "Step " + (step + 1) + ", “"
                + walk.plan().steps().get(step).move().name() + "”";
        return switch (kind) {
            case LEFT_OUT -> where + ", was left out.";
            case DONE_TWICE -> where + ", was done twice.";
            case HOLD_OFF -> where + ": the break or jog was one card too " + (number > 0 ? "low." : "high.");
            case HOLD_TWO_OFF -> where + ": the break or jog was two cards too " + (number > 0 ? "low." : "high.");
            case BEAT_TOO_MANY -> where + ": beat " + (chunk + 1) + " took more cards than it should.";
            case MISHAP -> where + ": " + mishap(walk).told() + ".";
            case SEPARATION_OFF ->
                where + ": it was one card too " + (number > 0 ? "low" : "high") + ", beside the natural separation.";
            case WRONG_PILE ->
                where + ": “" + setting.label() + "” was "
                        + walk.plan().freshHands().places().at(number).label() + " instead of "
                        + walk.values(step).placeLabel((PlaceSetting) setting) + ".";
            case WRONG_END, WRONG_PACKET, OTHER_WAY ->
                where + ": " + way(walk, number) + " instead of "
                        + way(walk, walk.values(step).numberOf((OptionSetting) setting)) + ".";
            default -> {
                int meant = walk.values(step).chosen((NumberSetting) setting, chunk);
                String what = setting instanceof ChunksSetting ? "chunk " + (chunk + 1) : setting.label();
                yield where + (kind == Kind.MISHEARD ? ", done by them: “" : ": “") + what + "” was " + number
                        + " instead of " + meant + ".";
            }
        };
    }

    /** A word of the setting, with the numbers that it speaks of. */
    private String way(Walk walk, int option) {
        return Sentence.resolved(
                setting.options().get(option).label(),
                walk.plan().steps().get(step).move().settings(),
                walk.values(step));
    }
}
