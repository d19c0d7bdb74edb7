package craftypocket.bench;

import craftypocket.core.claims.ClaimSpec;
import craftypocket.core.moves.AllMoves;
import craftypocket.core.read.Plan;
import craftypocket.core.read.PlanReader;
import craftypocket.core.routine.Placement;
import craftypocket.core.routine.Role;
import craftypocket.core.routine.RoleKind;
import craftypocket.core.routine.Routine;
import craftypocket.core.routine.RoutineClaim;
import craftypocket.core.routine.SetUp;
import craftypocket.core.routine.Step;
import java.util.ArrayList;
import java.util.List;

/** The routines that are measured. */
final class Routines {

    private Routines() {}

    /** A key-card routine of so many steps, with shuffles between the return and the end, and three claims. */
    static Plan keyCard(int steps, String... choices) {
        return plan(steps, List.of(), choices);
    }

    /** The same with two real riffles before the other shuffles, and nothing else left open. */
    static Plan keyCardWithRiffles(int steps) {
        List<Step> riffles = List.of(Step.of("riffle1", "spectator-riffle"), Step.of("riffle2", "spectator-riffle"));
        return plan(steps, riffles, "26", "20", "30");
    }

    /** Three free choices, returned anywhere, and a cut; two claims. */
    static Plan threePeople() {
        List<Step> script = List.of(
                Step.of("p1", "spread-pick", "role", "A", "at", "any"),
                Step.of("p2", "spread-pick", "role", "B", "at", "any"),
                Step.of("p3", "spread-pick", "role", "C", "at", "any"),
                Step.of("r1", "return-on-lower", "role", "A", "at", "any"),
                Step.of("r2", "return-on-lower", "role", "B", "at", "any"),
                Step.of("r3", "return-on-lower", "role", "C", "at", "15-30"));
        Routine routine = new Routine(
                SetUp.of("52", List.of()),
                List.of(
                        new Role("A", RoleKind.SELECTION, "Ines", ""),
                        new Role("B", RoleKind.SELECTION, "Bruno", ""),
                        new Role("C", RoleKind.SELECTION, "Orla", "")),
                script,
                List.of(
                        new RoutineClaim("c1", "", ClaimSpec.of("position", "role", "A", "nth", "1")),
                        new RoutineClaim("c2", "", ClaimSpec.of("directly-below", "role", "A", "of", "B"))));
        return PlanReader.read(routine, AllMoves.CATALOGUE);
    }

    /** Three free cuts, each before a shuffle of six rough chunks, with a selection and a key to be followed. */
    static Plan roughHands() {
        List<Step> script = new ArrayList<>();
        for (int i = 1; i <= 3; i++) {
            script.add(Step.of("cut" + i, "spectator-cut", "depth", "any"));
            script.add(Step.of("mix" + i, "overhand", "chunks", "8±2 8±2 8±2 8±2 8±2 8±2"));
        }
        return selectionAndKey(script);
    }

    /** Two riffles, with a selection and a key to be followed. */
    static Plan twoRiffles() {
        return selectionAndKey(List.of(Step.of("riffle1", "spectator-riffle"), Step.of("riffle2", "spectator-riffle")));
    }

    /** A key glimpsed and dropped on a free selection, two free cuts, and looked for: four claims ask what is known. */
    static Plan keyAskedFor() {
        List<Step> script = List.of(
                Step.of("see", "glimpse", "where", "bottom", "as", "K"),
                Step.of("pick", "spread-pick", "role", "A", "at", "any", "not", "bottom"),
                Step.of("return", "return-drop-key", "role", "A", "key", "K", "way", "cut", "at", "any"),
                Step.of("mix", "overhand", "chunks", "8±2 8±2 rest"),
                Step.of("cut1", "spectator-cut", "depth", "any"),
                Step.of("cut2", "spectator-cut", "depth", "any"),
                Step.of("look", "look-by-key", "key", "K", "side", "below", "role", "A"),
                Step.of("name", "name-it", "role", "A"));
        Routine routine = new Routine(
                SetUp.of("52", List.of()),
                List.of(new Role("A", RoleKind.SELECTION, "Ines", ""), new Role("K", RoleKind.KEY, "", "")),
                script,
                List.of(
                        new RoutineClaim("c1", "return", ClaimSpec.of("place-known", "role", "K")),
                        new RoutineClaim("c2", "cut1", ClaimSpec.of("place-known", "role", "A", "how", "circle")),
                        new RoutineClaim("c3", "cut2", ClaimSpec.of("place-known", "role", "K")),
                        new RoutineClaim("c4", "look", ClaimSpec.of("name-known", "role", "A"))));
        return PlanReader.read(routine, AllMoves.CATALOGUE);
    }

    private static Plan selectionAndKey(List<Step> shuffles) {
        List<Step> script = new ArrayList<>(List.of(
                Step.of("pick", "spread-pick", "role", "A", "at", "any"),
                Step.of("return", "return-on-lower", "role", "A", "at", "any")));
        script.addAll(shuffles);
        Routine routine = new Routine(
                SetUp.of("52", List.of(new Placement("AS", 52, false))),
                List.of(new Role("A", RoleKind.SELECTION, "Ines", ""), new Role("K", RoleKind.KEY, "", "AS")),
                script,
                List.of(
                        new RoutineClaim("c1", "", ClaimSpec.of("directly-below", "role", "A", "of", "K")),
                        new RoutineClaim("c2", "", ClaimSpec.of("position", "role", "A", "nth", "1-26"))));
        return PlanReader.read(routine, AllMoves.CATALOGUE);
    }

    private static Plan plan(int steps, List<Step> riffles, String... choices) {
        List<Step> script = new ArrayList<>();
        script.add(Step.of("mix", "milk-keep", "chunks", "9 7 8 6 9 rest"));
        script.add(Step.of("pick", "spread-pick", "not", "bottom", "at", choices[0]));
        script.add(Step.of("return", "return-drop-key", "way", "table", "at", choices[1]));
        script.add(Step.of("cut", "spectator-cut", "depth", choices[2]));
        script.addAll(riffles);
        while (script.size() < steps) {
            String id = "s" + script.size();
            script.add(
                    switch (script.size() % 4) {
                        case 0 -> Step.of(id, "overhand", "chunks", "9 7 8 6 9 rest");
                        case 1 -> Step.of(id, "complete-cut", "depth", "26");
                        case 2 -> Step.of(id, "packets-to-table", "packets", "9 12 8");
                        default -> Step.of(id, "overhand-top-to-bottom", "chunks", "11 8 7 9 6 rest");
                    });
        }
        ClaimSpec below = ClaimSpec.of("directly-below", "deck", "circle");
        Routine routine = new Routine(
                SetUp.of("52", List.of(new Placement("9C", 1, true))),
                List.of(new Role("A", RoleKind.SELECTION, "Ines", ""), new Role("K", RoleKind.KEY, "", "9C")),
                script,
                List.of(
                        new RoutineClaim("c1", "cut", below),
                        new RoutineClaim("c2", "", below),
                        new RoutineClaim("c3", "", ClaimSpec.of("position", "nth", "1"))));
        return PlanReader.read(routine, AllMoves.CATALOGUE);
    }
}
