package craftypocket.core.moves.reveals;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Caution;
import craftypocket.core.moves.Dealing;
import craftypocket.core.moves.Expectation;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Remark;
import craftypocket.core.moves.Trait;
import craftypocket.core.moves.Words;
import craftypocket.core.reckon.SafeNumber;
import craftypocket.core.settings.Amount;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.EstimateSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Sentence;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/**
 * A number safely past the key is announced and dealt to, face up: the card of that number is still in the hand, and the
 * selection lies face up already.
 */
final class AnnouncePast extends Move {

    private final RoleSetting key = has(Setting.role("key", "Key", "K"));
    private final RoleSetting role = has(Setting.role("role", "Selection, directly below it", "A"));
    private final EstimateSetting estimate = has(Setting.estimate("estimate", "You believe the key is at", "17±3"));
    private final PlaceSetting pile = has(Setting.place("pile", "Deal from", "deck"));
    private final AmountSetting number =
            has(Setting.amount("number", "Number announced", "22").heard().between(always(2), sizeLess(pile, 0)));
    private final PlaceSetting to = has(Setting.place("to", "To", "table:dealt"));

    AnnouncePast() {
        super(
                "announce-past",
                Family.REVEALS,
                "Deal past the card, announce a number",
                Profile.open(2).onTable(),
                new Words(
                        "Announce {number}: deal face up from {pile} to {to} and stop with that card in your hand. You believe {key} is {at estimate}.",
                        "The cards before the announced one lie face up, in reverse order. You see the card after the key.",
                        "The beat must not change when the key and the card after it come.",
                        List.of(
                                "Announce the number before you deal.",
                                "Same tempo past the key.",
                                "A wager is theatre: play for nothing, and follow the law of the place.")));
        is(Trait.ANNOUNCES);
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.apart(pile, to, values), Needs.isIn(pile, key, values), Needs.nameKnown(key, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        Dealing.takeNext(hands, values.of(pile), values.of(key), values.of(number) - 1, values.of(role));
        Dealing.deal(hands, values.of(pile), values.of(number) - 1, values.of(to), true);
    }

    @Override
    public List<Expectation> expectations(Values values) {
        int selection = values.of(role);
        int beacon = values.of(key);
        int from = values.of(pile);
        int target = values.of(to);
        Amount believed = values.amount(estimate);
        return List.of(
                new Expectation(
                        hands -> {
                            int base = believed.base(hands, values);
                            int at = hands.isIn(from, beacon) ? hands.positionIn(from, hands.cardOf(beacon)) : -1;
                            return at >= base + believed.low() && at <= base + believed.high();
                        },
                        "Your estimate is right: " + values.roleLabel(key) + " is " + where(believed),
                        true),
                new Expectation(
                        hands -> hands.isIn(target, selection),
                        values.roleLabel(role) + " lies face up before number "
                                + values.amount(number).words() + " is reached",
                        false));
    }

    @Override
    public List<Caution> cautions() {
        return List.of(Caution.WAGER);
    }

    private static String where(Amount believed) {
        return believed.source() == null
                ? "between " + Sentence.ordinal(believed.low()) + " and " + Sentence.ordinal(believed.high())
                : "at " + believed.words();
    }

    @Override
    public List<Remark> remarks(Values values) {
        if (values.amount(estimate).source() != null || values.amount(number).source() != null) {
            return List.of();
        }
        int announced = values.amount(number).low();
        if (values.amount(estimate).low() < 1 || announced < SafeNumber.PAST_THE_KEY) {
            return List.of(new Remark(true, "Say where you believe the key is: a number from 1, give or take some."));
        }
        int middle = values.amount(estimate).middle();
        SafeNumber safe = new SafeNumber(middle, values.amount(estimate).high() - middle);
        String rule = middle + " + " + safe.error() + " + " + SafeNumber.PAST_THE_KEY + " = " + safe.smallest();
        if (safe.covers(announced)) {
            return List.of(new Remark(
                    false,
                    announced + " is right for every depth you allow for. The smallest safe number is " + rule + "."));
        }
        return List.of(new Remark(
                true,
                announced + " is too small: it fails with the key at "
                        + Math.max(1, SafeNumber.firstFailingDepth(announced))
                        + " or deeper. The smallest safe number is " + rule + "."));
    }
}
