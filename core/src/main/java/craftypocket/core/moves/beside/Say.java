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

/** Words that belong to the routine. */
final class Say extends Move {

    private final TextSetting words = has(Setting.text("words", "What you say", "Nobody knows where it is now"));

    Say() {
        super(
                "say",
                Family.BESIDE,
                "Say something",
                Profile.open(1),
                new Words(
                        "Say “{words}”.",
                        "No card moves. What is said, and when, is rehearsed with the rest.",
                        "Look at the people.",
                        List.of("Finish the sentence before the hands go on.")));
        is(Trait.DRAWS_EYES);
    }

    @Override
    public void perform(Hands hands, Values values) {
        // The cards stay as they lie.
    }
}
