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
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** A packet is put into another pile, anywhere: {@code P[1..d] + packet + P[d+1..m]}. */
final class BuryPacket extends Move {

    private final PlaceSetting packet = has(Setting.place("packet", "The packet in", "other-hand"));
    private final PlaceSetting pile = has(Setting.place("pile", "Goes into", "deck"));
    private final AmountSetting at = has(Setting.amount("at", "Cards above it", "any")
            .between(always(0), sizeLess(pile, 0))
            .bySpectator()
            .told("they bury it below #"));

    BuryPacket() {
        super(
                "bury-packet",
                Family.SELECTIONS,
                "Bury a packet",
                Profile.bySpectator(),
                new Words(
                        "The packet from {packet} is buried in {pile}, below {at} cards.",
                        "The packet keeps its order inside the other cards.",
                        "Leave it to them; you have no reason to look.",
                        List.of("The packet goes in as one.", "Square before you take the deck back.")));
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.apart(packet, pile, values), Needs.cards(packet, 1, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        hands.gather(values.of(packet), values.of(pile), values.of(at));
    }
}
