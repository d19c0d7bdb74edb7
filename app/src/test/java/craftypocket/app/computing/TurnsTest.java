package craftypocket.app.computing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Worked by hand: what waits is called by its page and a number, in the order in which it was asked for. */
class TurnsTest {

    private static Turns<String> asked(String... all) {
        Turns<String> turns = new Turns<>(each -> each.substring(0, 1));
        List.of(all).forEach(turns::add);
        return turns;
    }

    private static List<String> inTurn(Turns<String> turns) {
        List<String> order = new ArrayList<>();
        for (String next = turns.next(); next != null; next = turns.next()) {
            order.add(next);
        }
        return order;
    }

    @Test
    void one_page_gets_its_newest_and_its_oldest_by_turns() {
        assertThat(inTurn(asked("a1", "a2", "a3", "a4", "a5"))).containsExactly("a5", "a1", "a4", "a2", "a3");
    }

    @Test
    void pages_take_turns_however_much_one_of_them_asks() {
        // b asked once, after a had asked for four things: it is second in turn, behind a's newest and what is oldest
        // of all.
        assertThat(inTurn(asked("a1", "a2", "a3", "a4", "b1"))).containsExactly("a4", "a1", "b1", "a2", "a3");
    }

    @Test
    void nothing_waits_for_ever_while_newer_things_are_asked_for() {
        Turns<String> turns = asked("a1");
        List<String> order = new ArrayList<>();
        for (int i = 2; i <= 5; i++) {
            turns.add("a" + i);
            order.add(turns.next());
        }

        assertThat(order).containsExactly("a2", "a1", "a4", "a3");
        assertThat(turns.all()).containsExactly("a5");
    }

    @Test
    void what_is_taken_away_is_not_called_and_a_page_without_anything_is_forgotten() {
        Turns<String> turns = asked("a1", "b1", "a2");

        assertThat(turns.remove("b1")).isTrue();
        assertThat(turns.remove("b1")).isFalse();
        assertThat(turns.all()).containsExactly("a1", "a2");
        assertThat(inTurn(turns)).containsExactly("a2", "a1");
        assertThat(turns.next()).isNull();
    }
}
