package craftypocket.core.moves.selections;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Mishap;
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

/** {@code reverse(D[1..N−1]) + D[N..n]}: the old top card lies directly above the card at the secret number. */
final class DealToNumber extends Move {

    private final RoleSetting role = has(Setting.role("role", "Becomes", "A").becomes());
    private final PlaceSetting pile = has(Setting.place("pile", "Deal from", "deck"));
    private final PlaceSetting to = has(Setting.place("to", "Dealt to", "table:dealt"));
    private final AmountSetting at = has(Setting.amount("at", "Their number", "1-12")
            .countedUnseen()
            .between(always(1), sizeLess(pile, 0))
            .bySpectator()
            .told("they think of #"));

    DealToNumber() {
        super(
                "deal-to-number",
                Family.SELECTIONS,
                "Deal to a secret number",
                Profile.bySpectator().onTable(),
                new Words(
                        "They think of a number, deal all but one of that many from {pile} to {to}, remember the next as {role} ({nth at}) and drop the dealt cards back on it.",
                        "The dealt cards are reversed on top: the old top card lies directly above the remembered one. At one, it is that card itself.",
                        "Look away: there is nothing for you to see.",
                        List.of(
                                "Say it slowly: deal one fewer than your number.",
                                "They must put the remembered card back first.",
                                "If you hear no card dealt, they have the top card itself.")));
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.owned(role, values), Needs.open(role, values), Needs.apart(pile, to, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        int dealt = values.of(at) - 1;
        int chosen = values.of(role);
        hands.choose(chosen, hands.card(place, dealt + 1));
        hands.deal(place, dealt, values.of(to));
        hands.transfer(values.of(to), 0, dealt, place, 0);
        hands.learnName(values.ownerKnower(role), chosen);
    }

    @Override
    public List<Mishap> mishaps() {
        return List.of(new Mishap("the dealt cards were put underneath", (hands, values) -> {
            int place = values.of(pile);
            int dealt = values.of(at) - 1;
            hands.choose(values.of(role), hands.card(place, dealt + 1));
            hands.deal(place, dealt, values.of(to));
            hands.transfer(values.of(to), 0, dealt, place, hands.size(place));
            hands.learnName(values.ownerKnower(role), values.of(role));
        }));
    }
}
