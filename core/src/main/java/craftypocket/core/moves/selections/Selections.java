package craftypocket.core.moves.selections;

import craftypocket.core.moves.Move;
import java.util.List;

/** The selections and returns of the catalogue. */
public final class Selections {

    public static final List<Move> ALL = List.of(
            new SpreadPick(),
            new ThinkInPacket(),
            new ReturnOnLower(),
            new ReturnDropKey(),
            new ReturnOnTopKey(),
            new BuryPacket(),
            new DealToNumber(),
            new ReturnThrowCentre(),
            new DepthInsert(),
            new TouchAndOutJog(),
            new RifflePeek(),
            new ReturnCoverCard(),
            new ReturnFourUnder(),
            new SandwichCut(),
            new SlipReturn(),
            new PutBack());

    private Selections() {}
}
