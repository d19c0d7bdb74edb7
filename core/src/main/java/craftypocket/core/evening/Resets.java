package craftypocket.core.evening;

import craftypocket.core.cards.CardText;
import craftypocket.core.claims.ClaimSpec;
import craftypocket.core.layout.Place;
import craftypocket.core.layout.Spoilt;
import craftypocket.core.layout.Thing;
import craftypocket.core.read.Plan;
import craftypocket.core.routine.Placement;
import craftypocket.core.routine.SetUp;
import craftypocket.core.settings.Sentence;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.Comparator;
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
     * What is to be done before a routine, where the one before left this.
     *
     * @param now how the deck and the things lie
     * @param next the routine that comes, read with its own set-up
     */
    public static Resets before(Handover now, Plan next) {
        return before(Ends.only(now), next);
    }

    /**
     * What is to be done before a routine, whatever way the one before went: a number is told where it is the same in all ends;
     * what is not says what to look for, and what only some ends need says so.
     */
    static Resets before(Ends ends, Plan next) {
        return new Comparison(ends, next).resets();
    }

    /**
     * What one end needs.
     *
     * @param subject what it is about: the same task in another end has the same
     * @param told with what is so in this end
     * @param anyhow what is right in every end
     */
    private record Task(Reset.Kind kind, String subject, String told, String anyhow, List<String> cards) {

        Task(Reset.Kind kind, String sentence, List<String> cards) {
            this(kind, sentence, sentence, sentence, cards);
        }
    }

    /** The order in which things are put right: cards come back before they are turned, and are turned before they are placed. */
    private static final List<Reset.Kind> ORDER = List.of(
            Reset.Kind.REPLACE,
            Reset.Kind.TAKE_BACK,
            Reset.Kind.TAKE_FROM_HIDING,
            Reset.Kind.TAKE_OUT,
            Reset.Kind.BRING,
            Reset.Kind.TURN_OVER,
            Reset.Kind.LAY,
            Reset.Kind.CUT,
            Reset.Kind.PLACE,
            Reset.Kind.STACK,
            Reset.Kind.BEND,
            Reset.Kind.STRAIGHTEN,
            Reset.Kind.BRUSH,
            Reset.Kind.THING);

    /** What all ends need, put together. */
    private static final class Comparison {

        private final Ends ends;
        private final Plan plan;
        private final SetUp next;
        private final Handover wanted;
        /** By place in the deck from 0, what the set-up states. */
        private final Map<Integer, LyingCard> stated = new TreeMap<>();

        private final List<OneEnd> each;
        /** By kind and subject, what each of the ends that need it says of it. */
        private final Map<List<Object>, List<Task>> tasks = new LinkedHashMap<>();

        private final List<Reset> list = new ArrayList<>();

        Comparison(Ends ends, Plan plan) {
            this.ends = ends;
            this.plan = plan;
            next = plan.routine().setUp();
            wanted = Handover.before(plan);
            readStated(plan);
            each = ends.seen().stream()
                    .map(end -> new OneEnd(end, next, wanted, stated))
                    .toList();
        }

        private void readStated(Plan plan) {
            for (Placement placement : next.placements()) {
                int size = wanted.deck().size();
                int at = placement.fromBottom() ? size - placement.nth() : placement.nth() - 1;
                stated.put(at, wanted.deck().get(at));
            }
            for (int at = 0; at < wanted.deck().size() && next.newDeckOrder(); at++) {
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
            for (OneEnd end : each) {
                end.tasks.forEach(
                        task -> tasks.computeIfAbsent(List.of(task.kind(), task.subject()), any -> new ArrayList<>())
                                .add(task));
            }
            boolean unproved = false;
            if (!ends.all()) {
                unproved = lookForMore();
            }
            tasks.forEach((key, of) -> {
                boolean same = ends.all()
                        && of.size() == each.size()
                        && of.stream().map(Task::told).distinct().count() == 1
                        // Of a card that could as well be another there is no name to tell, however few arrangements
                        // there are.
                        && of.stream()
                                .allMatch(task -> task.told().equals(task.anyhow())
                                        || Collections.disjoint(
                                                task.cards(), ends.usual().open()));
                Task first = of.get(0);
                List<String> cards = new ArrayList<>(first.cards());
                of.forEach(task -> cards.retainAll(task.cards()));
                Reset reset = Reset.of(first.kind(), same ? first.told() : first.anyhow(), cards);
                list.add(of.size() == each.size() ? reset : reset.sometimes());
            });
            arrange(unproved);
            list.sort(Comparator.comparingInt(reset -> ORDER.indexOf(reset.kind())));
            OneEnd usual = each.get(0);
            Map<Place, List<LyingCard>> cards = new LinkedHashMap<>();
            cards.put(Place.DECK, usual.deck);
            wanted.cards().forEach((place, lying) -> {
                if (!place.equals(Place.DECK)) {
                    cards.put(place, lying);
                }
            });
            List<SetUp.Marking> marks = ends.usual().markings().stream()
                    .filter(each -> !Handover.isSalt(each) || next.markings().contains(each))
                    .toList();
            Handover after = new Handover(cards, next.bend(), Map.of(), marks, next.things(), wanted.open());
            return new Resets(list, after.setUp(cards, next, next.things()));
        }

        /**
         * What none of the ends that were looked at needs, but others may: cards that lie face up or elsewhere. It is left out
         * where a survey proves that it never happens.
         *
         * @return whether a stated card may lie elsewhere in another end
         */
        private boolean lookForMore() {
            List<Task> more = new ArrayList<>();
            List<ClaimSpec> never = new ArrayList<>();
            List<LyingCard> deck = ends.usual().deck();
            if (tasks.keySet().stream().noneMatch(key -> key.get(0) == Reset.Kind.TURN_OVER)) {
                more.add(new Task(Reset.Kind.TURN_OVER, "", "", TURN_ANY, List.of()));
                long up = deck.stream().filter(LyingCard::faceUp).count();
                never.add(ClaimSpec.of("face-up-count", "pile", "deck", "cards", String.valueOf(up)));
            }
            for (int at = 0; at < ends.plan().freshHands().placeCount(); at++) {
                Place place = ends.plan().freshHands().places().at(at);
                boolean known = place.equals(Place.DECK)
                        || wanted.cards().containsKey(place)
                        || tasks.keySet().stream().anyMatch(key -> key.get(1).equals(place.text()));
                if (!known) {
                    more.add(OneEnd.takeBack(place, "", OneEnd.back(place), List.of()));
                    never.add(ClaimSpec.of("pile-size", "pile", place.text(), "cards", "0"));
                }
            }
            int general = never.size();
            boolean placed = each.stream().allMatch(end -> placed(end.deck));
            if (placed) {
                stated.forEach((at, card) -> never.add(ClaimSpec.of(
                        "card-at",
                        "card",
                        card.code(),
                        "nth",
                        String.valueOf(at + 1),
                        "side",
                        card.faceUp() ? "up" : "down")));
            }
            boolean[] proved = ends.proved(never);
            for (int claim = 0; claim < general; claim++) {
                if (!proved[claim]) {
                    list.add(Reset.of(more.get(claim).kind(), more.get(claim).anyhow(), List.of())
                            .sometimes());
                }
            }
            return IntStream.range(general, proved.length).anyMatch(claim -> !proved[claim]);
        }

        /** Brings what is stated where it belongs: by one cut where that does it in all ends. */
        private void arrange(boolean unproved) {
            List<OneEnd> off = each.stream().filter(end -> !placed(end.deck)).toList();
            if (stated.isEmpty() || (off.isEmpty() && !unproved)) {
                return;
            }
            boolean always = off.size() == each.size();
            boolean cut = !off.isEmpty()
                    && (ends.all() || stated.size() == 1)
                    && off.stream().allMatch(end -> end.cut() > 0);
            Reset reset = cut ? cut(off) : stated.size() > MOST_PLACED ? stack() : place();
            list.add(always ? reset : reset.sometimes());
            OneEnd usual = each.get(0);
            if (cut) {
                Collections.rotate(usual.deck, -Math.max(0, placed(usual.deck) ? 0 : usual.cut()));
            } else {
                lay(usual.deck, stated.values());
            }
        }

        private Reset cut(List<OneEnd> off) {
            int at = stated.keySet().iterator().next();
            LyingCard first = stated.get(at);
            boolean same = ends.all()
                    && off.size() == each.size()
                    && off.stream().map(OneEnd::cut).distinct().count() == 1;
            return Reset.of(
                            Reset.Kind.CUT,
                            "Cut so that " + first.sign() + " comes " + where(at)
                                    + (same ? ": " + cards(off.get(0).cut()) + " from the top go underneath." : "."),
                            List.of(first.code()))
                    .to(placement(at));
        }

        private Reset stack() {
            List<String> codes = stated.values().stream().map(LyingCard::code).toList();
            if (next.newDeckOrder()
                    && next.order().isBlank()
                    && next.placements().isEmpty()) {
                return Reset.of(
                        Reset.Kind.STACK,
                        "Lay the deck in new-deck order: spades, hearts, diamonds, clubs, each from ace to king.",
                        codes);
            }
            return Reset.of(
                    Reset.Kind.STACK, "Lay these " + codes.size() + " cards in order: " + named(codes) + ".", codes);
        }

        private Reset place() {
            Map<Integer, LyingCard> moved = new TreeMap<>(stated);
            if (ends.all()) {
                moved.entrySet()
                        .removeIf(card -> each.stream()
                                .allMatch(end -> end.deck.get(card.getKey()).equals(card.getValue())));
                boolean enough = each.stream().allMatch(end -> {
                    List<LyingCard> after = new ArrayList<>(end.deck);
                    lay(after, moved.values());
                    return placed(after);
                });
                if (!enough) {
                    moved.putAll(stated);
                }
            }
            List<String> codes = moved.values().stream().map(LyingCard::code).toList();
            String to = moved.entrySet().stream()
                    .map(card -> card.getValue().sign() + " " + where(card.getKey())
                            + (card.getValue().faceUp() ? ", face up" : ""))
                    .collect(Collectors.joining(", then "));
            if (moved.size() == 1) {
                return Reset.of(Reset.Kind.PLACE, "Bring " + to + ".", codes)
                        .to(placement(moved.keySet().iterator().next()));
            }
            return Reset.of(Reset.Kind.PLACE, "Take " + named(codes) + " out of the deck and bring " + to + ".", codes);
        }

        /** Takes cards out, and puts them where they belong. */
        private void lay(List<LyingCard> deck, Collection<LyingCard> moved) {
            List<LyingCard> loose = new ArrayList<>(deck);
            moved.forEach(card -> loose.remove(indexOf(loose, card.code())));
            stated.forEach((at, card) -> {
                if (moved.contains(card)) {
                    loose.add(at, card);
                }
            });
            deck.clear();
            deck.addAll(loose);
        }

        private static int indexOf(List<LyingCard> cards, String code) {
            return IntStream.range(0, cards.size())
                    .filter(at -> cards.get(at).code().equals(code))
                    .findFirst()
                    .orElseThrow();
        }

        private boolean placed(List<LyingCard> lying) {
            return OneEnd.placed(lying, stated);
        }

        private Placement placement(int at) {
            int size = wanted.deck().size();
            boolean fromBottom = size - at < at + 1;
            return new Placement(stated.get(at).code(), fromBottom ? size - at : at + 1, fromBottom);
        }

        private String where(int at) {
            int fromBottom = wanted.deck().size() - at;
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

    private static final String TURN_ANY = "Turn every card of the deck that lies face up face down.";

    /** What one end needs before what is stated is brought to its place. */
    private static final class OneEnd {

        private final Handover now;
        private final SetUp next;
        private final Handover wanted;
        private final Map<Integer, LyingCard> stated;
        private final List<Task> tasks = new ArrayList<>();
        /** The deck as it comes about, from the top. */
        private final List<LyingCard> deck;

        OneEnd(Handover now, SetUp next, Handover wanted, Map<Integer, LyingCard> stated) {
            this.now = now;
            this.next = next;
            this.wanted = wanted;
            this.stated = stated;
            deck = new ArrayList<>(now.deck());
            replaceSpoilt();
            gather();
            matchCards();
            turnDown();
            layPiles();
            bend();
            brush();
            putThings();
        }

        /** How many cards from the top go underneath so that all lies as stated; 0 when no cut does it. */
        int cut() {
            // What is put back anyway is put where it belongs.
            boolean allThere = now.deck().stream()
                    .map(LyingCard::code)
                    .toList()
                    .containsAll(stated.values().stream().map(LyingCard::code).toList());
            for (int cut = 1; allThere && cut < deck.size(); cut++) {
                List<LyingCard> after = new ArrayList<>(deck);
                Collections.rotate(after, -cut);
                if (placed(after, stated)) {
                    return cut;
                }
            }
            return 0;
        }

        static boolean placed(List<LyingCard> lying, Map<Integer, LyingCard> stated) {
            return stated.entrySet().stream()
                    .allMatch(each -> lying.get(each.getKey()).equals(each.getValue()));
        }

        private void replaceSpoilt() {
            now.spoilt().forEach((code, how) -> {
                if (Handover.codes(wanted.cards()).contains(code)) {
                    // Which card was signed differs from end to end; the first of them is the first everywhere.
                    tasks.add(new Task(
                            Reset.Kind.REPLACE,
                            "spoilt card " + tasks.size(),
                            another(code, how).sentence(),
                            "Put a double of the " + doneTo(how) + " card into the deck.",
                            List.of(code)));
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
                back.forEach(card -> deck.add(card.faceDown()));
                List<String> codes = back.stream()
                        .map(LyingCard::code)
                        .filter(code ->
                                !now.spoilt().getOrDefault(code, Set.of()).contains(Spoilt.SIGNED))
                        .toList();
                if (!codes.isEmpty()) {
                    boolean up = back.stream().anyMatch(LyingCard::faceUp);
                    String what = pileBack(place) ? back(place) : named(codes) + " back from " + place.label();
                    tasks.add(
                            takeBack(place, "Take " + what + UNDER + (up ? ", face down." : "."), back(place), codes));
                }
            });
        }

        private static final String UNDER = ", under the deck";

        private static boolean pileBack(Place place) {
            return place.kind() == Place.Kind.TABLE || place.kind() == Place.Kind.UNDER;
        }

        /** What is taken from a place, whatever lies there. */
        static String back(Place place) {
            return pileBack(place) ? place.label() + " back" : "back what is in " + place.label();
        }

        static Task takeBack(Place place, String told, String back, List<String> codes) {
            return new Task(
                    place.kind().open() ? Reset.Kind.TAKE_BACK : Reset.Kind.TAKE_FROM_HIDING,
                    place.text(),
                    told,
                    "Take " + back + UNDER + ", face down.",
                    codes);
        }

        private List<LyingCard> wantedAt(Place place) {
            return wanted.cards().getOrDefault(place, List.of());
        }

        /** Cards that the next routine does not use are taken out, and those that it brings are put in. */
        private void matchCards() {
            List<String> spare = new ArrayList<>(Handover.codes(now.cards()));
            Handover.codes(wanted.cards()).forEach(spare::remove);
            List<String> brought = new ArrayList<>(Handover.codes(wanted.cards()));
            Handover.codes(now.cards()).forEach(brought::remove);
            if (!spare.isEmpty()) {
                spare.forEach(code -> deck.remove(lastOf(code)));
                tasks.add(new Task(Reset.Kind.TAKE_OUT, "Take " + named(spare) + " out of the deck.", spare));
            }
            if (!brought.isEmpty()) {
                brought.forEach(code -> deck.add(new LyingCard(code, false)));
                tasks.add(new Task(Reset.Kind.BRING, "Add " + named(brought) + " to the deck.", brought));
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
            if (!turned.isEmpty()) {
                String reversed = turned.size() == 1
                        ? "Turn over the reversed " + told.get(0) + "."
                        : turned.size() > MOST_PLACED
                                ? "Turn over the " + turned.size() + " reversed cards."
                                : "Turn over the reversed cards " + String.join(", ", told) + ".";
                tasks.add(new Task(Reset.Kind.TURN_OVER, "", reversed, TURN_ANY, turned));
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
                    tasks.add(new Task(
                            Reset.Kind.LAY,
                            "Lay " + named(codes) + " " + pile.getKey().spot() + ".",
                            codes));
                }
            }
        }

        private void bend() {
            if (next.bend() && !now.bend()) {
                tasks.add(new Task(Reset.Kind.BEND, "Bend the deck.", List.of()));
            } else if (now.bend() && !next.bend()) {
                tasks.add(new Task(Reset.Kind.STRAIGHTEN, "Take the bend out of the deck.", List.of()));
            }
        }

        /** Salt that the next routine does not use would grate in its first shuffle. */
        private void brush() {
            now.markings().stream()
                    .filter(each -> Handover.isSalt(each) && !next.markings().contains(each))
                    .forEach(each -> tasks.add(new Task(
                            Reset.Kind.BRUSH,
                            "Brush the salt off " + LyingCard.sign(each.card()) + ".",
                            List.of(each.card()))));
        }

        private void putThings() {
            for (SetUp.LaidThing thing : next.things()) {
                now.things().stream()
                        .filter(each -> each.name().equals(thing.name()))
                        .findFirst()
                        .flatMap(lies -> Resets.back(lies, thing))
                        .ifPresent(back -> tasks.add(new Task(back.kind(), back.sentence(), List.of())));
            }
        }
    }

    /** Another card for one that is spoilt. */
    static Reset another(String code, Set<Spoilt> how) {
        return Reset.of(
                Reset.Kind.REPLACE,
                "Put a double of the " + doneTo(how) + " card into the deck (here " + LyingCard.sign(code) + ").",
                List.of(code));
    }

    private static String doneTo(Set<Spoilt> how) {
        return how.contains(Spoilt.SIGNED) ? Spoilt.SIGNED.word() : Spoilt.FOLDED.word();
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
