package craftypocket.core.moves.selections;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.Cast;
import craftypocket.core.settings.Option;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** A spectator takes the card at p out of the spread, looks at it and keeps it. */
final class SpreadPick extends Move {

    private static final Option TOP = new Option("top", "any card but the top one");
    private static final Option ENDS = new Option("ends", "any card but the top and bottom ones");
    private static final Option BOTTOM = new Option("bottom", "any card but the bottom one");

    private final RoleSetting role = has(Setting.role("role", "Becomes", "A").becomes());
    private final PlaceSetting pile = has(Setting.place("pile", "Spread", "deck"));
    private final OptionSetting not =
            has(Setting.option("not", "But not", new Option("none", "any card"), BOTTOM, TOP, ENDS));
    private final RoleSetting except = has(Setting.maybeRole("except", "Nor this card"));
    private final AmountSetting at = has(Setting.amount("at", "Where they take it", "any")
            .asPlace()
            .between(always(1), sizeLess(pile, 0))
            .where(this::free)
            .bySpectator()
            .told("they take card #"));

    SpreadPick() {
        super(
                "spread-pick",
                Family.SELECTIONS,
                "Spread, free pick",
                Profile.open(1),
                new Words(
                        "Spread {pile}: {not} may be taken. {role} comes out {at at}.",
                        "The card leaves for their hand; they learn its name, you do not.",
                        "Look at the person, not at the fingers.",
                        List.of(
                                "An even spread, so that no card offers itself.",
                                "Ends covered if they must not be taken.")));
    }

    private boolean free(Hands hands, Values values, int position) {
        Option kept = values.of(not);
        boolean top = position == 1 && (kept == TOP || kept == ENDS);
        boolean bottom = position == hands.size(values.of(pile)) && (kept == BOTTOM || kept == ENDS);
        int card = values.of(except) == Cast.NOBODY ? -1 : hands.cardOf(values.of(except));
        return !top && !bottom && hands.card(values.of(pile), position) != card;
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.owned(role, values), Needs.open(role, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        hands.showing().spread(values.of(pile), hands.size(values.of(pile)));
        int chosen = values.of(role);
        hands.choose(chosen, hands.card(values.of(pile), values.of(at)));
        hands.single(values.of(pile), values.of(at) - 1, values.ownerPlace(role), 0);
        hands.learnName(values.ownerKnower(role), chosen);
    }
}
