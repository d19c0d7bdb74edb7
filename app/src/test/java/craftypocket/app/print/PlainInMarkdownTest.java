package craftypocket.app.print;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** CommonMark 0.31.2: what begins a block (4, 5), and which characters a backslash makes plain (2.4). */
class PlainInMarkdownTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "![seen](http://a.example/x.png) | \\!\\[seen\\](http://a.example/x.png)",
                "<img src=x onerror=y> | \\<img src=x onerror=y\\>",
                "``` | \\`\\`\\`",
                "~~~ | \\~\\~\\~",
                "# no heading | \\# no heading",
                "- no list | \\- no list",
                "+ no list | \\+ no list",
                "12. no list | 12\\. no list",
                "12) no list | 12\\) no list",
                "=== | \\===",
                "a&amp;b | a\\&amp;b",
                "*loud* _louder_ | \\*loud\\* \\_louder\\_",
                "a - b, 3. c = 4 + 5 | a - b, 3. c = 4 + 5",
                "“Stop.” A♠, 10♦ | “Stop.” A♠, 10♦",
            })
    void what_could_mean_more_is_made_plain(String written, String shown) {
        assertThat(PlainInMarkdown.of(written)).isEqualTo(shown);
    }

    @Test
    void each_line_is_looked_at_and_blanks_make_no_code_of_it() {
        assertThat(PlainInMarkdown.of("one\n    - two\n\tthree\r\n2. four"))
                .isEqualTo("one\n\\- two\nthree\n2\\. four");
        assertThat(PlainInMarkdown.line("one\n# two\r\n\r\nthree")).isEqualTo("one \\# two three");
    }

    @ParameterizedTest
    @ValueSource(strings = {"", " ", "\n\n"})
    void nothing_stays_nothing(String written) {
        assertThat(PlainInMarkdown.of(written)).isBlank();
    }
}
