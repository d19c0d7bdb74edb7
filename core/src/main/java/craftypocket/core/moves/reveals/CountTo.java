package craftypocket.core.moves.reveals;

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

/** So many cards are dealt as a number says; the last is the one. */
final class CountTo extends Move {

    private final RoleSetting role = has(Setting.role("role", "Count to", "A"));
    private final PlaceSetting pile = has(Setting.place("pile", "Deal from", "deck"));
    private final PlaceSetting to = has(Setting.place("to", "To", "table:dealt"));
    private final AmountSetting number = has(Setting.amount("number", "Number", "10")
            .heard()
            .between(always(1), sizeLess(pile, 0))
            .told("the number is #"));

    CountTo() {
        super(
                "count-to",
                Family.REVEALS,
                "Count to it",
                Profile.open(1).onTable(),
                new Words(
                        "Deal {number} cards from {pile} to {to}; turn the last one: it is {role}.",
                        "The dealt cards lie in reverse; the last lies on top, face up.",
                        "Let them count aloud.",
                        List.of("One card a number.", "Stop before the last one, and let them turn it.")));
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.apart(pile, to, values), Needs.chosen(role, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        hands.deal(values.of(pile), values.of(number), values.of(to));
        hands.lieFaceUp(values.of(to), 1, true);
        hands.showing().showTop(values.of(to), 1);
    }

    @Override
    public List<Expectation> expectations(Values values) {
        return List.of(
                Reveals.backUp(role, values),
                new Expectation(
                        Checks.position(values.of(to), values.of(role), 1, true),
                        "The last card counted is " + values.roleLabel(role),
                        false));
    }
}
