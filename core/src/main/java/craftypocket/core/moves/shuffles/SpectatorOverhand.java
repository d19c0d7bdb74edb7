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

/** A spectator really shuffles overhand: the boundaries of the chunks are any of the gaps, all equally likely. */
final class SpectatorOverhand extends Move {

    private final PlaceSetting pile = has(Setting.place("pile", "They shuffle", "deck"));
    private final AmountSetting chunks = has(Setting.amount("chunks", "Chunks in a shuffle", "6-9")
            .between(always(2), sizeLess(pile, 0))
            .bySpectator()
            .ofShuffle()
            .told("they shuffle in # chunks"));
    private final AmountSetting times = has(Setting.amount("times", "How often", "1")
            .heard()
            .between(always(1), always(20))
            .bySpectator()
            .ofShuffle()
            .told("they shuffle # times"));
    private final ChanceSetting shuffle = has(Setting.chance());

    SpectatorOverhand() {
        super(
                "spectator-overhand",
                Family.SHUFFLES,
                "They shuffle overhand",
                Profile.bySpectator(),
                new Words(
                        "They shuffle {pile} overhand in {chunks} chunks, times: {times}.",
                        "Chunks land one on another. Neighbours stay together unless a chunk ends between them.",
                        "Let them see that you do not look.",
                        List.of("Nothing is held as it leaves your hands.", "Stop them after a few.")));
        is(Trait.MIXES_OVERHAND);
        is(Trait.MIXES_APART);
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.cards(pile, 2, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        hands.shuffles()
                .overhandByChance(
                        values.of(pile), values.of(chunks), values.of(times), hands.chance(values.of(shuffle)));
    }
}
