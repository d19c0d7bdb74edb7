package craftypocket.core.moves.cuts;

import craftypocket.core.moves.Move;
import java.util.List;

/** The cuts of the catalogue. */
public final class Cuts {

    public static final List<Move> ALL = List.of(
            new CompleteCut(),
            new CutToBreak(),
            new PacketsToTable(),
            new DoubleUndercut(),
            new FalseCut(),
            new SpectatorCut(),
            new SlipCut(),
            new SwingCut(),
            new Pass(),
            new HalfPass(),
            new CutTopUnderBreak(),
            new CutToKey(),
            new Crosswise());

    private Cuts() {}
}
