package craftypocket.core.moves.handling;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Trait;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** The jogged cards are drawn out together, in their order. */
final class StripOut extends Move {

    private final PlaceSetting pile = has(Setting.place("pile", "Out of", "deck"));
    private final OptionSetting way = has(Setting.option("way", "The cards", Jogged.OUT, Jogged.IN));
    private final PlaceSetting to = has(Setting.place("to", "On top of", "deck"));

    StripOut() {
        super(
                "strip-out",
                Family.HANDLING,
                "Strip out the jogged cards",
                Profile.secret(3, "from in front"),
                new Words(
                        "Strip the {way} cards out of {pile} together and drop them on top of {to}.",
                        "They come together in the order in which they lay; all others keep theirs.",
                        "The strip looks like a cut: look up as the packets part.",
                        List.of("The rest does not drag along.", "Drop them as you would a packet.")));
        is(Trait.JOGS);
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Jogged.held(pile, way, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        for (int position = hands.lowestJogged(place, Jogged.kind(values.of(way)));
                position > 0;
                position = hands.lowestJogged(place, Jogged.kind(values.of(way)))) {
            hands.single(place, position - 1, values.of(to), 0);
        }
    }
}
