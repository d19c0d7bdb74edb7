package craftypocket.core.moves.selections;

import craftypocket.core.layout.Hands;
import craftypocket.core.layout.Hold;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Trait;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.Option;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** The top card goes into the gap below the break and seems lost in the middle. */
final class DepthInsert extends Move {

    private static final Option TOP = new Option("top", "the top card of {pile}");
    private static final Option DOUBLE = new Option("double", "the upper one of a double on {pile}");
    private static final Option LIFTED = new Option("lifted", "the card that lies in {lifted}");
    private static final Option WHOLE = new Option("whole", "pushed in at once");
    private static final Option HALF = new Option("half", "left halfway in");

    private final PlaceSetting pile = has(Setting.place("pile", "Into", "deck"));
    private final OptionSetting what = has(Setting.option("what", "What goes in", TOP, DOUBLE, LIFTED));
    private final PlaceSetting from = has(Setting.place("lifted", "Lifted off to", "table:aside"));
    private final OptionSetting how = has(Setting.option("how", "It is", WHOLE, HALF));

    DepthInsert() {
        super(
                "depth-insert",
                Family.SELECTIONS,
                "Insert under the top few",
                Profile.secret(3, "from behind"),
                new Words(
                        "Push {what} into {pile} at the break, as if into the middle; it is {how}.",
                        "The card ends just above the gap: with a break below two cards, the top card becomes the second. Halfway in, it sticks out until it is pushed square.",
                        "Eyes on the gap while it goes in halfway; on the people while it is pressed flush.",
                        List.of("The front edge shows it halfway down.", "The cards above it are not lifted.")));
        is(Trait.HOLDS_BREAK);
        is(Trait.JOGS);
    }

    @Override
    public List<Need> needs(Values values) {
        int place = values.of(pile);
        return values.of(what) == LIFTED
                ? List.of(Needs.breakHeld(pile, values), Needs.apart(from, pile, values), Needs.cards(from, 1, values))
                : List.of(
                        Needs.breakHeld(pile, values),
                        new Need(
                                hands -> hands.breakDepth(place) >= 2,
                                "The break must lie below at least two cards, or the top card stays where it is.",
                                "Hold the break below two or three cards."));
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        boolean lifted = values.of(what) == LIFTED;
        int into = lifted ? hands.useBreak(place) : hands.useBreak(place) - 1;
        hands.single(lifted ? values.of(from) : place, 0, place, into);
        if (values.of(how) == HALF) {
            hands.hold(place, Hold.Kind.OUT_JOG, into);
        }
    }
}
