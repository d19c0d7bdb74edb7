package craftypocket.core.moves.glimpses;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Trait;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.Cast;
import craftypocket.core.settings.Option;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.ArrayList;
import java.util.List;

/** The performer secretly sees one card and learns its name. */
final class Glimpse extends Move {

    private static final Option TOP = new Option("top", "the top card");

    private static final Option AT_BREAK = new Option("break", "the card above the break");

    private static final Option BOTTOM = new Option("bottom", "the bottom card");
    private static final Option SECOND = new Option("second", "the hidden card of a double, below the top one");

    private final PlaceSetting pile = has(Setting.place("pile", "In", "deck"));
    private final OptionSetting where = has(Setting.option("where", "Which card", BOTTOM, TOP, AT_BREAK, SECOND));
    private final RoleSetting as = has(Setting.maybeRole("as", "It becomes"));

    Glimpse() {
        super(
                "glimpse",
                Family.GLIMPSES,
                "Glimpse",
                Profile.secret(2, "from beside you").coveredBy(Profile.Cover.REASON),
                new Words(
                        "Glimpse {where} of {pile}.",
                        "You learn the name of one card. No card moves.",
                        "On the off beat, while you square or gesture.",
                        List.of("Less than a second.", "Eyes already on their way to somebody.")));
        is(Trait.HOLDS_BREAK);
    }

    @Override
    public List<Need> needs(Values values) {
        List<Need> needs = new ArrayList<>();
        if (values.of(where) == AT_BREAK) {
            needs.addAll(Needs.cardAboveBreak(pile, values));
        }
        needs.add(Needs.cards(pile, values.of(where) == SECOND ? 2 : 1, values));
        int role = values.of(as);
        if (role != Cast.NOBODY) {
            needs.add(new Need(
                    hands -> hands.cardOf(role) < 0
                            || hands.cardOf(role) == hands.card(values.of(pile), position(hands, values)),
                    values.roleLabel(as) + " is another card already.",
                    "Choose another role, or none."));
        }
        return needs;
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        int position = position(hands, values);
        int role = values.of(as);
        int card = hands.card(place, position);
        boolean becomes = role != Cast.NOBODY && hands.cardOf(role) < 0;
        if (becomes) {
            hands.choose(role, card);
        }
        // From below, what is seen is a face only when the card lies face down.
        boolean face = values.of(where) == TOP
                ? hands.showing().glimpse(place, position)
                : hands.showing().glimpseUnder(place, position);
        if (role != Cast.NOBODY && face) {
            hands.takeFor(role, card);
            hands.knowsNames(becomes ? 1 << role : 0);
        }
    }

    private int position(Hands hands, Values values) {
        int place = values.of(pile);
        if (values.of(where) == AT_BREAK) {
            return hands.breakDepth(place);
        }
        if (values.of(where) == SECOND) {
            return 2;
        }
        return values.of(where) == TOP ? 1 : hands.size(place);
    }
}
