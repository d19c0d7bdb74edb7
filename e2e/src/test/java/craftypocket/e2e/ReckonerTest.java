package craftypocket.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import org.junit.jupiter.api.Test;

/** Quick arithmetic, and what becomes of it in a routine. */
class ReckonerTest extends InBrowser {

    private Locator tile(String title) {
        return page.getByRole(
                AriaRole.REGION, new Page.GetByRoleOptions().setName(title).setExact(true));
    }

    @Test
    void an_answer_goes_into_a_routine_as_step_and_claim() throws IOException {
        newRoutine("From the reckoner");
        page.getByText("+ key").click();
        page.getByLabel("Card of K").selectOption("AS");
        page.getByLabel("The other cards").selectOption("true");
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
