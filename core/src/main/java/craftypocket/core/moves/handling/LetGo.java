package craftypocket.core.moves.handling;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.Option;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** Whatever is held in a pile is let go; a bend is in the cards, and goes only when it is taken out. No card moves. */
final class LetGo extends Move {

    private static final Option OUT = new Option("out", "taken out of the cards");

    private final PlaceSetting pile = has(Setting.place("pile", "In", "deck"));
    private final OptionSetting bend =
            has(Setting.option("bend", "A bend", new Option("stays", "stays in the cards"), OUT));

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
        if (values.of(bend) == OUT) {
            hands.straighten(values.of(pile));
        }
    }
}
