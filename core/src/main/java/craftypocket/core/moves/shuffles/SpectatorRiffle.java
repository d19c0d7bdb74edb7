package craftypocket.core.moves.shuffles;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Trait;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.ChanceSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** A spectator really riffles, as often as they like: two packets, a free cut, every interleaving equally likely. */
final class SpectatorRiffle extends Move {

    private final PlaceSetting pile = has(Setting.place("pile", "They shuffle", "deck"));
    private final AmountSetting times = has(Setting.amount("times", "How often", "1")
            .heard()
            .between(always(1), always(20))
            .bySpectator()
            .ofShuffle()
            .told("they riffle # times"));
    private final ChanceSetting shuffle = has(Setting.chance());

    SpectatorRiffle() {
        super(
                "spectator-riffle",
                Family.SHUFFLES,
                "They riffle",
                Profile.bySpectator().onTable(),
                new Words(
                        "They riffle {pile}, times: {times}.",
                        "The two halves fall into each other by chance. Cards of each half keep their order among themselves.",
                        "Let them see that you do not look.",
                        List.of("Nothing is held as it leaves your hands.", "Count how often they riffle.")));
        is(Trait.RIFFLES);
        is(Trait.MIXES_APART);
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.cards(pile, 2, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        hands.shuffles().riffle(values.of(pile), values.of(times), hands.chance(values.of(shuffle)));
    }
}
