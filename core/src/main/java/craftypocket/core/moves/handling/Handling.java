package craftypocket.core.moves.handling;

import craftypocket.core.moves.Move;
import java.util.List;

/** The primitives of handling cards and packets, as moves of their own. */
public final class Handling {

    public static final List<Move> ALL = List.of(
            new LiftPacket(),
            new DropPacket(),
            new DealSingly(),
            new DealInTurn(),
            new DealPastKey(),
            new TurnOver(),
            new TurnTop(),
            new TurnCard(),
            new ShowCard(),
            new ExchangeBlocks(),
            new HandOver(),
            new LetGo(),
            new BrushOff(),
            new HoldBreak(),
            new PassBreak(),
            new JogCard(),
            new PushSquare(),
            new StripOut(),
            new TakeIndifferent(),
            new FollowCard());

    private Handling() {}
}
