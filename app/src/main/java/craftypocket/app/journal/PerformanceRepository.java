package craftypocket.app.journal;

import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface PerformanceRepository extends JpaRepository<PerformanceEntity, UUID> {

    List<PerformanceEntity> findByAudienceIdOrderByDoneAtDesc(UUID audienceId, Pageable page);

    /** The mean of the reactions to a routine. */
    record Reaction(UUID routine, double mean) {}

    @Query("select new craftypocket.app.journal.PerformanceRepository$Reaction(p.routineId, avg(p.reaction)) "
            + "from PerformanceEntity p where p.reaction > 0 and p.routineId is not null group by p.routineId")
    List<Reaction> reactions();
}
