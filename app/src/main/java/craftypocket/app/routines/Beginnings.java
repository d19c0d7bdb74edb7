package craftypocket.app.routines;

import jakarta.validation.constraints.NotNull;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Routines to begin with, each by what people see. */
@Component
class Beginnings {

    /**
     * One of them.
     *
     * @param effect what people see, in a few words
     * @param sees the same in a sentence, of any routine that begins so
     * @param routine what there is then, ready to be changed
     */
    record Beginning(
            @NotNull String effect,
            @NotNull String sees,
            @NotNull RoutineDocument routine) {}

    private final List<Beginning> all;

    Beginnings(JsonMapper json) {
        all = List.of(
                read(
                        json,
                        "A card is found",
                        "They take a card, put it back and cut; you name it.",
                        "beginnings/found.json"),
                read(
                        json,
                        "A card is forced",
                        "They stop you anywhere and take the card there: the one that you know.",
                        "beginnings/forced.json"),
                read(
                        json,
                        "Two packets change places",
                        "Two packets are shown and laid down; card by card each turns into the other.",
                        "demo/22-packets-change.json"),
                read(
                        json,
                        "A card is only thought of",
                        "They see one card among many and keep it in mind; you name it.",
                        "demo/27-only-thought-of.json"),
                read(
                        json,
                        "An order survives riffles",
                        "They riffle the deck themselves, after they remembered a card; you find it.",
                        "demo/31-order-under-riffles.json"));
    }

    private static Beginning read(JsonMapper json, String effect, String sees, String file) {
        try (InputStream stream = new ClassPathResource(file).getInputStream()) {
            return new Beginning(effect, sees, json.readValue(stream, RoutineDocument.class));
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    List<Beginning> all() {
        return all;
    }
}
