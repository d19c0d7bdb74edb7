package craftypocket.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

class MovesTest extends InBrowser {

    private Locator found() {
        return page.locator(".move");
    }

    @Test
    void every_move_is_found_by_typing_its_name_in_the_bench() throws IOException {
        visit("/moves");
        found().nth(90).waitFor();
        List<String> names = page.locator(".move > span:first-child").allInnerTexts();
        newRoutine("All of them");
        page.keyboard().press("a");

        for (String name : names) {
            page.getByLabel("Find a move").fill(name.strip());
            assertThat(page.getByRole(AriaRole.OPTION).first().locator("strong"))
                    .hasText(name.strip());
        }
    }

    @Test
    void a_move_is_played_with_on_a_small_deck() throws IOException {
        visit("/moves/spread-cull");
        Locator picture = page.getByTestId("play-deck");
        assertThat(picture).containsText("Spread the deck");
        String before = picture.locator("svg").innerHTML();

        page.getByLabel("What they choose: Where they stop").fill("12");

        assertThat(picture).containsText("stop at 12");
        assertThat(picture.locator("svg").innerHTML()).isNotEqualTo(before);
        page.getByLabel("Where they stop", new Page.GetByLabelOptions().setExact(true))
                .first()
                .waitFor();
    }

    @Test
    void moves_are_filtered_by_what_hands_and_table_allow() throws IOException {
        visit("/moves");
        found().nth(90).waitFor();
        page.getByLabel("Difficulty", new Page.GetByLabelOptions().setExact(true))
                .selectOption("1");
        page.getByText("without a table").click();
        assertThat(found().filter(new Locator.FilterOptions().setHasText("Pass at the break")))
                .hasCount(0);
        assertThat(found().filter(new Locator.FilterOptions().setHasText("Force by a crosswise cut")))
                .hasCount(0);
        assertThat(found().filter(new Locator.FilterOptions().setHasText("Complete cut")))
                .hasCount(1);

        page.getByText("I can do it").click();
        // Nothing was said of any of them yet, unless another test did.
        assertThat(page.getByText(Pattern.compile("Tick what you do|No move is left")))
                .isVisible();
    }

    @Test
    void a_name_of_ones_own_and_what_one_can_do_are_remembered() throws IOException {
        visit("/moves/double-undercut");
        page.getByLabel("What you call it").fill("the ferry turn");
        page.getByLabel("What you call it").press("Tab");
        page.getByLabel("How well it goes").selectOption("4");
        assertThat(page.locator(".here")).containsText("✓");
        page.reload();
        assertThat(page.getByLabel("What you call it")).hasValue("the ferry turn");
        page.getByText("I can do it").click();
        assertThat(found()).hasCount(1);

        newRoutine("With my words");
        addMove("ferry turn");
        assertThat(steps().locator("strong")).hasText(new String[] {"Double undercut to the break"});
    }

    @Test
    void words_are_written_for_the_left_hand_too() throws IOException {
        visit("/moves/pass");
        assertThat(page.getByText("from above and from the right")).isVisible();

        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Right-handed"))
                .click();

        assertThat(page.getByText("from above and from the left")).isVisible();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Left-handed"))
                .click();
        assertThat(page.getByText("from above and from the right")).isVisible();
    }

    @Test
    void steps_become_a_move_of_ones_own() throws IOException {
        newRoutine("To be one move");
        addMove("hold a break");
        addMove("cut at the break");
        addMove("false cut");
        waitUntilSaved();
        select("s1");
        page.getByText("Make this one move").click();
        page.getByLabel("What you call it").fill("Swell of the harbour");
        page.getByLabel("To step").selectOption("1");
        button("Make it").click();

        assertThat(steps().locator("strong")).hasText(new String[] {"Swell of the harbour", "False cut"});
        waitUntilSaved();
        page.reload();
        assertThat(steps().first()).containsText("Swell of the harbour");
        assertThat(page.getByText(Pattern.compile("holds · the only way"))).isVisible();

        visit("/moves/own-swell-of-the-harbour");
        assertThat(page.getByTestId("play-deck").locator("svg")).isVisible();
        button("Remove this own move").click();
        assertThat(found().filter(new Locator.FilterOptions().setHasText("Swell of the harbour")))
                .hasCount(0);
    }

    @Test
    void what_somebody_can_do_is_asked_for_once() throws IOException {
        visit("/moves");
        page.getByLabel("I can do it").check();
        Locator basics = page.getByTestId("basics");
        assertThat(basics.getByRole(AriaRole.CHECKBOX)).hasCount(12);
        basics.getByLabel("Double undercut").check();

        assertThat(page.getByText("1 of ")).isVisible();
        basics.getByLabel("Double undercut").uncheck();
        assertThat(page.getByText("0 of ")).isVisible();
    }
}
