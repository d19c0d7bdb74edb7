package craftypocket.core.evening;

import static org.assertj.core.api.Assertions.assertThat;

import craftypocket.core.Demos;
import craftypocket.core.layout.Place;
import craftypocket.core.moves.AllMoves;
import craftypocket.core.read.Plan;
import craftypocket.core.read.PlanReader;
import craftypocket.core.routine.Routine;
import craftypocket.core.routine.SetUp;
import craftypocket.core.run.World;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** What one routine leaves is what the next begins with, for every demo routine before every other. */
class CarriedOnTest {

    /** The usual world of the routine before, and so many others. */
    private static final int WORLDS = 12;

    static Plan with(Plan plan, SetUp setUp) {
        Routine routine = plan.routine();
        return PlanReader.read(
                new Routine(
                        setUp, routine.roles(), routine.steps(), routine.claims(), routine.ownMoves(), routine.outs()),
                AllMoves.CATALOGUE);
    }

    private static List<World> worlds(Plan plan) {
        List<World> worlds = new ArrayList<>(Evening.worlds(plan, WORLDS));
        worlds.add(World.USUAL);
        return worlds;
    }

    @Test
    void the_end_carried_on_is_the_end_of_the_trace() throws IOException {
        List<Demos.Demo> demos = Demos.all();
        int pairs = 0;
        for (Demos.Demo first : demos) {
            Plan before = first.script().plan();
            for (World world : worlds(before)) {
                Between end = Between.after(before, world);
                for (Demos.Demo second : demos) {
                    Plan next = second.script().plan();
                    boolean both = Between.usesDeck(before.routine().setUp())
                            && Between.usesDeck(next.routine().setUp());
                    if (!both) {
                        continue;
                    }
                    Plan carried = with(next, end.begins(next.routine().setUp(), Between.before(next)));
                    Map<Place, List<LyingCard>> lying =
                            new HashMap<>(Between.before(carried).cards());
                    end.cards()
                            .forEach((place, cards) -> assertThat(
                                            lying.getOrDefault(place, List.of()).subList(0, cards.size()))
                                    .as("%s, then %s, %s", first.file(), second.file(), place)
                                    .isEqualTo(cards));
                    pairs++;
                }
            }
        }
        assertThat(pairs).isGreaterThan(28 * 28 * WORLDS);
    }

    /** After the resets everything that the next set-up states is so, whatever was left. */
    @Test
    void after_the_resets_lies_what_the_next_set_up_states() throws IOException {
        List<Demos.Demo> demos = Demos.all();
        for (Demos.Demo first : demos) {
            Plan before = first.script().plan();
            for (World world : worlds(before)) {
                Between end = Between.after(before, world);
                for (Demos.Demo second : demos) {
                    Plan next = second.script().plan();
                    SetUp wanted = next.routine().setUp();
                    if (!Between.usesDeck(before.routine().setUp()) || !Between.usesDeck(wanted)) {
                        continue;
                    }
                    String told = first.file() + ", then " + second.file();
                    Resets resets = Resets.before(end, next);
                    Between start = Between.before(with(next, resets.after()));
                    List<LyingCard> deck = start.deck();
                    wanted.placements()
                            .forEach(each -> assertThat(
                                            deck.get(each.fromBottom() ? deck.size() - each.nth() : each.nth() - 1)
                                                    .code())
                                    .as(told)
                                    .isEqualTo(each.card()));
                    assertThat(deck.stream().filter(LyingCard::faceUp)).as(told).isEmpty();
                    assertThat(start.cards().keySet())
                            .as(told)
                            .isEqualTo(Between.before(next).cards().keySet());
                    assertThat(start.bend()).as(told).isEqualTo(wanted.bend());
                    assertThat(start.things())
                            .as(told)
                            .isEqualTo(Between.before(next).things());
                    assertThat(Resets.before(start, next).list()).as(told).isEmpty();
                }
            }
        }
    }
}
