package craftypocket.app;

import static craftypocket.app.RunningApplication.get;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
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
        assertThat(fits("wide=85.6&high=53.98")).containsExactly("not", "not", "flat", "flat");
        // A bank-card holder that is open at the mouth, measured; and the same one while nobody measured it.
        assertThat(fits("wide=58&high=90&open=true")).containsExactly("not", "flat", "flat", "flat");
        assertThat(fits("wide=90&high=58&open=true")).containsExactly("sticks-out", "flat", "flat", "flat");
        assertThat(fits("wide=0&high=0&open=true")).containsOnly("not-measured");
    }

    private static List<String> fits(String query) {
        return get("/api/reckoner/fit?" + query).json().findValuesAsString("fit");
    }

    @Test
    void words_cuts_and_orders() {
        assertThat(get("/api/reckoner/letters?words=night+ferry!")
                        .json()
                        .path("letters")
                        .asInt())
                .isEqualTo(10);
        // Common practice: a packet of four switches three.
        assertThat(get("/api/reckoner/add-on?packet=4").json().path("switched").asInt())
                .isEqualTo(3);
        assertThat(get("/api/reckoner/add-on?packet=1").status()).isBetween(400, 422);
        // Common practice: eight of clubs 12 letters, queen of diamonds 15.
        JsonNode spell = get("/api/reckoner/double-spell?selection=8C&first=QD").json();
        assertThat(spell.path("firstFromFace").asInt()).isEqualTo(13);
        assertThat(spell.path("cut").asInt()).isEqualTo(27);
        assertThat(get("/api/reckoner/cut?from=18&to=1").json().path("depth").asInt())
                .isEqualTo(17);
        assertThat(get("/api/reckoner/thickness?pack=15.6&cards=52&depth=26")
                        .json()
                        .path("millimetres")
                        .asDouble())
                .isCloseTo(7.8, within(1e-9));
        JsonNode hours = get("/api/reckoner/order?cards=12&riffles=1").json();
        assertThat(hours).hasSize(12);
        assertThat(hours.get(0).path("share").asDouble()).isZero();
        assertThat(hours.get(6).path("share").asDouble()).isGreaterThan(0.9995);
    }

    @Test
    void what_cannot_be_reckoned_is_refused() {
        assertThat(get("/api/reckoner/order?cards=27").status()).isBetween(400, 422);
        assertThat(get("/api/reckoner/cut?from=53&to=1")
                        .json()
                        .at("/problems/0/field")
                        .asString())
                .isEqualTo("from");
        assertThat(get("/api/reckoner/double-spell?selection=8C&first=JOKER")
                        .json()
                        .at("/problems/0/field")
                        .asString())
                .isEqualTo("first");
        assertThat(get("/api/reckoner/letters?words=" + "x".repeat(101)).status())
                .isBetween(400, 422);
        assertThat(get("/api/reckoner/odds?cards=1").status()).isBetween(400, 422);
        assertThat(get("/api/reckoner/safe-number?depth=none&error=3").status()).isBetween(400, 422);
        assertThat(get("/api/reckoner/spelling?language=SEAGULL").status()).isBetween(400, 422);
    }
}
