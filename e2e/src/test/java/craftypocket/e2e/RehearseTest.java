package craftypocket.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

class RehearseTest extends InBrowser {

    private Locator step() {
        return page.getByLabel("Step", new Page.GetByLabelOptions().setExact(true));
    }

    @Test
    void a_whole_run_by_keyboard_is_timed_judged_kept_and_shown() throws IOException {
        openDemo("The purser’s wager");
        page.keyboard().press("r");
        assertThat(page.getByText("Deck in hand?")).isVisible();

        page.keyboard().press("Space");
        assertThat(step()).containsText("1 of 8");
        assertThat(step()).containsText("Spectator cuts and completes");
        assertThat(step().locator("svg")).hasCount(0);
        page.keyboard().press("h");
        assertThat(step().locator("svg")).isVisible();
        page.keyboard().press("PageDown");
        assertThat(step()).containsText("2 of 8");
        assertThat(step().locator("svg")).hasCount(0);
        page.keyboard().press("m");
        page.keyboard().press("m");
        assertThat(page.getByTestId("slips")).hasText("2 slips");
        page.keyboard().press("ArrowRight");
        assertThat(step()).containsText("3 of 8");
        page.keyboard().press("PageUp");
        assertThat(step()).containsText("2 of 8");
        page.keyboard().press("ArrowRight");
        page.keyboard().press("ArrowLeft");
        assertThat(step()).containsText("2 of 8");
        for (int i = 2; i <= 8; i++) {
            page.keyboard().press("Space");
        }

        assertThat(page.getByText("Did it come out?")).isVisible();
        Locator end = page.getByLabel("End check");
        assertThat(end).containsText("Ines’s card: 5 from the top, 18 from the bottom in the “dealt” pile, face down");
        assertThat(end).containsText("key K: 6 from the top");
        assertThat(page.getByTestId("in-every-way")).containsText("Ines’s card lies face down");
        // Of the top five of the one pile of which he knows something.
        assertThat(page.getByTestId("end-row")).hasCount(1);
        button("Yes, as below").focus();
        page.keyboard().press("Enter");
        assertThat(page.getByText("Kept: it came out.")).isVisible();

        page.keyboard().press("Escape");
        page.keyboard().press("r");
        Locator runs = page.getByLabel("Runs so far");
        assertThat(runs).containsText("just now");
        assertThat(runs.getByRole(AriaRole.ROW).nth(1)).containsText(Pattern.compile("2.*yes"));
        visit("/");
        assertThat(page.getByTestId("routine").filter(new Locator.FilterOptions().setHasText("The purser’s wager")))
                .containsText(Pattern.compile("rehearsed just now · \\d+ runs?, \\d+ slips"));
    }

    @Test
    void it_fits_a_phone() throws IOException {
        openDemo("The purser’s wager");
        page.setViewportSize(390, 780);
        page.keyboard().press("r");
        button("Begin").first().click();
        step().waitFor();

        Object sideways = page.evaluate("document.documentElement.scrollWidth > window.innerWidth");

        assertThat(button("Go on →")).isVisible();
        org.assertj.core.api.Assertions.assertThat(sideways).isEqualTo(false);
    }
}
