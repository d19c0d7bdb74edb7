package craftypocket.app.scripts;

import craftypocket.app.http.Constants;
import craftypocket.app.print.DeckPicture;
import craftypocket.app.print.PlainInMarkdown;
import craftypocket.app.print.PrintedPages;
import craftypocket.app.print.PrintedPages.Words;
import craftypocket.app.routines.RoutineDocument;
import craftypocket.app.routines.RoutineFiles;
import craftypocket.core.read.Plan;
import craftypocket.core.read.PlannedStep;
import craftypocket.core.routine.Line;
import craftypocket.core.routine.Occasion;
import craftypocket.core.routine.Out;
import craftypocket.core.routine.Routine;
import craftypocket.core.run.Survey;
import craftypocket.core.run.SurveyOptions;
import craftypocket.core.run.Surveyor;
import craftypocket.core.run.Trace;
import craftypocket.core.run.Tracer;
import craftypocket.core.run.World;
import craftypocket.core.seem.JudgedBySight;
import craftypocket.core.settings.ProblemsFound;
import craftypocket.core.solve.Effort;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;

/**
 * A routine as it is read: what to prepare, what to do and say, what to do when something comes up, with the deck after each
 * step. It tells the routine and not one of its ways: numbers as they are stated, places as they are in all ways.
 */
public final class RoutineScript {

    /** What a performer wants on it besides. */
    public record Wanted(boolean outs, boolean patter, boolean times) {}

    /**
     * One step.
     *
     * @param sentence what to do, with the numbers as they are stated
     * @param condition when it is done only sometimes; empty otherwise
     * @param note what was written down for it
     * @param seconds how long it takes; 0 while nobody said
     * @param picture the deck afterwards
     */
    public record Told(String sentence, String condition, String note, int seconds, DeckPicture picture) {}

    /** An out: when, after which step, what is done, and where the routine goes on. */
    public record Instead(String when, List<String> steps) {}

    /** Smaller type nobody reads with cards in both hands. */
    private static final double SMALLEST = 9;

    private static final int SECONDS_A_MINUTE = 60;

    private final RoutineDocument routine;
    private final UnaryOperator<String> hand;
    private final List<Told> steps = new ArrayList<>();
    private final List<Instead> outs;
    private final String ofWhat;

    /**
     * Works out where cards can be after each step.
     *
     * @param files reads the routine's lines
     * @param hand how the performer wants to be spoken to
     */
    public static RoutineScript of(
            RoutineDocument routine, RoutineFiles files, UnaryOperator<String> hand, Effort effort) {
        Routine whole = routine.toCore();
        Map<String, Plan> lines = new HashMap<>();
        for (Out out : whole.outs()) {
            try {
                lines.put(out.id(), files.plan(Line.along(whole, out).routine()));
            } catch (ProblemsFound unread) {
                // What cannot be read is told by when it comes up alone.
            }
        }
        Plan plan = files.plan(whole);
        SurveyOptions options =
                SurveyOptions.withDefaults().with(effort::stopped).withHurry(effort::hurried);
        return new RoutineScript(
                routine, plan, JudgedBySight.of(plan, Surveyor.survey(plan, options), () -> false), lines, hand);
    }

    private RoutineScript(
            RoutineDocument routine, Plan plan, Survey survey, Map<String, Plan> lines, UnaryOperator<String> hand) {
        this.routine = routine;
        this.hand = hand;
        Trace usual = Tracer.trace(plan, World.USUAL);
        for (int i = 0; i <= plan.steps().size(); i++) {
            DeckPicture picture = DeckPicture.of(plan, usual, survey, i);
            if (i == 0) {
                steps.add(new Told("Set-up", "", routine.setUp().note(), 0, picture));
            } else {
                PlannedStep step = plan.steps().get(i - 1);
                RoutineDocument.StepDocument written = routine.steps().get(i - 1);
                steps.add(new Told(
                        hand.apply(step.sentence()),
                        step.condition().orElse(""),
                        written.note(),
                        written.seconds(),
                        picture));
            }
        }
        outs = routine.outs().stream()
                .map(out -> instead(out, lines.get(out.id())))
                .toList();
        ofWhat = ofWhat(survey);
    }

    private static String ofWhat(Survey survey) {
        String piles = "Piles are drawn as large as in the usual way.";
        if (survey.worlds() == 0) {
            return piles + " Where cards can be could not be worked out.";
        }
        return piles
                + (survey.exhaustive()
                        ? " Places are those of all ways."
                        : " Places are those of " + survey.worlds() + " ways that were tried; there are more.");
    }

    private Instead instead(RoutineDocument.OutDocument out, Plan line) {
        String occasion = Constants.read(Occasion.class, out.occasion()).label();
        String says = out.says().isBlank() ? "" : ": " + quoted(out.says());
        String when = "If " + occasion + says + ", "
                + (out.after().isEmpty() ? "before step 1" : "after " + step(out.after()));
        List<String> done = new ArrayList<>(
                line == null
                        ? List.of()
                        : line.steps().stream()
                                .filter(step -> out.steps().stream()
                                        .anyMatch(own ->
                                                own.id().equals(step.step().id())))
                                .map(step -> hand.apply(step.sentence()))
                                .toList());
        done.add(out.rejoin().isEmpty() ? "It ends there." : "Go on with " + step(out.rejoin()) + ".");
        return new Instead(when, done);
    }

    private static String quoted(String said) {
        return said.startsWith("“") ? said : "“" + said + "”";
    }

    /** A step of the main line by its number, one of an out by what comes up there. */
    private String step(String id) {
        for (int i = 0; i < routine.steps().size(); i++) {
            if (routine.steps().get(i).id().equals(id)) {
                return "step " + (i + 1);
            }
        }
        return routine.outs().stream()
                .filter(out -> out.steps().stream().anyMatch(own -> own.id().equals(id)))
                .findFirst()
                .map(out -> "a step of “"
                        + Constants.read(Occasion.class, out.occasion()).label() + "”")
                .orElse("the end");
    }

    String title() {
        return routine.title();
    }

    /** The set-up, then the steps. */
    public List<Told> steps() {
        return List.copyOf(steps);
    }

    /** What is done instead when something comes up. */
    public List<Instead> outs() {
        return outs;
    }

    /** A step with its number and when it is done only sometimes. */
    public String title(int step) {
        return number(step) + sentence(step);
    }

    private static String number(int step) {
        return step == 0 ? "" : step + ". ";
    }

    private String sentence(int step) {
        Told told = steps.get(step);
        return told.sentence() + (told.condition().isEmpty() ? "" : " (only if " + told.condition() + ")");
    }

    private static String time(int seconds) {
        return seconds < SECONDS_A_MINUTE
                ? seconds + " s"
                : seconds / SECONDS_A_MINUTE + " min " + seconds % SECONDS_A_MINUTE + " s";
    }

    byte[] pdf(Wanted wanted) {
        return PrintedPages.write(routine.title(), PrintedPages.Paper.A4, SMALLEST, pages -> {
            pages.title(routine.title());
            pages.plain(routine.summary(), false);
            pages.gap();
            for (int i = 0; i < steps.size(); i++) {
                Told step = steps.get(i);
                List<Words> words = new ArrayList<>();
                words.add(new Words(
                        title(i) + (wanted.times() && step.seconds() > 0 ? "  " + time(step.seconds()) : ""), true));
                if (wanted.patter() && !step.note().isBlank()) {
                    words.add(new Words(step.note(), false));
                }
                pages.row(words, step.picture());
            }
            pages.gap();
            pages.plain(ofWhat, false);
            if (wanted.times() && seconds() > 0) {
                pages.plain("Altogether " + time(seconds()) + ".", false);
            }
            if (wanted.outs() && !outs.isEmpty()) {
                pages.gap();
                pages.heading("If something comes up");
                outs.forEach(out -> {
                    pages.strong(out.when(), false);
                    out.steps().forEach(step -> pages.plain("• " + step, true));
                });
            }
        });
    }

    private int seconds() {
        return steps.stream().mapToInt(Told::seconds).sum();
    }

    String markdown(Wanted wanted) {
        StringBuilder text = new StringBuilder(
                "# " + PlainInMarkdown.line(routine.title()) + "\n\n" + PlainInMarkdown.of(routine.summary()) + "\n");
        for (int i = 0; i < steps.size(); i++) {
            Told step = steps.get(i);
            String time = wanted.times() && step.seconds() > 0 ? " (" + time(step.seconds()) + ")" : "";
            text.append(
                    String.format(Locale.ROOT, "%n%s**%s**%s%n", number(i), PlainInMarkdown.line(sentence(i)), time));
            if (wanted.patter() && !step.note().isBlank()) {
                text.append("\n   ")
                        .append(PlainInMarkdown.of(step.note()).replace("\n", "\n   "))
                        .append('\n');
            }
            if (!step.picture().told().isEmpty()) {
                text.append(step.picture().told().stream()
                        .map(PlainInMarkdown::line)
                        .collect(Collectors.joining(" · ", "\n   ", "\n")));
            }
        }
        text.append('\n').append(ofWhat).append('\n');
        if (wanted.outs() && !outs.isEmpty()) {
            text.append("\n## If something comes up\n\n");
            for (Instead out : outs) {
                text.append("- ").append(PlainInMarkdown.line(out.when())).append('\n');
                out.steps()
                        .forEach(step -> text.append("  - ")
                                .append(PlainInMarkdown.line(step))
                                .append('\n'));
            }
        }
        return text.toString();
    }
}
