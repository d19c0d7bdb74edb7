package craftypocket.core.moves.things;

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
import craftypocket.core.settings.ThingSetting;
import craftypocket.core.settings.Values;
import java.util.ArrayList;
import java.util.List;

/** A thing comes where another was, or where the deck was, and the other where it was. */
final class SwapThing extends Move {

    private static final Option PILE = new Option("pile", "{pile}");
    private static final Option THING = new Option("thing", "{other}");

    private final ThingSetting thing = has(Setting.thing("thing", "This thing"));
    private final OptionSetting with = has(Setting.option("for", "Is swapped for", PILE, THING));
    private final PlaceSetting pile = has(Setting.place("pile", "These cards", "deck"));
    private final ThingSetting other = has(Setting.maybeThing("other", "Or this thing"));

    SwapThing() {
        super(
                "swap-thing",
                Family.THINGS,
                "Swap a thing for another",
                Profile.secret(3, "from where the hand goes").coveredBy(Profile.Cover.ELSEWHERE),
                new Words(
                        "Swap {thing} for {for}.",
                        "Each comes to the place of the other, with what it holds.",
                        "On the off beat, as one is put away for a reason and the other brought out.",
                        List.of("Both hands have a reason to move.", "The one that is gone is not looked for.")));
    }

    @Override
    public List<Need> needs(Values values) {
        int what = values.of(thing);
        int which = values.of(other);
        List<Need> needs = new ArrayList<>();
        needs.add(Needs.reachable(thing, values));
        if (values.of(with) == THING) {
            needs.add(new Need(
                    hands -> which >= 0 && which != what,
                    which < 0
                            ? "Nothing is named for which " + values.thingLabel(thing) + " is swapped."
                            : values.thingLabel(thing) + " is swapped for itself.",
                    "Choose another thing."));
            needs.add(new Need(
                    hands -> which < 0
                            || (!hands.stowing().within(hands.stowing().placeOfThing(which), what)
                                    && !hands.stowing().within(hands.stowing().placeOfThing(what), which)),
                    "One of the two lies in the other.",
                    "Take it out first."));
            if (which >= 0) {
                needs.add(Needs.reachable(other, values));
            }
        } else {
            int place = values.of(pile);
            needs.add(new Need(
                    hands -> hands.size(hands.stowing().placeOfThing(what)) == 0,
                    "There are cards where " + values.thingLabel(thing) + " lies, or it lies among them.",
                    "Put it somewhere else first."));
            needs.add(new Need(
                    hands -> hands.size(place) > 0,
                    "There are no cards in " + values.placeLabel(pile) + ".",
                    "Choose another pile."));
        }
        return needs;
    }

    @Override
    public void perform(Hands hands, Values values) {
        int what = values.of(thing);
        if (values.of(with) == THING) {
            hands.stowing().swapThings(what, values.of(other));
            return;
        }
        int place = values.of(pile);
        int was = hands.stowing().placeOfThing(what);
        hands.gather(place, was, 0);
        hands.stowing().putInFront(what, place);
    }
}
