package craftypocket.core.moves.handling;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** Whatever is held in a pile is let go. No card moves. */
final class LetGo extends Move {

    private final PlaceSetting pile = has(Setting.place("pile", "In", "deck"));

    LetGo() {
        super(
                "let-go",
                Family.HANDLING,
                "Square and let go",
                Profile.open(1),
                new Words(
                        "Square {pile} and let go of what is held in it.",
                        "Break, jog or step are gone. No card moves.",
                        "In full view: an honest deck.",
                        List.of("Square all round.")));
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.cards(pile, 1, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        hands.letGo(values.of(pile));
    }
}
