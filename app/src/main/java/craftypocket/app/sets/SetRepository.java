package craftypocket.app.sets;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface SetRepository extends JpaRepository<SetEntity, UUID> {

    List<SetEntity> findByOrderByTitle();
}
