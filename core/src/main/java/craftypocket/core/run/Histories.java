package craftypocket.core.run;

import craftypocket.core.layout.Hands;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * The histories after one step that make no difference any more: two histories after which the same can be the case, and the same
 * was seen of it, are one from then on. Who took the top card knows no less than another once both lie somewhere in the deck.
 */
final class Histories {

    /** As they come, each for itself. */
    static final Histories APART = new Histories(Map.of(), null, null, null);

    /**
     * A history goes on as another.
     *
     * @param lived its number from now on
     * @param faces the faces that he saw of any role’s card, a bit each: only these are kept, in their order
     */
    private record As(long lived, long[] faces) {}

    private final Map<Long, As> becomes;
    private final States states;
    private final int[] moved;
    private final int[] came;

    private Histories(Map<Long, As> becomes, States states, int[] moved, int[] came) {
        this.becomes = becomes;
        this.states = states;
        this.moved = moved;
        this.came = came;
    }

    /** Finds them among the states after a step; {@link #APART} where there are none. */
    static Histories of(States reached, Hands hands) {
        Map<Long, Integer> numbers = new HashMap<>();
        List<As> histories = new ArrayList<>();
        int[] came = new int[reached.size()];
        for (int state = 0; state < came.length; state++) {
            hands.read(reached.bytes(state));
            came[state] = numbers.computeIfAbsent(hands.lived(), any -> numbers.size());
            if (came[state] == histories.size()) {
                histories.add(new As(hands.lived(), new long[hands.wordsOfFaces()]));
            }
            long[] faces = histories.get(came[state]).faces;
            for (int word = 0; word < faces.length; word++) {
                for (int role = 0; role < hands.roleCount(); role++) {
                    faces[word] |= hands.facesSeen(role, word);
                }
            }
        }
        return histories.size() == 1 ? APART : of(reached, hands, histories, came);
    }

    private static Histories of(States reached, Hands hands, List<As> histories, int[] came) {
        // What can be the case after each history, whatever it was.
        States plain = new States();
        int[] plainly = new int[came.length];
        byte[] bytes = new byte[hands.stateBytes()];
        List<BitSet> possible = new ArrayList<>();
        histories.forEach(any -> possible.add(new BitSet()));
        for (int state = 0; state < came.length; state++) {
            hands.read(reached.bytes(state));
            hands.livesOnAs(0, histories.get(came[state]).faces);
            hands.write(bytes);
            int known = plain.find(bytes);
            plainly[state] = known >= 0 ? known : plain.add(bytes, reached.spots(state));
            possible.get(came[state]).set(plainly[state]);
        }
        Map<BitSet, Integer> first = new HashMap<>();
        int[] same = new int[histories.size()];
        for (int history = 0; history < same.length; history++) {
            int mine = history;
            same[history] = first.computeIfAbsent(possible.get(history), any -> mine);
        }
        if (first.size() == same.length) {
            return APART;
        }
        Map<Long, As> becomes = new HashMap<>();
        for (int history = 0; history < same.length; history++) {
            As old = histories.get(history);
            becomes.put(old.lived, new As(histories.get(same[history]).lived, old.faces));
        }
        States left = new States();
        int[] moved = new int[came.length];
        for (int state = 0; state < came.length; state++) {
            hands.read(plain.bytes(plainly[state]));
            hands.livesOnAs(histories.get(same[came[state]]).lived, null);
            hands.write(bytes);
            int known = left.find(bytes);
            moved[state] = known >= 0 ? known : left.add(bytes, reached.spots(state));
        }
        return new Histories(becomes, left, moved, came);
    }

    /** The states that are left; null where all are. */
    States states() {
        return states;
    }

    /** By state before, the number that it has among those that are left. */
    int moved(int state) {
        return moved[state];
    }

    /** By state before, the history by which it came. */
    int came(int state) {
        return came[state];
    }

    /** Only what becomes of a surface, without the room that the states take. */
    Histories withoutStates() {
        return new Histories(becomes, null, null, null);
    }

    int size() {
        return becomes.size();
    }

    /** Forgets on a surface what makes no difference from now on. */
    void goOn(Hands hands) {
        As as = becomes.isEmpty() ? null : becomes.get(hands.lived());
        if (as != null) {
            hands.livesOnAs(as.lived, as.faces);
        }
    }
}
