package craftypocket.core.run;

import static org.assertj.core.api.Assertions.assertThat;

import craftypocket.core.Script;
import craftypocket.core.claims.ClaimSpec;
import craftypocket.core.reckon.OrderUnderRiffles;
import craftypocket.core.routine.Look;
import craftypocket.core.routine.RoleKind;
import craftypocket.core.routine.Step;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** A step depends only on what the performer can notice then: each in one routine where he can, and a near twin where not. */
class NoticedConditionTest {

    private static final ClaimSpec TOOK_THE_KEY = ClaimSpec.of("same-card", "role", "A", "of", "K");

    private static Script only(Script script, ClaimSpec condition) {
        return script.step(Step.of("only", "false-cut").onlyIf(condition));
    }

    /** Whether in all ways that look alike the step is done, or in all of them it is not. */
    private static boolean canTell(Script script) {
        Survey survey = script.survey();
        assertThat(survey.exhaustive()).isTrue();
        return survey.findings().get(survey.findings().size() - 1).verdict() == Survey.Verdict.ALWAYS;
    }

    @Test
    void that_they_took_the_key_is_not_noticed_until_their_card_is_known() {
        Script unseen = Script.deck(10).key("K", "AS", 4).selection("A", "Ines").step("spread-pick", "at", "2-5");
        Script seen = Script.deck(10)
                .key("K", "AS", 4)
                .selection("A", "Ines")
                .step("spread-pick", "at", "2-5")
                .step("glimpse", "pile", "spectator:Ines", "as", "A");

        assertThat(canTell(only(unseen, TOOK_THE_KEY))).isFalse();
        assertThat(canTell(only(seen, TOOK_THE_KEY))).isTrue();
        assertThat(unseen.verdict(0).verdict()).isEqualTo(Survey.Verdict.ALWAYS);
        Survey survey = unseen.survey();
        assertThat(survey.findings().get(survey.findings().size() - 1).verdict())
                .isEqualTo(Survey.Verdict.NEVER);
    }

    @Test
    void a_place_is_told_by_knowing_it_by_seeing_it_or_by_a_glance_at_the_face() {
        ClaimSpec third = ClaimSpec.of("position", "role", "K", "nth", "3");
        ClaimSpec bottom = ClaimSpec.of("position", "role", "K", "nth", "1", "from", "bottom");
        Script known = Script.deck(10).key("K", "AS", 4).step("complete-cut", "depth", "1");
        Script cut = Script.deck(10).key("K", "AS", 4).step("spectator-cut");

        assertThat(canTell(only(known, third))).isTrue();
        assertThat(canTell(only(cut, third))).isFalse();
        assertThat(canTell(only(Script.deck(10).key("K", "AS", 4).step("spectator-cut"), bottom)))
                .isTrue();
        assertThat(canTell(only(
                        Script.deck(10).key("K", "AS", 4).step("spectator-cut").step("turn-over"), third)))
                .isTrue();
    }

    @Test
    void a_single_card_is_told_from_many_and_twelve_not_from_thirteen() {
        Script cut = Script.deck(20).step("swing-cut", "depth", "any");

        assertThat(canTell(only(cut, ClaimSpec.of("pile-size", "pile", "other-hand", "cards", "1"))))
                .isTrue();
        assertThat(canTell(only(
                        Script.deck(20).step("swing-cut", "depth", "any"),
                        ClaimSpec.of("pile-size", "pile", "other-hand", "cards", "12"))))
                .isFalse();
        assertThat(canTell(only(
                        Script.deck(20).step("swing-cut", "depth", "12"),
                        ClaimSpec.of("pile-size", "pile", "other-hand", "cards", "12"))))
                .isTrue();
    }

    /** Twelve hours, and one of them is five: of each that is dealt while he looks away there is another that sounds alike. */
    @Test
    void what_cannot_be_told_is_shown_by_two_ways_that_look_alike() {
        ClaimSpec five = ClaimSpec.of("number-was", "number", "hour.at", "is", "5");
        Step hour = Step.of("hour", "deal-to-number", "at", "1-12");
        Script secret = only(Script.deck(20).selection("A", "Ines").step(hour), five);
        Survey.Finding told = secret.survey().findings().stream()
                .filter(finding -> finding.condition().id().equals("only"))
                .findFirst()
                .orElseThrow();

        // That nothing was dealt is heard: at one everybody knows that it is not five.
        assertThat(told.held()).isEqualTo(1);
        assertThat(told.failing().numbers()).containsEntry("hour.at", 2);
        assertThat(told.otherwise().numbers()).containsEntry("hour.at", 5);
        assertThat(told.because()).contains("they think of 5");
        Script watched = only(Script.deck(20).selection("A", "Ines").step(hour.looking(Look.HANDS)), five);
        assertThat(canTell(watched)).isTrue();
    }

    @Test
    void what_one_knows_oneself_is_always_noticed() {
        Script script = Script.deck(10).selection("A", "Ines").step("spread-pick");
        ClaimSpec name = ClaimSpec.of("name-known", "role", "A").denied();

        assertThat(canTell(only(script, name))).isTrue();
        assertThat(script.trace(Map.of()).end().skipped()).isFalse();
    }

    private static Script clock(boolean answered, String riffles) {
        ClaimSpec one = ClaimSpec.of("number-was", "number", "hour.at", "is", "1");
        Script script = Script.deck(52)
                .order("KS QH JC KD QS JH KC QD JS KH QC JD")
                .selection("A", "Mirela")
                .role("K", RoleKind.KEY, "", "KS")
                .role("S", RoleKind.SLUG, "", "KS QH JC KD QS JH KC QD JS KH QC JD")
                .step(Step.of("hour", "deal-to-number", "role", "A", "at", "1-12"))
                .step("spectator-riffle", "times", riffles);
        Step look = Step.of("look", "find-order-card", "key", "K", "slug", "S", "role", "A");
        return (answered
                        ? script.step(Step.of("one", "take-for", "card", "K", "role", "A")
                                        .onlyIf(one))
                                .step(look.onlyIf(one.denied()))
                        : script.step(look))
                .claim("named-is-theirs", "role", "A");
    }

    /**
     * Twelve picture cards, an hour of twelve alike, two riffles of 52, the performer’s back turned. Unanswered, one o’clock is
     * never right: 11/12 of the mean of the other hours, which the chart by hour gives, about 86.7 %. Answered, one o’clock
     * is always right: 1/12 more.
     */
    @Test
    void an_order_under_two_riffles_is_right_as_often_as_the_chart_by_hour_says() {
        double chart = OrderUnderRiffles.byNumber(52, 12, 2).stream()
                        .mapToDouble(OrderUnderRiffles.Odds::share)
                        .sum()
                / 12;
        Survey.Finding unanswered = clock(false, "2").verdict(0);
        Survey.Finding answered = clock(true, "2").verdict(0);

        assertThat(chart).isBetween(0.862, 0.872);
        assertThat(unanswered.low()).isLessThan(chart + 0.01);
        assertThat(unanswered.high()).isGreaterThan(chart - 0.01);
        assertThat(answered.low()).isLessThan(chart + 1.0 / 12 + 0.01);
        assertThat(answered.high()).isGreaterThan(chart + 1.0 / 12 - 0.01);
        assertThat(clock(true, "2").trace(Map.of("hour.at", 1)).outcomes().get(0))
                .isTrue();
        assertThat(clock(false, "2").trace(Map.of("hour.at", 1)).outcomes().get(0))
                .isFalse();
    }

    @Test
    void whether_anything_was_dealt_is_heard_and_how_much_is_not() {
        Script dealt = Script.deck(52).selection("A", "Mirela").step(Step.of("hour", "deal-to-number", "at", "1-12"));

        assertThat(canTell(only(dealt, ClaimSpec.of("number-was", "number", "hour.at", "is", "1"))))
                .isTrue();
        assertThat(canTell(only(
                        Script.deck(52).selection("A", "Mirela").step(Step.of("hour", "deal-to-number", "at", "1-12")),
                        ClaimSpec.of("number-was", "number", "hour.at", "is", "7"))))
                .isFalse();
    }
}
