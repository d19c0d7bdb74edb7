package craftypocket.core.moves.glimpses;

import craftypocket.core.moves.Move;
import java.util.List;

/** The moves by which the performer learns a name. */
public final class Glimpses {

    public static final List<Move> ALL =
            List.of(new Glimpse(), new LookByKey(), new PeekByStep(), new JudgePacket(), new TakeFor());

    private Glimpses() {}
}
