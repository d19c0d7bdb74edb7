package craftypocket.app.sets;

import craftypocket.app.http.Constants;
import craftypocket.app.http.Refusal;
import craftypocket.app.journal.Performances;
import craftypocket.app.rehearsal.Runs;
import craftypocket.app.routines.RoutineDocument;
import craftypocket.app.routines.RoutineDocument.OutDocument;
import craftypocket.app.routines.RoutineDocument.StepDocument;
import craftypocket.app.routines.RoutineFiles;
import craftypocket.app.routines.RoutineService;
import craftypocket.app.sets.SetDocument.ActDocument;
import craftypocket.core.cards.CardText;
import craftypocket.core.evening.Act;
import craftypocket.core.evening.BetterOrder;
import craftypocket.core.evening.Evening;
import craftypocket.core.layout.Place;
import craftypocket.core.read.Plan;
import craftypocket.core.routine.Occasion;
import craftypocket.core.routine.Placement;
import craftypocket.core.routine.SetUp;
import craftypocket.core.settings.Problem;
import craftypocket.core.settings.Sentence;
import craftypocket.core.solve.Effort;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;

/** Works out how sets will go. */
@Service
class Evenings {

    /** A step of which nobody knows how long it takes, in seconds. */
    private static final int UNKNOWN_STEP = 6;

    /** Between people who yawn and people who shout. */
    private static final double USUAL_STRENGTH = 3;

    private static final int MOST_CUES = 3;

    private final RoutineService routines;
    private final RoutineFiles files;
    private final Runs runs;
    private final Performances performances;

    Evenings(RoutineService routines, RoutineFiles files, Runs runs, Performances performances) {
        this.routines = routines;
        this.files = files;
        this.runs = runs;
        this.performances = performances;
    }

    /** The acts whose routines are there. */
    List<ActRead> read(SetDocument set) {
        Map<UUID, Runs.Time> times = runs.times();
        Map<UUID, Double> reactions = performances.reactions();
        List<ActRead> acts = new ArrayList<>();
        for (int index = 0; index < set.acts().size(); index++) {
            ActDocument act = set.acts().get(index);
            Optional<RoutineDocument> routine = routines.onShelf(act.routine());
            if (routine.isPresent()) {
                acts.add(read(
                        index,
                        act,
                        routine.get(),
                        Optional.ofNullable(times.get(act.routine())),
                        reactions.getOrDefault(act.routine(), USUAL_STRENGTH)));
            }
        }
        return acts;
    }

    EveningDocument evening(SetDocument set, Effort effort) {
        List<ActRead> acts = read(set);
        Evening evening = Evening.of(
                set.venue().toCore(),
                acts.stream().map(ActRead::act).toList(),
                performances.seenBy(set.audience()),
                effort);
        List<Integer> there = acts.stream().map(ActRead::index).toList();
        List<Integer> gone = IntStream.range(0, set.acts().size())
                .boxed()
                .filter(index -> !there.contains(index))
                .toList();
        return EveningDocument.of(evening, acts, gone, effort.stopped());
    }

    /** Refuses to seek an order of more than can be compared. */
    void requireFew(SetDocument set) {
        Set<UUID> there = routines.titles().keySet();
        long acts = set.acts().stream()
                .map(ActDocument::routine)
                .filter(there::contains)
                .count();
        if (acts > BetterOrder.MOST) {
            Problem problem = new Problem(
                    "acts",
                    acts + " routines",
                    "a better order is sought of at most " + BetterOrder.MOST,
                    "Leave some out, and seek again");
            throw Refusal.of("Too many routines", problem);
        }
    }

    EveningDocument.BetterOrderDocument better(SetDocument set) {
        List<ActRead> acts = read(set);
        BetterOrder better = BetterOrder.of(
                acts.stream().map(ActRead::act).toList(), set.venue().minutes());
        return EveningDocument.BetterOrderDocument.of(
                better, acts.stream().map(ActRead::index).toList());
    }

    private ActRead read(
            int index, ActDocument act, RoutineDocument routine, Optional<Runs.Time> time, double strength) {
        Plan plan = files.plan(routine);
        int planned = routine.steps().stream().mapToInt(StepDocument::seconds).sum();
        int guess = routine.steps().stream()
                .mapToInt(step -> step.seconds() > 0 ? step.seconds() : UNKNOWN_STEP)
                .sum();
        String timed = time.isPresent() ? "runs" : planned > 0 ? "plan" : "guess";
        Act read = new Act(
                routine.title(),
                plan,
                time.map(Runs.Time::seconds).orElse(guess),
                time.map(Runs.Time::spread).orElse(0.0),
                Constants.read(Act.Spot.class, act.spot()),
                act.stays(),
                strength);
        return new ActRead(
                index,
                read,
                timed,
                bring(plan.routine().setUp(), routine),
                words(act, routine),
                cues(routine),
                outs(routine));
    }

    /** The set-up in the performer's words, or else in those of the program. */
    private static String bring(SetUp setUp, RoutineDocument routine) {
        if (!routine.setUp().note().isBlank()) {
            return routine.setUp().note();
        }
        List<String> parts = new ArrayList<>();
        for (Placement each : setUp.placements()) {
            String end = each.fromBottom() ? "the bottom" : "the top";
            parts.add(sign(each.card())
                    + (each.nth() == 1 ? " on " + end : " " + Sentence.ordinal(each.nth()) + " from " + end));
        }
        if (!setUp.order().isBlank()) {
            parts.add("from the top " + signs(setUp.order()));
        }
        setUp.piles()
                .forEach(pile -> Place.read(pile.place())
                        .ifPresent(place -> parts.add(signs(pile.cards()) + " " + place.spot())));
        setUp.things()
                .forEach(thing ->
                        Place.read(thing.place()).ifPresent(place -> parts.add(thing.name() + " " + place.spot())));
        if (setUp.bend()) {
            parts.add("the deck bent");
        }
        return String.join("; ", parts);
    }

    private static String sign(String code) {
        return CardText.readCard(code).map(CardText::sign).orElse(code);
    }

    private static String signs(String codes) {
        return CardText.split(codes).stream().map(Evenings::sign).collect(Collectors.joining(" "));
    }

    /** What joins it to the one before; else what is said first in it. */
    private static String words(ActDocument act, RoutineDocument routine) {
        return act.words().isBlank()
                ? routine.steps().stream()
                        .flatMap(step -> said(step).stream())
                        .findFirst()
                        .orElse("")
                : act.words();
    }

    private static Optional<String> said(StepDocument step) {
        return step.move().equals("say") ? Optional.ofNullable(step.settings().get("words")) : Optional.empty();
    }

    /** The notes at its steps are what a performer wrote down to remember; without any, how it goes. */
    private static List<String> cues(RoutineDocument routine) {
        List<String> notes = routine.steps().stream()
                .map(StepDocument::note)
                .filter(note -> !note.isBlank())
                .toList();
        return Stream.concat(notes.stream(), Stream.of(routine.summary()).filter(each -> !each.isBlank()))
                .limit(MOST_CUES)
                .toList();
    }

    private static List<String> outs(RoutineDocument routine) {
        return routine.outs().stream().map(Evenings::told).toList();
    }

    private static String told(OutDocument out) {
        String occasion = Constants.read(Occasion.class, out.occasion()).label();
        return out.says().isBlank() ? occasion : occasion + ": " + out.says();
    }
}
