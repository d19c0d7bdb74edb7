package craftypocket.core.invent;

import craftypocket.core.read.PlannedStep;
import craftypocket.core.settings.Amount;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.Values;
import java.util.Optional;

/**
 * A step of a procedure with its numbers.
 *
 * @param step the step
 * @param world its settings; the numbers of its choices change while it is done
 */
record TriedStep(PlannedStep step, Values world) {

    static TriedStep of(PlannedStep step) {
        return new TriedStep(step, step.values().another());
    }

    /** Whether people choose something in it. */
    boolean chooses() {
        return !step.choices().isEmpty();
    }

    /** Whether a number that people choose in it is counted, so that somebody knows it afterwards. */
    boolean counted() {
        return step.choices().stream()
                .anyMatch(choice -> choice.setting() instanceof AmountSetting amount
                        && amount.isHeard() != AmountSetting.Heard.NEVER);
    }

    /** The number that is fixed in it, if there is one. */
    Optional<AmountSetting> fixed() {
        return number().filter(amount -> world.amount(amount).kind() == Amount.Kind.EXACT);
    }

    /** The number in it that follows from no other, if there is one. */
    Optional<AmountSetting> number() {
        return step.move().settings().all().stream()
                .filter(AmountSetting.class::isInstance)
                .map(AmountSetting.class::cast)
                .filter(amount -> world.amount(amount).source() == null)
                .findFirst();
    }

    /** The same with another fixed number. */
    TriedStep with(AmountSetting fixed, int number) {
        Values other = world.another();
        other.set(fixed, 0, number);
        return new TriedStep(step, other);
    }
}
