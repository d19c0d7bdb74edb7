package craftypocket.core.evening;

import craftypocket.core.cards.CardText;
import craftypocket.core.cards.Mark;
import craftypocket.core.cards.Pack;
import craftypocket.core.layout.Hold;
import craftypocket.core.layout.Lying;
import craftypocket.core.layout.Pile;
import craftypocket.core.layout.Place;
import craftypocket.core.layout.Spoilt;
import craftypocket.core.read.Plan;
import craftypocket.core.routine.Placement;
import craftypocket.core.routine.SetUp;
import craftypocket.core.run.Trace;
import craftypocket.core.run.Tracer;
import craftypocket.core.run.World;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * How cards and things lie between two routines: what one leaves, and the next begins with. Breaks and jogs are let go;
 * a bend stays, for it is in the cards.
 *
 * @param cards by place, the deck first, the cards from the top; no place is empty but perhaps the deck
 * @param bend whether the deck is bent
 * @param spoilt by the code of a card, what was done to it for good
 * @param markings the marks that cards have
 * @param things as they lie, each with its place
 * @param open the codes of the cards that could as well be others: nobody said where they lay, and nothing named them
 */
public record Handover(
        Map<Place, List<LyingCard>> cards,
        boolean bend,
        Map<String, Set<Spoilt>> spoilt,
        List<SetUp.Marking> markings,
        List<SetUp.LaidThing> things,
        Set<String> open) {

    private static final Set<String> FULL_PACKS = Set.of("52", "54");

    public Handover {
        Map<Place, List<LyingCard>> copied = new LinkedHashMap<>();
        cards.forEach((place, lying) -> copied.put(place, List.copyOf(lying)));
        cards = copied;
        spoilt = Map.copyOf(spoilt);
        markings = List.copyOf(markings);
        things = List.copyOf(things);
        open = Set.copyOf(open);
    }

    /** Whether a routine is done with the whole deck, which others use too, and not with a packet of its own. */
    public static boolean usesDeck(SetUp setUp) {
        return FULL_PACKS.contains(setUp.pack());
    }

    /** What a routine leaves in a world. */
    public static Handover after(Plan plan, World world) {
        List<Trace.Moment> moments = Tracer.trace(plan, world).moments();
        return of(plan, moments.get(moments.size() - 1));
    }

    /** How it lies before the first step of a routine. */
    public static Handover before(Plan plan) {
        return of(plan, Tracer.trace(plan, World.USUAL).moments().get(0));
    }

    /** How it lies at a moment of a trace. */
    public static Handover of(Plan plan, Trace.Moment moment) {
        Map<Place, List<LyingCard>> cards = new LinkedHashMap<>();
        cards.put(Place.DECK, List.of());
        for (Pile pile : moment.layout().piles()) {
            cards.put(
                    pile.place(),
                    IntStream.rangeClosed(1, pile.size())
                            .mapToObj(nth -> new LyingCard(code(plan, pile.card(nth)), pile.faceUp(nth)))
                            .toList());
        }
        boolean bend = moment.layout().holds().stream()
                .map(Hold::kind)
                .anyMatch(kind -> kind == Hold.Kind.BEND || kind == Hold.Kind.SEPARATION);
        Set<String> brushed = moment.spoilt().stream()
                .filter(each -> each.how() == Spoilt.BRUSHED)
                .map(each -> code(plan, each.card()))
                .collect(Collectors.toSet());
        Map<String, Set<Spoilt>> spoilt = moment.spoilt().stream()
                .filter(each -> each.how().forGood())
                .collect(Collectors.groupingBy(
                        each -> code(plan, each.card()),
                        Collectors.mapping(Trace.SpoiltCard::how, Collectors.toSet())));
        return new Handover(
                cards,
                bend,
                spoilt,
                plan.routine().setUp().markings().stream()
                        .filter(each -> !(isSalt(each) && brushed.contains(each.card())))
                        .toList(),
                moment.layout().things().stream()
                        .map(lying -> lying(plan, lying))
                        .toList(),
                IntStream.range(0, plan.pack().size())
                        .filter(plan.arrangement()::anyCard)
                        .mapToObj(card -> code(plan, card))
                        .collect(Collectors.toSet()));
    }

    static boolean isSalt(SetUp.Marking marking) {
        return Mark.SALTED.name().equalsIgnoreCase(marking.mark());
    }

    private static String code(Plan plan, int card) {
        return CardText.code(plan.pack().card(card));
    }

    private static SetUp.LaidThing lying(Plan plan, Lying lying) {
        SetUp.LaidThing laid = plan.routine().setUp().things().get(lying.thing());
        boolean opens = laid.mouth().equals("flap") || laid.mouth().equals("closed");
        SetUp.Mouth now = lying.closed() ? SetUp.Mouth.CLOSED : SetUp.Mouth.FLAP;
        return new SetUp.LaidThing(
                laid.name(),
                lying.place().text(),
                lying.above(),
                laid.slots(),
                laid.wide(),
                laid.high(),
                opens ? now.name().toLowerCase(Locale.ROOT) : laid.mouth(),
                laid.handOut(),
                lying.written() < 0 ? laid.written() : code(plan, lying.written()));
    }

    /** The same with these things. */
    Handover with(Collection<SetUp.LaidThing> others) {
        return new Handover(cards, bend, spoilt, markings, List.copyOf(others), open);
    }

    /** The cards of the deck, from the top. */
    public List<LyingCard> deck() {
        return cards.get(Place.DECK);
    }

    /**
     * The set-up of a routine that begins with this and puts nothing right: every card lies where the routine before left
     * it. What the next one brings itself, cards and things that were not there, lies as it says.
     */
    public SetUp begins(SetUp next, Handover wanted) {
        Map<Place, List<LyingCard>> all = new LinkedHashMap<>(cards);
        List<String> here = new ArrayList<>(codes(cards));
        wanted.cards.forEach((place, lying) -> {
            List<LyingCard> brought =
                    lying.stream().filter(card -> !here.remove(card.code())).toList();
            if (!brought.isEmpty()) {
                all.merge(
                        place,
                        brought,
                        (old, more) ->
                                Stream.concat(old.stream(), more.stream()).toList());
            }
        });
        return setUp(all, next, things(next));
    }

    /** The things of the next routine as they lie now; the ones with cards of the deck in them stay too. */
    private List<SetUp.LaidThing> things(SetUp next) {
        Set<String> needed =
                next.things().stream().map(SetUp.LaidThing::name).collect(Collectors.toCollection(HashSet::new));
        cards.keySet().stream()
                .filter(place -> place.kind() == Place.Kind.IN)
                .map(Place::thing)
                .forEach(needed::add);
        // A thing that lies in another needs that one.
        boolean more = true;
        while (more) {
            more = things.stream()
                    .filter(thing -> needed.contains(thing.name()))
                    .flatMap(thing -> Place.read(thing.place()).stream())
                    .filter(place -> place.kind() == Place.Kind.IN)
                    .anyMatch(place -> needed.add(place.thing()));
        }
        List<SetUp.LaidThing> lying = new ArrayList<>(
                things.stream().filter(thing -> needed.contains(thing.name())).toList());
        Set<String> there = lying.stream().map(SetUp.LaidThing::name).collect(Collectors.toSet());
        next.things().stream().filter(thing -> !there.contains(thing.name())).forEach(lying::add);
        return lying;
    }

    /** A set-up in which every card of these places is named, but for those of the deck that could as well be others. */
    SetUp setUp(Map<Place, List<LyingCard>> lying, SetUp next, List<SetUp.LaidThing> laid) {
        List<LyingCard> deck = lying.getOrDefault(Place.DECK, List.of());
        // What lies face up has to be named, for only an order says so.
        boolean named = open.isEmpty() || deck.stream().anyMatch(LyingCard::faceUp);
        List<String> extra = new ArrayList<>(codes(lying));
        boolean jokers = extra.remove("J1") & extra.remove("J2");
        for (String regular : REGULAR) {
            extra.remove(regular);
        }
        List<SetUp.Marking> marked = Stream.concat(markings.stream(), next.markings().stream())
                .distinct()
                .toList();
        return new SetUp(
                jokers ? "54" : "52",
                String.join(" ", extra),
                named ? order(deck) : "",
                lying.entrySet().stream()
                        .filter(each -> !each.getKey().equals(Place.DECK)
                                && !each.getValue().isEmpty())
                        .map(each -> new SetUp.LaidPile(each.getKey().text(), order(each.getValue())))
                        .toList(),
                IntStream.range(0, named ? 0 : deck.size())
                        .filter(at -> !open.contains(deck.get(at).code()))
                        .mapToObj(at -> new Placement(deck.get(at).code(), at + 1, false))
                        .toList(),
                marked,
                bend,
                next.cardSize(),
                laid,
                false);
    }

    /** The codes of the 52 cards of a plain pack. */
    static final List<String> REGULAR =
            Pack.of52().cards().stream().map(CardText::code).toList();

    static String order(List<LyingCard> cards) {
        return cards.stream().map(LyingCard::text).collect(Collectors.joining(" "));
    }

    static List<String> codes(Map<Place, List<LyingCard>> cards) {
        return cards.values().stream()
                .flatMap(List::stream)
                .map(LyingCard::code)
                .toList();
    }
}
