package craftypocket.core.read;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Catalogue;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Words;
import craftypocket.core.routine.OwnMove;
import craftypocket.core.routine.Routine;
import craftypocket.core.routine.SetUp;
import craftypocket.core.routine.Step;
import craftypocket.core.settings.Amount;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.ChanceSetting;
import craftypocket.core.settings.NumberSetting;
import craftypocket.core.settings.Problem;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.SettingReader;
import craftypocket.core.settings.Values;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * An own move, ready to be used in one step: its parts are done one after another, on the layout that the part before
 * left.
 *
 * <p>Whether it can be done is found out by doing it on a second surface. That costs as much as doing it twice, but keeps
 * one definition of what each part needs.
 */
public final class ComposedMove extends Move {

    private static final Pattern REFERENCE = Pattern.compile("=([a-z][a-z0-9-]{0,29})");

    /** A setting of a part that takes its number from one of this move. */
    private record Link(NumberSetting inner, NumberSetting outer) {}

    private record Stage(PlannedStep step, List<Link> links) {}

    private final List<Stage> stages = new ArrayList<>();

    private ComposedMove(OwnMove own) {
        super(
                own.id(),
                Family.OWN,
                own.name(),
                Profile.open(own.difficulty()),
                new Words(
                        own.says().isBlank()
                                ? own.name() + "."
                                : own.says().replace("{", "").replace("}", ""),
                        "Several moves as one, composed by you.",
                        "As its parts ask for.",
                        List.of("Its parts flow into one another.")));
    }

    /** The move as it is listed, with its settings; not to be performed. */
    public static Move listed(OwnMove own, Catalogue catalogue) {
        ComposedMove move = new ComposedMove(own);
        move.declare(own, catalogue);
        return move;
    }

    /** @throws craftypocket.core.settings.ProblemsFound when a routine could not use the move */
    public static void check(OwnMove own, Catalogue catalogue) {
        Step step = Step.of("own", own.id());
        PlanReader.read(
                new Routine(SetUp.of("52", List.of()), List.of(), List.of(step), List.of(), List.of(own)), catalogue);
    }

    /**
     * Reads an own move for one step.
     *
     * @param texts the step's settings
     * @param where the field of the own move, for problems
     */
    static ComposedMove read(
            OwnMove own,
            Map<String, String> texts,
            Catalogue catalogue,
            SettingReader reader,
            List<Problem> problems,
            String where) {
        ComposedMove move = new ComposedMove(own);
        Map<String, Setting> declared = move.declare(own, catalogue);
        Map<String, String> given = new HashMap<>();
        own.settings().forEach(s -> given.put(s.name(), texts.getOrDefault(s.name(), s.usual())));
        if (own.parts().isEmpty()) {
            problems.add(new Problem(
                    where + ".parts", own.name(), "it is made of no moves", "Put at least one move into it"));
        }
        for (int i = 0; i < own.parts().size(); i++) {
            move.readPart(
                    own.parts().get(i), i, declared, given, catalogue, reader, problems, where + ".parts[" + i + "]");
        }
        return move;
    }

    /** Declares what can be set from outside, and one number for all real shuffles within. */
    private Map<String, Setting> declare(OwnMove own, Catalogue catalogue) {
        Map<String, Setting> declared = new HashMap<>();
        for (OwnMove.OwnSetting setting : own.settings()) {
            referred(own, setting.name(), catalogue).ifPresent(inner -> {
                Setting outer = inner.renamed(
                        setting.name(),
                        setting.label(),
                        setting.usual(),
                        (hands, values) -> bound(hands, values, setting.name(), true),
                        (hands, values) -> bound(hands, values, setting.name(), false));
                if (outer instanceof AmountSetting amount) {
                    amount.where((hands, values, number) -> allows(hands, values, amount, number), amount.whyNot());
                }
                declared.put(setting.name(), has(outer));
            });
        }
        boolean chance = own.parts().stream()
                .flatMap(part -> catalogue.find(part.move()).stream())
                .anyMatch(move -> move.settings().all().stream().anyMatch(ChanceSetting.class::isInstance));
        if (chance) {
            declared.put("", has(Setting.chance()));
        }
        return declared;
    }

    /** The first setting of a part that refers to a name. */
    private static Optional<Setting> referred(OwnMove own, String name, Catalogue catalogue) {
        for (OwnMove.Part part : own.parts()) {
            for (Map.Entry<String, String> text : part.settings().entrySet()) {
                Optional<Setting> inner =
                        catalogue.find(part.move()).flatMap(m -> m.settings().named(text.getKey()));
                if (text.getValue().equals("=" + name) && inner.isPresent()) {
                    return inner;
                }
            }
        }
        return Optional.empty();
    }

    private void readPart(
            OwnMove.Part part,
            int index,
            Map<String, Setting> declared,
            Map<String, String> given,
            Catalogue catalogue,
            SettingReader reader,
            List<Problem> problems,
            String where) {
        Optional<Move> found = catalogue.find(part.move());
        if (found.isEmpty()) {
            problems.add(new Problem(
                    where + ".move",
                    part.move(),
                    "an own move is made of moves of the catalogue",
                    "Choose one from the catalogue"));
            return;
        }
        List<Link> links = new ArrayList<>();
        Map<String, String> texts = new HashMap<>();
        for (Map.Entry<String, String> text : part.settings().entrySet()) {
            Matcher reference = REFERENCE.matcher(text.getValue());
            Optional<Setting> inner = found.get().settings().named(text.getKey());
            if (!reference.matches()) {
                texts.put(text.getKey(), text.getValue());
            } else if (!given.containsKey(reference.group(1))) {
                problems.add(new Problem(
                        where + ".settings." + text.getKey(),
                        text.getValue(),
                        "it refers to a setting that the own move does not have",
                        "Name a setting of the own move after ="));
            } else {
                texts.put(text.getKey(), given.get(reference.group(1)));
                if (inner.orElse(null) instanceof AmountSetting within
                        && declared.get(reference.group(1)) instanceof AmountSetting outside) {
                    links.add(new Link(within, outside));
                }
            }
        }
        int problemsBefore = problems.size();
        Values values = reader.read(found.get().settings(), texts, where + ".settings");
        for (Setting setting : found.get().settings().all()) {
            if (setting instanceof ChanceSetting within) {
                links.add(new Link(within, (ChanceSetting) declared.get("")));
            }
        }
        if (problems.size() == problemsBefore) {
            PlannedStep step = new PlannedStep(
                    index,
                    Step.of("part" + index, part.move()),
                    found.get(),
                    values,
                    List.of(),
                    Optional.empty(),
                    setting -> -1,
                    List.of());
            boolean open =
                    step.choices().stream().anyMatch(c -> links.stream().noneMatch(l -> l.inner() == c.setting()));
            if (open) {
                problems.add(new Problem(
                        where + ".settings",
                        found.get().name(),
                        "a number that is open must be a setting of the own move",
                        "Write a number, or refer to a setting"));
            }
            stages.add(new Stage(step, links));
        }
    }

    /** The least or the most that a setting can be: as the first part that refers to it says, where the parts before lead. */
    private int bound(Hands hands, Values values, String name, boolean least) {
        Hands surface = copy(hands);
        for (Stage stage : stages) {
            for (Link link : stage.links()) {
                if (link.outer() != null && link.outer().name().equals(name)) {
                    Values world = filled(stage, values);
                    return least
                            ? link.inner().least(surface, world)
                            : link.inner().most(surface, world);
                }
            }
            if (!perform(stage, surface, values)) {
                return least ? 1 : 0;
            }
        }
        return least ? 0 : Amount.MOST;
    }

    /** Whether the first part that refers to a setting lets it have a number, where the parts before lead. */
    private boolean allows(Hands hands, Values values, AmountSetting outer, int number) {
        Hands surface = copy(hands);
        Values tried = values.another();
        tried.set(outer, 0, number);
        for (Stage stage : stages) {
            for (Link link : stage.links()) {
                if (link.outer() == outer && link.inner() instanceof AmountSetting inner) {
                    return inner.allows(surface, filled(stage, tried), number);
                }
            }
            if (!perform(stage, surface, tried)) {
                return true;
            }
        }
        return true;
    }

    @Override
    public Optional<Need> unmet(Hands hands, Values values) {
        Hands surface = copy(hands);
        for (int i = 0; i < stages.size(); i++) {
            if (!perform(stages.get(i), surface, values)) {
                return Optional.of(new Need(
                        after -> false,
                        "Part " + (i + 1) + ", “" + stages.get(i).step().move().name() + "”, cannot be done here.",
                        "Try its parts one by one as steps: the one that cannot be done says why."));
            }
        }
        return Optional.empty();
    }

    @Override
    public void perform(Hands hands, Values values) {
        stages.forEach(stage -> perform(stage, hands, values));
    }

    private static boolean perform(Stage stage, Hands hands, Values values) {
        Values world = filled(stage, values);
        stage.step().begin(hands, world);
        if (!stage.step().ready(hands, world)) {
            return false;
        }
        stage.step().perform(hands, world);
        return true;
    }

    private static Values filled(Stage stage, Values values) {
        Values world = stage.step().values().another();
        stage.links().forEach(link -> world.set(link.inner(), 0, values.chosen(link.outer(), 0)));
        return world;
    }

    private static Hands copy(Hands hands) {
        Hands surface = hands.another();
        surface.copyFrom(hands);
        return surface;
    }
}
