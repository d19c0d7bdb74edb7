package craftypocket.core.moves.selections;

import craftypocket.core.layout.Hands;
import craftypocket.core.layout.Hold;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Remark;
import craftypocket.core.moves.Seems;
import craftypocket.core.moves.Trait;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.Amount;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** A spectator stops a riffle and remembers the card there; a break is held below it. */
final class RifflePeek extends Move {

    private final RoleSetting role = has(Setting.role("role", "Becomes", "A").becomes());
    private final PlaceSetting pile = has(Setting.place("pile", "Riffle", "deck"));
    private final AmountSetting at = has(Setting.amount("at", "Where they stop", "any")
            .asPlace()
            .between(always(1), sizeLess(pile, 1))
            .bySpectator()
            .told("they stop at card #"));

    RifflePeek() {
        super(
                "riffle-peek",
                Family.SELECTIONS,
                "Peek at a card",
                Profile.secret(2, "from behind"),
                new Words(
                        "Riffle {pile} towards them: they stop and remember {role} {at at}; keep a break below it.",
                        "No card moves. They know a name, you hold its place.",
                        "Look at them, never at the deck.",
                        List.of("Open wide enough for one card to be read.", "The break is not seen from the front.")));
        is(Trait.HOLDS_BREAK);
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.inYourHands(pile, values), Needs.owned(role, values), Needs.open(role, values));
    }

    @Override
    public List<Remark> remarks(Values values) {
        return values.amount(at).kind() == Amount.Kind.ANY
                ? List.of(new Remark(
                        false,
                        "The last card is left out: no break can be held below it. Do not let the riffle run out."))
                : List.of();
    }

    @Override
    public Seems seems() {
        return Seems.ITSELF;
    }

    @Override
    public void perform(Hands hands, Values values) {
        int chosen = values.of(role);
        hands.choose(chosen, hands.card(values.of(pile), values.of(at)));
        hands.learnName(values.ownerKnower(role), chosen);
        hands.hold(values.of(pile), Hold.Kind.BREAK, values.of(at));
    }
}
