package craftypocket.core.moves.things;

import craftypocket.core.moves.Move;
import java.util.List;

/** What is done with envelopes, wallets, notes and phones, and what goes into them. */
public final class Things {

    public static final List<Move> ALL =
            List.of(new PutIn(), new PlaceThing(), new OpenThing(), new SwapThing(), new WriteOn(), new SignCard());

    private Things() {}
}
