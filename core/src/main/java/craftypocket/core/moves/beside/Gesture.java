package craftypocket.core.moves.beside;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Trait;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.Option;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** A gesture that gives the magic its moment. */
final class Gesture extends Move {

    private final OptionSetting kind = has(Setting.option(
            "kind",
            "Which",
            new Option("snap", "snap your fingers"),
            new Option("twist", "twist the wrist"),
            new Option("press", "have them press a hand on the deck"),
            new Option("blow", "have them blow on it"),
            new Option("other", "as you like")));

    Gesture() {
        super(
                "gesture",
                Family.BESIDE,
                "Make a gesture",
                Profile.open(1),
                new Words(
                        "A gesture: {kind}.",
                        "No card moves. It gives the moment at which it happens.",
                        "Look at the cards, then at the people.",
                        List.of("Only one gesture for one thing that happens.")));
        is(Trait.DRAWS_EYES);
    }

    @Override
    public void perform(Hands hands, Values values) {
        // The cards stay as they lie.
    }
}
