package craftypocket.app.rehearsal;

import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;

interface PracticeRepository extends JpaRepository<PracticeEntity, UUID> {

    List<PracticeEntity> findByKindAndSubjectOrderByDoneAtDesc(String kind, String subject, Limit limit);

    List<PracticeEntity> findByKindOrderByDoneAtDesc(String kind, Limit limit);
}
