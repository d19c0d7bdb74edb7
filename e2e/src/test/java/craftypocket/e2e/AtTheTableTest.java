package craftypocket.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import org.junit.jupiter.api.Test;

/** Several breaks at once, numbers that follow from what is there, and hands that stray, on the Bench. */
class AtTheTableTest extends InBrowser {

    @Test
    void an_envelope_is_added_holds_a_card_and_is_handed_over() throws IOException {
        newRoutine("An envelope");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("+ envelope"))
                .click();
        assertThat(page.getByTestId("thing-row")).containsText("envelope");
        waitUntilSaved();
        addMove("put into a thing");
        assertThat(row("s1")).containsText("Put the top 1 of the deck into the envelope, in front, flat");
        assertThat(page.getByText("nobody said how large the cards are")).isVisible();
        addMove("put down, take or hand over");
        page.getByLabel("Goes to", new Page.GetByLabelOptions().setExact(true)).selectOption("pocket:left");
        assertThat(page.getByTestId("thing-entry")).containsText("in the pocket (left) · holds 1 card");
        waitUntilSaved();
        page.reload();
        select("s2");
        assertThat(page.getByTestId("thing-entry")).containsText("holds 1 card");
    }
}
