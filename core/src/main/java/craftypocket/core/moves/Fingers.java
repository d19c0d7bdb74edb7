package craftypocket.core.moves;

import craftypocket.core.layout.Hands;
import craftypocket.core.layout.Hold;
import craftypocket.core.settings.Option;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.Setting;

/** Which hold a move uses, where several are held. */
public final class Fingers {

    private static final Option LAST = new Option("last", "the break");
    private static final Option LITTLE = new Option("break", "the little finger’s break");
    private static final Option THUMB = new Option("thumb", "the thumb’s break");
    private static final Option OTHER = new Option("finger", "the other finger’s break");
    private static final Option SEPARATION = new Option("separation", "the natural separation");

    private Fingers() {}

    /** Which finger takes a hold. */
    public static OptionSetting taking(String name, String label) {
        return Setting.option(name, label, LITTLE, THUMB, OTHER);
    }

    /** Which hold is used: the one that was taken last unless it is said. */
    public static OptionSetting using() {
        return Setting.option("hold", "At", LAST, LITTLE, THUMB, OTHER, SEPARATION);
    }

    /** Whether the natural separation is meant. */
    public static boolean atSeparation(Option option) {
        return option == SEPARATION;
    }

    /** The number of the other finger among the holds of a setting. */
    public static int otherFinger(OptionSetting setting) {
        return setting.numberOf(OTHER.name());
    }

    /** Whether a setting says which finger holds, or which hold is used. */
    static boolean chosenBy(Setting setting) {
        return setting.options().contains(THUMB);
    }

    /** The hold that an option means. */
    public static Hold.Kind kind(Hands hands, int place, Option option) {
        if (option == THUMB) {
            return Hold.Kind.THUMB;
        }
        if (option == OTHER) {
            return Hold.Kind.FINGER;
        }
        if (option == SEPARATION) {
            return Hold.Kind.SEPARATION;
        }
        return option == LITTLE ? Hold.Kind.BREAK : hands.lastFinger(place);
    }

    /** The depth of the hold that is used, or -1 when it is not held. */
    public static int depth(Hands hands, int place, Option option) {
        return hands.depthOf(place, kind(hands, place, option));
    }

    /** Takes the hold for use: gives its depth and lets it go. */
    public static int use(Hands hands, int place, Option option) {
        return hands.use(place, kind(hands, place, option));
    }
}
