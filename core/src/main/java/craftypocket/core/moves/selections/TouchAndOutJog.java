package craftypocket.core.moves.selections;

import craftypocket.core.layout.Hands;
import craftypocket.core.layout.Hold;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Trait;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** A spectator touches the card at p; it stays in the spread, out-jogged, and is shown. */
final class TouchAndOutJog extends Move {

    private final RoleSetting role = has(Setting.role("role", "Becomes", "A").becomes());
    private final PlaceSetting pile = has(Setting.place("pile", "Spread", "deck"));
    private final AmountSetting at = has(Setting.amount("at", "Where they touch", "any")
            .asPlace()
            .between(always(1), sizeLess(pile, 0))
            .bySpectator()
            .told("they touch card #"));

    TouchAndOutJog() {
        super(
                "touch-and-out-jog",
                Family.SELECTIONS,
                "Touch a card, out-jog it",
                Profile.open(1),
                new Words(
                        "Spread {pile}: {role} is touched {at at}, left out-jogged and shown.",
                        "No card moves. The card sticks out at the front until a move uses that or loses it.",
                        "Turn your head away as they look at it.",
                        List.of("Jog it far enough to be sure, no further.", "They see the face, you do not.")));
        is(Trait.JOGS);
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.owned(role, values), Needs.open(role, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        hands.showing().spread(values.of(pile), hands.size(values.of(pile)));
        int chosen = values.of(role);
        hands.choose(chosen, hands.card(values.of(pile), values.of(at)));
        hands.learnName(values.ownerKnower(role), chosen);
        hands.hold(values.of(pile), Hold.Kind.OUT_JOG, values.of(at) - 1);
    }
}
