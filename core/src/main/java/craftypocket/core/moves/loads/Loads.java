package craftypocket.core.moves.loads;

import craftypocket.core.moves.Move;
import java.util.List;

/** Ways of leaving the deck and coming back. */
public final class Loads {

    public static final List<Move> ALL = List.of(new Load(), new TakeOut());

    private Loads() {}
}
