package craftypocket.core.solve;

import craftypocket.core.cards.CardText;
import craftypocket.core.cards.Pack;
import craftypocket.core.claims.ClaimSpec;
import craftypocket.core.moves.Catalogue;
import craftypocket.core.read.PlanReader;
import craftypocket.core.routine.Role;
import craftypocket.core.routine.RoleKind;
import craftypocket.core.routine.Routine;
import craftypocket.core.routine.RoutineClaim;
import craftypocket.core.routine.SetUp;
import craftypocket.core.routine.Step;
import craftypocket.core.run.Survey;
import craftypocket.core.run.SurveyOptions;
import craftypocket.core.run.Surveyor;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/**
 * How an order of cards on top of the pack stands real riffles: somebody deals to a secret number, the deck is riffled,
 * and the next card of the order below the key, the old top card, is taken for theirs. The moves of the catalogue are
 * done in very many worlds; nothing is assumed beyond them.
 */
public final class OrderUnderRiffles {

    /** Larger numbers than these are not thought of. */
    public static final int MOST_IN_ORDER = 13;

    public static final int MOST_RIFFLES = 5;

    /** For each number so many worlds: the interval is then narrower than one in a hundred. */
    private static final int WORLDS_A_NUMBER = 20_000;

    /**
     * How often it is right for one number.
     *
     * @param number that was thought of
     * @param worlds how many riffled decks were looked at
     * @param share in which part of them
     * @param low the lower end of its 95 % interval
     * @param high the upper end of it
     */
    public record Odds(int number, long worlds, double share, double low, double high) {}

    private OrderUnderRiffles() {}

    /**
     * By the number thought of, from 1.
     *
     * @param cards in the pack, 52 or 54
     * @param order how many cards the order has, from 2
     * @param riffles how often the deck is riffled, from 0
     * @param effort asked at each step of each deck whether to stop: the numbers after the one under way are then missing
     */
    public static List<Odds> byNumber(int cards, int order, int riffles, Catalogue catalogue, Effort effort) {
        String slug = Pack.of52().cards().stream()
                .limit(order)
                .map(card -> CardText.code(card.front()))
                .collect(Collectors.joining(" "));
        List<Role> roles = List.of(
                new Role("A", RoleKind.SELECTION, "", ""),
                new Role("K", RoleKind.KEY, "", slug.split(" ")[0]),
                new Role("S", RoleKind.SLUG, "", slug));
        List<Odds> odds = new ArrayList<>();
        for (int number = 1; number <= order; number++) {
            List<Step> steps = new ArrayList<>();
            steps.add(Step.of("deal", "deal-to-number", "role", "A", "at", String.valueOf(number)));
            if (riffles > 0) {
                steps.add(Step.of("riffle", "spectator-riffle", "times", String.valueOf(riffles)));
            }
            Routine routine = new Routine(
                    SetUp.of(String.valueOf(cards), List.of()).inNewDeckOrder(),
                    roles,
                    steps,
                    List.of(new RoutineClaim(
                            "next", "", ClaimSpec.of("next-of-order", "role", "A", "key", "K", "slug", "S"))));
            Odds found = odds(number, routine, catalogue, effort);
            if (effort.stopped()) {
                break;
            }
            odds.add(found);
            effort.reached((double) number / order);
        }
        return odds;
    }

    private static Odds odds(int number, Routine routine, Catalogue catalogue, Effort effort) {
        SurveyOptions options =
                SurveyOptions.withDefaults().with(effort::stopped).withSample(WORLDS_A_NUMBER, 1);
        Survey survey = Surveyor.survey(PlanReader.read(routine, catalogue), options);
        Survey.Finding finding = survey.findings().get(0);
        double share = (double) finding.held() / Math.max(1, survey.worlds());
        return new Odds(number, survey.worlds(), share, finding.low(), finding.high());
    }
}
