package craftypocket.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A procedure is asked for, understood, kept and made a routine. */
class InventTest extends InBrowser {

    /** A search of some seconds takes longer beside other work. */
    private static final int SEARCHED_MILLIS = 60_000;

    private void ask(String numbers, String steps, String choices) throws IOException {
        visit("/invent");
        page.getByLabel("Steps at most").fill(steps);
        page.getByLabel("Free choices at least").fill(choices);
        page.getByLabel("Fixed numbers").fill(numbers);
        button("Find procedures").click();
        assertThat(page.getByTestId("invent-outcome"))
                .containsText(
                        Pattern.compile("Done: |None of"),
                        new LocatorAssertions.ContainsTextOptions().setTimeout(SEARCHED_MILLIS));
    }

    /** By hand: of 13 dealt, the a-th is 14 − a from the top; a more on it, and it is the 14th. */
    @Test
    void a_procedure_is_found_kept_and_opened_as_a_routine() throws IOException {
        ask("13", "2", "0");
        page.getByTestId("found")
                .getByRole(AriaRole.BUTTON)
                .filter(new Locator.FilterOptions().setHasText("Deal 13 cards"))
                .filter(new Locator.FilterOptions().setHasText("Swing cut"))
                .first()
                .click();

        Locator find = page.getByLabel("This find");
        assertThat(find).containsText("Ines’s card is 14th from the top of the “left” pile");
        assertThat(find).containsText("Proved: always so, in all 12 ways.");
        assertThat(find).containsText("14 − a from the top of the “left” pile");
        assertThat(find).containsText("They think of a");
        assertThat(find.locator("svg").first()).isVisible();
        button("Keep").click();
        assertThat(button("Kept on the shelf")).isDisabled();

        visit("/invent");
        Locator note = page.getByLabel("Your note on A secret number");
        note.fill("For four bells");
        note.blur();
        visit("/invent");
        assertThat(page.getByLabel("Your note on A secret number")).hasValue("For four bells");
        page.getByLabel("Take A secret number off the shelf").click();
        assertThat(page.getByLabel("Open A secret number")).hasCount(0);
        button("Undo").click();
        page.getByLabel("Open A secret number").click();

        assertThat(steps()).hasCount(3);
        page.getByText("holds ·").first().waitFor();
    }

    @Test
    void a_question_without_an_answer_says_what_would_widen_it() throws IOException {
        ask("1", "1", "1");

        assertThat(page.getByTestId("found")).hasCount(0);
        assertThat(page.getByTestId("invent-outcome")).containsText("None of up to 1 steps");
        assertThat(page.getByTestId("invent-outcome")).containsText("would widen it");
    }

    @Test
    void a_search_is_stopped_and_gone_on_with() throws IOException {
        visit("/invent");
        page.getByLabel("Steps at most").fill("6");
        page.getByLabel("Free choices at least").fill("2");
        button("Find procedures").click();
        assertThat(page.getByTestId("invent-outcome"))
                .containsText(" tried", new LocatorAssertions.ContainsTextOptions().setTimeout(SEARCHED_MILLIS));
        button("Stop").click();
        assertThat(page.getByTestId("invent-outcome")).containsText("Stopped: ");
        button("Go on").click();
        assertThat(button("Stop")).isVisible();
        button("Stop").click();
        assertThat(page.getByTestId("invent-outcome")).containsText("Stopped: ");
    }
}
