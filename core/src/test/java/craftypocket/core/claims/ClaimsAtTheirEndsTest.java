package craftypocket.core.claims;

import static org.assertj.core.api.Assertions.assertThat;

import craftypocket.core.Script;
import craftypocket.core.routine.RoleKind;
import craftypocket.core.run.Trace;
import java.util.Arrays;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Claims at the first and the last place, at the ends of their ranges, and of piles that are empty: by hand, on the ace to the ten
 * of spades, the ace on top, all face down. What could be broken without any other test noticing stands here.
 */
class ClaimsAtTheirEndsTest {

    private static String[] settings(String written) {
        return Arrays.stream(written.split("; "))
                .flatMap(each -> Arrays.stream(each.split("=", 2)))
                .toArray(String[]::new);
    }

    @ParameterizedTest(name = "after {0}: {1} {2} is {3}")
    @CsvSource(
            delimiter = '|',
            value = {
                // Somewhere between: not at an end, not the card itself, and all three in one pile.
                "                                    | between | role=K; one=A; other=L; how=somewhere | true",
                "                                    | between | role=K; one=L; other=A; how=somewhere | true",
                "                                    | between | role=A; one=K; other=L; how=somewhere | false",
                "                                    | between | role=L; one=A; other=K; how=somewhere | false",
                "                                    | between | role=A; one=A; other=L; how=somewhere | false",
                "                                    | between | role=L; one=A; other=L; how=somewhere | false",
                "                                    | between | role=K; one=A; other=U; how=somewhere | false",
                "                                    | between | role=U; one=A; other=L; how=somewhere | false",
                "lift-packet count=1; end=bottom     | between | role=K; one=A; other=L; how=somewhere | false",
                "lift-packet count=1                 | between | role=K; one=A; other=L; how=somewhere | false",
                "                                    | between | role=K; one=A; other=M; how=line      | true",
                "                                    | between | role=K; one=M; other=A; how=line      | true",
                "                                    | between | role=K; one=A; other=L; how=line      | false",
                "                                    | between | role=K; one=L; other=M; how=line      | false",
                "                                    | between | role=A; one=L; other=K; how=line      | false",
                "                                    | between | role=A; one=L; other=K; how=circle    | true",
                "                                    | between | role=A; one=K; other=L; how=circle    | true",
                // So many face up, from none to all.
                "                                    | face-up-count | cards=0                | true",
                "                                    | face-up-count | cards=1                | false",
                "turn-card at=1                      | face-up-count | cards=1                | true",
                "turn-card at=1                      | face-up-count | cards=0                | false",
                "turn-card at=10                     | face-up-count | cards=1                | true",
                "turn-card at=10                     | face-up-count | cards=2                | false",
                "turn-card at=1, turn-card at=10     | face-up-count | cards=2                | true",
                "turn-card at=1, turn-card at=10     | face-up-count | cards=2-3              | true",
                "turn-card at=1, turn-card at=10     | face-up-count | cards=1-2              | true",
                "turn-card at=1, turn-card at=10     | face-up-count | cards=0-1              | false",
                "turn-card at=1, turn-card at=10     | face-up-count | cards=3-4              | false",
                "turn-over                           | face-up-count | cards=10               | true",
                "turn-over                           | face-up-count | cards=9                | false",
                "                                    | face-up-count | pile=palm; cards=0     | true",
                // All lie one way: the first and the last card count.
                "                                    | all-lie | side=down             | true",
                "                                    | all-lie | side=up               | false",
                "turn-over                           | all-lie | side=up               | true",
                "turn-over                           | all-lie | side=down             | false",
                "turn-card at=1                      | all-lie | side=down             | false",
                "turn-card at=10                     | all-lie | side=down             | false",
                "turn-over, turn-card at=10          | all-lie | side=up               | false",
                "turn-over, turn-card at=1           | all-lie | side=up               | false",
                "                                    | all-lie | pile=palm; side=up    | true",
                // A card at a place, counted from either end.
                "                                    | card-at | card=AS; nth=1                    | true",
                "                                    | card-at | card=AS; nth=2                    | false",
                "                                    | card-at | card=10S; nth=10                  | true",
                "                                    | card-at | card=10S; nth=11                  | false",
                "                                    | card-at | card=10S; nth=1; from=bottom      | true",
                "                                    | card-at | card=9S; nth=1; from=bottom       | false",
                "                                    | card-at | card=9S; nth=1-2; from=bottom     | true",
                "                                    | card-at | card=8S; nth=2; from=bottom       | false",
                "                                    | card-at | card=AS; nth=10; from=bottom      | true",
                "                                    | card-at | card=AS; nth=1; side=up           | false",
                "                                    | card-at | card=AS; nth=1; side=down         | true",
                "turn-card at=1                      | card-at | card=AS; nth=1; side=up           | true",
                "turn-card at=1                      | card-at | card=AS; nth=1; side=down         | false",
                "                                    | card-at | card=AS; pile=palm; nth=1         | false",
                // The only one reversed, wherever in its pile.
                "turn-card at=1                      | only-face-up | role=A            | true",
                "turn-card at=1                      | only-face-up | role=K            | false",
                "turn-card at=10                     | only-face-up | role=L            | true",
                "turn-card at=1, turn-card at=10     | only-face-up | role=A            | false",
                "turn-card at=1, turn-card at=10     | only-face-up | role=L            | false",
                "                                    | only-face-up | role=A            | false",
                "turn-over, turn-card at=1           | only-face-up | role=L; side=down | true",
                "turn-over, turn-card at=10          | only-face-up | role=A; side=down | true",
                "turn-over                           | only-face-up | role=A; side=down | false",
                "turn-card at=1                      | only-face-up | role=U            | false",
                // A pile of so many.
                "                                    | pile-size | cards=10                     | true",
                "                                    | pile-size | compare=at-least; cards=10   | true",
                "                                    | pile-size | compare=at-least; cards=11   | false",
                "                                    | pile-size | compare=at-most; cards=10    | true",
                "                                    | pile-size | compare=at-most; cards=9     | false",
                // From the top, with these.
                "                                    | pile-order | cards=AS 2S                  | true",
                "                                    | pile-order | cards=AS 3S                  | false",
                "lift-packet count=9                 | pile-order | cards=10S                    | true",
                "lift-packet count=9                 | pile-order | cards=10S AS                 | false",
                // A slug at either end of the pile, in order or not, close or not.
                "                                    | together | role=T; how=order  | true",
                "                                    | together | role=T; how=any    | true",
                "                                    | together | role=B; how=order  | true",
                "                                    | together | role=R; how=order  | false",
                "                                    | together | role=R; how=any    | true",
                "                                    | together | role=R; how=apart  | false",
                "                                    | together | role=G; how=apart  | true",
                "                                    | together | role=G; how=order  | false",
                "                                    | together | role=G; how=any    | false",
                "lift-packet count=1                 | together | role=T; how=any    | false"
            })
    void a_claim_is_so_or_not(String before, String kind, String claimed, boolean expected) {
        Script script = Script.deck(10)
                .key("A", "AS", 1)
                .key("K", "2S", 2)
                .key("M", "3S", 3)
                .key("L", "10S", 10)
                .selection("U", "nobody yet")
                .role("T", RoleKind.SLUG, "", "AS 2S 3S")
                .role("B", RoleKind.SLUG, "", "8S 9S 10S")
                .role("R", RoleKind.SLUG, "", "2S AS")
                .role("G", RoleKind.SLUG, "", "AS 3S");
        if (before != null) {
            for (String step : before.split(", ")) {
                String[] parts = step.split(" ", 2);
                script.step(parts[0], parts.length > 1 ? settings(parts[1]) : new String[0]);
            }
        }
        script.claim(kind, settings(claimed));

        Trace trace = script.trace();
        assertThat(trace.end().broken()).isEmpty();
        assertThat(trace.outcomes().get(0)).isEqualTo(expected);
    }
}
