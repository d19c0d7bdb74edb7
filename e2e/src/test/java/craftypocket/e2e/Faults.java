package craftypocket.e2e;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.Rule;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import java.util.List;
import java.util.stream.Stream;

/** What keeps somebody from using a page who does not see it, or not well. */
final class Faults {

    private Faults() {}

    /** All faults in the light, and those of contrast in the dark, where nothing else is different. */
    static List<String> of(Page page) {
        Stream<Rule> light = scan(page).analyze().getViolations().stream();
        page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(ColorScheme.DARK));
        Stream<Rule> dark = scan(page).withRules(List.of("color-contrast")).analyze().getViolations().stream();
        page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(ColorScheme.LIGHT));
        return Stream.concat(light.map(rule -> "light: " + told(rule)), dark.map(rule -> "dark: " + told(rule)))
                .toList();
    }

    /** What a picture is made of is not told by itself: the picture has a name, and thousands of parts. */
    private static AxeBuilder scan(Page page) {
        return new AxeBuilder(page).exclude("svg[role=img] > *");
    }

    private static String told(Rule rule) {
        return rule.getId() + " at "
                + rule.getNodes().stream()
                        .map(node -> node.getHtml() + node.getAny())
                        .limit(3)
                        .toList();
    }
}
