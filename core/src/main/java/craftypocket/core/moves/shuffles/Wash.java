package craftypocket.core.moves.shuffles;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Trait;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.ChanceSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** The cards are smeared over the table: every order is equally likely. */
final class Wash extends Move {

    private final PlaceSetting pile = has(Setting.place("pile", "They mix", "deck"));
    private final ChanceSetting shuffle = has(Setting.chance());

    Wash() {
        super(
                "wash",
                Family.SHUFFLES,
                "They mix on the table",
                Profile.bySpectator().onTable(),
                new Words(
                        "They smear {pile} over the table and mix it.",
                        "Any order can come of it. Only marks and names find a card again.",
                        "Step back.",
                        List.of("No card may fall off the table.")));
        is(Trait.MIXES_APART);
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.cards(pile, 2, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        hands.shuffles().wash(values.of(pile), hands.chance(values.of(shuffle)));
    }
}
