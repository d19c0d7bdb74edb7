package craftypocket.app.sets;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.transaction.annotation.Transactional;

interface SetRepository extends JpaRepository<SetEntity, UUID> {

    List<SetEntity> findByOrderByTitle();

    /** Whatever its version: who deletes a set means it with whatever is still being saved. */
    @Transactional
    @Modifying
    @Query("delete from SetEntity where id = :id")
    void forget(UUID id);
}
