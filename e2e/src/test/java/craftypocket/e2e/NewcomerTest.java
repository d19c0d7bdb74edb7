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

    @Test
    void each_pick_makes_a_selection_of_its_own_and_each_return_takes_the_one_that_is_out() throws IOException {
        newRoutine("Two of them");
        addMove("spread, free pick");
        addMove("spread, free pick");
        nothingIsRed();
        assertThat(page.getByTestId("ledger")).hasCount(2);
        assertThat(page.getByTestId("ledger").nth(1)).containsText("Bruno");
        addMove("return on the lower");
        assertThat(page.getByLabel("Goes back")).hasValue("A");
        addMove("return on the lower");
        assertThat(page.getByLabel("Goes back")).hasValue("B");
        nothingIsRed();
    }

    @Test
    void a_step_that_needs_a_break_offers_the_move_that_makes_one() throws IOException {
        newRoutine("A break is missing");
        addMove("cut at the break");
        button("Put “Hold a break” before it").click();

        assertThat(steps()).hasCount(2);
        assertThat(steps().first()).containsText("Hold a break");
        assertThat(page.locator("[data-step] .text-broken")).hasCount(0);
    }

    @Test
    void what_is_not_filled_in_is_said_and_not_judged() throws IOException {
        newRoutine("Open");
        addMove("spread, free pick");
        select("set-up");
        page.getByLabel("Remove A").click();

        assertThat(page.getByTestId("still-open")).containsText("1 step is not filled in");
    }

    @Test
    void the_deck_is_explained_once_and_again_when_asked() throws IOException {
        visit("/");
        page.evaluate("localStorage['deck-tour'] = '0'");
        openDemo("The purser's wager");
        Locator tour = page.getByTestId("deck-tour");
        for (int step = 1; step <= 4; step++) {
            assertThat(tour).containsText(step + " of 4");
            button(step < 4 ? "Next" : "Done").click();
        }
        assertThat(tour).hasCount(0);
        page.reload();
        page.locator("svg[role=img]").first().waitFor();
        assertThat(tour).hasCount(0);
        page.keyboard().press("?");
        button("Explain the deck").click();
        assertThat(tour).containsText("1 of 4");
        button("Skip").click();
        assertThat(tour).hasCount(0);
    }

    @Test
    void a_routine_begins_with_an_effect_or_from_its_end() throws IOException {
        visit("/");
        button("New routine").click();
        page.getByLabel("What is it called?").fill("Found already");
        page.getByText("A card is found").click();
        page.keyboard().press("Enter");
        assertThat(page.getByText("holds · all 130,050 ways").first()).isVisible();

        visit("/");
        button("New routine").click();
        page.getByLabel("What is it called?").fill("From the end");
        page.getByText("Say what must be true at the end").click();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Start"))
                .click();
        assertThat(page.getByText("to where this is true:")).isVisible();
    }
}
