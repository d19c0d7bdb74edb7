package craftypocket.e2e;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.Response;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.zip.GZIPOutputStream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Prints figures; {@code ./figures} runs it. It judges nothing, for times depend on the machine. */
@Tag("figures")
class FiguresTest extends InBrowser {

    private static final int EDITS = 50;

    private static void print(String figure, String value, String target) {
        System.out.printf("FIGURE | %s | %s | %s%n", figure, value, target);
    }

    @Test
    void edit_to_redrawn_deck() throws IOException {
        newRoutine("Measured");
        addMove("overhand shuffle");
        for (int step = 1; step < 20; step++) {
            page.keyboard().press("d");
        }
        waitUntilSaved();
        List<Double> millis = new ArrayList<>();
        for (int edit = 0; edit < EDITS; edit++) {
            millis.add(((Number) page.evaluate("""
                            (chunks) => new Promise((resolve) => {
                              const field = [...document.querySelectorAll('[aria-label="Step settings"] input')]
                                .find((input) => input.getAttribute('aria-describedby'))
                              const svg = document.querySelector('svg[role=img]')
                              const began = performance.now()
                              new MutationObserver((_, observer) => {
                                observer.disconnect()
                                requestAnimationFrame(() => setTimeout(() => resolve(performance.now() - began)))
                              }).observe(svg, { subtree: true, attributes: true, childList: true })
                              field.value = chunks
                              field.dispatchEvent(new Event('input', { bubbles: true }))
                            })""", (5 + edit % 7) + " 7 8 rest")).doubleValue());
        }
        millis.sort(Double::compare);
        print(
                "edit to redrawn deck, 20 steps, " + EDITS + " edits: median",
                Math.round(millis.get(EDITS / 2)) + " ms",
                "");
        print(
                "edit to redrawn deck: 95th percentile",
                Math.round(millis.get(EDITS * 95 / 100)) + " ms",
                "under 100 ms");
    }

    @Test
    void first_load() throws IOException {
        List<Response> responses = new ArrayList<>();
        page.onResponse(responses::add);
        visit("/");
        page.getByTestId("routine").first().waitFor();
        page.waitForTimeout(1000);
        long packed = 0;
        for (Response response : List.copyOf(responses)) {
            if (response.url().matches(".*(/|\\.js|\\.css|\\.html|\\.svg)")) {
                packed += packedSize(response.body());
            }
        }
        print("front end at first load, gzipped, without fonts", packed / 1000 + " kB", "under 250 kB");
    }

    private static int packedSize(byte[] body) throws IOException {
        ByteArrayOutputStream packed = new ByteArrayOutputStream();
        try (GZIPOutputStream zip = new GZIPOutputStream(packed)) {
            zip.write(body);
        }
        return packed.size();
    }

    @Test
    void start_to_first_page() throws IOException {
        Path data = Files.createTempDirectory("crafty-figures");
        for (String time : new String[] {"the first time, with demo data", "again"}) {
            try (Application started = Application.startByScript(data)) {
                print("start to first page, " + time, started.startedIn().toMillis() + " ms", "under 6,000 ms");
            }
        }
    }

    @Test
    void survey_of_the_demo_routines_through_http() throws IOException {
        visit("/");
        long began = System.nanoTime();
        page.waitForCondition(
                () -> page.getByText("ways checked").count() == 4,
                new Page.WaitForConditionOptions().setTimeout(60_000));
        print(
                "all verdicts of the repertoire, program just started",
                (System.nanoTime() - began) / 1_000_000 + " ms",
                "");
    }
}
