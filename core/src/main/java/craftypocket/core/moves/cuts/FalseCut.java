package craftypocket.core.moves.cuts;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** Looks like a cut and changes nothing. */
final class FalseCut extends Move {

    private final PlaceSetting pile = has(Setting.place("pile", "Cut", "deck"));

    FalseCut() {
        super(
                "false-cut",
                Family.CUTS,
                "False cut",
                Profile.secret(2, ""),
                new Words(
                        "False cut of {pile}.",
                        "Every card stays where it was.",
                        "Say something that asks for an answer.",
                        List.of("The pace of your real cut.", "Finish with the same squaring gesture.")));
    }

    @Override
    public void perform(Hands hands, Values values) {
        // Nothing moves: that is the point of it.
    }
}
