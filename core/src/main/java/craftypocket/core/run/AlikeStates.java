package craftypocket.core.run;

import craftypocket.core.layout.Hands;
import craftypocket.core.layout.Hold;
import craftypocket.core.layout.Knowing;
import craftypocket.core.layout.PlaceKnowledge;
import craftypocket.core.read.PlannedStep;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The states of one moment, those put together that look alike to the performer: what is the same in all of them is what he
 * knows.
 *
 * <p>A card’s place can be pointed at by signs: its number from the top or from the bottom of its pile, or from what is held; how
 * far it lies from the card of another role. Each sign is a number, or there is none. The signs that all states of a group
 * share are known.
 */
final class AlikeStates {

    private static final int NONE = Integer.MIN_VALUE;

    private static final int PLACE = 0;
    private static final int TOP = 1;
    private static final int BOTTOM = 2;
    private static final int FIRST_HOLD = 3;
    private static final List<Hold.Kind> HOLDS = List.of(
            Hold.Kind.BREAK,
            Hold.Kind.THUMB,
            Hold.Kind.FINGER,
            Hold.Kind.IN_JOG,
            Hold.Kind.OUT_JOG,
            Hold.Kind.SEPARATION);
    private static final int AMONG_ITS_LIKE = FIRST_HOLD + HOLDS.size();
    /** What comes next points at no place. */
    private static final int SIDE = AMONG_ITS_LIKE + 1;

    private static final int SIGNS = SIDE + 1;

    /** A performer who is wrong by at most so many cards knows a place nearly. */
    private static final int NEARLY = 6;

    private final int roles;
    private final Map<Long, Group> groups = new HashMap<>();
    private final Group[] of;
    /** By state, one that looks alike to the performer and differs in whether the next step is to be done; -1 for none. */
    private final int[] otherwise;

    /** What is the same in states that look alike. */
    private static final class Group implements Known {
        private final int[] signs;
        private final int[] least;
        private final int[] most;
        private final long[] faces;
        private PlaceKnowledge[] places;
        private int[] within;
        private int names;
        private boolean tells = true;

        Group(int[] signs, int roles, long[] faces, int named) {
            names = named;
            this.signs = signs.clone();
            this.faces = faces.clone();
            least = new int[2 * roles];
            most = new int[2 * roles];
            Arrays.fill(least, Integer.MAX_VALUE);
            Arrays.fill(most, NONE);
        }

        @Override
        public PlaceKnowledge place(int role) {
            return places[role];
        }

        @Override
        public int within(int role) {
            return within[role];
        }

        private int sign(int role, int which) {
            return signs[role * (SIGNS + 2 * places.length) + which];
        }

        private int counted(int role, int from) {
            return sign(role, PLACE) == NONE ? 0 : Math.max(0, sign(role, from));
        }

        @Override
        public int fromTop(int role) {
            return counted(role, TOP);
        }

        @Override
        public int fromBottom(int role) {
            return counted(role, BOTTOM);
        }

        @Override
        public Optional<Boolean> faceUp(int role) {
            return sign(role, SIDE) == NONE ? Optional.empty() : Optional.of(sign(role, SIDE) == 1);
        }

        @Override
        public int names() {
            return names;
        }

        /** Whether a glance may tell some of its states from the others. */
        @Override
        public boolean tells() {
            return tells;
        }
    }

    /** What is known in one state, in which it can be told or not if the next step is to be done. */
    private record Here(Known known, boolean tells) implements Knowing {

        @Override
        public PlaceKnowledge place(int role) {
            return known.place(role);
        }

        @Override
        public boolean name(int role) {
            return known.name(role);
        }
    }

    /**
     * Puts states together.
     *
     * @param hands a surface on which they are read
     * @param next the step that comes next; null after the last one
     */
    AlikeStates(States states, Hands hands, PlannedStep next) {
        roles = hands.roleCount();
        of = new Group[states.size()];
        otherwise = new int[states.size()];
        int[] signs = new int[roles * (SIGNS + 2 * roles)];
        long[] faces = new long[roles * hands.wordsOfFaces()];
        for (int state = 0; state < of.length; state++) {
            hands.read(states.bytes(state));
            sign(hands, signs);
            see(hands, faces);
            int named = hands.namesKnown();
            of[state] = groups.get(hands.lived());
            if (of[state] == null) {
                of[state] = new Group(signs, roles, faces, named);
                groups.put(hands.lived(), of[state]);
            }
            join(of[state], signs, faces);
        }
        groups.values().forEach(group -> settle(group, hands.wordsOfFaces()));
        Arrays.fill(otherwise, -1);
        if (next != null && next.isConditional()) {
            decide(states, hands, next);
        }
    }

    /** What is known in a state. */
    Knowing of(int state) {
        boolean tells = otherwise[state] < 0;
        return tells == of[state].tells ? of[state] : new Here(of[state], tells);
    }

    /** A state that looks alike to the performer and differs in whether the next step is to be done; -1 for none. */
    int otherwise(int state) {
        return otherwise[state];
    }

    /** The roles whose names are known in a state, a bit each. */
    int names(int state) {
        return of[state].names;
    }

    /** What is known, by what was {@linkplain Hands#lived() lived through}. */
    Map<Long, Known> known() {
        return Map.copyOf(groups);
    }

    /** The roles whose names are known in all states, a bit each. */
    int sureNames() {
        return groups.values().stream().mapToInt(Group::names).reduce(-1, (one, other) -> one & other);
    }

    /** Whether the performer can tell, in all of these states, that a step is to be done, or that it is not. */
    static boolean told(States states, Hands hands, PlannedStep step) {
        Map<Long, Boolean> answers = new HashMap<>();
        for (int state = 0; state < states.size(); state++) {
            hands.read(states.bytes(state));
            boolean applies = step.applies(hands);
            if (!step.settled(hands) || answers.getOrDefault(hands.lived(), applies) != applies) {
                return false;
            }
            answers.put(hands.lived(), applies);
        }
        return true;
    }

    // ---- signs ---------------------------------------------------------------------------------------------------

    private void sign(Hands hands, int[] signs) {
        Arrays.fill(signs, NONE);
        int width = SIGNS + 2 * roles;
        for (int role = 0; role < roles; role++) {
            int card = hands.cardOf(role);
            int place = card < 0 ? -1 : hands.placeOf(card);
            if (place < 0) {
                continue;
            }
            int at = role * width;
            int position = hands.positionIn(place, card);
            signs[at + PLACE] = place;
            signs[at + TOP] = position;
            signs[at + BOTTOM] = hands.size(place) + 1 - position;
            for (int i = 0; i < HOLDS.size(); i++) {
                int depth = hands.depthOf(place, HOLDS.get(i));
                signs[at + FIRST_HOLD + i] = depth < 0 ? NONE : position - depth;
            }
            signs[at + SIDE] = hands.faceUp(place, position) ? 1 : 0;
            signs[at + AMONG_ITS_LIKE] = amongItsLike(hands, place, position);
            for (int other = 0; other < roles; other++) {
                if (other != role && hands.isIn(place, other)) {
                    int apart = position - hands.positionOf(place, other);
                    signs[at + SIGNS + other] = apart;
                    signs[at + SIGNS + roles + other] = Math.floorMod(apart, hands.size(place));
                }
            }
        }
    }

    /** The number of a card among those that stick out as it does, or that can be told to come from the upper packet. */
    private static int amongItsLike(Hands hands, int place, int position) {
        int like = like(hands, hands.card(place, position));
        int before = 0;
        for (int above = 1; above < position && like != 0; above++) {
            before += like(hands, hands.card(place, above)) == like ? 1 : 0;
        }
        return like == 0 ? NONE : before;
    }

    private static int like(Hands hands, int card) {
        return hands.sticksOut(card) ? (hands.outJogged(card) ? 1 : 2) : hands.ofUpperPacket(card) ? 3 : 0;
    }

    private void see(Hands hands, long[] faces) {
        int words = hands.wordsOfFaces();
        for (int i = 0; i < faces.length; i++) {
            faces[i] = hands.cardOf(i / words) < 0 ? 0 : hands.facesSeen(i / words, i % words);
        }
    }

    private void join(Group group, int[] signs, long[] faces) {
        for (int i = 0; i < signs.length; i++) {
            group.signs[i] = group.signs[i] == signs[i] ? signs[i] : NONE;
        }
        for (int i = 0; i < faces.length; i++) {
            group.faces[i] &= faces[i];
        }
        int width = SIGNS + 2 * roles;
        for (int end = 0; end < 2 * roles; end++) {
            int number = signs[end / 2 * width + (end % 2 == 0 ? TOP : BOTTOM)];
            group.least[end] = Math.min(group.least[end], number);
            group.most[end] = Math.max(group.most[end], number);
        }
    }

    // ---- what they tell --------------------------------------------------------------------------------------------

    private void settle(Group group, int words) {
        group.places = new PlaceKnowledge[roles];
        group.within = new int[roles];
        for (int i = 0; i < group.faces.length; i++) {
            group.names |= group.faces[i] != 0 ? 1 << i / words : 0;
        }
        for (int role = 0; role < roles; role++) {
            int top = group.most[2 * role] - group.least[2 * role];
            int bottom = group.most[2 * role + 1] - group.least[2 * role + 1];
            group.within[role] = group.sign(role, PLACE) == NONE ? 0 : (Math.min(top, bottom) + 1) / 2;
            group.places[role] = placeKnown(group, role);
        }
    }

    private PlaceKnowledge placeKnown(Group group, int role) {
        int at = role * (SIGNS + 2 * roles);
        boolean inPile = group.signs[at + PLACE] != NONE;
        for (int sign = TOP; sign < SIDE && inPile; sign++) {
            if (group.signs[at + sign] != NONE) {
                return PlaceKnowledge.EXACT;
            }
        }
        boolean byLooking = group.name(role);
        for (int other = 0; other < roles; other++) {
            boolean apart = group.signs[at + SIGNS + other] != NONE || group.signs[at + SIGNS + roles + other] != NONE;
            byLooking |= apart && group.name(other);
        }
        if (byLooking) {
            return PlaceKnowledge.BY_LOOKING;
        }
        return !inPile
                ? PlaceKnowledge.LOST
                : group.within[role] <= NEARLY ? PlaceKnowledge.NEAR : PlaceKnowledge.IN_PILE;
    }

    /** Whoever glances before he decides tells more states apart. */
    private void decide(States states, Hands hands, PlannedStep next) {
        Map<Long, int[]> first = new HashMap<>();
        long[] lived = new long[of.length];
        boolean[] applies = new boolean[of.length];
        for (int state = 0; state < of.length; state++) {
            hands.read(states.bytes(state));
            hands.knowsNames(of[state].names);
            hands.knownBy(of(state));
            next.glance(hands);
            lived[state] = hands.lived();
            applies[state] = next.applies(hands);
            int[] found = first.computeIfAbsent(lived[state], any -> new int[] {-1, -1});
            int answer = applies[state] ? 1 : 0;
            found[answer] = found[answer] < 0 ? state : found[answer];
        }
        hands.knownBy(null);
        for (int state = 0; state < of.length; state++) {
            otherwise[state] = first.get(lived[state])[applies[state] ? 0 : 1];
            of[state].tells &= otherwise[state] < 0;
        }
    }
}
