package craftypocket.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import org.junit.jupiter.api.Test;

/** What is kept ready for people who insist: built, judged and rehearsed. */
class OutsTest extends InBrowser {

    private Locator line(String label) {
        return page.getByLabel("Lines of the routine")
                .getByRole(AriaRole.BUTTON)
                .filter(new Locator.FilterOptions().setHasText(label));
    }

    @Test
    void an_out_is_added_filled_and_taken_away_again() throws IOException {
        newRoutine("Somebody insists");
        page.getByText("+ selection").click();
        addMove("spread, free");
        addMove("return on the lower");
        addMove("false cut");
        waitUntilSaved();
        select("s2");
        page.getByText("Have an out ready here").click();

        assertThat(line("If they insist on shuffling")).hasAttribute("aria-current", "true");
        page.getByLabel("Taken if").selectOption("cutting");
        page.getByLabel("What they say").fill("“I want to cut.”");
        assertThat(page.getByLabel("Rejoins at").locator("option:checked")).hasText("3 · False cut");
        select("s2");
        addMove("complete cut");
        assertThat(stepNames())
                .containsExactly("Spread, free pick", "Return on the lower packet", "Complete cut", "False cut");
        waitUntilSaved();

        line("Main line").click();
        assertThat(steps()).hasCount(3);
        page.reload();
        line("If they insist on cutting").click();
        assertThat(steps()).hasCount(4);
        assertThat(page.getByLabel("What they say")).hasValue("“I want to cut.”");

        page.getByText("Remove this out").click();
        assertThat(page.getByLabel("Lines of the routine")).hasCount(0);
        assertThat(steps()).hasCount(3);
        waitUntilSaved();
        button("Undo").first().click();
        assertThat(line("If they insist on cutting")).isVisible();
    }

    @Test
    void an_out_is_taken_in_a_rehearsal() throws IOException {
        openDemo("Nobody trusts the purser");
        page.keyboard().press("r");
        page.getByText("Deck in hand?").waitFor();
        page.keyboard().press("Space");
        Locator step = page.getByLabel("Step", new Page.GetByLabelOptions().setExact(true));
        assertThat(step).containsText("1 of 7");
        page.keyboard().press("Space");
        page.keyboard().press("Space");
        assertThat(step).containsText("3 of 7");
        assertThat(step.getByText("↳")).hasCount(2);

        page.keyboard().press("o");

        assertThat(step).containsText("4 of 8");
        assertThat(step).containsText("They riffle unequal packets");
        page.keyboard().press("Space");
        page.keyboard().press("o");
        assertThat(step).containsText("Palm off the top");
        assertThat(step).containsText("6 of 13");
        for (int i = 6; i <= 13; i++) {
            page.keyboard().press("Space");
        }
        assertThat(page.getByLabel("End check")).containsText("Silvan’s card: 1 from the top");
        assertThat(page.getByLabel("End check").locator("ol li").count()).isEqualTo(13);
    }
}
