package craftypocket.core.read;

import craftypocket.core.cards.Card;
import craftypocket.core.cards.CardText;
import craftypocket.core.cards.Mark;
import craftypocket.core.cards.Pack;
import craftypocket.core.layout.Hands;
import craftypocket.core.layout.Hold;
import craftypocket.core.layout.Place;
import craftypocket.core.layout.Places;
import craftypocket.core.routine.Placement;
import craftypocket.core.routine.SetUp;
import craftypocket.core.settings.Problem;
import craftypocket.core.settings.SettingReader;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;

/** Reads a set-up: which cards there are, and how they lie before the first step. */
final class SetUpReader {

    private static final int TWO_JOKERS = 54;
    private static final int DECK = 0;

    /** One card laid at a place of its pile. */
    private record Laid(int place, int card, boolean faceUp) {}

    private final SetUp setUp;
    private final Places places;
    private final List<Problem> problems;
    private final ThingReader things;
    private final Pack pack;
    private final boolean[] used;
    private final List<Laid> laid = new ArrayList<>();
    /** The deck from the top; null where any card may lie. */
    private final List<Laid> deck = new ArrayList<>();

    SetUpReader(SetUp setUp, Places places, List<Problem> problems) {
        this.setUp = setUp;
        this.places = places;
        this.problems = problems;
        things = new ThingReader(setUp, places, problems);
        pack = readPack();
        used = new boolean[pack.size()];
        readPiles();
        readDeck();
    }

    Pack pack() {
        return pack;
    }

    /** Whether somebody said where a card lies, by its place or by an order. */
    boolean placed(int card) {
        return used[card] || ordered();
    }

    /** Whether the cards that nothing is said of lie as the pack is ordered, or as its cards are listed. */
    private boolean ordered() {
        return setUp.newDeckOrder() || setUp.pack().equals(SetUp.NO_PACK);
    }

    /** What is left open of how the deck lies. */
    Arrangement arrangement(int[] apart, SettingReader reader) {
        boolean left = !ordered();
        boolean[] open = new boolean[deck.size() + 1];
        for (int place = 1; place < open.length; place++) {
            open[place] = left && deck.get(place - 1) == null;
        }
        boolean[] unstated = new boolean[used.length];
        for (int card = 0; card < used.length; card++) {
            unstated[card] = left && !used[card];
        }
        return new Arrangement(pack, open, unstated, apart, reader);
    }

    /** By card, the bits of its marks. */
    byte[] marks() {
        byte[] marks = new byte[pack.size()];
        for (int i = 0; i < setUp.markings().size(); i++) {
            SetUp.Marking marking = setUp.markings().get(i);
            String field = "setUp.markings[" + i + "]";
            Optional<Mark> mark = Arrays.stream(Mark.values())
                    .filter(m -> m.name().toLowerCase(Locale.ROOT).equals(marking.mark()))
                    .findFirst();
            int card = find(marking.card(), field + ".card");
            if (mark.isEmpty()) {
                String known = Arrays.stream(Mark.values())
                        .map(m -> m.name().toLowerCase(Locale.ROOT))
                        .collect(Collectors.joining(", "));
                problems.add(
                        new Problem(field + ".mark", marking.mark(), "there is no such mark", "Use one of: " + known));
            } else if (card >= 0) {
                marks[card] |= (byte) mark.get().bit();
            }
        }
        return marks;
    }

    void lay(Hands hands) {
        laid.forEach(card -> hands.lay(card.place(), card.card(), card.faceUp()));
        int next = 0;
        for (Laid card : deck) {
            if (card == null) {
                while (used[next]) {
                    next++;
                }
                hands.lay(DECK, next++, false);
            } else {
                hands.lay(DECK, card.card(), card.faceUp());
            }
        }
        things.lay(hands);
        if (setUp.bend()) {
            hands.hold(DECK, Hold.Kind.BEND, hands.size(DECK));
        }
    }

    private Pack readPack() {
        List<Card> extra = new ArrayList<>();
        List<String> texts = CardText.split(setUp.extra());
        for (String text : texts) {
            Optional<Card> card = CardText.readCard(text);
            if (card.isEmpty()) {
                problems.add(new Problem("setUp.extra", text, "it must be a card", FORMS));
            }
            card.ifPresent(extra::add);
        }
        if (texts.size() > SetUp.MOST_EXTRA) {
            problems.add(new Problem(
                    "setUp.extra",
                    texts.size() + " cards",
                    "there are at most " + SetUp.MOST_EXTRA + " cards beside the pack",
                    "Use fewer"));
            return Pack.of52();
        }
        String text = setUp.pack();
        if (text.equals(SetUp.NO_PACK) && !extra.isEmpty()) {
            return new Pack(extra);
        }
        int size = text.matches("\\d{1,3}") ? Integer.parseInt(text) : 0;
        if (size == TWO_JOKERS) {
            return Pack.of54().with(extra);
        }
        if (size >= 3 && size <= 52) {
            return Pack.packet(size).with(extra);
        }
        problems.add(
                text.equals(SetUp.NO_PACK)
                        ? new Problem("setUp.extra", "", "without a pack there must be cards of your own", FORMS)
                        : new Problem(
                                "setUp.pack",
                                text,
                                "a pack has 3 to 52 cards, or 54 with two jokers",
                                "Write a number from 3 to 52, 54, or none when you only use cards of your own"));
        return Pack.of52();
    }

    private static final String FORMS =
            "Write a code such as QC, 10H or J1, blank, back, or two sides such as KH/AC or QC/back-red";

    private int find(String text, String field) {
        int number = pack.find(text, n -> true);
        if (number < 0) {
            problems.add(new Problem(
                    field,
                    text,
                    "it must be a card of this pack",
                    "Write a code such as QC, 10H or, with jokers, J1; #3 is the third card of the pack"));
        }
        return number;
    }

    /** Reads an order of cards that are still free. */
    private List<Laid> readOrder(int place, String order, String field) {
        List<Laid> read = new ArrayList<>();
        for (String text : CardText.split(order)) {
            boolean faceUp = text.endsWith("↑") || text.endsWith("^");
            String code = faceUp ? text.substring(0, text.length() - 1) : text;
            int card = pack.find(code, number -> !used[number]);
            if (card < 0) {
                boolean twice = pack.find(code, number -> true) >= 0;
                problems.add(new Problem(
                        field,
                        text,
                        twice ? "this card is placed already" : "it must be a card of this pack",
                        twice ? "Name each card once" : "Write codes such as QC 10H J1, or Unicode playing cards"));
            } else {
                used[card] = true;
                read.add(new Laid(place, card, faceUp));
            }
        }
        return read;
    }

    private void readPiles() {
        for (int i = 0; i < setUp.piles().size(); i++) {
            SetUp.LaidPile pile = setUp.piles().get(i);
            String field = "setUp.piles[" + i + "]";
            Optional<Place> place = Place.read(pile.place()).filter(p -> !p.equals(Place.DECK));
            if (place.isEmpty()) {
                problems.add(new Problem(
                        field + ".place",
                        pile.place(),
                        "it must be a place away from the deck",
                        "Write other-hand, palm, case or wallet, or table:, spectator:, pocket: or under: and a name"));
            } else if (place.get().kind() == Place.Kind.IN && !places.props().isPart(place.get())) {
                problems.add(new Problem(
                        field + ".place",
                        pile.place(),
                        "no thing has such a part",
                        "Add the thing, or lay the cards somewhere else"));
            } else {
                laid.addAll(readOrder(indexOf(place.get(), field), pile.cards(), field + ".cards"));
            }
        }
    }

    private int indexOf(Place place, String field) {
        try {
            return places.indexOf(place);
        } catch (IllegalArgumentException tooMany) {
            problems.add(new Problem(
                    field + ".place",
                    place.text(),
                    "a routine uses at most " + Places.MOST_PLACES + " places",
                    "Use one of the others twice"));
            return DECK;
        }
    }

    private void readDeck() {
        List<Laid> order = new ArrayList<>(readOrder(DECK, setUp.order(), "setUp.order"));
        int size = pack.size() - laid.size();
        Laid[] at = new Laid[size];
        for (int i = 0; i < setUp.placements().size(); i++) {
            place(setUp.placements().get(i), "setUp.placements[" + i + "]", at);
        }
        int next = 0;
        for (Laid card : at) {
            deck.add(card == null && next < order.size() ? order.get(next++) : card);
        }
    }

    private void place(Placement placement, String field, Laid[] at) {
        if (placement.nth() < 1 || placement.nth() > at.length) {
            problems.add(new Problem(
                    field + ".nth",
                    String.valueOf(placement.nth()),
                    "a place is from 1 to " + at.length + " in this deck",
                    "Choose a place in the deck"));
            return;
        }
        if (find(placement.card(), field + ".card") < 0) {
            return;
        }
        int index = placement.fromBottom() ? at.length - placement.nth() : placement.nth() - 1;
        int card = pack.find(placement.card(), number -> !used[number]);
        if (card < 0 || at[index] != null) {
            problems.add(new Problem(
                    field,
                    placement.card() + " at " + placement.nth(),
                    card < 0 ? "this card is placed already" : "another card is placed there",
                    "Place each card once, each at its own place"));
            return;
        }
        used[card] = true;
        at[index] = new Laid(DECK, card, false);
    }
}
