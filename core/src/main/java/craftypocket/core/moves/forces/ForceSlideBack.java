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

/** Cards are drawn back from the top until they stop, and the bottom card underneath with them. */
final class ForceSlideBack extends Move {

    private final RoleSetting role = has(Forces.forceCard());
    private final PlaceSetting pile = has(Setting.place("pile", "Draw from", "deck"));
    private final AmountSetting at = has(Setting.amount("at", "Cards drawn back", "any")
            .between(always(1), sizeLess(pile, 1))
            .bySpectator()
            .told("they stop after #"));

    ForceSlideBack() {
        super(
                "force-slide-back",
                Family.FORCES,
                "Force by drawing cards back",
                Profile.secret(3, "from below"),
                new Words(
                        "Draw cards back from the top of {pile} until they stop ({at} cards), lift them: {role}, drawn back underneath, is the card at the face.",
                        "The bottom card travels below the drawn ones and is shown. It stays there as the block is put back.",
                        "Point at the face of the packet with the other hand.",
                        List.of("The bottom card moves with the first one drawn.", "One even pull for each card.")));
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.chosen(role, values));
    }

    @Override
    public List<Expectation> expectations(Values values) {
        return List.of(Expectation.onBottom(pile, role, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        hands.single(place, hands.size(place) - 1, place, values.of(at));
        Forces.show(hands, values, role, place, values.of(at) + 1);
    }

    @Override
    public List<Mishap> mishaps() {
        return List.of(new Mishap("the bottom card was not drawn back with them", (hands, values) -> {
            Forces.show(hands, values, role, values.of(pile), values.of(at));
        }));
    }
}
