package craftypocket.app.versions;

import craftypocket.app.http.Refusal;
import java.util.UUID;
import java.util.regex.Pattern;
import org.springframework.http.HttpStatus;

/** Versions of what is stored, as entity tags: {@code ETag} in answers and {@code If-Match} in edits. */
public final class Tags {

    private static final Pattern STAMP = Pattern.compile("\\d{1,18}|[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}");

    private Tags() {}

    public static String of(UUID stamp) {
        return "\"" + stamp + "\"";
    }

    /** The stamp that an edit is of. A number was the version of an earlier program. */
    static String stamp(String ifMatch) {
        if (ifMatch == null) {
            throw new Refusal(
                    HttpStatus.PRECONDITION_REQUIRED,
                    "Which version?",
                    "An edit says which version it is of, in the header If-Match. Load it first.");
        }
        String stamp = ifMatch.replace("\"", "").strip();
        if (!STAMP.matcher(stamp).matches()) {
            throw new Refusal(
                    HttpStatus.BAD_REQUEST,
                    "Not a version",
                    "If-Match is “" + ifMatch + "”: it must be the ETag of what is edited. Load it first.");
        }
        return stamp;
    }
}
