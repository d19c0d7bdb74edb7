package craftypocket.core.moves.forces;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Expectation;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Mishap;
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
import java.util.ArrayList;
import java.util.List;

/** The front is riffled to a stop, but the deck is lifted at the break. */
final class ForceRiffleBreak extends Move {

    private final RoleSetting role = has(Forces.forceCard());
    private final PlaceSetting pile = has(Setting.place("pile", "Riffle", "deck"));
    private final AmountSetting at = has(Setting.amount("at", "Where they stop", "at break±" + Forces.UNNOTICED)
            .between(always(1), sizeLess(pile, 0))
            .bySpectator()
            .told("they stop at #"));

    ForceRiffleBreak() {
        super(
                "force-riffle-break",
                Family.FORCES,
                "Force at the break",
                Profile.secret(2, "from behind"),
                new Words(
                        "Riffle the front of {pile} until they stop {at at}, but lift at the break: {role} is taken.",
                        "The card below the break is chosen wherever they stop. The other cards keep their order.",
                        "Look at them, not at the deck, as you lift.",
                        List.of(
                                "Time the riffle so that they stop near the break.",
                                "The lift follows the word at once.")));
        is(Trait.HOLDS_BREAK);
    }

    @Override
    public List<Need> needs(Values values) {
        List<Need> needs = new ArrayList<>(Needs.breakBetween(pile, values));
        needs.add(Needs.chosen(role, values));
        return needs;
    }

    @Override
    public List<Expectation> expectations(Values values) {
        int place = values.of(pile);
        return List.of(
                Expectation.belowBreak(pile, role, values),
                Forces.nearMiddle("the break", place, hands -> hands.breakDepth(place)),
                Expectation.inWorld(
                        (hands, world) -> Math.abs(world.of(at) - hands.breakDepth(place)) <= Forces.UNNOTICED,
                        "They stop within " + Forces.UNNOTICED + " cards of the break"));
    }

    @Override
    public void perform(Hands hands, Values values) {
        int depth = hands.useBreak(values.of(pile));
        Forces.take(hands, values, role, values.of(pile), depth + 1);
    }

    @Override
    public List<Mishap> mishaps() {
        return List.of(new Mishap("it was lifted where they stopped, not at the break", (hands, values) -> {
            int place = values.of(pile);
            hands.useBreak(place);
            Forces.take(hands, values, role, place, Math.min(values.of(at) + 1, hands.size(place)));
        }));
    }
}
