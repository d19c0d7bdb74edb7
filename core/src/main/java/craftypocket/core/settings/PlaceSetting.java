package craftypocket.core.settings;

import craftypocket.core.layout.Place;
import java.util.Optional;

/** A setting that takes a place. */
public final class PlaceSetting extends Setting {

    private final boolean optional;

    PlaceSetting(String name, String label, String usual, boolean optional) {
        super(Kind.PLACE, name, label, usual);
        this.optional = optional;
    }

    @Override
    public boolean optional() {
        return optional;
    }

    @Override
    public Setting renamed(String newName, String newLabel, String newUsual, Bound min, Bound max) {
        return new PlaceSetting(newName, newLabel, newUsual, optional);
    }

    @Override
    void read(String text, Values into, SettingReader reader) {
        if (optional && text.isEmpty()) {
            into.put(this, Cast.NOBODY);
            return;
        }
        Optional<Place> place = Place.read(text);
        if (place.isEmpty()) {
            reader.problem(
                    text,
                    "it must be a place",
                    "Write deck, other-hand, palm, case or wallet, or table:, spectator:, pocket: or under: and a name of up to "
                            + Place.LONGEST_NAME + " letters");
        }
        into.put(this, reader.placeOf(place.orElse(Place.DECK), text));
    }

    @Override
    String stated(Values values) {
        return values.placeLabel(this);
    }
}
