package craftypocket.core.evening;

import static org.assertj.core.api.Assertions.assertThat;

import craftypocket.core.Demos;
import craftypocket.core.Script;
import craftypocket.core.layout.Place;
import craftypocket.core.read.Plan;
import craftypocket.core.routine.SetUp;
import craftypocket.core.run.SurveyOptions;
import craftypocket.core.run.Surveyor;
import java.io.IOException;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Sets of routines: what they leave one another, and what does not go together. */
class EveningTest {

    private static Act act(String title, Plan plan) {
        return new Act(title, plan, 120, 10, Act.Spot.ANYWHERE, false, 3);
    }

    private static Act demo(String file) throws IOException {
        return Demos.all().stream()
                .filter(demo -> demo.file().startsWith(file))
                .findFirst()
                .map(demo -> act(demo.title(), demo.script().plan()))
                .orElseThrow();
    }

    private static Evening evening(Venue venue, Act... acts) {
        return Evening.of(venue, Arrays.asList(acts), List.of());
    }

    private static SeenBefore seen(String forced) {
        return new SeenBefore("Something else", Method.GLIMPSE, Set.of(forced), "3 March");
    }

    private static List<Conflict.Kind> kinds(Evening evening) {
        return evening.conflicts().stream().map(Conflict::kind).toList();
    }

    private static boolean holds(Plan plan, SetUp setUp) {
        return Surveyor.survey(CarriedOnTest.with(plan, setUp), SurveyOptions.withDefaults())
                .allHold();
    }

    /** The queen is forced from the top by a slip; the routine before leaves her in the middle. */
    @Test
    void resets_are_enough_and_without_them_it_fails() throws IOException {
        Act wager = demo("01-");
        Act slip = demo("10-");

        Evening evening = evening(Venue.ANY, wager, slip);

        Evening.Stage second = evening.stages().get(1);
        assertThat(second.resets().list()).isNotEmpty();
        assertThat(holds(slip.plan(), second.resets().after())).isTrue();
        assertThat(holds(slip.plan(), second.carried())).isFalse();
        // The first begins as it was laid.
        assertThat(evening.stages().get(0).resets().list()).isEmpty();
    }

    @Test
    void the_same_card_forced_twice_is_found_here_and_from_other_nights() throws IOException {
        Evening evening = evening(Venue.ANY, demo("10-"), demo("12-"));

        assertThat(kinds(evening)).contains(Conflict.Kind.SAME_FORCE, Conflict.Kind.SAME_METHOD);
        assertThat(kinds(Evening.of(Venue.ANY, List.of(demo("10-")), List.of(seen("QD")))))
                .contains(Conflict.Kind.SEEN);
        assertThat(kinds(Evening.of(Venue.ANY, List.of(demo("10-")), List.of(seen("QC")))))
                .doesNotContain(Conflict.Kind.SEEN);
    }

    @Test
    void people_recognise_a_routine_and_how_it_is_done() throws IOException {
        Act slip = demo("10-");
        SeenBefore itself = new SeenBefore(slip.title(), Method.FORCE, Set.of("QD"), "3 March");
        SeenBefore another = new SeenBefore("Cut by cut", Method.FORCE, Set.of(), "3 March");

        assertThat(Evening.of(Venue.ANY, List.of(slip), List.of(itself)).conflicts())
                .extracting(Conflict::sentence)
                .containsExactly("They have seen “The loose plank”, on 3 March.");
        assertThat(Evening.of(Venue.ANY, List.of(slip), List.of(another)).conflicts())
                .extracting(Conflict::sentence)
                .containsExactly("They have seen something that works by a force, as “The loose plank” does: "
                        + "“Cut by cut”, on 3 March.");
    }

    @Test
    void everything_is_somewhere_from_the_beginning_to_the_end() throws IOException {
        Evening evening = Evening.of(
                new Venue(true, true, false, false, 4, 0, 3),
                List.of(demo("28-"), demo("22-"), demo("35-")),
                List.of());

        Whereabouts start = evening.whereabouts().get(0);
        assertThat(start.spots().get(Whereabouts.BAG)).containsExactly("packet of “Two cabins”");
        assertThat(start.spots().get(Place.read("pocket:inside").orElseThrow()))
                .containsExactly(
                        "the wallet",
                        "the key case",
                        "the upper key (in the key case)",
                        "the lower key (in the key case)");
        assertThat(start.spots().get(Place.DECK)).containsExactly("the deck, 52 cards");
        assertThat(evening.whereabouts()).hasSize(4);
        assertThat(evening.packList())
                .contains("a deck of 52 cards", "wallet", "envelope", "note: 3 of each, one a table", "a pen");
    }

    @Test
    void one_pocket_for_two_things_is_found() throws IOException {
        Evening evening = evening(Venue.ANY, demo("28-"), demo("35-"));

        assertThat(kinds(evening)).contains(Conflict.Kind.POCKET);
        assertThat(evening.conflicts().stream()
                        .filter(each -> each.kind() == Conflict.Kind.POCKET)
                        .findFirst()
                        .orElseThrow()
                        .sentence())
                .startsWith("The pocket (inside) is for two things: the wallet of “Always on deck” and the key case");
    }

    @Test
    void place_and_people_are_asked_for() {
        Plan atTable = Script.deck(52).step("packets-to-table").plan();
        Act act = act("Packets", atTable);

        assertThat(kinds(evening(new Venue(true, false, true, true, 1, 1, 1), act)))
                .contains(Conflict.Kind.NO_TABLE, Conflict.Kind.TOO_LONG);
        assertThat(kinds(evening(Venue.ANY, act))).isEmpty();
        Plan glimpse = Script.deck(52).step("glimpse").plan();
        Venue dark = new Venue(true, true, true, true, 0, 0, 1);
        assertThat(kinds(evening(dark, act("Glimpse", glimpse)))).contains(Conflict.Kind.LIGHT);
    }

    @Test
    void special_cards_in_a_deck_that_goes_round_are_found() {
        Plan special = Script.deck(52).mark("7C", "short").plan();
        Plan shuffled = Script.deck(52).step("spectator-overhand").plan();

        assertThat(kinds(evening(Venue.ANY, act("Short", special), act("Shuffled", shuffled))))
                .contains(Conflict.Kind.SPECIAL_HANDED_OUT);
        assertThat(kinds(evening(Venue.ANY, act("Plain", Script.deck(52).plan()), act("Shuffled", shuffled))))
                .doesNotContain(Conflict.Kind.SPECIAL_HANDED_OUT);
    }

    @Test
    void an_order_is_lost_by_a_shuffle_and_kept_by_a_cut() {
        Script ordered = Script.deck(52).order("AS KH QC JD 10S 9H 8C");
        Act uses = act("Order", ordered.plan());
        Act shuffles = act(
                "Shuffles",
                Script.deck(52).order("AS KH QC JD 10S 9H 8C").step("faro-in").plan());
        Act cuts = act(
                "Cuts",
                Script.deck(52)
                        .order("AS KH QC JD 10S 9H 8C")
                        .step("complete-cut")
                        .plan());

        assertThat(kinds(evening(Venue.ANY, shuffles, uses))).contains(Conflict.Kind.ORDER_LOST);
        assertThat(kinds(evening(Venue.ANY, cuts, uses))).doesNotContain(Conflict.Kind.ORDER_LOST);
    }

    @Test
    void packets_wait_in_the_bag_and_the_deck_goes_on_past_them() throws IOException {
        Act first = demo("10-");
        Act packet = demo("22-");
        Act last = demo("12-");

        Evening evening = evening(Venue.ANY, first, packet, last);

        assertThat(evening.stages().get(1).resets().list()).isEmpty();
        assertThat(evening.stages().get(2).resets().list())
                .isEqualTo(
                        evening(Venue.ANY, first, last).stages().get(1).resets().list());
        assertThat(evening.forNextTable()).isNotEmpty();
    }

    /** What any of the routines has moved comes back before the next table, that of the first one too. */
    @Test
    void things_of_the_first_routine_come_back_before_the_next_table() {
        Act wallet = act(
                "Wallet",
                Script.deck(52)
                        .thing("wallet", "pocket:inside", "flap")
                        .step("place-thing", "thing", "wallet", "to", "table:mat")
                        .plan());
        Act plain = act("Plain", Script.deck(52).step("false-cut").plan());

        assertThat(evening(Venue.ANY, wallet, plain).forNextTable())
                .extracting(Reset::sentence)
                .containsExactly("Put the wallet back: it belongs in the pocket (inside).");
    }
}
