package craftypocket.app.routines;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface HistoryRepository extends JpaRepository<HistoryEntity, HistoryEntity.Key> {

    /** Deletes the states outside what the history still reaches. */
    @Modifying
    @Query(
            "delete from HistoryEntity h where h.id.routineId = :routineId and (h.id.number > :last or h.id.number < :first)")
    void keepBetween(UUID routineId, int first, int last);

    @Query("select min(h.id.number) from HistoryEntity h where h.id.routineId = :routineId")
    int firstNumber(UUID routineId);
}
