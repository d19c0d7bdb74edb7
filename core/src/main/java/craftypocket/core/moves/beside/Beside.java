package craftypocket.core.moves.beside;

import craftypocket.core.moves.Move;
import java.util.List;

/** What belongs to a routine and moves no card: words, gestures, pauses, a back that is turned. */
public final class Beside {

    public static final List<Move> ALL = List.of(new Say(), new Gesture(), new Wait(), new TurnAway());

    private Beside() {}
}
