package craftypocket.core.moves.reveals;

import craftypocket.core.claims.Checks;
import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Expectation;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** The performer names the card. */
final class NameIt extends Move {

    private final RoleSetting role = has(Setting.role("role", "The card", "A"));

    NameIt() {
        super(
                "name-it",
                Family.REVEALS,
                "Name it",
                Profile.open(1),
                new Words(
                        "Name {role}.",
                        "The name is said aloud. No card moves.",
                        "Wait for quiet before the last word.",
                        List.of("Colour, suit, value: build it up.", "Say it to the person, not to the deck.")));
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.chosen(role, values), Needs.nameable(role, values));
    }

    @Override
    public List<Expectation> expectations(Values values) {
        return List.of(new Expectation(
                Checks.namedIsTheirs(values.of(role)), "The named card is " + values.roleLabel(role), true));
    }

    @Override
    public void perform(Hands hands, Values values) {
        // Only words: no card moves.
    }
}
