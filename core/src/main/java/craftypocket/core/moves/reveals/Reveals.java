package craftypocket.core.moves.reveals;

import craftypocket.core.moves.Move;
import java.util.List;

/** The reveals of the catalogue. */
public final class Reveals {

    public static final List<Move> ALL = List.of(new AnnouncePast(), new NameIt(), new TurnItOver());

    private Reveals() {}
}
