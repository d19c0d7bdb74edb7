package craftypocket.core.claims.kinds;

import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Setting.Option;

/** What the claims about neighbours share. */
final class Neighbours {

    static final String LINE = "line";
    static final String CIRCLE = "circle";

    private Neighbours() {}

    /** Whether the pile is read from top to bottom only, or as a circle, as cuts leave it. */
    static Setting deckSetting() {
        return Setting.option(
                "deck", "The pile is read", new Option(LINE, ""), new Option(CIRCLE, ", the pile taken as a circle"));
    }
}
