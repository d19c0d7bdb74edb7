package craftypocket.core.advise;

import craftypocket.core.cards.CardText;
import craftypocket.core.cards.Side;
import craftypocket.core.moves.Trait;
import craftypocket.core.read.Plan;
import craftypocket.core.run.Trace;
import craftypocket.core.settings.Sentence;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** What a step shows that it should not: what everybody sees of it, and what comes into view by accident. */
final class DisplayRules extends Rules {

    DisplayRules(Plan plan, Trace trace) {
        super(plan, trace);
    }

    @Override
    void look() {
        Set<Trace.Shown> seen = new HashSet<>(setUp().alsoSeen());
        for (int i = 0; i < steps(); i++) {
            if (done(i)) {
                shownTwice(i);
                wrongSides(i);
                oddBacks(i);
                thickness(i);
                byAccident(i, seen);
            }
            seen.addAll(after(i).shown());
            seen.addAll(after(i).alsoSeen());
        }
    }

    private Side side(Trace.Shown shown) {
        return plan().pack().card(shown.card()).side(shown.front());
    }

    /** In a count, a face that only one of the cards has, seen more often than once. */
    private void shownTwice(int index) {
        List<Trace.Shown> open = seenByAll(index);
        if (after(index).passed().isEmpty()) {
            return;
        }
        for (int i = 0; i < open.size(); i++) {
            Trace.Shown shown = open.get(i);
            int again = open.lastIndexOf(shown);
            boolean first = open.indexOf(shown) == i;
            if (first && again > i && !side(shown).isBack() && cardsShowing(open, side(shown)) == 1) {
                add(
                        Hint.Rule.CARD_SHOWN_TWICE,
                        index,
                        named(shown.card(), shown.front()) + " is seen twice in one count, as the "
                                + Sentence.ordinal(i + 1) + " and the " + Sentence.ordinal(again + 1)
                                + ". Show backs, use cards that look alike there, or let another card come first.",
                        "A face that is seen twice says that the count is not what it seems.");
            }
        }
    }

    /** How many different cards among those shown look like this. */
    private long cardsShowing(List<Trace.Shown> open, Side side) {
        return open.stream()
                .filter(s -> side(s).equals(side))
                .map(Trace.Shown::card)
                .distinct()
                .count();
    }

    /** Among backs, the other face of a card; among faces, a back. */
    private void wrongSides(int index) {
        List<Trace.Shown> open = seenByAll(index);
        for (boolean front : new boolean[] {false, true}) {
            List<Trace.Shown> alike =
                    open.stream().filter(s -> s.front() == front).toList();
            long backs = alike.stream().filter(s -> side(s).isBack()).count();
            // What most of them show is what is meant to be seen.
            boolean faces = 2 * backs < alike.size() || (2 * backs == alike.size() && front);
            long wrong = faces ? backs : alike.size() - backs;
            if (wrong > 0 && wrong < alike.size()) {
                Trace.Shown one = alike.stream()
                        .filter(s -> side(s).isBack() == faces)
                        .findFirst()
                        .orElseThrow();
                add(
                        Hint.Rule.WRONG_SIDE,
                        index,
                        faces
                                ? "A back is seen where the other cards show faces: keep that card hidden in this display."
                                : named(one.card(), one.front())
                                        + " is seen where the other cards show backs: its card has no back on that side."
                                        + " Keep it hidden in this display.",
                        "What is unlike the rest is what people look at.");
            }
        }
    }

    private void oddBacks(int index) {
        seenByAll(index).stream()
                .map(this::side)
                .filter(side -> side.isBack() && !side.equals(Side.USUAL_BACK))
                .findFirst()
                .ifPresent(side -> add(
                        Hint.Rule.ODD_BACK,
                        index,
                        "A " + CardText.name(side) + " is seen among others. Show its face only, or change all backs.",
                        "One back of another colour tells which card it is."));
    }

    private void thickness(int index) {
        after(index)
                .passed()
                .filter(p -> p.really() > p.seeming())
                .ifPresent(p -> add(
                        Hint.Rule.THICK_PACKET,
                        index,
                        counted(p.really()) + " pass for " + p.seeming()
                                + ": keep the packet square and its edge away from them."
                                + thickBeat(p),
                        "An edge that is too thick is seen from the side."));
    }

    /** Where the edge is seen. */
    private static String thickBeat(Trace.Passed passed) {
        return passed.thickest() == 0
                ? ""
                : " The " + Sentence.ordinal(passed.thickest()) + " beat carries " + passed.carries() + " of them.";
    }

    private static String counted(int cards) {
        return cards == 1 ? "One card" : cards + " cards";
    }

    /** A followed card, or a face where a back should be, comes to lie uppermost although nothing shows it. */
    private void byAccident(int index, Set<Trace.Shown> seenBefore) {
        if (step(index).move().has(Trait.SHOWS_FACES)) {
            return;
        }
        for (Trace.Shown came : after(index).alsoSeen()) {
            boolean face = came.toEverybody() && !side(came).isBack();
            int role = roleOf(index, came.card());
            if (face && !seenBefore.contains(came) && (role >= 0 || !came.front())) {
                add(
                        Hint.Rule.SEEN_BY_ACCIDENT,
                        index,
                        named(came.card(), came.front())
                                + (role < 0
                                        ? ""
                                        : ", " + plan().cast().part(role).label() + ",")
                                + " comes into view here, although nothing shows it. Keep that side down, or show it on purpose.",
                        "What is seen by accident is remembered as well as what is shown.");
            }
        }
    }

    /** The role whose card it is by then, or -1. */
    private int roleOf(int index, int card) {
        List<Trace.RoleState> roles = after(index).roles();
        for (int role = 0; role < roles.size(); role++) {
            if (roles.get(role).card() == card && roles.get(role).chosen()) {
                return role;
            }
        }
        return -1;
    }
}
