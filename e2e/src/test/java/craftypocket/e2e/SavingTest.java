package craftypocket.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Dialog;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** Whatever happens to the program, the line or the page: nothing that was typed is lost. */
class SavingTest extends InBrowser {

    private static final String EDITS = "**/api/routines/*";

    /** An application that tests may kill; whoever does starts it again. */
    private static Path data;

    private static Application own;

    @BeforeAll
    static void start() {
        data = DataFolders.withDemos();
        own = Application.start(data);
    }

    @AfterAll
    static void end() {
        own.close();
    }

    private static void startAgain() {
        own = Application.start(own.port(), data);
    }

    @Override
    protected String url(String path) {
        return own.url(path);
    }

    private Locator summary() {
        return page.getByLabel("What it looks like");
    }

    private Locator title() {
        return page.getByLabel("Title of the routine");
    }

    private void assertState(String state) {
        assertThat(page.getByTestId("save-state")).hasText(state);
    }

    /** Lets no edit through to the server; other requests go on. */
    private void cutOff() {
        page.route(EDITS, route -> {
            if (route.request().method().equals("PUT")) {
                route.abort();
            } else {
                route.resume();
            }
        });
    }

    private void connect() {
        page.unroute(EDITS);
    }

    @Test
    void the_program_is_killed_while_something_is_typed_and_started_again() throws IOException {
        newRoutine("Killed");
        summary().fill("Typed before.");
        waitUntilSaved();

        own.kill();
        summary().fill("Typed before. Typed while it was gone.");
        title().fill("Killed and alive");
        title().blur();
        assertThat(page.getByRole(AriaRole.ALERT).filter(new Locator.FilterOptions().setHasText("Not saved yet.")))
                .containsText("kept in this browser");
        startAgain();
        waitUntilSaved();

        page.reload();
        assertThat(title()).hasValue("Killed and alive");
        assertThat(summary()).hasValue("Typed before. Typed while it was gone.");
        button("Undo").click();
        assertThat(title()).hasValue("Killed");
    }

    @Test
    void the_program_is_killed_and_the_page_reloaded_before_it_is_there_again() throws IOException {
        newRoutine("Gone twice");
        String address = page.url();
        own.kill();
        summary().fill("Only in the browser.");
        assertState("not saved yet");
        page.navigate("about:blank");
        startAgain();

        page.navigate(url("/moves"));
        page.locator("main").waitFor();
        page.navigate(address);
        assertThat(summary()).hasValue("Only in the browser.");
        waitUntilSaved();
    }

    @Test
    void offline_for_a_minute() throws IOException {
        page.clock().install();
        newRoutine("In the tunnel");
        context.setOffline(true);
        summary().fill("one");
        page.clock().runFor(1000);
        summary().fill("one two");
        page.clock().runFor(60_000);
        assertState("not saved yet");

        context.setOffline(false);
        page.clock().runFor(1000);
        assertState("saved");
        page.reload();
        assertThat(summary()).hasValue("one two");
    }

    @Test
    void an_edit_that_cannot_be_accepted_is_a_draft_and_what_is_typed_after_it_is_part_of_it() throws IOException {
        newRoutine("A wrong slug");
        String address = page.url();
        button("+ slug").click();
        page.getByLabel("Cards of S").fill("KS ZZ");
        page.getByLabel("Cards of S").blur();
        summary().fill("Typed after the mistake.");
        assertState("a draft, not saved");

        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Repertoire").setExact(true))
                .click();
        Locator card = page.getByTestId("routine").filter(new Locator.FilterOptions().setHasText("A wrong slug"));
        assertThat(card).containsText("not saved yet");
        page.navigate(address);

        assertThat(summary()).hasValue("Typed after the mistake.");
        assertThat(page.getByLabel("Cards of S")).hasValue("KS ZZ");
        assertThat(page.getByRole(AriaRole.ALERT).first()).containsText("A draft, kept in this browser.");
        page.getByLabel("Cards of S").fill("KS QS");
        page.getByLabel("Cards of S").blur();
        waitUntilSaved();
        page.reload();
        assertThat(summary()).hasValue("Typed after the mistake.");
        assertThat(page.getByLabel("Cards of S")).hasValue("KS QS");
    }

    @Test
    void undo_and_redo_include_what_is_not_saved_yet() throws IOException {
        newRoutine("First");
        title().fill("Second");
        title().blur();
        waitUntilSaved();
        cutOff();
        title().fill("Third");
        title().blur();
        summary().fill("and a summary");
        assertState("not saved yet");

        button("Undo").click();
        assertThat(summary()).hasValue("");
        assertThat(title()).hasValue("Third");
        connect();
        button("Undo").click();
        assertThat(title()).hasValue("Second");
        button("Undo").click();
        assertThat(title()).hasValue("First");
        for (int i = 0; i < 3; i++) {
            button("Redo").click();
        }
        assertThat(title()).hasValue("Third");
        assertThat(summary()).hasValue("and a summary");
        waitUntilSaved();
        page.reload();
        assertThat(title()).hasValue("Third");
    }

    @Test
    void an_edit_whose_answer_is_lost_is_not_taken_for_somebody_elses() throws IOException {
        newRoutine("Answered into the void");
        page.route(EDITS, route -> {
            if (route.request().method().equals("PUT")) {
                route.fetch();
                route.abort();
            } else {
                route.resume();
            }
        });
        summary().fill("It arrived.");
        assertState("not saved yet");

        connect();
        summary().fill("It arrived, and so did this.");
        waitUntilSaved();
        button("Undo").click();
        assertThat(summary()).hasValue("It arrived.");
        button("Undo").click();
        assertThat(summary()).hasValue("");
    }

    @Test
    void a_reload_in_any_view_loses_nothing_that_is_not_saved() throws IOException {
        newRoutine("Reloaded");
        addMove("false cut");
        waitUntilSaved();
        String bench = page.url();
        cutOff();
        select("set-up");
        summary().fill("Not sent.");
        title().fill("Typed and not left");
        List<String> asked = new ArrayList<>();
        page.onDialog(dialog -> {
            asked.add(dialog.type());
            dialog.accept();
        });

        page.reload();
        assertThat(asked).contains("beforeunload");
        assertThat(title()).hasValue("Typed and not left");
        assertThat(summary()).hasValue("Not sent.");
        for (String view : new String[] {
            "/", "/moves", "/reckoner", bench.replace("bench", "rehearse").replaceFirst("^http://[^/]+", "")
        }) {
            page.navigate(url(view));
            page.locator("main").waitFor();
            page.reload();
        }
        assertThat(page.getByText("Typed and not left")).isVisible();
        connect();
        page.navigate(bench);
        assertThat(title()).hasValue("Typed and not left");
        waitUntilSaved();
        page.reload();
        assertThat(title()).hasValue("Typed and not left");
        assertThat(summary()).hasValue("Not sent.");
    }

    @Test
    void going_back_keeps_what_stands_in_a_field() throws IOException {
        visit("/");
        newRoutine("Back and forth");
        title().fill("Typed, then back");
        page.goBack();
        page.getByTestId("routine").first().waitFor();
        page.goForward();

        assertThat(title()).hasValue("Typed, then back");
        waitUntilSaved();
    }

    @Test
    void what_is_typed_during_a_save_and_left_at_once_is_saved_too() throws IOException {
        newRoutine("In a hurry");
        String address = page.url();
        List<Route> held = new ArrayList<>();
        page.route(EDITS, route -> {
            if (route.request().method().equals("PUT") && held.isEmpty()) {
                held.add(route);
            } else {
                route.resume();
            }
        });
        summary().fill("first");
        page.waitForCondition(() -> !held.isEmpty());
        summary().fill("first and second");
        page.navigate("about:blank");
        page.unroute(EDITS);

        page.navigate(address);
        assertThat(summary()).hasValue("first and second");
        waitUntilSaved();
    }

    @Test
    void two_tabs_and_neither_loses_its_own() throws IOException {
        newRoutine("Twice open");
        waitUntilSaved();
        Page other = context.newPage();
        other.navigate(page.url());
        other.getByLabel("What it looks like").fill("Of the other tab.");
        assertThat(other.getByTestId("save-state")).hasText("saved");

        summary().fill("Of this tab.");
        assertThat(page.getByRole(AriaRole.ALERT).first()).containsText("Changed in another window.");
        page.reload();
        assertThat(page.getByRole(AriaRole.ALERT).first()).containsText("Changed in another window.");
        assertThat(summary()).hasValue("Of this tab.");

        button("Keep mine as a copy").click();
        assertThat(title()).hasValue("Twice open (my version)");
        assertThat(summary()).hasValue("Of this tab.");
        other.reload();
        assertThat(other.getByLabel("What it looks like")).hasValue("Of the other tab.");
    }

    @Test
    void a_routine_deleted_in_another_tab_can_be_kept() throws IOException {
        newRoutine("Deleted elsewhere");
        waitUntilSaved();
        Page other = context.newPage();
        other.navigate(url("/"));
        other.getByLabel("More for Deleted elsewhere", new Page.GetByLabelOptions().setExact(true))
                .click();
        other.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Delete"))
                .click();
        assertThat(other.getByText("Routine deleted.")).isVisible();

        summary().fill("Still here.");
        assertThat(page.getByRole(AriaRole.ALERT).first()).containsText("Deleted in another window.");
        button("Keep mine as a copy").click();
        assertThat(title()).hasValue("Deleted elsewhere (my version)");
        assertThat(summary()).hasValue("Still here.");
    }

    @Test
    void rehearsing_at_once_after_an_edit_shows_the_routine_as_it_is_now() throws IOException {
        newRoutine("At once");
        addMove("false cut");
        for (int time = 1; time <= 5; time++) {
            select("set-up");
            page.getByLabel("What to prepare").fill("Prepared " + time);
            page.getByRole(
                            AriaRole.LINK,
                            new Page.GetByRoleOptions().setName("Rehearse").setExact(true))
                    .last()
                    .click();
            assertThat(page.getByText("Prepared " + time)).isVisible();
            button("Leave").click();
        }
    }

    @Test
    void a_run_goes_on_after_a_reload_and_is_kept_though_the_program_was_gone() throws IOException {
        newRoutine("A long run");
        addMove("false cut");
        addMove("overhand shuffle");
        waitUntilSaved();
        button("Undo").waitFor();
        page.keyboard().press("r");
        button("Begin").first().click();
        page.getByText("1 of 2").waitFor();
        page.keyboard().press("m");
        page.keyboard().press("Space");
        page.getByText("2 of 2").waitFor();
        page.reload();
        assertThat(page.getByText("2 of 2")).isVisible();
        assertThat(page.getByTestId("slips")).hasText("1 slip");

        page.keyboard().press("Space");
        page.getByText("Did it come out?").waitFor();
        own.kill();
        button("Yes, as below").click();
        assertThat(page.getByRole(AriaRole.ALERT).filter(new Locator.FilterOptions().setHasText("kept in the browser")))
                .isVisible();
        assertThat(page.getByText("Kept: it came out.")).hasCount(0);
        startAgain();
        page.reload();

        assertThat(page.getByText("Runs so far")).isVisible();
        assertThat(page.locator("tbody tr")).hasCount(1);
        assertThat(page.locator("tbody tr")).containsText(Pattern.compile("1\\s*● yes"));
    }

    @Test
    void a_name_for_a_move_that_is_typed_and_not_left_is_kept_over_a_reload() throws IOException {
        visit("/moves/complete-cut");
        Locator alias = page.getByLabel("What you call it");
        alias.fill("the plain one");
        page.reload();

        assertThat(alias).hasValue("the plain one");
        waitUntilKept("/api/performer", "the plain one");
        page.reload();
        assertThat(alias).hasValue("the plain one");
        alias.fill("");
        alias.blur();
    }

    @Test
    void the_program_is_killed_while_words_of_a_set_are_typed() throws IOException {
        Http http = new Http(own);
        String sets = http.get("/api/sets").body();
        String set = sets.substring(0, sets.indexOf("Stools at the bar")).replaceFirst(".*\"id\":\"([^\"]*)\".*", "$1");
        page.navigate(url("/tonight/" + set));
        Locator words = page.getByLabel("Words that lead to Two cabins");
        words.waitFor();
        own.kill();
        words.fill("Typed while it was gone.");
        words.blur();
        assertThat(page.getByRole(AriaRole.ALERT).filter(new Locator.FilterOptions().setHasText("Not saved yet.")))
                .containsText("kept in this browser");
        words.fill("Typed while it was gone, and left at once.");
        page.navigate("about:blank");
        startAgain();

        page.navigate(url("/tonight/" + set));
        assertThat(words).hasValue("Typed while it was gone, and left at once.");
        assertThat(page.getByRole(AriaRole.ALERT)).hasCount(0);
        page.waitForCondition(() -> {
            try {
                return new Http(own).get("/api/sets/" + set).body().contains("gone, and left at once.");
            } catch (IOException gone) {
                return false;
            }
        });
    }

    /** The page is of a folder that is no more: neither what is there now nor what was typed is lost, and it says what happened. */
    @Test
    void a_backup_is_restored_while_a_page_is_open() throws Exception {
        newRoutine("Older and newer");
        summary().fill("Of before.");
        waitUntilSaved();
        Http http = new Http(own);
        byte[] backup = http.bytes("/api/backup");
        summary().fill("An evening's work.");
        waitUntilSaved();
        assertThat(http.sendFile("/api/backup", "application/zip", backup).get().statusCode())
                .isEqualTo(200);

        summary().fill("An evening's work, and more.");
        assertThat(page.getByRole(AriaRole.ALERT).first()).containsText("Another or an older data folder.");
        assertThat(summary()).hasValue("An evening's work, and more.");
        String address = page.url();
        button("Keep mine as a copy").click();
        assertThat(title()).hasValue("Older and newer (my version)");
        assertThat(summary()).hasValue("An evening's work, and more.");
        page.navigate(address);
        assertThat(summary()).hasValue("Of before.");
    }

    @Test
    void leaving_asks_only_while_something_is_not_saved() throws IOException {
        newRoutine("Asked");
        summary().fill("x");
        waitUntilSaved();
        List<Dialog> asked = new ArrayList<>();
        page.onDialog(dialog -> {
            asked.add(dialog);
            dialog.accept();
        });
        page.reload();
        assertThat(asked).isEmpty();

        cutOff();
        summary().fill("xy");
        assertState("not saved yet");
        page.reload();
        assertThat(asked).hasSize(1);
    }
}
