package craftypocket.core.moves.forces;

import craftypocket.core.cards.Mark;
import craftypocket.core.chance.Chance;
import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Caution;
import craftypocket.core.moves.Expectation;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Remark;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.ChanceSetting;
import craftypocket.core.settings.Option;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** The riffle pauses beside a shortened card: most people think of the card there, some of another. */
final class ForceShortRiffle extends Move {

    private static final int WHOLE = 100;

    private static final Option ABOVE = new Option("above", "directly above it");
    private static final Option BELOW = new Option("below", "directly below it");

    private final RoleSetting role =
            has(Setting.role("role", "The card they think of", "A").becomes());
    private final RoleSetting force = has(Setting.role("force", "Force card", "F"));
    private final PlaceSetting pile = has(Setting.place("pile", "Riffle", "deck"));
    private final AmountSetting rate = has(
            Setting.amount("rate", "Of a hundred people, it works with", "85").between(always(0), always(WHOLE)));
    private final OptionSetting side = has(Setting.option("short", "The short card lies", ABOVE, BELOW));
    private final ChanceSetting shuffle = has(Setting.chance());

    ForceShortRiffle() {
        super(
                "force-short-riffle",
                Family.FORCES,
                "Force a thought with a short card",
                Profile.secret(4, ""),
                new Words(
                        "Riffle the faces of {pile} at them; it pauses at {force}, the short card {short}, and they think of {role}. It works with {rate} in a hundred.",
                        "No card moves. Most think of the card at the pause, others of any other: a rate, not a certainty.",
                        "Ask them to think of one card as the riffle begins, not before.",
                        List.of("The pause is felt, not seen.", "Have an out for the others.")));
    }

    @Override
    public List<Need> needs(Values values) {
        int place = values.of(pile);
        int card = values.of(force);
        String above = values.of(side).name();
        int beside = values.of(side) == ABOVE ? -1 : 1;
        return List.of(
                Needs.owned(role, values),
                Needs.open(role, values),
                Needs.isIn(pile, force, values),
                new Need(
                        hands -> hands.isIn(place, card)
                                && isShort(hands, place, hands.positionIn(place, hands.cardOf(card)) + beside),
                        "No short card lies directly " + above + " " + values.roleLabel(force) + ".",
                        "Mark a card in the set-up as short and lay it directly " + above + " the force card."));
    }

    private static boolean isShort(Hands hands, int place, int position) {
        return position >= 1 && position <= hands.size(place) && hands.marked(hands.card(place, position), Mark.SHORT);
    }

    @Override
    public List<Expectation> expectations(Values values) {
        int place = values.of(pile);
        int card = values.of(force);
        return List.of(Forces.nearMiddle("the short card", place, hands -> hands.positionOf(place, card)));
    }

    @Override
    public List<Caution> cautions() {
        return List.of(Caution.TRIMMING, Caution.LONG_PRACTICE);
    }

    @Override
    public List<Remark> remarks(Values values) {
        return List.of(new Remark(false, "A trimmed card cannot be handed out."));
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        int wanted = hands.positionIn(place, hands.cardOf(values.of(force)));
        Chance draws = hands.chance(values.of(shuffle));
        boolean works = hands.size(place) == 1 || draws.below(WHOLE) < values.of(rate);
        // Anybody for whom it does not work thinks of any other card, each as likely.
        int other = hands.size(place) == 1 ? 1 : 1 + draws.below(hands.size(place) - 1);
        int thought = works ? wanted : other < wanted ? other : other + 1;
        hands.choose(values.of(role), hands.card(place, thought));
        hands.learnName(values.ownerKnower(role), values.of(role));
    }
}
