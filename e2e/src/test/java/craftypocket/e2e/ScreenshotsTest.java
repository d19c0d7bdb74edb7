package craftypocket.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Takes the pictures of {@code docs/screenshots} anew; {@code ./screenshots} runs it. */
@Tag("screenshots")
class ScreenshotsTest extends InBrowser {

    /** With the made-up year of practice, as a first start has it. */
    private static Application own;

    @BeforeAll
    static void start() throws IOException {
        own = Application.start(Files.createTempDirectory("crafty-pictures"));
    }

    @AfterAll
    static void end() {
        own.close();
    }

    @Override
    protected String url(String path) {
        return own.url(path);
    }

    private void picture(String name) throws IOException {
        page.mouse().move(0, 0);
        page.waitForTimeout(600);
        page.screenshot(new Page.ScreenshotOptions().setPath(Pictures.FOLDER.resolve(name + ".png")));
        Pictures.note(name);
    }

    @Test
    void all() throws IOException {
        visit("/");
        page.waitForCondition(
                () -> page.getByText(Pattern.compile("all [\\d,]+ ways")).count() >= 4,
                new Page.WaitForConditionOptions().setTimeout(60_000));
        picture("repertoire");

        openDemo("The purser’s wager");
        page.getByText(Pattern.compile("all [\\d,]+ ways")).first().waitFor();
        select("return");
        picture("bench");

        openDemo("What the purser wrote");
        page.getByText(Pattern.compile("all [\\d,]+ ways")).first().waitFor();
        select("load");
        picture("bench-things");

        openDemo("Three berths");
        page.getByLabel("Deck", new Page.GetByLabelOptions().setExact(true)).selectOption("seen");
        page.getByTestId("effect").first().waitFor();
        select("t1");
        page.getByTestId("effect").first().scrollIntoViewIfNeeded();
        picture("bench-seen");
        page.getByLabel("Deck", new Page.GetByLabelOptions().setExact(true)).selectOption("real");

        openDemo("The purser’s wager");
        page.getByText(Pattern.compile("all [\\d,]+ ways")).first().waitFor();
        select("deal");
        page.getByLabel("Number announced: number").fill("18");
        page.getByText("show me").first().click();
        picture("bench-failing-world");
        waitUntilSaved();
        button("Undo").click();
        waitUntilSaved();

        openDemo("Nobody trusts the purser");
        page.getByLabel("Lines of the routine").getByText("shuffling").first().click();
        page.waitForCondition(() ->
                page.getByLabel("Lines of the routine").getByText("holds ·").count() == 4);
        select("lift");
        picture("bench-out");

        openDemo("Four lighthouses");
        select("set-up");
        button("Lay the cards").click();
        page.locator("[data-pile=deck] .tray-card").nth(1).click();
        picture("set-up-tray");

        openDemo("The purser’s wager");
        select("deal");
        page.getByText("Solve for …").click();
        page.getByText("Always works").waitFor();
        picture("solve-for");

        visit("/invent");
        page.getByText("Find procedures").click();
        page.getByText("Done: ").waitFor(new Locator.WaitForOptions().setTimeout(60_000));
        page.getByTestId("found").nth(1).getByRole(AriaRole.BUTTON).click();
        page.locator("article svg").first().waitFor();
        picture("invent");

        visit("/tonight");
        page.getByTestId("set-time").waitFor();
        picture("tonight");
        page.keyboard().press("p");
        page.getByText("1 of 3").waitFor();
        page.keyboard().press("Space");
        picture("perform");
        visit("/journal");
        page.getByTestId("entry").first().waitFor();
        picture("journal");
        visit("/settings");
        page.getByTestId("people").first().waitFor();
        picture("settings");

        visit("/reckoner");
        page.getByTestId("reckoned").first().waitFor();
        picture("reckoner");

        visit("/moves/messy");
        page.getByTestId("play-deck").locator("svg").waitFor();
        picture("moves");

        openDemo("The purser’s wager");
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

        openDemo("Two cabins");
        page.keyboard().press("r");
        page.getByText("Deck in hand?").waitFor();
        page.keyboard().press("b");
        page.getByTestId("tap").waitFor();
        for (int[] apart : new int[][] {{700, 690, 710}, {700, 420, 700}}) {
            page.keyboard().press("PageDown");
            for (int wait : apart) {
                page.waitForTimeout(wait);
                page.keyboard().press("PageDown");
            }
            page.waitForTimeout(600);
        }
        page.getByTestId("told").waitFor();
        page.getByText("Hear the sample").click();
        page.getByText("A made-up sound: it is not kept.").waitFor();
        picture("rehearse-beats");
        page.getByText("Stop listening").click();

        openDemo("Nobody trusts the purser");
        page.keyboard().press("r");
        page.getByText("Deck in hand?").waitFor();
        page.keyboard().press("Space");
        page.getByText("1 of 7").waitFor();
        for (int beat = 0; beat < 7; beat++) {
            page.waitForTimeout(400 + beat * 90);
            page.keyboard().press("PageDown");
        }

        Path pocket = Files.createTempFile("pocket", ".html");
        Files.writeString(
                pocket,
                new Http(url(""))
                        .get(page.url()
                                        .replaceFirst(".*/rehearse/", "/api/routines/")
                                        .replaceFirst("\\?.*", "") + "/pocket.html")
                        .body());
        page.setViewportSize(390, 844);
        page.navigate(pocket.toUri().toString());
        for (int screen = 0; screen < 3; screen++) {
            page.keyboard().press("PageDown");
        }
        picture("pocket");
    }
}
