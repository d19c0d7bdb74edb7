package craftypocket.core.moves;

import craftypocket.core.moves.beside.Beside;
import craftypocket.core.moves.controls.Controls;
import craftypocket.core.moves.counts.Counts;
import craftypocket.core.moves.cuts.Cuts;
import craftypocket.core.moves.forces.Forces;
import craftypocket.core.moves.glimpses.Glimpses;
import craftypocket.core.moves.handling.Handling;
import craftypocket.core.moves.loads.Loads;
import craftypocket.core.moves.reveals.Reveals;
import craftypocket.core.moves.selections.Selections;
import craftypocket.core.moves.shuffles.Shuffles;
import craftypocket.core.moves.things.Things;
import java.util.List;
import java.util.stream.Stream;

/** The whole catalogue. A new move is a class in its family's folder and a line in that family's list. */
public final class AllMoves {

    public static final Catalogue CATALOGUE = new Catalogue(Stream.of(
                    Cuts.ALL,
                    Shuffles.ALL,
                    Selections.ALL,
                    Controls.ALL,
                    Forces.ALL,
                    Glimpses.ALL,
                    Handling.ALL,
                    Counts.ALL,
                    Loads.ALL,
                    Things.ALL,
                    Reveals.ALL,
                    Beside.ALL)
            .flatMap(List::stream)
            .toList());

    /** The dozen by which performers are first asked what they can do: common practice, most other moves build on them. */
    public static final List<String> BASICS = List.of(
            "overhand",
            "riffle-keep",
            "false-cut",
            "hold-break",
            "double-undercut",
            "pass",
            "jog-control",
            "multiple-lift",
            "glimpse",
            "glide-draw",
            "force-riffle-break",
            "palm-top");

    private AllMoves() {}
}
