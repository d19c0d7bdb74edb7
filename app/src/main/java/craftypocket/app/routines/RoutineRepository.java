package craftypocket.app.routines;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface RoutineRepository extends JpaRepository<RoutineEntity, UUID> {

    List<RoutineEntity> findByDeletedAtIsNullOrderByTitle();
}
