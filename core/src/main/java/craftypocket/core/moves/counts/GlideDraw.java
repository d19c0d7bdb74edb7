package craftypocket.core.moves.counts;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Expectation;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Mishap;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Seems;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** The bottom card is shown and drawn back; the one above it is drawn in its place. */
final class GlideDraw extends Move {

    private final PlaceSetting pile = has(Setting.place("pile", "From", "deck"));
    private final PlaceSetting to = has(Setting.place("to", "To", "table:drawn"));
    private final OptionSetting promise = has(Promise.setting());

    GlideDraw() {
        super(
                "glide-draw",
                Family.COUNTS,
                "Glide",
                Profile.secret(2, "from below").onTable(),
                new Words(
                        "Show the bottom card of {pile}, draw it back and draw the one above it to {to} in its place.",
                        "The second card from the bottom leaves; the bottom card stays where it was.",
                        "Turn the deck face down before you draw.",
                        List.of(
                                "The card is drawn back while the deck turns.",
                                "Hold the deck above the table, not against you.")));
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.apart(pile, to, values), Needs.cards(pile, 2, values));
    }

    @Override
    public List<Expectation> expectations(Values values) {
        int place = values.of(pile);
        return Promise.unlessPutAside(
                promise,
                values,
                hands -> hands.size(place) < 2
                        || Promise.backsUp(hands, place, hands.size(place) - 1, hands.size(place) - 1),
                "Before it, the card that will be drawn has its back up");
    }

    @Override
    public Seems seems() {
        return Seems.BOTTOM;
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        hands.showing().showUnder(place, hands.size(place));
        hands.single(place, hands.size(place) - 2, values.of(to), 0);
    }

    @Override
    public List<Mishap> mishaps() {
        return List.of(new Mishap("the bottom card was not drawn back", (hands, values) -> {
            int place = values.of(pile);
            hands.showing().showUnder(place, hands.size(place));
            hands.single(place, hands.size(place) - 1, values.of(to), 0);
        }));
    }
}
