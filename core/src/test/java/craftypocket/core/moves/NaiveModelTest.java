package craftypocket.core.moves;

import static org.assertj.core.api.Assertions.assertThat;

import craftypocket.core.Rounds;
import craftypocket.core.Script;
import craftypocket.core.layout.Hold;
import craftypocket.core.layout.Pile;
import craftypocket.core.run.Trace;
import craftypocket.core.settings.Setting;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/**
 * Random routines on packs of 4 to 54 cards with piles, turned cards and breaks: after every step the program and the {@link
 * NaiveTable} agree, also on what cannot be done.
 */
class NaiveModelTest {

    private static final int ROUTINES = 6000;
    private static final int TRIED = Rounds.of(ROUTINES);

    /** The moves that the model knows. */
    static final List<String> MOVES = List.of(
            "complete-cut",
            "spectator-cut",
            "cut-to-break",
            "pass",
            "half-pass",
            "swing-cut",
            "slip-cut",
            "packets-to-table",
            "lift-packet",
            "lift-packet",
            "drop-packet",
            "drop-packet",
            "bury-packet",
            "deal-singly",
            "turn-over",
            "wrist-turn",
            "turn-top",
            "turn-card",
            "exchange-blocks",
            "hold-break",
            "hold-break",
            "hold-break",
            "pass-break",
            "let-go",
            "overhand",
            "hindu",
            "overhand-top-to-bottom",
            "overhand-bottom-to-top",
            "milk-keep",
            "hindu-keep-top",
            "faro-in",
            "faro-out",
            "weave-packet",
            "top-change-place",
            "shuffle-from-break",
            "depth-insert",
            "multiple-lift",
            "glide-draw",
            "spread-pick",
            "spread-pick",
            "return-on-lower",
            "return-on-top-key",
            "return-drop-key",
            "slip-return",
            "return-four-under",
            "return-throw-centre",
            "deal-to-number");

    /** After these the fingers are compared; other moves say themselves what becomes of a break. */
    private static final Set<String> LIVING = Set.of(
            "swing-cut",
            "slip-cut",
            "lift-packet",
            "drop-packet",
            "bury-packet",
            "hold-break",
            "pass-break",
            "let-go",
            "turn-card",
            "glide-draw",
            "spread-pick");

    private static final List<String> PLACES =
            List.of("deck", "deck", "deck", "other-hand", "table:a", "table:b", "spectator:Ines");

    private static String number(Random random, int cards) {
        return String.valueOf(
                random.nextInt(8) == 0 ? random.nextInt(cards + 2) : 1 + random.nextInt(Math.max(1, cards / 2)));
    }

    private static String value(Setting setting, int cards, Random random) {
        return switch (setting.kind()) {
            case AMOUNT -> number(random, cards);
            case CHUNKS ->
                random.nextBoolean()
                        ? number(random, cards) + " rest"
                        : (1 + random.nextInt(6)) + " " + (1 + random.nextInt(9)) + " " + (1 + random.nextInt(4));
            case PLACE -> PLACES.get(random.nextInt(PLACES.size()));
            case OPTION ->
                setting.options().get(random.nextInt(setting.options().size())).name();
            default -> setting.usual();
        };
    }

    private static Map<String, String> settings(Move move, int cards, Random random) {
        Map<String, String> settings = new LinkedHashMap<>();
        for (Setting setting : move.settings().all()) {
            settings.put(setting.name(), value(setting, cards, random));
        }
        boolean hands = move.id().equals("hold-break") || move.id().equals("pass-break");
        if (hands || (settings.containsKey("pile") && random.nextInt(3) > 0)) {
            settings.put("pile", random.nextInt(4) > 0 ? "deck" : "other-hand");
        }
        settings.computeIfPresent("hold", (name, any) -> random.nextBoolean() ? "break" : "thumb");
        settings.computeIfPresent("finger", (name, any) -> random.nextBoolean() ? "break" : "thumb");
        settings.computeIfPresent("from", (name, any) -> random.nextBoolean() ? "top" : "bottom");
        settings.computeIfPresent("not", (name, any) -> "none");
        settings.computeIfPresent("except", (name, any) -> "");
        settings.computeIfPresent("way", (name, any) -> "table");
        settings.computeIfPresent("keep", (name, any) -> "nothing");
        switch (move.id()) {
            case "multiple-lift" -> settings.put("then", random.nextBoolean() ? "leave" : "show");
            case "return-four-under" -> settings.put("then", "cut");
            case "depth-insert" -> settings.put("how", "whole");
            case "pass-break" -> settings.put("to", random.nextBoolean() ? "break" : "thumb");
            case "deal-to-number" -> settings.put("to", "table:counted");
            case "packets-to-table" -> settings.put("packets", number(random, cards) + " 2 1");
            default -> {
                // As drawn.
            }
        }
        return settings;
    }

    /** The model with what lies on the table and is held at a moment of a trace. */
    static NaiveTable tableOf(Trace.Moment moment) {
        NaiveTable table = new NaiveTable(List.of());
        layout(moment).forEach(table::lay);
        sync(table, moment);
        return table;
    }

    static Map<String, List<Integer>> layout(Trace.Moment moment) {
        Map<String, List<Integer>> layout = new TreeMap<>();
        for (Pile pile : moment.layout().piles()) {
            layout.put(
                    pile.place().text(),
                    IntStream.rangeClosed(1, pile.size())
                            .mapToObj(p -> (pile.card(p) + 1) * (pile.faceUp(p) ? -1 : 1))
                            .toList());
        }
        return layout;
    }

    private static Map<Integer, String> fingers(Trace.Moment moment) {
        Map<Integer, String> fingers = new HashMap<>();
        for (Hold hold : moment.layout().holds()) {
            assertThat(hold.kind()).isIn(Hold.Kind.BREAK, Hold.Kind.THUMB);
            fingers.put(
                    hold.kind() == Hold.Kind.BREAK ? NaiveTable.BREAK : NaiveTable.THUMB,
                    hold.place().text() + " " + hold.depth());
        }
        return fingers;
    }

    /** The cards whose fronts everybody sees in a step. */
    private static Set<Integer> seen(Trace.Moment moment) {
        return Stream.concat(moment.shown().stream(), moment.alsoSeen().stream())
                .filter(s -> s.toEverybody() && s.front())
                .map(s -> s.card() + 1)
                .collect(Collectors.toSet());
    }

    private static Set<Integer> with(Set<Integer> some, Set<Integer> others) {
        Set<Integer> all = new TreeSet<>(some);
        all.addAll(others);
        return all;
    }

    private static void sync(NaiveTable table, Trace.Moment moment) {
        table.forgetFingers();
        for (Hold hold : moment.layout().holds()) {
            if (hold.depth() > 0) {
                table.hold(
                        hold.place().text(),
                        hold.kind() == Hold.Kind.BREAK ? NaiveTable.BREAK : NaiveTable.THUMB,
                        hold.depth());
            }
        }
    }

    @Test
    void program_and_naive_model_agree_after_every_step() {
        int done = 0;
        int refused = 0;
        for (long seed : Rounds.seeds(ROUTINES).toArray()) {
            Random random = new Random(seed);
            int cards = seed % 20 == 0 ? 54 : 4 + random.nextInt(49);
            Script script = Script.deck(cards).selection("A", "Ines").key("K", "AS", 1);
            List<String> moves = new ArrayList<>();
            List<Map<String, String>> all = new ArrayList<>();
            for (int i = 0; i < 2 + random.nextInt(7); i++) {
                Move move = AllMoves.CATALOGUE
                        .find(MOVES.get(random.nextInt(MOVES.size())))
                        .orElseThrow();
                Map<String, String> settings = settings(move, cards, random);
                moves.add(move.id());
                all.add(settings);
                script.step(
                        move.id(),
                        settings.entrySet().stream()
                                .flatMap(e -> List.of(e.getKey(), e.getValue()).stream())
                                .toArray(String[]::new));
            }
            List<Trace.Moment> moments = script.trace().moments();
            NaiveTable table = new NaiveTable(layout(moments.get(0)).get("deck"));
            for (int i = 0; i < moves.size(); i++) {
                Trace.Moment moment = moments.get(i + 1);
                String told = "seed %d, step %d: %s %s, from %s"
                        .formatted(seed, i + 1, moves.get(i), all.get(i), layout(moments.get(i)));
                if (moves.get(i).equals("depth-insert")
                        && moments.get(i).layout().holds().size() > 1) {
                    // Which of two breaks was taken last, the model does not know.
                    break;
                }
                Set<Integer> inView = table.uppermost();
                boolean could = table.does(moves.get(i), all.get(i));
                assertThat(moment.broken().isEmpty())
                        .as("%s can be done (%s)", told, moment.broken())
                        .isEqualTo(could);
                assertThat(layout(moment)).as(told).isEqualTo(table.layout());
                if (could
                        && LIVING.contains(moves.get(i))
                        && moment.layout().holds().stream().allMatch(h -> h.depth() > 0)) {
                    assertThat(fingers(moment)).as(told).isEqualTo(table.fingers());
                }
                if (could) {
                    // What lay in view before is not told again, unless it is shown.
                    assertThat(with(inView, seen(moment))).as("seen, " + told).isEqualTo(with(inView, table.seen()));
                }
                sync(table, moment);
                done += could ? 1 : 0;
                refused += could ? 0 : 1;
            }
        }
        assertThat(done).isGreaterThan(TRIED);
        assertThat(refused).isGreaterThan(TRIED / 4);
    }
}
