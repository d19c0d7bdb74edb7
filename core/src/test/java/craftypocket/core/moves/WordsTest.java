package craftypocket.core.moves;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class WordsTest {

    @Test
    void sides_are_mirrored_for_the_left_hand_and_nothing_else_is() {
        Handedness left = Handedness.LEFT;

        assertThat(left.say("from above and from the right")).isEqualTo("from above and from the left");
        assertThat(left.say("show the face in your right hand")).isEqualTo("show the face in your left hand");
        assertThat(left.say("under the right hand's cards")).isEqualTo("under the left hand's cards");
        assertThat(left.say("everything that is left")).isEqualTo("everything that is left");
        assertThat(left.say("left face up, the right one")).isEqualTo("left face up, the right one");
        assertThat(Handedness.RIGHT.say("from the right")).isEqualTo("from the right");
    }

    @Test
    void every_text_of_the_catalogue_mirrors_back_to_itself() {
        int mirrored = 0;
        for (Move move : AllMoves.CATALOGUE.moves()) {
            List<String> texts = new ArrayList<>(move.words().watch());
            texts.addAll(List.of(
                    move.words().says(),
                    move.words().effect(),
                    move.words().attention(),
                    move.profile().angles()));
            for (String text : texts) {
                String other = Handedness.LEFT.say(text);
                assertThat(Handedness.LEFT.say(other)).isEqualTo(text);
                mirrored += other.equals(text) ? 0 : 1;
            }
        }
        assertThat(mirrored).isGreaterThanOrEqualTo(7);
    }

    @Test
    void cautions_come_with_the_moves_that_need_them() {
        assertThat(cautions("force-salt")).contains(Caution.SALT);
        assertThat(cautions("locator-cut")).contains(Caution.TRIMMING);
        assertThat(cautions("load")).contains(Caution.BORROWED);
        assertThat(cautions("announce-past")).contains(Caution.WAGER);
        assertThat(cautions("pass")).contains(Caution.LONG_PRACTICE);
        assertThat(cautions("false-cut")).isEmpty();
    }

    private static List<Caution> cautions(String move) {
        return AllMoves.CATALOGUE.find(move).orElseThrow().cautions();
    }
}
