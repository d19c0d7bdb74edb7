package craftypocket.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

class SolvingTest extends InBrowser {

    private Locator button(Locator in, String name) {
        return in.getByText(name, new Locator.GetByTextOptions().setExact(true));
    }

    @Test
    void the_announced_number_is_solved_for_and_taken() throws IOException {
        openDemo("The purser's wager");
        select("deal");
        page.getByText("Solve for …").click();

        assertThat(page.getByTestId("solved")).hasText("Always works with 22–52. Smallest: 22.");
        assertThat(page.getByLabel("22: 100 %, best")).isVisible();
        page.getByLabel("21: ").click();

        assertThat(row("deal")).containsText("Announce 21");
        waitUntilSaved();
        button("Undo").click();
        assertThat(row("deal")).containsText("Announce 23");
        waitUntilSaved();
    }

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

    @Test
    void a_shuffle_is_seen_again_and_its_chance_is_charted() throws IOException {
        openDemo("The ship’s clock");
        assertThat(page.getByText(Pattern.compile("holds in 9\\d\\.\\d % · a sample of 100,000 ways")))
                .isVisible();
        page.getByText("By what was chosen").first().click();
        assertThat(page.getByLabel(Pattern.compile("How often it holds, by: How often"))
                        .first())
                .isVisible();
        Locator byHour = page.getByLabel("How often it holds, by: Their number").first();
        assertThat(byHour.locator("li")).hasCount(12);
        assertThat(byHour.getByLabel("1: 100 %")).isVisible();

        byHour.locator("li button").nth(3).click();
        assertThat(page.getByText("as usual")).isVisible();
        assertThat(page.locator("[data-testid=verdict]").first()).isVisible();
        page.getByText("as usual").click();

        select("mix");
        String before = page.locator("svg[role=img]").first().innerHTML();
        page.getByText("Shuffle again").click();
        page.waitForCondition(
                () -> !page.locator("svg[role=img]").first().innerHTML().equals(before));
        assertThat(page.getByText("as usual")).isVisible();
    }

    @Test
    void a_hint_leads_to_its_step_and_can_be_put_aside() throws IOException {
        openDemo("Always on deck");
        newRoutine("Just there it is");
        page.getByText("+ key").click();
        page.getByLabel("Card of K").selectOption("AS");
        addMove("false cut");
        addMove("turn the top card");
        Locator hint = page.getByTestId("hint");
        assertThat(hint).containsText("just there it is");
        select("s1");
        // The panel above the hints has then found its size.
        assertThat(page.getByText("False cut of the deck.").last()).isVisible();
        waitUntilSaved();
        button(hint, "step 2").click();
        assertThat(row("s2").locator("[aria-current=step]")).hasCount(1);

        button(hint, "not for me").click();
        assertThat(hint).hasCount(0);
        page.reload();
        page.locator("svg[role=img]").first().waitFor();
        assertThat(hint).hasCount(0);
    }

    @Test
    void a_card_is_not_forced_twice_on_the_people_of_tonight() throws IOException {
        openDemo("Between decks");
        Locator audience = page.getByLabel("The people of tonight");
        audience.waitFor();
        assertThat(page.getByTestId("hint")).hasCount(0);

        audience.getByText("They have seen this one").click();
        assertThat(page.getByTestId("hint")).containsText("has been forced on these people already");
        page.reload();
        assertThat(page.getByTestId("hint")).containsText("has been forced on these people already");
        page.getByLabel("Cards forced on them already").fill("QQ");
        page.getByLabel("Cards forced on them already").press("Tab");
        assertThat(audience.getByRole(AriaRole.ALERT)).containsText("it must be a card");

        audience.getByText("New people").click();
        assertThat(page.getByTestId("hint")).hasCount(0);
    }
}
