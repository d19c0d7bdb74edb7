package craftypocket.core.advise;

import craftypocket.core.layout.Hold;
import craftypocket.core.run.Plan;
import craftypocket.core.run.Trace;

/** What the deck must not have when it leaves the hands, and how long it can be held. */
final class HandingOutRules extends Rules {

    /** A break that is held over more steps than this is felt in the wrist, and seen. */
    private static final int STEPS_WITH_BREAK = 3;

    HandingOutRules(Plan plan, Trace trace) {
        super(plan, trace);
    }

    @Override
    void look() {
        breaks();
        handedOut();
    }

    private static boolean holdsBreak(Trace.Moment moment) {
        return moment.layout().holds().stream().anyMatch(h -> h.kind() == Hold.Kind.BREAK);
    }

    private void breaks() {
        int since = 0;
        for (int i = 0; i < steps(); i++) {
            since = holdsBreak(after(i)) ? since + 1 : 0;
            if (since == STEPS_WITH_BREAK + 1) {
                add(
                        Hint.Rule.LONG_BREAK,
                        i,
                        "The break has been held over " + STEPS_WITH_BREAK
                                + " steps. Use it sooner, or turn it into a step.",
                        "A hand that cannot move is noticed.");
            }
        }
    }

    private void handedOut() {
        for (int i = 0; i < steps(); i++) {
            boolean toSpectator = cameToSpectator(i);
            if (!toSpectator || !done(i)) {
                continue;
            }
            if (after(i).lost().stream().anyMatch(h -> h.kind() == Hold.Kind.BREAK)) {
                add(
                        Hint.Rule.HANDED_OUT_WITH_BREAK,
                        i,
                        "The deck leaves your hand with a break in it: the break is gone. Use it before you hand the deck over.",
                        "A break cannot survive the deck leaving the hands.");
            }
            odd(i);
            int away = away(after(i));
            if (away > 0) {
                add(
                        Hint.Rule.HANDED_OUT_SHORT,
                        i,
                        "The deck is handed out " + (away == 1 ? "one card" : away + " cards")
                                + " short. Put them back first, or do not let it be counted.",
                        "Somebody who holds the deck may count it.");
            }
        }
    }

    private void odd(int index) {
        for (Advice advice : Displays.advice(plan().pack(), before(index), after(index))) {
            if (advice.rule().equals(Displays.SPECIAL)) {
                add(
                        Hint.Rule.HANDED_OUT_SPECIAL,
                        index,
                        advice.text(),
                        "Whoever holds cards looks at both sides of them.");
            } else if (advice.rule().equals(Displays.REVERSED)) {
                add(Hint.Rule.HANDED_OUT_REVERSED, index, advice.text(), "Whoever holds the deck spreads it.");
            }
        }
    }
}
