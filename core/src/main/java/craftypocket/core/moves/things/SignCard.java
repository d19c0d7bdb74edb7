package craftypocket.core.moves.things;

import craftypocket.core.layout.Hands;
import craftypocket.core.layout.Spoilt;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Remark;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** Somebody signs their card: there is no other like it, and it cannot go into the next deck. */
final class SignCard extends Move {

    private final RoleSetting role = has(Setting.role("role", "This card", "A"));

    SignCard() {
        super(
                "sign-card",
                Family.THINGS,
                "Let a card be signed",
                Profile.bySpectator(),
                new Words(
                        "Let {role} be signed across its face.",
                        "The card stays where it is. Nothing else can pass for it any more.",
                        "Look away while they write, and take the pen back.",
                        List.of("The ink is dry before it is covered.", "The pen goes where the hand must go later.")));
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.chosen(role, values), Needs.owned(role, values), Needs.reachable(role, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        hands.spoil(hands.cardOf(values.of(role)), Spoilt.SIGNED);
        hands.learnName(values.ownerKnower(role), values.of(role));
    }

    @Override
    public List<Remark> remarks(Values values) {
        return List.of(new Remark(false, "A signed card is gone for the next table: put a new one on the reset list."));
    }
}
