package craftypocket.app.computing;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

/**
 * What waits, and whose turn it is. A page gets first what it asked for last, for that is what somebody looks at; pages take
 * turns; and every second time it is the turn of what has waited longest, so that nothing waits for ever.
 */
final class Turns<T> {

    private final Function<T, String> page;

    /** By page, the newest first; the page whose turn it is comes first. */
    private final Map<String, Deque<T>> pages = new LinkedHashMap<>();

    /** All of it, the oldest first. */
    private final LinkedHashSet<T> all = new LinkedHashSet<>();

    private boolean oldestNext;

    /** @param page says who asked for it */
    Turns(Function<T, String> page) {
        this.page = page;
    }

    void add(T waits) {
        all.add(waits);
        pages.computeIfAbsent(page.apply(waits), asked -> new ArrayDeque<>()).addFirst(waits);
    }

    /** Takes what is next; null when nothing waits. */
    T next() {
        if (all.isEmpty()) {
            return null;
        }
        T next = oldestNext ? all.iterator().next() : ofThePageWhoseTurnItIs();
        oldestNext = !oldestNext;
        remove(next);
        return next;
    }

    /** Its newest; the page goes behind the others. */
    private T ofThePageWhoseTurnItIs() {
        String turn = pages.keySet().iterator().next();
        Deque<T> asked = pages.remove(turn);
        pages.put(turn, asked);
        return asked.peekFirst();
    }

    /** Whether it waited, and does no longer. */
    boolean remove(T waits) {
        if (!all.remove(waits)) {
            return false;
        }
        String asked = page.apply(waits);
        Deque<T> left = pages.get(asked);
        left.remove(waits);
        if (left.isEmpty()) {
            pages.remove(asked);
        }
        return true;
    }

    List<T> all() {
        return List.copyOf(all);
    }

    int size() {
        return all.size();
    }
}
