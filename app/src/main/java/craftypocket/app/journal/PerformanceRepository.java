package craftypocket.app.journal;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface PerformanceRepository extends JpaRepository<PerformanceEntity, UUID> {

    List<PerformanceEntity> findByAudienceIdOrderByDoneAtDesc(UUID audienceId, Pageable page);

    /** What was performed in a time, of one routine or, when it is null, of all, the newest first. */
    @Query("select p from PerformanceEntity p where (:routine is null or p.routineId = :routine) "
            + "and p.doneAt between :from and :until order by p.doneAt desc")
    List<PerformanceEntity> ofTime(UUID routine, Instant from, Instant until, Pageable page);

    @Query("select count(p) from PerformanceEntity p where (:routine is null or p.routineId = :routine) "
            + "and p.doneAt between :from and :until")
    int countOfTime(UUID routine, Instant from, Instant until);
}
