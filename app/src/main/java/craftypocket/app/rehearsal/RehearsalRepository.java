package craftypocket.app.rehearsal;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface RehearsalRepository extends JpaRepository<RehearsalEntity, UUID> {

    List<RehearsalEntity> findByRoutineIdOrderByStartedAtDesc(UUID routineId, Pageable page);

    /** The runs of a time, of one routine or, when it is null, of all, the newest first. */
    @Query("select r from RehearsalEntity r where (:routine is null or r.routineId = :routine) "
            + "and r.startedAt between :from and :until order by r.startedAt desc")
    List<RehearsalEntity> ofTime(UUID routine, Instant from, Instant until, Pageable page);

    @Query("select count(r) from RehearsalEntity r where (:routine is null or r.routineId = :routine) "
            + "and r.startedAt between :from and :until")
    int countOfTime(UUID routine, Instant from, Instant until);

    @Query("select new craftypocket.app.rehearsal.LastRehearsal(r.routineId, max(r.startedAt), count(r), sum(r.slips)) "
            + "from RehearsalEntity r group by r.routineId")
    List<LastRehearsal> last();

    /** What readiness depends on, of all runs, the earliest first. */
    @Query(
            "select new craftypocket.app.rehearsal.RunSummary(r.routineId, r.startedAt, r.totalMillis, r.slips, r.cameOut) "
                    + "from RehearsalEntity r order by r.startedAt")
    List<RunSummary> summaries();
}
