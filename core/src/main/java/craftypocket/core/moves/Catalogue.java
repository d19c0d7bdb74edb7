package craftypocket.core.moves;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** A list of moves that routines can use. */
public final class Catalogue {

    private final List<Move> moves;
    private final Map<String, Move> byId = new HashMap<>();

    /** @throws IllegalArgumentException when two moves have the same id */
    public Catalogue(List<Move> moves) {
        this.moves = List.copyOf(moves);
        for (Move move : moves) {
            if (byId.put(move.id(), move) != null) {
                throw new IllegalArgumentException("move “" + move.id() + "” is listed twice: remove one of them");
            }
        }
    }

    /** This list and some moves more. */
    public Catalogue and(List<Move> more) {
        List<Move> all = new ArrayList<>(moves);
        all.addAll(more);
        return new Catalogue(all);
    }

    public List<Move> moves() {
        return moves;
    }

    public Optional<Move> find(String id) {
        return Optional.ofNullable(byId.get(id));
    }
}
