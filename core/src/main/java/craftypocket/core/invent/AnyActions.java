package craftypocket.core.invent;

import craftypocket.core.claims.ClaimSpec;
import craftypocket.core.layout.Hands;
import craftypocket.core.layout.Place;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Profile;
import craftypocket.core.read.Plan;
import craftypocket.core.routine.Step;
import craftypocket.core.settings.Amount;
import craftypocket.core.settings.Cast;
import craftypocket.core.settings.ChunksSetting;
import craftypocket.core.settings.Option;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Whatever changes where cards lie and leaves nothing to luck, with every setting worth trying on a layout. */
final class AnyActions {

    /** Chunks that are exact, to find what comes of them. */
    static final String EXACT_CHUNKS = "7 8 6 rest";

    /** The same as hands do it. */
    static final String ROUGH_CHUNKS = "7±2 8±2 6±2 rest";

    /** Small numbers that are worth trying anywhere. */
    private static final int SMALL = 5;

    /** Of a move with more amounts than this the others stay as usual: all of them together are too many. */
    private static final int VARIED_AMOUNTS = 2;

    /** So many piles beside the deck are tried. */
    private static final int MOST_PILES = 3;

    private static final Set<Family> FAMILIES = EnumSet.of(
            Family.CUTS,
            Family.SHUFFLES,
            Family.SELECTIONS,
            Family.CONTROLS,
            Family.FORCES,
            Family.HANDLING,
            Family.COUNTS,
            Family.LOADS);

    private final Plan plan;
    private final Hands there;
    private final List<String> numbers;
    private final List<String> piles;

    private AnyActions(Plan plan, Hands there, ClaimSpec goal) {
        this.plan = plan;
        this.there = there;
        numbers = numbers(plan, there, goal);
        piles = IntStream.range(1, there.placeCount())
                .filter(place -> there.size(place) > 0)
                .mapToObj(place -> there.places().at(place))
                .filter(place -> place.kind().open())
                .map(Place::text)
                .limit(MOST_PILES)
                .toList();
    }

    /** @param there where all lies in the usual way */
    static List<Step> of(List<Move> moves, Plan plan, Hands there, ClaimSpec goal) {
        AnyActions actions = new AnyActions(plan, there, goal);
        List<Step> all = new ArrayList<>();
        for (Move move : moves) {
            if (bridges(move)) {
                for (Map<String, String> settings : Settings.each(move, setting -> actions.texts(move, setting))) {
                    all.add(new Step("candidate" + all.size(), move.id(), settings, Optional.empty()));
                }
            }
        }
        return all;
    }

    /** Whether it is something that the performer does to cards, or has done to them, and nothing is left to luck in it. */
    static boolean bridges(Move move) {
        boolean chance = move.settings().all().stream().anyMatch(s -> s.kind() == Setting.Kind.CHANCE);
        boolean theirs = move.profile().actor() == Profile.Actor.SPECTATOR && move.family() != Family.SELECTIONS;
        return FAMILIES.contains(move.family()) && !theirs && !chance;
    }

    /** What comes of all differences between where named cards lie, where they should, and how many cards there are; and small numbers. */
    private static List<String> numbers(Plan plan, Hands there, ClaimSpec goal) {
        Set<Integer> numbers = new TreeSet<>();
        IntStream.rangeClosed(1, SMALL).forEach(numbers::add);
        Set<Integer> asked = new TreeSet<>();
        goal.settings().values().stream()
                .flatMap(text -> Amount.read(text).stream())
                .filter(amount -> amount.kind() == Amount.Kind.EXACT)
                .map(Amount::low)
                .forEach(asked::add);
        int cards = there.size(0);
        for (int number : asked) {
            numbers.addAll(List.of(number, number - 1, cards - number, cards - number + 1));
        }
        for (int role = 0; role < plan.cast().parts().size(); role++) {
            int position = there.cardOf(role) < 0 ? 0 : there.positionIn(0, there.cardOf(role));
            if (position > 0) {
                numbers.addAll(List.of(position - 1, position, cards - position, cards - position + 1));
                for (int number : asked) {
                    numbers.add(Math.floorMod(position - number, Math.max(1, cards)));
                    numbers.add(Math.floorMod(position - (cards - number + 1), Math.max(1, cards)));
                }
            }
        }
        return numbers.stream().filter(n -> n > 0).map(String::valueOf).toList();
    }

    private List<String> texts(Move move, Setting setting) {
        return switch (setting.kind()) {
            case AMOUNT -> amounts(move, setting);
            case CHUNKS -> chunks(move, (ChunksSetting) setting);
            case OPTION -> setting.options().stream().map(Option::name).toList();
            case ROLE -> roles((RoleSetting) setting);
            case PLACE -> places(setting);
            default -> usual(setting);
        };
    }

    private static List<String> usual(Setting setting) {
        return List.of(setting.usual());
    }

    /** Piles in the open are tried for each other. */
    private List<String> places(Setting setting) {
        boolean open =
                Place.read(setting.usual()).filter(place -> place.kind().open()).isPresent();
        return open
                ? Stream.concat(Stream.of(setting.usual()), piles.stream())
                        .distinct()
                        .toList()
                : usual(setting);
    }

    /** Whether a move has fewer than so many settings of its kind before this one. */
    private static boolean among(Move move, Setting setting, int first) {
        return move.settings().all().stream()
                        .filter(other -> other.kind() == setting.kind())
                        .toList()
                        .indexOf(setting)
                < first;
    }

    private List<String> amounts(Move move, Setting setting) {
        if (setting.decider() == Setting.Decider.SPECTATOR) {
            return usual(setting);
        }
        return among(move, setting, VARIED_AMOUNTS) ? numbers : usual(setting);
    }

    /** The first shuffle of a move is varied: also so many first and then the rest. The others are done as hands do them. */
    private List<String> chunks(Move move, ChunksSetting setting) {
        if (setting.partial()) {
            return List.of("5");
        }
        return among(move, setting, 1)
                ? Stream.concat(
                                Stream.of(EXACT_CHUNKS, "rest"),
                                numbers.stream().map(number -> number + " rest"))
                        .toList()
                : List.of(EXACT_CHUNKS);
    }

    /** A card that comes back is out, one that is to become somebody’s is nobody’s yet. */
    private List<String> roles(RoleSetting setting) {
        if (setting.optional()) {
            return usual(setting);
        }
        List<String> fitting = new ArrayList<>();
        List<Cast.Part> parts = plan.cast().parts();
        for (int role = 0; role < parts.size(); role++) {
            int card = there.cardOf(role);
            boolean fits = switch (setting.use()) {
                case MAKES -> card < 0;
                case RETURNS -> card >= 0 && there.placeOf(card) != 0;
                case NAMES -> true;
            };
            if (fits) {
                fitting.add(parts.get(role).letter());
            }
        }
        return fitting;
    }
}
