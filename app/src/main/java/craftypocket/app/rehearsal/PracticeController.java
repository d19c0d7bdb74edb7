package craftypocket.app.rehearsal;

import craftypocket.app.folder.StoresData;
import craftypocket.app.http.AnswersWithProblems;
import craftypocket.app.http.EditId;
import craftypocket.app.http.Refusal;
import craftypocket.app.rehearsal.PracticeNotes.Done;
import craftypocket.app.rehearsal.PracticeNotes.Kind;
import craftypocket.app.routines.RoutineDocument;
import craftypocket.app.routines.RoutineFiles;
import craftypocket.core.moves.AllMoves;
import craftypocket.core.moves.Move;
import craftypocket.core.read.Plan;
import craftypocket.core.rehearse.Boxes;
import craftypocket.core.rehearse.Drill;
import craftypocket.core.rehearse.Evenness;
import craftypocket.core.rehearse.Judgement;
import craftypocket.core.rehearse.Ladder;
import craftypocket.core.rehearse.Readiness;
import craftypocket.core.rehearse.Recall;
import craftypocket.core.rehearse.RecallQuestion;
import craftypocket.core.run.World;
import craftypocket.core.settings.Problem;
import craftypocket.core.settings.ProblemsFound;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Practice beside run-throughs: beats, packets that are judged, questions, drills. */
@RestController
@RequestMapping("/api/practice")
@AnswersWithProblems
@StoresData
class PracticeController {

    private static final String SUBJECT = "[A-Za-z0-9-]{1,80}";
    private static final String SUBJECT_RULE = "1 to 80 letters, digits and hyphens";

    /** Of the beats of a step the last tries count: what was learnt long ago is no longer how it goes. */
    private static final int LAST_TRIES = 12;

    /** Packets up to these sizes are judged alike. */
    private static final List<Integer> SIZES = List.of(9, 19, 29, 39, 104);

    private static final double MS_A_MINUTE = 60_000;

    private final PracticeNotes notes;
    private final RoutineFiles files;

    PracticeController(PracticeNotes notes, RoutineFiles files) {
        this.notes = notes;
        this.files = files;
    }

    /** One try: when each beat came, in milliseconds from any start, rising. */
    record TryDocument(
            @NotNull @Size(min = 2, max = Evenness.MOST_BEATS, message = "2 to " + Evenness.MOST_BEATS + " beats")
            List<@NotNull Double> times) {}

    /**
     * How even the last tries were. {@code offsets} has for each beat how far it is from its place, in parts of a beat, negative when it comes early;
     * {@code usually} which beats hurry or drag over all of them, empty for none; {@code exchange} how far the exchange beat is from its place;
     * {@code ladder} the tempo to go on with, in beats a minute, 0 before the first try.
     */
    record BeatsDocument(
            @NotNull List<TriedDocument> tries,
            double tempo,
            double variation,
            @NotNull List<Double> offsets,
            @NotNull String usually,
            double exchange,
            double ladder,
            int inARow) {}

    /**
     * One try. {@code offsets} as above for this one, empty where the beats give no grid to hold them against; {@code beat} from one to the next in milliseconds;
     * {@code told} which of them were off, empty for none.
     */
    record TriedDocument(
            @NotNull List<Double> intervals,
            @NotNull List<Double> offsets,
            double beat,
            double variation,
            boolean even,
            @NotNull String told) {

        static TriedDocument of(Evenness.Try done) {
            double beat = done.tempo() > 0 ? MS_A_MINUTE / done.tempo() : 0;
            return new TriedDocument(
                    done.intervals(), done.offsets(), beat, done.variation(), done.even(), done.told());
        }
    }

    /** Keeps a try of the beats of a move. */
    @PostMapping("/beats/{move}")
    BeatsDocument keepBeats(
            @PathVariable @Pattern(regexp = SUBJECT, message = SUBJECT_RULE) String move,
            @RequestParam(defaultValue = "0") int exchange,
            @RequestHeader(name = EditId.HEADER, required = false) UUID edit,
            @Valid @RequestBody TryDocument beats) {
        evenness(List.of(beats.times()), exchange);
        notes.keep(edit, Kind.BEATS, move, beats);
        return beats(move, exchange);
    }

    /** How even the beats of a move were, and at which tempo to go on. */
    @GetMapping("/beats/{move}")
    BeatsDocument beats(
            @PathVariable @Pattern(regexp = SUBJECT, message = SUBJECT_RULE) String move,
            @RequestParam(defaultValue = "0") int exchange) {
        List<List<Double>> all = notes.of(Kind.BEATS, move, TryDocument.class).stream()
                .map(done -> done.what().times())
                .toList();
        Evenness last = evenness(all.subList(Math.max(0, all.size() - LAST_TRIES), all.size()), exchange);
        Ladder ladder = ladder(all);
        return new BeatsDocument(
                last.tries().stream().map(TriedDocument::of).toList(),
                last.tempo(),
                last.variation(),
                last.offsets(),
                last.told(),
                last.exchange(),
                ladder == null ? 0 : ladder.tempo(),
                ladder == null ? 0 : ladder.inARow());
    }

    /** Tries that are looked at and not kept. */
    record TriesDocument(
            @NotNull @Size(max = Evenness.MOST_TRIES, message = "at most " + Evenness.MOST_TRIES + " tries")
            List<@NotNull @Valid TryDocument> tries) {}

    /** How even some tries are, each by itself. Nothing is kept. */
    @PostMapping("/evenness")
    List<TriedDocument> judgeTries(@Valid @RequestBody TriesDocument asked) {
        return evenness(asked.tries().stream().map(TryDocument::times).toList(), 0).tries().stream()
                .map(TriedDocument::of)
                .toList();
    }

    /** It begins at the tempo of the first even try; as long as there is none, at that of the first. */
    static Ladder ladder(List<List<Double>> all) {
        List<Evenness> each =
                all.stream().map(times -> evenness(List.of(times), 0)).toList();
        if (each.isEmpty()) {
            return null;
        }
        int first = IntStream.range(0, each.size())
                .filter(i -> each.get(i).tries().get(0).even())
                .findFirst()
                .orElse(0);
        return Ladder.from(each.get(first).tempo())
                .after(each.subList(first, each.size()).stream()
                        .map(e -> e.tries().get(0).even())
                        .toList());
    }

    private static Evenness evenness(List<List<Double>> tries, int exchange) {
        try {
            return Evenness.of(tries, exchange);
        } catch (IllegalArgumentException wrong) {
            throw new ProblemsFound(
                    List.of(new Problem("times", tries.size() + " tries", wrong.getMessage(), "Try it again")));
        }
    }

    /** A packet that was judged: how many cards there were, and how many were said. */
    record GuessDocument(
            @Min(value = 1, message = "at least 1") @Max(value = 104, message = "at most 104")
            int cards,

            @Min(value = 1, message = "at least 1") @Max(value = 104, message = "at most 104")
            int said) {}

    /** How packets of these sizes are judged; {@code margin} is safe for 19 of 20 guesses, and {@code enough} says whether to trust it. */
    record JudgementDocument(int from, int to, int guesses, double bias, double spread, int margin, boolean enough) {}

    /** Over all sizes, and by size. */
    record JudgementsDocument(
            @NotNull JudgementDocument all, @NotNull List<JudgementDocument> sizes) {}

    /** Keeps a guess. */
    @PostMapping("/judged")
    JudgementsDocument keepGuess(
            @RequestHeader(name = EditId.HEADER, required = false) UUID edit, @Valid @RequestBody GuessDocument guess) {
        notes.keep(edit, Kind.JUDGED, "packets", guess);
        return judged();
    }

    /** How well packets are judged. */
    @GetMapping("/judged")
    JudgementsDocument judged() {
        List<Judgement.Guess> all = notes.of(Kind.JUDGED, "packets", GuessDocument.class).stream()
                .map(done ->
                        new Judgement.Guess(done.what().cards(), done.what().said()))
                .toList();
        return new JudgementsDocument(
                judgement(1, 104, all),
                IntStream.range(0, SIZES.size())
                        .mapToObj(i -> judgement(i == 0 ? 1 : SIZES.get(i - 1) + 1, SIZES.get(i), all))
                        .filter(judged -> judged.guesses() > 0)
                        .toList());
    }

    private static JudgementDocument judgement(int from, int to, List<Judgement.Guess> all) {
        Judgement judged = Judgement.of(all.stream()
                .filter(guess -> guess.cards() >= from && guess.cards() <= to)
                .toList());
        return new JudgementDocument(
                from, to, judged.guesses(), judged.bias(), judged.spread(), judged.margin(), judged.enough());
    }

    /**
     * @param subject under which answers are kept: the id of the routine
     * @param seed which way it goes, and which answers stand there
     * @param world the way it goes, when that is settled; may be missing
     */
    record QuestionsRequest(
            @NotNull @Valid RoutineDocument routine,

            @NotNull @Pattern(regexp = SUBJECT, message = SUBJECT_RULE)
            String subject,

            long seed,

            @Size(max = 2000, message = "at most 2000 choices")
            Map<String, @NotNull Integer> world) {}

    /**
     * {@code answers} is empty where a place in {@code pile} is to be told; {@code right} is then the place from the top, else which answer,
     * from 0. {@code box} is 0 for what was never asked, 1 for what was missed last, up to 5.
     */
    record QuestionDocument(
            @NotNull String id,
            int moment,
            @NotNull String words,
            @NotNull List<String> answers,
            int right,
            @NotNull String pile,
            @NotNull String told,
            int box) {}

    /** The way it goes, and what is asked of it, in the order in which it is asked. */
    record QuestionsDocument(
            @NotNull Map<String, Integer> world, @NotNull List<QuestionDocument> questions) {}

    /** Questions about one way that a routine can go: what was missed before comes first. */
    @PostMapping("/questions")
    QuestionsDocument questions(@Valid @RequestBody QuestionsRequest request) {
        Plan plan = files.plan(request.routine());
        World world = request.world() == null ? Recall.world(plan, request.seed()) : new World(request.world());
        Boxes boxes = boxes(request.subject());
        Map<String, RecallQuestion> asked = Recall.questions(
                        plan,
                        world,
                        request.routine().toCore().outs(),
                        request.routine().steps().stream()
                                .filter(step -> !step.note().isBlank())
                                .collect(Collectors.toMap(step -> step.id(), step -> step.note())),
                        AllMoves.CATALOGUE,
                        request.seed())
                .stream()
                .collect(Collectors.toMap(RecallQuestion::id, Function.identity()));
        List<QuestionDocument> ordered = boxes
                .order(asked.keySet().stream().sorted().toList(), notes.today())
                .stream()
                .map(asked::get)
                .map(q -> new QuestionDocument(
                        q.id(), q.moment(), q.words(), q.answers(), q.right(), q.pile(), q.told(), boxes.box(q.id())))
                .toList();
        return new QuestionsDocument(world.numbers(), ordered);
    }

    private Boxes boxes(String subject) {
        return new Boxes(notes.of(Kind.RECALL, subject, AnswerDocument.class).stream()
                .map(done ->
                        new Boxes.Answer(done.what().question(), done.what().right(), done.day()))
                .toList());
    }

    /** An answer to a question, by its id. */
    record AnswerDocument(
            @NotNull @Size(min = 1, max = 120, message = "1 to 120 letters")
            String question,

            boolean right) {}

    /** In which box a question lies now, from 1. */
    record BoxDocument(int box) {}

    /** Keeps an answer. */
    @PostMapping("/recall/{subject}")
    BoxDocument keepAnswer(
            @PathVariable @Pattern(regexp = SUBJECT, message = SUBJECT_RULE) String subject,
            @RequestHeader(name = EditId.HEADER, required = false) UUID edit,
            @Valid @RequestBody AnswerDocument answer) {
        notes.keep(edit, Kind.RECALL, subject, answer);
        return new BoxDocument(boxes(subject).box(answer.question()));
    }

    /** A set of a drill: how often it was done, how often it went wrong, and the longest series that did not. */
    record DrillSetDocument(
            @Min(value = 1, message = "at least 1") @Max(value = 10_000, message = "at most 10,000")
            int repetitions,

            @Min(value = 0, message = "at least 0") @Max(value = 10_000, message = "at most 10,000")
            int errors,

            @Min(value = 0, message = "at least 0") @Max(value = 10_000, message = "at most 10,000")
            int series,

            @Min(value = 0, message = "at least 0") @Max(value = 86_400_000, message = "at most a day")
            long millis) {}

    record PassageDocument(
            @NotNull String move,
            @NotNull String name,
            @NotNull String words) {}

    /** A drill, and how it stands: the longest series without an error, today's repetitions, readiness from 0 to 1. */
    record DrillDocument(
            @NotNull String id,
            @NotNull String name,
            @NotNull String how,
            @NotNull List<PassageDocument> passages,
            int best,
            int today,
            double readiness,
            LocalDate due) {}

    /** The drills that ship, and moves that were drilled; {@code move} is listed although it never was. */
    @GetMapping("/drills")
    List<DrillDocument> drills(@RequestParam(defaultValue = "") String move) {
        Map<String, List<Done<DrillSetDocument>>> sets =
                notes.of(Kind.DRILL, "", DrillSetDocument.class).stream().collect(Collectors.groupingBy(Done::subject));
        List<DrillDocument> all = new ArrayList<>(Drill.ALL.stream()
                .map(drill -> drill(
                        drill.id(),
                        drill.name(),
                        drill.how(),
                        drill.passages(),
                        sets.getOrDefault(drill.id(), List.of())))
                .toList());
        AllMoves.CATALOGUE.find(move).ifPresent(asked -> sets.putIfAbsent(asked.id(), List.of()));
        sets.forEach((id, done) -> AllMoves.CATALOGUE.find(id).ifPresent(drilled -> all.add(drill(drilled, done))));
        return all;
    }

    private DrillDocument drill(Move move, List<Done<DrillSetDocument>> done) {
        return drill(
                move.id(),
                move.name(),
                move.words().effect(),
                List.of(new Drill.Passage(move.id(), move.name())),
                done);
    }

    private DrillDocument drill(
            String id, String name, String how, List<Drill.Passage> passages, List<Done<DrillSetDocument>> done) {
        Readiness readiness = readiness(done, notes.today());
        return new DrillDocument(
                id,
                name,
                how,
                passages.stream()
                        .map(p -> new PassageDocument(
                                p.move(),
                                AllMoves.CATALOGUE
                                        .find(p.move())
                                        .map(Move::name)
                                        .orElse(p.move()),
                                p.words()))
                        .toList(),
                done.stream().mapToInt(d -> d.what().series()).max().orElse(0),
                done.stream()
                        .filter(d -> d.day().equals(notes.today()))
                        .mapToInt(d -> d.what().repetitions())
                        .sum(),
                readiness.share(),
                readiness.due());
    }

    static Readiness readiness(List<Done<DrillSetDocument>> done, LocalDate today) {
        return Readiness.of(
                done.stream()
                        .map(d -> new Readiness.Run(d.day(), true, d.what().errors()))
                        .toList(),
                today);
    }

    /** Keeps a set of a drill, or of a move that is drilled. */
    @PostMapping("/drills/{id}")
    DrillDocument keepSet(
            @PathVariable @Pattern(regexp = SUBJECT, message = SUBJECT_RULE) String id,
            @RequestHeader(name = EditId.HEADER, required = false) UUID edit,
            @Valid @RequestBody DrillSetDocument set) {
        Optional<Move> move = AllMoves.CATALOGUE.find(id);
        if (move.isEmpty() && Drill.ALL.stream().noneMatch(drill -> drill.id().equals(id))) {
            throw new Refusal(
                    HttpStatus.NOT_FOUND,
                    "No such drill",
                    "There is no drill and no move “" + id + "”. Nothing was kept.");
        }
        notes.keep(edit, Kind.DRILL, id, set);
        return drills("").stream()
                .filter(drill -> drill.id().equals(id))
                .findFirst()
                .orElseThrow();
    }
}
