package craftypocket.app.performer;

import craftypocket.app.http.Constants;
import craftypocket.app.routines.RoutineDocument.OwnMoveDocument;
import craftypocket.core.cards.CardText;
import craftypocket.core.cards.Side;
import craftypocket.core.jot.Notes;
import craftypocket.core.moves.AllMoves;
import craftypocket.core.moves.Handedness;
import craftypocket.core.moves.Move;
import craftypocket.core.read.ComposedMove;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Keeps what the performer says of themselves. */
@Service
@Transactional
public class PerformerNotes {

    static final String HAND = "hand";
    static final String MOVE = "move";
    static final String HINT = "hint";
    static final String FORCED = "forced";
    static final String OWN_MOVE = "own-move";
    static final String FIND = "find";

    private final JdbcClient database;
    private final JsonMapper json;

    PerformerNotes(JdbcClient database, JsonMapper json) {
        this.database = database;
        this.json = json;
    }

    private record Note(String id, String document) {}

    @Transactional(readOnly = true)
    PerformerDocument all() {
        TreeMap<String, PerformerDocument.MoveNoteDocument> moves = new TreeMap<>();
        notes(MOVE)
                .forEach(note -> moves.put(
                        note.id(), json.readValue(note.document(), PerformerDocument.MoveNoteDocument.class)));
        return new PerformerDocument(
                Constants.word(hand()),
                moves,
                ownMoves(),
                notes(HINT).stream().map(Note::id).toList(),
                notes(FORCED).stream().map(Note::id).toList());
    }

    /** What the performer calls moves, by their ids; none that is empty. */
    @Transactional(readOnly = true)
    public Map<String, String> aliases() {
        return all().moves().entrySet().stream()
                .filter(note -> !note.getValue().alias().isBlank())
                .collect(Collectors.toMap(
                        Map.Entry::getKey, note -> note.getValue().alias()));
    }

    /** For which hand the performer wants to read. */
    @Transactional(readOnly = true)
    public Handedness hand() {
        Optional<Note> hand = notes(HAND).stream().findFirst();
        return hand.map(note -> Handedness.valueOf(note.document())).orElse(Handedness.RIGHT);
    }

    /** By the id of a move, how well the performer can do it, from 1 to 5; moves that were never marked are missing. */
    @Transactional(readOnly = true)
    public Map<String, Integer> skills() {
        Map<String, Integer> skills = new TreeMap<>();
        all().moves().forEach((id, note) -> skills.put(id, note.skill()));
        return skills;
    }

    @Transactional(readOnly = true)
    public List<OwnMoveDocument> ownMoves() {
        return notes(OWN_MOVE).stream()
                .map(note -> json.readValue(note.document(), OwnMoveDocument.class))
                .toList();
    }

    /**
     * Reads what the performer jots down, by the names that they have for moves.
     *
     * @param deck how many cards “a third” is of
     */
    @Transactional(readOnly = true)
    public Notes reader(int deck) {
        List<Move> own = ownMoves().stream()
                .map(OwnMoveDocument::toCore)
                .map(move -> ComposedMove.listed(move, AllMoves.CATALOGUE))
                .toList();
        return new Notes(AllMoves.CATALOGUE.and(own), aliases(), deck);
    }

    /** The procedures that were kept, the newest last. */
    @Transactional(readOnly = true)
    public List<FindDocument> finds() {
        return notes(FIND).stream()
                .map(note -> json.readValue(note.document(), FindDocument.class))
                .sorted(Comparator.comparing(FindDocument::kept).thenComparing(FindDocument::id))
                .toList();
    }

    void keepFind(FindDocument find) {
        keep(FIND, find.id(), json.writeValueAsString(find));
    }

    void dropFind(String id) {
        drop(FIND, id);
    }

    void keepHand(String hand) {
        keep(HAND, HAND, hand.toUpperCase(Locale.ROOT));
    }

    void keepMove(String id, PerformerDocument.MoveNoteDocument note) {
        keep(MOVE, id, json.writeValueAsString(note));
    }

    void keepOwnMove(OwnMoveDocument move) {
        keep(OWN_MOVE, move.id(), json.writeValueAsString(move));
    }

    void putAside(String rule) {
        keep(HINT, rule, "");
    }

    void takeUp(String rule) {
        drop(HINT, rule);
    }

    /** The faces that were forced on the people of tonight. */
    @Transactional(readOnly = true)
    public Set<Side> forced() {
        return notes(FORCED).stream()
                .flatMap(note -> CardText.read(note.id()).stream())
                .collect(Collectors.toSet());
    }

    void keepForced(Set<Side> cards) {
        notes(FORCED).forEach(note -> drop(FORCED, note.id()));
        cards.forEach(card -> keep(FORCED, CardText.code(card), ""));
    }

    void dropOwnMove(String id) {
        drop(OWN_MOVE, id);
    }

    private List<Note> notes(String kind) {
        return database.sql("select id, document from performer_note where kind = ? order by id")
                .param(kind)
                .query((row, number) -> new Note(row.getString(1), row.getString(2)))
                .list();
    }

    void keep(String kind, String id, String document) {
        database.sql("merge into performer_note key (kind, id) values (?, ?, ?)")
                .params(kind, id, document)
                .update();
    }

    private void drop(String kind, String id) {
        database.sql("delete from performer_note where kind = ? and id = ?")
                .params(kind, id)
                .update();
    }
}
