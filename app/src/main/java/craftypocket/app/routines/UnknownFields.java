package craftypocket.app.routines;

import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Fields of a stored document that this version does not know: it can show them nowhere, but must not lose them. When the
 * document is edited they are carried over to where they stood, in lists to the entry of the same id.
 */
final class UnknownFields {

    private static final List<String> IDS = List.of("id", "letter");

    private UnknownFields() {}

    /**
     * Puts what a document had beyond what was read of it into its next state.
     *
     * @param stored the document as it was stored
     * @param read what this version read of it, written again
     * @param next the next state, which is changed
     */
    static void carryOver(JsonNode stored, JsonNode read, JsonNode next) {
        if (stored instanceof ObjectNode was && next instanceof ObjectNode now) {
            for (Map.Entry<String, JsonNode> field : was.properties()) {
                String name = field.getKey();
                if (!read.has(name)) {
                    now.set(name, field.getValue());
                } else if (now.has(name)) {
                    carryOver(field.getValue(), read.get(name), now.get(name));
                }
            }
        } else if (stored instanceof ArrayNode was && next instanceof ArrayNode now) {
            for (int place = 0; place < now.size(); place++) {
                int at = sameAs(now, place, was);
                if (at >= 0) {
                    carryOver(was.get(at), read.get(at), now.get(place));
                }
            }
        }
    }

    /** Where the same entry stood before: the one of the same id; without ids, the one at the same place. */
    private static int sameAs(ArrayNode now, int place, ArrayNode was) {
        JsonNode entry = now.get(place);
        for (String id : IDS) {
            if (entry.has(id)) {
                return indexOf(was, id, entry.get(id));
            }
        }
        return was.size() == now.size() ? place : -1;
    }

    private static int indexOf(ArrayNode entries, String id, JsonNode value) {
        for (int at = 0; at < entries.size(); at++) {
            if (value.equals(entries.get(at).get(id))) {
                return at;
            }
        }
        return -1;
    }
}
