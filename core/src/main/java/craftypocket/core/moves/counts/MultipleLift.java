package craftypocket.core.moves.counts;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Seems;
import craftypocket.core.moves.Trait;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.Option;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.PersonSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** {@code ~D[1..k] + D[k+1..n]} and, mostly, back: some top cards are turned over as one. */
final class MultipleLift extends Move {

    private static final Option UNLOAD = new Option("unload", "turned back, the top card put aside");
    private static final Option ASIDE = new Option("aside", "put aside as they are");

    private static final Option SHOW = new Option("show", "turned back");

    private final PlaceSetting pile = has(Setting.place("pile", "From", "deck"));
    private final AmountSetting count =
            has(Setting.amount("count", "Cards as one", "2").between(always(1), sizeLess(pile, 0)));
    private final OptionSetting then =
            has(Setting.option("then", "Then", SHOW, new Option("leave", "left turned over"), UNLOAD, ASIDE));
    private final PlaceSetting to = has(Setting.place("to", "Put aside to", "table:aside"));
    private final PersonSetting whom = has(Setting.shownTo());

    MultipleLift() {
        super(
                "multiple-lift",
                Family.COUNTS,
                "Lift several as one",
                Profile.secret(3, "from behind"),
                new Words(
                        "Turn over the top {count} of {pile} as one card{whom}; {then}.",
                        "The undermost of the lifted cards is shown as if it were the top card.",
                        "Look at the card that you show, then at them.",
                        List.of("The edges lie exactly on one another.", "Turned slowly, as a single card would be.")));
        is(Trait.SHOWS_FACES);
        is(Trait.HOLDS_BREAK);
    }

    @Override
    public List<Need> needs(Values values) {
        boolean aside = values.of(then) == UNLOAD || values.of(then) == ASIDE;
        return aside ? List.of(Needs.apart(pile, to, values)) : List.of();
    }

    @Override
    public Seems seems() {
        return Seems.ONE;
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        int cards = values.of(count);
        if (hands.breakDepth(place) == cards) {
            // They are lifted at the break, which is used up by it.
            hands.useBreak(place);
        }
        hands.showing().showUnder(place, cards, values.of(whom));
        if (values.of(then) != SHOW) {
            if (values.of(then) == UNLOAD) {
                hands.single(place, 0, values.of(to), 0);
            } else {
                hands.turn(place, 1, cards);
            }
            if (values.of(then) == ASIDE) {
                int left = hands.believed(place) - 1;
                int aside = hands.believed(values.of(to)) + 1;
                hands.transfer(place, 0, cards, values.of(to), 0);
                hands.believe(place, left);
                hands.believe(values.of(to), aside);
            }
        }
        hands.showing().passesFor(place, cards, 1);
    }
}
