package craftypocket.core.moves.things;

import craftypocket.core.moves.Need;
import craftypocket.core.settings.Option;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.ThingSetting;
import craftypocket.core.settings.Values;

/** Where in a part of a thing something goes. */
final class InThing {

    static final Option FRONT = new Option("front", "in front");
    static final Option BACK = new Option("back", "at the back");
    static final Option BEHIND = new Option("behind", "behind {behind}");

    private InThing() {}

    /** The thing behind which something goes lies in the same part. */
    static Need behindLies(ThingSetting behind, PlaceSetting part, Values values) {
        int other = values.of(behind);
        int place = values.of(part);
        return new Need(
                hands -> other >= 0 && hands.stowing().placeOfThing(other) == place,
                other < 0
                        ? "Nothing is named behind which it goes."
                        : values.thingLabel(behind) + " does not lie in " + values.placeLabel(part) + ".",
                "Name something that lies there, or let it go in front or at the back.");
    }
}
