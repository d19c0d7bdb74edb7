package craftypocket.app.http;

import jakarta.validation.Constraint;
import jakarta.validation.ConstraintValidator;
import jakarta.validation.ConstraintValidatorContext;
import jakarta.validation.Payload;
import java.lang.annotation.Documented;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.Temporal;

/** A day or a moment from 1970 to 2199. Nobody performs at others, and calendars cannot be reckoned with some of them. */
@Documented
@Constraint(validatedBy = OfOurTime.Years.class)
@Target({ElementType.FIELD, ElementType.PARAMETER, ElementType.RECORD_COMPONENT})
@Retention(RetentionPolicy.RUNTIME)
public @interface OfOurTime {

    /** The first year and the year after the last. */
    int FIRST_YEAR = 1970;

    int END_YEAR = 2200;

    String RULE = "a time from 1970 to 2199";

    String message() default RULE;

    Class<?>[] groups() default {};

    Class<? extends Payload>[] payload() default {};

    /** Looks at the year. */
    final class Years implements ConstraintValidator<OfOurTime, Temporal> {

        /** The first moment that is not of our time any more. */
        public static final Instant END = Instant.parse(END_YEAR + "-01-01T00:00:00Z");

        /** Whether a day is of our time. */
        public static boolean within(LocalDate day) {
            return day.getYear() >= FIRST_YEAR && day.getYear() < END_YEAR;
        }

        @Override
        public boolean isValid(Temporal time, ConstraintValidatorContext context) {
            return time == null
                    || (time instanceof Instant moment
                            ? !moment.isBefore(Instant.EPOCH) && moment.isBefore(END)
                            : within((LocalDate) time));
        }
    }
}
