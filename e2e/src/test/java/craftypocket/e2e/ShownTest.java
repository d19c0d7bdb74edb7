package craftypocket.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.text.DecimalFormat;
import java.text.DecimalFormatSymbols;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;

/** The routines whose verdicts were worked out by hand, which the application's own tests judge through HTTP, on the Bench. */
class ShownTest extends InBrowser {

    private static final Path FILES = Path.of("../app/src/test/resources/shown");

    @TestFactory
    Stream<DynamicTest> is_told_on_the_bench_as_by_hand() throws IOException {
        List<DynamicTest> tests = new ArrayList<>();
        try (Stream<Path> files = Files.list(FILES)) {
            for (Path file : files.sorted().toList()) {
                for (JsonElement check :
                        JsonParser.parseString(Files.readString(file)).getAsJsonArray()) {
                    JsonObject shown = check.getAsJsonObject();
                    tests.add(DynamicTest.dynamicTest(shown.get("told").getAsString(), () -> isTold(shown)));
                }
            }
        }
        return tests.stream();
    }

    private void isTold(JsonObject check) throws IOException {
        openFile(check.get("routine").toString());
        expect("claim", check.getAsJsonObject("verdicts"));
        if (check.has("done")) {
            expect("can-be-done", check.getAsJsonObject("done"));
        }
    }

    private void expect(String kind, JsonObject verdicts) {
        for (String id : verdicts.keySet()) {
            String expected = verdicts.get(id).getAsString();
            var finding = page.locator("[data-finding='" + kind + " " + id + "']");
            if (kind.equals("can-be-done") && expected.equals("always")) {
                // A matter of course is not told.
                assertThat(finding).hasCount(0);
            } else {
                assertThat(finding.getByTestId("verdict")).hasText(told(expected));
            }
        }
    }

    private static Pattern told(String expected) {
        if (!expected.contains("/")) {
            return Pattern.compile((expected.equals("always") ? "● always" : "▲ never") + " · .*");
        }
        String[] parts = expected.split("/");
        double share = 100 * Double.parseDouble(parts[0]) / Double.parseDouble(parts[1]);
        return Pattern.compile(
                "▲ in (" + rounded(share, "0.#") + "|" + rounded(share, "0.###").replace(".", "\\.") + ") % of .*");
    }

    private static String rounded(double number, String digits) {
        return new DecimalFormat(digits, DecimalFormatSymbols.getInstance(Locale.ROOT)).format(number);
    }
}
