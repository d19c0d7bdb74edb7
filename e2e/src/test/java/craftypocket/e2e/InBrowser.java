package craftypocket.e2e;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;

/** A page of the running application in Chromium. One application and one browser serve all tests. */
abstract class InBrowser {

    private static Application application;
    private static Browser browser;

    private final List<String> failures = new ArrayList<>();
    protected BrowserContext context;
    protected Page page;

    @BeforeEach
    void open() throws IOException {
        context = newContext(ColorScheme.LIGHT);
        page = context.newPage();
        // Whatever goes wrong in the page goes wrong in the test.
        page.onPageError(failures::add);
    }

    @AfterEach
    void close() {
        context.close();
        if (!failures.isEmpty()) {
            throw new AssertionError("the page failed: " + failures);
        }
    }

    static synchronized Application application() throws IOException {
        if (application == null) {
            application = Application.start(Files.createTempDirectory("crafty-e2e"));
        }
        return application;
    }

    private static synchronized Browser browser() {
        if (browser == null) {
            PlaywrightAssertions.setDefaultAssertionTimeout(15_000);
            browser = Playwright.create()
                    .chromium()
                    .launch(new BrowserType.LaunchOptions()
                            .setExecutablePath(Path.of("/usr/bin/chromium"))
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

    protected void openDemo(String title) throws IOException {
        visit("/");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(title).setExact(true))
                .click();
        steps().first().waitFor();
        page.locator("svg[role=img]").first().waitFor();
    }

    /** Makes a routine of its own for a test, from an empty deck, and opens it on the Bench. */
    protected void newRoutine(String title) throws IOException {
        visit("/");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("New routine"))
                .click();
        page.getByLabel("What is it called?").fill(title);
        page.keyboard().press("Enter");
        row("set-up").waitFor();
        page.locator("svg[role=img]").first().waitFor();
    }

    /** Adds a move by typing. */
    protected void addMove(String typed) {
        page.keyboard().press("a");
        page.getByLabel("Find a move").waitFor();
        page.keyboard().type(typed);
        page.getByRole(AriaRole.OPTION).first().waitFor();
        page.keyboard().press("Enter");
        page.getByLabel("Find a move")
                .waitFor(new Locator.WaitForOptions()
                        .setState(com.microsoft.playwright.options.WaitForSelectorState.DETACHED));
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

    protected void waitUntilSaved() {
        PlaywrightAssertions.assertThat(page.getByTestId("save-state")).hasText("saved");
    }
}
