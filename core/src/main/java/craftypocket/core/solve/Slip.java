package craftypocket.core.solve;

import craftypocket.core.layout.Hands;
import craftypocket.core.layout.Hold;
import craftypocket.core.moves.Profile;
import craftypocket.core.run.PlannedStep;
import craftypocket.core.run.Walk;
import craftypocket.core.settings.Amount;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.ChunksSetting;
import craftypocket.core.settings.NumberSetting;
import craftypocket.core.settings.OptionSetting;
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
        LEFT_OUT(0.3),
        /** The top instead of the bottom, or the other way round. */
        WRONG_END(0.2);

        private final double often;

        Kind(double often) {
            this.often = often;
        }

        double often() {
            return often;
        }
    }

    private static final int[] OFF = {-1, 1, -2, 2};

    /** Everything that the performer can do wrong in a step. */
    static List<Slip> of(Walk walk, int index) {
        PlannedStep step = walk.plan().steps().get(index);
        List<Slip> slips = new ArrayList<>();
        if (step.move().profile().actor() != Profile.Actor.PERFORMER) {
            return slips;
        }
        slips.add(new Slip(index, Kind.LEFT_OUT, null, 0, 0));
        slips.add(new Slip(index, Kind.HOLD_OFF, null, 0, -1));
        slips.add(new Slip(index, Kind.HOLD_OFF, null, 0, 1));
        for (Setting setting : step.move().settings().all()) {
            boolean chunks = setting instanceof ChunksSetting;
            if (chunks || setting instanceof AmountSetting && setting.decider() == Setting.Decider.PERFORMER) {
                counts(walk.values(index), index, (NumberSetting) setting, slips);
            } else if (setting instanceof OptionSetting option) {
                ends(walk.values(index), index, option, slips);
            }
        }
        return slips;
    }

    private static void counts(Values values, int index, NumberSetting setting, List<Slip> slips) {
        List<Amount> stated = values.stated(setting);
        for (int chunk = 0; chunk < stated.size(); chunk++) {
            if (stated.get(chunk).equals(Amount.REST)) {
                continue;
            }
            int number = values.chosen(setting, chunk);
            for (int off : OFF) {
                if (number + off >= 0) {
                    Kind kind = Math.abs(off) == 1 ? Kind.ONE_OFF : Kind.TWO_OFF;
                    slips.add(new Slip(index, kind, setting, chunk, number + off));
                }
            }
        }
    }

    private static void ends(Values values, int index, OptionSetting setting, List<Slip> slips) {
        int top = setting.numberOf("top");
        int bottom = setting.numberOf("bottom");
        int now = values.numberOf(setting);
        if (top >= 0 && bottom >= 0 && (now == top || now == bottom)) {
            slips.add(new Slip(index, Kind.WRONG_END, setting, 0, now == top ? bottom : top));
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
            case HOLD_OFF -> walk.perform(step, walk.values(step).another(), hands) && shift(hands);
            default -> {
                Values numbers = walk.values(step).another();
                if (setting instanceof OptionSetting option) {
                    numbers.set(option, number);
                } else {
                    numbers.set((NumberSetting) setting, chunk, number);
                }
                yield walk.perform(step, numbers, hands);
            }
        };
    }

    private boolean shift(Hands hands) {
        boolean shifted = false;
        for (int place = 0; place < hands.places().count(); place++) {
            for (Hold.Kind hold : Hold.Kind.values()) {
                int depth = hold == Hold.Kind.BEND ? -1 : hands.depthOf(place, hold);
                if (depth >= 0 && depth + number >= 1 && depth + number < hands.size(place)) {
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
            case HOLD_OFF -> where + ": the break or jog was one card too " + (number > 0 ? "low." : "high.");
            case WRONG_END ->
                where + ": " + setting.options().get(number).label() + " instead of "
                        + walk.values(step).of((OptionSetting) setting).label()
                        + ".";
            default -> {
                int meant = walk.values(step).chosen((NumberSetting) setting, chunk);
                String what = setting instanceof ChunksSetting ? "chunk " + (chunk + 1) : setting.label();
                yield where + ": “" + what + "” was " + number + " instead of " + meant + ".";
            }
        };
    }
}
