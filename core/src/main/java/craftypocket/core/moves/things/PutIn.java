package craftypocket.core.moves.things;

import craftypocket.core.cards.CardSize;
import craftypocket.core.cards.Inside;
import craftypocket.core.claims.Checks;
import craftypocket.core.layout.Hands;
import craftypocket.core.layout.Spoilt;
import craftypocket.core.layout.Thing;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Fitting;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Remark;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.Cast;
import craftypocket.core.settings.Option;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.ThingSetting;
import craftypocket.core.settings.Values;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Cards go into a thing: as a block, in front of what lies there, behind it, or between two things. */
final class PutIn extends Move {

    private static final Option TOP = new Option("top", "the top {count} of {from}");
    private static final Option ROLE = new Option("role", "{role}");
    private static final Option FLAT = new Option("flat", "flat");
    private static final Option HALF = new Option("half", "folded in half");
    private static final Option QUARTERS = new Option("quarters", "folded in quarters");

    private final OptionSetting what = has(Setting.option("what", "What goes in", TOP, ROLE));
    private final RoleSetting role = has(Setting.maybeRole("role", "This card"));
    private final PlaceSetting from = has(Setting.place("from", "Cards from", "deck"));
    private final AmountSetting count = has(Setting.amount("count", "Cards from the top", "1")
            .between(
                    (hands, values) -> byRole(values) ? 0 : 1,
                    (hands, values) -> byRole(values) ? hands.size(values.of(from)) + 1 : hands.size(values.of(from))));
    private final PlaceSetting into = has(Setting.part("into", "Into"));
    private final OptionSetting where =
            has(Setting.option("where", "Where in it", InThing.FRONT, InThing.BACK, InThing.BEHIND));
    private final ThingSetting behind = has(Setting.maybeThing("behind", "Behind this"));
    private final OptionSetting fold = has(Setting.option("fold", "They go in", FLAT, HALF, QUARTERS));

    PutIn() {
        super(
                "put-in",
                Family.THINGS,
                "Put into a thing",
                Profile.open(1),
                new Words(
                        "Put {what} into {into}, {where}, {fold}.",
                        "The cards lie in it, in their order, until they are taken out.",
                        "Openly, at arm’s length; or unseen, while it comes out of the pocket.",
                        List.of("It slides in without bending.", "It lies where it is taken out again.")));
    }

    private boolean byRole(Values values) {
        return values.of(what) == ROLE;
    }

    @Override
    public List<Need> needs(Values values) {
        List<Need> needs = new ArrayList<>();
        needs.add(Needs.open(into, values));
        if (byRole(values)) {
            int card = values.of(role);
            needs.add(new Need(
                    card == Cast.NOBODY ? hands -> false : Checks.chosen(card),
                    card == Cast.NOBODY
                            ? "No card is named that goes in."
                            : "Nothing has made a card " + values.roleLabel(role) + " yet.",
                    "Choose one that was selected or named before this step."));
            if (card != Cast.NOBODY) {
                needs.add(Needs.reachable(role, values));
            }
        }
        if (values.of(where) == InThing.BEHIND) {
            needs.add(InThing.behindLies(behind, into, values));
        }
        needs.add(fitting(values).need());
        return needs;
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = byRole(values) ? hands.placeOf(hands.cardOf(values.of(role))) : values.of(from);
        int depth = byRole(values) ? hands.positionIn(place, hands.cardOf(values.of(role))) - 1 : 0;
        int cards = byRole(values) ? 1 : values.of(count);
        for (int position = depth + 1; position <= depth + cards && values.of(fold) != FLAT; position++) {
            hands.spoil(hands.card(place, position), Spoilt.FOLDED);
        }
        int part = values.of(into);
        if (values.of(where) == InThing.FRONT) {
            hands.stowing().slipInFront(place, depth, cards, part);
        } else if (values.of(where) == InThing.BEHIND) {
            hands.stowing().slipBehind(place, depth, cards, values.of(behind));
        } else {
            hands.transfer(place, depth, cards, part, hands.size(part) - (place == part ? cards : 0));
        }
    }

    @Override
    public List<Remark> remarks(Values values) {
        return fitting(values).remarks();
    }

    private Fitting fitting(Values values) {
        Option how = values.of(fold);
        Optional<CardSize> card =
                values.props().cards().map(size -> how == FLAT ? size : how == HALF ? size.halved() : size.folded());
        return new Fitting(values.thingAround(into).map(Thing::inside).orElse(new Inside(0, 0, false)), card);
    }
}
