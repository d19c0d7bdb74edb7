package craftypocket.core.moves;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;

/**
 * A second, naive model of the table: plain lists of numbers, written from what each move is said to do and not from how
 * the program does it. A card that lies face up is negative; a finger between two cards is a number of its own in the list,
 * so that whatever moves the cards takes it along or leaves it behind by itself.
 */
final class NaiveTable {

    static final int BREAK = 1000;
    static final int THUMB = 1001;

    private final Map<String, List<Integer>> piles = new TreeMap<>();
    /** Role A is this card, once it was picked. */
    private int selection;
    /** The cards whose fronts everybody has seen since the last step began. */
    private final Set<Integer> seen = new TreeSet<>();

    NaiveTable(List<Integer> deck) {
        piles.put("deck", new ArrayList<>(deck));
    }

    void lay(String place, List<Integer> cards) {
        set(place, cards);
    }

    /** Role A is this card already. */
    void selected(int card) {
        selection = card;
    }

    // ---- sight --------------------------------------------------------------------------------------------------

    /** The cards whose fronts lie uppermost in a hand or on the table. */
    Set<Integer> uppermost() {
        Set<Integer> up = new TreeSet<>();
        piles.keySet().stream().filter(p -> size(p) > 0).forEach(p -> upper(up, cards(p).get(0)));
        return up;
    }

    /** The cards whose fronts everybody saw in the last step. */
    Set<Integer> seen() {
        return seen;
    }

    /** The front of what lies face up is seen from above. */
    private static void upper(Set<Integer> into, int card) {
        if (card < 0) {
            into.add(-card);
        }
    }

    private void sawAbove(List<Integer> cards) {
        cards.forEach(card -> upper(seen, card));
    }

    /** The front of what lies face down is seen from below. */
    private void sawBelow(int card) {
        upper(seen, -card);
    }

    // ---- lists --------------------------------------------------------------------------------------------------

    private List<Integer> at(String place) {
        return piles.computeIfAbsent(place, name -> new ArrayList<>());
    }

    List<Integer> cards(String place) {
        return at(place).stream().filter(e -> e < BREAK).toList();
    }

    int size(String place) {
        return cards(place).size();
    }

    /** Every pile that has cards. */
    Map<String, List<Integer>> layout() {
        Map<String, List<Integer>> layout = new TreeMap<>();
        piles.keySet().stream().filter(p -> size(p) > 0).forEach(p -> layout.put(p, cards(p)));
        return layout;
    }

    /** The fingers, each with its place and depth. */
    Map<Integer, String> fingers() {
        Map<Integer, String> fingers = new HashMap<>();
        piles.forEach((place, list) -> {
            for (int i = 0; i < list.size(); i++) {
                if (list.get(i) >= BREAK) {
                    fingers.put(list.get(i), place + " " + cardsBefore(list, i));
                }
            }
        });
        return fingers;
    }

    private static int cardsBefore(List<Integer> list, int index) {
        return (int) list.subList(0, index).stream().filter(e -> e < BREAK).count();
    }

    int depth(String place, int finger) {
        int index = at(place).indexOf(finger);
        return index < 0 ? -1 : cardsBefore(at(place), index);
    }

    String placeOf(int card) {
        return piles.keySet().stream()
                .filter(p -> cards(p).contains(card) || cards(p).contains(-card))
                .findFirst()
                .orElse("");
    }

    int positionOf(String place, int card) {
        List<Integer> cards = cards(place);
        return 1 + Math.max(cards.indexOf(card), cards.indexOf(-card));
    }

    /** Index in the list of the card at a position, from 1. */
    private int anyGap(String place) {
        return Math.max(depth(place, BREAK), depth(place, THUMB));
    }

    private int index(String place, int position) {
        int seen = 0;
        List<Integer> list = at(place);
        for (int i = 0; i < list.size(); i++) {
            seen += list.get(i) < BREAK ? 1 : 0;
            if (seen == position && list.get(i) < BREAK) {
                return i;
            }
        }
        return list.size();
    }

    void hold(String place, int finger, int depth) {
        piles.values().forEach(list -> list.remove(Integer.valueOf(finger)));
        at(place).add(index(place, depth) + 1, finger);
    }

    void letGo(String place) {
        at(place).removeIf(e -> e >= BREAK);
    }

    void forgetFingers() {
        piles.values().forEach(list -> list.removeIf(e -> e >= BREAK));
    }

    /** A block leaves its pile, fingers within it too. */
    private List<Integer> lift(String place, int above, int count) {
        if (count == 0) {
            return new ArrayList<>();
        }
        List<Integer> block = at(place).subList(index(place, above + 1), index(place, above + count) + 1);
        List<Integer> lifted = new ArrayList<>(block);
        block.clear();
        if (count > 1) {
            bare(place);
        }
        return lifted;
    }

    /** A finger with no card on one side holds nothing. */
    private void bare(String place) {
        List<Integer> list = at(place);
        while (!list.isEmpty() && list.get(0) >= BREAK) {
            list.remove(0);
        }
        while (!list.isEmpty() && list.get(list.size() - 1) >= BREAK) {
            list.remove(list.size() - 1);
        }
    }

    private void drop(List<Integer> block, String place, int above) {
        int index = above == 0 ? 0 : index(place, above) + 1;
        List<Integer> list = at(place);
        while (index < list.size() && above > 0 && list.get(index) >= BREAK) {
            index++;
        }
        boolean inHand = place.equals("deck") || place.equals("other-hand");
        list.addAll(
                index, inHand ? block : block.stream().filter(e -> e < BREAK).toList());
    }

    private void set(String place, List<Integer> cards) {
        piles.put(place, new ArrayList<>(cards));
    }

    private static List<Integer> turned(List<Integer> cards) {
        List<Integer> turned = new ArrayList<>(cards.stream().map(c -> -c).toList());
        Collections.reverse(turned);
        return turned;
    }

    @SafeVarargs
    private static List<Integer> together(List<Integer>... blocks) {
        List<Integer> all = new ArrayList<>();
        for (List<Integer> block : blocks) {
            all.addAll(block);
        }
        return all;
    }

    /** Chunks from the top land one on another; the last takes what is left. */
    private List<Integer> overhand(List<Integer> cards, List<Integer> chunks) {
        List<Integer> left = new ArrayList<>(cards);
        List<Integer> shuffled = new ArrayList<>();
        for (int i = 0; i < chunks.size() && !left.isEmpty(); i++) {
            boolean last = i == chunks.size() - 1;
            int count = last ? left.size() : Math.min(chunks.get(i), left.size());
            sawAbove(left.subList(0, 1));
            shuffled.addAll(0, left.subList(0, count));
            left = new ArrayList<>(left.subList(count, left.size()));
        }
        return shuffled;
    }

    private static List<Integer> part(List<Integer> cards, int from, int to) {
        return new ArrayList<>(cards.subList(from, to));
    }

    private void cutCards(String place, int depth) {
        List<Integer> d = cards(place);
        set(place, together(part(d, depth, d.size()), part(d, 0, depth)));
    }

    private static List<Integer> numbers(String text) {
        List<Integer> numbers = new ArrayList<>();
        for (String word : text.split(" ")) {
            numbers.add(word.equals("rest") ? 999 : Integer.parseInt(word));
        }
        return numbers;
    }

    // ---- moves --------------------------------------------------------------------------------------------------

    /**
     * Does a move.
     *
     * @return whether hands can do it; otherwise nothing changed
     */
    boolean does(String move, Map<String, String> s) {
        seen.clear();
        boolean done = moves(move, s);
        seen.addAll(uppermost());
        return done;
    }

    private boolean moves(String move, Map<String, String> s) {
        String pile = s.getOrDefault("pile", "deck");
        int n = size(pile);
        List<Integer> d = cards(pile);
        int gap = s.containsKey("hold") ? depth(pile, s.get("hold").equals("thumb") ? THUMB : BREAK) : anyGap(pile);
        switch (move) {
            case "complete-cut", "spectator-cut" -> {
                int c = number(s, "depth");
                if (c < 1 || c >= n) {
                    return false;
                }
                cutCards(pile, c);
            }
            case "cut-to-break", "pass" -> {
                if (gap < 1 || gap >= n) {
                    return false;
                }
                cutCards(pile, gap);
            }
            case "half-pass" -> {
                if (gap < 1 || gap >= n) {
                    return false;
                }
                set(pile, together(part(d, 0, gap), turned(part(d, gap, n))));
            }
            case "swing-cut" -> {
                int c = number(s, "depth");
                if (c < 1 || c >= n || pile.equals(s.get("to"))) {
                    return false;
                }
                drop(lift(pile, 0, c), s.get("to"), 0);
            }
            case "slip-cut" -> {
                int c = number(s, "depth");
                if (c < 2 || c >= n || pile.equals(s.get("to"))) {
                    return false;
                }
                drop(lift(pile, 1, c - 1), s.get("to"), 0);
            }
            case "packets-to-table" -> {
                if (n == 0) {
                    return false;
                }
                List<Integer> packed = new ArrayList<>();
                int taken = 0;
                for (int packet : numbers(s.get("packets"))) {
                    int count = Math.min(packet, n - taken);
                    sawAbove(part(d, taken, taken + Math.min(1, count)));
                    packed.addAll(0, part(d, taken, taken + count));
                    taken += count;
                }
                set(pile, together(part(d, taken, n), packed));
            }
            case "lift-packet" -> {
                int c = number(s, "count");
                boolean top = s.get("end").equals("top");
                boolean on = s.get("onto").equals("top");
                if (c < 1 || c > n || (pile.equals(s.get("to")) && top == on)) {
                    return false;
                }
                List<Integer> block = lift(pile, top ? 0 : n - c, c);
                drop(block, s.get("to"), on ? 0 : size(s.get("to")));
            }
            case "drop-packet", "bury-packet" -> {
                String packet = s.get("packet");
                int into = move.equals("bury-packet")
                        ? number(s, "at")
                        : s.get("onto").equals("top") ? 0 : n;
                if (packet.equals(pile) || size(packet) == 0 || into < 0 || into > n) {
                    return false;
                }
                drop(lift(packet, 0, size(packet)), pile, into);
            }
            case "deal-singly" -> {
                int c = number(s, "count");
                if (c < 1 || c > n || pile.equals(s.get("to"))) {
                    return false;
                }
                boolean up = s.get("face").equals("up");
                for (int i = 0; i < c; i++) {
                    int card = lift(pile, 0, 1).get(0);
                    at(s.get("to")).add(0, up ? -Math.abs(card) : card);
                    sawAbove(at(s.get("to")).subList(0, 1));
                }
            }
            case "turn-over", "wrist-turn" -> {
                if (n == 0) {
                    return false;
                }
                set(pile, turned(d));
            }
            case "turn-top" -> {
                int c = number(s, "count");
                if (c < 1 || c > n) {
                    return false;
                }
                set(pile, together(turned(part(d, 0, c)), part(d, c, n)));
            }
            case "turn-card" -> {
                int at = number(s, "at");
                if (at < 1 || at > n) {
                    return false;
                }
                at(pile).set(index(pile, at), -d.get(at - 1));
                if (s.get("seen").equals("yes")) {
                    sawBelow(d.get(at - 1));
                }
            }
            case "exchange-blocks" -> {
                int a = number(s, "upper");
                int b = number(s, "lower");
                int above = number(s, "depth");
                if (a < 1 || b < 1 || above < 0 || above + a + b > n) {
                    return false;
                }
                set(
                        pile,
                        together(
                                part(d, 0, above),
                                part(d, above + a, above + a + b),
                                part(d, above, above + a),
                                part(d, above + a + b, n)));
            }
            case "hold-break" -> {
                int c = number(s, "depth");
                int depth = s.get("from").equals("bottom") ? n - c : c;
                if (depth < 1 || depth >= n || pile.startsWith("spectator")) {
                    return false;
                }
                hold(pile, s.get("finger").equals("thumb") ? THUMB : BREAK, depth);
            }
            case "pass-break" -> {
                int to = s.get("to").equals("thumb") ? THUMB : BREAK;
                if (gap < 1) {
                    return false;
                }
                letGoOf(s.get("hold").equals("thumb") ? THUMB : BREAK);
                hold(pile, to, gap);
            }
            case "let-go" -> {
                if (n == 0) {
                    return false;
                }
                letGo(pile);
            }
            case "overhand", "hindu" -> {
                if (n == 0) {
                    return false;
                }
                set(pile, overhand(d, numbers(s.get("chunks"))));
                if (move.equals("hindu") && s.get("face").equals("them")) {
                    sawBelow(d.get(n - 1));
                }
            }
            case "overhand-top-to-bottom" -> {
                if (n < 1) {
                    return false;
                }
                set(pile, together(overhand(part(d, 1, n), numbers(s.get("chunks"))), part(d, 0, 1)));
            }
            case "overhand-bottom-to-top" -> {
                int last = number(s, "singles");
                if (last < 1 || last >= n) {
                    return false;
                }
                List<Integer> singles = part(d, n - last, n);
                Collections.reverse(singles);
                set(pile, together(singles, overhand(part(d, 0, n - last), numbers(s.get("chunks")))));
            }
            case "milk-keep" -> {
                int k = number(s, "count");
                if (k < 1 || k >= n) {
                    return false;
                }
                set(
                        pile,
                        together(
                                overhand(part(d, k, n - 1), numbers(s.get("chunks"))),
                                part(d, 0, k),
                                part(d, n - 1, n)));
            }
            case "hindu-keep-top" -> {
                int k = number(s, "stock");
                if (k < 1 || k >= n) {
                    return false;
                }
                set(pile, together(part(d, 0, k), overhand(part(d, k, n), numbers(s.get("chunks")))));
            }
            case "faro-in", "faro-out" -> {
                int k = number(s, "stock");
                if (k < 0 || n - k < 2 || (n - k) % 2 != 0) {
                    return false;
                }
                List<Integer> woven = part(d, 0, k);
                int half = (n - k) / 2;
                for (int i = 0; i < half; i++) {
                    woven.add(d.get(k + (move.equals("faro-in") ? half + i : i)));
                    woven.add(d.get(k + (move.equals("faro-in") ? i : half + i)));
                }
                set(pile, woven);
            }
            case "weave-packet" -> {
                int cut = number(s, "cut");
                if (cut < 1 || cut >= n) {
                    return false;
                }
                List<Integer> upper = part(d, 0, cut);
                List<Integer> lower = part(d, cut, n);
                boolean second = "second".equals(s.get("top"));
                List<Integer> woven = new ArrayList<>();
                for (int i = 0; i < Math.max(cut, n - cut); i++) {
                    for (List<Integer> packet : second ? List.of(lower, upper) : List.of(upper, lower)) {
                        woven.addAll(part(packet, Math.min(i, packet.size()), Math.min(i + 1, packet.size())));
                    }
                }
                set(pile, woven);
            }
            case "top-change-place" -> {
                if (n < 2) {
                    return false;
                }
                cutCards(pile, n - 1);
            }
            case "shuffle-from-break" -> {
                if (gap < 1 || gap >= n) {
                    return false;
                }
                List<Integer> wanted = s.get("block").equals("below") ? part(d, gap, n) : part(d, 0, gap);
                List<Integer> others = s.get("block").equals("below") ? part(d, 0, gap) : part(d, gap, n);
                set(pile, together(wanted, overhand(others, numbers(s.get("chunks")))));
            }
            case "depth-insert" -> {
                if (s.get("what").equals("lifted")) {
                    String lifted = s.get("lifted");
                    if (gap < 1 || lifted.equals(pile) || size(lifted) == 0) {
                        return false;
                    }
                    List<Integer> off = cards(lifted);
                    set(lifted, part(off, 1, off.size()));
                    set(pile, together(part(d, 0, gap), part(off, 0, 1), part(d, gap, n)));
                    return true;
                }
                if (gap < 2) {
                    return false;
                }
                set(pile, together(part(d, 1, gap), part(d, 0, 1), part(d, gap, n)));
            }
            case "multiple-lift" -> {
                int c = number(s, "count");
                if (c < 1 || c > n) {
                    return false;
                }
                sawBelow(d.get(c - 1));
                if (s.get("then").equals("leave")) {
                    set(pile, together(turned(part(d, 0, c)), part(d, c, n)));
                }
            }
            case "glide-draw" -> {
                if (n < 2 || pile.equals(s.get("to"))) {
                    return false;
                }
                sawBelow(d.get(n - 1));
                drop(lift(pile, n - 2, 1), s.get("to"), 0);
            }
            case "spread-pick" -> {
                int at = number(s, "at");
                if (selection != 0 || at < 1 || at > n) {
                    return false;
                }
                sawAbove(d);
                selection = Math.abs(d.get(at - 1));
                drop(lift(pile, at - 1, 1), "spectator:Ines", 0);
            }
            case "return-on-lower", "return-on-top-key", "return-drop-key", "slip-return", "return-four-under" -> {
                return returns(move, s, pile, n, d);
            }
            case "return-throw-centre" -> {
                int at = number(s, "at");
                if (selection != 0 || at < 1 || at > n) {
                    return false;
                }
                selection = Math.abs(d.get(at - 1));
                if (at > 1) {
                    set(pile, together(part(d, 0, 1), part(d, at - 1, at), part(d, 1, at - 1), part(d, at, n)));
                }
            }
            case "deal-to-number" -> {
                int at = number(s, "at");
                if (selection != 0 || at < 1 || at > n) {
                    return false;
                }
                List<Integer> dealt = part(d, 0, at - 1);
                sawAbove(dealt);
                Collections.reverse(dealt);
                selection = Math.abs(d.get(at - 1));
                set(pile, together(dealt, part(d, at - 1, n)));
            }
            default -> throw new IllegalArgumentException(move);
        }
        return true;
    }

    private void letGoOf(int finger) {
        piles.values().forEach(list -> list.remove(Integer.valueOf(finger)));
    }

    /** The selection, wherever it is but in this pile, goes back. */
    private boolean returns(String move, Map<String, String> s, String pile, int n, List<Integer> d) {
        String from = selection == 0 ? "" : placeOf(selection);
        int at = number(s, "at");
        if (from.isEmpty() || from.equals(pile)) {
            return false;
        }
        int card = cards(from).get(positionOf(from, selection) - 1);
        List<Integer> chosen = List.of(card);
        List<Integer> after;
        switch (move) {
            case "return-on-lower" -> {
                if (at < 0 || at > n) {
                    return false;
                }
                after = together(part(d, 0, at), chosen, part(d, at, n));
            }
            case "return-on-top-key" -> {
                if (at < 0 || at > n) {
                    return false;
                }
                after = together(part(d, at, n), chosen, part(d, 0, at));
            }
            case "return-drop-key" -> {
                // So many cards come to lie below the selection; the packet with the key on its face falls on it.
                if (at < 0 || at > (s.get("way").equals("hindu") ? n - 1 : n)) {
                    return false;
                }
                after = together(part(d, at, n), chosen, part(d, 0, at));
            }
            case "slip-return" -> {
                if (at < 2 || at >= n || pile.startsWith("spectator")) {
                    return false;
                }
                after = together(part(d, 1, at), chosen, part(d, 0, 1), part(d, at, n));
            }
            default -> {
                int under = number(s, "under");
                if (under < 1 || under >= n || at < 1 || at > n - under || pile.startsWith("spectator")) {
                    return false;
                }
                // The swung-off cards, the selection on them, the rest on it; then the cut at the break above its
                // lowest.
                after = together(part(d, n - under, n), chosen, part(d, 0, at), part(d, at, n - under));
            }
        }
        at(from).remove(Integer.valueOf(card));
        set(pile, after);
        return true;
    }

    private static int number(Map<String, String> s, String name) {
        return Integer.parseInt(s.get(name));
    }
}
