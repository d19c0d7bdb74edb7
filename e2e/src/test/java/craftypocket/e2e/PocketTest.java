package craftypocket.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The page for a phone, opened from a file, with no network. */
class PocketTest extends InBrowser {

    @TempDir
    Path folder;

    private record Routine(String id, String title) {}

    private List<Routine> routines(int most) throws IOException {
        Matcher found = Pattern.compile("\\{\"id\":\"([^\"]+)\"[^{}]*?\"title\":\"([^\"]+)\"")
                .matcher(new Http(url("")).get("/api/routines").body());
        List<Routine> routines = new ArrayList<>();
        while (found.find() && routines.size() < most) {
            routines.add(new Routine(found.group(1), found.group(2)));
        }
        return routines;
    }

    private Path saved(List<Routine> routines) throws IOException {
        String acts = String.join(
                ",",
                routines.stream()
                        .map(each -> "{\"routine\":\"%s\",\"title\":\"%s\",\"spot\":\"anywhere\",\"stays\":false}"
                                .formatted(each.id(), each.title()))
                        .toList());
        String set = """
                {"format":"crafty-pocket/set","version":1,"title":"By </script> & lamplight","resetSeconds":0,
                 "venue":{"standing":true,"table":false,"allRound":false,"dim":true,"people":4,"minutes":0,"tables":1},
                 "acts":[%s]}""".formatted(acts);
        HttpResponse<String> page = new Http(url("")).send("POST", "/api/evening/pocket.html", set);
        assertThat(page.statusCode()).isEqualTo(200);
        return Files.writeString(folder.resolve("pocket.html"), page.body());
    }

    private String read(String table) throws IOException {
        return new Http(url(""))
                .sendFile("/api/journal/table.csv", "text/csv", table.getBytes(StandardCharsets.UTF_8))
                .join()
                .body();
    }

    private Locator now() {
        return page.locator("section.now");
    }

    @Test
    void a_set_is_gone_through_by_tap_and_pedal_offline_and_told_to_the_journal() throws IOException {
        List<Routine> two = routines(2);
        Path file = saved(two);
        try (BrowserContext phone = touchContext()) {
            phone.setOffline(true);
            page = phone.newPage();
            List<String> asked = new ArrayList<>();
            page.onRequest(request -> asked.add(request.url()));
            page.navigate(file.toUri().toString());
            assertThat(now().locator("h1")).hasText("By </script> & lamplight");
            assertThat(Faults.of(page)).isEmpty();
            assertThat((boolean) page.evaluate("document.documentElement.scrollWidth <= innerWidth"))
                    .isTrue();

            page.getByText("Go on").tap();
            assertThat(now().locator("h1")).hasText(two.get(0).title());
            assertThat(now().locator("svg[role=img]")).isVisible();
            page.keyboard().press("PageDown");
            assertThat(now().locator("h1")).containsText("1. ");
            assertThat(Faults.of(page)).isEmpty();
            assertThat((boolean) page.evaluate("document.documentElement.scrollWidth <= innerWidth"))
                    .isTrue();
            page.keyboard().press("PageUp");
            page.keyboard().press("PageUp");
            Locator tick = now().locator("input[type=checkbox]").first();
            tick.tap();
            // What a finger does reaches the page a moment later.
            assertThat(tick).isChecked();
            page.reload();
            assertThat(now().locator("input[type=checkbox]").first()).isChecked();
            now().getByText(two.get(1).title()).tap();
            assertThat(now().locator("h1")).hasText(two.get(1).title());

            while (page.locator("#next").isEnabled()) {
                page.keyboard().press("PageDown");
            }
            page.getByText("Save for the journal").tap();
            assertThat(page.locator("#saved")).containsText("Say first");
            now().locator(".went").first().getByText("came out").tap();
            now().locator(".went").first().getByLabel("a note").fill("=they \"gasped\", twice");
            Download saved = page.waitForDownload(
                    () -> page.getByText("Save for the journal").tap());
            assertThat(asked).allMatch(url -> url.startsWith("file:") || url.startsWith("blob:"));

            String table = Files.readString(saved.path());
            assertThat(read(table)).isEqualTo("{\"rows\":1}");
            assertThat(read(table)).isEqualTo("{\"rows\":0}");
            assertThat(new Http(url("")).get("/api/journal?kind=performance").body())
                    .contains("=they \\\"gasped\\\", twice");
        }
    }

    @Test
    void ten_routines_are_less_than_a_megabyte() throws IOException {
        assertThat(Files.size(saved(routines(10)))).isLessThan(1_000_000);
    }
}
