package craftypocket.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import java.io.IOException;
import org.junit.jupiter.api.Test;

class SolvingTest extends InBrowser {

    @Test
    void ways_to_the_top_are_offered_and_one_is_inserted() throws IOException {
        openDemo("Everything overboard");
        select("back");
        page.getByText("Get me there …").click();
        page.getByText("Find ways").click();

        Locator ways = page.getByTestId("way");
        assertThat(page.getByTestId("bridge-outcome")).containsText("ways lead there");
        assertThat(ways.first()).containsText("always works");
        assertThat(ways.filter(new Locator.FilterOptions().setHasText("Pass at the break")))
                .hasCount(1);
        page.getByLabel("Insert: Pass at the break").click();

        assertThat(steps()).hasCount(8);
        assertThat(steps().nth(2)).containsText("Pass at the break");
        waitUntilSaved();
        button("Undo").click();
        assertThat(steps()).hasCount(7);
        waitUntilSaved();
    }
}
