package craftypocket.core.moves.counts;

import craftypocket.core.moves.Move;
import java.util.List;

/** The counts and displays of the catalogue. */
public final class Counts {

    public static final List<Move> ALL = List.of(new HiddenThird());

    private Counts() {}
}
