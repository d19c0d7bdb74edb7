package craftypocket.app.http;

import jakarta.validation.Constraint;
import jakarta.validation.Payload;
import jakarta.validation.ReportAsSingleViolation;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import java.lang.annotation.Documented;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** A text of one line in which there is something to be seen: neither blanks only nor characters that nobody sees. */
@Documented
@NotNull
@Pattern(regexp = "[^\\p{Cc}\\u2028\\u2029]*[\\p{L}\\p{N}\\p{P}\\p{S}][^\\p{Cc}\\u2028\\u2029]*")
@ReportAsSingleViolation
@Constraint(validatedBy = {})
@Target({ElementType.FIELD, ElementType.PARAMETER, ElementType.RECORD_COMPONENT, ElementType.TYPE_USE})
@Retention(RetentionPolicy.RUNTIME)
public @interface Visible {

    String message() default "one line with something to be seen in it";

    Class<?>[] groups() default {};

    Class<? extends Payload>[] payload() default {};
}
