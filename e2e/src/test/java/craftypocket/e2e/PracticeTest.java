package craftypocket.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.LoadState;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The ways to rehearse, as somebody with cards in both hands uses them. */
class PracticeTest extends InBrowser {

    /** A routine of two steps with a followed card, and its id. */
    private String twoSteps(String title) throws IOException {
        newRoutine(title);
        addMove("spread, free pick");
        addMove("return on the lower");
        waitUntilSaved();
        return openId();
    }

    /** Each sound is saved from the page, and given to another Chromium as its microphone: four beats, the third 35 % late. */
    @ParameterizedTest
    @ValueSource(strings = {"a quiet room", "hiss, 30 dB below", "a fan", "every other beat half as loud"})
    void a_late_beat_is_heard_by_the_microphone_and_named(String sound, @TempDir Path folder) throws IOException {
        String id = twoSteps("Heard");
        visit("/rehearse/" + id + "?mode=beats");
        page.getByText("How well does it hear?").click();
        Path file = folder.resolve("microphone.wav");
        page.waitForDownload(() -> button("Save: " + sound).click()).saveAs(file);
        try (Playwright playwright = Playwright.create();
                Browser hearing = playwright
                        .chromium()
                        .launch(new BrowserType.LaunchOptions()
                                .setExecutablePath(Path.of("/usr/bin/chromium-headless-shell"))
                                .setArgs(List.of(
                                        "--no-sandbox",
                                        "--use-fake-device-for-media-stream",
                                        "--use-fake-ui-for-media-stream",
                                        "--autoplay-policy=no-user-gesture-required",
                                        "--use-file-for-fake-audio-capture=" + file + "%noloop")));
                BrowserContext heard =
                        hearing.newContext(new Browser.NewContextOptions().setPermissions(List.of("microphone")))) {
            Page ear = heard.newPage();
            ear.navigate(url("/rehearse/" + id + "?mode=beats"));
            ear.getByLabel("Beats of", new Page.GetByLabelOptions().setExact(true))
                    .selectOption("spread-pick");
            ear.getByText("Listen to the table").click();

            assertThat(ear.getByTestId("told"))
                    .hasText(
                            Pattern.compile("beat 3 comes (34|35|36) % late"),
                            new LocatorAssertions.HasTextOptions().setTimeout(60_000));
            assertThat(ear.getByTestId("ear-line")).isVisible();
        }
    }

    @Test
    void a_made_up_sound_goes_through_the_same_ear_and_is_not_kept() throws IOException {
        String id = twoSteps("Made up");
        visit("/rehearse/" + id + "?mode=beats");
        page.getByText("Hear the sample").click();

        assertThat(page.getByTestId("told"))
                .hasText(
                        Pattern.compile("beat 3 comes (34|35|36) % late"),
                        new LocatorAssertions.HasTextOptions().setTimeout(60_000));
        assertThat(page.getByText("A made-up sound: it is not kept.")).isVisible();
        page.getByText("Stop listening").click();
        page.getByLabel("how many").fill("5");
        page.getByText("Hear the sample").click();
        assertThat(page.getByTestId("unjudged"))
                .hasText(
                        "4 beats came, 5 were meant: nothing is judged.",
                        new LocatorAssertions.HasTextOptions().setTimeout(60_000));
    }

    @Test
    void a_run_is_gone_through_by_pedal_alone() throws IOException {
        String id = twoSteps("By pedal");
        page.clock().install();
        visit("/rehearse/" + id);
        for (String comes : List.of("Deck in hand?", "1 of 2", "2 of 2")) {
            page.getByText(comes).waitFor();
            page.keyboard().press("PageDown");
        }
        page.getByText("Did it come out?").waitFor();
        page.keyboard().press("PageDown");
        assertThat(page.getByText("Kept: it came out.")).hasCount(0);
        // Who has come to the end rests a moment before the pedal answers.
        page.clock().fastForward(1300);
        page.keyboard().press("PageDown");
        assertThat(page.getByText("Kept: it came out.")).isVisible();
    }

    @Test
    void a_run_goes_on_by_itself_at_the_planned_times() throws IOException {
        String id = twoSteps("By itself");
        for (Locator step : steps().all()) {
            step.getByRole(AriaRole.BUTTON).first().click();
            page.getByLabel("Planned seconds").fill("1");
        }
        waitUntilSaved();
        visit("/rehearse/" + id);
        page.getByLabel("go on by itself").check();
        button("Begin").first().click();

        page.getByText("Did it come out?").waitFor();
        page.evaluate("localStorage.removeItem('pace')");
    }

    @Test
    void a_slip_has_a_reason_and_is_named_as_weak_the_next_time() throws IOException {
        String id = twoSteps("Slipped");
        visit("/rehearse/" + id);
        page.getByText("Deck in hand?").waitFor();
        page.keyboard().press("Space");
        page.getByText("1 of 2").waitFor();
        page.keyboard().press("m");
        page.getByTestId("reasons").getByText("too fast").click();
        assertThat(page.getByTestId("reasons")).hasCount(0);
        page.keyboard().press("PageDown");
        page.keyboard().press("PageDown");
        page.getByLabel("Notes on this run").fill("Too near the light");
        page.locator("h2").first().click();
        page.keyboard().press("y");
        page.getByText("Kept: it came out.").waitFor();

        visit("/rehearse/" + id);
        assertThat(page.getByTestId("weak")).containsText("Spread, free pick");
        assertThat(page.getByTestId("weak")).containsText("too fast");
        assertThat(new Http(application())
                        .get("/api/routines/" + id + "/rehearsals")
                        .body())
                .contains("Too near the light");
        visit("/");
        assertThat(page.getByTestId("today")).isVisible();
    }

    @Test
    void a_passage_is_gone_through_over_and_over_and_is_no_run() throws IOException {
        String id = twoSteps("A passage");
        visit("/rehearse/" + id);
        page.getByLabel("from", new Page.GetByLabelOptions().setExact(true))
                .selectOption(new com.microsoft.playwright.options.SelectOption().setIndex(2));
        page.getByLabel("over and over").check();
        button("Begin").first().click();
        assertThat(page.getByText("Round 1.")).isVisible();
        page.keyboard().press("PageDown");
        assertThat(page.getByText("Round 2.")).isVisible();

        assertThat(new Http(application())
                        .get("/api/routines/" + id + "/rehearsals")
                        .body())
                .isEqualTo("[]");
    }

    @Test
    void every_way_to_rehearse_fits_a_phone_in_the_dark() throws IOException {
        String id = twoSteps("On a phone");
        try (BrowserContext phone = newContext(new Browser.NewContextOptions()
                .setViewportSize(390, 844)
                .setHasTouch(true)
                .setColorScheme(ColorScheme.DARK))) {
            Page page = phone.newPage();
            for (String mode : List.of("run", "beats", "recall", "judge", "surprises", "drills")) {
                page.navigate(url("/rehearse/" + id + "?mode=" + mode));
                page.getByLabel("Ways to rehearse").waitFor();
                page.waitForLoadState(LoadState.NETWORKIDLE);
                page.evaluate("document.querySelectorAll('details').forEach(each => each.open = true)");
                assertThat(page.evaluate("document.documentElement.scrollWidth <= window.innerWidth"))
                        .as(mode)
                        .isEqualTo(true);
                assertThat(new AxeBuilder(page)
                                .analyze().getViolations().stream()
                                        .map(v ->
                                                v.getId() + v.getNodes().get(0).getHtml()))
                        .as(mode)
                        .isEmpty();
            }
        }
    }
}
