package craftypocket.core.moves.things;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.ThingSetting;
import craftypocket.core.settings.Values;
import java.util.List;

/** The performer writes the name of a card on a slip, a note or an envelope, which makes it a prediction. */
final class WriteOn extends Move {

    private final RoleSetting role = has(Setting.role("role", "The name of", "A"));
    private final ThingSetting thing = has(Setting.thing("thing", "On"));

    WriteOn() {
        super(
                "write-on",
                Family.THINGS,
                "Write a name on a thing",
                Profile.secret(4, "from the side of the pen").coveredBy(Profile.Cover.ELSEWHERE),
                new Words(
                        "Write the name of {role} on {thing}.",
                        "What is written on it is a prediction from now on; what was written before is gone.",
                        "Out of sight, in the pocket or behind the case; eyes on them.",
                        List.of("It can be read at arm’s length.", "The arm does not move.")));
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.chosen(role, values), Needs.nameKnown(role, values), Needs.reachable(thing, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        hands.stowing().write(values.of(thing), hands.cardOf(values.of(role)));
    }
}
