package craftypocket.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.io.IOException;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** What is seen, by whom, and what people are led to believe, on the Bench. */
class SightTest extends InBrowser {

    private Locator exactly(String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    }

    @Test
    void the_strip_says_who_sees_what_and_one_person_sees_what_is_turned_to_them() throws IOException {
        openDemo("Three berths");
        select("three1");
        assertThat(page.getByTestId("seen")).containsText("nothing but backs");

        exactly("Seen by").selectOption("Ines");
        assertThat(page.getByTestId("seen")).containsText("3♦Ines");
        assertThat(page.getByTestId("so-far")).containsText("knows the name of Ines’s card");
        exactly("Seen by").selectOption("Bruno");
        assertThat(page.getByTestId("seen")).containsText("nothing but backs");

        exactly("Shown to").selectOption("");
        assertThat(page.getByTestId("seen")).containsText("3♦");
        waitUntilSaved();
    }

    @Test
    void six_pass_for_four_and_people_are_led_to_believe_more() throws IOException {
        openDemo("Four lamps");
        select("open");
        Locator believed = page.getByLabel("What they believe", new Page.GetByLabelOptions().setExact(true));
        assertThat(believed).containsText("The other hand is taken for 4 cards");
        assertThat(believed).containsText("it is not so");
        assertThat(page.getByTestId("in-view")).containsText("the other hand back");

        page.getByText("Lead them to believe something here").click();
        believed.getByLabel("What must be true").selectOption("face-up-count");
        believed.getByLabel("Cards face up: number").fill("4");
        assertThat(believed).containsText("4 cards of the deck lie face up");
        waitUntilSaved();
        believed.getByText("remove").click();
        assertThat(believed).not().containsText("lie face up");
        waitUntilSaved();
    }

    @Test
    void a_face_that_must_not_be_seen_is_claimed_and_the_beats_that_hide_it_are_solved_for() throws IOException {
        newFaceUpCount("Hidden");
        page.getByText("Claim something after this step").click();
        Locator claims = page.getByLabel("What must hold", new Page.GetByLabelOptions().setExact(true));
        claims.getByLabel("What must be true").selectOption("never-seen");
        claims.getByLabel("This role or card").fill("2S");
        // Turned over, the pack is 4♠ 3♠ 2♠ A♠ from the top: the third is hidden.
        assertThat(claims).containsText("The two of spades is never seen by anybody");
        assertThat(claims.getByTestId("verdict").first()).containsText("always");
        claims.getByLabel("This role or card").fill("3S");
        assertThat(claims.getByTestId("verdict").first()).containsText("never");
        waitUntilSaved();

        page.getByText("Solve for …").click();
        exactly("What you do not know").selectOption("2 · Count hiding the third: which beats");
        assertThat(page.getByTestId("solved")).containsText(Pattern.compile("ways? of counting always work"));
    }
}
