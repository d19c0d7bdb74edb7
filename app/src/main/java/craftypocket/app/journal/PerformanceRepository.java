package craftypocket.app.journal;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;

interface PerformanceRepository extends JpaRepository<PerformanceEntity, UUID> {

    List<PerformanceEntity> findByAudienceIdOrderByDoneAtDesc(UUID audienceId, Pageable page);

    List<PerformanceEntity> findByDoneAtBetweenOrderByDoneAtDesc(Instant from, Instant until, Pageable page);
}
