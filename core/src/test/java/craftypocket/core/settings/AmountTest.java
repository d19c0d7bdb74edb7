package craftypocket.core.settings;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class AmountTest {

    @ParameterizedTest
    @CsvSource({
        "26, 26, 26, 26",
        "15-37, 15-37, 15, 37",
        "15 – 37, 15-37, 15, 37",
        "26±3, 26±3, 23, 29",
        "26 +- 3, 26±3, 23, 29"
    })
    void forms_are_read_and_written(String text, String written, int low, int high) {
        Amount amount = Amount.read(text).orElseThrow();

        assertThat(amount.text()).isEqualTo(written);
        assertThat(amount.low()).isEqualTo(low);
        assertThat(amount.high()).isEqualTo(high);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "x", "-3", "3-1", "2±3", "105", "1-105", "99999", "1.5", "10 20"})
    void what_is_no_amount_is_not_read(String text) {
        assertThat(Amount.read(text)).isEmpty();
    }

    @Test
    void only_what_is_left_open_is_a_choice() {
        assertThat(Amount.exactly(5).isChoice()).isFalse();
        assertThat(Amount.REST.isChoice()).isFalse();
        assertThat(Amount.ANY.isChoice()).isTrue();
        assertThat(Amount.read("5-5")).get().matches(a -> !a.isChoice());
        assertThat(Amount.read("5±1")).get().matches(Amount::isChoice);
        assertThat(Amount.read(String.valueOf(Amount.MOST))).isPresent();
    }

    @ParameterizedTest
    @CsvSource({
        "1, 1st",
        "2, 2nd",
        "3, 3rd",
        "4, 4th",
        "11, 11th",
        "12, 12th",
        "13, 13th",
        "21, 21st",
        "52, 52nd",
        "103, 103rd"
    })
    void places_are_counted_in_words(int number, String words) {
        assertThat(Sentence.ordinal(number)).isEqualTo(words);
    }
}
