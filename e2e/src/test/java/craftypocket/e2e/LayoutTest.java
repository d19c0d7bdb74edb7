package craftypocket.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** No view is wider than its page, and no words are cut off: views at five widths, demo routines at three of them each. */
class LayoutTest extends InBrowser {

    /** What is wrong in the page as it is now: too wide, words that do not fit their box, or words of a deck over one another. */
    private static final String FAULTS = """
            () => {
              const faults = []
              const page = document.documentElement
              if (page.scrollWidth > page.clientWidth) {
                const wide = [...document.querySelectorAll('main *')]
                  .find((e) => e.getBoundingClientRect().right > page.clientWidth + 1)
                faults.push(`the page is ${page.scrollWidth} wide: ${wide?.tagName} ${wide?.className?.baseVal ?? wide?.className}`)
              }
              for (const e of document.querySelectorAll('main *')) {
                const style = getComputedStyle(e)
                const shown = e.textContent.trim() !== '' && e.clientWidth > 1 && e.clientHeight > 1
                const clipped = style.overflowX === 'hidden' || style.overflowX === 'clip'
                if (!shown || !clipped || e.closest('.sr-only') || e instanceof SVGElement) {
                  continue
                }
                if (e.scrollWidth > e.clientWidth + 1 || e.scrollHeight > e.clientHeight + 1) {
                  faults.push(`cut off: ${e.textContent.trim().slice(0, 90)}`)
                }
              }
              for (const svg of document.querySelectorAll('main svg[role=img]')) {
                const box = svg.getBoundingClientRect()
                const out = [...svg.querySelectorAll('rect, text, path')]
                  // A letter or a number is centred on the last card, half of it beyond.
                  .find((e) => e.getBoundingClientRect().right > box.right + 16)
                if (out) {
                  faults.push(`beyond its picture: ${out.tagName} ${out.textContent}`)
                }
                const words = [...svg.querySelectorAll('text')]
                  .map((e) => ({ text: e.textContent.trim(), box: e.getBoundingClientRect() }))
                  .filter(({ text, box }) => text !== '' && box.width > 2)
                // Letters fill about the middle half of the height of their box.
                const meet = (a, b) =>
                  a.left + 1 < b.right - 1 && b.left + 1 < a.right - 1 &&
                  Math.abs(a.top + a.bottom - b.top - b.bottom) < (a.height + b.height) / 2
                words.forEach((one, i) =>
                  words.slice(i + 1).filter((other) => meet(one.box, other.box)).forEach((other) =>
                    faults.push(`one over the other: ${one.text} and ${other.text}`)))
              }
              return faults
            }""";

    /**
     * Words that a list or field has no room for; of lists, whose words are the program's own, not in a language a third longer
     * either.
     */
    private static final String CUT = """
            () => {
              const brush = document.createElement('canvas').getContext('2d')
              const wide = (field) =>
                field.matches('select') ? [field.selectedOptions[0]?.text.trim() ?? ''] : [field.value || field.placeholder || '']
              const faults = []
              const fields = 'main select, main input:not([type=checkbox], [type=radio], [type=range], [type=date], [type=file])'
              for (const field of document.querySelectorAll(fields)) {
                const style = getComputedStyle(field)
                const list = field.matches('select')
                // The arrow of a list takes some room too.
                const room = field.clientWidth - parseFloat(style.paddingLeft) - parseFloat(style.paddingRight) - (list ? 20 : 0)
                brush.font = style.font
                for (const words of field.clientWidth > 1 ? wide(field) : []) {
                  const longer = list && !field.dataset.names ? 4 / 3 : 1
                  if (brush.measureText(words).width * longer > room + 1) {
                    faults.push(`no room in ${field.getAttribute('aria-label') ?? field.id} for “${words}”`)
                  }
                }
              }
              return faults
            }""";

    /** Selects each step, and looks into its fields. */
    private static final String CUT_IN_STEPS = """
            async () => {
              const faults = []
              const cut = %s
              const drawn = () => new Promise(requestAnimationFrame).then(() => new Promise(requestAnimationFrame))
              const lines = [...document.querySelectorAll('[aria-label="Lines of the routine"] button')]
              for (const line of lines.length > 0 ? lines : [undefined]) {
                line?.click()
                await drawn()
                for (const step of document.querySelectorAll('[data-step]')) {
                  step.querySelector('button').click()
                  await drawn()
                  faults.push(...cut())
                }
              }
              lines[0]?.click()
              return faults
            }""".formatted(CUT);

    /** Selects each step and moves its sliders to an end; says how many there are. */
    private static final String ALL_SLIDERS_TO = """
            async (end) => {
              let moved = 0
              for (const step of document.querySelectorAll('[data-step]')) {
                step.querySelector('button').click()
                await new Promise(requestAnimationFrame)
                for (const slider of document.querySelectorAll('aside input[type=range]')) {
                  slider.value = slider[end]
                  slider.dispatchEvent(new Event('input', { bubbles: true }))
                  moved++
                }
              }
              return moved
            }""";

    private static final Size USUAL = new Size(1280, 800);
    private static final Size PHONE = new Size(390, 844);
    private static final List<Size> OTHERS = List.of(new Size(1920, 1080), new Size(1024, 768), new Size(768, 1024));

    private record Size(int width, int height) {}

    /** With the demo routines alone: those of other tests are not there. */
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

    @Test
    void nothing_runs_over_and_no_words_are_cut_off_in_any_view() throws IOException {
        List<String> faults = new ArrayList<>();
        for (String view : List.of(
                "/", "/moves", "/reckoner", "/invent", "/drills", "/tonight", "/journal", "/settings", "/about")) {
            visit(view);
            page.locator("main h1, main h2, main [data-testid=routine]").first().waitFor();
            // Long words come late: what a view says of each routine, the names of libraries.
            waitUntilAnswered();
            faults.addAll(at(view, USUAL, PHONE));
            faults.addAll(at(view, OTHERS.toArray(Size[]::new)));
        }

        assertThat(faults).isEmpty();
    }

    /** In the usual world, in one that fails, and with all sliders at either end: piles are as large there as they can be. */
    @Test
    void nothing_runs_over_and_no_words_are_cut_off_in_any_demo() throws IOException {
        List<String> faults = new ArrayList<>();
        int worlds = 0;
        List<?> demos = demos();
        for (int demo = 0; demo < demos.size(); demo++) {
            List<?> idAndTitle = (List<?>) demos.get(demo);
            String title = idAndTitle.get(1).toString();
            // Routines are alike enough that each third of them shows what is wrong at a width.
            Size[] sizes = {USUAL, PHONE, OTHERS.get(demo % OTHERS.size())};
            visit("/bench/" + idAndTitle.get(0));
            page.locator("svg[role=img]").first().waitFor();
            waitUntilJudged();
            for (Object fault : (List<?>) page.evaluate(CUT_IN_STEPS)) {
                faults.add(title + ": " + fault);
            }
            faults.addAll(at(title, sizes));
            if (page.getByText("show me").count() > 0) {
                page.keyboard().press("f");
                page.getByText("Shown is not the usual way.").waitFor();
                faults.addAll(at(title + ", failing", sizes));
                page.keyboard().press("f");
            }
            for (String end : List.of("min", "max")) {
                if ((int) page.evaluate(ALL_SLIDERS_TO, end) > 0) {
                    waitUntilAnswered();
                    settle();
                    faults.addAll(faults(title + ", " + end));
                    worlds++;
                }
            }
        }

        assertThat(faults).isEmpty();
        assertThat(worlds).isGreaterThan(50);
    }

    /** What is wrong in the page that is there, at each of these sizes, one after another. */
    private List<String> at(String where, Size... sizes) {
        List<String> faults = new ArrayList<>();
        for (Size size : sizes) {
            page.setViewportSize(size.width(), size.height());
            settle();
            faults.addAll(faults(where + " at " + size.width()));
        }
        page.setViewportSize(USUAL.width(), USUAL.height());
        return faults;
    }

    private void waitUntilJudged() {
        page.getByTestId("finding")
                .first()
                .waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.ATTACHED));
    }

    private List<?> demos() {
        page.navigate(url("/about"));
        return (List<?>)
                page.evaluate("async () => (await (await fetch('/api/routines')).json()).map((r) => [r.id, r.title])");
    }

    /** The whole of the longest routine on one screen, and what it is made of. */
    @Test
    void a_compact_script_shows_a_long_routine_as_a_whole() throws IOException {
        openDemo("Everything overboard");
        page.keyboard().press("c");

        assertThat(steps().last().boundingBox().y + steps().last().boundingBox().height)
                .isLessThanOrEqualTo(800);
        assertThat(faults("compact")).isEmpty();
        page.keyboard().press("c");
        assertThat(faults("roomy")).isEmpty();
    }

    private List<String> faults(String where) {
        return Stream.of(FAULTS, CUT)
                .flatMap(wrong -> ((List<?>) page.evaluate(wrong)).stream())
                .map(fault -> where + ": " + fault)
                .toList();
    }
}
