package craftypocket.core.moves.beside;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.TextSetting;
import craftypocket.core.settings.Values;
import java.util.List;

/** A pause in which they forget. */
final class Wait extends Move {

    private final TextSetting why = has(Setting.text("why", "Meanwhile", "They talk about it"));

    Wait() {
        super(
                "wait",
                Family.BESIDE,
                "Wait",
                Profile.open(1),
                new Words(
                        "Wait. {why}.",
                        "No card moves. What came before is forgotten, and what follows seems to have nothing to do with it.",
                        "Look at the people.",
                        List.of("The hands are still.")));
    }

    @Override
    public void perform(Hands hands, Values values) {
        // The cards stay as they lie.
    }
}
