package craftypocket.core.moves.handling;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** From here on the nth card of a pile is followed under a role's letter. */
final class FollowCard extends Move {

    private final RoleSetting role = has(Setting.role("role", "Becomes", "A").becomes());
    private final PlaceSetting pile = has(Setting.place("pile", "A card of", "deck"));
    private final AmountSetting at =
            has(Setting.amount("at", "Its place from the top", "1").asPlace().between(always(1), sizeLess(pile, 0)));

    FollowCard() {
        super(
                "follow-card",
                Family.HANDLING,
                "Follow this card",
                Profile.secret(1, ""),
                new Words(
                        "Follow the {nth at} card of {pile} as {role}.",
                        "You keep an eye on one card without knowing its name. No card moves.",
                        "Nothing to see.",
                        List.of("Be sure of the count.")));
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.open(role, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        hands.choose(values.of(role), hands.card(values.of(pile), values.of(at)));
    }
}
