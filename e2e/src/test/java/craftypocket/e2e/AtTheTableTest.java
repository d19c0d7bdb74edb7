package craftypocket.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Several breaks at once, numbers that follow from what is there, and hands that stray, on the Bench. */
class AtTheTableTest extends InBrowser {

    @Test
    void a_number_that_follows_from_a_guess_is_changed_in_its_fields_and_solved_for() throws IOException {
        openDemo("The purser's second wager");
        assertThat(page.getByText("holds · all 4,845 ways")).isVisible();
        select("deal");
        Locator number = page.getByLabel("Number announced", new Page.GetByLabelOptions().setExact(true));
        assertThat(number).hasValue("as");
        assertThat(page.getByLabel("Number announced: which")).hasValue("guess.guess");

        page.getByLabel("Number announced: how many more").fill("3");
        assertThat(row("deal")).containsText("Announce “guessed” of step 4 + 3");
        // Right unless the guess is two too low: one guess in five.
        assertThat(page.getByText(Pattern.compile("holds in 80 %"))).isVisible();
        waitUntilSaved();

        page.getByText("Solve for …").click();
        assertThat(page.getByTestId("solved")).containsText("Smallest: 4.");
        page.getByLabel("4: 100 %, best").click();
        assertThat(row("deal")).containsText("of step 4 + 4");
        waitUntilSaved();
    }

    @Test
    void two_fingers_hold_two_breaks_and_a_step_says_which_it_uses() throws IOException {
        newRoutine("Two fingers");
        addMove("hold a break");
        addMove("hold a break");
        page.getByLabel("Held by").selectOption("thumb");
        page.getByLabel("Cards above it, or below it", new Page.GetByLabelOptions().setExact(true))
                .selectOption("at");
        page.getByLabel("Cards above it, or below it: how many more").fill("-6");
        assertThat(row("s2"))
                .containsText("Hold the thumb’s break in the deck below as many as lie above the break − 6");
        select("s2");
        addMove("jog a card");
        addMove("cut at the break");
        page.getByLabel("At", new Page.GetByLabelOptions().setExact(true)).selectOption("break");
        assertThat(row("s4")).containsText("Cut the deck at the little finger’s break");
        assertThat(page.locator("svg[role=img]").first()).containsText("thumb");
        waitUntilSaved();

        page.getByLabel("At", new Page.GetByLabelOptions().setExact(true)).selectOption("finger");
        assertThat(page.getByText("not the other finger’s break").first()).isVisible();
        waitUntilSaved();
    }

    @Test
    void a_wrong_hand_is_traced_and_its_slip_is_told_among_the_claims() throws IOException {
        openDemo("Four lighthouses");
        Locator broken = page.getByText("cannot be done");
        select("hold");
        page.getByLabel("Cards above it, or below it: number").fill("2");

        assertThat(page.getByText(Pattern.compile("Before it, the break is under one card fewer"))
                        .first())
                .isVisible();
        assertThat(broken).hasCount(0);
        waitUntilSaved();
    }

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
