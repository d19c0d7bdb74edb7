package craftypocket.core.moves.selections;

import craftypocket.core.layout.Hands;
import craftypocket.core.layout.PlaceKnowledge;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.Cast;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Setting.Option;
import craftypocket.core.settings.Values;
import java.util.List;

/** A spectator takes the card at p out of the spread, looks at it and keeps it. */
final class SpreadPick extends Move {

    private static final String ANY = "none";

    private final Setting role = has(Setting.role("role", "Becomes", "A"));
    private final Setting pile = has(Setting.place("pile", "Spread", "deck"));
    private final Setting not = has(Setting.option(
            "not",
            "But not",
            new Option(ANY, "any card"),
            new Option("bottom", "any card but the bottom one"),
            new Option("top", "any card but the top one"),
            new Option("ends", "any card but the top and bottom ones")));
    private final Setting except = has(Setting.maybeRole("except", "Nor this card"));
    private final Setting at = has(Setting.amount("at", "Where they take it", "any")
            .between(
                    (hands, values) -> values.is(not, "top") || values.is(not, "ends") ? 2 : 1,
                    (hands, values) ->
                            hands.size(values.of(pile)) - (values.is(not, "bottom") || values.is(not, "ends") ? 1 : 0))
            .where((hands, values, position) -> values.of(except) == Cast.NOBODY
                    || hands.card(values.of(pile), position) != hands.cardOf(values.of(except)))
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

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.owned(role, values), Needs.open(role, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        int chosen = values.of(role);
        hands.choose(chosen, hands.card(values.of(pile), values.of(at)));
        hands.transfer(values.of(pile), values.of(at) - 1, 1, values.ownerPlace(role), 0);
        hands.learnName(values.ownerKnower(role), chosen);
        hands.knowPlace(chosen, PlaceKnowledge.EXACT);
    }
}
