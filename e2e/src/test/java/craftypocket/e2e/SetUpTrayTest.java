package craftypocket.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import java.io.IOException;
import org.junit.jupiter.api.Test;

class SetUpTrayTest extends InBrowser {

    private Locator pile(String place) {
        return page.locator("[data-pile='" + place + "']");
    }

    private Locator cards(String place) {
        return pile(place).locator(".tray-card");
    }

    private void openTray(String title) throws IOException {
        newRoutine(title);
        button("Lay the cards").click();
        pile("deck").waitFor();
    }

    @Test
    void an_order_is_written_or_pasted_and_what_is_no_card_changes_nothing() throws IOException {
        openTray("Pasted");
        Locator order = page.getByLabel("Write or paste the order of the deck in hand");
        order.fill("qc, 7♥; 🃅 10s^");
        order.press("Tab");
        assertThat(cards("deck")).hasText(new String[] {"Q♣", "7♥", "5♦", "10♠"});
        assertThat(pile("deck")).containsText("then 48 in any order");

        order.fill("QC ZZ 5H");
        order.press("Tab");
        assertThat(page.getByText("No card is called “ZZ”")).isVisible();
        assertThat(cards("deck")).hasCount(4);

        button("Done").click();
        waitUntilSaved();
        page.reload();
        button("Lay the cards").click();
        assertThat(cards("deck")).hasText(new String[] {"Q♣", "7♥", "5♦", "10♠"});
    }

    @Test
    void cards_are_dragged_to_piles_turned_marked_and_taken_out_by_key() throws IOException {
        openTray("Dragged");
        page.getByLabel("Lay king of hearts").dragTo(pile("deck"));
        page.getByLabel("Lay ace of spades").dragTo(cards("deck").first());
        assertThat(cards("deck")).hasText(new String[] {"A♠", "K♥"});

        page.getByLabel("Add a pile").selectOption("palm");
        page.getByLabel("Lay two of clubs").click();
        assertThat(cards("palm")).hasText(new String[] {"2♣"});

        cards("deck").first().click();
        page.getByLabel("Mark").selectOption("short");
        cards("deck").first().press("f");
        cards("deck").first().press("ArrowRight");
        assertThat(cards("deck")).hasText(new String[] {"K♥", "A♠"});
        assertThat(page.getByLabel("ace of spades, 2 from the top, face up")).isVisible();
        cards("deck").first().press("Delete");
        assertThat(cards("deck")).hasText(new String[] {"A♠"});

        button("Done").click();
        waitUntilSaved();
        assertThat(page.getByText("A♠ short".replace("A♠", "AS"))).isVisible();
        assertThat(row("set-up")).containsText("52 cards");
    }

    @Test
    void special_cards_come_beside_the_pack() throws IOException {
        openTray("Special");
        page.getByLabel("Cards beside the pack").fill("KH/AC blank back/back");
        page.getByLabel("Cards beside the pack").press("Tab");
        page.getByLabel("Lay king of hearts, on the other side ace of clubs").click();
        assertThat(cards("deck")).hasText(new String[] {"K♥/A♣"});

        page.getByLabel("Cards beside the pack").fill("KH/ZZ");
        page.getByLabel("Cards beside the pack").press("Tab");
        assertThat(page.getByText("it must be a card.")).isVisible();
    }

    @Test
    void a_count_is_built_from_beats_and_says_what_is_seen_twice() throws IOException {
        newFaceUpCount("Seen twice");
        Locator builder = page.getByTestId("count-builder");
        assertThat(page.getByTestId("hint").first()).containsText("The four of spades is seen twice in one count");
        assertThat(page.getByTestId("count-leaves").locator(".card")).hasText(new String[] {"4♠", "A♠", "3♠", "2♠"});

        builder.getByLabel("Remove beat 4").click();
        // One card stays behind: that is no fault of a count.
        assertThat(row("s2")).containsText("in exchange (under), peel.");
        assertThat(page.getByText("cannot be done")).hasCount(0);
        waitUntilSaved();
        builder.getByText("+ the rest as one").click();

        assertThat(page.getByTestId("count-leaves").locator(".card")).hasCount(4);
        waitUntilSaved();
        button("Undo").click();
        button("Undo").click();
        assertThat(page.getByTestId("hint").first()).containsText("seen twice");
        waitUntilSaved();
    }
}
