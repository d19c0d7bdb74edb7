package craftypocket.core.settings;

import craftypocket.core.layout.Place;
import craftypocket.core.layout.Thing;
import java.util.Optional;

/** A setting that takes a place. */
public final class PlaceSetting extends Setting {

    /** Which places it takes. */
    enum Takes {
        /** Where cards can be handled. */
        PILES,
        /** The parts of things too. */
        ANY,
        /** Where things lie: parts of things, and any place but the deck. */
        SPOTS,
        /** Only a part of a thing; the first one when it is left empty. */
        PARTS
    }

    private final boolean optional;
    private final Takes takes;

    PlaceSetting(String name, String label, String usual, boolean optional, Takes takes) {
        super(Kind.PLACE, name, label, usual);
        this.optional = optional;
        this.takes = takes;
    }

    @Override
    public boolean optional() {
        return optional;
    }

    /** Whether it takes the parts of things. */
    public boolean takesParts() {
        return takes != Takes.PILES;
    }

    /** Whether it takes piles that lie in no thing. */
    public boolean takesPiles() {
        return takes != Takes.PARTS;
    }

    @Override
    public Setting renamed(String newName, String newLabel, String newUsual, Bound min, Bound max) {
        return new PlaceSetting(newName, newLabel, newUsual, optional, takes);
    }

    @Override
    public String follow(String text, Renamed renamed) {
        return renamed.place(text);
    }

    @Override
    void read(String text, Values into, SettingReader reader) {
        if (optional && text.isEmpty()) {
            into.put(this, Cast.NOBODY);
        } else if (takes == Takes.PARTS && text.isEmpty()) {
            into.put(this, firstPart(reader));
        } else {
            into.put(this, place(text, reader));
        }
    }

    private int firstPart(SettingReader reader) {
        for (Thing thing : reader.props().things()) {
            if (!thing.slots().isEmpty()) {
                Place part = thing.slot(thing.slots().get(0));
                return reader.placeOf(part, part.text());
            }
        }
        reader.gap("Nothing can hold a card. Add an envelope, a wallet or the like in the set-up.");
        return 0;
    }

    private int place(String text, SettingReader reader) {
        Optional<Place> place = Place.read(text);
        boolean part = place.filter(p -> p.kind() == Place.Kind.IN).isPresent();
        if (place.isEmpty()) {
            reader.problem(
                    text,
                    "it must be a place",
                    "Write deck, other-hand, palm, case or wallet, or table:, spectator:, pocket: or under: and a name of up to "
                            + Place.LONGEST_NAME + " letters");
        } else if (part && !takesParts()) {
            reader.problem(
                    text, "cards inside a thing are not handled there", "Take them out first, or choose another pile");
        } else if (takes == Takes.SPOTS && place.get().equals(Place.DECK)) {
            reader.problem(text, "a thing lies beside the deck", "Choose another place, such as table:mat");
        } else if (!part && !takesPiles()) {
            reader.problem(
                    text, "it must be a part of a thing", "Write in: and the name of a thing, such as in:wallet");
        } else if (part && !reader.props().isPart(place.get())) {
            reader.gap("There is no “" + place.get().name() + "” any more. Choose another for “" + label() + "”.");
            return 0;
        }
        return reader.placeOf(place.orElse(Place.DECK), text);
    }

    @Override
    String stated(Values values) {
        return takes == Takes.SPOTS ? values.spot(this) : values.placeLabel(this);
    }
}
