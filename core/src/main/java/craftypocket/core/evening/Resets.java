package craftypocket.core.evening;

import craftypocket.core.cards.CardText;
import craftypocket.core.layout.Place;
import craftypocket.core.layout.Spoilt;
import craftypocket.core.layout.Thing;
import craftypocket.core.read.Plan;
import craftypocket.core.routine.Placement;
import craftypocket.core.routine.SetUp;
import craftypocket.core.settings.Sentence;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * What must be done so that a routine can begin with what the one before left: found by comparing how the cards lie with
 * what the next set-up states. Cards whose place it does not state stay in the order in which they are.
 *
 * @param list what is to be done, in this order
 * @param after the set-up that it leads to
 */
public record Resets(List<Reset> list, SetUp after) {

    /** More stated cards than this are laid as an order, not one by one. */
    private static final int MOST_PLACED = 6;

    public Resets {
        list = List.copyOf(list);
    }

    /** How long they take together, in seconds. */
    public int seconds() {
        return list.stream().mapToInt(Reset::seconds).sum();
    }

    /** How much a better order gives to be rid of them. */
    int cost() {
        return list.stream().mapToInt(reset -> reset.kind().openness().cost()).sum();
    }

    /**
     * What is to be done before a routine.
     *
     * @param now how the deck and the things lie
     * @param next the routine that comes, read with its own set-up
     */
    public static Resets before(Between now, Plan next) {
        return new Comparison(now, next).resets();
    }

    private static final class Comparison {

        private final Between now;
        private final SetUp next;
        private final Between wanted;
        /** By place in the deck from 0, what the set-up states. */
        private final Map<Integer, LyingCard> stated = new TreeMap<>();

        private final List<Reset> list = new ArrayList<>();
        /** The deck as it comes about, from the top. */
        private final List<LyingCard> deck;

        Comparison(Between now, Plan plan) {
            this.now = now;
            next = plan.routine().setUp();
            wanted = Between.before(plan);
            deck = new ArrayList<>(now.deck());
            readStated(plan);
        }

        private void readStated(Plan plan) {
            for (Placement placement : next.placements()) {
                int size = wanted.deck().size();
                int at = placement.fromBottom() ? size - placement.nth() : placement.nth() - 1;
                stated.put(at, wanted.deck().get(at));
            }
            // A code that is stated twice names two cards; all of them are where the set-up laid them.
            for (String text : CardText.split(next.order())) {
                String code = text.replaceAll("[↑^]$", "");
                int card = plan.pack().find(code, number -> true);
                for (int at = 0; at < wanted.deck().size(); at++) {
                    if (wanted.deck()
                            .get(at)
                            .code()
                            .equals(CardText.code(plan.pack().card(card)))) {
                        stated.put(at, wanted.deck().get(at));
                    }
                }
            }
        }

        Resets resets() {
            replaceSpoilt();
            gather();
            matchCards();
            turnDown();
            layPiles();
            arrange();
            bend();
            putThings();
            Map<Place, List<LyingCard>> cards = new LinkedHashMap<>();
            cards.put(Place.DECK, deck);
            wanted.cards().forEach((place, lying) -> {
                if (!place.equals(Place.DECK)) {
                    cards.put(place, lying);
                }
            });
            Between after = new Between(cards, next.bend(), Map.of(), now.markings(), next.things());
            return new Resets(list, after.setUp(cards, next, next.things()));
        }

        private void replaceSpoilt() {
            now.spoilt().forEach((code, how) -> {
                if (Between.codes(wanted.cards()).contains(code)) {
                    list.add(another(code, how));
                }
            });
        }

        /** What lies away from the deck, and should not, comes to its bottom. */
        private void gather() {
            now.cards().forEach((place, lying) -> {
                List<LyingCard> stays = place.equals(Place.DECK) ? lying : wantedAt(place);
                List<String> staying =
                        new ArrayList<>(stays.stream().map(LyingCard::code).toList());
                List<LyingCard> back = place.equals(Place.DECK)
                        ? List.of()
                        : lying.stream()
                                .filter(card -> !staying.remove(card.code()))
                                .toList();
                if (back.isEmpty()) {
                    return;
                }
                back.forEach(card -> deck.add(card.faceDown()));
                List<String> codes = back.stream()
                        .map(LyingCard::code)
                        .filter(code ->
                                !now.spoilt().getOrDefault(code, Set.of()).contains(Spoilt.SIGNED))
                        .toList();
                if (!codes.isEmpty()) {
                    Reset.Kind kind = place.kind().open() ? Reset.Kind.TAKE_BACK : Reset.Kind.TAKE_FROM_HIDING;
                    String from = place.kind() == Place.Kind.TABLE || place.kind() == Place.Kind.UNDER
                            ? place.label() + " back to the deck."
                            : named(codes) + " back from " + place.label() + ".";
                    list.add(Reset.of(kind, "Take " + from, codes));
                }
            });
        }

        private List<LyingCard> wantedAt(Place place) {
            return wanted.cards().getOrDefault(place, List.of());
        }

        /** Cards that the next routine does not use are taken out, and those that it brings are put in. */
        private void matchCards() {
            List<String> spare = new ArrayList<>(Between.codes(now.cards()));
            Between.codes(wanted.cards()).forEach(spare::remove);
            List<String> brought = new ArrayList<>(Between.codes(wanted.cards()));
            Between.codes(now.cards()).forEach(brought::remove);
            if (!spare.isEmpty()) {
                spare.forEach(code -> deck.remove(lastOf(code)));
                list.add(Reset.of(Reset.Kind.TAKE_OUT, "Take " + named(spare) + " out of the deck.", spare));
            }
            if (!brought.isEmpty()) {
                brought.forEach(code -> deck.add(new LyingCard(code, false)));
                list.add(Reset.of(Reset.Kind.BRING, "Add " + named(brought) + " to the deck.", brought));
            }
        }

        private int lastOf(String code) {
            for (int at = deck.size() - 1; at >= 0; at--) {
                if (deck.get(at).code().equals(code)) {
                    return at;
                }
            }
            throw new IllegalStateException(code + " is not in the deck");
        }

        private void turnDown() {
            List<String> turned = new ArrayList<>();
            List<String> told = new ArrayList<>();
            for (int at = 0; at < deck.size(); at++) {
                LyingCard card = deck.get(at);
                boolean meant =
                        stated.values().stream().anyMatch(each -> each.code().equals(card.code()) && each.faceUp());
                if (card.faceUp() && !meant) {
                    turned.add(card.code());
                    told.add(card.sign() + " (it is " + Sentence.ordinal(at + 1) + ")");
                    deck.set(at, card.faceDown());
                }
            }
            if (turned.size() == 1) {
                list.add(Reset.of(Reset.Kind.TURN_OVER, "Turn over the reversed " + told.get(0) + ".", turned));
            } else if (turned.size() > MOST_PLACED) {
                list.add(Reset.of(Reset.Kind.TURN_OVER, "Turn over the " + turned.size() + " reversed cards.", turned));
            } else if (turned.size() > 1) {
                list.add(Reset.of(
                        Reset.Kind.TURN_OVER, "Turn over the reversed cards " + String.join(", ", told) + ".", turned));
            }
        }

        private void layPiles() {
            for (Map.Entry<Place, List<LyingCard>> pile : wanted.cards().entrySet()) {
                if (pile.getKey().equals(Place.DECK)) {
                    continue;
                }
                boolean there = pile.getValue().equals(now.cards().get(pile.getKey()));
                List<String> codes =
                        pile.getValue().stream().map(LyingCard::code).toList();
                List<String> lying = new ArrayList<>(now.cards().getOrDefault(pile.getKey(), List.of()).stream()
                        .map(LyingCard::code)
                        .toList());
                codes.stream().filter(code -> !lying.remove(code)).forEach(code -> deck.remove(lastOf(code)));
                if (!there) {
                    list.add(Reset.of(
                            Reset.Kind.LAY,
                            "Lay " + named(codes) + " " + pile.getKey().spot() + ".",
                            codes));
                }
            }
        }

        private void arrange() {
            if (stated.isEmpty() || placed(deck)) {
                return;
            }
            // What is put back anyway is put where it belongs.
            boolean allThere = now.deck().stream()
                    .map(LyingCard::code)
                    .toList()
                    .containsAll(stated.values().stream().map(LyingCard::code).toList());
            for (int cut = 1; allThere && cut < deck.size(); cut++) {
                List<LyingCard> after = new ArrayList<>(deck);
                Collections.rotate(after, -cut);
                if (placed(after)) {
                    LyingCard first = stated.values().iterator().next();
                    list.add(Reset.of(
                                    Reset.Kind.CUT,
                                    "Cut so that " + first.sign() + " comes "
                                            + where(stated.keySet().iterator().next()) + ": "
                                            + cards(cut) + " from the top go underneath.",
                                    List.of(first.code()))
                            .to(placement(stated.keySet().iterator().next())));
                    deck.clear();
                    deck.addAll(after);
                    return;
                }
            }
            List<LyingCard> loose = new ArrayList<>(deck);
            stated.values().forEach(card -> loose.remove(indexOf(loose, card.code())));
            boolean single = stated.size() <= MOST_PLACED;
            stated.forEach((at, card) -> {
                if (single && !(at < deck.size() && deck.get(at).equals(card))) {
                    list.add(Reset.of(
                                    Reset.Kind.PLACE,
                                    "Bring " + card.sign() + " " + where(at) + (card.faceUp() ? ", face up" : "") + ".",
                                    List.of(card.code()))
                            .to(placement(at)));
                }
            });
            if (!single) {
                List<String> codes =
                        stated.values().stream().map(LyingCard::code).toList();
                list.add(Reset.of(
                        Reset.Kind.STACK,
                        "Lay these " + codes.size() + " cards in order: " + named(codes) + ".",
                        codes));
            }
            List<LyingCard> laid = new ArrayList<>();
            int next = 0;
            for (int at = 0; at < deck.size(); at++) {
                laid.add(stated.containsKey(at) ? stated.get(at) : loose.get(next++));
            }
            deck.clear();
            deck.addAll(laid);
        }

        private static int indexOf(List<LyingCard> cards, String code) {
            return IntStream.range(0, cards.size())
                    .filter(at -> cards.get(at).code().equals(code))
                    .findFirst()
                    .orElseThrow();
        }

        private boolean placed(List<LyingCard> lying) {
            return stated.entrySet().stream()
                    .allMatch(each -> lying.get(each.getKey()).equals(each.getValue()));
        }

        private void bend() {
            if (next.bend() && !now.bend()) {
                list.add(Reset.of(Reset.Kind.BEND, "Bend the deck."));
            } else if (now.bend() && !next.bend()) {
                list.add(Reset.of(Reset.Kind.STRAIGHTEN, "Take the bend out of the deck."));
            }
        }

        private void putThings() {
            for (SetUp.LaidThing thing : next.things()) {
                now.things().stream()
                        .filter(each -> each.name().equals(thing.name()))
                        .findFirst()
                        .flatMap(lies -> back(lies, thing))
                        .ifPresent(list::add);
            }
        }

        private Placement placement(int at) {
            boolean fromBottom = deck.size() - at < at + 1;
            return new Placement(stated.get(at).code(), fromBottom ? deck.size() - at : at + 1, fromBottom);
        }

        private String where(int at) {
            int fromBottom = deck.size() - at;
            if (at == 0) {
                return "to the top";
            }
            if (fromBottom == 1) {
                return "to the bottom";
            }
            return fromBottom < at + 1
                    ? "to be " + Sentence.ordinal(fromBottom) + " from the bottom"
                    : "to be " + Sentence.ordinal(at + 1) + " from the top";
        }
    }

    /** Another card for one that is spoilt. */
    static Reset another(String code, Set<Spoilt> how) {
        String done = how.contains(Spoilt.SIGNED) ? Spoilt.SIGNED.word() : Spoilt.FOLDED.word();
        return Reset.of(
                Reset.Kind.REPLACE,
                "Put a double of the " + done + " card into the deck (here " + LyingCard.sign(code) + ").",
                List.of(code));
    }

    /** What brings a thing back to how it should be; empty when it is so. */
    static Optional<Reset> back(SetUp.LaidThing lies, SetUp.LaidThing wanted) {
        String name = Thing.called(wanted.name());
        String spot = Place.read(wanted.place()).orElseThrow().spot();
        if (!lies.written().equals(wanted.written())) {
            return Optional.of(
                    Reset.of(Reset.Kind.THING, "Use a new “" + wanted.name() + "”: it belongs " + spot + "."));
        }
        if (!lies.place().equals(wanted.place())) {
            return Optional.of(Reset.of(Reset.Kind.THING, "Put " + name + " back: it belongs " + spot + "."));
        }
        if (!lies.mouth().equals(wanted.mouth())) {
            String close = wanted.mouth().equals("closed") ? "Close " : "Open ";
            return Optional.of(Reset.of(Reset.Kind.THING, close + name + "."));
        }
        return Optional.empty();
    }

    static String cards(int number) {
        return number == 1 ? "one card" : number + " cards";
    }

    static String named(List<String> codes) {
        return codes.stream().map(LyingCard::sign).collect(Collectors.joining(" "));
    }
}
