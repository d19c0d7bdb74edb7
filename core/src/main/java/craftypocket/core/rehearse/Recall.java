package craftypocket.core.rehearse;

import craftypocket.core.chance.Chance;
import craftypocket.core.layout.Place;
import craftypocket.core.moves.Catalogue;
import craftypocket.core.moves.Move;
import craftypocket.core.read.Plan;
import craftypocket.core.routine.Out;
import craftypocket.core.routine.Role;
import craftypocket.core.run.Knowledge;
import craftypocket.core.run.Known;
import craftypocket.core.run.SurveyOptions;
import craftypocket.core.run.Trace;
import craftypocket.core.run.Tracer;
import craftypocket.core.run.World;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.IntStream;

/** Questions made from what happens in one way that a routine can go. */
public final class Recall {

    /** Answers to choose from: the right one and three others, where there are so many. */
    private static final int ANSWERS = 4;

    private static final String NOBODY = "none of the cards that matter";

    private final Plan plan;
    private final Trace trace;
    private final Catalogue catalogue;
    private final Chance chance;
    private final List<RecallQuestion> questions = new ArrayList<>();

    private Recall(Plan plan, World world, Catalogue catalogue, Chance chance) {
        this.catalogue = catalogue;
        this.plan = plan;
        // What cannot be known is not asked.
        trace = Knowledge.of(plan, SurveyOptions.withDefaults())
                .map(knowledge -> knowledge.trace(world))
                .orElseGet(() -> Tracer.trace(plan, world));
        this.chance = chance;
    }

    /** A way that the routine can go, drawn by a seed: every choice is one of its numbers. */
    public static World world(Plan plan, long seed) {
        Chance chance = new Chance().from(seed);
        Map<String, Integer> numbers = new HashMap<>();
        // A later choice may lie within others once the earlier ones are made: so one after another.
        boolean open = true;
        while (open) {
            open = false;
            for (Trace.Moment moment : Tracer.trace(plan, new World(numbers)).moments()) {
                for (Trace.Chosen chosen : moment.choices()) {
                    if (!open && !numbers.containsKey(chosen.choice().key()) && chosen.low() <= chosen.high()) {
                        numbers.put(
                                chosen.choice().key(), chosen.low() + chance.below(chosen.high() - chosen.low() + 1));
                        open = true;
                    }
                }
            }
        }
        return new World(numbers);
    }

    /**
     * The questions of a world, in the order of the routine.
     *
     * @param outs what is done instead when they insist
     * @param says by step, what is said in it; steps in which nothing is said are missing
     * @param catalogue where the moves of outs are looked up
     * @param seed in which order answers stand, and which wrong ones
     */
    public static List<RecallQuestion> questions(
            Plan plan, World world, List<Out> outs, Map<String, String> says, Catalogue catalogue, long seed) {
        Recall recall = new Recall(plan, world, catalogue, new Chance().from(seed));
        recall.ask(outs, says);
        return List.copyOf(recall.questions);
    }

    private void ask(List<Out> outs, Map<String, String> says) {
        for (int at = 0; at < trace.moments().size(); at++) {
            Trace.Moment moment = trace.moments().get(at);
            if (moment.skipped() || moment.broken().isPresent()) {
                continue;
            }
            String step = at == 0 ? "set-up" : plan.steps().get(at - 1).step().id();
            for (int role = 0; role < moment.roles().size(); role++) {
                place(at, step, role);
            }
            ends(at, step);
            next(at, step);
            said(at, step, says);
            for (Out out : outs) {
                if (out.after().equals(step) && !out.steps().isEmpty()) {
                    out(at, out);
                }
            }
            believed(at, step);
        }
    }

    private void place(int at, String step, int number) {
        Trace.RoleState state = trace.moments().get(at).roles().get(number);
        Optional<Known> known = trace.moments().get(at).known();
        if (!state.chosen() || state.place() == null || known.isEmpty()) {
            return;
        }
        Role role = plan.routine().roles().get(number);
        String name = role.letter() + ", " + plan.cast().part(number).label();
        if (known.get().fromTop(number) > 0) {
            String told = state.position() + " from the top of " + state.place().label();
            questions.add(new RecallQuestion(
                    "where." + step + "." + role.letter(),
                    at,
                    "Where is " + name + " now?",
                    List.of(),
                    state.position(),
                    state.place().text(),
                    told));
        }
        if (known.get().faceUp(number).isPresent()) {
            questions.add(new RecallQuestion(
                    "side." + step + "." + role.letter(),
                    at,
                    "Which side of " + name + " is up?",
                    List.of("its face", "its back"),
                    state.faceUp() ? 0 : 1,
                    "",
                    "its " + (state.faceUp() ? "face" : "back")));
        }
    }

    /** What lies at the top and at the bottom of the deck, when some card that matters does. */
    private void ends(int at, String step) {
        Trace.Moment moment = trace.moments().get(at);
        if (moment.layout().at(Place.DECK).size() < 2) {
            return;
        }
        for (boolean top : new boolean[] {true, false}) {
            int there = roleAt(moment, top);
            if (there >= 0) {
                Set<String> others = new LinkedHashSet<>();
                IntStream.range(0, moment.roles().size())
                        .filter(role -> role != there)
                        .forEach(role -> others.add(plan.cast().part(role).label()));
                others.add(NOBODY);
                choose(
                        (top ? "top." : "bottom.") + step,
                        at,
                        "What lies on the " + (top ? "top" : "bottom") + " of the deck now?",
                        plan.cast().part(there).label(),
                        others);
            }
        }
    }

    /** The role whose card is known to be the top or the bottom one of the deck, or -1. */
    private static int roleAt(Trace.Moment moment, boolean top) {
        return IntStream.range(0, moment.roles().size())
                .filter(role -> moment.roles().get(role).chosen()
                        && Place.DECK.equals(moment.roles().get(role).place())
                        && moment.known()
                                .filter(known -> (top ? known.fromTop(role) : known.fromBottom(role)) == 1)
                                .isPresent())
                .findFirst()
                .orElse(-1);
    }

    private void next(int at, String step) {
        // What is not needed in this world is not what comes next.
        int coming = at;
        while (coming < plan.steps().size() && trace.moments().get(coming + 1).skipped()) {
            coming++;
        }
        if (coming == plan.steps().size()) {
            return;
        }
        String right = plan.steps().get(coming).sentence();
        Set<String> others = new LinkedHashSet<>();
        plan.steps().forEach(other -> others.add(other.sentence()));
        others.remove(right);
        if (!others.isEmpty()) {
            choose("next." + step, at, "What do you do next?", right, others);
        }
    }

    private void said(int at, String step, Map<String, String> says) {
        Set<String> others = new LinkedHashSet<>(new TreeMap<>(says).values());
        String right = says.get(step);
        others.remove(right);
        if (right != null && !others.isEmpty()) {
            choose("say." + step, at, "What do you say in this step?", right, others);
        }
    }

    private void out(int at, Out out) {
        String right = moveOf(out.steps().get(0).move());
        Set<String> others = new LinkedHashSet<>();
        plan.steps().forEach(step -> others.add(step.move().name()));
        others.remove(right);
        if (!others.isEmpty()) {
            choose(
                    "out." + out.id(),
                    at,
                    "They insist: " + out.occasion().label() + ". What do you do?",
                    right,
                    others);
        }
    }

    private String moveOf(String id) {
        return catalogue.find(id).map(Move::name).orElse(id);
    }

    private void believed(int at, String step) {
        List<Trace.BeliefState> beliefs = trace.moments().get(at).beliefs();
        for (Trace.BeliefState belief : beliefs) {
            if (!belief.id().isEmpty()) {
                questions.add(new RecallQuestion(
                        "believed." + step + "." + belief.id(),
                        at,
                        "They believe: " + belief.sentence() + ". Is it so?",
                        List.of("it is so", "it is not so"),
                        belief.so() ? 0 : 1,
                        "",
                        belief.so() ? "it is so" : "it is not so"));
            }
        }
    }

    /** A question with answers in a drawn order. */
    private void choose(String id, int at, String words, String right, Set<String> others) {
        List<String> wrong = new ArrayList<>(others);
        List<String> answers = new ArrayList<>();
        while (!wrong.isEmpty() && answers.size() < ANSWERS - 1) {
            answers.add(wrong.remove(chance.below(wrong.size())));
        }
        int place = chance.below(answers.size() + 1);
        answers.add(place, right);
        questions.add(new RecallQuestion(id, at, words, answers, place, "", right));
    }
}
