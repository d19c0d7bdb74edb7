package craftypocket.core.claims.kinds;

import craftypocket.core.settings.Option;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.Setting;

/** What the claims about neighbours share. */
final class Neighbours {

    static final Option LINE = new Option("line", "");
    static final Option CIRCLE = new Option("circle", ", the pile taken as a circle");

    private Neighbours() {}

    /** Whether the pile is read from top to bottom only, or as a circle, as cuts leave it. */
    static OptionSetting deckSetting() {
        return Setting.option("deck", "The pile is read", LINE, CIRCLE);
    }
}
