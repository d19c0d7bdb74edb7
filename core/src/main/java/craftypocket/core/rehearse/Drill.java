package craftypocket.core.rehearse;

import java.util.List;

/**
 * A passage that is done over and over, eyes shut, without a trick around it.
 *
 * @param id by which its series are kept
 * @param name what it is called
 * @param how how it is done, in a sentence
 * @param passages what one repetition goes through
 */
public record Drill(String id, String name, String how, List<Passage> passages) {

    /**
     * A part of a repetition.
     *
     * @param move the id of its move
     * @param words what is done
     */
    public record Passage(String move, String words) {}

    /** Those that ship. */
    public static final List<Drill> ALL = List.of(
            new Drill(
                    "controls",
                    "Keep it: top, bottom, milk, jog",
                    "The top card to the bottom, back to the top, drawn with the bottom one, jogged and brought back. Over and over, eyes shut, until it no longer goes wrong.",
                    List.of(
                            new Passage("overhand-top-to-bottom", "The top card to the bottom"),
                            new Passage("overhand-bottom-to-top", "The bottom card to the top"),
                            new Passage("milk-keep", "Top and bottom drawn together"),
                            new Passage("jog-control", "Jogged, and back to the top"))),
            new Drill(
                    "hidden-counts",
                    "Hide it: four, three as four, five as four",
                    "Four cards, one of them odd, counted so that it does not show; three as four; five as four. Even beats, slow first, the exchange no faster than the rest.",
                    List.of(
                            new Passage("hidden-third", "Four, the odd one hidden"),
                            new Passage("count-beats", "Three as four: one goes back and is counted again"),
                            new Passage("count-beats", "Five as four: the last two as one"))));

    public Drill {
        passages = List.copyOf(passages);
    }
}
