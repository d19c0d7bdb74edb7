package craftypocket.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Response;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.LoadState;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import java.util.zip.GZIPOutputStream;
import org.junit.jupiter.api.Test;

class RepertoireTest extends InBrowser {

    private Locator card(String title) {
        return page.getByTestId("routine")
                .filter(new Locator.FilterOptions()
                        .setHas(page.getByRole(
                                AriaRole.LINK,
                                new Page.GetByRoleOptions().setName(title).setExact(true))));
    }

    private void menu(String title, String item) {
        page.getByLabel("More for " + title, new Page.GetByLabelOptions().setExact(true))
                .click();
        page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName(item))
                .click();
    }

    @Test
    void demo_routines_wait_with_their_verdicts() throws IOException {
        visit("/");

        for (String title : new String[] {"The purser’s wager", "The lookout’s whistle", "What the fog keeps"}) {
            card(title).scrollIntoViewIfNeeded();
            assertThat(card(title)).containsText(Pattern.compile("holds · all [\\d,]+ ways"));
            assertThat(card(title)).containsText("steps");
            assertThat(card(title).locator("svg")).isVisible();
        }
    }

    private Locator exactly(String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    /** Dialogs and menus are loaded when they are opened: hands on the keys must not notice. */
    @Test
    void what_is_opened_by_keys_gives_the_focus_back() throws IOException {
        // What holds a dialog has no size of its own.
        Locator.WaitForOptions there = new Locator.WaitForOptions().setState(WaitForSelectorState.ATTACHED);
        visit("/");
        for (String opener : new String[] {"New routine", "Bin", "More for Always on deck"}) {
            Locator button = exactly(opener);
            button.focus();
            page.keyboard().press("Enter");
            // Keys go to what has the focus.
            page.locator(":is([role=dialog], [role=menu]):focus-within").waitFor(there);
            page.keyboard().press("Escape");
            assertThat(button).isFocused();
        }
        exactly("Bin").focus();
        page.keyboard().press("?");
        page.getByRole(AriaRole.DIALOG).waitFor(there);
        page.keyboard().press("Escape");
        assertThat(exactly("Bin")).isFocused();
    }

    @Test
    void the_first_page_is_light() throws IOException {
        List<Response> responses = new ArrayList<>();
        page.onResponse(responses::add);
        visit("/");
        page.getByTestId("routine").first().waitFor();
        page.waitForLoadState(LoadState.NETWORKIDLE);
        long packed = 0;
        for (Response response : List.copyOf(responses)) {
            if (response.url().matches(".*(/|\\.js|\\.css|\\.html|\\.svg)")) {
                packed += packedSize(response.body());
            }
        }
        System.out.printf("FIGURE | front end at first load, gzipped, without fonts | %d kB | 100 kB%n", packed / 1000);
        assertThat(packed).isLessThan(100_000);
    }

    private static int packedSize(byte[] body) throws IOException {
        ByteArrayOutputStream packed = new ByteArrayOutputStream();
        try (GZIPOutputStream zip = new GZIPOutputStream(packed)) {
            zip.write(body);
        }
        return packed.size();
    }

    @Test
    void a_routine_is_copied_deleted_and_brought_back() throws IOException {
        newRoutine("To be copied");
        visit("/");

        menu("To be copied", "Copy");
        assertThat(card("Copy of To be copied")).isVisible();
        menu("Copy of To be copied", "Delete");
        assertThat(card("Copy of To be copied")).hasCount(0);
        page.getByRole(AriaRole.STATUS).getByText("Undo").click();
        assertThat(card("Copy of To be copied")).isVisible();
    }

    @Test
    void a_routine_goes_to_a_file_and_comes_back() throws IOException {
        newRoutine("Over the rail");
        addMove("milk top bottom drawn");
        waitUntilSaved();
        visit("/");

        Download download = page.waitForDownload(() -> menu("Over the rail", "Save to a file"));
        String file = Files.readString(download.path()).replace("Over the rail", "Fished out");
        page.getByTestId("routine-file")
                .setInputFiles(new FilePayload(
                        "fished-out.routine.json", "application/json", file.getBytes(StandardCharsets.UTF_8)));

        assertThat(download.suggestedFilename()).endsWith(".routine.json");
        assertThat(page.getByText("“Fished out” was read from the file.")).isVisible();
        card("Fished out")
                .getByRole(
                        AriaRole.LINK,
                        new Locator.GetByRoleOptions().setName("Fished out").setExact(true))
                .click();
        assertThat(steps().locator("strong")).hasText(new String[] {"Overhand, top and bottom drawn together"});
    }

    /** How many there are: a long shelf is laid a few rows at a time. */
    private Object routines() {
        return page.evaluate("async () => (await (await fetch('/api/routines')).json()).length");
    }
}
