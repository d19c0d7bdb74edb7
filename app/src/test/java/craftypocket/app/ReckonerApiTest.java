package craftypocket.app;

import static craftypocket.app.RunningApplication.get;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningApplication.class)
class ReckonerApiTest {

    /**
     * Published: D. Bayer, P. Diaconis, "Trailing the dovetail shuffle to its lair", Annals of Applied Probability 2 (1992)
     * 294–313, table 1: seven riffles of 52 cards.
     */
    @Test
    void odds_of_shuffles() {
        JsonNode odds = get("/api/reckoner/odds?cards=52&chunks=7").json();

        assertThat(odds.path("riffles").get(6).path("share").asDouble()).isCloseTo(0.334, within(0.0005));
        assertThat(odds.path("topStays").get(41).path("share").asDouble()).isCloseTo(42 / 52.0, within(1e-12));
        assertThat(odds.path("neighbours").get(0).path("share").asDouble()).isCloseTo(1 - 6 / 51.0, within(1e-12));
    }

    @Test
    void numbers_names_and_measures() {
        assertThat(get("/api/reckoner/safe-number?depth=17&error=3")
                        .json()
                        .path("smallest")
                        .asInt())
                .isEqualTo(22);
        // From memory: 13 of the 52 names have eleven letters.
        assertThat(get("/api/reckoner/spelling").json().get(1).path("cards")).hasSize(13);
        assertThat(get("/api/reckoner/spelling?language=FRENCH").json().size()).isGreaterThan(3);
        assertThat(get("/api/reckoner/thickness?pack=15.6&cards=52&block=7.8")
                        .json()
                        .path("cards")
                        .asInt())
                .isEqualTo(26);
        // Published: ISO/IEC 7810, format ID-1. No card goes flat into a slot for a bank card.
        assertThat(get("/api/reckoner/fit?wide=85.6&high=53.98")
                        .json()
                        .path("poker")
                        .asBoolean())
                .isFalse();
    }

    @Test
    void what_cannot_be_reckoned_is_refused() {
        assertThat(get("/api/reckoner/odds?cards=1").status()).isBetween(400, 422);
        assertThat(get("/api/reckoner/safe-number?depth=none&error=3").status()).isBetween(400, 422);
        assertThat(get("/api/reckoner/spelling?language=SEAGULL").status()).isBetween(400, 422);
    }
}
