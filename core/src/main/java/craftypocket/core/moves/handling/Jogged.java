package craftypocket.core.moves.handling;

import craftypocket.core.layout.Hold;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.settings.Option;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Values;

/** What the moves with cards that stick out share. */
final class Jogged {

    static final Option OUT = new Option("out", "out-jogged");
    static final Option IN = new Option("in", "in-jogged");

    private Jogged() {}

    static Hold.Kind kind(Option way) {
        return way.name().equals(OUT.name()) ? Hold.Kind.OUT_JOG : Hold.Kind.IN_JOG;
    }

    /** A card sticks out this way. */
    static Need held(PlaceSetting pile, OptionSetting way, Values values) {
        return Needs.held(
                pile,
                kind(values.of(way)),
                values,
                "No card is jogged in " + values.placeLabel(pile) + ".",
                "Put {jog-card} before this step.");
    }
}
