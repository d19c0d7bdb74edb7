package craftypocket.core.evening;

import static org.assertj.core.api.Assertions.assertThat;

import craftypocket.core.Demos;
import craftypocket.core.Rounds;
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
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** What one routine leaves is what the next begins with, for every demo routine before every other. */
class CarriedOnTest {

    /** The usual world of the routine before, and so many others. */
    private static final int WORLDS = Rounds.of(12);

    /** So many ends of each routine are put right by hand. */
    private static final int MOST_ENDS = Rounds.of(32);

    /** And so many that the list was not made from. */
    private static final int OTHERS = Rounds.of(16);

    /** A routine that uses the deck, read once. */
    private record Read(String file, Plan plan, Handover before) {}

    private static List<Read> withDeck() throws IOException {
        return Demos.all().stream()
                .map(demo -> new Read(demo.file(), demo.script().plan(), null))
                .filter(read -> Handover.usesDeck(read.plan().routine().setUp()))
                .map(read -> new Read(read.file(), read.plan(), Handover.before(read.plan())))
                .toList();
    }

    static Plan with(Plan plan, SetUp setUp) {
        Routine routine = plan.routine();
        return PlanReader.read(
                new Routine(
                        setUp, routine.roles(), routine.steps(), routine.claims(), routine.ownMoves(), routine.outs()),
                AllMoves.CATALOGUE);
    }

    private static List<World> worlds(Plan plan) {
        List<World> worlds = new ArrayList<>(Ends.worlds(plan, WORLDS));
        worlds.add(World.USUAL);
        return worlds;
    }

    @Test
    void the_end_carried_on_is_the_end_of_the_trace() throws IOException {
        List<Read> demos = withDeck();
        int pairs = 0;
        for (Read first : demos) {
            for (World world : worlds(first.plan())) {
                Handover end = Handover.after(first.plan(), world);
                for (Read second : demos) {
                    Plan next = second.plan();
                    Plan carried = with(next, end.begins(next.routine().setUp(), second.before()));
                    Map<Place, List<LyingCard>> lying =
                            new HashMap<>(Handover.before(carried).cards());
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
        List<Read> demos = withDeck();
        for (Read first : demos) {
            for (World world : worlds(first.plan())) {
                Handover end = Handover.after(first.plan(), world);
                for (Read second : demos) {
                    Plan next = second.plan();
                    SetUp wanted = next.routine().setUp();
                    String told = first.file() + ", then " + second.file();
                    Resets resets = Resets.before(end, next);
                    Handover start = Handover.before(with(next, resets.after()));
                    List<LyingCard> deck = start.deck();
                    asStated(wanted, deck, told);
                    assertThat(deck.stream().filter(LyingCard::faceUp)).as(told).isEmpty();
                    assertThat(start.cards().keySet())
                            .as(told)
                            .isEqualTo(second.before().cards().keySet());
                    assertThat(start.bend()).as(told).isEqualTo(wanted.bend());
                    assertThat(start.things())
                            .as(told)
                            .isEqualTo(second.before().things());
                    assertThat(Resets.before(start, next).list()).as(told).isEmpty();
                }
            }
        }
    }

    /** The list is one for all ends: whatever way the routine before went, who follows it has what the next set-up states. */
    @Test
    void whoever_follows_the_resets_to_the_letter_has_what_the_next_routine_states() throws IOException {
        List<Read> demos = withDeck();
        for (int at = 0; at < demos.size(); at++) {
            Read first = demos.get(at);
            Ends ends = Ends.of(first.plan());
            List<Handover> tried = some(ends.seen());
            if (!ends.all()) {
                // Worlds that the list was not made from.
                Ends.worlds(first.plan(), Ends.SAMPLE + OTHERS).stream()
                        .skip(Ends.SAMPLE)
                        .forEach(world -> tried.add(Handover.after(first.plan(), world)));
            }
            // What is proved of the ends takes long: each routine comes before a quarter of the others.
            for (int next = Rounds.all() ? 0 : at % 4; next < demos.size(); next += Rounds.all() ? 1 : 4) {
                Read second = demos.get(next);
                String told = first.file() + ", then " + second.file() + ": ";
                follow(Resets.before(ends, second.plan()), second, tried, told);
                // With no time to look at more than the usual end, the list is longer and no less right.
                Ends hurried = Ends.of(first.plan(), () -> true);
                follow(Resets.before(hurried, second.plan()), second, tried, "without time: " + told);
            }
        }
    }

    private static void follow(Resets resets, Read second, List<Handover> ends, String between) {
        Set<Place> places = second.before().cards().keySet();
        String told = between + resets.list().stream().map(Reset::sentence).toList();
        for (Handover end : ends) {
            Followed followed = new Followed(end, resets.list(), places);
            asStated(second.plan().routine().setUp(), followed.deck, told);
            assertThat(followed.deck.stream().filter(LyingCard::faceUp))
                    .as(told)
                    .isEmpty();
            assertThat(followed.cards.keySet()).as(told).isEqualTo(places);
        }
    }

    /** As many of them as a round allows, from the first to the last. */
    private static List<Handover> some(List<Handover> ends) {
        int every = 1 + ends.size() / MOST_ENDS;
        return IntStream.range(0, ends.size())
                .filter(end -> end % every == 0)
                .mapToObj(ends::get)
                .collect(Collectors.toCollection(ArrayList::new));
    }

    private static void asStated(SetUp wanted, List<LyingCard> deck, String told) {
        wanted.placements()
                .forEach(each -> assertThat(deck.get(each.fromBottom() ? deck.size() - each.nth() : each.nth() - 1)
                                .code())
                        .as(told)
                        .isEqualTo(each.card()));
    }
}
