package craftypocket.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import craftypocket.core.Demos;
import craftypocket.core.claims.ClaimSpec;
import craftypocket.core.layout.Place;
import craftypocket.core.moves.AllMoves;
import craftypocket.core.read.PlanReader;
import craftypocket.core.routine.Attention;
import craftypocket.core.routine.Look;
import craftypocket.core.routine.Occasion;
import craftypocket.core.routine.Out;
import craftypocket.core.routine.OwnMove;
import craftypocket.core.routine.Role;
import craftypocket.core.routine.RoleKind;
import craftypocket.core.routine.Routine;
import craftypocket.core.routine.RoutineClaim;
import craftypocket.core.routine.SetUp;
import craftypocket.core.routine.Step;
import craftypocket.core.run.Trace;
import craftypocket.core.run.Tracer;
import craftypocket.core.run.World;
import craftypocket.core.settings.ProblemsFound;
import craftypocket.core.settings.Renamed;
import craftypocket.core.settings.Renamed.Kind;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** A new name is followed wherever the old one stood; the routine means the same. Places where names stand were written down by hand. */
class RenamingTest {

    /** Names stand wherever they can. */
    private static final Routine EVERYWHERE = new Routine(
            new SetUp(
                    "52",
                    "",
                    "",
                    List.of(new SetUp.LaidPile("spectator:Bruno", "KC"), new SetUp.LaidPile("table:left", "KD")),
                    List.of(),
                    List.of(),
                    false,
                    "",
                    List.of(
                            new SetUp.LaidThing("wallet", "pocket:inside", 0, "", 60, 90, "open", true, ""),
                            new SetUp.LaidThing("note", "in:wallet", 0, "", 0, 0, "none", true, "")),
                    false),
            List.of(new Role("A", RoleKind.SELECTION, "Bruno", ""), new Role("K", RoleKind.KEY, "", "9C")),
            List.of(
                    Step.of("pick", "spread-pick", "role", "A", "at", "any"),
                    Step.of("back", "return-on-lower", "role", "A", "at", "from A+1"),
                    Step.of("cut", "complete-cut", "depth", "as back.at±2")
                            .with(new Attention(Look.AS_TAUGHT, Look.AS_TAUGHT, Look.AS_TAUGHT, "pick"))
                            .onlyIf(ClaimSpec.of("directly-below", "role", "A", "of", "K")
                                    .or(ClaimSpec.of("lies", "role", "A", "place", "spectator:Bruno"))),
                    Step.of("lift", "lift-packet", "to", "spectator:Bruno", "count", "size of table:left"),
                    Step.of("load", "put-in", "what", "role", "role", "A", "from", "deck", "into", "in:wallet"),
                    Step.of("show", "show-card", "at", "letters of A in german", "whom", "Bruno"),
                    Step.of("mine", "own-mine", "where", "table:left", "whose", "A")),
            List.of(
                    new RoutineClaim(
                            "c1", "cut", ClaimSpec.of("never-seen", "face", "A", "who", "Bruno", "since", "pick")),
                    new RoutineClaim("c2", "", ClaimSpec.of("thing-lies", "thing", "wallet", "place", "table:left")),
                    new RoutineClaim("c3", "", ClaimSpec.of("number-was", "number", "back.at", "is", "20"))),
            List.of(new OwnMove(
                    "own-mine",
                    "Mine",
                    "",
                    1,
                    List.of(
                            new OwnMove.OwnSetting("where", "Where", "table:left"),
                            new OwnMove.OwnSetting("whose", "Whose", "A")),
                    List.of(
                            new OwnMove.Part("lift-packet", Map.of("to", "=where", "count", "3")),
                            new OwnMove.Part("drop-packet", Map.of("packet", "table:left", "pile", "spectator:Bruno")),
                            new OwnMove.Part("name-it", Map.of("role", "=whose"))))),
            List.of(new Out(
                    "o1",
                    Occasion.OTHER,
                    "pick",
                    List.of(Step.of("w", "hand-over", "to", "spectator:Bruno")),
                    "lift")));

    private static String renamed(Kind kind, String from, String to) {
        return Renaming.of(EVERYWHERE, new Renamed(kind, from, to), AllMoves.CATALOGUE)
                .routine()
                .toString();
    }

    /** The old routine as text, with the places that were counted by hand. */
    private static int times(String text, String word) {
        return text.split(java.util.regex.Pattern.quote(word), -1).length - 1;
    }

    @Test
    void a_person_is_followed_to_hands_claims_own_moves_and_outs() {
        String changed = renamed(Kind.PERSON, "Bruno", "Tom");

        assertThat(changed).doesNotContain("Bruno");
        // Pile, owner, condition, lift, shown to, claim, own move, out.
        assertThat(times(changed, "Tom")).isEqualTo(8);
    }

    @Test
    void a_role_is_followed_into_numbers_and_claims() {
        String changed = renamed(Kind.ROLE, "A", "Z");

        assertThat(changed)
                .contains(
                        "letter=Z",
                        "at=from Z+1",
                        "at=letters of Z in german",
                        "face=Z",
                        "whose=Z",
                        "usual=Z",
                        "role=Z")
                .doesNotContain("role=A", "face=A", "from A", "of A ");
    }

    @Test
    void a_thing_a_pile_and_a_step_are_followed() {
        assertThat(renamed(Kind.THING, "wallet", "purse"))
                .doesNotContain("wallet")
                .contains("place=in:purse", "into=in:purse", "thing=purse");
        assertThat(renamed(Kind.PILE, "table:left", "table:mine"))
                .doesNotContain("table:left")
                .contains("size of table:mine", "usual=table:mine", "packet=table:mine");
        String steps = renamed(Kind.STEP, "back", "home");
        assertThat(steps).doesNotContain("back").contains("as home.at±2", "number=home.at", "id=home");
        assertThat(renamed(Kind.STEP, "pick", "take"))
                .contains("cover=take", "since=take", "after=take")
                .doesNotContain("=pick");
    }

    @Test
    void names_that_are_not_there_or_taken_are_refused_in_words() {
        for (Renamed wrong : List.of(
                new Renamed(Kind.PERSON, "Ines", "Tom"),
                new Renamed(Kind.ROLE, "A", "K"),
                new Renamed(Kind.THING, "wallet", "note"),
                new Renamed(Kind.STEP, "pick", "cut"),
                new Renamed(Kind.PILE, "table:left", "pocket:inside"),
                new Renamed(Kind.THING, "wallet", " "))) {
            assertThatThrownBy(() -> Renaming.of(EVERYWHERE, wrong, AllMoves.CATALOGUE))
                    .as(wrong.toString())
                    .isInstanceOf(ProblemsFound.class);
        }
    }

    /** Each name of each demo: its routine reads and goes the same way, and so once more when the name is back. */
    @Test
    void demos_mean_the_same_under_other_names() throws IOException {
        int names = 0;
        for (Demos.Demo demo : Demos.all()) {
            Routine routine = demo.script().routine();
            for (Renamed name : namesOf(routine)) {
                Routine changed = Renaming.of(routine, name, AllMoves.CATALOGUE).routine();
                Renamed back = new Renamed(name.kind(), name.to(), name.from());

                Routine again = Renaming.of(changed, back, AllMoves.CATALOGUE).routine();

                assertThat(where(changed, back)).as(demo.file() + " " + name).isEqualTo(where(routine, null));
                assertThat(where(again, null)).as(demo.file() + " " + name).isEqualTo(where(routine, null));
                names++;
            }
        }
        assertThat(names).isGreaterThan(250);
    }

    private static List<Renamed> namesOf(Routine routine) {
        List<Renamed> names = new ArrayList<>();
        routine.roles().forEach(role -> names.add(new Renamed(Kind.ROLE, role.letter(), "Z")));
        routine.roles().stream()
                .map(Role::owner)
                .filter(owner -> !owner.isEmpty())
                .distinct()
                .forEach(owner -> names.add(new Renamed(Kind.PERSON, owner, "Zuzana")));
        routine.setUp().things().forEach(thing -> names.add(new Renamed(Kind.THING, thing.name(), "zither")));
        routine.steps().forEach(step -> names.add(new Renamed(Kind.STEP, step.id(), "zzz")));
        return names;
    }

    /** Where all cards lie after every step, and what holds, with places as they were called. */
    private static List<String> where(Routine routine, Renamed back) {
        Trace trace = Tracer.trace(PlanReader.read(routine, AllMoves.CATALOGUE), World.USUAL);
        List<String> where = new ArrayList<>(List.of(trace.outcomes().toString()));
        for (Trace.Moment moment : trace.moments()) {
            where.addAll(moment.layout().piles().stream()
                    .map(pile -> name(pile.place(), back) + " " + java.util.Arrays.toString(pile.slots()))
                    .sorted()
                    .toList());
        }
        return where;
    }

    private static String name(Place place, Renamed back) {
        return Optional.ofNullable(back)
                .map(renamed -> renamed.place(place.text()))
                .orElse(place.text());
    }

    @Test
    void it_is_told_in_how_many_steps() {
        assertThat(Renaming.of(EVERYWHERE, new Renamed(Kind.PERSON, "Bruno", "Tom"), AllMoves.CATALOGUE)
                        .says())
                .isEqualTo("Bruno is called Tom now, in 4 steps.");
    }
}
