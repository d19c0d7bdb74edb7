package craftypocket.core.run;

import craftypocket.core.chance.Chance;
import craftypocket.core.layout.Hands;
import craftypocket.core.settings.Amount;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;

/**
 * An amount of a step that is open: somebody else decides it, or the hand only hits it roughly.
 *
 * @param key names it in a world: {@code s4.at}, or {@code s1.chunks[2]} for the third chunk
 * @param step the index of its step in the routine
 * @param setting the setting it belongs to
 * @param chunk which chunk, or 0
 * @param amount as it was stated
 */
public record Choice(String key, int step, Setting setting, int chunk, Amount amount) {

    /** Whether it is a real shuffle, of which nobody decides how it falls. */
    boolean isChance() {
        return setting.kind() == Setting.Kind.CHANCE;
    }

    /** The least number it can be here. */
    int low(Hands hands, Values values) {
        return amount.kind() == Amount.Kind.ANY ? setting.min().of(hands, values) : amount.low();
    }

    /** The most it can be here; less than {@link #low} when nothing is possible. */
    int high(Hands hands, Values values) {
        if (amount.kind() != Amount.Kind.ANY) {
            return amount.high();
        }
        int most = setting.max().of(hands, values);
        if (setting.kind() == Setting.Kind.CHUNKS) {
            for (int before = 0; before < chunk; before++) {
                most -= values.chunks(setting)[before];
            }
        }
        return most;
    }

    boolean allows(Hands hands, Values values, int number) {
        return setting.kind() == Setting.Kind.CHUNKS || setting.allows().allows(hands, values, number);
    }

    /** An upper bound of how many numbers it can be, whatever the layout. */
    int widest(int cards) {
        if (isChance()) {
            return Chance.MOST_SHUFFLES;
        }
        return amount.kind() == Amount.Kind.ANY ? cards + 1 : amount.high() - amount.low() + 1;
    }

    /** The choice told as part of a world: “they cut off 17”. */
    public String told(String numbers) {
        String which = setting.kind() == Setting.Kind.CHUNKS ? "chunk " + (chunk + 1) + " is #" : setting.phrase();
        return which.replace("#", numbers);
    }
}
