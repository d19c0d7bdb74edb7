package craftypocket.core.moves.forces;

import craftypocket.core.claims.Checks;
import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** A number from 10 to 19 is dealt, and its digits' sum counted back: it is always the tenth card. */
final class ForceCountSum extends Move {

    private static final int TENTH = 10;

    private final Setting role = has(Forces.forceCard());
    private final Setting pile = has(Setting.place("pile", "Deal from", "deck"));
    private final Setting to = has(Setting.place("to", "To", "table:dealt"));
    private final Setting number = has(Setting.amount("number", "Number they name", "10-19")
            .between(always(TENTH), (hands, values) -> Math.min(19, hands.size(values.of(pile))))
            .bySpectator()
            .told("they name #"));

    ForceCountSum() {
        super(
                "force-count-sum",
                Family.FORCES,
                "Force by the sum of digits",
                Profile.open(1).onTable(),
                new Words(
                        "They name a number from 10 to 19 ({number}): deal so many from {pile} to {to}, count back the sum of its digits, and the last card counted is {role}.",
                        "The tenth card is chosen whatever the number; the counted cards are back on the deck, the first nine are left in reverse.",
                        "Let them add the digits aloud.",
                        List.of("One card at a time, both ways.", "The tenth card, not the ninth or the eleventh.")));
    }

    @Override
    public List<Need> needs(Values values) {
        int place = values.of(pile);
        return List.of(
                Needs.apart(pile, to, values),
                new Need(
                        Checks.position(place, values.of(role), TENTH, true),
                        values.roleLabel(role) + " is not tenth from the top of " + values.placeLabel(pile) + ".",
                        "Bring it to the tenth place first, or place it there in the set-up."));
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        int dealt = values.of(number);
        hands.deal(place, dealt, values.of(to), false);
        hands.deal(values.of(to), dealt / 10 + dealt % 10, place, false);
        Forces.take(hands, values, role, place, 1);
    }
}
