package craftypocket.core.moves.glimpses;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Seems;
import craftypocket.core.moves.Trait;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.Option;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** The break becomes a step, and under cover of tipping the deck the card above it is read. */
final class PeekByStep extends Move {

    private final PlaceSetting pile = has(Setting.place("pile", "In", "deck"));
    private final OptionSetting cover = has(Setting.option(
            "cover",
            "Under cover of",
            new Option("square", "squaring up all round"),
            new Option("fan", "fanning the deck")));

    PeekByStep() {
        super(
                "peek-by-step",
                Family.GLIMPSES,
                "Read the card above the break",
                Profile.secret(3, "from behind").coveredBy(Profile.Cover.REASON),
                new Words(
                        "Turn the break in {pile} into a step and read the card above it, {cover}.",
                        "You learn the name of the card directly above the break. No card moves, and the break is let go.",
                        "Look at them; the glance is over before you look down on purpose.",
                        List.of("The step no deeper than a corner index.", "The glance does not stop.")));
        is(Trait.HOLDS_BREAK);
    }

    @Override
    public List<Need> needs(Values values) {
        return Needs.cardAboveBreak(pile, values);
    }

    @Override
    public Seems seems() {
        return Seems.NOTHING;
    }

    @Override
    public void perform(Hands hands, Values values) {
        hands.showing().glimpseUnder(values.of(pile), hands.useBreak(values.of(pile)));
    }
}
