package craftypocket.core.moves.beside;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Trait;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.TextSetting;
import craftypocket.core.settings.Values;
import java.util.List;

/** The performer looks away and tells somebody what to do. */
final class TurnAway extends Move {

    private final TextSetting directions = has(
            Setting.text("directions", "What you tell them, word by word", "Do it now, and say when you have done it"));

    TurnAway() {
        super(
                "turn-away",
                Family.BESIDE,
                "Turn your back",
                Profile.open(1),
                new Words(
                        "Turn your back and say “{directions}”.",
                        "No card moves. What they do comes as steps of theirs; you do not see them.",
                        "Look away until they say that it is done.",
                        List.of("Tell one thing at a time.", "Ask whether it is done before you go on.")));
        is(Trait.DRAWS_EYES);
    }

    @Override
    public void perform(Hands hands, Values values) {
        // The cards stay as they lie.
    }
}
