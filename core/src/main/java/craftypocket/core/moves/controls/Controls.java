package craftypocket.core.moves.controls;

import craftypocket.core.moves.Move;
import java.util.List;

/** The controls of the catalogue: ways of bringing a card where it is wanted. */
public final class Controls {

    public static final List<Move> ALL = List.of(
            new JogControl(),
            new ShuffleFromBreak(),
            new TopChangePlace(),
            new PalmTop(),
            new PalmReplace(),
            new SpreadCull(),
            new TopBlockLift(),
            new LocatorCut());

    private Controls() {}
}
