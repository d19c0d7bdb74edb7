package craftypocket.app.sets;

import craftypocket.app.http.Constants;
import craftypocket.app.routines.RoutineDocument.PlacementDocument;
import craftypocket.app.routines.RoutineDocument.SetUpDocument;
import craftypocket.core.evening.BetterOrder;
import craftypocket.core.evening.Conflict;
import craftypocket.core.evening.Evening;
import craftypocket.core.evening.Reset;
import craftypocket.core.evening.Whereabouts;
import craftypocket.core.layout.Place;
import jakarta.validation.constraints.NotNull;
import java.util.ArrayList;
import java.util.List;

/**
 * How a set will go. Acts are spoken of by their index in the set.
 *
 * @param seconds how long it takes, with what is to be done in between
 * @param spread how much that varies, as a standard deviation in seconds
 * @param stopped whether there was not time for everything: what is to be put right is then told of fewer ends, without numbers
 * @param gone the acts whose routines are not on the shelf any more; the others go on without them
 */
record EveningDocument(
        @NotNull List<StageDocument> stages,
        @NotNull List<ConflictDocument> conflicts,
        @NotNull List<ResetDocument> forNextTable,
        @NotNull List<WhereaboutsDocument> whereabouts,
        @NotNull List<String> packList,
        int seconds,
        double spread,
        boolean stopped,
        @NotNull List<Integer> gone) {

    /**
     * One routine. {@code timed} says where its seconds come from: {@code runs}, {@code plan} or {@code guess}. {@code deckFrom} is the act that used the deck before,
     * -1 for none. {@code begins} is the
     * set-up that it would begin with if nothing was put right, {@code after} the one after the resets.
     */
    record StageDocument(
            int act,
            int deckFrom,
            int seconds,
            double spread,
            @NotNull String timed,
            @NotNull String method,
            @NotNull String bring,
            @NotNull String firstWords,
            @NotNull List<String> cues,
            @NotNull List<ResetDocument> resets,
            @NotNull SetUpDocument begins,
            @NotNull SetUpDocument after) {}

    /**
     * Something to be put right: how openly, and how long it takes, about. {@code to} is where a card is to come, when moves may
     * bring it there unseen.
     */
    record ResetDocument(
            @NotNull String kind,
            @NotNull String openness,
            @NotNull String sentence,
            @NotNull List<String> cards,
            int seconds,
            PlacementDocument to) {

        static ResetDocument of(Reset reset) {
            return new ResetDocument(
                    Constants.word(reset.kind()),
                    reset.kind().openness().label(),
                    reset.sentence(),
                    reset.cards(),
                    reset.seconds(),
                    reset.to().map(PlacementDocument::of).orElse(null));
        }

        static List<ResetDocument> of(List<Reset> resets) {
            return resets.stream().map(ResetDocument::of).toList();
        }
    }

    record ConflictDocument(
            @NotNull String kind,
            @NotNull List<Integer> acts,
            @NotNull String sentence) {}

    /** Where everything is after an act; -1 for the beginning. */
    record WhereaboutsDocument(int act, @NotNull List<WhatIsWhereDocument> spots) {}

    /** What is at a place: {@code kind} is the sort of place, such as {@code pocket}, {@code name} which of them. */
    record WhatIsWhereDocument(
            @NotNull String kind,
            @NotNull String name,
            @NotNull String label,
            @NotNull List<String> what) {}

    /** A better order of a set; acts by their index in the set that was sent. */
    record BetterOrderDocument(
            @NotNull List<Integer> order,
            @NotNull List<Integer> leftOut,
            int cost,
            int costNow,
            @NotNull List<List<String>> reasons) {

        static BetterOrderDocument of(BetterOrder better, List<Integer> acts) {
            return new BetterOrderDocument(
                    better.order().stream().map(acts::get).toList(),
                    better.leftOut().stream().map(acts::get).toList(),
                    better.cost(),
                    better.costNow(),
                    better.reasons());
        }
    }

    static EveningDocument of(Evening evening, List<ActRead> acts, List<Integer> gone, boolean stopped) {
        List<StageDocument> stages = new ArrayList<>();
        for (int i = 0; i < acts.size(); i++) {
            Evening.Stage stage = evening.stages().get(i);
            ActRead act = acts.get(i);
            stages.add(new StageDocument(
                    act.index(),
                    stage.deckFrom() < 0 ? -1 : acts.get(stage.deckFrom()).index(),
                    act.act().seconds(),
                    act.act().spread(),
                    act.timed(),
                    stage.asks().method().label(),
                    act.bring(),
                    act.firstWords(),
                    act.cues(),
                    ResetDocument.of(stage.resets().list()),
                    SetUpDocument.of(stage.carried()),
                    SetUpDocument.of(stage.resets().after())));
        }
        return new EveningDocument(
                stages,
                evening.conflicts().stream()
                        .map(each ->
                                new ConflictDocument(Constants.word(each.kind()), indexes(each, acts), each.sentence()))
                        .toList(),
                ResetDocument.of(evening.forNextTable()),
                evening.whereabouts().stream()
                        .map(each -> whereabouts(each, acts))
                        .toList(),
                evening.packList(),
                evening.seconds(),
                evening.spread(),
                stopped,
                gone);
    }

    private static List<Integer> indexes(Conflict conflict, List<ActRead> acts) {
        return conflict.acts().stream().map(act -> acts.get(act).index()).toList();
    }

    private static WhereaboutsDocument whereabouts(Whereabouts at, List<ActRead> acts) {
        return new WhereaboutsDocument(
                at.act() < 0 ? -1 : acts.get(at.act()).index(),
                at.spots().entrySet().stream()
                        .map(spot -> new WhatIsWhereDocument(
                                spot.getKey().kind().word(),
                                spot.getKey().name(),
                                label(spot.getKey()),
                                spot.getValue()))
                        .toList());
    }

    private static String label(Place place) {
        if (place.equals(Whereabouts.BAG)) {
            return "in the bag";
        }
        return place.equals(Place.DECK) ? "in your hand" : place.spot();
    }
}
