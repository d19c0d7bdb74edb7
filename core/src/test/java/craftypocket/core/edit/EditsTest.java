package craftypocket.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import craftypocket.core.claims.ClaimSpec;
import craftypocket.core.moves.AllMoves;
import craftypocket.core.read.PlanReader;
import craftypocket.core.routine.Attention;
import craftypocket.core.routine.Look;
import craftypocket.core.routine.Occasion;
import craftypocket.core.routine.Out;
import craftypocket.core.routine.OwnMove;
import craftypocket.core.routine.Placement;
import craftypocket.core.routine.Role;
import craftypocket.core.routine.RoleKind;
import craftypocket.core.routine.Routine;
import craftypocket.core.routine.RoutineClaim;
import craftypocket.core.routine.SetUp;
import craftypocket.core.routine.Step;
import craftypocket.core.run.World;
import craftypocket.core.settings.ProblemsFound;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What edits leave, worked out by hand on routines of a few steps. */
class EditsTest {

    private static final Routine EMPTY =
            new Routine(SetUp.of("52", List.of()), List.of(), List.of(), List.of(), List.of(), List.of());

    /** Steps a, b, c …, each a cut. */
    private static Routine cuts(String ids, Out... outs) {
        return EMPTY.withSteps(steps(ids)).withOuts(List.of(outs));
    }

    private static List<Step> steps(String ids) {
        return Stream.of(ids.split(" "))
                .filter(id -> !id.isEmpty())
                .map(id -> Step.of(id, "complete-cut", "depth", "5"))
                .toList();
    }

    private static Out out(String id, String after, String rejoin, String ids) {
        return new Out(id, Occasion.OTHER, after, steps(ids), rejoin);
    }

    private static RoutineClaim claim(String id, String after) {
        return new RoutineClaim(id, after, ClaimSpec.of("pile-size", "cards", "52"));
    }

    private static String ids(List<Step> steps) {
        return steps.stream().map(Step::id).collect(Collectors.joining(" "));
    }

    private static Edited add(Routine routine, String line, String after, String move, String... settings) {
        Adding.Wanted wanted =
                new Adding.Wanted(move, Step.of("x", move, settings).settings());
        return Adding.of(routine, line, after, List.of(wanted), List.of(), World.USUAL, AllMoves.CATALOGUE);
    }

    private static Edited remove(Routine routine, Removing.What what, String name, boolean too) {
        return Removing.of(routine, what, name, too, AllMoves.CATALOGUE);
    }

    private static Step last(Edited edited) {
        return edited.routine()
                .allSteps()
                .filter(step -> step.id().equals(edited.selected()))
                .findFirst()
                .orElseThrow();
    }

    private static String moved(Routine routine, String line, String step, String after) {
        Routine changed =
                Moving.of(routine, line, step, after, AllMoves.CATALOGUE).routine();
        return ids(changed.steps())
                + changed.outs().stream()
                        .map(out -> " | " + ids(out.steps()) + " to " + out.rejoin())
                        .collect(Collectors.joining());
    }

    @Test
    void a_step_is_moved_and_outs_rejoin_where_they_still_can() {
        Routine routine = cuts("a b c d e", out("x", "b", "d", "p q"));

        assertThat(moved(routine, "", "e", "")).isEqualTo("e a b c d | p q to d");
        assertThat(moved(routine, "", "a", "e")).isEqualTo("b c d e a | p q to d");
        // What it went on with was d and e.
        assertThat(moved(routine, "", "d", "a")).isEqualTo("a d b c e | p q to e");
        assertThat(moved(routine, "", "d", "e")).isEqualTo("a b c e d | p q to d");
        // It begins after b, and nothing comes behind that any more.
        assertThat(moved(routine, "", "b", "e")).isEqualTo("a c d e b | p q to ");
        assertThat(moved(routine, "", "b", "d")).isEqualTo("a c d b e | p q to e");
        assertThat(moved(routine, "", "c", "b")).isEqualTo("a b c d e | p q to d");
        // On the line of the out only its own are moved; before the first or behind the last of them is all the same.
        assertThat(moved(routine, "x", "q", "b")).isEqualTo("a b c d e | q p to d");
        assertThat(moved(routine, "x", "p", "d")).isEqualTo("a b c d e | q p to d");
        assertThatThrownBy(() -> moved(routine, "x", "a", "b")).isInstanceOf(ProblemsFound.class);
        assertThatThrownBy(() -> moved(routine, "", "p", "b")).isInstanceOf(ProblemsFound.class);
        assertThatThrownBy(() -> moved(routine, "", "a", "gone")).isInstanceOf(ProblemsFound.class);
        assertThatThrownBy(() -> moved(routine, "", "a", "a")).isInstanceOf(ProblemsFound.class);
        assertThat(moved(cuts("a"), "", "a", "")).isEqualTo("a");
        // An out that begins in another rejoins where it did, wherever it is written.
        Routine nested = cuts("a b c d", out("y", "p", "q", "r"), out("x", "b", "c", "p q"));
        assertThat(moved(nested, "", "c", "a")).isEqualTo("a c b d | r to q | p q to d");
        Routine further = cuts("a b c d", out("y", "p", "c", "r"), out("x", "b", "c", "p q"));
        assertThat(moved(further, "", "c", "a")).isEqualTo("a c b d | r to d | p q to d");
    }

    @Test
    void a_step_whose_number_another_takes_stays_before_it() {
        Routine routine = EMPTY.withSteps(List.of(
                Step.of("a", "complete-cut", "depth", "10"),
                Step.of("b", "complete-cut", "depth", "as a.depth"),
                Step.of("c", "false-cut")));

        assertThat(moved(routine, "", "c", "a")).isEqualTo("a c b");
        assertThatThrownBy(() -> moved(routine, "", "a", "b"))
                .hasMessageContaining(
                        "“Complete cut” cannot be done there. Step 2 (Complete cut) speaks of a step that");
        assertThatThrownBy(() -> moved(routine, "", "b", ""))
                .hasMessageContainingAll("It speaks of a step", "Move or change that one first");
        Routine inAnOut = EMPTY.withSteps(
                        List.of(routine.steps().get(0), routine.steps().get(2)))
                .withOuts(List.of(new Out(
                        "o", Occasion.OTHER, "c", List.of(Step.of("w", "complete-cut", "depth", "as a.depth")), "")));
        assertThatThrownBy(() -> moved(inAnOut, "", "a", "c"))
                .hasMessageContaining("Step 1 of an out (Complete cut) speaks of a step");
        // Who has such a routine already can put it right.
        Routine wrong = routine.withSteps(List.of(
                routine.steps().get(1), routine.steps().get(2), routine.steps().get(0)));
        assertThat(moved(wrong, "", "c", "")).isEqualTo("c b a");
        assertThat(moved(wrong, "", "b", "a")).isEqualTo("c a b");
    }

    @Test
    void a_step_is_added_where_the_line_is() {
        Routine routine = cuts("a b c", out("x", "a", "c", "p q"));

        assertThat(ids(add(routine, "", "", "complete-cut").routine().steps())).isEqualTo("s1 a b c");
        assertThat(ids(add(routine, "", "c", "complete-cut").routine().steps())).isEqualTo("a b c s1");
        for (Map.Entry<String, String> where : Map.of(
                        "", "s1 p q", "a", "s1 p q", "p", "p s1 q", "q", "p q s1", "c", "p q s1")
                .entrySet()) {
            Routine added = add(routine, "x", where.getKey(), "complete-cut").routine();
            assertThat(ids(added.outs().get(0).steps())).as(where.getKey()).isEqualTo(where.getValue());
            assertThat(added.steps()).isEqualTo(routine.steps());
        }
        assertThat(last(add(routine, "", "a", "complete-cut", "depth", "17")).settings())
                .containsEntry("depth", "17");
        for (Edited none : List.of(add(routine, "", "", "complete-cut"))) {
            assertThat(none.says()).contains("Complete cut").endsWith("added.");
        }
        assertThatThrownBy(() -> add(routine, "", "p", "complete-cut")).isInstanceOf(ProblemsFound.class);
        assertThatThrownBy(() -> add(routine, "y", "", "complete-cut")).isInstanceOf(ProblemsFound.class);
        assertThatThrownBy(() -> add(routine, "", "", "fly")).isInstanceOf(ProblemsFound.class);
        Routine full = EMPTY.withSteps(Collections.nCopies(Routine.MOST_STEPS, Step.of("a", "false-cut")));
        assertThatThrownBy(() -> add(full, "", "", "false-cut")).isInstanceOf(ProblemsFound.class);
    }

    /** Somebody picks a card, then somebody else does; the card that comes back is the one that is out. */
    @Test
    void a_step_takes_the_card_that_it_can_be_about() {
        Edited first = add(EMPTY, "", "", "spread-pick");
        Edited second = add(first.routine(), "", first.selected(), "spread-pick");
        Edited back = add(second.routine(), "", second.selected(), "return-on-lower");
        Edited other = add(back.routine(), "", back.selected(), "return-on-lower");
        Edited third = add(other.routine(), "", other.selected(), "spread-pick");

        assertThat(Stream.of(first, second, back, other, third)
                        .map(made -> last(made).settings().get("role")))
                .containsExactly("A", "B", "A", "B", "C");
        assertThat(third.routine().roles()).extracting(Role::owner).containsExactly("Ines", "Bruno", "Orla");
        // Before the first of them nobody has a card yet: the same one is picked again.
        assertThat(last(add(third.routine(), "", "", "spread-pick")).settings()).containsEntry("role", "A");
        assertThat(last(add(second.routine(), "", first.selected(), "return-on-lower"))
                        .settings())
                .containsEntry("role", "A");
    }

    @Test
    void a_key_that_is_made_is_the_bottom_card() {
        Routine made = add(EMPTY, "", "", "return-drop-key").routine();
        assertThat(made.roles())
                .filteredOn(role -> role.kind() == RoleKind.KEY)
                .containsExactly(new Role("K", RoleKind.KEY, "", "9C"));
        assertThat(made.setUp().placements()).containsExactly(new Placement("9C", 1, true));

        // The set-up says which card is the bottom one: that is the key, and nothing is laid elsewhere.
        Routine laid = EMPTY.with(SetUp.of("52", List.of(new Placement("4S", 1, true))));
        Routine keyed = add(laid, "", "", "return-drop-key").routine();
        assertThat(keyed.roles()).extracting(Role::card).contains("4S");
        assertThat(keyed.setUp()).isEqualTo(laid.setUp());

        // A packet of four has no nine of clubs.
        Routine four = EMPTY.with(SetUp.of("4", List.of()));
        assertThat(PlanReader.read(add(four, "", "", "return-drop-key").routine(), AllMoves.CATALOGUE)
                        .pack()
                        .size())
                .isEqualTo(4);
    }

    @Test
    void more_cards_than_can_be_told_apart_are_not_made() {
        Routine routine = EMPTY;
        for (int i = 0; i < Routine.MOST_ROLES; i++) {
            routine = AddingRoles.of(routine, RoleKind.SELECTION, AllMoves.CATALOGUE)
                    .routine();
        }
        Routine full = routine;

        assertThat(full.roles()).extracting(Role::letter).doesNotHaveDuplicates();
        assertThat(AddingRoles.of(EMPTY, RoleKind.HELPER, AllMoves.CATALOGUE)
                        .routine()
                        .roles())
                .extracting(Role::letter)
                .containsExactly("H");
        assertThatThrownBy(() -> AddingRoles.of(full, RoleKind.KEY, AllMoves.CATALOGUE))
                .isInstanceOf(ProblemsFound.class);
    }

    @Test
    void a_step_is_done_once_more() {
        Routine routine = cuts("a b", out("x", "a", "b", "p"));

        assertThat(ids(Doubling.of(routine, "", "a").routine().steps())).isEqualTo("a s1 b");
        assertThat(Doubling.of(routine, "", "a").selected()).isEqualTo("s1");
        assertThat(ids(Doubling.of(routine, "x", "p").routine().outs().get(0).steps()))
                .isEqualTo("p s1");
        assertThatThrownBy(() -> Doubling.of(routine, "", "z")).isInstanceOf(ProblemsFound.class);
    }

    @Test
    void what_stood_on_a_step_stands_beside_it() {
        Step covered = steps("d").get(0).with(new Attention(Look.AS_TAUGHT, Look.AS_TAUGHT, Look.AS_TAUGHT, "b"));
        Routine routine = cuts("a b c d", out("x", "b", "c", "p q"), out("y", "p", "d", ""))
                .withSteps(Stream.concat(steps("a b c").stream(), Stream.of(covered))
                        .toList())
                .withClaims(List.of(claim("onA", "a"), claim("onB", "b"), claim("onP", "p")));

        Routine withoutB = remove(routine, Removing.What.STEP, "b", false).routine();
        assertThat(ids(withoutB.steps())).isEqualTo("a c d");
        assertThat(withoutB.claims()).extracting(RoutineClaim::after).containsExactly("a", "a", "p");
        assertThat(withoutB.outs().get(0).after()).isEqualTo("a");
        assertThat(withoutB.steps().get(2).attention().cover()).isEmpty();

        // A check on the first step is on the one that is first then, not at the end.
        Routine withoutA = remove(routine, Removing.What.STEP, "a", false).routine();
        assertThat(withoutA.claims()).extracting(RoutineClaim::after).containsExactly("b", "b", "p");
        Routine withoutC = remove(routine, Removing.What.STEP, "c", false).routine();
        assertThat(withoutC.outs().get(0).rejoin()).isEqualTo("d");
        Routine withoutP = remove(routine, Removing.What.STEP, "p", false).routine();
        assertThat(withoutP.outs().get(1).after()).isEqualTo("b");
        assertThat(withoutP.claims()).extracting(RoutineClaim::after).containsExactly("a", "b", "q");
        assertThat(remove(routine, Removing.What.STEP, "b", false).selected()).isEqualTo("c");
        assertThat(remove(routine, Removing.What.STEP, "d", false).selected()).isEqualTo("c");
        assertThat(remove(cuts("a"), Removing.What.STEP, "a", false).selected()).isEmpty();
    }

    @Test
    void what_speaks_of_a_step_is_told_and_goes_with_it() {
        Routine routine = EMPTY.withSteps(List.of(
                        Step.of("a", "complete-cut", "depth", "20"),
                        Step.of("b", "complete-cut", "depth", "as a.depth"),
                        Step.of("c", "complete-cut", "depth", "as b.depth+1"),
                        Step.of("d", "false-cut")))
                .withClaims(List.of(
                        new RoutineClaim("n", "", ClaimSpec.of("number-was", "number", "c.depth", "is", "21")),
                        claim("m", "b")));

        Edited asked = remove(routine, Removing.What.STEP, "a", false);
        assertThat(asked.routine()).isEqualTo(routine);
        assertThat(asked.says()).isEqualTo("Step 1 (Complete cut) is spoken of:");
        assertThat(asked.asks()).hasSize(3);
        assertThat(asked.asks().get(1)).isEqualTo("Step 3 (Complete cut), through step 2");
        assertThat(asked.asks().get(2)).matches("The check “.+” at the end, through step 3");
        assertThat(asked.asks().get(0)).isEqualTo("Step 2 (Complete cut)");

        Edited done = remove(routine, Removing.What.STEP, "a", true);
        assertThat(ids(done.routine().steps())).isEqualTo("d");
        assertThat(done.routine().claims()).extracting(RoutineClaim::id).containsExactly("m");
        assertThat(done.selected()).isEqualTo("d");
    }

    @Test
    void a_card_goes_with_the_steps_about_it() {
        Edited pick = add(EMPTY, "", "", "spread-pick");
        Edited back = add(pick.routine(), "", pick.selected(), "return-on-lower");
        Routine routine = add(back.routine(), "", back.selected(), "false-cut")
                .routine()
                .withClaims(List.of(new RoutineClaim("c", "", ClaimSpec.of("position", "role", "A", "nth", "1"))));

        assertThat(remove(routine, Removing.What.ROLE, "A", false).asks()).hasSize(3);
        Routine done = remove(routine, Removing.What.ROLE, "A", true).routine();
        assertThat(done.roles()).isEmpty();
        assertThat(done.steps()).extracting(Step::move).containsExactly("false-cut");
        assertThat(done.claims()).isEmpty();
        // Nothing speaks of it: it goes at once.
        Routine spare =
                AddingRoles.of(routine, RoleKind.HELPER, AllMoves.CATALOGUE).routine();
        assertThat(remove(spare, Removing.What.ROLE, "H", false).routine().roles())
                .isEqualTo(routine.roles());
    }

    /** Ines is in the routine by her card alone: with it goes what is shown to her, also within an own move. */
    @Test
    void with_a_card_goes_what_is_shown_to_its_owner_alone() {
        OwnMove own = new OwnMove(
                "own-look",
                "Look here",
                "",
                1,
                List.of(),
                List.of(new OwnMove.Part("show-card", Map.of("whom", "Ines"))));
        Routine routine = EMPTY.withRoles(List.of(new Role("A", RoleKind.SELECTION, "Ines", "")))
                .withOwnMoves(List.of(own))
                .withSteps(List.of(
                        Step.of("o", "own-look"),
                        Step.of("w", "show-card", "whom", "Ines"),
                        Step.of("h", "hand-over", "to", "spectator:Ines")));
        PlanReader.read(routine, AllMoves.CATALOGUE);

        Edited asked = remove(routine, Removing.What.ROLE, "A", false);
        assertThat(asked.asks())
                .containsExactly(
                        "Step 1 (Look here), through Ines",
                        "Step 2 ("
                                + AllMoves.CATALOGUE
                                        .find("show-card")
                                        .orElseThrow()
                                        .name() + "), through Ines: that is left open");
        Routine done = remove(routine, Removing.What.ROLE, "A", true).routine();
        PlanReader.read(done, AllMoves.CATALOGUE);
        assertThat(ids(done.steps())).isEqualTo("w h");
        assertThat(done.steps().get(0).settings()).containsEntry("whom", "");
    }

    @Test
    void a_thing_goes_with_what_is_in_it() {
        SetUp setUp = EMPTY.setUp()
                .withPiles(List.of(new SetUp.LaidPile("in:wallet", "KC"), new SetUp.LaidPile("table:left", "KD")))
                .with(
                        "",
                        List.of(
                                new SetUp.LaidThing("wallet", "pocket:inside", 0, "", 60, 90, "open", true, ""),
                                new SetUp.LaidThing("note", "in:wallet", 0, "", 0, 0, "none", true, "")));
        Routine routine = EMPTY.with(setUp)
                .withSteps(List.of(
                        Step.of("o", "take-out", "from", "in:wallet", "to", "table:left"), Step.of("f", "false-cut")));

        Edited asked = remove(routine, Removing.What.THING, "wallet", false);
        assertThat(asked.asks()).hasSize(3);
        Routine done = remove(routine, Removing.What.THING, "wallet", true).routine();
        assertThat(done.setUp().things()).isEmpty();
        assertThat(done.setUp().piles()).extracting(SetUp.LaidPile::place).containsExactly("table:left");
        assertThat(ids(done.steps())).isEqualTo("f");
    }

    @Test
    void an_out_goes_with_what_is_in_it() {
        Routine routine = cuts("a b c", out("x", "a", "c", "p"), out("y", "p", "c", "r"), out("z", "b", "", "s"))
                .withClaims(List.of(claim("onP", "p"), claim("onR", "r"), claim("onA", "a")));

        Routine done = remove(routine, Removing.What.OUT, "x", false).routine();
        assertThat(done.outs()).extracting(Out::id).containsExactly("z");
        assertThat(done.claims()).extracting(RoutineClaim::id).containsExactly("onA");
        // A check that can stand on no other step is told.
        assertThat(remove(routine, Removing.What.STEP, "r", false).asks()).hasSize(1);
        assertThat(remove(routine, Removing.What.STEP, "r", true).routine().claims())
                .extracting(RoutineClaim::id)
                .containsExactly("onP", "onA");
        for (Removing.What what : Removing.What.values()) {
            assertThatThrownBy(() -> remove(routine, what, "none", true)).isInstanceOf(ProblemsFound.class);
        }
    }

    @Test
    void an_out_begins_after_a_step_and_rejoins_at_the_next() {
        Routine routine = cuts("a b c", out("x", "a", "c", "p"));

        assertThat(KeepingAnOut.of(routine, "", "b").routine().outs().get(1))
                .isEqualTo(new Out("o1", Occasion.SHUFFLING, "b", List.of(), "c"));
        assertThat(KeepingAnOut.of(routine, "", "").routine().outs().get(1).rejoin())
                .isEqualTo("a");
        assertThat(KeepingAnOut.of(routine, "", "c").routine().outs().get(1).rejoin())
                .isEmpty();
        assertThat(KeepingAnOut.of(routine, "x", "p").routine().outs().get(1).rejoin())
                .isEqualTo("c");
        List<Out> all = new ArrayList<>();
        for (int i = 0; i < Out.MOST_OUTS; i++) {
            all.add(out("o" + i, "a", "", ""));
        }
        assertThatThrownBy(() -> KeepingAnOut.of(routine.withOuts(all), "", "a"))
                .isInstanceOf(ProblemsFound.class);
    }

    /** The third card of six goes elsewhere; cards that are placed stay where they are. */
    @Test
    void a_card_of_the_set_up_is_laid_elsewhere() {
        SetUp written = SetUp.of("52", List.of()).laid("AS 2S 3s↑ 4S", List.of());

        assertThat(Laying.inDeck(written, "3S", 1).order()).isEqualTo("3s↑ AS 2S 4S");
        assertThat(Laying.inDeck(written, "3S", 4).order()).isEqualTo("AS 2S 4S 3s↑");
        SetUp below = Laying.inDeck(written, "2S", 30);
        assertThat(below.order()).isEqualTo("AS 3s↑ 4S");
        assertThat(below.placements()).containsExactly(new Placement("2S", 30, false));
        // The king lies third, so the order fills the places 1, 2, 4 and 5: the fifth place is the order’s last.
        SetUp placed = written.laid(written.order(), List.of(new Placement("KH", 3, false)));
        assertThat(Laying.inDeck(placed, "AS", 5).order()).isEqualTo("2S 3s↑ 4S AS");
        assertThat(Laying.inDeck(placed, "AS", 4).order()).isEqualTo("2S 3s↑ AS 4S");
        assertThat(Laying.inDeck(placed, "KH", 9).placements()).containsExactly(new Placement("KH", 9, false));
        // Of four cards the last from the bottom is the first.
        SetUp four = SetUp.of("4", List.of(new Placement("AS", 4, true)))
                .laid("2S 3S 4S", List.of(new Placement("AS", 4, true)));
        assertThat(Laying.inDeck(four, "2S", 3).order()).isEqualTo("3S 2S 4S");

        SetUp pile = written.withPiles(List.of(new SetUp.LaidPile("table:left", "KC KD KS")));
        assertThat(Laying.inPile(pile, "table:left", "KS", 1).orElseThrow().piles())
                .containsExactly(new SetUp.LaidPile("table:left", "KS KC KD"));
        assertThat(Laying.inPile(pile, "table:left", "KS", 4)).isEmpty();
        assertThat(Laying.inPile(pile, "table:right", "KS", 1)).isEmpty();
    }

    @Test
    void an_own_move_is_carried_by_the_routine() {
        OwnMove own = new OwnMove(
                "own-two",
                "Two cuts",
                "",
                1,
                List.of(),
                List.of(new OwnMove.Part("complete-cut", Map.of()), new OwnMove.Part("complete-cut", Map.of())));
        Edited made = Adding.of(
                EMPTY,
                "",
                "",
                List.of(new Adding.Wanted("own-two", Map.of()), new Adding.Wanted("own-two", Map.of())),
                List.of(own),
                World.USUAL,
                AllMoves.CATALOGUE);

        assertThat(made.routine().ownMoves()).containsExactly(own);
        assertThat(made.routine().steps()).extracting(Step::move).containsExactly("own-two", "own-two");
        assertThat(made.says()).isEqualTo("2 steps added.");
    }
}
