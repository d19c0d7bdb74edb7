package craftypocket.core.moves.shuffles;

import craftypocket.core.moves.Move;
import java.util.List;

/** The performer's shuffles of the catalogue. */
public final class Shuffles {

    public static final List<Move> ALL = List.of(
            new Overhand(),
            new OverhandTopToBottom(),
            new OverhandBottomToTop(),
            new MilkKeep(),
            new Hindu(),
            new FalseShuffle(),
            new JogKeepStock(),
            new HinduKeepTop(),
            new FaroOut(),
            new FaroIn(),
            new WeavePacket(),
            new Messy(),
            new TurnUpperHalf(),
            new ShowMixture(),
            new ShowLift(),
            new RiffleKeep(),
            new SpectatorRiffle(),
            new SpectatorOverhand(),
            new Wash(),
            new LopsidedRiffle());

    private Shuffles() {}
}
