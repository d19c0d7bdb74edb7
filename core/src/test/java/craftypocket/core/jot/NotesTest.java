package craftypocket.core.jot;

import static org.assertj.core.api.Assertions.assertThat;

import craftypocket.core.jot.Jotted.Reading;
import craftypocket.core.moves.AllMoves;
import craftypocket.core.routine.Occasion;
import craftypocket.core.settings.Setting;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** Routines as performers jot them down. The lines are made up; what they mean was written down by hand. */
class NotesTest {

    private static final Notes NOTES = new Notes(AllMoves.CATALOGUE, Map.of("pass", "the sneak"), 52);

    private static List<String> lines() throws IOException {
        try (InputStream file = NotesTest.class.getResourceAsStream("/jotted-lines.txt")) {
            return new String(file.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(line -> line.contains(" => "))
                    .toList();
        }
    }

    /** The first readings of a text, written as in the list. */
    private static String first(String text) {
        return NOTES.read(text).stream().map(NotesTest::told).collect(Collectors.joining(" + "));
    }

    private static String told(Jotted line) {
        if (line.readings().isEmpty()) {
            return "note";
        }
        Reading reading = line.readings().get(0);
        String settings = new TreeMap<>(reading.settings())
                .entrySet().stream()
                        .map(each -> each.getKey() + "=" + each.getValue())
                        .collect(Collectors.joining(" "));
        boolean spoken = reading.move().equals("say");
        return reading.move()
                + (settings.isEmpty() || spoken ? "" : ": " + settings)
                + (reading.times() > 1 ? " x" + reading.times() : "")
                + line.when()
                        .flatMap(when -> when.occasion())
                        .map(occasion -> " when " + occasion.name().toLowerCase(Locale.ROOT))
                        .orElse("");
    }

    private static String sorted(String told) {
        int colon = told.indexOf(": ");
        if (colon < 0 || told.contains(" rest")) {
            return told;
        }
        String settings = told.substring(colon + 2).replaceFirst(" x\\d+$", "");
        return told.replace(
                settings, List.of(settings.split(" ")).stream().sorted().collect(Collectors.joining(" ")));
    }

    @Test
    void most_lines_are_read_right_at_once() throws IOException {
        List<String> wrong = new ArrayList<>();
        List<String> lines = lines();
        for (String line : lines) {
            String[] halves = line.split(" => ");
            String told = first(halves[0]);
            if (!told.equals(sorted(halves[1].strip()))) {
                wrong.add(halves[0] + " => " + told);
            }
        }
        System.out.println(
                wrong.size() + " of " + lines.size() + " lines are read otherwise:\n" + String.join("\n", wrong));

        assertThat(lines).hasSizeGreaterThanOrEqualTo(60);
        assertThat(wrong).hasSizeLessThanOrEqualTo(lines.size() * 15 / 100);
    }

    private static Reading only(String line) {
        List<Jotted> lines = NOTES.read(line);
        assertThat(lines).hasSize(1);
        return lines.get(0).readings().get(0);
    }

    @Test
    void names_tell_whose_card_it_is() {
        assertThat(only("Ines: spread, free pick").person()).isEqualTo("Ines");
        assertThat(only("Ines's card is returned to the middle").person()).isEqualTo("Ines");
        assertThat(only("spread, Anselm takes a card").person()).isEqualTo("Anselm");
        assertThat(only("Spread, free pick").person()).isEmpty();
        assertThat(only("Hindu shuffle").person()).isEmpty();
    }

    @Test
    void numbers_go_to_the_settings_of_the_move_in_their_order() {
        assertThat(only("overhand 9, 7, 8±2 and the rest").settings()).containsEntry("chunks", "9 7 8±2 rest");
        assertThat(only("exchange blocks of 3 and 5, about 20 above").settings())
                .containsEntry("upper", "3")
                .containsEntry("lower", "5")
                .containsEntry("depth", "20±3");
        assertThat(only("jog shuffle keeping the top twelve").settings()).containsEntry("stock", "12");
        assertThat(only("they riffle between two and three times").settings()).containsEntry("times", "2-3");
        assertThat(only("cut 20 to 30 cards").settings()).containsEntry("depth", "20-30");
        assertThat(new Notes(AllMoves.CATALOGUE, Map.of(), 12)
                        .read("cut about a third")
                        .get(0)
                        .readings()
                        .get(0)
                        .settings())
                .containsEntry("depth", "4±1");
    }

    @Test
    void nothing_is_left_out_in_silence() {
        assertThat(only("complete cut beside the lighthouse").left()).containsExactly("beside", "lighthouse");
        assertThat(only("false cut, 17").left()).containsExactly("17");
        assertThat(only("false cut").left()).isEmpty();
    }

    @Test
    void the_performers_own_name_and_slips_of_the_pen_are_read() {
        assertThat(only("the sneak").move()).isEqualTo("pass");
        assertThat(only("dobule undercut").move()).isEqualTo("double-undercut");
    }

    @Test
    void if_and_then_make_an_out_or_a_condition() {
        Jotted.When shuffling = NOTES.read("If she insists on shuffling, hand it over")
                .get(0)
                .when()
                .orElseThrow();
        assertThat(shuffling.occasion()).contains(Occasion.SHUFFLING);
        assertThat(shuffling.words()).isEqualTo("she insists on shuffling");

        List<Jotted> two = NOTES.read("in case they pick another card: put it back and then spread, free pick");
        assertThat(two).hasSize(2);
        assertThat(two.get(0).when()).isEqualTo(two.get(1).when());
        assertThat(two.get(0).when().orElseThrow().occasion()).contains(Occasion.PICKING_AGAIN);

        Jotted.When lying =
                NOTES.read("if the key is on top, cut").get(0).when().orElseThrow();
        assertThat(lying.occasion()).isEmpty();
        assertThat(lying.end()).isEqualTo("top");
        assertThat(lying.key()).isTrue();
    }

    @Test
    void lines_are_told_apart_by_dots_bullets_and_numbers_and_stand_where_they_were_written() {
        String text = "1. false cut\n- false shuffle · pass → wait;\n\n“Now, then.”";
        List<Jotted> lines = NOTES.read(text);

        assertThat(lines.stream().map(line -> line.readings().get(0).move()))
                .containsExactly("false-cut", "false-shuffle", "pass", "wait", "say");
        assertThat(lines)
                .allSatisfy(line ->
                        assertThat(text.substring(line.from(), line.to())).isEqualTo(line.text()));
        assertThat(NOTES.read("")).isEmpty();
        assertThat(NOTES.read("·;\n·")).isEmpty();
        assertThat(NOTES.read("cut\n".repeat(300))).hasSize(Notes.MOST_LINES);
    }

    /** Without a colon it is something that the performer does; a line may be as long as a text. */
    @Test
    void to_note_a_card_is_a_move_and_long_lines_end() {
        assertThat(only("note the bottom card").settings()).containsEntry("where", "bottom");
        assertThat(only("remember the top card").move()).isEqualTo("glimpse");
        assertThat(NOTES.read("remember: the lamp").get(0).readings()).isEmpty();
        for (String words : List.of("x", "cut, ", "“a” ", "\"", "if ", "cut then ", "7 ", "( ")) {
            assertThat(NOTES.read(words.repeat(5000 / words.length()))).hasSizeLessThanOrEqualTo(Notes.MOST_LINES);
        }
    }

    /** Whoever adds a move says what it is called; a move is found by its own name, and every setting of a phrase is one of its move. */
    @Test
    void every_move_is_found_by_its_name_and_phrases_state_what_there_is() {
        Phrases phrases = new Phrases(AllMoves.CATALOGUE, Map.of());
        assertThat(AllMoves.CATALOGUE.moves()).allSatisfy(move -> {
            assertThat(only(move.name()).move()).isEqualTo(move.id());
            assertThat(phrases.all().stream()
                            .filter(phrase -> phrase.move() == move)
                            .count())
                    .as(move.id())
                    .isGreaterThan(1);
        });
        assertThat(phrases.all()).allSatisfy(phrase -> {
            assertThat(phrase.numbers())
                    .allSatisfy(name ->
                            assertThat(phrase.move().settings().named(name)).isPresent());
            phrase.settings().forEach((name, value) -> {
                Setting setting = phrase.move().settings().named(name).orElseThrow();
                assertThat(setting.options().isEmpty()
                                || setting.options().stream()
                                        .anyMatch(option -> option.name().equals(value)))
                        .as(phrase + " " + name + "=" + value)
                        .isTrue();
            });
        });
        assertThat(Phrases.ids())
                .allSatisfy(id -> assertThat(AllMoves.CATALOGUE.find(id)).as(id).isPresent());
    }
}
