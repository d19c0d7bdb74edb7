package craftypocket.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** An evening from the first plan to the journal, as a performer goes through it. */
class EveningTest extends InBrowser {

    private static Application own;

    @BeforeAll
    static void start() {
        own = Application.start(DataFolders.withDemos());
    }

    @AfterAll
    static void end() {
        own.close();
    }

    @Override
    protected String url(String path) {
        return own.url(path);
    }

    private Locator acts() {
        return page.getByTestId("act");
    }

    private void openSet(String title) throws IOException {
        visit("/tonight");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(title).setExact(true))
                .first()
                .click();
        assertThat(page.getByLabel("Title")).hasValue(title);
        page.getByTestId("set-time").waitFor();
    }

    /** A set of a test, with these routines. */
    private void newSet(String title, String... routines) throws IOException {
        visit("/tonight");
        button("+ New set").click();
        assertThat(page.getByLabel("Title")).hasValue("New set");
        page.getByLabel("Title").fill(title);
        page.getByLabel("Title").press("Enter");
        button("+ Add routines").click();
        for (String routine : routines) {
            page.getByLabel("Find a routine").fill(routine);
            page.getByLabel("Add " + routine, new Page.GetByLabelOptions().setExact(true))
                    .click();
        }
        button("Done").click();
        assertThat(acts()).hasCount(routines.length);
    }

    @Test
    void the_demo_evening_is_planned_put_in_a_better_order_and_its_resets_are_proved() throws IOException {
        openSet("Captain’s table");
        assertThat(page.getByText("is for two things")).isVisible();
        assertThat(page.getByText("Q♦ is forced in")).isVisible();

        button("Seek a better order").click();
        assertThat(page.getByTestId("better-order")).containsText("It is a closer.");
        button("Take it").click();
        assertThat(acts().nth(2)).containsText("Always on deck");
        assertThat(page.getByTestId("better-order")).hasCount(0);
        button("Seek a better order").click();
        assertThat(page.getByTestId("better-order")).containsText("This is the best order there is");
        button("Good").click();

        acts().nth(1).getByText("Is that enough for").click();
        assertThat(acts().nth(1).getByTestId("enough")).containsText("it holds: all");
        assertThat(acts().nth(1).getByTestId("not-enough")).containsText("it can fail");

        Locator unseen = acts().nth(1).getByText("With which moves, unseen?").first();
        unseen.click();
        assertThat(acts().nth(1).getByTestId("unseen")).isVisible();

        assertThat(page.getByTestId("places")).containsText("At the beginning");
        page.getByLabel("After that").click();
        assertThat(page.getByTestId("places").getByRole(AriaRole.STATUS)).containsText("After 1");
        int resets = page.getByTestId("reset-list").getByRole(AriaRole.LISTITEM).count();
        for (int i = 0; i < resets; i++) {
            page.keyboard().press("x");
        }
        assertThat(page.getByTestId("reset-list")).containsText("as you timed it");
    }

    @Test
    void a_set_is_made_kept_and_changed_by_keys() throws IOException {
        newSet("Made here", "Between decks", "Two cabins", "Four lamps");
        page.getByLabel("Words that lead to Two cabins").fill("And then");
        page.getByLabel("Words that lead to Two cabins").press("Alt+ArrowUp");
        assertThat(acts().first()).containsText("Two cabins");
        page.getByLabel("a table").uncheck();
        assertThat(page.getByText("needs a table, and there is none").first()).isVisible();
        page.getByLabel("Minutes").fill("1");
        page.getByLabel("Minutes").press("Tab");
        waitUntilKept("/api/sets/" + openId(), "\"minutes\":1,");

        page.reload();
        assertThat(acts()).hasCount(3);
        assertThat(acts().first()).containsText("Two cabins");
        assertThat(page.getByLabel("a table")).not().isChecked();
        assertThat(page.getByText("Leave one out")).isVisible();
        page.getByLabel("Take Four lamps out of the set").click();
        assertThat(acts()).hasCount(2);
        button("Delete this set").click();
        button("Delete it").click();
        assertThat(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Made here")))
                .hasCount(0);
    }

    @Test
    void of_two_windows_the_second_hears_that_the_first_was_quicker() throws IOException {
        newSet("In two windows", "Between decks");
        waitUntilKept("/api/sets/" + openId(), "Between decks");
        String address = page.url();
        Page first = page;
        Page second = context.newPage();
        second.navigate(address);
        assertThat(second.getByLabel("Title")).hasValue("In two windows");

        first.getByLabel("Title").fill("By the first");
        first.getByLabel("Title").press("Enter");
        waitUntilKept("/api/sets/" + openId(), "By the first");
        second.getByLabel("Title").fill("By the second");
        second.getByLabel("Title").press("Enter");

        assertThat(second.getByRole(AriaRole.ALERT)).containsText("Changed in another window.");
        assertThat(second.getByLabel("Title")).hasValue("By the second");
        second.getByText("Keep mine as a copy").click();
        assertThat(second.getByLabel("Title")).hasValue("By the second (my version)");
        second.navigate(address);
        assertThat(second.getByLabel("Title")).hasValue("By the first");
    }

    @Test
    void it_is_performed_by_keys_alone_and_people_are_remembered() throws IOException {
        visit("/settings");
        page.getByLabel("Name of the people").fill("The engineers");
        page.getByLabel("Name of the people").press("Enter");
        assertThat(page.getByTestId("people").filter(new Locator.FilterOptions().setHasText("The engineers")))
                .isVisible();
        newSet("For the engineers", "Between decks");
        page.getByLabel("For whom").selectOption("The engineers");
        waitUntilKept("/api/sets/" + openId(), "\"audience\":\"");
        page.locator("h1").click();

        page.keyboard().press("p");
        page.getByText("1 of 1").waitFor();
        assertThat(page.locator("h1")).hasText("Between decks");
        page.keyboard().press("Space");
        page.getByText("Did it come out?").waitFor();
        page.keyboard().press("4");
        page.keyboard().press("y");
        page.getByText("That was the set.").waitFor();
        page.keyboard().press("Escape");

        page.getByText("They have seen “Between decks”").waitFor();
        visit("/journal");
        Locator entry = page.getByTestId("entry").first();
        assertThat(entry).containsText("Between decks");
        assertThat(entry).containsText("for The engineers");
        assertThat(entry).containsText("reaction 4 of 5");
        page.getByLabel("Show").selectOption("rehearsals");
        assertThat(page.getByText("Nothing is written down for this yet.")).isVisible();
    }

    @Test
    void cue_sheets_tables_and_backups_are_saved_and_read(@TempDir Path folder) throws IOException {
        openSet("Stools at the bar");
        Download sheet =
                page.waitForDownload(() -> button("Cue sheet for the pocket").click());
        assertThat(sheet.suggestedFilename()).isEqualTo("cues-a6.pdf");
        assertThat(new String(Files.readAllBytes(sheet.path()), StandardCharsets.ISO_8859_1))
                .startsWith("%PDF");

        visit("/journal");
        Path table = folder.resolve("mine.csv");
        Files.writeString(table, "day,what\n1,2\n");
        page.getByLabel("Read a table").setInputFiles(table);
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("is missing");

        visit("/settings");
        Download saved =
                page.waitForDownload(() -> page.getByText("Save a backup", new Page.GetByTextOptions().setExact(true))
                        .click());
        Path zip = folder.resolve("backup.zip");
        saved.saveAs(zip);
        page.getByLabel("Name of the people").fill("Gone with the backup");
        page.getByLabel("Name of the people").press("Enter");
        page.getByText("Gone with the backup").first().waitFor();
        page.getByLabel("Restore a backup").setInputFiles(zip);
        button("Replace everything").click();
        assertThat(page.getByRole(AriaRole.STATUS).getByText("Everything is as it was in the backup"))
                .isVisible();
        assertThat(page.getByText("Gone with the backup")).hasCount(0);
        Files.writeString(zip, "no zip");
        page.getByLabel("Restore a backup").setInputFiles(zip);
        button("Replace everything").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Nothing was changed");
    }

    @Test
    void a_routine_is_saved_as_pictures_and_as_a_script() throws IOException {
        openDemo("The purser’s wager");
        for (String kind : new String[] {"Picture (SVG)", "Picture (PNG)", "Script to print …"}) {
            Download saved = page.waitForDownload(() -> {
                button("Save as …").click();
                page.getByText(kind).click();
                if (kind.startsWith("Script")) {
                    page.getByLabel("times").uncheck();
                    assertThat(Faults.of(page)).isEmpty();
                    page.getByText("Pages (PDF)").click();
                }
            });
            byte[] file = Files.readAllBytes(saved.path());
            String begins = new String(file, 0, 4, StandardCharsets.ISO_8859_1);
            assertThat(begins).isIn("<svg", "\u0089PNG", "%PDF");
            assertThat(file.length).as(kind).isGreaterThan(5000);
        }
    }

    @Test
    void nothing_is_wrong_on_these_views() throws IOException {
        openSet("Captain’s table");
        button("Seek a better order").click();
        page.getByTestId("better-order").waitFor();
        assertThat(Faults.of(page)).isEmpty();
        button("+ Add routines").click();
        page.getByLabel("Find a routine").waitFor();
        assertThat(Faults.of(page)).isEmpty();
        page.keyboard().press("Escape");
        visit("/journal");
        page.getByTestId("entry").first().waitFor();
        page.getByText("The same as a table").first().click();
        assertThat(Faults.of(page)).isEmpty();
        visit("/settings");
        page.getByText("What they have seen").first().click();
        page.getByText(Pattern.compile("Always on deck|Three berths")).first().waitFor();
        assertThat(Faults.of(page)).isEmpty();
        page.setViewportSize(390, 844);
        openSet("Stools at the bar");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Perform"))
                .click();
        page.getByText("1 of 3").waitFor();
        assertThat(Faults.of(page)).isEmpty();
        for (int i = 0; i < 3; i++) {
            page.getByText("Go on").click();
        }
        page.getByText("Did it come out?").waitFor();
        assertThat(Faults.of(page)).isEmpty();
        // Nothing glows: what is written is far from white.
        assertThat((String) page.evaluate("getComputedStyle(document.querySelector('.perform')).backgroundColor"))
                .isEqualTo("rgb(11, 8, 13)");
    }
}
