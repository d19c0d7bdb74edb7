package craftypocket.core.moves.forces;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Expectation;
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

/** Cards are drawn from the bottom to the table until they stop; the bottom card, held back so far, is then drawn. */
final class ForceGlide extends Move {

    private final RoleSetting role = has(Forces.forceCard());
    private final PlaceSetting pile = has(Setting.place("pile", "Draw from", "deck"));
    private final PlaceSetting to = has(Setting.place("to", "Drawn cards to", "table:drawn"));
    private final AmountSetting at = has(Setting.amount("at", "Cards drawn before they stop", "any")
            .between(always(0), sizeLess(pile, 1))
            .bySpectator()
            .heard()
            .told("they stop after #"));

    ForceGlide() {
        super(
                "force-glide",
                Family.FORCES,
                "Force by a glide",
                Profile.secret(2, "from below").onTable(),
                new Words(
                        "Draw cards from the bottom of {pile} to {to} until they stop ({at} cards); {role}, held back on the bottom, is drawn next.",
                        "The bottom card is chosen wherever they stop. The drawn cards lie in their order.",
                        "Look at them as you draw.",
                        List.of(
                                "The bottom card is drawn back before the first is taken.",
                                "The deck is held high enough.")));
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.apart(pile, to, values), Needs.chosen(role, values));
    }

    @Override
    public List<Expectation> expectations(Values values) {
        return List.of(Expectation.onBottom(pile, role, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        for (int drawn = 0; drawn < values.of(at); drawn++) {
            hands.single(place, hands.size(place) - 2, values.of(to), 0);
        }
        Forces.take(hands, values, role, place, hands.size(place));
    }

    @Override
    public List<Mishap> mishaps() {
        return List.of(new Mishap("the bottom card was not drawn back", (hands, values) -> {
            int place = values.of(pile);
            for (int drawn = 0; drawn < values.of(at); drawn++) {
                hands.single(place, hands.size(place) - 1, values.of(to), 0);
            }
            Forces.take(hands, values, role, place, hands.size(place));
        }));
    }
}
