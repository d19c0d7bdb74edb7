package craftypocket.core.evening;

import craftypocket.core.moves.Family;
import craftypocket.core.read.Plan;
import craftypocket.core.read.PlannedStep;
import craftypocket.core.routine.RoleKind;
import craftypocket.core.routine.SetUp;

/** What a routine mainly works by; the first that applies. Two of the same in a row point at it (common practice). */
public enum Method {
    FORCE("a force"),
    ORDER("a known order"),
    KEY("a key card"),
    COUNT("a false count or a switch"),
    LOAD("a card that leaves the deck"),
    GLIMPSE("a glimpse"),
    CONTROL("a control"),
    ARITHMETIC("the cards’ own arithmetic");

    /** From so many stated cards on it is the order that a routine works by. */
    private static final int ORDERED = 6;

    private final String label;

    Method(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }

    /** What a routine mainly works by. */
    public static Method of(Plan plan) {
        SetUp setUp = plan.routine().setUp();
        if (uses(plan, Family.FORCES)) {
            return FORCE;
        }
        if (setUp.order().split("\\s+").length >= ORDERED && Handover.usesDeck(setUp)) {
            return ORDER;
        }
        if (plan.routine().roles().stream().anyMatch(role -> role.kind() == RoleKind.KEY)) {
            return KEY;
        }
        if (uses(plan, Family.COUNTS)) {
            return COUNT;
        }
        if (uses(plan, Family.LOADS)) {
            return LOAD;
        }
        if (uses(plan, Family.GLIMPSES)) {
            return GLIMPSE;
        }
        return plan.steps().stream().anyMatch(Method::secret) ? CONTROL : ARITHMETIC;
    }

    private static boolean secret(PlannedStep step) {
        return step.move().profile().secret();
    }

    private static boolean uses(Plan plan, Family family) {
        return plan.steps().stream().anyMatch(step -> step.move().family() == family);
    }
}
