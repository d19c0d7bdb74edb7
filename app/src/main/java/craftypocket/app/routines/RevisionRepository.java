package craftypocket.app.routines;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface RevisionRepository extends JpaRepository<RevisionEntity, UUID> {

    Optional<RevisionEntity> findByRoutineIdAndNumber(UUID routineId, int number);

    /** Deletes the revisions outside what the history still reaches. */
    @Modifying
    @Query("delete from RevisionEntity r where r.routineId = :routineId and (r.number > :last or r.number < :first)")
    void keepBetween(UUID routineId, int first, int last);

    @Query("select min(r.number) from RevisionEntity r where r.routineId = :routineId")
    int firstNumber(UUID routineId);
}
