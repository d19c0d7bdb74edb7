package craftypocket.app.versions;

import craftypocket.app.http.Kind;
import craftypocket.app.http.Refusal;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Which versions there were of what is edited. Each edit leads to a stamp that comes only once: after a backup was restored, or
 * an older folder put in the place of this one, no version has a stamp of one that was lost by that. So an edit of a lost
 * version is found out, and never takes the place of what it did not see.
 */
@Component
@Transactional
public class Versions {

    /** How many are known of each: of an edit that is older it can no longer be told where it came from. */
    private static final int MOST_KNOWN = 500;

    private final JdbcClient database;

    Versions(JdbcClient database) {
        this.database = database;
    }

    /** Writes down that an edit led to a version. */
    public void led(UUID edited, UUID edit, UUID stamp) {
        long number = database.sql("select coalesce(max(number), 0) + 1 from version_stamp where edited = ?")
                .param(edited)
                .query(Long.class)
                .single();
        database.sql("insert into version_stamp (edited, number, stamp, edit) values (?, ?, ?, ?)")
                .params(edited, number, stamp, edit)
                .update();
        database.sql("delete from version_stamp where edited = ? and number <= ?")
                .params(edited, number - MOST_KNOWN)
                .update();
    }

    /** The version that an edit led to, if it is one of the last ones: sent twice it is done once. */
    public Optional<UUID> after(UUID edited, UUID edit) {
        return database.sql("select stamp from version_stamp where edited = ? and edit = ?")
                .params(edited, edit)
                .query(UUID.class)
                .optional();
    }

    /**
     * Refuses an edit that is not of the current version, and says why it is not.
     *
     * @param ifMatch the entity tag of the version that the edit is of
     */
    public void requireCurrent(UUID edited, UUID current, String ifMatch) {
        String stamp = Tags.stamp(ifMatch);
        if (stamp.equals(current.toString())) {
            return;
        }
        boolean known =
                database.sql("select count(*) from version_stamp where edited = ? and cast(stamp as varchar) = ?")
                                .params(edited, stamp)
                                .query(Integer.class)
                                .single()
                        > 0;
        throw known ? changedElsewhere() : otherFolder();
    }

    /** The refusal of an edit of what was changed by somebody else since. */
    public static Refusal changedElsewhere() {
        return new Refusal(
                Kind.CHANGED_ELSEWHERE,
                HttpStatus.PRECONDITION_FAILED,
                "Changed somewhere else",
                "This was changed in another window since you opened it. Load the newer one; your own change is still on the screen until then.");
    }

    private static Refusal otherFolder() {
        return new Refusal(
                Kind.OTHER_FOLDER,
                HttpStatus.PRECONDITION_FAILED,
                "Another data folder",
                "This is another or an older data folder than the one this page was opened from: perhaps a backup was restored, or Crafty Pocket was brought up to date. What is kept there never was what your change began from. Load what is kept there, or keep yours beside it.");
    }

    /** Forgets all versions, when everything is replaced: none that was led to before is one of what comes now. */
    public void forgetAll() {
        database.sql("delete from version_stamp").update();
    }

    /** Forgets the versions of what is thrown away. */
    public void forget(UUID edited) {
        database.sql("delete from version_stamp where edited = ?").param(edited).update();
    }
}
