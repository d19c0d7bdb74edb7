package craftypocket.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.io.IOException;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

class BenchTest extends InBrowser {

    private static final Pattern HOLDS = Pattern.compile("holds · all [\\d,]+ ways");

    private void expectSteps(String... names) {
        assertThat(steps().locator("strong")).hasText(names);
    }

    @Test
    void a_routine_is_built_reordered_and_undone_by_keyboard_alone() throws IOException {
        newRoutine("By keyboard");

        addMove("false cut");
        addMove("milk top bottom drawn");
        addMove("complete");
        expectSteps("False cut", "Overhand, top and bottom drawn together", "Complete cut");

        page.keyboard().press("Alt+ArrowUp");
        expectSteps("False cut", "Complete cut", "Overhand, top and bottom drawn together");
        page.keyboard().press("ArrowUp");
        page.keyboard().press("d");
        expectSteps("False cut", "False cut", "Complete cut", "Overhand, top and bottom drawn together");
        page.keyboard().press("ArrowDown");
        page.keyboard().press("Delete");
        expectSteps("False cut", "False cut", "Overhand, top and bottom drawn together");
        waitUntilSaved();

        page.keyboard().press("Control+z");
        expectSteps("False cut", "False cut", "Complete cut", "Overhand, top and bottom drawn together");
        page.keyboard().press("Control+Shift+z");
        expectSteps("False cut", "False cut", "Overhand, top and bottom drawn together");

        page.reload();
        expectSteps("False cut", "False cut", "Overhand, top and bottom drawn together");
        button("Undo").click();
        expectSteps("False cut", "False cut", "Complete cut", "Overhand, top and bottom drawn together");
    }

    /** The deck in people's heads, what surprises them, and what somebody tells who was there. */
    @Test
    void a_routine_is_seen_as_they_see_it() throws IOException {
        openDemo("Four lighthouses");
        Locator deck = page.getByLabel("Deck", new Page.GetByLabelOptions().setExact(true));
        deck.selectOption("both");
        assertThat(page.getByTestId("parted")).not().hasCount(0);
        deck.selectOption("seen");
        assertThat(page.getByTestId("parted")).hasCount(0);
        deck.selectOption("real");

        openDemo("Three berths");
        deck.selectOption("seen");
        assertThat(page.getByTestId("thinks").first()).containsText("Ines’s card is in Ines’s hand");
        assertThat(page.getByTestId("effect")).hasCount(4);
        assertThat(page.getByTestId("flaw")).hasCount(0);
        page.getByLabel("Save as …").click();
        page.getByText("What happened").click();
        assertThat(page.getByTestId("told")).containsText("Orla’s card, which was in the deck, is in the “one” pile.");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("Everything can be examined.");
        assertThat(Faults.of(page)).isEmpty();
    }

    @Test
    void steps_are_reordered_by_dragging() throws IOException {
        newRoutine("By hand");
        addMove("false cut");
        addMove("false shuffle");
        addMove("complete");
        waitUntilSaved();

        steps().nth(2).dragTo(steps().nth(0));

        expectSteps("Complete cut", "False cut", "Full-deck false shuffle");
    }

    @Test
    void a_number_too_small_is_judged_at_once_and_its_smallest_failing_world_shown() throws IOException {
        openDemo("The purser’s wager");
        assertThat(page.getByText(HOLDS).first()).isVisible();
        select("deal");

        page.getByLabel("Number announced: number").fill("18");

        assertThat(page.getByTestId("remark")).containsText("The smallest safe number is 17 + 3 + 2 = 22.");
        Locator told = page.getByText(Pattern.compile("fails if they stop with 31 to 34 below"))
                .first();
        assertThat(told).isVisible();
        // In full beside the verdict, and one key away.
        assertThat(page.getByTestId("failing-way")).containsText("fails if they stop with 31 to 34 below");
        row("deal").getByRole(AriaRole.BUTTON).first().focus();
        page.keyboard().press("f");
        assertThat(row("return")).containsText("K, key K, 20 from the top");
        waitUntilSaved();
        button("Undo").click();
        assertThat(page.getByText(HOLDS).first()).isVisible();
    }

    @Test
    void two_windows_do_not_overwrite_each_other() throws IOException {
        newRoutine("Two windows");
        Page other = page.context().newPage();
        other.navigate(page.url());
        other.locator("[data-step=set-up]").waitFor();
        addMove("false cut");
        waitUntilSaved();

        other.getByLabel("Title of the routine").fill("Renamed elsewhere");
        other.getByLabel("Title of the routine").press("Enter");

        Locator alert = other.getByRole(AriaRole.ALERT);
        assertThat(alert).containsText("Changed in another window.");
        assertThat(other.getByLabel("Title of the routine")).hasValue("Renamed elsewhere");
        other.getByText("Keep mine as a copy").click();
        assertThat(other.getByLabel("Title of the routine")).hasValue("Renamed elsewhere (my version)");
        page.reload();
        assertThat(page.getByLabel("Title of the routine")).hasValue("Two windows");
        expectSteps("False cut");
    }

    @Test
    void pointing_at_a_slot_names_its_card_and_traces_it() throws IOException {
        openDemo("What the fog keeps");

        BoundingBox row = page.locator("rect[data-row='0']").boundingBox();
        page.mouse().move(row.x + 6, row.y + 10);

        assertThat(page.getByText("four of diamonds, 1 from the top")).isVisible();
        assertThat(stepNames()).hasSize(8);
    }
}
