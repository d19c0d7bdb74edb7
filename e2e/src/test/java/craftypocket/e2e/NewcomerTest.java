package craftypocket.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.util.List;
import java.util.function.Consumer;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** The first ten minutes of somebody who has never seen the program. */
class NewcomerTest extends InBrowser {

    private int presses;

    private void press(String key) {
        page.keyboard().press(key);
        presses++;
    }

    private void addByKeys(String typed) {
        press("a");
        page.getByLabel("Find a move").waitFor();
        // Words are typed as words; they are not what makes it long.
        page.keyboard().type(typed);
        press("Enter");
    }

    private void nothingIsRed() {
        assertThat(page.getByLabel("Step settings").getByRole(AriaRole.ALERT)).hasCount(0);
        assertThat(page.locator("[data-step] .text-broken")).hasCount(0);
    }

    @Test
    void a_control_and_a_reveal_are_built_by_keys_without_a_red_step() throws IOException {
        newRoutine("My first one");
        addByKeys("spread, free pick");
        nothingIsRed();
        addByKeys("return on the lower");
        page.getByLabel("The card is put in").selectOption("break");
        nothingIsRed();
        page.locator("[data-step] [aria-current=step]").focus();
        addByKeys("cut at the break");
        nothingIsRed();
        addByKeys("turn the top card");
        nothingIsRed();

        assertThat(page.getByText("holds · all").first()).isVisible();
        assertThat(page.getByTestId("ledger").first()).containsText("Ines");
        waitUntilSaved();
        press("r");
        rehearse(() -> press("Space"));
        press("y");
        assertThat(page.getByText("Kept: it came out.")).isVisible();
        Assertions.assertThat(presses).isLessThanOrEqualTo(25);
    }

    /** From the deck in hand to the question whether it came out, with what goes on. */
    private void rehearse(Runnable goOn) {
        page.getByText("Deck in hand?").waitFor();
        goOn.run();
        for (int step = 1; step <= 4; step++) {
            assertThat(page.getByText(step + " of 4", new Page.GetByTextOptions().setExact(true)))
                    .isVisible();
            goOn.run();
        }
        page.getByText("Did it come out?").waitFor();
    }

    /** On a phone the settings of a step are a sheet, which the same press closes again. */
    private void openSheet(Consumer<Locator> point) {
        Locator handle = page.locator("aside .handle");
        if (handle.isVisible()) {
            point.accept(handle);
        }
    }

    private void builtByPointing(Consumer<Locator> point) throws IOException {
        visit("/");
        point.accept(button("New routine"));
        page.getByLabel("What is it called?").fill("Pointed at");
        point.accept(button("Start"));
        row("set-up").waitFor();
        for (String move : List.of(
                "Spread, free pick", "Return on the lower packet", "Cut at the break", "Turn the top card face up")) {
            point.accept(button("Add a move"));
            page.getByLabel("Find a move").fill(move);
            point.accept(page.getByRole(AriaRole.OPTION).first());
            nothingIsRed();
            if (move.startsWith("Return")) {
                openSheet(point);
                page.getByLabel("The card is put in").selectOption("break");
                openSheet(point);
            }
        }
        nothingIsRed();
        assertThat(page.getByText("holds · all").first()).isVisible();
        openSheet(point);
        assertThat(page.getByTestId("ledger").first()).containsText("Ines");
        openSheet(point);
        waitUntilSaved();
        point.accept(page.getByRole(AriaRole.MAIN)
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("Rehearse")));
        page.getByText("Deck in hand?").waitFor();
        rehearse(() -> point.accept(page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(Pattern.compile("^(Begin|Go on.*|Finish.*)$")))
                .first()));
        point.accept(button("Yes, as below"));
        assertThat(page.getByText("Kept: it came out.")).isVisible();
    }

    @Test
    void the_same_is_built_and_rehearsed_by_mouse() throws IOException {
        builtByPointing(Locator::click);
    }

    @Test
    void the_same_is_built_and_rehearsed_by_touch_on_a_phone() throws IOException {
        context.close();
        context = touchContext();
        page = context.newPage();
        builtByPointing(Locator::tap);
    }
}
