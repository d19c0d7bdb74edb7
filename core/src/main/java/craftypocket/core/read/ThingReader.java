package craftypocket.core.read;

import craftypocket.core.cards.Card;
import craftypocket.core.cards.CardSize;
import craftypocket.core.cards.CardText;
import craftypocket.core.cards.Inside;
import craftypocket.core.layout.Hands;
import craftypocket.core.layout.Place;
import craftypocket.core.layout.Places;
import craftypocket.core.layout.Props;
import craftypocket.core.layout.Thing;
import craftypocket.core.routine.SetUp;
import craftypocket.core.routine.SetUp.LaidThing;
import craftypocket.core.settings.Problem;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Reads the things of a set-up: what they are, and where they lie before the first step. */
final class ThingReader {

    private static final Map<String, CardSize> SIZES = Map.of("poker", CardSize.POKER, "bridge", CardSize.BRIDGE);

    private final List<LaidThing> laid;
    private final Places places;
    private final List<Problem> problems;
    private final Set<String> names = new HashSet<>();

    ThingReader(SetUp setUp, Places places, List<Problem> problems) {
        this.laid = setUp.things();
        this.places = places;
        this.problems = problems;
        if (!setUp.cardSize().isEmpty() && !SIZES.containsKey(setUp.cardSize())) {
            problem(
                    "cardSize",
                    setUp.cardSize(),
                    "it must be a size of cards",
                    "Write poker or bridge, or leave it empty");
        }
        if (laid.size() > Props.MOST_THINGS) {
            problem(
                    "things",
                    laid.size() + " things",
                    "a routine uses at most " + Props.MOST_THINGS + " things",
                    "Use fewer");
            return;
        }
        List<Thing> things = new ArrayList<>();
        for (int i = 0; i < laid.size(); i++) {
            things.add(read(laid.get(i), "things[" + i + "]"));
        }
        places.use(new Props(things, Optional.ofNullable(SIZES.get(setUp.cardSize()))));
        for (int i = 0; i < laid.size(); i++) {
            checkPlace(i);
        }
    }

    /** Puts the things where they lie; the cards lie already. */
    void lay(Hands hands) {
        for (int i = 0; i < laid.size(); i++) {
            int place = places.indexOf(Place.read(laid.get(i).place()).orElseThrow());
            hands.stowing().putAt(i, place, Math.min(laid.get(i).above(), hands.size(place)));
            hands.stowing()
                    .close(
                            i,
                            mouth(laid.get(i))
                                    .filter(SetUp.Mouth.CLOSED::equals)
                                    .isPresent());
        }
    }

    private void problem(String field, String value, String rule, String cure) {
        problems.add(new Problem("setUp." + field, value, rule, cure));
    }

    private static Optional<SetUp.Mouth> mouth(LaidThing thing) {
        return Arrays.stream(SetUp.Mouth.values())
                .filter(m -> m.name().toLowerCase(Locale.ROOT).equals(thing.mouth()))
                .findFirst();
    }

    private Thing read(LaidThing thing, String field) {
        if (!Place.isName(thing.name())) {
            problem(
                    field + ".name",
                    thing.name(),
                    "a thing has a name of up to " + Place.LONGEST_NAME + " letters",
                    "Write a name such as envelope");
        } else if (!names.add(thing.name())) {
            problem(field + ".name", thing.name(), "this name is used twice", "Give each thing its own");
        }
        Optional<SetUp.Mouth> mouth = mouth(thing);
        if (mouth.isEmpty()) {
            problem(
                    field + ".mouth",
                    thing.mouth(),
                    "a thing opens in no such way",
                    "Write none, open, flap or closed");
        }
        for (double measure : new double[] {thing.wide(), thing.high()}) {
            if (!(measure >= 0 && measure <= SetUp.MOST_MILLIMETRES)) {
                problem(
                        field + ".wide",
                        String.valueOf(measure),
                        "an inside measures up to " + SetUp.MOST_MILLIMETRES + " mm",
                        "Write what you measured in millimetres, or 0");
            }
        }
        boolean open = mouth.filter(SetUp.Mouth.OPEN::equals).isPresent();
        List<String> slots = mouth.filter(SetUp.Mouth.NONE::equals).isPresent() ? List.of() : slots(thing, field);
        return new Thing(
                thing.name(),
                slots,
                new Inside(thing.wide(), thing.high(), open),
                thing.handOut(),
                written(thing, field).map(Card::front));
    }

    private List<String> slots(LaidThing thing, String field) {
        if (thing.slots().isBlank()) {
            return List.of("");
        }
        List<String> slots =
                Arrays.stream(thing.slots().split(",")).map(String::strip).toList();
        boolean unclear = slots.size() > SetUp.MOST_SLOTS
                || slots.stream().distinct().count() < slots.size()
                || !slots.stream().allMatch(Place::isName);
        if (unclear) {
            problem(
                    field + ".slots",
                    thing.slots(),
                    "a thing has up to " + SetUp.MOST_SLOTS + " parts, each with a name of its own",
                    "Write their names with commas between, such as left, right");
        }
        return slots;
    }

    private Optional<Card> written(LaidThing thing, String field) {
        if (thing.written().isBlank()) {
            return Optional.empty();
        }
        Optional<Card> card = CardText.readCard(thing.written().strip());
        if (card.isEmpty()) {
            problem(
                    field + ".written",
                    thing.written(),
                    "it must be the name of a card",
                    "Write a code such as QC or 10H");
        }
        return card;
    }

    private void checkPlace(int index) {
        LaidThing thing = laid.get(index);
        String field = "things[" + index + "].place";
        Optional<Place> place = Place.read(thing.place()).filter(p -> !p.equals(Place.DECK));
        if (place.isEmpty()) {
            problem(
                    field,
                    thing.place(),
                    "it must be a place away from the deck",
                    "Write table:, spectator: or pocket: and a name, or in: and the name of another thing");
        } else if (place.get().kind() == Place.Kind.IN && !places.props().isPart(place.get())) {
            problem(
                    field,
                    thing.place(),
                    "no thing has such a part",
                    "Write in: and the name of a thing that others go into");
        } else if (insideItself(index)) {
            problem(
                    field,
                    thing.place(),
                    "a thing cannot lie inside itself",
                    "Put " + thing.name() + " somewhere else, or take out what it lies in");
        } else {
            try {
                places.indexOf(place.get());
            } catch (IllegalArgumentException tooMany) {
                problem(
                        field,
                        thing.place(),
                        "a routine uses at most " + Places.MOST_PLACES + " places",
                        "Use one of the others twice");
            }
        }
    }

    private boolean insideItself(int index) {
        int at = index;
        for (int deep = 0; deep <= laid.size(); deep++) {
            Optional<Place> place = Place.read(laid.get(at).place());
            at = place.map(places.props()::around).orElse(Props.NONE);
            if (at == Props.NONE) {
                return false;
            }
        }
        return true;
    }
}
