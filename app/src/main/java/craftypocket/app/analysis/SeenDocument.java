package craftypocket.app.analysis;

import craftypocket.app.http.Constants;
import craftypocket.core.cards.CardText;
import craftypocket.core.cards.Side;
import craftypocket.core.layout.Place;
import craftypocket.core.read.Plan;
import craftypocket.core.seem.Seeming;
import craftypocket.core.seem.Seen;
import craftypocket.core.seem.Wonder;
import jakarta.validation.constraints.NotNull;
import java.util.ArrayList;
import java.util.List;

/**
 * The deck in people’s heads along a way. Their cards have numbers of their own, which say nothing of faces.
 *
 * @param moments the set-up first, then one a step
 */
record SeenDocument(@NotNull List<SeenMoment> moments) {

    /**
     * {@code spots} says for each role where they think that its card lies; {@code parts} where the real cards lie otherwise;
     * {@code thinks} is empty where they think what they thought before.
     */
    record SeenMoment(
            @NotNull String stepId,
            @NotNull List<ThoughtPileDocument> piles,
            @NotNull List<LooseDocument> loose,
            @NotNull List<ThoughtSpot> spots,
            @NotNull List<PartedSpot> parts,
            @NotNull List<WonderDocument> effects,
            @NotNull List<WonderDocument> flaws,
            @NotNull String thinks) {}

    record ThoughtPileDocument(
            @NotNull String place,
            @NotNull String label,
            @NotNull String caption,
            @NotNull List<ThoughtCardDocument> cards) {}

    /** {@code sign} and {@code name} are empty where they never saw it. */
    record ThoughtCardDocument(
            int number,
            boolean faceUp,
            @NotNull String sign,
            @NotNull String name,
            boolean red) {}

    /** A face that lies they do not know where; in one of {@code places}, if they know that much. */
    record LooseDocument(
            @NotNull String sign, boolean red, @NotNull List<String> places) {}

    /** {@code position} is 0 where they do not know it; {@code place} is then empty. */
    record ThoughtSpot(@NotNull String place, int position) {}

    record PartedSpot(@NotNull String place, int position) {}

    /** {@code kind} is changed, travelled, came, vanished, turned, found, foretold or twice. */
    record WonderDocument(@NotNull String kind, @NotNull String sentence) {

        static WonderDocument of(Wonder wonder) {
            return new WonderDocument(Constants.word(wonder.kind()), wonder.sentence());
        }
    }

    static SeenDocument of(Plan plan, Seeming seeming) {
        List<SeenMoment> moments = new ArrayList<>();
        for (int i = 0; i < seeming.moments().size(); i++) {
            moments.add(moment(
                    i == 0 ? "" : plan.steps().get(i - 1).step().id(),
                    seeming.moments().get(i)));
        }
        return new SeenDocument(moments);
    }

    private static SeenMoment moment(String step, Seen seen) {
        return new SeenMoment(
                step,
                seen.piles().stream().map(SeenDocument::pile).toList(),
                seen.loose().stream()
                        .map(loose -> new LooseDocument(
                                CardText.sign(loose.face()),
                                red(loose.face()),
                                loose.places().stream().map(Place::label).toList()))
                        .toList(),
                seen.spots().stream()
                        .map(spot -> spot.map(at -> new ThoughtSpot(at.place().text(), at.position()))
                                .orElse(new ThoughtSpot("", 0)))
                        .toList(),
                seen.parts().stream()
                        .map(spot -> new PartedSpot(spot.place().text(), spot.position()))
                        .toList(),
                seen.effects().stream().map(WonderDocument::of).toList(),
                seen.flaws().stream().map(WonderDocument::of).toList(),
                seen.thinks());
    }

    private static ThoughtPileDocument pile(Seen.ThoughtPile pile) {
        return new ThoughtPileDocument(
                pile.place().text(),
                pile.place().label(),
                pile.place().caption(),
                pile.cards().stream()
                        .map(card -> new ThoughtCardDocument(
                                card.number(),
                                card.faceUp(),
                                card.face().map(CardText::sign).orElse(""),
                                card.face().map(CardText::name).orElse(""),
                                card.face().map(SeenDocument::red).orElse(false)))
                        .toList());
    }

    private static boolean red(Side side) {
        return side.suit() != null && side.suit().red();
    }
}
