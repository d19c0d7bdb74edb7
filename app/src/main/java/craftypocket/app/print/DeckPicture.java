package craftypocket.app.print;

import craftypocket.core.layout.Hold;
import craftypocket.core.layout.Layout;
import craftypocket.core.layout.Pile;
import craftypocket.core.layout.Place;
import craftypocket.core.read.Plan;
import craftypocket.core.routine.Routine;
import craftypocket.core.run.Survey;
import craftypocket.core.run.Trace;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * Piles after a step, seen from the side with the top on the left, in ink alone: cards that lie face up are white, holds are
 * marks below. Piles are as large as in the usual way. A followed card is a black one where it always lies there; otherwise a row of
 * bars below says where it can be in all ways, each as high as that is likely.
 */
public final class DeckPicture {

    /** Bars and words of one role that can be in several places. */
    private record Lane(String words, Map<Spot, Double> shares) {}

    /** A place of a pile. */
    private record Spot(Place place, int position) {}

    /** A role that is always at one place. */
    private record Marked(int role, String words, Spot spot) {}

    /** Where a role is, from the left to the right: its thread goes there. */
    private record Reach(double left, double right) {}

    private static final double LETTERS = 11;
    private static final double SLOTS = 13;
    private static final double LANE = 11;
    private static final double BELOW = 10;
    private static final double SMALL = 7;
    private static final double WIDEST = 15;
    private static final double BETWEEN = 12;
    private static final double FACE_DOWN = 0.8;
    private static final double PAPER = 1;
    private static final double THREAD = 0.92;

    /** More stretches than this nobody reads. */
    private static final int MOST_STRETCHES = 3;

    private final Layout layout;
    private final List<Marked> marked = new ArrayList<>();
    private final Map<Integer, Lane> lanes = new LinkedHashMap<>();

    private DeckPicture(Layout layout) {
        this.layout = layout;
    }

    /**
     * @param plan the routine
     * @param trace its usual way
     * @param survey all its ways; where none was looked at, no place is told
     * @param moment which moment, the set-up being 0
     */
    public static DeckPicture of(Plan plan, Trace trace, Survey survey, int moment) {
        Trace.Moment at = trace.moments().get(moment);
        DeckPicture picture = new DeckPicture(at.layout());
        for (int role = 0; role < at.roles().size(); role++) {
            if (at.roles().get(role).chosen() && survey.worlds() > 0) {
                picture.follow(
                        role,
                        plan.routine().roles().get(role).letter(),
                        survey.bands().get(moment).get(role));
            }
        }
        return picture;
    }

    private void follow(int role, String letter, List<Survey.Spot> band) {
        Map<Spot, Double> shares = new LinkedHashMap<>();
        band.stream()
                .sorted(Comparator.comparingInt(Survey.Spot::position))
                .forEach(spot -> shares.put(new Spot(spot.place(), spot.position()), spot.share()));
        if (shares.size() == 1) {
            Spot spot = shares.keySet().iterator().next();
            marked.add(new Marked(role, letter + " " + spot.position(), spot));
        } else if (!shares.isEmpty()) {
            lanes.put(role, new Lane(words(letter, shares), shares));
        }
    }

    /** {@code A 15–37}, {@code A anywhere in the deck}, {@code A 3 in the other hand or 12–20}. */
    private String words(String letter, Map<Spot, Double> shares) {
        Map<Place, List<Integer>> byPlace = shares.keySet().stream()
                .collect(Collectors.groupingBy(
                        Spot::place, LinkedHashMap::new, Collectors.mapping(Spot::position, Collectors.toList())));
        return letter + " "
                + byPlace.entrySet().stream()
                        .map(each -> stretches(each.getKey(), each.getValue()))
                        .collect(Collectors.joining(" or "));
    }

    private String stretches(Place place, List<Integer> positions) {
        String where = place.equals(Place.DECK) ? "" : " " + place.label();
        if (positions.size() > 2 && positions.size() == layout.at(place).size()) {
            return "anywhere in " + place.label();
        }
        List<String> stretches = new ArrayList<>();
        int first = positions.get(0);
        for (int i = 0; i < positions.size(); i++) {
            int here = positions.get(i);
            if (i + 1 == positions.size() || positions.get(i + 1) > here + 1) {
                stretches.add(first == here ? String.valueOf(here) : first + "–" + here);
                first = i + 1 == positions.size() ? here : positions.get(i + 1);
            }
        }
        String all = positions.get(0) + "–" + positions.get(positions.size() - 1);
        return (stretches.size() > MOST_STRETCHES ? all : String.join(" or ", stretches)) + where;
    }

    /** Where every followed card is, in words; empty when none is told. */
    public List<String> told() {
        TreeMap<Integer, String> told = new TreeMap<>();
        lanes.forEach((role, lane) -> told.put(role, lane.words()));
        // How many cards the pile has is another number in other ways.
        marked.forEach(each -> told.put(
                each.role(),
                each.words()
                        + (each.spot().place().equals(Place.DECK)
                                ? ""
                                : ", " + each.spot().place().label())));
        return List.copyOf(told.values());
    }

    /** How high the picture is. */
    public double height() {
        return LETTERS + SLOTS + (needsBelow() ? BELOW : 2) + lanes.size() * LANE;
    }

    /** The picture as SVG, for a page that is so many pixels wide. */
    public String svg(double width) {
        SvgCanvas canvas = new SvgCanvas();
        draw(canvas, 0, 0, width);
        return canvas.picture(width, height(), String.join(", ", told()));
    }

    private boolean needsBelow() {
        return !layout.holds().isEmpty() || layout.piles().size() > 1;
    }

    /** Where piles begin, how many cards they have, and how wide a card is drawn. */
    private record Boxes(Map<Place, Double> lefts, Map<Place, Integer> sizes, double slot) {

        /** What lies deeper in another way than the pile goes in the usual one is drawn at its end. */
        double middle(Spot spot) {
            int position = Math.min(spot.position(), sizes.get(spot.place()));
            return lefts.get(spot.place()) + (position - 0.5) * slot;
        }
    }

    private Boxes boxes(double left, double width) {
        int cards = layout.piles().stream().mapToInt(Pile::size).sum();
        double gaps = (layout.piles().size() - 1) * BETWEEN;
        double slot = Math.min(WIDEST, (width - gaps) / Math.max(1, cards));
        Map<Place, Double> lefts = new LinkedHashMap<>();
        Map<Place, Integer> sizes = new LinkedHashMap<>();
        double x = left;
        for (Pile pile : layout.piles()) {
            lefts.put(pile.place(), x);
            sizes.put(pile.place(), pile.size());
            x += pile.size() * slot + BETWEEN;
        }
        return new Boxes(lefts, sizes, slot);
    }

    /** Draws it with its upper left corner at a place. */
    void draw(Canvas canvas, double left, double top, double width) {
        Boxes boxes = boxes(left, width);
        double slotsTop = top + LETTERS;
        for (Pile pile : layout.piles()) {
            pile(canvas, boxes, pile, slotsTop, left + width);
        }
        layout.holds().stream()
                .filter(hold -> hold.kind() != Hold.Kind.BEND && boxes.lefts().containsKey(hold.place()))
                .forEach(hold -> hold(canvas, boxes, hold, slotsTop));
        letters(canvas, boxes, slotsTop, left + width);
        double lane = slotsTop + SLOTS + (needsBelow() ? BELOW : 2);
        for (Lane each : lanes.values()) {
            lane(canvas, boxes, each, lane, left, width);
            lane += LANE;
        }
    }

    private void pile(Canvas canvas, Boxes boxes, Pile pile, double top, double right) {
        double x = boxes.lefts().get(pile.place());
        for (int position = 1; position <= pile.size(); position++) {
            double grey = pile.faceUp(position) ? PAPER : FACE_DOWN;
            canvas.box(x + (position - 1) * boxes.slot(), top, boxes.slot(), SLOTS, grey, true);
        }
        if (layout.piles().size() > 1) {
            String label = pile.place().label();
            double at = Math.min(x, right - canvas.width(SMALL, false, label));
            canvas.text(at, top + SLOTS + BELOW - 2, SMALL, false, label);
        }
    }

    private static void hold(Canvas canvas, Boxes boxes, Hold hold, double top) {
        double x = boxes.lefts().get(hold.place()) + hold.depth() * boxes.slot();
        double foot = top + SLOTS;
        if (hold.kind().ofCards()) {
            canvas.box(x, top - 3, boxes.slot(), 3, 0, false);
        } else {
            canvas.line(x - 3, foot + 4, x, foot, 1, 0, 0);
            canvas.line(x, foot, x + 3, foot + 4, 1, 0, 0);
            canvas.line(x, top, x, foot, 1, 0, 0);
        }
        canvas.text(x + 5, foot + BELOW - 2, SMALL, false, hold.kind().word());
    }

    /** Letters above their cards, which make room for one another. */
    private void letters(Canvas canvas, Boxes boxes, double top, double right) {
        List<Marked> sorted = marked.stream()
                .filter(each -> boxes.lefts().containsKey(each.spot().place()))
                .sorted(Comparator.comparingDouble(each -> boxes.middle(each.spot())))
                .toList();
        double[] at = new double[sorted.size()];
        double free = 0;
        for (int i = 0; i < at.length; i++) {
            double wide = canvas.width(SMALL + 1, true, sorted.get(i).words());
            double middle = boxes.middle(sorted.get(i).spot());
            canvas.box(middle - boxes.slot() / 2, top, boxes.slot(), SLOTS, 0, true);
            at[i] = Math.max(middle - wide / 2, free);
            free = at[i] + wide + 4;
        }
        double end = right;
        for (int i = at.length - 1; i >= 0; i--) {
            String words = sorted.get(i).words();
            at[i] = Math.min(at[i], end - canvas.width(SMALL + 1, true, words));
            end = at[i] - 4;
            canvas.text(at[i], top - 3, SMALL + 1, true, words);
        }
    }

    private static void lane(Canvas canvas, Boxes boxes, Lane lane, double top, double left, double width) {
        double most = lane.shares().values().stream()
                .mapToDouble(share -> share)
                .max()
                .orElse(1);
        double words = canvas.width(SMALL, true, lane.words());
        double last = left;
        for (Map.Entry<Spot, Double> each : lane.shares().entrySet()) {
            if (boxes.lefts().containsKey(each.getKey().place())) {
                double high = Math.max(0.5, (LANE - 3) * each.getValue() / most);
                double x = boxes.middle(each.getKey()) - boxes.slot() * 0.4;
                canvas.box(x, top + LANE - 2 - high, boxes.slot() * 0.8, high, 0.35, false);
                last = Math.max(last, x + boxes.slot());
            }
        }
        boolean behind = last + 3 + words <= left + width;
        double first = lane.shares().keySet().stream()
                .filter(spot -> boxes.lefts().containsKey(spot.place()))
                .mapToDouble(boxes::middle)
                .min()
                .orElse(left);
        boolean before = first - boxes.slot() - words - 3 >= left;
        double x = behind ? last + 3 : before ? first - boxes.slot() - words - 3 : left + width - words;
        if (!behind && !before) {
            canvas.box(x - 2, top, words + 2, LANE - 2, PAPER, false);
        }
        canvas.text(x, top + LANE - 3, SMALL, true, lane.words());
    }

    /** Where a role's thread leaves or reaches the picture; nothing where no place is told. */
    private Optional<Reach> reach(int role, double left, double width) {
        Boxes boxes = boxes(left, width);
        return marked.stream()
                .filter(each -> each.role() == role)
                .map(Marked::spot)
                .filter(spot -> boxes.lefts().containsKey(spot.place()))
                .findFirst()
                .map(spot -> new Reach(boxes.middle(spot), boxes.middle(spot)))
                .or(() -> Optional.ofNullable(lanes.get(role)).flatMap(lane -> {
                    double[] middles = lane.shares().keySet().stream()
                            .filter(spot -> boxes.lefts().containsKey(spot.place()))
                            .mapToDouble(boxes::middle)
                            .sorted()
                            .toArray();
                    return middles.length == 0
                            ? Optional.empty()
                            : Optional.of(new Reach(middles[0], middles[middles.length - 1]));
                }));
    }

    /** Draws the threads from the picture before to this one: lines between places that are always the same, and else grey areas. */
    void threads(Canvas canvas, DeckPicture before, double left, double beforeTop, double top, double width) {
        double from = beforeTop + LETTERS + SLOTS;
        for (int role = 0; role < Routine.MOST_ROLES; role++) {
            Optional<Reach> upper = before.reach(role, left, width);
            Optional<Reach> lower = reach(role, left, width);
            if (upper.isPresent() && lower.isPresent()) {
                Reach a = upper.get();
                Reach b = lower.get();
                // Above a letter, not through it.
                double to = top + (lanes.containsKey(role) ? LETTERS : 2);
                if (a.left() == a.right() && b.left() == b.right()) {
                    canvas.line(a.left(), from, b.left(), to, 0.8, 0.4, role % 2 == 0 ? 0 : 3);
                } else {
                    canvas.between(a.left(), a.right(), from, b.left(), b.right(), to, THREAD);
                }
            }
        }
    }
}
