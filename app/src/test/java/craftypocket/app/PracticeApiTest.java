package craftypocket.app;

import static craftypocket.app.RunningApplication.get;
import static craftypocket.app.RunningApplication.post;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.StringReader;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.DoubleStream;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.component.CalendarComponent;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Practice through HTTP, with the values worked by hand. */
@ExtendWith(RunningApplication.class)
class PracticeApiTest {

    private static String times(double... times) {
        return "{\"times\": " + DoubleStream.of(times).boxed().toList() + "}";
    }

    @Test
    void tries_of_beats_are_kept_and_the_hurried_one_is_named() {
        JsonNode first = post("/api/practice/beats/hidden-third?exchange=3", times(0, 500, 800, 1300))
                .json();

        assertThat(first.path("tries").get(0).path("told").asString()).isEqualTo("beat 3 comes 40 % early");
        assertThat(first.path("exchange").asDouble()).isCloseTo(-0.4, within(1e-9));
        assertThat(first.path("tries").get(0).path("even").asBoolean()).isFalse();

        for (int n = 0; n < 3; n++) {
            post("/api/practice/beats/hidden-third", times(0, 1000, 2000, 3000));
        }
        JsonNode now = get("/api/practice/beats/hidden-third").json();
        assertThat(now.path("tries").size()).isEqualTo(4);
        assertThat(now.path("tries").get(3).path("told").asString()).isEmpty();
        assertThat(now.path("usually").asString()).isEmpty();
        // Three even tries at 60 lead five per cent up.
        assertThat(now.path("ladder").asDouble()).isCloseTo(63, within(1e-9));
    }

    @Test
    void tries_are_judged_without_being_kept() {
        JsonNode told = post(
                        "/api/practice/evenness",
                        "{\"tries\": [" + times(0, 700, 1645, 2100) + ", " + times(0, 500, 1000, 1500) + "]}")
                .json();

        assertThat(told.get(0).path("told").asString()).isEqualTo("beat 3 comes 35 % late");
        assertThat(told.get(0).path("beat").asDouble()).isCloseTo(700, within(1e-6));
        assertThat(told.get(1).path("even").asBoolean()).isTrue();
        assertThat(post("/api/practice/evenness", "{\"tries\": [" + times(0, 500, 400) + "]}")
                        .status())
                .isEqualTo(422);
    }

    @Test
    void beats_that_are_none_are_refused_and_nothing_is_kept() {
        assertThat(post("/api/practice/beats/block-push", times(0, 500, 400))
                        .response()
                        .body())
                .contains("beat 3 does not come after beat 2");
        assertThat(post("/api/practice/beats/block-push", times(0)).status()).isEqualTo(422);
        String million = "{\"times\": [" + "1,".repeat(999_999) + "2]}";
        assertThat(post("/api/practice/beats/block-push", million).status()).isBetween(400, 422);
        assertThat(get("/api/practice/beats/block-push").json().path("tries").size())
                .isZero();
    }

    @Test
    void guesses_make_a_margin() {
        post("/api/practice/judged", "{\"cards\": 20, \"said\": 23}");
        JsonNode judged =
                post("/api/practice/judged", "{\"cards\": 21, \"said\": 20}").json();

        assertThat(judged.path("all").path("margin").asInt()).isEqualTo(3);
        assertThat(judged.path("all").path("bias").asDouble()).isCloseTo(1, within(1e-9));
        assertThat(judged.path("all").path("enough").asBoolean()).isFalse();
        assertThat(judged.path("sizes").get(0).path("from").asInt()).isEqualTo(20);
        assertThat(post("/api/practice/judged", "{\"cards\": 0, \"said\": 3}").status())
                .isEqualTo(422);
    }

    @Test
    void what_was_missed_is_asked_first() {
        String asked = """
                {"subject": "a-cut", "seed": 4, "routine": {"format": "crafty-pocket/routine", "version": 1,
                 "title": "Two cuts", "setUp": {"pack": "52", "newDeckOrder": true},
                 "roles": [{"letter": "K", "kind": "key", "card": "AS"}],
                 "steps": [{"id": "one", "move": "deal-singly", "settings": {"count": "15-37"}},
                           {"id": "two", "move": "complete-cut", "settings": {"pile": "table:dealt", "depth": "5"}}], "claims": []}}""";
        JsonNode before = post("/api/practice/questions", asked).json();
        assertThat(before.path("world").path("one.count").asInt()).isBetween(15, 37);

        post("/api/practice/recall/a-cut", "{\"question\": \"where.two.K\", \"right\": false}");
        JsonNode first =
                post("/api/practice/questions", asked).json().path("questions").get(0);

        assertThat(first.path("id").asString()).isEqualTo("where.two.K");
        assertThat(first.path("box").asInt()).isEqualTo(1);
        // By hand: on top at first, it is dealt first and lies undermost; five are cut off. Dealt singly, they are
        // counted.
        assertThat(first.path("right").asInt())
                .isEqualTo(before.path("world").path("one.count").asInt() - 5);
    }

    @Test
    void a_way_that_is_settled_is_asked_about() {
        String asked = """
                {"subject": "settled", "seed": 4, "world": {"one.count": 22},
                 "routine": {"format": "crafty-pocket/routine", "version": 1,
                 "title": "A cut", "setUp": {"pack": "52", "newDeckOrder": true},
                 "roles": [{"letter": "K", "kind": "key", "card": "AS"}],
                 "steps": [{"id": "one", "move": "deal-singly", "settings": {"count": "15-37"}},
                           {"id": "two", "move": "complete-cut", "settings": {"pile": "table:dealt", "depth": "8-12"}}], "claims": []}}""";

        JsonNode questions = post("/api/practice/questions", asked).json();

        assertThat(questions.path("world").path("one.count").asInt()).isEqualTo(22);
        // What is cut off roughly nobody counts: after it nobody is asked.
        assertThat(questions.path("questions").toString())
                .contains("\"id\":\"where.one.K\"", "\"right\":22")
                .doesNotContain("where.two.K");
    }

    @Test
    void drills_ship_and_their_sets_make_them_due_tomorrow() throws Exception {
        assertThat(get("/api/practice/drills").response().body()).contains("controls", "hidden-counts", "milk-keep");
        String set = "{\"repetitions\": 12, \"errors\": 0, \"series\": 12, \"millis\": 60000}";

        JsonNode kept = post("/api/practice/drills/controls", set).json();

        assertThat(kept.path("best").asInt()).isEqualTo(12);
        assertThat(kept.path("today").asInt()).isEqualTo(12);
        assertThat(kept.path("due").asString())
                .isEqualTo(LocalDate.now().plusDays(1).toString());
        assertThat(post("/api/practice/drills/juggling", set).status()).isEqualTo(404);
        assertThat(get("/api/today").response().body()).contains("Keep it: top, bottom, milk, jog");

        Calendar plan = new CalendarBuilder()
                .build(new StringReader(get("/api/today/plan.ics").response().body()));
        plan.validate(true);
        List<CalendarComponent> events = plan.getComponents(Component.VEVENT);
        assertThat(events)
                .anySatisfy(event -> assertThat(event.toString())
                        .contains("Rehearse: Keep it: top\\, bottom\\, milk\\, jog")
                        .contains(LocalDate.now().plusDays(1).toString().replace("-", "")));
    }
}
