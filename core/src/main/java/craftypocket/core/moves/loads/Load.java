package craftypocket.core.moves.loads;

import craftypocket.core.cards.CardSize;
import craftypocket.core.cards.Inside;
import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Caution;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Fitting;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Remark;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.EstimateSetting;
import craftypocket.core.settings.Option;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Hidden cards go where they are found later: a pocket, a wallet, the case, under something. */
final class Load extends Move {

    private static final Option POKER = new Option("poker", "poker size");
    private static final Option AS_LAID = new Option("set-up", "as large as the set-up says");
    private static final Option FLAT = new Option("flat", "flat");
    private static final Option QUARTERS = new Option("quarters", "folded in quarters");

    private final PlaceSetting from = has(Setting.place("from", "From", "palm"));
    private final PlaceSetting to = has(Setting.place("to", "Into", "pocket:inside"));
    private final OptionSetting card =
            has(Setting.option("card", "Cards are", AS_LAID, POKER, new Option("bridge", "bridge size")));
    private final OptionSetting fold = has(Setting.option("fold", "They go in", FLAT, QUARTERS));
    private final EstimateSetting wide =
            has(Setting.estimate("wide", "Inside, millimetres wide; 0 if not measured", "0"));
    private final EstimateSetting high =
            has(Setting.estimate("high", "Inside, millimetres high; 0 if not measured", "0"));

    Load() {
        super(
                "load",
                Family.LOADS,
                "Load",
                Profile.secret(4, "from the side of the hand").coveredBy(Profile.Cover.ELSEWHERE),
                new Words(
                        "Load the cards from {from} into {to}, {fold}.",
                        "All cards of the one place go to the other, in order. The deck stays short of them.",
                        "Reach in for a reason: for a pen, or to straighten the jacket.",
                        List.of(
                                "The card fits without bending.",
                                "The hand comes out with something.",
                                "Put it on the reset list.")));
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(
                Needs.apart(from, to, values),
                Needs.cards(from, 1, values),
                fitting(values).need());
    }

    @Override
    public List<Caution> cautions() {
        return List.of(Caution.BORROWED, Caution.LONG_PRACTICE);
    }

    @Override
    public void perform(Hands hands, Values values) {
        hands.gather(values.of(from), values.of(to), 0);
    }

    @Override
    public List<Remark> remarks(Values values) {
        List<Remark> remarks = new ArrayList<>(fitting(values).remarks());
        if (values.of(fold) == QUARTERS) {
            remarks.add(
                    new Remark(false, "A folded card cannot go back into the deck: put a new one on the reset list."));
        }
        return remarks;
    }

    private Fitting fitting(Values values) {
        Optional<CardSize> size = values.of(card) == AS_LAID
                ? values.props().cards()
                : Optional.of(values.of(card) == POKER ? CardSize.POKER : CardSize.BRIDGE);
        return new Fitting(
                new Inside(values.amount(wide).low(), values.amount(high).low(), false),
                size.map(laid -> values.of(fold) == FLAT ? laid : laid.folded()));
    }
}
