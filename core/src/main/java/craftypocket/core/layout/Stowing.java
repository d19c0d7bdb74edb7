package craftypocket.core.layout;

import craftypocket.core.cards.Side;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/** The things on a surface: where they lie, what lies in them, and what is done to them. */
public final class Stowing {

    private final Hands hands;
    private final Kit kit;
    private final Places places;
    private final Props props;
    private final Stowed stowed;
    /** By place, the thing that it is a part of, or -1. */
    private final int[] around;

    Stowing(Hands hands, Kit kit, Places places, Stowed stowed) {
        this.hands = hands;
        this.kit = kit;
        this.places = places;
        this.props = places.props();
        this.stowed = stowed;
        around = IntStream.range(0, places.count()).map(places::around).toArray();
    }

    public Props props() {
        return props;
    }

    /** The place where a thing lies. */
    public int placeOfThing(int thing) {
        return stowed.place(thing);
    }

    public boolean closed(int thing) {
        return stowed.closed(thing);
    }

    public void close(int thing, boolean closed) {
        stowed.close(thing, closed);
    }

    /** Whether the name of a card is what is written on a thing. */
    public boolean isWritten(int thing, int card) {
        int written = stowed.written(thing);
        Side named = written >= 0
                ? kit.pack().card(written).front()
                : props.things().get(thing).writtenSide();
        return hands.shows(card, true, named);
    }

    public void write(int thing, int card) {
        stowed.write(thing, card);
    }

    /** Whether one can reach into this place: nothing around it is closed. */
    public boolean open(int place) {
        for (int thing = around[place]; thing >= 0; thing = around[placeOfThing(thing)]) {
            if (closed(thing)) {
                return false;
            }
        }
        return true;
    }

    /** Whether a place is a part of a thing, or of something that lies in it. */
    public boolean within(int place, int thing) {
        for (int outer = around[place]; outer >= 0; outer = around[placeOfThing(outer)]) {
            if (outer == thing) {
                return true;
            }
        }
        return false;
    }

    /** Puts a thing below some cards of a place, and below the things that lie there: how a set-up is laid. */
    public void putAt(int thing, int place, int above) {
        stowed.put(thing, place, above, Props.MOST_THINGS);
    }

    /** Puts a thing at a place, above everything there. */
    public void putInFront(int thing, int place) {
        stowed.put(thing, place, 0, 0);
    }

    /** Puts a thing at a place, below everything there. */
    public void putAtBack(int thing, int place) {
        putAt(thing, place, hands.size(place));
    }

    /** Puts a thing directly below another. */
    public void putBehind(int thing, int other) {
        stowed.put(thing, stowed.place(other), stowed.above(other), stowed.rank(other) + 1);
    }

    /** Exchanges two things, each with all it holds. */
    public void swapThings(int one, int other) {
        stowed.swap(one, other);
    }

    /** Brings a block of cards into a part of a thing, above everything there. */
    public void slipInFront(int from, int depth, int count, int place) {
        hands.transfer(from, depth, count, place, 0);
        stowed.sink(place, 0, count, 0);
    }

    /** Brings a block of cards directly below a thing. */
    public void slipBehind(int from, int depth, int count, int thing) {
        int place = stowed.place(thing);
        int above = stowed.above(thing);
        int into = place == from && above > depth ? above - Math.min(count, above - depth) : above;
        hands.transfer(from, depth, count, place, into);
        stowed.sink(place, into, count, stowed.rank(thing) + 1);
    }

    private boolean inThing(int thing) {
        return around[placeOfThing(thing)] >= 0;
    }

    /** How all things lie: those that lie alone first, then place by place. */
    List<Lying> lying() {
        if (props.things().isEmpty()) {
            return List.of();
        }
        return IntStream.range(0, props.things().size())
                .boxed()
                .sorted(Comparator.comparingInt((Integer thing) -> inThing(thing) ? placeOfThing(thing) : -1)
                        .thenComparingInt(thing -> inThing(thing) ? stowed.above(thing) : 0)
                        .thenComparingInt(thing -> inThing(thing) ? stowed.rank(thing) : thing))
                .map(thing -> new Lying(
                        thing,
                        places.at(placeOfThing(thing)),
                        stowed.above(thing),
                        stowed.closed(thing),
                        stowed.written(thing)))
                .toList();
    }
}
