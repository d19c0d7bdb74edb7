package craftypocket.app.analysis;

import craftypocket.app.http.Constants;
import craftypocket.core.run.Survey;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Map;

/**
 * A survey as screens show it.
 *
 * @param worlds how many ways were looked at
 * @param exhaustive whether these were all there are; otherwise shares carry a 95 % interval
 * @param stopped whether it was ended early; the figures are then of what was looked at
 * @param findings claims first, in the order of the routine; then what each step expects and whether it can be done
 * @param bands by moment, the set-up first, and role: where it can be, and in which share of the worlds
 */
record SurveyDocument(
        long worlds,
        boolean exhaustive,
        boolean stopped,
        long seed,
        boolean allHold,
        @NotNull List<FindingDocument> findings,
        @NotNull List<List<List<SpotDocument>>> bands) {

    /** {@code kind} is claim, expected-before, expected-after or can-be-done; {@code verdict} always, sometimes or never. */
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
            @NotNull Map<String, Integer> failing,
            @NotNull List<ChartDocument> charts) {}

    /** How a finding depends on one choice: with each number, in how many of so many worlds it holds. */
    record ChartDocument(
            @NotNull String key,
            @NotNull String label,
            @NotNull String told,
            @NotNull List<BarDocument> bars) {}

    record BarDocument(int number, long worlds, long held) {}

    record SpotDocument(@NotNull String place, int position, double share) {}

    static SurveyDocument of(Survey survey) {
        return new SurveyDocument(
                survey.worlds(),
                survey.exhaustive(),
                survey.stopped(),
                survey.seed(),
                survey.allHold(),
                survey.findings().stream().map(SurveyDocument::finding).toList(),
                survey.bands().stream()
                        .map(moment -> moment.stream()
                                .map(role -> role.stream()
                                        .map(s -> new SpotDocument(s.place().text(), s.position(), s.share()))
                                        .toList())
                                .toList())
                        .toList());
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

    private static FindingDocument finding(Survey.Finding finding) {
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
                finding.failing() == null ? Map.of() : finding.failing().numbers(),
                finding.charts().stream().map(SurveyDocument::chart).toList());
    }
}
