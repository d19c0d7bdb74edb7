package craftypocket.e2e;

import com.microsoft.playwright.Page;
import java.io.IOException;
import java.nio.file.Path;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Takes the pictures of {@code docs/screenshots} anew; {@code ./screenshots} runs it. */
@Tag("screenshots")
class ScreenshotsTest extends InBrowser {

    private void picture(String name) {
        page.mouse().move(0, 0);
        page.waitForTimeout(600);
        page.screenshot(new Page.ScreenshotOptions().setPath(Path.of("..", "docs", "screenshots", name + ".png")));
    }

    @Test
    void all() throws IOException {
        visit("/");
        page.waitForCondition(
                () -> page.getByText("ways checked").count() == 4,
                new Page.WaitForConditionOptions().setTimeout(60_000));
        picture("repertoire");

        openDemo("The purser's wager");
        page.getByText("ways checked").first().waitFor();
        select("return");
        picture("bench");

        openDemo("Everything overboard");
        page.getByText("ways checked").first().waitFor();
        select("mess");
        row("mess").scrollIntoViewIfNeeded();
        page.mouse().wheel(0, 400);
        picture("bench-messy-deck");

        openDemo("What the fog keeps");
        page.getByText("ways checked").first().waitFor();
        select("lone");
        page.keyboard().press("Delete");
        page.getByLabel("Dismiss").click();
        page.getByText("show me").first().click();
        picture("bench-failing-world");
        waitUntilSaved();
        button("Undo").click();
        waitUntilSaved();

        openDemo("The purser's wager");
        page.keyboard().press("r");
        page.getByText("Deck in hand?").waitFor();
        page.keyboard().press("Space");
        page.getByText("1 of 8").waitFor();
        int[] beats = {900, 400, 1900, 1700, 1200};
        for (int beat : beats) {
            page.waitForTimeout(beat);
            page.keyboard().press("PageDown");
        }
        page.keyboard().press("m");
        page.keyboard().press("h");
        picture("rehearse");
        for (int beat = 0; beat < 3; beat++) {
            page.waitForTimeout(1100);
            page.keyboard().press("PageDown");
        }
        picture("rehearse-end-check");
    }
}
