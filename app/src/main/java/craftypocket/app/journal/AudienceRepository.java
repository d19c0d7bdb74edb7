package craftypocket.app.journal;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface AudienceRepository extends JpaRepository<AudienceEntity, UUID> {

    List<AudienceEntity> findByOrderByName();
}
