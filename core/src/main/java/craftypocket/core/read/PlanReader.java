package craftypocket.core.read;

import craftypocket.core.cards.CardText;
import craftypocket.core.cards.Pack;
import craftypocket.core.claims.Around;
import craftypocket.core.claims.Belief;
import craftypocket.core.claims.Check;
import craftypocket.core.claims.Claim;
import craftypocket.core.claims.ClaimSpec;
import craftypocket.core.layout.Hands;
import craftypocket.core.layout.Kit;
import craftypocket.core.layout.Knower;
import craftypocket.core.layout.Lookout;
import craftypocket.core.layout.Place;
import craftypocket.core.layout.Places;
import craftypocket.core.moves.Catalogue;
import craftypocket.core.moves.Move;
import craftypocket.core.routine.Line;
import craftypocket.core.routine.Out;
import craftypocket.core.routine.OwnMove;
import craftypocket.core.routine.Role;
import craftypocket.core.routine.RoleKind;
import craftypocket.core.routine.Routine;
import craftypocket.core.routine.RoutineClaim;
import craftypocket.core.routine.Step;
import craftypocket.core.settings.Cast;
import craftypocket.core.settings.Earlier;
import craftypocket.core.settings.Problem;
import craftypocket.core.settings.ProblemsFound;
import craftypocket.core.settings.SettingReader;
import craftypocket.core.settings.Values;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** Reads a {@link Routine} into a {@link Plan}. */
public final class PlanReader {

    /** Stands for a spectator whose name was not given. */
    public static final String SOMEBODY = "Somebody";

    private final Catalogue catalogue;
    private final Routine routine;
    private final List<Problem> problems = new ArrayList<>();
    private final Places places = new Places();
    private final List<String> people = new ArrayList<>(List.of("you"));

    private final List<Step> candidates;
    private final List<Lookout> lookouts = new ArrayList<>();
    /** How many places have been named by the set-up, and after each step. */
    private final List<Integer> placesNamed = new ArrayList<>();

    private PlanReader(Routine routine, Catalogue catalogue, List<Step> candidates) {
        this.candidates = candidates;
        this.routine = routine;
        this.catalogue = catalogue;
    }

    /**
     * Reads the main line, and sees that every out can be read too.
     *
     * @throws ProblemsFound with everything that cannot be read
     */
    public static Plan read(Routine routine, Catalogue catalogue) {
        return read(routine, catalogue, List.of());
    }

    /**
     * The same, with steps beside the routine that are to be tried on its layouts.
     *
     * @throws ProblemsFound with everything that cannot be read
     */
    public static Plan read(Routine routine, Catalogue catalogue, List<Step> candidates) {
        checkOuts(routine);
        Plan main = readLine(Line.main(routine), catalogue, candidates);
        for (Out out : routine.outs()) {
            readAlong(routine, out, catalogue);
        }
        return main;
    }

    /**
     * Reads the line that an out makes.
     *
     * @throws ProblemsFound with everything that cannot be read, told of the places in the whole routine
     */
    public static Plan readAlong(Routine routine, Out out, Catalogue catalogue) {
        return readLine(Line.along(routine, out), catalogue, List.of());
    }

    private static Plan readLine(Line line, Catalogue catalogue, List<Step> candidates) {
        try {
            return new PlanReader(line.routine(), catalogue, candidates).read();
        } catch (ProblemsFound found) {
            throw new ProblemsFound(found.problems().stream().map(line::inWhole).toList());
        }
    }

    private static void checkOuts(Routine routine) {
        List<Problem> problems = new ArrayList<>();
        atMost("outs", routine.outs().size(), Out.MOST_OUTS, problems);
        Set<String> outs = new HashSet<>();
        Set<String> steps = new HashSet<>();
        routine.steps().forEach(step -> steps.add(step.id()));
        for (int i = 0; i < routine.outs().size(); i++) {
            Out out = routine.outs().get(i);
            unique("outs[" + i + "]", out.id(), outs, problems);
            for (int k = 0; k < out.steps().size(); k++) {
                unique("outs[" + i + "].steps[" + k + "]", out.steps().get(k).id(), steps, problems);
            }
        }
        if (!problems.isEmpty()) {
            throw new ProblemsFound(problems);
        }
    }

    private Plan read() {
        checkSizes();
        stopIfProblems();
        SetUpReader setUp = new SetUpReader(routine.setUp(), places, problems);
        Pack pack = setUp.pack();
        byte[] marks = setUp.marks();
        int[][] slugs = readSlugs(pack);
        Cast cast = readCast();
        Earlier earlier = new Earlier(routine.steps().stream().map(Step::id).toList());
        placesNamed.add(places.count());
        List<StepRead> read = readSteps(cast, pack, earlier, routine.steps(), 0);
        List<StepRead> readMore =
                readSteps(cast, pack, earlier, candidates, routine.steps().size());
        List<Belief> beliefs = readBeliefs(cast, pack, earlier);
        List<Condition> claims = readClaims(cast, pack, earlier, beliefs);
        stopIfProblems();
        List<PlannedStep> steps = planned(read, earlier, beliefs);
        Kit kit = Kit.of(pack, marks, slugs);
        Hands start = start(setUp, kit, earlier.notes(), beliefs);
        int[] apart = ToldApart.of(routine, kit, catalogue);
        Arrangement arrangement =
                setUp.arrangement(apart, new SettingReader(cast, places, earlier, pack.size(), problems));
        return new Plan(
                routine,
                pack,
                cast,
                people,
                steps,
                claims,
                beliefs,
                start,
                arrangement,
                apart,
                planned(readMore, earlier, List.of()));
    }

    private void stopIfProblems() {
        if (!problems.isEmpty()) {
            throw new ProblemsFound(problems);
        }
    }

    private void checkSizes() {
        atMost("steps", routine.steps().size(), Routine.MOST_STEPS, problems);
        atMost("roles", routine.roles().size(), Routine.MOST_ROLES, problems);
        atMost("claims", routine.claims().size(), Routine.MOST_CLAIMS, problems);
        atMost("ownMoves", routine.ownMoves().size(), OwnMove.MOST_OWN_MOVES, problems);
        unique("ownMoves", routine.ownMoves().stream().map(OwnMove::id).toList());
        unique("steps", routine.steps().stream().map(Step::id).toList());
        unique("claims", routine.claims().stream().map(RoutineClaim::id).toList());
        unique("roles", routine.roles().stream().map(Role::letter).toList());
    }

    private static void atMost(String field, int size, int most, List<Problem> problems) {
        if (size > most) {
            problems.add(
                    new Problem(field, size + " " + field, "a routine has at most " + most + " " + field, "Use fewer"));
        }
    }

    private void unique(String field, List<String> names) {
        Set<String> seen = new HashSet<>();
        for (int i = 0; i < names.size(); i++) {
            unique(field + "[" + i + "]", names.get(i), seen, problems);
        }
    }

    private static void unique(String field, String name, Set<String> seen, List<Problem> problems) {
        if (!seen.add(name)) {
            problems.add(new Problem(field, name, "this name is used twice", "Give each its own"));
        }
    }

    private Cast readCast() {
        List<Cast.Part> parts = new ArrayList<>();
        for (int i = 0; i < routine.roles().size(); i++) {
            Role role = routine.roles().get(i);
            String field = "roles[" + i + "]";
            if (!role.letter().matches("[A-Z]")) {
                problems.add(new Problem(
                        field + ".letter",
                        role.letter(),
                        "a role is one capital letter",
                        "Write a letter from A to Z"));
            }
            parts.add(readPart(role, field));
        }
        return new Cast(parts);
    }

    private Cast.Part readPart(Role role, String field) {
        String owner = role.owner().isEmpty() ? SOMEBODY : role.owner();
        Optional<Place> hand = Place.read(Place.Kind.SPECTATOR.word() + ":" + owner);
        if (hand.isEmpty()) {
            problems.add(new Problem(
                    field + ".owner",
                    owner,
                    "a name has up to " + Place.LONGEST_NAME + " letters",
                    "Write a name such as Ines"));
        }
        boolean owned = role.kind() == RoleKind.SELECTION || !role.owner().isEmpty();
        int knower = Knower.PERFORMER;
        int place = 0;
        if (owned) {
            if (!people.contains(owner)) {
                people.add(owner);
            }
            knower = people.indexOf(owner);
            if (knower >= Knower.MOST_PEOPLE) {
                problems.add(new Problem(
                        field + ".owner",
                        owner,
                        "a routine has at most " + (Knower.MOST_PEOPLE - 1) + " spectators",
                        "Let one of the others own two cards"));
            }
            place = placeOf(hand.orElse(Place.spectator(SOMEBODY)), field);
        }
        String label = owned ? owner + "’s card" : role.kind().label() + " " + role.letter() + sign(role.card());
        return new Cast.Part(role.letter(), label, owned ? owner : "", place, knower);
    }

    private int placeOf(Place hand, String field) {
        try {
            return places.indexOf(hand);
        } catch (IllegalArgumentException tooMany) {
            problems.add(new Problem(
                    field + ".owner",
                    hand.name(),
                    "a routine uses at most " + Places.MOST_PLACES + " places",
                    "Use fewer piles"));
            return 0;
        }
    }

    private static String sign(String card) {
        return CardText.readCard(card).map(c -> " (" + CardText.sign(c) + ")").orElse("");
    }

    /** By role, the cards of its slug in order; nothing for a role of one card. */
    private int[][] readSlugs(Pack pack) {
        int[][] slugs = new int[routine.roles().size()][0];
        for (int i = 0; i < slugs.length; i++) {
            Role role = routine.roles().get(i);
            List<String> texts = CardText.split(role.card());
            String field = "roles[" + i + "].card";
            int[] cards =
                    texts.stream().mapToInt(text -> numberOf(text, pack, field)).toArray();
            boolean slug = role.kind() == RoleKind.SLUG;
            if (slug && Arrays.stream(cards).distinct().count() < 2) {
                problems.add(new Problem(
                        field, role.card(), "a slug has two cards or more", "Write its cards in order: KS QS JC"));
            } else if (!slug && cards.length > 1) {
                problems.add(new Problem(
                        field, role.card(), "this role is one card", "Name one card, or make the role a slug"));
            }
            slugs[i] = slug ? cards : slugs[i];
        }
        return slugs;
    }

    private int numberOf(String code, Pack pack, String field) {
        int number = pack.find(code, n -> true);
        if (number < 0) {
            problems.add(new Problem(
                    field, code, "it must be a card of this pack", "Write a code such as QC, 10H or, with jokers, J1"));
        }
        return number;
    }

    /** A step that was read. It is planned once all have been: only then is it known which numbers others refer to. */
    private record StepRead(
            int index, Step step, Move move, Values values, List<String> gaps, Optional<Claim> onlyIf) {}

    private static List<PlannedStep> planned(List<StepRead> read, Earlier earlier, List<Belief> beliefs) {
        return read.stream()
                .map(r -> new PlannedStep(
                        r.index(),
                        r.step(),
                        r.move(),
                        r.values(),
                        r.gaps(),
                        r.onlyIf(),
                        setting -> earlier.noteOf(r.step().id(), setting),
                        beliefs.stream().filter(b -> b.after() == r.index()).toList()))
                .toList();
    }

    private List<StepRead> readSteps(Cast cast, Pack pack, Earlier earlier, List<Step> stated, int first) {
        List<StepRead> steps = new ArrayList<>();
        for (int i = 0; i < stated.size(); i++) {
            Step step = stated.get(i);
            String field = "steps[" + i + "]";
            SettingReader reader = new SettingReader(cast, places, earlier, pack.size(), problems);
            Optional<Move> move = catalogue.find(step.move()).or(() -> readOwn(step, reader));
            if (move.isEmpty()) {
                problems.add(new Problem(
                        field + ".move",
                        step.move(),
                        "there is no move of this name",
                        "Choose one from the catalogue"));
                continue;
            }
            Values values = reader.read(move.get().settings(), step.settings(), field + ".settings");
            Around before = new Around(lookouts, first + i - 1, places.count(), List.of());
            step.onlyIf().ifPresent(asked -> problems.addAll(asked.unasked(field + ".onlyIf")));
            Optional<Claim> onlyIf =
                    step.onlyIf().map(spec -> Claim.read(spec, reader, problems, field + ".onlyIf", before));
            earlier.passed(step.id(), move.get().settings());
            placesNamed.add(places.count());
            // A step cannot be planned while something in it cannot be read; the problems end the reading anyway.
            if (problems.isEmpty()) {
                steps.add(new StepRead(first + i, step, move.get(), values, reader.gaps(), onlyIf));
            }
        }
        return steps;
    }

    private Optional<Move> readOwn(Step step, SettingReader reader) {
        for (int i = 0; i < routine.ownMoves().size(); i++) {
            OwnMove own = routine.ownMoves().get(i);
            if (own.id().equals(step.move())) {
                String field = "ownMoves[" + i + "]";
                return Optional.of(ComposedMove.read(own, step.settings(), catalogue, reader, problems, field));
            }
        }
        return Optional.empty();
    }

    /** The index of the step after which a claim is made, or something is believed; a belief without one is there at first. */
    private int stepOf(RoutineClaim stated, String field) {
        int last = routine.steps().size() - 1;
        int named = routine.steps().stream().map(Step::id).toList().indexOf(stated.after());
        if (named < 0 && !stated.after().isEmpty()) {
            problems.add(new Problem(
                    field + ".after",
                    stated.after(),
                    "there is no step of this name",
                    "Name a step, or leave it empty"));
        }
        return stated.after().isEmpty() && !stated.believed() ? last : named;
    }

    private int placesBy(int step) {
        return placesNamed.get(Math.min(step + 1, placesNamed.size() - 1));
    }

    private List<Belief> readBeliefs(Cast cast, Pack pack, Earlier earlier) {
        List<Belief> beliefs = new ArrayList<>();
        for (int i = 0; i < routine.claims().size(); i++) {
            RoutineClaim stated = routine.claims().get(i);
            if (stated.believed()) {
                String field = "claims[" + i + "]";
                int step = stepOf(stated, field);
                SettingReader reader = new SettingReader(cast, places, earlier, pack.size(), problems);
                problems.addAll(stated.claim().unasked(field + ".claim"));
                Claim claim = Claim.read(
                        stated.claim(),
                        reader,
                        problems,
                        field + ".claim",
                        new Around(lookouts, step, placesBy(step), List.of()));
                beliefs.add(new Belief(stated.id(), step, about(stated.claim()), claim.sentence(), claim));
            }
        }
        return beliefs;
    }

    /** What a claim is about: its kind, with the card, pile or thing of which it says something. */
    private static String about(ClaimSpec claim) {
        return claim.kind()
                + Stream.of("role", "card", "pile", "thing", "face")
                        .map(subject -> claim.settings().getOrDefault(subject, ""))
                        .toList();
    }

    private List<Condition> readClaims(Cast cast, Pack pack, Earlier earlier, List<Belief> beliefs) {
        List<Condition> claims = new ArrayList<>();
        for (int i = 0; i < routine.claims().size(); i++) {
            RoutineClaim stated = routine.claims().get(i);
            String field = "claims[" + i + "]";
            if (stated.believed()) {
                continue;
            }
            int step = stepOf(stated, field);
            SettingReader reader = new SettingReader(cast, places, earlier, pack.size(), problems);
            // What stands at the end sees to whatever is still to come, such as a step that is tried there.
            int until = stated.after().isEmpty() ? Integer.MAX_VALUE : step;
            List<Check> believed = Plan.inForce(beliefs, step).stream()
                    .filter(belief -> belief.claim().taken().isEmpty())
                    .map(belief -> (Check) belief.claim())
                    .toList();
            Around around = new Around(lookouts, until, placesBy(step), believed);
            Claim claim = Claim.read(stated.claim(), reader, problems, field + ".claim", around);
            claims.add(new Condition(Condition.Kind.CLAIM, stated.id(), step, claim.sentence(), claim));
        }
        return claims;
    }

    private Hands start(SetUpReader setUp, Kit kit, int notes, List<Belief> beliefs) {
        Hands hands = new Hands(kit, places, routine.roles().size(), notes, lookouts);
        setUp.lay(hands);
        for (int i = 0; i < routine.roles().size(); i++) {
            List<String> codes = CardText.split(routine.roles().get(i).card());
            if (!codes.isEmpty()) {
                int card = setUp.pack().find(codes.get(0), n -> true);
                hands.choose(i, card);
                hands.takeFor(i, card);
                hands.knowsNames(1 << i);
            }
        }
        beliefs.stream().filter(belief -> belief.after() < 0).forEach(belief -> belief.begins(hands));
        hands.showing().lookAround();
        return hands;
    }
}
