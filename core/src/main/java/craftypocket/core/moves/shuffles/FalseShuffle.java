package craftypocket.core.moves.shuffles;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** Looks like a shuffle of the whole deck and changes nothing. */
final class FalseShuffle extends Move {

    private final PlaceSetting pile = has(Setting.place("pile", "Shuffle", "deck"));

    FalseShuffle() {
        super(
                "false-shuffle",
                Family.SHUFFLES,
                "Full-deck false shuffle",
                Profile.secret(4, "from behind"),
                new Words(
                        "False shuffle of {pile}.",
                        "Every card stays where it was.",
                        "Look up and ask them something.",
                        List.of("The pace and sound of your real shuffle.", "Square at the end as always.")));
    }

    @Override
    public void perform(Hands hands, Values values) {
        // Nothing moves: that is the point of it.
    }
}
