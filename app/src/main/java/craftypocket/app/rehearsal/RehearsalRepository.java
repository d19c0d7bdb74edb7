package craftypocket.app.rehearsal;

import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface RehearsalRepository extends JpaRepository<RehearsalEntity, UUID> {

    List<RehearsalEntity> findByRoutineIdOrderByStartedAtDesc(UUID routineId, Limit limit);

    @Query("select new craftypocket.app.rehearsal.LastRehearsal(r.routineId, max(r.startedAt), count(r), sum(r.slips)) "
            + "from RehearsalEntity r group by r.routineId")
    List<LastRehearsal> last();
}
