package craftypocket.core.edit;

import craftypocket.core.cards.CardText;
import craftypocket.core.cards.Pack;
import craftypocket.core.layout.Pile;
import craftypocket.core.layout.Place;
import craftypocket.core.moves.Catalogue;
import craftypocket.core.read.Plan;
import craftypocket.core.read.PlanReader;
import craftypocket.core.routine.Placement;
import craftypocket.core.routine.Role;
import craftypocket.core.routine.RoleKind;
import craftypocket.core.routine.Routine;
import craftypocket.core.routine.SetUp;
import craftypocket.core.run.Trace;
import craftypocket.core.run.Tracer;
import craftypocket.core.run.World;
import craftypocket.core.settings.ProblemsFound;
import craftypocket.core.settings.RoleSetting;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Finds the role that a setting of a new step is about, and makes one where there is none. */
final class Casting {

    /** Made-up people, taken in order. */
    private static final List<String> PEOPLE =
            List.of("Ines", "Bruno", "Orla", "Tove", "Jorun", "Emil", "Sanna", "Piet", "Ulla", "Marek", "Alba", "Nils");

    /** Cards for keys and force cards of which nobody said which they are, taken in order. */
    private static final List<String> CARDS = List.of("9C", "QH", "4S", "JD", "7C", "2H", "10S", "5D");

    /** So many cards keep together in a slug of which nobody said more: the four of a kind, most often. */
    private static final int SLUG = 4;

    private static final String LETTERS = "ABCDEFGHIJKLMNOPQRSTUVWXYZ";
    private static final Map<RoleKind, String> FIRST_LETTERS =
            Map.of(RoleKind.KEY, "K", RoleKind.FORCE, "F", RoleKind.HELPER, "H", RoleKind.SLUG, "S");

    private final Routine routine;
    /** The layouts until there; none while the line cannot be read. */
    private final Optional<Trace> trace;

    private final Optional<Plan> plan;

    /** @param line what is done before the step, as a routine of its own */
    Casting(Routine routine, Routine line, World world, Catalogue catalogue) {
        this.routine = routine;
        plan = read(line.withClaims(List.of()), catalogue);
        trace = plan.map(read -> Tracer.trace(read, world));
    }

    private static Optional<Plan> read(Routine line, Catalogue catalogue) {
        try {
            return Optional.of(PlanReader.read(line, catalogue));
        } catch (ProblemsFound notYet) {
            return Optional.empty();
        }
    }

    /**
     * The letter of a role that fits a setting: nobody's card yet where one is made, the one that is out where it comes back.
     *
     * @param taken the letters that other settings of the step have
     */
    Optional<String> fitting(RoleSetting setting, Collection<String> taken) {
        List<Role> ofKind = routine.roles().stream()
                .filter(role -> role.kind() == RoleKind.ofLetter(setting.usual()))
                .toList();
        List<Role> free =
                ofKind.stream().filter(role -> !taken.contains(role.letter())).toList();
        Optional<Role> role = switch (setting.use()) {
            case MAKES -> first(free, this::unchosen);
            case RETURNS -> first(free, this::out).or(() -> first(free, each -> true));
            case NAMES ->
                first(free, each -> !unchosen(each))
                        .or(() -> first(free, each -> true))
                        .or(() -> first(ofKind, each -> true));
        };
        return role.map(Role::letter);
    }

    /** The same for a card of a person: theirs, or where one is made and theirs is made already, none. */
    Optional<String> theirs(RoleSetting setting, String person) {
        List<Role> theirs = routine.roles().stream()
                .filter(role ->
                        role.kind() == RoleKind.SELECTION && role.owner().equals(person))
                .toList();
        Optional<Role> role = setting.use() == RoleSetting.Use.MAKES
                ? first(theirs, this::unchosen)
                : theirs.isEmpty() ? Optional.empty() : Optional.of(theirs.get(theirs.size() - 1));
        return role.map(Role::letter);
    }

    private static Optional<Role> first(List<Role> roles, Predicate<Role> fits) {
        return roles.stream().filter(fits).findFirst();
    }

    private boolean unchosen(Role role) {
        return now(role).filter(Trace.RoleState::chosen).isEmpty();
    }

    private boolean out(Role role) {
        return now(role)
                .filter(state -> state.chosen() && !state.place().equals(Place.DECK))
                .isPresent();
    }

    /** Where the card of a role is before the step. */
    private Optional<Trace.RoleState> now(Role role) {
        return trace.map(Trace::moments).flatMap(moments -> {
            int index = plan.orElseThrow().routine().roles().indexOf(role);
            List<Trace.RoleState> roles = moments.get(moments.size() - 1).roles();
            return index < 0 || index >= roles.size() ? Optional.empty() : Optional.of(roles.get(index));
        });
    }

    /** The routine with a role more, with the next free letter of its kind, and for a selection somebody whose card it is. */
    static Routine made(Routine routine, RoleKind kind, String owner, String card) {
        if (routine.roles().size() >= Routine.MOST_ROLES) {
            throw Edited.refused(
                    "roles",
                    String.valueOf(Routine.MOST_ROLES),
                    "more cards than these cannot be told apart on a deck",
                    "Take out one that you do not follow any more");
        }
        List<Role> roles = new ArrayList<>(routine.roles());
        roles.add(new Role(freeLetter(routine, kind), kind, owner, card));
        return routine.withRoles(roles);
    }

    private static String freeLetter(Routine routine, RoleKind kind) {
        int start = LETTERS.indexOf(FIRST_LETTERS.getOrDefault(kind, "A"));
        String order = LETTERS.substring(start) + LETTERS.substring(0, start);
        return Arrays.stream(order.split(""))
                .filter(letter ->
                        routine.roles().stream().noneMatch(role -> role.letter().equals(letter)))
                .findFirst()
                .orElseThrow();
    }

    /** Somebody who has no card yet; the first when everybody has one. */
    static String nextPerson(Routine routine) {
        return PEOPLE.stream()
                .filter(person ->
                        routine.roles().stream().noneMatch(role -> role.owner().equals(person)))
                .findFirst()
                .orElse(PEOPLE.get(0));
    }

    /**
     * The routine with a role that a step needs. A key or a force card is somewhere: the bottom card, or the top card; a slug is the
     * top cards.
     */
    Routine made(RoleKind kind) {
        return switch (kind) {
            case KEY -> made(kind, true, 1);
            case FORCE -> made(kind, false, 1);
            case SLUG -> made(kind, false, SLUG);
            case SELECTION -> made(routine, kind, nextPerson(routine), "");
            case HELPER -> made(routine, kind, "", "");
        };
    }

    /** With a role of cards at an end of the deck: those of which the set-up says that they lie there, or some that it lays there then. */
    private Routine made(RoleKind kind, boolean atBottom, int cards) {
        List<String> lying = lying(atBottom).distinct().limit(cards).toList();
        if (lying.size() >= Math.min(2, cards)) {
            return made(routine, kind, "", String.join(" ", lying));
        }
        List<String> free = CARDS.stream()
                .filter(this::inPack)
                .filter(card -> !spokenOf(card))
                .limit(cards)
                .toList();
        if (free.size() < Math.min(2, cards)) {
            // A small packet has no others: which ones it is about is for the performer to say.
            return made(routine, kind, "", cards == 1 ? "" : firstCodes(pack()));
        }
        List<Placement> placements = new ArrayList<>(routine.setUp().placements());
        int nth = 1;
        for (String card : free) {
            while (taken(nth, atBottom)) {
                nth++;
            }
            placements.add(new Placement(card, nth++, atBottom));
        }
        SetUp laid = routine.setUp().laid(routine.setUp().order(), placements);
        return made(routine.with(laid), kind, "", String.join(" ", free));
    }

    private static String firstCodes(Pack pack) {
        if (pack.size() < 2) {
            throw Edited.refused("setUp.pack", "1 card", "a slug has two cards or more", "Use more cards");
        }
        List<String> codes =
                pack.cards().stream().map(CardText::code).distinct().limit(2).toList();
        return codes.size() < 2 ? "#1 #2" : String.join(" ", codes);
    }

    /** From an end of the deck on, the codes of the cards of which the set-up says that they lie there and that no role has. */
    private Stream<String> lying(boolean atBottom) {
        if (plan.isEmpty()) {
            return Stream.empty();
        }
        Pile deck = trace.orElseThrow().moments().get(0).layout().at(Place.DECK);
        return IntStream.rangeClosed(1, deck.size())
                .map(nth -> deck.card(atBottom ? deck.size() + 1 - nth : nth))
                .takeWhile(card -> !plan.get().arrangement().unstated(card))
                .mapToObj(card -> CardText.code(pack().card(card)))
                .takeWhile(code -> routine.roles().stream()
                        .noneMatch(
                                role -> CardText.split(role.card()).stream().anyMatch(own -> Laying.same(own, code))));
    }

    private Pack pack() {
        return plan.map(Plan::pack).orElseGet(Pack::of52);
    }

    private boolean inPack(String card) {
        return pack().find(card, number -> true) >= 0;
    }

    private boolean spokenOf(String card) {
        return Stream.of(
                        routine.setUp().placements().stream().map(Placement::card),
                        routine.roles().stream().flatMap(role -> CardText.split(role.card()).stream()),
                        CardText.split(routine.setUp().order()).stream(),
                        routine.setUp().piles().stream().flatMap(pile -> CardText.split(pile.cards()).stream()))
                .flatMap(texts -> texts)
                .anyMatch(text -> Laying.same(text, card));
    }

    private boolean taken(int nth, boolean fromBottom) {
        return routine.setUp().placements().stream()
                .anyMatch(placement -> placement.nth() == nth && placement.fromBottom() == fromBottom);
    }
}
