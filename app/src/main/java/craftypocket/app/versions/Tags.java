package craftypocket.app.http;

import org.springframework.http.HttpStatus;

/** Versions of what is stored, as entity tags: {@code ETag} in answers and {@code If-Match} in edits. */
public final class Tags {

    private Tags() {}

    public static String of(long version) {
        return "\"" + version + "\"";
    }

    /** The version that an edit is of. */
    public static long version(String ifMatch) {
        if (ifMatch == null) {
            throw new Refusal(
                    HttpStatus.PRECONDITION_REQUIRED,
                    "Which version?",
                    "An edit says which version it is of, in the header If-Match. Load it first.");
        }
        String number = ifMatch.replace("\"", "").strip();
        if (!number.matches("\\d{1,18}")) {
            throw new Refusal(
                    HttpStatus.BAD_REQUEST,
                    "Not a version",
                    "If-Match is “" + ifMatch + "”: it must be the ETag of what is edited. Load it first.");
        }
        return Long.parseLong(number);
    }
}
