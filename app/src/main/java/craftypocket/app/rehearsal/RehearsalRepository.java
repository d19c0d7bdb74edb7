package craftypocket.app.rehearsal;

import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface RehearsalRepository extends JpaRepository<RehearsalEntity, UUID> {

    List<RehearsalEntity> findByRoutineIdOrderByStartedAtDesc(UUID routineId, Pageable page);

    @Query("select new craftypocket.app.rehearsal.LastRehearsal(r.routineId, max(r.startedAt), count(r), sum(r.slips)) "
            + "from RehearsalEntity r where r.routineId is not null group by r.routineId")
    List<LastRehearsal> last();

    /** What readiness depends on, of all runs, the earliest first. */
    @Query(
            "select new craftypocket.app.rehearsal.RunSummary(r.routineId, r.startedAt, r.totalMillis, r.slips, r.cameOut) "
                    + "from RehearsalEntity r where r.routineId is not null order by r.startedAt")
    List<RunSummary> summaries();
}
