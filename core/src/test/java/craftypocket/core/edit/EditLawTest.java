package craftypocket.core.edit;

import static org.assertj.core.api.Assertions.assertThat;

import craftypocket.core.Demos;
import craftypocket.core.Rounds;
import craftypocket.core.layout.Pile;
import craftypocket.core.layout.Place;
import craftypocket.core.moves.AllMoves;
import craftypocket.core.moves.Move;
import craftypocket.core.read.Plan;
import craftypocket.core.read.PlanReader;
import craftypocket.core.routine.Out;
import craftypocket.core.routine.OwnMove;
import craftypocket.core.routine.Role;
import craftypocket.core.routine.RoleKind;
import craftypocket.core.routine.Routine;
import craftypocket.core.routine.Step;
import craftypocket.core.run.Trace;
import craftypocket.core.run.Tracer;
import craftypocket.core.run.World;
import craftypocket.core.settings.ProblemsFound;
import craftypocket.core.settings.Renamed;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/**
 * Random edits of the demos, one on another. Each leaves a routine that can be read, and means what somebody would have done to the list of
 * steps and to the pile of cards by hand: the test does that beside it.
 */
class EditLawTest {

    private static final int EDITS = 10_000;
    private static final int IN_A_ROW = 8;

    private enum Kind {
        ADD,
        MOVE,
        DOUBLE,
        REMOVE_STEP,
        REMOVE_ROLE,
        RENAME,
        WRAP,
        LAY,
        KEEP_OUT,
        REMOVE_OUT,
        ADD_ROLE
    }

    /** New names are new. */
    private static int fresh;

    private static final List<Routine> DEMOS = new ArrayList<>();

    @BeforeAll
    static void read() throws IOException {
        for (Demos.Demo demo : Demos.all()) {
            DEMOS.add(demo.script().routine());
        }
    }

    private static Trace trace(Routine routine) {
        return Tracer.trace(PlanReader.read(main(routine), AllMoves.CATALOGUE), World.USUAL);
    }

    /** The main line: claims after a step of an out are not of it. */
    private static Routine main(Routine routine) {
        List<String> ids = routine.steps().stream().map(Step::id).toList();
        return routine.withOuts(List.of())
                .withClaims(routine.claims().stream()
                        .filter(claim -> claim.after().isEmpty() || ids.contains(claim.after()))
                        .toList());
    }

    /** All piles after a step, in their order. */
    private static List<String> lying(Trace trace, int moment) {
        return trace.moments().get(moment).layout().piles().stream()
                .filter(pile -> pile.size() > 0)
                .map(pile -> pile.place().text() + Arrays.toString(pile.slots()))
                .sorted()
                .toList();
    }

    private static List<String> end(Routine routine) {
        Trace trace = trace(routine);
        return lying(trace, trace.moments().size() - 1);
    }

    private static <T> T any(List<T> all, Random random) {
        return all.get(random.nextInt(all.size()));
    }

    @Test
    void random_edits_leave_what_was_meant() {
        Map<Kind, Integer> done = new EnumMap<>(Kind.class);
        int refused = 0;
        for (long seed : Rounds.seeds(EDITS / IN_A_ROW).toArray()) {
            Random random = new Random(seed);
            Routine routine = any(DEMOS, random);
            for (int i = 0; i < IN_A_ROW; i++) {
                Kind kind = any(List.of(Kind.values()), random);
                try {
                    Routine changed = edit(kind, routine, random);
                    // Every line of it can be gone through.
                    PlanReader.read(changed, AllMoves.CATALOGUE);
                    routine = changed;
                    done.merge(kind, 1, Integer::sum);
                } catch (Impossible impossible) {
                    refused++;
                } catch (AssertionError | RuntimeException wrong) {
                    throw new AssertionError(
                            "seed " + seed + ", edit " + i + " " + kind + ": " + wrong.getMessage(), wrong);
                }
            }
        }
        assertThat(done.keySet()).containsExactlyInAnyOrder(Kind.values());
        int least = Rounds.of(EDITS / IN_A_ROW) * IN_A_ROW / 60;
        assertThat(done.values()).allSatisfy(times -> assertThat(times).isGreaterThan(least));
        assertThat(refused).isLessThan(Rounds.of(EDITS / IN_A_ROW) * IN_A_ROW / 3);
    }

    /** Refused with good reason, or there was nothing to do it to. */
    private static final class Impossible extends RuntimeException {
        private static final long serialVersionUID = 1;
    }

    private static void needs(boolean there) {
        if (!there) {
            throw new Impossible();
        }
    }

    private static Routine edit(Kind kind, Routine before, Random random) {
        return switch (kind) {
            case ADD -> added(before, random);
            case DOUBLE -> doubled(before, random);
            case MOVE -> moved(before, random);
            case REMOVE_STEP -> withoutStep(before, random);
            case REMOVE_ROLE -> withoutRole(before, random);
            case RENAME -> renamed(before, random);
            case WRAP -> wrapped(before, random);
            case LAY -> laid(before, random);
            case KEEP_OUT -> withOut(before, random);
            case REMOVE_OUT -> withoutOut(before, random);
            case ADD_ROLE -> withRole(before, random);
        };
    }

    private static List<String> ids(List<Step> steps) {
        return steps.stream().map(Step::id).toList();
    }

    private static Routine added(Routine before, Random random) {
        needs(before.roles().size() < Routine.MOST_ROLES - 2);
        Move move = any(AllMoves.CATALOGUE.moves(), random);
        int at = random.nextInt(before.steps().size() + 1);
        String after = at == 0 ? "" : before.steps().get(at - 1).id();
        Edited edited = Adding.of(
                before,
                "",
                after,
                List.of(new Adding.Wanted(move.id(), Map.of())),
                List.of(),
                World.USUAL,
                AllMoves.CATALOGUE);
        Routine changed = edited.routine();

        List<Step> naive = new ArrayList<>(changed.steps());
        Step step = naive.remove(at);
        assertThat(step.id()).isEqualTo(edited.selected());
        assertThat(step.move()).isEqualTo(move.id());
        assertThat(naive).isEqualTo(before.steps());
        assertThat(changed.outs()).isEqualTo(before.outs());
        if (changed.setUp().equals(before.setUp())) {
            Trace old = trace(before);
            Trace now = trace(changed);
            for (int moment = 0; moment <= at; moment++) {
                assertThat(lying(now, moment)).isEqualTo(lying(old, moment));
            }
            // Taken out again it is as it was, but for cards that are followed now.
            Routine back = Removing.of(changed, Removing.What.STEP, step.id(), false, AllMoves.CATALOGUE)
                    .routine();
            assertThat(back.withRoles(before.roles())).isEqualTo(before);
        }
        return changed;
    }

    private static Routine doubled(Routine before, Random random) {
        needs(!before.steps().isEmpty());
        int at = random.nextInt(before.steps().size());
        Step step = before.steps().get(at);
        Edited edited = Doubling.of(before, "", step.id());

        List<Step> naive = new ArrayList<>(before.steps());
        naive.add(
                at + 1,
                new Step(
                        edited.selected(),
                        step.move(),
                        step.settings(),
                        step.onlyIf(),
                        step.attention(),
                        step.audience()));
        assertThat(edited.routine()).isEqualTo(before.withSteps(naive));
        assertThat(ids(before.steps())).doesNotContain(edited.selected());
        return edited.routine();
    }

    private static Routine moved(Routine before, Random random) {
        needs(before.steps().size() > 1);
        int from = random.nextInt(before.steps().size());
        int to = random.nextInt(before.steps().size());
        needs(from != to);
        List<Step> naive = new ArrayList<>(before.steps());
        Step step = naive.remove(from);
        String after = to == 0 ? "" : naive.get(to - 1).id();
        naive.add(to, step);
        Routine changed;
        try {
            changed =
                    Moving.of(before, "", step.id(), after, AllMoves.CATALOGUE).routine();
        } catch (ProblemsFound refused) {
            // A number is then taken from a step that comes later, or that an out leaves out.
            boolean spokenOf = before.allSteps()
                    .anyMatch(other -> before.steps().stream().anyMatch(each -> speaks(other, each.id())));
            assertThat(spokenOf).as(refused.getMessage()).isTrue();
            throw new Impossible();
        }

        List<String> order = ids(naive);
        assertThat(changed.steps()).isEqualTo(naive);
        for (int i = 0; i < before.outs().size(); i++) {
            Out out = before.outs().get(i);
            Out now = changed.outs().get(i);
            assertThat(now.rejoins(out.rejoin())).isEqualTo(out);
            boolean fromMain = out.after().isEmpty() || order.contains(out.after());
            if (fromMain && !out.rejoin().isEmpty()) {
                List<String> behind = order.subList(order.indexOf(out.after()) + 1, order.size());
                boolean stays = behind.contains(out.rejoin());
                assertThat(now.rejoin().equals(out.rejoin())).isEqualTo(stays);
                List<String> wentOnWith =
                        ids(before.steps()).subList(ids(before.steps()).indexOf(out.rejoin()), order.size());
                String next =
                        wentOnWith.stream().filter(behind::contains).findFirst().orElse("");
                assertThat(now.rejoin()).isEqualTo(next);
            }
        }
        assertThat(changed.withSteps(before.steps()).withOuts(before.outs())).isEqualTo(before);
        // Moved back, it is as it was, but for outs that rejoin elsewhere now.
        Routine back = Moving.of(
                        changed,
                        "",
                        step.id(),
                        from == 0 ? "" : before.steps().get(from - 1).id(),
                        AllMoves.CATALOGUE)
                .routine();
        assertThat(back.withOuts(before.outs())).isEqualTo(before);
        return changed;
    }

    private static Routine withoutStep(Routine before, Random random) {
        needs(before.steps().size() > 1);
        int at = random.nextInt(before.steps().size());
        Step step = before.steps().get(at);
        Edited asked = Removing.of(before, Removing.What.STEP, step.id(), false, AllMoves.CATALOGUE);
        Routine changed = Removing.of(before, Removing.What.STEP, step.id(), true, AllMoves.CATALOGUE)
                .routine();

        List<Step> naive = new ArrayList<>(before.steps());
        naive.remove(step);
        boolean spokenOf = naive.stream().anyMatch(other -> speaks(other, step.id()))
                || before.claims().stream()
                        .anyMatch(claim -> claim.claim().toString().contains("=" + step.id() + ".")
                                || claim.claim().toString().contains("since=" + step.id()));
        assertThat(!asked.asks().isEmpty()).as(step.id()).isEqualTo(spokenOf);
        if (asked.asks().isEmpty()) {
            assertThat(asked.routine()).isEqualTo(changed);
            assertThat(ids(changed.steps())).isEqualTo(ids(naive));
            assertThat(changed.claims()).hasSameSizeAs(before.claims());
            assertThat(end(changed)).isEqualTo(end(main(before).withSteps(naive).withClaims(List.of())));
        } else {
            assertThat(asked.routine()).isEqualTo(before);
            assertThat(changed.steps()).noneMatch(other -> speaks(other, step.id()));
        }
        assertThat(changed.toString()).doesNotContain("cover=" + step.id() + "]", "after=" + step.id() + ",");
        return changed;
    }

    /** Whether a number of a step, or what counts since it, stands in another: looked for in its texts. */
    private static boolean speaks(Step other, String id) {
        return other.settings().values().stream()
                        .anyMatch(text ->
                                text.matches("(as|at|.*[ =])?\\s*" + id + "\\.[a-z].*") || text.equals(id + ".depth"))
                || other.onlyIf().toString().contains("=" + id + ".")
                || other.onlyIf().toString().contains("since=" + id);
    }

    private static Routine withoutRole(Routine before, Random random) {
        needs(!before.roles().isEmpty());
        Role role = any(before.roles(), random);
        Edited edited = Removing.of(before, Removing.What.ROLE, role.letter(), true, AllMoves.CATALOGUE);
        Routine changed = edited.routine();

        assertThat(changed.roles()).doesNotContain(role).hasSize(before.roles().size() - 1);
        assertThat(ids(before.steps())).containsAll(ids(changed.steps()));
        if (!changed.steps().isEmpty()) {
            // Nothing is left that lacks a card, which did not lack it before.
            List<Boolean> open = open(changed);
            List<String> was = openIds(before);
            for (int i = 0; i < open.size(); i++) {
                String id = changed.steps().get(i).id();
                assertThat(open.get(i) && !was.contains(id))
                        .as(id + " without " + role.letter())
                        .isFalse();
            }
        }
        needs(changed.steps().size() > 1);
        return changed;
    }

    /** By step, whether something of it is not filled in. */
    private static List<Boolean> open(Routine routine) {
        return trace(routine).moments().stream()
                .skip(1)
                .map(moment -> moment.broken().filter(broken -> broken.open()).isPresent())
                .toList();
    }

    private static List<String> openIds(Routine routine) {
        List<Boolean> open = open(routine);
        return IntStream.range(0, open.size())
                .filter(open::get)
                .mapToObj(i -> routine.steps().get(i).id())
                .toList();
    }

    private static Routine renamed(Routine before, Random random) {
        List<Renamed> names = new ArrayList<>();
        before.steps().forEach(step -> names.add(new Renamed(Renamed.Kind.STEP, step.id(), "z" + fresh++)));
        before.roles().stream()
                .filter(role -> !role.owner().isEmpty())
                .forEach(role -> names.add(new Renamed(Renamed.Kind.PERSON, role.owner(), "Zoe" + fresh++)));
        needs(!names.isEmpty());
        Renamed name = any(names, random);
        Routine changed = Renaming.of(before, name, AllMoves.CATALOGUE).routine();
        Routine back = Renaming.of(changed, new Renamed(name.kind(), name.to(), name.from()), AllMoves.CATALOGUE)
                .routine();

        assertThat(back).isEqualTo(before);
        assertThat(trace(changed).outcomes()).isEqualTo(trace(before).outcomes());
        return changed;
    }

    private static Routine wrapped(Routine before, Random random) {
        needs(before.steps().size() > 2 && before.ownMoves().size() < OwnMove.MOST_OWN_MOVES);
        int from = random.nextInt(before.steps().size() - 1);
        List<Step> two = before.steps().subList(from, from + 2);
        needs(two.stream()
                .allMatch(step -> step.onlyIf().isEmpty()
                        && AllMoves.CATALOGUE.find(step.move()).isPresent()));
        OwnMove own = new OwnMove(
                "own-z" + fresh++,
                "Two at once",
                "",
                1,
                List.of(),
                two.stream()
                        .map(step -> new OwnMove.Part(step.move(), step.settings()))
                        .toList());
        Routine changed;
        try {
            changed = Wrapping.of(before, own, ids(two), AllMoves.CATALOGUE).routine();
        } catch (ProblemsFound lost) {
            throw new Impossible();
        }

        List<Step> naive = new ArrayList<>(before.steps());
        naive.removeAll(two);
        assertThat(ids(changed.steps())).containsAll(ids(naive)).hasSize(naive.size() + 1);
        needs(openIds(before).isEmpty());
        boolean broken = trace(changed).moments().stream()
                        .anyMatch(moment -> moment.broken().isPresent())
                || trace(before).moments().stream()
                        .anyMatch(moment -> moment.broken().isPresent());
        if (!broken) {
            assertThat(end(changed)).isEqualTo(end(before));
        }
        return changed;
    }

    private static Routine laid(Routine before, Random random) {
        Plan plan = PlanReader.read(before, AllMoves.CATALOGUE);
        Pile deck = trace(before).moments().get(0).layout().at(Place.DECK);
        needs(deck.size() > 1);
        int place = 1 + random.nextInt(deck.size());
        int nth = 1 + random.nextInt(deck.size());
        int card = deck.card(place);
        needs(!plan.arrangement().unstated(card) && !deck.faceUp(place));
        String code = craftypocket.core.cards.CardText.code(plan.pack().card(card));
        needs(plan.pack().cards().stream()
                        .filter(plan.pack().card(card)::equals)
                        .count()
                == 1);
        boolean onPlaced = before.setUp().placements().stream()
                .anyMatch(p ->
                        !Laying.same(p.card(), code) && (p.fromBottom() ? deck.size() + 1 - p.nth() : p.nth()) == nth);
        needs(!onPlaced);
        Routine changed = before.with(Laying.inDeck(before.setUp(), code, nth));

        Pile now = trace(changed).moments().get(0).layout().at(Place.DECK);
        assertThat(now.card(nth)).as(code + " to " + nth).isEqualTo(card);
        boolean plain = before.setUp().placements().isEmpty()
                && changed.setUp().placements().isEmpty();
        if (plain) {
            List<Integer> naive = new ArrayList<>(
                    IntStream.rangeClosed(1, deck.size()).mapToObj(deck::card).toList());
            naive.add(nth - 1, naive.remove(place - 1));
            assertThat(IntStream.rangeClosed(1, now.size()).mapToObj(now::card)).isEqualTo(naive);
        }
        return changed;
    }

    private static Routine withOut(Routine before, Random random) {
        needs(before.outs().size() < Out.MOST_OUTS);
        int at = random.nextInt(before.steps().size() + 1);
        String after = at == 0 ? "" : before.steps().get(at - 1).id();
        Edited edited = KeepingAnOut.of(before, "", after);
        Out out = edited.routine().outs().get(before.outs().size());

        assertThat(out.after()).isEqualTo(after);
        assertThat(out.rejoin())
                .isEqualTo(at < before.steps().size() ? before.steps().get(at).id() : "");
        // Something is done in it.
        Edited full = Adding.of(
                edited.routine(), out.id(), after, List.of(Step.of("x", "false-cut"), Step.of("y", "false-cut")));
        assertThat(full.routine().steps()).isEqualTo(before.steps());
        assertThat(full.routine().outs().get(before.outs().size()).steps()).hasSize(2);
        return full.routine();
    }

    private static Routine withoutOut(Routine before, Random random) {
        needs(!before.outs().isEmpty());
        Out out = any(before.outs(), random);
        Routine changed = Removing.of(before, Removing.What.OUT, out.id(), true, AllMoves.CATALOGUE)
                .routine();

        assertThat(changed.outs()).extracting(Out::id).doesNotContain(out.id());
        assertThat(changed.steps()).isEqualTo(before.steps());
        return changed;
    }

    private static Routine withRole(Routine before, Random random) {
        needs(before.roles().size() < Routine.MOST_ROLES);
        Routine changed = AddingRoles.of(before, any(List.of(RoleKind.values()), random), AllMoves.CATALOGUE)
                .routine();

        assertThat(changed.roles().subList(0, before.roles().size())).isEqualTo(before.roles());
        assertThat(changed.roles()).extracting(Role::letter).doesNotHaveDuplicates();
        return changed;
    }
}
