package craftypocket.core.moves.forces;

import craftypocket.core.claims.Checks;
import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Expectation;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;
import java.util.Optional;

/** A number from 10 to 19 is dealt, and its digits' sum counted back: it is always the tenth card. */
final class ForceCountSum extends Move {

    private static final int TENTH = 10;
    private static final int MOST = 19;

    private final RoleSetting role = has(Forces.forceCard());
    private final PlaceSetting pile = has(Setting.place("pile", "Deal from", "deck"));
    private final PlaceSetting to = has(Setting.place("to", "To", "table:dealt"));
    private final AmountSetting number = has(Setting.amount("number", "Number they name", "10-19")
            .heard()
            .between(always(TENTH), always(MOST))
            .bySpectator()
            .told("they name #"));

    ForceCountSum() {
        super(
                "force-count-sum",
                Family.FORCES,
                "Force by the sum of digits",
                Profile.open(1).onTable(),
                new Words(
                        "They name a number from 10 to 19 ({number}): deal that many from {pile} to {to}, count back the sum of its digits, and the last card counted is {role}.",
                        "The tenth card is chosen whatever the number; the counted cards are back on the deck, the first nine are left in reverse.",
                        "Let them add the digits aloud.",
                        List.of("One card at a time, both ways.", "The tenth card, not the ninth or the eleventh.")));
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.apart(pile, to, values), Needs.chosen(role, values));
    }

    /** They name what they like; there may be fewer cards than that. */
    @Override
    public Optional<Need> unmet(Hands hands, Values world) {
        return hands.size(world.of(pile)) >= world.of(number)
                ? Optional.empty()
                : Optional.of(new Need(
                        after -> false,
                        "There are fewer cards in " + world.placeLabel(pile) + " than the number they name.",
                        "Use a larger pile, or ask for a smaller number."));
    }

    @Override
    public List<Expectation> expectations(Values values) {
        return List.of(new Expectation(
                Checks.position(values.of(pile), values.of(role), TENTH, true),
                "Before it, " + values.roleLabel(role) + " is tenth from the top of " + values.placeLabel(pile),
                true));
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        int dealt = values.of(number);
        hands.deal(place, dealt, values.of(to));
        hands.deal(values.of(to), dealt / 10 + dealt % 10, place);
        Forces.take(hands, values, role, place, 1);
    }
}
