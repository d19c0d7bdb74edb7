package craftypocket.core.moves.counts;

import craftypocket.core.moves.Move;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Words;
import java.util.List;

/** The counts, displays and switches of the catalogue. */
public final class Counts {

    public static final List<Move> ALL = List.of(
            new BeatCount(
                    "hidden-third",
                    "Count hiding the third",
                    Profile.secret(3, "from behind"),
                    new Words(
                            "Count {pile} as four: {beats}.",
                            "The bottom card becomes the second. Seen are the first, the second, the last, and the first again.",
                            "Look at the cards, as you would if it were fair.",
                            List.of(
                                    "The edges of the block in line.",
                                    "The first card taken in square under the rest.",
                                    "Dealing grip, and the hand dips at every beat.",
                                    "The exchange beat no quicker than the others.")),
                    "peel under-all-but peel peel",
                    BeatCount.Kept.THIRD_HIDDEN),
            new BeatCount(
                    "bottom-bottom-bottom-top",
                    "Count three from the bottom, the rest as one",
                    Profile.secret(3, "from behind"),
                    new Words(
                            "Count {pile} as four: {beats}.",
                            "The order stays. Seen are the last three from the bottom, then the top card with the others under it.",
                            "Look at the cards, as you would if it were fair.",
                            List.of(
                                    "Draw each card, as if it were the only one.",
                                    "The last packet is held as a single card.")),
                    "draw draw draw rest",
                    BeatCount.Kept.ALL_DIFFERENT),
            new BeatCount(
                    "bottom-bottom-top-top",
                    "Count two from the bottom, two from the top",
                    Profile.secret(3, "from behind"),
                    new Words(
                            "Count {pile} as four: {beats}.",
                            "Seen are the last two from the bottom, then the two top cards. What lay between stays behind.",
                            "Look at the cards, as you would if it were fair.",
                            List.of(
                                    "Draw each card, as if it were the only one.",
                                    "The hand that keeps the rest turns down at once.")),
                    "draw draw peel peel",
                    BeatCount.Kept.ALL_DIFFERENT),
            new BeatCount(
                    "block-count",
                    "Count six as four by a block",
                    Profile.secret(4, "from behind"),
                    new Words(
                            "Count {pile} as four: {beats}.",
                            "The two lowest cards come to the top, the block of the others below them in order. Face down, only backs are seen.",
                            "Look at the cards, as you would if it were fair.",
                            List.of(
                                    "The block is taken square, by its corner.",
                                    "The card drawn first goes under as the block comes.")),
                    "draw under-all-but peel peel",
                    BeatCount.Kept.ONLY_BACKS),
            new BeatCount(
                    "block-push",
                    "Count with a pushed block",
                    Profile.secret(4, "from behind"),
                    new Words(
                            "Count {pile} as four, pushing off all but the bottom card first: {beats}.",
                            "The order stays. Seen are the top card, the two from the bottom, and the top card again.",
                            "Look at the cards, as you would if it were fair.",
                            List.of(
                                    "The block is pushed square, by its corner.",
                                    "The singles come from under it at the same pace.")),
                    "all-but under-peel draw rest",
                    BeatCount.Kept.SECOND_HIDDEN),
            new BeatCount(
                    "count-beats",
                    "Count by your own beats",
                    Profile.secret(3, "from behind"),
                    new Words(
                            "Count {pile}: {beats}.",
                            "Each beat shows one card as it lands. The order follows from the beats.",
                            "Look at the cards, as you would if it were fair.",
                            List.of("All beats alike.", "No card is seen that should not be.")),
                    "peel peel rest",
                    BeatCount.Kept.NOTHING),
            new MultipleLift(),
            new GlideDraw(),
            new AddOn(),
            new ShowSides(),
            new FeedSandwich(),
            new WristTurn(),
            new VisibleChange());

    private Counts() {}
}
