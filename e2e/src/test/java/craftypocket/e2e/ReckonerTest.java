package craftypocket.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Quick arithmetic, and what becomes of it in a routine. */
class ReckonerTest extends InBrowser {

    private Locator tile(String title) {
        return page.getByRole(
                AriaRole.REGION, new Page.GetByRoleOptions().setName(title).setExact(true));
    }

    private static Locator given(Locator tile, String label) {
        return tile.getByLabel(label, new Locator.GetByLabelOptions().setExact(true));
    }

    @Test
    void answers_follow_the_numbers() throws IOException {
        visit("/reckoner");
        Locator safe = tile("Number past the key");
        assertThat(safe).containsText("announce 22 or more");
        safe.getByLabel("±").fill("5");
        assertThat(safe).containsText("announce 24 or more");

        assertThat(tile("How random is it?")).containsText("33.4 % from random");
        tile("Unequal packets riffled").getByLabel("26: 50 %").click();
        assertThat(tile("Unequal packets riffled")).containsText("top stays in 50 %");

        assertThat(tile("Double spelling")).containsText("cut 27 from the face");
        tile("Double spelling").getByLabel("Selection, on the face").fill("??");
        assertThat(tile("Double spelling").getByRole(AriaRole.ALERT)).containsText("it must be a card with a name");

        tile("Spelling").getByLabel("Or your own words").fill("Night ferry");
        assertThat(tile("Spelling")).containsText("10 letters");

        given(tile("Depth and thickness"), "Depth").fill("13");
        assertThat(tile("Depth and thickness")).containsText("3.8 mm");
    }

    @Test
    void an_order_under_riffles_is_told_by_its_hours() throws IOException {
        visit("/reckoner");
        Locator order = tile("An order under riffles");
        assertThat(order).containsText(Pattern.compile("at 7 right in 99\\.\\d %"));
        order.getByLabel(Pattern.compile("^1: 0 %")).click();
        assertThat(order).containsText("at 1 they have the key itself");
        given(order, "Riffles").fill("3");
        order.getByLabel(Pattern.compile("^7: 6")).click();
        assertThat(order).containsText(Pattern.compile("at 7 right in 6\\d\\.?\\d* %"));
    }

    @Test
    void a_count_is_tried_beat_by_beat() throws IOException {
        visit("/reckoner");
        Locator count = tile("Count a packet");
        assertThat(count).containsText("4 pass for 4");
        given(count, "Packet").fill("5");
        assertThat(count).containsText("5 pass for 4");
        count.getByText("+ top card").click();
        assertThat(count).containsText("too few cards");
    }

    @Test
    void an_answer_goes_into_a_routine_as_step_and_claim() throws IOException {
        newRoutine("From the reckoner");
        page.getByText("+ key").click();
        page.getByLabel("Card of K").selectOption("AS");
        waitUntilSaved();
        visit("/reckoner");
        tile("Cut it there").getByLabel("Card at").fill("1");
        tile("Cut it there").getByLabel("is to be at").fill("10");
        assertThat(tile("Cut it there")).containsText("cut off 43");

        page.getByLabel("Send to a routine: Cut it there").click();
        page.getByLabel("Find a routine").fill("from the reck");
        page.getByText("From the reckoner").click();

        assertThat(steps()).hasCount(1);
        assertThat(steps().first()).containsText("Complete cut");
        assertThat(page.getByTestId("finding").first()).containsText("10th from the top");
        assertThat(page.getByTestId("verdict").first()).containsText("always");
        assertThat(stepNames()).containsExactly("Complete cut");
    }
}
