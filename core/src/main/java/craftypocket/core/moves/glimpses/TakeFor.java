package craftypocket.core.moves.glimpses;

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

/** The performer concludes, right or wrong, that a card whose name is known is theirs. No card moves. */
final class TakeFor extends Move {

    private final RoleSetting card = has(Setting.role("card", "This card", "K"));
    private final RoleSetting role = has(Setting.role("role", "Is taken for", "A"));

    TakeFor() {
        super(
                "take-for",
                Family.GLIMPSES,
                "Take a card for theirs",
                Profile.open(1),
                new Words(
                        "Take {card} for {role}.",
                        "If you name their card now, it is this one. No card moves.",
                        "As if it came to you from their face.",
                        List.of("Be sure of what you heard or saw.")));
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.nameKnown(card, values), Needs.chosen(role, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        hands.takeFor(values.of(role), hands.cardOf(values.of(card)));
    }

    @Override
    public List<Expectation> expectations(Values values) {
        return List.of(new Expectation(
                Checks.namedIsTheirs(values.of(role)),
                "The card that is taken for " + values.roleLabel(role) + " is it",
                false));
    }
}
