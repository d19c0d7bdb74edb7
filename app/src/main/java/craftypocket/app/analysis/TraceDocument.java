package craftypocket.app.analysis;

import craftypocket.app.http.Constants;
import craftypocket.core.advise.Hints;
import craftypocket.core.cards.Card;
import craftypocket.core.cards.CardText;
import craftypocket.core.cards.Mark;
import craftypocket.core.cards.Side;
import craftypocket.core.layout.Hold;
import craftypocket.core.layout.Knower;
import craftypocket.core.layout.Lying;
import craftypocket.core.layout.Pile;
import craftypocket.core.layout.Place;
import craftypocket.core.layout.Thing;
import craftypocket.core.moves.Advice;
import craftypocket.core.moves.AllMoves;
import craftypocket.core.read.Condition;
import craftypocket.core.read.Obstacle;
import craftypocket.core.read.Plan;
import craftypocket.core.read.PlannedStep;
import craftypocket.core.run.Ribbon;
import craftypocket.core.run.Trace;
import craftypocket.core.settings.Cast;
import craftypocket.core.settings.Setting;
import jakarta.validation.constraints.NotNull;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * A trace as screens draw it. Cards are spoken of by their number, an index into {@code cards}.
 *
 * @param people who can know a name: “you”, then the spectators
 * @param moments the set-up first, then one a step
 */
public record TraceDocument(
        @NotNull List<CardDocument> cards,
        @NotNull List<String> people,
        @NotNull List<FollowedRole> roles,
        @NotNull List<MomentDocument> moments,
        @NotNull List<OutcomeDocument> outcomes,
        @NotNull List<HintDocument> hints) {

    /** {@code rule} is that by which a performer can put hints aside. */
    record HintDocument(
            @NotNull String rule,
            @NotNull String stepId,
            @NotNull String text,
            @NotNull String reason) {}

    /**
     * {@code marks} are words such as “crimped”; {@code special} says that it is not an ordinary card. {@code stated} is placed
     * when somebody said where it lies, named when nobody did but something speaks of it, and open when it is just some card:
     * another one could lie there as well.
     */
    record CardDocument(
            @NotNull String code,
            @NotNull String sign,
            @NotNull String name,
            boolean red,
            @NotNull SideDocument front,
            @NotNull SideDocument back,
            boolean special,
            @NotNull String stated,
            @NotNull List<String> marks) {}

    /** {@code kind} is face, joker, blank or back; {@code design} is that of a back other than the usual one. */
    record SideDocument(
            @NotNull String kind,
            @NotNull String sign,
            @NotNull String name,
            boolean red,
            @NotNull String design) {}

    record FollowedRole(
            @NotNull String letter,
            @NotNull String kind,
            @NotNull String label,
            @NotNull String owner) {}

    record MomentDocument(
            @NotNull String stepId,
            @NotNull String sentence,
            @NotNull String stated,
            @NotNull String condition,
            boolean skipped,
            ObstacleDocument broken,
            @NotNull List<RemarkDocument> remarks,
            @NotNull List<ChoiceDocument> choices,
            @NotNull List<PileDocument> piles,
            @NotNull List<HoldDocument> holds,
            @NotNull List<ThingStateDocument> things,
            @NotNull List<SpoiltDocument> spoilt,
            @NotNull List<RoleStateDocument> roles,
            @NotNull List<ShownDocument> shown,
            @NotNull List<ShownDocument> alsoSeen,
            @NotNull List<BeliefDocument> beliefs,
            PassedDocument passed,
            @NotNull List<HoldDocument> lost,
            @NotNull List<RibbonDocument> ribbons) {}

    /**
     * A thing as it lies, {@code above} being how many cards of its place lie above it. {@code parts} are the places in it;
     * {@code written} is the name of the card that is written on it, or empty.
     */
    record ThingStateDocument(
            @NotNull String name,
            @NotNull String label,
            @NotNull String place,
            @NotNull String spot,
            int above,
            boolean closed,
            @NotNull List<String> parts,
            @NotNull String written) {}

    /** What was done to a card for good, in a word. */
    record SpoiltDocument(int card, @NotNull String how) {}

    /** @param open whether it only is not filled in yet */
    /** @param helpers the ids of the moves by which {@code mend} would help */
    record ObstacleDocument(
            @NotNull String reason,
            @NotNull String mend,
            @NotNull List<String> helpers,
            boolean open) {

        static ObstacleDocument of(Obstacle obstacle) {
            Advice advice = Advice.of(obstacle.mend(), AllMoves.CATALOGUE);
            return new ObstacleDocument(obstacle.reason(), advice.text(), advice.moves(), obstacle.open());
        }
    }

    record RemarkDocument(boolean warning, @NotNull String text) {}

    record ChoiceDocument(
            @NotNull String key,
            @NotNull String setting,
            @NotNull String label,
            @NotNull String told,
            boolean bySpectator,
            int number,
            int low,
            int high) {}

    /**
     * Cards from the top as they lie; {@code faceUp} says of each whether it lies face up. What lies uppermost in the
     * {@code open} is seen by all. {@code label} is the place in a sentence, {@code caption} standing alone.
     */
    record PileDocument(
            @NotNull String place,
            @NotNull String label,
            @NotNull String caption,
            boolean open,
            @NotNull List<Integer> cards,
            @NotNull List<Boolean> faceUp) {}

    record HoldDocument(
            @NotNull String kind,
            @NotNull String word,
            @NotNull String place,
            int depth) {}

    /**
     * {@code card} is -1 while no world of this kind chooses one; {@code place} is then empty. {@code placeKnown} says how well you know
     * the place, {@code within} how far off you may be who know it nearly; it is empty where nobody went through all ways.
     */
    record RoleStateDocument(
            int card,
            boolean chosen,
            @NotNull String place,
            @NotNull String placeLabel,
            int position,
            int fromBottom,
            boolean faceUp,
            @NotNull String placeKnown,
            int within,
            @NotNull List<String> nameKnownTo,
            int takenFor,
            @NotNull List<SpotOfCard> slug) {}

    /** Where one card of a slug lies. */
    record SpotOfCard(int card, @NotNull String place, int position) {}

    /** Cards that were counted: how many there really are, and for how many they pass. */
    record PassedDocument(@NotNull String place, @NotNull String label, int really, int seeming) {}

    /** {@code seenBy} is everybody, you, or the name of the one person who sees it. */
    record ShownDocument(int card, boolean front, @NotNull String seenBy) {}

    /** What people believe by then, by the claim that states it, if one does; and whether it is so in this world. */
    record BeliefDocument(@NotNull String id, @NotNull String sentence, boolean so) {}

    record RibbonDocument(
            @NotNull String from, int fromPosition, @NotNull String to, int toPosition, int length, boolean turned) {}

    record OutcomeDocument(
            @NotNull String kind,
            @NotNull String id,
            @NotNull String sentence,
            boolean holds) {}

    /**
     * @param trace what happens, with what is known where all ways were gone through
     * @param words how the performer wants to be spoken to
     */
    static TraceDocument of(Plan plan, Trace trace, UnaryOperator<String> words, Set<Side> forced) {
        List<MomentDocument> moments = new ArrayList<>();
        for (int i = 0; i < trace.moments().size(); i++) {
            moments.add(moment(
                    plan,
                    i == 0 ? null : plan.steps().get(i - 1),
                    trace.moments().get(i),
                    words));
        }
        return new TraceDocument(
                IntStream.range(0, plan.pack().size())
                        .mapToObj(number -> card(plan, number))
                        .toList(),
                plan.people(),
                IntStream.range(0, plan.cast().parts().size())
                        .mapToObj(i -> role(plan, i))
                        .toList(),
                moments,
                IntStream.range(0, plan.conditions().size())
                        .mapToObj(i -> outcome(
                                plan.conditions().get(i), trace.outcomes().get(i)))
                        .toList(),
                Hints.of(plan, trace, forced).stream()
                        .map(h -> new HintDocument(
                                Constants.word(h.rule()),
                                h.step() < 0
                                        ? ""
                                        : plan.steps().get(h.step()).step().id(),
                                words.apply(h.text()),
                                words.apply(h.reason())))
                        .toList());
    }

    private static CardDocument card(Plan plan, int number) {
        Card card = plan.pack().card(number);
        boolean open = plan.arrangement().anyCard(number);
        return new CardDocument(
                CardText.code(card),
                CardText.sign(card),
                CardText.name(card),
                red(card.front()),
                side(card.front()),
                side(card.back()),
                !card.regular(),
                open ? "open" : plan.arrangement().unstated(number) ? "named" : "placed",
                plan.marks(number).stream().map(Mark::label).toList());
    }

    private static SideDocument side(Side side) {
        return new SideDocument(
                Constants.word(side.kind()),
                CardText.sign(side),
                CardText.name(side),
                red(side),
                side.equals(Side.USUAL_BACK) ? "" : side.design());
    }

    private static boolean red(Side side) {
        return side.suit() != null && side.suit().red();
    }

    private static FollowedRole role(Plan plan, int index) {
        Cast.Part part = plan.cast().part(index);
        return new FollowedRole(
                part.letter(), Constants.word(plan.routine().roles().get(index).kind()), part.label(), part.owner());
    }

    private static MomentDocument moment(
            Plan plan, PlannedStep step, Trace.Moment moment, UnaryOperator<String> words) {
        return new MomentDocument(
                step == null ? "" : step.step().id(),
                words.apply(moment.sentence()),
                words.apply(step == null ? moment.sentence() : step.sentence()),
                step == null ? "" : step.condition().orElse(""),
                moment.skipped(),
                moment.broken().map(ObstacleDocument::of).orElse(null),
                step == null ? List.of() : remarks(step, moment),
                moment.choices().stream().map(TraceDocument::choice).toList(),
                moment.layout().piles().stream().map(TraceDocument::pile).toList(),
                moment.layout().holds().stream().map(TraceDocument::hold).toList(),
                moment.layout().things().stream()
                        .map(lying -> thing(plan, lying))
                        .toList(),
                moment.spoilt().stream()
                        .map(s -> new SpoiltDocument(s.card(), s.how().word()))
                        .toList(),
                IntStream.range(0, moment.roles().size())
                        .mapToObj(role -> state(plan, role, moment))
                        .toList(),
                shown(plan, moment.shown()),
                shown(plan, moment.alsoSeen()),
                moment.beliefs().stream()
                        .map(b -> new BeliefDocument(b.id(), b.sentence(), b.so()))
                        .toList(),
                moment.passed()
                        .map(p -> new PassedDocument(p.place().text(), p.place().label(), p.really(), p.seeming()))
                        .orElse(null),
                moment.lost().stream().map(TraceDocument::hold).toList(),
                moment.ribbons().stream().map(TraceDocument::ribbon).toList());
    }

    private static List<ShownDocument> shown(Plan plan, List<Trace.Shown> sides) {
        return sides.stream()
                .map(s -> new ShownDocument(
                        s.card(),
                        s.front(),
                        s.toEverybody() ? "everybody" : plan.people().get(s.turnedTo())))
                .toList();
    }

    private static List<RemarkDocument> remarks(PlannedStep step, Trace.Moment moment) {
        return Stream.concat(
                        step.remarks().stream().map(r -> new RemarkDocument(r.warning(), r.text())),
                        moment.remarks().stream().map(text -> new RemarkDocument(true, text)))
                .toList();
    }

    private static ChoiceDocument choice(Trace.Chosen chosen) {
        Setting setting = chosen.choice().setting();
        return new ChoiceDocument(
                chosen.choice().key(),
                setting.name(),
                setting.label(),
                chosen.choice().told(String.valueOf(chosen.number())),
                setting.decider() == Setting.Decider.SPECTATOR,
                chosen.number(),
                chosen.low(),
                chosen.high());
    }

    private static PileDocument pile(Pile pile) {
        List<Integer> cards = new ArrayList<>();
        List<Boolean> faceUp = new ArrayList<>();
        for (int position = 1; position <= pile.size(); position++) {
            cards.add(pile.card(position));
            faceUp.add(pile.faceUp(position));
        }
        return new PileDocument(
                pile.place().text(),
                pile.place().label(),
                pile.place().caption(),
                pile.place().kind().open(),
                cards,
                faceUp);
    }

    private static HoldDocument hold(Hold hold) {
        return new HoldDocument(
                hold.kind().text(), hold.kind().word(), hold.place().text(), hold.depth());
    }

    private static ThingStateDocument thing(Plan plan, Lying lying) {
        Thing thing = plan.props().things().get(lying.thing());
        Optional<Side> written = lying.written() < 0
                ? thing.written()
                : Optional.of(plan.pack().card(lying.written()).front());
        return new ThingStateDocument(
                thing.name(),
                thing.label(),
                lying.place().text(),
                lying.place().spot(),
                lying.above(),
                lying.closed(),
                thing.slots().stream().map(slot -> thing.slot(slot).text()).toList(),
                written.map(CardText::name).orElse(""));
    }

    private static RoleStateDocument state(Plan plan, int index, Trace.Moment moment) {
        Trace.RoleState role = moment.roles().get(index);
        Place place = role.place();
        return new RoleStateDocument(
                role.card(),
                role.chosen(),
                place == null ? "" : place.text(),
                place == null ? "" : place.label(),
                role.position(),
                role.fromBottom(),
                role.faceUp(),
                moment.known().map(known -> Constants.word(known.place(index))).orElse(""),
                moment.known().map(known -> known.within(index)).orElse(0),
                Stream.concat(
                                moment.known().filter(known -> known.name(index)).stream()
                                        .map(known -> Knower.PERFORMER),
                                role.nameKnownTo().stream())
                        .map(plan.people()::get)
                        .toList(),
                role.takenFor(),
                Arrays.stream(plan.slug(index))
                        .mapToObj(card -> spot(moment, card))
                        .toList());
    }

    private static SpotOfCard spot(Trace.Moment moment, int card) {
        for (Pile pile : moment.layout().piles()) {
            if (pile.positionOf(card) > 0) {
                return new SpotOfCard(card, pile.place().text(), pile.positionOf(card));
            }
        }
        throw new IllegalStateException("card " + card + " lies nowhere");
    }

    private static RibbonDocument ribbon(Ribbon ribbon) {
        return new RibbonDocument(
                ribbon.from().text(),
                ribbon.fromPosition(),
                ribbon.to().text(),
                ribbon.toPosition(),
                ribbon.length(),
                ribbon.turned());
    }

    private static OutcomeDocument outcome(Condition condition, boolean holds) {
        return new OutcomeDocument(Constants.word(condition.kind()), condition.id(), condition.sentence(), holds);
    }
}
