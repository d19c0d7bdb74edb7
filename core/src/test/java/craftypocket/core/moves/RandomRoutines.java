package craftypocket.core.moves;

import craftypocket.core.Script;
import craftypocket.core.routine.RoleKind;
import craftypocket.core.routine.Routine;
import craftypocket.core.routine.Step;
import craftypocket.core.run.Playground;
import craftypocket.core.settings.ChunksSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.ConcurrentHashMap;

/** Random routines for what must be true of all of them. */
public final class RandomRoutines {

    private static final List<String> PARTS = List.of("in:envelope", "in:wallet/left", "in:wallet/right");
    private static final List<String> PLACES = List.of("deck", "other-hand", "table:left", "spectator:Ines");

    private static final List<String> BEATS = List.of(
            "peel under-all-but peel peel",
            "draw draw rest",
            "all-but rest",
            "block2 over-peel rest",
            "peel rest",
            "rest");

    /** Asked by several test classes at once. */
    private static final Map<String, Routine> PLAYGROUNDS = new ConcurrentHashMap<>();

    private RandomRoutines() {}

    /** A routine that throws a deck about and then does the move, all with random settings. */
    public static Script with(Move move, long seed) {
        Random random = new Random(seed);
        if (random.nextBoolean()) {
            return onBeginning(move, random);
        }
        int cards = random.nextInt(100) < 25 ? 1 + random.nextInt(4) : 5 + random.nextInt(16);
        Script script = Script.deck(cards)
                .selection("A", "Ines")
                .key("K", "AS", random.nextBoolean() ? cards : 1 + random.nextInt(cards))
                .key("L");
        List<Move> all = AllMoves.CATALOGUE.moves();
        int before = random.nextBoolean() ? 0 : random.nextInt(6);
        for (int i = 0; i < before; i++) {
            script.step(randomStep("b" + i, all.get(random.nextInt(all.size())), cards, random));
        }
        if (random.nextBoolean()) {
            // Many moves need a break, a key whose name is known, or a card that was taken.
            script.step(
                    randomStep("pick", AllMoves.CATALOGUE.find("spread-pick").orElseThrow(), cards, random));
            script.step(Step.of("hold", "hold-break", "depth", String.valueOf(1 + random.nextInt(cards))));
            if (random.nextInt(3) == 0) {
                // Beside a break at an end nothing may be left.
                String end = random.nextBoolean() ? "top" : "bottom";
                script.step(Step.of("beside", "lift-packet", "end", end, "count", "1"));
            }
        }
        if (random.nextInt(4) == 0) {
            script.step(Step.of("mess", "messy", "blocks", "1 any rest"));
        }
        return script.step(randomStep("move", move, cards, random));
    }

    /** A few steps on so few cards that every way can be gone, with numbers known, hit roughly and chosen by others. */
    public static Script small(Move move, long seed) {
        Random random = new Random(seed);
        int cards = 5 + random.nextInt(4);
        Script script = Script.deck(cards)
                .selection("A", "Ines")
                .key("K", "AS", 1 + random.nextInt(cards))
                .key("L");
        List<Move> all = AllMoves.CATALOGUE.moves();
        int before = random.nextInt(3);
        for (int i = 0; i < before; i++) {
            script.step(
                    roughly(randomStep("b" + i, all.get(random.nextInt(all.size())), cards, random), cards, random));
        }
        if (random.nextBoolean()) {
            String at = random.nextBoolean() ? "any" : "2-4";
            script.step(Step.of("pick", random.nextBoolean() ? "spread-pick" : "riffle-peek", "at", at));
        }
        if (random.nextInt(3) == 0) {
            script.step(Step.of("hold", "hold-break", "depth", random.nextBoolean() ? "2" : "3±1"));
        }
        script.step(roughly(randomStep("move", move, cards, random), cards, random));
        if (random.nextBoolean()) {
            Move last = all.get(random.nextInt(all.size()));
            script.step(roughly(randomStep("last", last, cards, random), cards, random));
        }
        return script;
    }

    /** A few steps on so few cards that every arrangement of them can be gone through; some read a name, some claims name a card. */
    public static Script open(Move move, long seed) {
        Random random = new Random(1_000_003 * seed + move.id().hashCode());
        int luck = random.nextInt(32);
        int cards = luck == 0 ? 6 : luck < 8 ? 5 : 4;
        Script script = Script.anyDeck(cards).selection("A", "Ines").key("L");
        if (random.nextBoolean()) {
            script.key("K", "AS", 1 + random.nextInt(cards));
        } else {
            script.role("K", RoleKind.KEY, "", "AS");
        }
        if (random.nextBoolean()) {
            script.step(Step.of("pick", "spread-pick", "at", random.nextBoolean() ? "any" : "2-3"));
            script.step(Step.of("look", "glimpse", "pile", "spectator:Ines", "as", "A"));
            script.step(Step.of("back", "return-on-lower", "role", "A", "at", "any"));
        }
        script.step(reading(roughly(randomStep("move", move, cards, random), cards, random), random));
        Move last = move;
        while (random.nextInt(3) == 0) {
            last = AllMoves.CATALOGUE
                    .moves()
                    .get(random.nextInt(AllMoves.CATALOGUE.moves().size()));
            script.step(reading(randomStep("m" + random.nextInt(1000), last, cards, random), random));
        }
        script.claim("card-at", "card", "2S", "nth", String.valueOf(1 + random.nextInt(cards)));
        script.claim("same-card", "role", "A", "of", "K");
        script.claim("position", "role", random.nextBoolean() ? "A" : "K", "nth", "1-2");
        return script;
    }

    /** The same step, some of its amounts the value of a card. */
    private static Step reading(Step step, Random random) {
        Map<String, String> settings = new HashMap<>(step.settings());
        for (Setting setting :
                AllMoves.CATALOGUE.find(step.move()).orElseThrow().settings().all()) {
            if (setting.kind() == Setting.Kind.AMOUNT && random.nextInt(3) == 0) {
                settings.put(setting.name(), random.nextBoolean() ? "value of A" : "value of K");
            }
        }
        return new Step(step.id(), step.move(), settings, Optional.empty());
    }

    /** The same step, its numbers as a hand or a spectator has them: some exact, some not. */
    private static Step roughly(Step step, int cards, Random random) {
        Map<String, String> settings = new HashMap<>(step.settings());
        for (Setting setting :
                AllMoves.CATALOGUE.find(step.move()).orElseThrow().settings().all()) {
            int number = 1 + random.nextInt(Math.max(1, cards - 2));
            if (setting.kind() == Setting.Kind.AMOUNT) {
                settings.put(
                        setting.name(),
                        switch (random.nextInt(5)) {
                            case 0 -> "any";
                            case 2 -> random.nextInt(3) == 0 ? "at break" : String.valueOf(number);
                            case 1 -> number + "-" + (number + 2);
                            default -> String.valueOf(number);
                        });
            } else if (setting.kind() == Setting.Kind.CHUNKS && random.nextBoolean()) {
                settings.put(setting.name(), random.nextBoolean() ? "2-3 1 rest" : "2 1 rest");
            }
        }
        return new Step(step.id(), step.move(), settings, Optional.empty());
    }

    /** The move with random settings on one of the beginnings that the catalogue is tried on, mostly its own. */
    private static Script onBeginning(Move move, Random random) {
        Routine own = PLAYGROUNDS.computeIfAbsent(move.id(), id -> Playground.of(move));
        List<Step> before = own.steps().subList(0, own.steps().size() - 1);
        Routine routine = new Routine(own.setUp(), Playground.ROLES, before, List.of());
        if (random.nextInt(3) == 0) {
            Playground.Beginning other = Playground.BEGINNINGS.get(random.nextInt(Playground.BEGINNINGS.size()));
            routine = new Routine(other.setUp(), Playground.ROLES, other.steps(), List.of());
        }
        return Script.from(routine).inNewDeckOrder().step(randomStep("move", move, 12, random));
    }

    private static Step randomStep(String id, Move move, int cards, Random random) {
        Map<String, String> settings = new HashMap<>();
        for (Setting setting : move.settings().all()) {
            settings.put(setting.name(), randomValue(setting, cards, random));
        }
        return new Step(id, move.id(), settings, Optional.empty());
    }

    private static String place(PlaceSetting setting, Random random) {
        boolean part = !setting.takesPiles() || (setting.takesParts() && random.nextBoolean());
        List<String> places = part ? PARTS : PLACES;
        String place = places.get(random.nextInt(places.size()));
        return place.equals("deck") && setting.takesParts() ? setting.usual() : place;
    }

    private static String randomValue(Setting setting, int cards, Random random) {
        return switch (setting.kind()) {
            case AMOUNT -> random.nextInt(4) == 0 ? String.valueOf(random.nextInt(cards + 2)) : "any";
            case ESTIMATE -> (4 + random.nextInt(5)) + "±2";
            case BEATS -> BEATS.get(random.nextInt(BEATS.size()));
            case TEXT -> random.nextBoolean() ? setting.usual() : setting.name().equals("rule") ? "never under" : "sea";
            case CHANCE, STEP, FACE, EARLIER -> "";
            case PERSON -> random.nextInt(3) > 0 ? "" : "you";
            case CHUNKS ->
                ((ChunksSetting) setting).partial() && random.nextBoolean()
                        ? "1 1"
                        : random.nextBoolean() ? "1 rest" : (1 + random.nextInt(4)) + " any rest";
            case PLACE -> random.nextInt(3) > 0 ? setting.usual() : place((PlaceSetting) setting, random);
            case THING ->
                random.nextBoolean()
                        ? setting.usual()
                        : List.of("envelope", "wallet").get(random.nextInt(2));
            case ROLE ->
                random.nextBoolean() ? setting.usual() : List.of("A", "K", "L").get(random.nextInt(3));
            case OPTION ->
                setting.options().get(random.nextInt(setting.options().size())).name();
        };
    }
}
