package craftypocket.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ForcedColors;
import com.microsoft.playwright.options.LoadState;
import com.microsoft.playwright.options.ReducedMotion;
import java.io.IOException;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

class AccessibilityTest extends InBrowser {

    @Test
    void nothing_is_wrong_on_any_view() throws IOException {
        visit("/");
        assertThat(page.getByTestId("routine").first().locator("svg")).isVisible();
        page.getByText("holds ·").first().waitFor();
        assertThat(Faults.of(page)).isEmpty();
        page.keyboard().press("n");
        page.getByLabel("What is it called?").waitFor();
        assertThat(Faults.of(page)).isEmpty();

        visit("/about");
        page.getByTestId("library").first().waitFor();
        assertThat(Faults.of(page)).isEmpty();
        visit("/reckoner");
        page.getByText("announce 22 or more").waitFor();
        assertThat(Faults.of(page)).isEmpty();
        visit("/invent");
        page.getByLabel("Open Opposite berths").waitFor();
        assertThat(Faults.of(page)).isEmpty();
        visit("/moves/multiple-lift");
        page.getByTestId("play-deck").locator("svg").waitFor();
        assertThat(Faults.of(page)).isEmpty();

        newFaceUpCount("Seen by all");
        assertThat(Faults.of(page)).isEmpty();
        openDemo("Nobody trusts the purser");
        page.getByText("“It is on top, isn’t it?”").first().click();
        page.getByLabel("Taken if").waitFor();
        assertThat(Faults.of(page)).isEmpty();
        openDemo("Two cabins");
        page.getByText("Lay the cards").click();
        page.locator("[data-pile=deck]").waitFor();
        page.getByLabel("Write or paste the order of the deck").fill("ten of hearts, moon");
        page.getByLabel("Write or paste the order of the deck").blur();
        page.locator("[data-unread]").waitFor();
        assertThat(Faults.of(page)).isEmpty();

        openDemo("The ship’s clock");
        page.getByText("By what was chosen").first().click();
        assertThat(Faults.of(page)).isEmpty();
        page.getByText("Solve for …").click();
        // Each number is judged over all ways: 12 s on a quiet machine.
        page.getByText(Pattern.compile("Always works|Best is"))
                .waitFor(new Locator.WaitForOptions().setTimeout(4 * PATIENCE_MILLIS));
        assertThat(Faults.of(page)).isEmpty();
        page.keyboard().press("Escape");
        page.getByText("Get me there …").click();
        page.getByText("Find ways").click();
        page.getByText("Stop", new Page.GetByTextOptions().setExact(true)).click();
        page.getByText(Pattern.compile("lead there|None within|Stopped")).waitFor();
        assertThat(Faults.of(page)).isEmpty();
        page.keyboard().press("Escape");

        openDemo("The purser’s wager");
        page.getByTestId("finding").first().waitFor();
        assertThat(Faults.of(page)).isEmpty();
        select("deal");
        page.getByText("only if something is true beforehand").click();
        page.getByLabel("What must be true").waitFor();
        assertThat(Faults.of(page)).isEmpty();
        page.getByText("only if something is true beforehand").click();
        waitUntilSaved();
        page.locator("h2").first().click();
        page.keyboard().press("a");
        page.getByLabel("Find a move").waitFor();
        assertThat(Faults.of(page)).isEmpty();
        page.keyboard().press("Escape");
        page.keyboard().press("j");
        page.getByLabel("A move a line").fill("two cuts\nif they want to shuffle, wait\nthe captain coughs");
        page.getByLabel("“the captain coughs” means").waitFor();
        assertThat(Faults.of(page)).isEmpty();
        page.keyboard().press("Escape");
        page.keyboard().press("?");
        page.getByText("Keys of this view").waitFor();
        assertThat(Faults.of(page)).isEmpty();
        page.keyboard().press("Escape");

        page.keyboard().press("r");
        page.getByText("Deck in hand?").waitFor();
        assertThat(Faults.of(page)).isEmpty();
        page.keyboard().press("Space");
        page.getByText("1 of 8").waitFor();
        page.keyboard().press("h");
        page.locator("svg").first().waitFor();
        assertThat(Faults.of(page)).isEmpty();
        for (int i = 0; i < 8; i++) {
            page.keyboard().press("PageDown");
        }
        page.getByText("Did it come out?").waitFor();
        assertThat(Faults.of(page)).isEmpty();
    }

    @Test
    void the_colours_of_the_system_are_taken_and_nothing_moves_by_itself() throws IOException {
        context.close();
        context = newContext(new Browser.NewContextOptions()
                .setViewportSize(1280, 800)
                .setForcedColors(ForcedColors.ACTIVE)
                .setReducedMotion(ReducedMotion.REDUCE));
        page = context.newPage();
        openDemo("The purser’s wager");
        page.getByTestId("finding").first().waitFor();

        assertThat(Faults.of(page)).isEmpty();
        assertThat(page.evaluate("document.getAnimations().length")).isEqualTo(0);
        // What is written into the picture stands out from the paper as the system has it.
        assertThat(page.evaluate("""
                () => {
                  const probe = document.createElement('p')
                  probe.style.color = 'CanvasText'
                  document.body.append(probe)
                  const written = document.querySelector('svg[role=img] text[fill="var(--soft)"]')
                  return !written || getComputedStyle(written).fill === getComputedStyle(probe).color
                }""")).isEqualTo(true);
    }

    @Test
    void on_a_phone_the_inspector_is_a_sheet_that_can_be_opened_and_closed() throws IOException {
        page.setViewportSize(390, 844);
        openDemo("The purser’s wager");
        select("deal");
        Locator handle = button("Deal past the card, announce a number");
        handle.last().click();
        assertThat(page.getByLabel("Step settings")).isVisible();
        assertThat(Faults.of(page)).isEmpty();
        handle.last().click();
        assertThat(page.getByLabel("Step settings")).isHidden();
    }

    @Test
    void at_twice_the_size_nothing_must_be_scrolled_sideways() throws IOException {
        page.setViewportSize(640, 400);
        for (String path : List.of("/", "/moves/wash", "/reckoner", page.url())) {
            if (path.startsWith("/")) {
                visit(path);
            } else {
                openDemo("The purser’s wager");
            }
            page.waitForLoadState(LoadState.NETWORKIDLE);
            settle();
            assertThat(page.evaluate("document.documentElement.scrollWidth <= window.innerWidth"))
                    .isEqualTo(true);
        }
    }
}
