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
        assertThat(row("set-up")).containsText("2 stated, 50 in any order");
    }
}
