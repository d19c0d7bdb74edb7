package craftypocket.core.moves.shuffles;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Trait;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.ChanceSetting;
import craftypocket.core.settings.Option;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** The performer sets down two unequal packets, and the spectator riffles them together once. */
final class LopsidedRiffle extends Move {

    private static final Option YOU = new Option("you", "you square it");

    private final PlaceSetting pile = has(Setting.place("pile", "They shuffle", "deck"));
    private final AmountSetting cut =
            has(Setting.amount("cut", "Upper packet", "42").between(always(1), sizeLess(pile, 1)));
    private final OptionSetting square =
            has(Setting.option("square", "After the shuffle", new Option("them", "they square it"), YOU));
    private final ChanceSetting shuffle = has(Setting.chance());

    LopsidedRiffle() {
        super(
                "lopsided-riffle",
                Family.SHUFFLES,
                "They riffle unequal packets",
                Profile.bySpectator().onTable(),
                new Words(
                        "You set down the top {cut} cards of {pile} and the rest, they riffle them together; {square}.",
                        "The larger the upper packet, the likelier its top card stays on top: its part of the deck is the chance.",
                        "Set the packets down as if you did not care.",
                        List.of(
                                "The smaller packet must not look small: set it nearer to them.",
                                "Lift what you want before the packets are squared.")));
        is(Trait.MIXES_APART);
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        if (values.of(square) == YOU) {
            hands.shuffles().interlace(place, values.of(cut), hands.chance(values.of(shuffle)));
        } else {
            hands.shuffles().riffleAt(place, 0, hands.size(place), values.of(cut), hands.chance(values.of(shuffle)));
        }
    }
}
