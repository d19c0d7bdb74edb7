package craftypocket.e2e;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.Request;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;

/**
 * A page of the running application in Chromium. Each worker of the tests has one application and one browser for all that it is
 * given; a test that needs quiet, or breaks things, starts an application of its own.
 */
abstract class InBrowser {

    /** What is awaited comes within a second on a quiet machine; another program may keep the cores busy. */
    protected static final double PATIENCE_MILLIS = 60_000;

    private static Application application;
    private static Browser browser;

    /** What follows an answer is asked for within this: the page waits a moment for somebody who goes on typing. */
    private static final Duration ASKS_WITHIN = Duration.ofMillis(300);

    private final Set<Request> unanswered = new HashSet<>();
    private long lastAsked;
    private final List<String> failures = new ArrayList<>();
    protected BrowserContext context;
    protected Page page;

    @BeforeEach
    void open() throws IOException {
        context = newContext(ColorScheme.LIGHT);
        page = context.newPage();
        // Whatever goes wrong in the page goes wrong in the test.
        page.onPageError(failures::add);
        unanswered.clear();
        page.onRequest(request -> asks(() -> unanswered.add(request)));
        page.onRequestFinished(request -> asks(() -> unanswered.remove(request)));
        page.onRequestFailed(request -> asks(() -> unanswered.remove(request)));
        // What the page before asked for is not answered any more.
        page.onFrameNavigated(frame -> asks(unanswered::clear));
    }

    private void asks(Runnable change) {
        change.run();
        lastAsked = System.nanoTime();
    }

    /** Waits until the page has asked for nothing for a moment, and everything is answered. */
    protected void waitUntilAnswered() {
        lastAsked = System.nanoTime();
        page.waitForCondition(() -> unanswered.isEmpty() && System.nanoTime() - lastAsked > ASKS_WITHIN.toNanos());
    }

    @AfterEach
    void close() {
        // A request that a test holds up must not come in while the page closes.
        context.pages().forEach(Page::unrouteAll);
        context.close();
        if (!failures.isEmpty()) {
            throw new AssertionError("the page failed: " + failures);
        }
    }

    static synchronized Application application() throws IOException {
        if (application == null) {
            application = Application.start(DataFolders.withDemos());
        }
        return application;
    }

    private static synchronized Browser browser() {
        if (browser == null) {
            PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MILLIS);
            browser = Playwright.create()
                    .chromium()
                    .launch(new BrowserType.LaunchOptions()
                            .setExecutablePath(Path.of("/usr/bin/chromium-headless-shell"))
                            .setArgs(List.of(
                                    "--no-sandbox",
                                    "--disable-gpu",
                                    "--disable-quic",
                                    "--no-first-run",
                                    "--disable-background-networking",
                                    "--disable-component-update",
                                    "--disable-sync")));
        }
        return browser;
    }

    static BrowserContext newContext(ColorScheme scheme) {
        return newContext(
                new Browser.NewContextOptions().setViewportSize(1280, 800).setColorScheme(scheme));
    }

    /** A phone, pointed at with a finger. */
    static BrowserContext touchContext() {
        return newContext(new Browser.NewContextOptions()
                .setViewportSize(390, 844)
                .setHasTouch(true)
                .setIsMobile(true));
    }

    static BrowserContext newContext(Browser.NewContextOptions options) {
        BrowserContext made = browser().newContext(options);
        made.setDefaultTimeout(PATIENCE_MILLIS);
        // Whoever tests has read how to read the deck.
        made.addInitScript("try { localStorage['deck-tour'] ??= '9' } catch { /* a page without a store */ }");
        return made;
    }

    /** Where the pages of a test are; tests with an application of their own say so. */
    protected String url(String path) throws IOException {
        return application().url(path);
    }

    protected void visit(String path) throws IOException {
        page.navigate(url(path));
    }

    /** Opens a routine that is there, by its address: the shelf, which judges what it shows, is entered where it matters. */
    protected void openDemo(String title) throws IOException {
        Matcher found = Pattern.compile("\\{\"id\":\"([^\"]+)\"[^{}]*?\"title\":\"" + Pattern.quote(title) + "\"")
                .matcher(new Http(url("")).get("/api/routines").body());
        if (!found.find()) {
            throw new IllegalArgumentException("no routine is called " + title);
        }
        openOnBench(found.group(1));
        steps().first().waitFor();
    }

    /** Makes a routine of its own for a test, from an empty deck, and opens it on the Bench. */
    protected void newRoutine(String title) throws IOException {
        openMade("/api/routines", "{\"title\": \"" + title + "\"}");
    }

    /** Brings in a routine as a file and opens it on the Bench. */
    protected void openFile(String routine) throws IOException {
        openMade("/api/routines/from-file", routine);
    }

    private void openMade(String path, String body) throws IOException {
        HttpResponse<String> made = new Http(url("")).send("POST", path, body);
        openOnBench(made.headers().firstValue("Location").orElseThrow().replaceFirst(".*/", ""));
    }

    private void openOnBench(String id) throws IOException {
        visit("/bench/" + id);
        row("set-up").waitFor();
        page.locator("svg[role=img]").first().waitFor();
    }

    /** The routine that is open on the Bench. */
    protected String openId() {
        return page.url().replaceFirst(".*/", "");
    }

    /** Adds a move by typing. */
    protected void addMove(String typed) {
        int before = steps().count();
        page.keyboard().press("a");
        page.getByLabel("Find a move").waitFor();
        page.keyboard().type(typed);
        page.getByRole(AriaRole.OPTION).first().waitFor();
        page.keyboard().press("Enter");
        page.getByLabel("Find a move")
                .waitFor(new Locator.WaitForOptions()
                        .setState(com.microsoft.playwright.options.WaitForSelectorState.DETACHED));
        // The step is made where one knows what the routine means.
        PlaywrightAssertions.assertThat(steps()).hasCount(before + 1);
    }

    /** A routine in which four cards, face up, are counted hiding the third: the four of spades is seen twice. */
    protected void newFaceUpCount(String title) throws IOException {
        newRoutine(title);
        page.getByLabel("Pack").selectOption("4");
        addMove("turn the pile over");
        addMove("count hiding the third");
        page.getByLabel("The packet in").selectOption("deck");
        page.getByTestId("hint").first().waitFor();
        waitUntilSaved();
    }

    protected Locator steps() {
        return page.locator("[data-step]:not([data-step=set-up])");
    }

    protected Locator row(String step) {
        return page.locator("[data-step=" + step + "]");
    }

    protected List<String> stepNames() {
        return steps().locator("strong").allInnerTexts();
    }

    protected void select(String step) {
        row(step).getByRole(AriaRole.BUTTON).first().click();
    }

    protected Locator button(String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    /** Waits until what the server keeps at this address holds these words. */
    protected void waitUntilKept(String path, String words) throws IOException {
        Http http = new Http(url(""));
        page.waitForCondition(() -> {
            try {
                return http.get(path).body().contains(words);
            } catch (IOException gone) {
                return false;
            }
        });
    }

    /** Waits until nothing of the page changes any more from one frame to the next. */
    protected void settle() {
        page.evaluate("""
                async () => {
                  await document.fonts.ready
                  const look = () => {
                    const all = document.documentElement
                    return `${document.body.innerHTML.length} ${all.scrollWidth} ${all.scrollHeight}`
                  }
                  for (let same = 0, before = look(); same < 3; ) {
                    await new Promise(requestAnimationFrame)
                    const now = look()
                    same = now === before ? same + 1 : 0
                    before = now
                  }
                }""");
    }

    protected void waitUntilSaved() {
        PlaywrightAssertions.assertThat(page.getByTestId("save-state")).hasText("saved");
    }
}
