package craftypocket.core.moves.things;

import craftypocket.core.layout.Hands;
import craftypocket.core.layout.Place;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Remark;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.ThingSetting;
import craftypocket.core.settings.Values;
import java.util.ArrayList;
import java.util.List;

/** A thing is put somewhere, taken from there or handed over, with all it holds. */
final class PlaceThing extends Move {

    private final ThingSetting thing = has(Setting.thing("thing", "This thing"));
    private final PlaceSetting to = has(Setting.spot("to", "Goes to", "table:mat"));
    private final OptionSetting where =
            has(Setting.option("where", "In another thing", InThing.FRONT, InThing.BACK, InThing.BEHIND));
    private final ThingSetting behind = has(Setting.maybeThing("behind", "Behind this"));

    PlaceThing() {
        super(
                "place-thing",
                Family.THINGS,
                "Put down, take or hand over a thing",
                Profile.open(1),
                new Words(
                        "Put {thing} {to}.",
                        "The thing changes its place, and what it holds goes with it.",
                        "In full view, with a word about it.",
                        List.of("It is known where it was all the time.")));
    }

    @Override
    public List<Need> needs(Values values) {
        int what = values.of(thing);
        int place = values.of(to);
        List<Need> needs = new ArrayList<>();
        needs.add(new Need(
                hands -> !hands.stowing().within(place, what),
                values.thingLabel(thing) + " cannot go inside itself.",
                "Put it somewhere else, or take out what it should go into."));
        needs.add(Needs.reachable(thing, values));
        needs.add(Needs.open(to, values));
        if (values.of(where) == InThing.BEHIND) {
            needs.add(InThing.behindLies(behind, to, values));
            needs.add(new Need(
                    hands -> values.of(behind) != what,
                    values.thingLabel(thing) + " cannot go behind itself.",
                    "Name another thing that lies there."));
        }
        return needs;
    }

    @Override
    public void perform(Hands hands, Values values) {
        int what = values.of(thing);
        if (values.of(where) == InThing.FRONT) {
            hands.stowing().putInFront(what, values.of(to));
        } else if (values.of(where) == InThing.BACK) {
            hands.stowing().putAtBack(what, values.of(to));
        } else {
            hands.stowing().putBehind(what, values.of(behind));
        }
    }

    @Override
    public List<Remark> remarks(Values values) {
        boolean handed = values.placeKind(to) == Place.Kind.SPECTATOR;
        return handed && values.of(thing) >= 0 && !values.thing(thing).handOut()
                ? List.of(new Remark(true, values.thingLabel(thing) + " must not be looked at: do not let it go."))
                : List.of();
    }
}
