package craftypocket.app.http;

import java.util.Locale;

/** Constants of the core as words of the interface: {@code PICKING_AGAIN} is written {@code picking-again}. */
public final class Constants {

    private Constants() {}

    public static String word(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** @throws IllegalArgumentException when there is none of this word */
    public static <E extends Enum<E>> E read(Class<E> type, String word) {
        return Enum.valueOf(type, word.replace('-', '_').toUpperCase(Locale.ROOT));
    }
}
