package craftypocket.core.run;

import craftypocket.core.cards.CardText;
import craftypocket.core.cards.Pack;
import craftypocket.core.claims.Claim;
import craftypocket.core.layout.Hands;
import craftypocket.core.layout.Knower;
import craftypocket.core.layout.Place;
import craftypocket.core.layout.PlaceKnowledge;
import craftypocket.core.layout.Places;
import craftypocket.core.moves.Catalogue;
import craftypocket.core.moves.Move;
import craftypocket.core.routine.Placement;
import craftypocket.core.routine.Role;
import craftypocket.core.routine.RoleKind;
import craftypocket.core.routine.Routine;
import craftypocket.core.routine.RoutineClaim;
import craftypocket.core.routine.Step;
import craftypocket.core.settings.Cast;
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

/** Reads a {@link Routine} into a {@link Plan}. */
public final class PlanReader {

    /** Stands for a spectator whose name was not given. */
    public static final String SOMEBODY = "Somebody";

    private final Catalogue catalogue;
    private final Routine routine;
    private final List<Problem> problems = new ArrayList<>();
    private final Places places = new Places();
    private final List<String> people = new ArrayList<>(List.of("you"));

    private PlanReader(Routine routine, Catalogue catalogue) {
        this.routine = routine;
        this.catalogue = catalogue;
    }

    /** @throws ProblemsFound with everything that cannot be read */
    public static Plan read(Routine routine, Catalogue catalogue) {
        return new PlanReader(routine, catalogue).read();
    }

    private Plan read() {
        checkSizes();
        stopIfProblems();
        Pack pack = readPack();
        Cast cast = readCast(pack);
        int[] deck = layDeck(pack);
        List<PlannedStep> steps = readSteps(cast);
        List<Condition> claims = readClaims(cast);
        stopIfProblems();
        return new Plan(routine, pack, cast, people, steps, claims, start(pack, deck));
    }

    private void stopIfProblems() {
        if (!problems.isEmpty()) {
            throw new ProblemsFound(problems);
        }
    }

    private void checkSizes() {
        atMost("steps", routine.steps().size(), Routine.MOST_STEPS);
        atMost("roles", routine.roles().size(), Routine.MOST_ROLES);
        atMost("claims", routine.claims().size(), Routine.MOST_CLAIMS);
        unique("steps", routine.steps().stream().map(Step::id).toList());
        unique("claims", routine.claims().stream().map(RoutineClaim::id).toList());
        unique("roles", routine.roles().stream().map(Role::letter).toList());
    }

    private void atMost(String field, int size, int most) {
        if (size > most) {
            problems.add(
                    new Problem(field, size + " " + field, "a routine has at most " + most + " " + field, "Use fewer"));
        }
    }

    private void unique(String field, List<String> names) {
        Set<String> seen = new HashSet<>();
        for (int i = 0; i < names.size(); i++) {
            if (!seen.add(names.get(i))) {
                problems.add(new Problem(
                        field + "[" + i + "]", names.get(i), "this name is used twice", "Give each its own"));
            }
        }
    }

    private Pack readPack() {
        String text = routine.setUp().pack();
        int size = text.matches("\\d{1,3}") ? Integer.parseInt(text) : 0;
        if (size == 54) {
            return Pack.of54();
        }
        if (size >= 3 && size <= 52) {
            return Pack.packet(size);
        }
        problems.add(new Problem(
                "setUp.pack",
                text,
                "a pack has 3 to 52 cards, or 54 with two jokers",
                "Write a number from 3 to 52, or 54"));
        return Pack.of52();
    }

    private Cast readCast(Pack pack) {
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
            if (!role.card().isEmpty()) {
                numberOf(role.card(), pack, field + ".card");
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
            place = places.indexOf(hand.orElse(Place.spectator(SOMEBODY)));
        }
        String label = owned ? owner + "’s card" : role.kind().label() + " " + role.letter() + sign(role.card());
        return new Cast.Part(role.letter(), label, owned ? owner : "", place, knower);
    }

    private static String sign(String card) {
        return CardText.read(card).map(side -> " (" + CardText.sign(side) + ")").orElse("");
    }

    /** The cards from top to bottom: placed ones at their places, the others in the pack's order between them. */
    private int[] layDeck(Pack pack) {
        int[] deck = new int[pack.size()];
        Arrays.fill(deck, -1);
        boolean[] used = new boolean[pack.size()];
        for (int i = 0; i < routine.setUp().placements().size(); i++) {
            Placement placement = routine.setUp().placements().get(i);
            String field = "setUp.placements[" + i + "]";
            int card = numberOf(placement.card(), pack, field + ".card");
            if (placement.nth() < 1 || placement.nth() > pack.size()) {
                problems.add(new Problem(
                        field + ".nth",
                        String.valueOf(placement.nth()),
                        "a place is from 1 to " + pack.size() + " in this pack",
                        "Choose a place in the deck"));
                continue;
            }
            int at = placement.fromBottom() ? pack.size() - placement.nth() : placement.nth() - 1;
            if (card < 0) {
                continue;
            }
            if (used[card] || deck[at] >= 0) {
                problems.add(new Problem(
                        field,
                        placement.card() + " at " + placement.nth(),
                        used[card] ? "this card is placed already" : "another card is placed there",
                        "Place each card once, each at its own place"));
                continue;
            }
            deck[at] = card;
            used[card] = true;
        }
        int next = 0;
        for (int at = 0; at < deck.length; at++) {
            if (deck[at] < 0) {
                while (used[next]) {
                    next++;
                }
                used[next] = true;
                deck[at] = next;
            }
        }
        return deck;
    }

    private int numberOf(String code, Pack pack, String field) {
        int number = CardText.read(code).map(pack::numberOf).orElse(-1);
        if (number < 0) {
            problems.add(new Problem(
                    field, code, "it must be a card of this pack", "Write a code such as QC, 10H or, with jokers, J1"));
        }
        return number;
    }

    private List<PlannedStep> readSteps(Cast cast) {
        List<PlannedStep> steps = new ArrayList<>();
        for (int i = 0; i < routine.steps().size(); i++) {
            Step step = routine.steps().get(i);
            String field = "steps[" + i + "]";
            Optional<Move> move = catalogue.find(step.move());
            if (move.isEmpty()) {
                problems.add(new Problem(
                        field + ".move",
                        step.move(),
                        "there is no move of this name",
                        "Choose one from the catalogue"));
                continue;
            }
            SettingReader reader = new SettingReader(cast, places, problems);
            Values values = reader.read(move.get().settings(), step.settings(), field + ".settings");
            Optional<Claim> onlyIf = step.onlyIf().map(spec -> Claim.read(spec, reader, problems, field + ".onlyIf"));
            // A step cannot be planned while something in it cannot be read; the problems end the reading anyway.
            if (problems.isEmpty()) {
                steps.add(new PlannedStep(i, step, move.get(), values, reader.gaps(), onlyIf));
            }
        }
        return steps;
    }

    private List<Condition> readClaims(Cast cast) {
        List<Condition> claims = new ArrayList<>();
        List<String> ids = routine.steps().stream().map(Step::id).toList();
        for (int i = 0; i < routine.claims().size(); i++) {
            RoutineClaim stated = routine.claims().get(i);
            String field = "claims[" + i + "]";
            int step = stated.after().isEmpty() ? ids.size() - 1 : ids.indexOf(stated.after());
            if (step < 0 && !stated.after().isEmpty()) {
                problems.add(new Problem(
                        field + ".after",
                        stated.after(),
                        "there is no step of this name",
                        "Name a step, or leave it empty"));
            }
            SettingReader reader = new SettingReader(cast, places, problems);
            Claim claim = Claim.read(stated.claim(), reader, problems, field + ".claim");
            claims.add(new Condition(Condition.Kind.CLAIM, stated.id(), step, claim.sentence(), claim));
        }
        return claims;
    }

    private Hands start(Pack pack, int[] deck) {
        Hands hands = new Hands(pack.size(), places, routine.roles().size());
        for (int card : deck) {
            hands.lay(0, card, false);
        }
        for (int i = 0; i < routine.roles().size(); i++) {
            String code = routine.roles().get(i).card();
            if (!code.isEmpty()) {
                boolean placed = routine.setUp().placements().stream()
                        .anyMatch(p -> CardText.read(p.card()).equals(CardText.read(code)));
                hands.choose(i, pack.numberOf(CardText.read(code).orElseThrow()));
                hands.learnName(Knower.PERFORMER, i);
                hands.knowPlace(i, placed ? PlaceKnowledge.EXACT : PlaceKnowledge.LOST);
            }
        }
        return hands;
    }
}
