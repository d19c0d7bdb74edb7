package craftypocket.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.io.IOException;
import org.junit.jupiter.api.Test;

/** The running deck is taken hold of: with a mouse, and with keys. */
class HandOnDeckTest extends InBrowser {

    private Locator grip(String name) {
        return page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName(name));
    }

    private void drag(Locator grip, double by) {
        BoundingBox box = grip.boundingBox();
        double x = box.x + box.width / 2;
        double y = box.y + box.height / 2;
        page.mouse().move(x, y);
        page.mouse().down();
        page.mouse().move(x + by / 2, y);
        page.mouse().move(x + by, y);
        page.mouse().up();
    }

    @Test
    void a_cut_is_dragged_and_its_number_follows() throws IOException {
        newRoutine("Cut by hand");
        addMove("complete cut");
        page.getByLabel("Cards cut off", new Page.GetByLabelOptions().setExact(true))
                .selectOption("exact");
        page.getByLabel("Cards cut off: number").fill("20");
        Locator cut = grip("where it parts");
        assertThat(cut).hasAttribute("aria-valuenow", "20");
        waitUntilSaved();

        double slot = page.locator("svg[role=img]").first().boundingBox().width / 52;
        drag(cut, 6 * slot);
        assertThat(cut).hasAttribute("aria-valuenow", "26");
        assertThat(steps().first()).containsText("26");

        cut.focus();
        page.keyboard().press("ArrowLeft");
        assertThat(cut).hasAttribute("aria-valuenow", "25");
        assertThat(cut).hasAttribute("aria-valuetext", "below 25 of the deck");
        waitUntilSaved();
    }

    @Test
    void where_somebody_cuts_is_dragged_without_an_edit() throws IOException {
        newRoutine("They cut");
        addMove("spectator cuts");
        Locator cut = grip("where it parts");
        String before = cut.getAttribute("aria-valuenow");
        waitUntilSaved();
        cut.focus();
        page.keyboard().press("ArrowRight");

        assertThat(cut).hasAttribute("aria-valuenow", String.valueOf(Integer.parseInt(before) + 1));
        assertThat(page.getByText("Shown is not the usual way.")).isVisible();
        waitUntilSaved();
    }

    @Test
    void a_thread_that_is_put_elsewhere_asks_how() throws IOException {
        newRoutine("Bring it up");
        addMove("spread, free pick");
        addMove("return on the lower");
        page.getByLabel("The card is put in").selectOption("break");
        waitUntilSaved();
        Locator thread = grip("where it should lie");
        thread.focus();
        page.keyboard().press("Home");
        assertThat(thread).hasAttribute("aria-valuetext", "1 from the top of the deck");
        page.keyboard().press("Enter");
        assertThat(page.getByText("1 from the top of the deck").last()).isVisible();
        button("Find moves that lead there").click();
        page.getByTestId("way").first().waitFor();
        page.keyboard().press("Escape");

        drag(thread, -60);
        button("Claim it, and see whether it holds").click();
        assertThat(page.getByTestId("finding")).not().hasCount(0);
        waitUntilSaved();
    }

    @Test
    void a_card_of_the_set_up_is_laid_elsewhere() throws IOException {
        newRoutine("Laid by hand");
        select("set-up");
        Locator deck = page.locator("svg[role=img]").first();
        BoundingBox box = deck.boundingBox();
        double slot = box.width / 52;
        Locator row = page.locator("rect[data-row='0']");
        BoundingBox place = row.boundingBox();
        double y = place.y + place.height / 2;
        page.mouse().move(box.x + 0.5 * slot, y);
        assertThat(deck).containsText("1 from the top");
        page.mouse().down();
        page.mouse().move(box.x + 4.5 * slot, y);
        page.mouse().move(box.x + 9.5 * slot, y);
        page.mouse().up();
        waitUntilSaved();

        String id = openId();
        String stored = new Http(application()).get("/api/routines/" + id).body();
        assertThat(stored).contains("\"nth\":10");
    }
}
