package craftypocket.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import java.io.IOException;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

class MovesTest extends InBrowser {

    private Locator found() {
        return page.locator(".move");
    }

    @Test
    void a_name_of_ones_own_and_what_one_can_do_are_remembered() throws IOException {
        visit("/moves/double-undercut");
        page.getByLabel("What you call it").fill("the ferry turn");
        page.getByLabel("What you call it").press("Tab");
        page.getByLabel("How well it goes").selectOption("4");
        assertThat(page.locator(".move.here")).containsText("✓");
        page.reload();
        assertThat(page.getByLabel("What you call it")).hasValue("the ferry turn");
        page.getByText("I can do it").click();
        assertThat(found()).hasCount(1);

        newRoutine("With my words");
        addMove("ferry turn");
        assertThat(steps().locator("strong")).hasText(new String[] {"Double undercut to the break"});
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
}
