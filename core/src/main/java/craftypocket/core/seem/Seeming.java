package craftypocket.core.seem;

import craftypocket.core.layout.Knower;
import craftypocket.core.layout.Layout;
import craftypocket.core.layout.Lying;
import craftypocket.core.layout.Pile;
import craftypocket.core.layout.Place;
import craftypocket.core.layout.Thing;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Seems;
import craftypocket.core.moves.Trait;
import craftypocket.core.read.Plan;
import craftypocket.core.read.PlannedStep;
import craftypocket.core.run.Trace;
import craftypocket.core.settings.Sentence;
import craftypocket.core.settings.Setting;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;

/**
 * The deck in people’s heads along a trace: moved by what each step looks like, corrected by what they truly see.
 *
 * <p>What is done openly moves their cards as it moves the real ones, by their places: the third card from the top that they see dealt is
 * the third of the deck as they think it is. What is done in secret moves nothing. Where a side comes into view, the card that they think
 * lies there takes that face; if they knew another one, or knew that face elsewhere, it is a {@link Wonder}.
 */
public final class Seeming {

    /** Of a packet of so many cards the order is remembered; of a larger pile what lies on top and at the bottom. */
    static final int FEW = 10;

    private final Plan plan;
    private final Trace trace;
    private final int last;
    private final Thought thought;
    private final Motion motion;
    private final Faces faces;
    private final List<Seen> moments = new ArrayList<>();
    private final Set<Integer> foretold = new HashSet<>();

    private Seeming(Plan plan, Trace trace, int last) {
        this.last = last;
        this.plan = plan;
        this.trace = trace;
        thought = new Thought(plan.pack());
        motion = new Motion(thought, plan.pack().size());
        faces = new Faces(plan, thought);
    }

    /** What they think, and what surprises them: at the set-up, and after each step. */
    public static Seeming of(Plan plan, Trace trace) {
        return upTo(plan, trace, trace.moments().size() - 1);
    }

    /** The same up to a moment, which is the end then. */
    static Seeming upTo(Plan plan, Trace trace, int last) {
        Seeming seeming = new Seeming(plan, trace, last);
        seeming.run();
        return seeming;
    }

    /** At the set-up, and after each step. */
    public List<Seen> moments() {
        return Collections.unmodifiableList(moments);
    }

    /** The whole as somebody tells it who was there: looks and effects, and no word of how it is done. */
    public List<String> account() {
        List<String> account = new ArrayList<>();
        for (Seen seen : moments) {
            for (String sentence : seen.told()) {
                if (account.isEmpty() || !account.get(account.size() - 1).equals(sentence)) {
                    account.add(sentence);
                }
            }
        }
        return account;
    }

    /** What lies otherwise at the end than they think; nothing where all can be handed out. */
    public List<Unclean> unclean() {
        return new Parting(plan, thought, faces, motion)
                .unclean(trace.moments().get(last).layout());
    }

    private void run() {
        Trace.Moment start = trace.moments().get(0);
        for (Pile pile : start.layout().piles()) {
            for (int position = 1;
                    position <= pile.size() && pile.place().kind().open();
                    position++) {
                thought.pile(pile.place()).add(thought.unknown(pile.faceUp(position)));
            }
        }
        faces.begin(start, motion.origin());
        look(start, false);
        moments.add(seen(start, List.of(), false, List.of(), ""));
        for (int index = 0; index < last; index++) {
            moments.add(step(plan.steps().get(index), trace.moments().get(index + 1)));
        }
    }

    private Seen step(PlannedStep step, Trace.Moment moment) {
        if (moment.skipped() || moment.broken().isPresent()) {
            return seen(moment, List.of(), false, List.of(), "");
        }
        Layout before = moment.before().orElseThrow();
        Telling telling = new Telling(plan, step, moment);
        String thinks = step.step().audience().thinks();
        Seems seems = seems(step, thinks);
        faces.begin(moment, motion.origin());
        boolean shown = false;
        switch (seems) {
            case ITSELF -> motion.follow(before, moment.layout(), true);
            case MIXED -> {
                motion.follow(before, moment.layout(), !step.move().profile().secret());
                thought.mix(pile(step));
                motion.reordered().forEach(thought::mix);
            }
            case CHOSEN -> {
                hideAmongOthers(before, moment);
                motion.follow(before, moment.layout(), true);
            }
            case ONE -> {
                one(step, moment);
                shown = true;
            }
            case BOTTOM -> {
                bottom(step, moment);
                shown = true;
            }
            case COUNTED -> {
                counted(step, moment);
                shown = true;
            }
            case TURNED_ONTO -> {
                turnedOnto(step, before, moment);
                shown = true;
            }
            default -> motion.rest();
        }
        faces.counted(motion.wondered());
        settle();
        look(moment, shown);
        boolean effect = effect(step, seems);
        sides(step, moment.layout(), effect);
        foretold(step, moment);
        singledOut(step, moment);
        settle();
        List<String> told = telling.of(seems, motion, thinks(thinks) ? thinks : "");
        return seen(moment, faces.wonders(), effect, told, faces.thinks(moment.roles(), step));
    }

    /** Whether what surprises in a step is meant to. */
    private static boolean effect(PlannedStep step, Seems seems) {
        return switch (step.step().audience().effect()) {
            case YES -> true;
            case NO -> false;
            default ->
                step.move().family() == Family.REVEALS
                        || seems == Seems.NOTHING && step.move().has(Trait.SHOWS_FACES);
        };
    }

    private static boolean thinks(String words) {
        return !words.isEmpty() && word(words).isEmpty();
    }

    private static Optional<Seems> word(String words) {
        for (Seems seems : Seems.values()) {
            if (seems.name().equalsIgnoreCase(words)) {
                return Optional.of(seems);
            }
        }
        return Optional.empty();
    }

    /** What a step looks like; a sentence tells it, and then nothing else is seen of it. */
    private static Seems seems(PlannedStep step, String thinks) {
        return thinks.isEmpty() ? step.move().seems() : word(thinks).orElse(Seems.NOTHING);
    }

    /** The pile that a step speaks of first. */
    private static Place pile(PlannedStep step) {
        return place(step, setting -> setting.kind() == Setting.Kind.PLACE);
    }

    private static Place place(PlannedStep step, Predicate<Setting> which) {
        return step.move().settings().all().stream()
                .filter(which)
                .findFirst()
                .flatMap(setting -> Place.read(step.step().settings().getOrDefault(setting.name(), setting.usual())))
                .orElse(Place.DECK);
    }

    private static Place place(PlannedStep step, String name) {
        return place(step, setting -> setting.name().equals(name));
    }

    /**
     * A forced card passes for any card of the pile. If they knew its face where it lay, such as on top, it is another one that is taken for
     * them; when it is looked at, that face is found where they did not think it was.
     */
    private void hideAmongOthers(Layout before, Trace.Moment moment) {
        for (int role = 0; role < moment.roles().size(); role++) {
            Trace.RoleState state = moment.roles().get(role);
            for (Pile pile : before.piles()) {
                int position = pile.positionOf(state.card());
                List<Thought.Card> thinks = thought.at(pile.place());
                boolean leaves =
                        position > 0 && state.place() != null && !state.place().equals(pile.place());
                if (leaves && position <= thinks.size() && thinks.get(position - 1).face != Thought.NONE) {
                    thinks.stream()
                            .filter(card -> card.face == Thought.NONE && !card.up)
                            .findFirst()
                            .ifPresent(other -> {
                                int at = thinks.indexOf(other);
                                thinks.set(at, thinks.get(position - 1));
                                thinks.set(position - 1, other);
                            });
                }
            }
        }
    }

    /** The top card, as they think it is one, is shown; then it is turned back, left, or put aside. */
    private void one(PlannedStep step, Trace.Moment moment) {
        motion.rest();
        Place place = pile(step);
        if (thought.at(place).isEmpty()) {
            return;
        }
        Thought.Card top = thought.at(place).get(0);
        moment.shown().stream()
                .filter(shown -> !shown.onlyPerformer())
                .findFirst()
                .ifPresent(shown -> faces.see(shown, top, place));
        // A move without a word for it puts the card aside as it lies, such as two that are lifted as one.
        Optional<Setting> word = step.move().settings().named("then");
        String then = word.map(setting -> step.step().settings().getOrDefault("then", setting.usual()))
                .orElse("unload");
        if (then.equals("leave") || then.equals("aside")) {
            top.up = !top.up;
        }
        if (then.equals("aside") || then.equals("unload")) {
            motion.bring(place, 0, place(step, "to"));
        }
    }

    private void bottom(PlannedStep step, Trace.Moment moment) {
        motion.rest();
        Place place = pile(step);
        List<Thought.Card> pile = thought.at(place);
        if (pile.isEmpty()) {
            return;
        }
        Thought.Card last = pile.get(pile.size() - 1);
        for (Trace.Shown shown : moment.shown()) {
            faces.see(shown, last, place);
        }
        motion.bring(place, pile.size() - 1, place(step, "to"));
    }

    /** As many cards as beats, one after another from the top; the last lies on top. */
    private void counted(PlannedStep step, Trace.Moment moment) {
        motion.rest();
        Place place = pile(step);
        List<Thought.Card> pile = thought.pile(place);
        int beats = (int)
                moment.shown().stream().filter(shown -> !shown.onlyPerformer()).count();
        motion.seemsToBe(place, beats);
        int beat = 0;
        for (Trace.Shown shown : moment.shown()) {
            if (!shown.onlyPerformer()) {
                faces.see(shown, pile.get(beat++), place);
            }
        }
        Place into = place(step, setting -> setting.name().equals("into"));
        boolean stays = step.step().settings().getOrDefault("into", "").isEmpty();
        List<Thought.Card> reversed = new ArrayList<>();
        pile.forEach(card -> reversed.add(0, card));
        pile.clear();
        thought.pile(stays ? place : into).addAll(0, reversed);
        motion.counts(beats);
    }

    private void turnedOnto(PlannedStep step, Layout before, Trace.Moment moment) {
        motion.rest();
        Place from = place(step, "packet");
        Pile packet = before.at(from);
        List<Thought.Card> cards = new ArrayList<>(thought.at(from));
        Set<Integer> already = new HashSet<>();
        for (Trace.Shown shown : moment.shown()) {
            int position = packet.positionOf(shown.card());
            if (position > 0 && position <= cards.size() && already.add(shown.card())) {
                faces.see(shown, cards.get(position - 1), from);
            }
        }
        for (Thought.Card card : cards) {
            card.up = !card.up;
            motion.bring(from, 0, place(step, "pile"));
        }
    }

    /** Every side that comes into view and is no back gives its face to the card that they think lies there. */
    private void look(Trace.Moment moment, boolean shownAlready) {
        Thought.Card[] lies = null;
        List<Trace.Shown> sights = new ArrayList<>(shownAlready ? List.of() : moment.shown());
        sights.addAll(moment.alsoSeen());
        for (Trace.Shown sight : sights) {
            if (thought.faceOf(sight.card(), sight.front()) == Thought.NONE) {
                continue;
            }
            lies = lies == null ? motion.lies(moment.layout()) : lies;
            Thought.Card there = lies[sight.card()];
            if (there != null) {
                faces.see(sight, there, thought.placeOf(there).orElseThrow());
            }
        }
    }

    /**
     * What lies uppermost in the open is seen, and so is which way round it lies. Where something is revealed, the pile is spread: all of
     * it is seen.
     */
    private void sides(PlannedStep step, Layout layout, boolean effect) {
        for (Pile pile : layout.piles()) {
            List<Thought.Card> thinks = thought.at(pile.place());
            if (thinks.isEmpty() || pile.size() == 0 || !pile.place().kind().open()) {
                continue;
            }
            boolean spread = effect && pile.place().equals(pile(step)) && pile.size() == thinks.size();
            int turned = 0;
            for (int position = 1; position <= (spread ? pile.size() : 1); position++) {
                Thought.Card card = thinks.get(position - 1);
                boolean up = pile.faceUp(position);
                turned += card.up == up ? 0 : 1;
                card.up = up;
                if (spread) {
                    faces.see(new Trace.Shown(pile.card(position), up, Knower.EVERYBODY), card, pile.place());
                }
            }
            faces.turned(pile.place(), turned, spread);
        }
    }

    /** A thing that comes out into the open, or is opened, with a name on it: that of a card that was chosen. */
    private void foretold(PlannedStep step, Trace.Moment moment) {
        if (step.move().family() != Family.THINGS && step.move().family() != Family.REVEALS
                || step.move().profile().secret()) {
            return;
        }
        Layout before = moment.before().orElseThrow();
        for (Lying lying : moment.layout().things()) {
            Thing thing = plan.props().things().get(lying.thing());
            boolean readable = readable(lying, moment.layout());
            boolean was = before.things().stream()
                    .filter(other -> other.thing() == lying.thing())
                    .anyMatch(other -> readable(other, before));
            for (int role = 0; role < moment.roles().size() && readable && !was; role++) {
                Trace.RoleState state = moment.roles().get(role);
                if (state.chosen() && isWritten(thing, lying, state.card()) && foretold.add(lying.thing())) {
                    faces.foretold(Sentence.capital(thing.label()), role);
                }
            }
        }
    }

    private boolean isWritten(Thing thing, Lying lying, int card) {
        Object written = lying.written() >= 0
                ? plan.pack().card(lying.written()).front()
                : thing.written().orElse(null);
        return plan.pack().card(card).front().equals(written);
    }

    /** Whether what is written on a thing can be read: it lies in the open, or in something open that does. */
    private boolean readable(Lying lying, Layout layout) {
        if (lying.place().kind() != Place.Kind.IN) {
            return lying.place().kind().open();
        }
        return layout.things().stream()
                .filter(outer -> plan.props()
                        .things()
                        .get(outer.thing())
                        .name()
                        .equals(lying.place().thing()))
                .anyMatch(outer -> !outer.closed() && readable(outer, layout));
    }

    /** A card that the performer names, or turns over although its face was seen. */
    private void singledOut(PlannedStep step, Trace.Moment moment) {
        boolean names = step.move().family() == Family.REVEALS
                && !step.move().profile().secret()
                && moment.shown().stream().noneMatch(shown -> shown.front() && !shown.onlyPerformer());
        for (Setting setting : step.move().settings().all()) {
            if (names && setting.kind() == Setting.Kind.ROLE) {
                String letter = step.step().settings().getOrDefault(setting.name(), setting.usual());
                int role = plan.cast().roleOf(letter);
                if (role >= 0 && moment.roles().get(role).chosen()) {
                    faces.singledOut(role, step.move().has(Trait.BARE_REVEAL));
                }
            }
        }
    }

    /** In a large pile nobody knows more than what lies on top and at the bottom, card by card. */
    private void settle() {
        for (Map.Entry<Place, List<Thought.Card>> pile : thought.piles().entrySet()) {
            List<Thought.Card> cards = pile.getValue();
            if (cards.size() <= FEW) {
                continue;
            }
            int top = 0;
            while (top < FEW && cards.get(top).face != Thought.NONE) {
                top++;
            }
            int bottom = cards.size();
            while (bottom > top && cards.size() - bottom < FEW && cards.get(bottom - 1).face != Thought.NONE) {
                bottom--;
            }
            for (int i = top; i < bottom; i++) {
                thought.lose(cards.get(i), pile.getKey());
            }
        }
        thought.tidy();
    }

    private Seen seen(Trace.Moment moment, List<Wonder> wonders, boolean effect, List<String> told, String thinks) {
        List<Wonder> effects = new ArrayList<>();
        List<Wonder> flaws = new ArrayList<>();
        for (Wonder wonder : new LinkedHashSet<>(wonders)) {
            (effect || wonder.alwaysMeant() ? effects : flaws).add(wonder);
        }
        List<String> all = new ArrayList<>(told);
        effects.forEach(wonder -> all.add(wonder.sentence()));
        List<Seen.ThoughtPile> piles = new ArrayList<>();
        thought.piles().forEach((place, cards) -> {
            List<Seen.ThoughtCard> row = new ArrayList<>(cards.size());
            cards.forEach(card -> row.add(thought.told(card)));
            piles.add(new Seen.ThoughtPile(place, row));
        });
        return new Seen(
                piles,
                thought.loose().entrySet().stream()
                        .map(face -> new Seen.Loose(thought.side(face.getKey()), List.copyOf(face.getValue())))
                        .toList(),
                moment.roles().stream().map(this::spot).toList(),
                new Parting(plan, thought, faces, motion).spots(moment.layout()),
                effects,
                flaws,
                all,
                thinks);
    }

    private Optional<Seen.Spot> spot(Trace.RoleState role) {
        int face = role.chosen() && role.card() >= 0 ? thought.faceOf(role.card(), true) : Thought.NONE;
        return face == Thought.NONE
                ? Optional.empty()
                : thought.with(face).stream()
                        .findFirst()
                        .flatMap(card -> thought.placeOf(card)
                                .map(place ->
                                        new Seen.Spot(place, thought.at(place).indexOf(card) + 1)));
    }
}
