package craftypocket.core.read;

import craftypocket.core.chance.Chance;
import craftypocket.core.layout.Hands;
import craftypocket.core.settings.Amount;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.ChanceSetting;
import craftypocket.core.settings.ChunksSetting;
import craftypocket.core.settings.NumberSetting;
import craftypocket.core.settings.Values;

/**
 * An amount of a step that is open: somebody else decides it, or the hand only hits it roughly.
 *
 * @param key names it in a world: {@code s4.at}, or {@code s1.chunks[2]} for the third chunk
 * @param step the index of its step in the routine; -1 for where a card lies in the set-up
 * @param setting the setting it belongs to
 * @param chunk which chunk, or 0
 * @param amount as it was stated
 * @param only the one number that is looked at, {@link #ALL} for each that is possible
 */
public record Choice(String key, int step, NumberSetting setting, int chunk, Amount amount, int only) {

    /** All numbers are looked at. */
    public static final int ALL = -1;

    Choice(String key, int step, NumberSetting setting, int chunk, Amount amount) {
        this(key, step, setting, chunk, amount, ALL);
    }

    /** The same with one number only. */
    public Choice only(int number) {
        return new Choice(key, step, setting, chunk, amount, number);
    }

    /** Whether it is a real shuffle, of which nobody decides how it falls. */
    public boolean isChance() {
        return setting instanceof ChanceSetting;
    }

    /** Whether the cards have run out before it, so that there is nothing to choose. */
    public boolean needless(Hands hands, Values values) {
        return setting instanceof ChunksSetting chunks && chunk > 0 && chunks.left(hands, values, chunk) == 0;
    }

    /** The least number it can be here. */
    public int low(Hands hands, Values values) {
        if (setting instanceof ChunksSetting chunks) {
            return Math.min(amount.kind() == Amount.Kind.ANY ? 1 : amount.low(), chunks.left(hands, values, chunk));
        }
        return amount.kind() == Amount.Kind.ANY ? setting.least(hands, values) : from(hands, values, amount.low());
    }

    /** The most it can be here; less than {@link #low} when nothing is possible. */
    public int high(Hands hands, Values values) {
        if (setting instanceof ChunksSetting chunks) {
            int left = chunks.left(hands, values, chunk);
            return amount.kind() == Amount.Kind.ANY ? left : Math.min(amount.high(), left);
        }
        return amount.kind() == Amount.Kind.ANY ? setting.most(hands, values) : from(hands, values, amount.high());
    }

    /** A guess is never less than nothing. */
    private int from(Hands hands, Values values, int number) {
        if (amount.source() == null) {
            return number;
        }
        int base = ((AmountSetting) setting).base(hands, values);
        return base < 0 ? -1 : Math.max(0, base + number);
    }

    public boolean allows(Hands hands, Values values, int number) {
        return looksAt(number)
                && (!(setting instanceof AmountSetting one)
                        || (one.allows(hands, values, number)
                                && (amount.kind() != Amount.Kind.ANY || one.aims(hands, values, number))));
    }

    /** Whether this number is looked at, if it is possible. */
    public boolean looksAt(int number) {
        return only == ALL || number == only;
    }

    /** An upper bound of how many numbers it can be, whatever the layout. */
    public int widest(int cards) {
        if (isChance()) {
            return Chance.MOST_SHUFFLES;
        }
        return amount.kind() == Amount.Kind.ANY ? cards + 1 : amount.high() - amount.low() + 1;
    }

    /** The choice told as part of a world: “they cut off 17”. */
    public String told(String numbers) {
        return setting.told(chunk, numbers);
    }
}
