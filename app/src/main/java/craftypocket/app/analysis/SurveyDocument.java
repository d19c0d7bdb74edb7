package craftypocket.app.analysis;

import craftypocket.app.http.Constants;
import craftypocket.core.run.Survey;
import craftypocket.core.run.World;
import jakarta.validation.constraints.NotNull;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Map;

/**
 * A survey as screens show it: some hundred kilobytes at most. What would make it larger is left out and said to be: charts
 * that tell least, places where a role hardly ever is, and failing worlds of more numbers than can be sent.
 *
 * @param worlds how many ways were looked at
 * @param counted whether worlds is a number of ways; otherwise all ways are weighed, and it is in how many parts
 * @param ways how many ways {@code worlds} stands for; 0 where they have no number
 * @param sampledBecause why it is only a sample; may be empty
 * @param exhaustive whether these were all there are; otherwise shares carry a 95 % interval
 * @param seed of the sample; 0 when worlds were visited in order
 * @param stopped whether it was ended early; the figures are then of what was looked at
 * @param underWay whether it is only glanced at, and not done
 * @param findings claims first, in the order of the routine; then what each step expects and whether it can be done
 * @param bands by moment, the set-up first, and role: where it can be, and in which share of the worlds
 */
record SurveyDocument(
        long worlds,
        boolean exhaustive,
        boolean counted,
        long ways,
        @NotNull String sampledBecause,
        boolean stopped,
        boolean underWay,
        long seed,
        boolean allHold,
        @NotNull List<FindingDocument> findings,
        @NotNull List<List<List<SpotDocument>>> bands) {

    /** Of so many choices a finding has a chart at most, those on which it depends most. */
    private static final int MOST_CHARTS = 4;

    /** Bars of all charts together, of about 45 bytes. */
    private static final int MOST_BARS = 3_000;

    /** Numbers of all failing worlds together, of about 18 bytes. */
    private static final int MOST_NUMBERS = 6_000;

    /** Places of all roles at all moments together, of about 45 bytes. */
    private static final int MOST_SPOTS = 5_000;

    /** Shares are sent so finely: finer than a shade can be seen. */
    private static final double FINEST = 10_000;

    /**
     * {@code kind} is claim, expected-before, expected-after or can-be-done; {@code verdict} always, sometimes, never, open: nothing
     * failed, but no way was looked at, or it was ended before its time; or untold: it asks what you know, which no sample tells.
     * {@code failing} is a world in which it fails, if there is one; null when it has too many numbers to be sent. Where nobody can
     * tell if a step is to be done, {@code otherwise} is a world that looks alike to you and in which it is otherwise.
     */
    record FindingDocument(
            @NotNull String kind,
            @NotNull String id,
            int moment,
            @NotNull String sentence,
            @NotNull String verdict,
            long held,
            double low,
            double high,
            @NotNull String because,
            Map<String, Integer> failing,
            Map<String, Integer> otherwise,
            @NotNull List<ChartDocument> charts) {}

    /** How a finding depends on one choice: with each number, in how many of so many worlds it holds. */
    record ChartDocument(
            @NotNull String key,
            @NotNull String label,
            @NotNull String told,
            @NotNull List<BarDocument> bars) {}

    record BarDocument(int number, long worlds, long held) {}

    record SpotDocument(@NotNull String place, int position, double share) {}

    static SurveyDocument of(Survey survey, boolean underWay) {
        return new SurveyDocument(
                survey.worlds(),
                survey.exhaustive(),
                survey.counted(),
                survey.ways(),
                survey.sampledBecause(),
                survey.stopped(),
                underWay,
                survey.seed(),
                survey.allHold(),
                findings(survey),
                bands(survey));
    }

    /** The same of a survey that is not under way any more. */
    SurveyDocument over() {
        return new SurveyDocument(
                worlds, exhaustive, counted, ways, sampledBecause, stopped, false, seed, allHold, findings, bands);
    }

    private static List<FindingDocument> findings(Survey survey) {
        int bars = 0;
        int numbers = 0;
        List<FindingDocument> findings = new ArrayList<>();
        for (Survey.Finding finding : survey.findings()) {
            List<ChartDocument> charts = charts(finding, MOST_BARS - bars);
            bars += charts.stream().mapToInt(chart -> chart.bars().size()).sum();
            Map<String, Integer> failing = sent(finding.failing(), MOST_NUMBERS - numbers);
            numbers += failing == null ? 0 : failing.size();
            Map<String, Integer> otherwise = sent(finding.otherwise(), MOST_NUMBERS - numbers);
            numbers += otherwise == null ? 0 : otherwise.size();
            findings.add(finding(finding, failing, otherwise, charts));
        }
        return findings;
    }

    private static List<ChartDocument> charts(Survey.Finding finding, int barsLeft) {
        List<Survey.Chart> telling = finding.charts().stream()
                .sorted(Comparator.comparingDouble(SurveyDocument::spread).reversed())
                .limit(MOST_CHARTS)
                .toList();
        List<ChartDocument> charts = new ArrayList<>();
        int left = barsLeft;
        for (Survey.Chart chart : finding.charts()) {
            if (telling.contains(chart) && chart.bars().size() <= left) {
                left -= chart.bars().size();
                charts.add(chart(chart));
            }
        }
        return charts;
    }

    /** How much depends on a choice: the difference between its best and its worst number. */
    private static double spread(Survey.Chart chart) {
        DoubleSummaryStatistics shares = chart.bars().stream()
                .mapToDouble(bar -> (double) bar.held() / bar.worlds())
                .summaryStatistics();
        return shares.getMax() - shares.getMin();
    }

    /** When there are too many places, those in which a role is least often are left out. */
    private static List<List<List<SpotDocument>>> bands(Survey survey) {
        double least = survey.bands().stream()
                .flatMap(List::stream)
                .flatMap(List::stream)
                .map(Survey.Spot::share)
                .sorted(Comparator.reverseOrder())
                .skip(MOST_SPOTS)
                .findFirst()
                .orElse(0.0);
        return survey.bands().stream()
                .map(moment -> moment.stream()
                        .map(role -> role.stream()
                                .filter(spot -> spot.share() > least)
                                .map(SurveyDocument::spot)
                                .toList())
                        .toList())
                .toList();
    }

    private static SpotDocument spot(Survey.Spot spot) {
        double share = Math.max(1, Math.round(spot.share() * FINEST)) / FINEST;
        return new SpotDocument(spot.place().text(), spot.position(), share);
    }

    private static ChartDocument chart(Survey.Chart chart) {
        return new ChartDocument(
                chart.choice().key(),
                chart.choice().setting().label(),
                chart.choice().told("…"),
                chart.bars().stream()
                        .map(bar -> new BarDocument(bar.number(), bar.worlds(), bar.held()))
                        .toList());
    }

    private static Map<String, Integer> sent(World world, int most) {
        return world == null || world.numbers().size() > most ? null : world.numbers();
    }

    private static FindingDocument finding(
            Survey.Finding finding,
            Map<String, Integer> failing,
            Map<String, Integer> otherwise,
            List<ChartDocument> charts) {
        return new FindingDocument(
                Constants.word(finding.condition().kind()),
                finding.condition().id(),
                finding.condition().step() + 1,
                finding.condition().sentence(),
                Constants.word(finding.verdict()),
                finding.held(),
                finding.low(),
                finding.high(),
                finding.because(),
                failing,
                otherwise,
                charts);
    }
}
