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
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.ThingSetting;
import craftypocket.core.settings.Values;
import java.util.List;

/** A thing with a flap is opened or closed. */
final class OpenThing extends Move {

    private static final Option OPEN = new Option("open", "open");

    private final ThingSetting thing = has(Setting.thing("thing", "This thing"));
    private final OptionSetting how = has(Setting.option("how", "Do", OPEN, new Option("close", "close")));

    OpenThing() {
        super(
                "open-thing",
                Family.THINGS,
                "Open or close a thing",
                Profile.open(1),
                new Words(
                        "{how} {thing}.",
                        "Only what is open lets cards and things in and out.",
                        "Slowly: let them see that nothing else is done.",
                        List.of("The flap stays where it is put.")));
    }

    @Override
    public List<Need> needs(Values values) {
        boolean flap = values.of(thing) >= 0
                && !values.thing(thing).slots().isEmpty()
                && !values.thing(thing).inside().openMouth();
        return List.of(
                new Need(
                        hands -> flap,
                        values.thingLabel(thing) + " has no flap.",
                        "Choose something that opens and closes, or say so in the set-up."),
                Needs.reachable(thing, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        hands.stowing().close(values.of(thing), values.of(how) != OPEN);
    }
}
