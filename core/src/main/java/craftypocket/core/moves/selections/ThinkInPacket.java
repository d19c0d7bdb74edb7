package craftypocket.core.moves.selections;

import craftypocket.core.layout.Hands;
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

/**
 * A spectator looks at the faces, stops at a thought-of card at p, tables the cards nearer the face and keeps {@code
 * D[1..p]}, with that card on its face.
 */
final class ThinkInPacket extends Move {

    private final RoleSetting role = has(Setting.role("role", "Becomes", "A").becomes());
    private final PlaceSetting pile = has(Setting.place("pile", "They look through", "deck"));
    private final AmountSetting at = has(Setting.amount("at", "Where they stop", "any")
            .asPlace()
            .between(always(1), sizeLess(pile, 0))
            .bySpectator()
            .told("they think of card #"));
    private final PlaceSetting rest = has(Setting.place("rest", "The others are put", "table:rest"));

    ThinkInPacket() {
        super(
                "think-in-packet",
                Family.SELECTIONS,
                "Think of a card, keep the packet",
                Profile.bySpectator().onTable(),
                new Words(
                        "They think of {role} {at at}, keep the packet with it on the face, and the others go to {rest}.",
                        "Two piles: the packet from the top down to the thought-of card in their hand, the others beside.",
                        "Turn your head away: the less you see, the better.",
                        List.of(
                                "Say clearly: the cards you have passed go down.",
                                "They must keep at least two cards.")));
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.owned(role, values), Needs.open(role, values), Needs.apart(pile, rest, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        int from = values.of(pile);
        int kept = values.of(at);
        int chosen = values.of(role);
        hands.choose(chosen, hands.card(from, kept));
        hands.transfer(from, kept, hands.size(from) - kept, values.of(rest), 0);
        hands.transfer(from, 0, kept, values.ownerPlace(role), 0);
        hands.learnName(values.ownerKnower(role), chosen);
    }
}
