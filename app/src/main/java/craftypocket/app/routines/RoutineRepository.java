package craftypocket.app.routines;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface RoutineRepository extends JpaRepository<RoutineEntity, UUID> {

    List<RoutineEntity> findByDeletedAtIsNullOrderByTitle();

    long countByDeletedAtIsNull();

    List<RoutineEntity> findByDeletedAtIsNotNullOrderByDeletedAtDesc();

    /** Throws deleted routines away for good, with what belongs to them. */
    @Modifying
    @Query("delete from RoutineEntity r where r.deletedAt is not null and r.deletedAt < :before")
    int throwAwayDeletedBefore(Instant before);

    @Modifying
    @Query("delete from RoutineEntity r where r.deletedAt is not null and r.id = :id")
    int throwAway(UUID id);
}
