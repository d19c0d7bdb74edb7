package craftypocket.core.moves;

import static org.assertj.core.api.Assertions.assertThat;

import craftypocket.core.Script;
import craftypocket.core.layout.Knower;
import craftypocket.core.layout.Lying;
import craftypocket.core.read.Condition;
import craftypocket.core.routine.RoleKind;
import craftypocket.core.run.Survey;
import craftypocket.core.run.Trace;
import craftypocket.core.settings.ProblemsFound;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The table {@code each-move.txt}: what each move does to a small deck. */
class EachMoveTableTest {

    static List<String> lines() {
        try (var reader = new BufferedReader(new InputStreamReader(
                EachMoveTableTest.class.getResourceAsStream("/each-move.txt"), StandardCharsets.UTF_8))) {
            return reader.lines()
                    .filter(line -> !line.isBlank() && !line.startsWith("#"))
                    .toList();
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    /** The moves that some line tries as its last step. */
    static Set<String> tried() {
        return lines().stream()
                .filter(line -> !line.contains("=> cannot") && !line.contains("=> unknown"))
                .map(line -> line.substring(0, line.indexOf("=>")).strip())
                .map(steps ->
                        steps.substring(steps.lastIndexOf(';') + 1).strip().split(" ")[0])
                .collect(Collectors.toSet());
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("lines")
    void each_line_is_true(String line) {
        String[] halves = line.split("=>");
        String[] parts = halves[0].strip().split("\\s*;\\s*");
        Script script = Script.deck(Integer.parseInt(parts[0]));
        for (int i = 1; i < parts.length; i++) {
            add(script, parts[i].strip());
        }
        String then = halves[1].strip();
        if (then.startsWith("cannot ")) {
            String reason;
            try {
                reason = script.trace().end().broken().orElseThrow().reason();
            } catch (ProblemsFound unreadable) {
                reason = unreadable.getMessage();
            }
            assertThat(reason).contains(then.substring("cannot ".length()));
            return;
        }
        if (then.equals("unknown")) {
            assertThat(script.survey().findings().stream()
                            .filter(finding -> finding.condition().kind() == Condition.Kind.CAN_BE_DONE)
                            .reduce((one, last) -> last)
                            .map(Survey.Finding::verdict))
                    .contains(Survey.Verdict.NEVER);
            return;
        }
        Trace trace = script.trace();
        assertThat(trace.moments()).allSatisfy(m -> assertThat(m.broken()).isEmpty());
        FaultsTest.assertThatHoldsCanBeLost(script.plan(), trace);
        for (String fact : then.split("\\s*;\\s*")) {
            check(script, trace, fact.strip().split(" "));
        }
    }

    private static void add(Script script, String part) {
        String[] words = part.split(" ");
        if (part.equals("bent")) {
            script.bent();
        } else if (words[0].equals("pile")) {
            script.pile(words[1], words[2]);
        } else if (words[0].equals("thing")) {
            script.thing(words[1], words[2], words[3]);
        } else if (words[0].equals("mark")) {
            script.mark(words[1], words[2]);
        } else if (part.matches("[A-Z][:=*].*")) {
            addRole(script, part);
        } else {
            String[] pairs = Arrays.stream(words)
                    .skip(1)
                    .flatMap(word -> Stream.of(word.split("=")))
                    .map(text -> text.replace('_', ' '))
                    .toArray(String[]::new);
            script.step(words[0], pairs);
        }
    }

    private static void addRole(Script script, String part) {
        String letter = part.substring(0, 1);
        if (part.charAt(1) == '*') {
            script.role(letter, RoleKind.SLUG, "", part.substring(2));
            return;
        }
        String[] ownerAndCard = (part.charAt(1) == ':' ? part.substring(2) : part.substring(1)).split("[=@]", -1);
        String card = ownerAndCard.length > 1 ? ownerAndCard[1] : "";
        RoleKind kind = letter.equals("A") ? RoleKind.SELECTION : letter.equals("F") ? RoleKind.FORCE : RoleKind.KEY;
        script.role(letter, kind, ownerAndCard[0], card);
        if (ownerAndCard.length > 2) {
            script.place(card, Integer.parseInt(ownerAndCard[2]));
        }
    }

    private static void check(Script script, Trace trace, String[] fact) {
        List<String> rest = Arrays.asList(fact).subList(1, fact.length);
        switch (fact[0]) {
            case "shown" ->
                assertThat(trace.end().shown().stream()
                                .map(s -> (s.onlyPerformer() ? "?" : "") + (s.card() + 1) + (s.front() ? "+" : "-"))
                                .toList())
                        .isEqualTo(rest);
            case "hold" ->
                assertThat(trace.end().layout().holds().stream()
                                .map(h -> List.of(h.kind().text(), h.place().text(), String.valueOf(h.depth())))
                                .toList())
                        .contains(rest);
            case "unheld" -> assertThat(trace.end().layout().holds()).isEmpty();
            case "knows" ->
                assertThat(knowers(script, trace, rest.get(0)))
                        .containsExactlyInAnyOrderElementsOf(rest.subList(1, rest.size()));
            case "lies" -> {
                Lying thing = thing(script, trace, rest.get(0));
                assertThat(List.of(thing.place().text(), String.valueOf(thing.above())))
                        .isEqualTo(rest.subList(1, 3));
            }
            case "closed", "open" ->
                assertThat(thing(script, trace, rest.get(0)).closed()).isEqualTo(fact[0].equals("closed"));
            case "written" ->
                assertThat(thing(script, trace, rest.get(0)).written() + 1).isEqualTo(Integer.parseInt(rest.get(1)));
            case "spoilt" ->
                assertThat(trace.end().spoilt().stream()
                                .map(s -> (s.card() + 1) + " " + s.how().word())
                                .toList())
                        .containsExactly(String.join(" ", rest));
            case "takes" ->
                assertThat(role(script, trace, rest.get(0)).takenFor() + 1).isEqualTo(Integer.parseInt(rest.get(1)));
            case "same" ->
                assertThat(role(script, trace, rest.get(0)).card())
                        .isEqualTo(role(script, trace, rest.get(1)).card());
            case "different" ->
                assertThat(role(script, trace, rest.get(0)).card())
                        .isNotEqualTo(role(script, trace, rest.get(1)).card());
            default ->
                assertThat(Script.cards(trace, fact[0]))
                        .as(fact[0])
                        .isEqualTo(rest.stream().map(Integer::valueOf).toList());
        }
    }

    private static Lying thing(Script script, Trace trace, String name) {
        return trace.end().layout().things().stream()
                .filter(t ->
                        script.plan().props().things().get(t.thing()).name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    /** Who knows the name of a role's card: those who saw it, and the performer by what is the same in all ways. */
    private static List<String> knowers(Script script, Trace trace, String letter) {
        List<Integer> knowers = new ArrayList<>(role(script, trace, letter).nameKnownTo());
        if (script.known().name(script.plan().cast().roleOf(letter))) {
            knowers.add(Knower.PERFORMER);
        }
        return knowers.stream().map(script.plan().people()::get).toList();
    }

    private static Trace.RoleState role(Script script, Trace trace, String letter) {
        return trace.end().roles().get(script.plan().cast().roleOf(letter));
    }
}
