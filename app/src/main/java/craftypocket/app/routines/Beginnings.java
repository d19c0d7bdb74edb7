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
     * @param routine what there is then, ready to be changed
     */
    record Beginning(@NotNull String effect, @NotNull RoutineDocument routine) {}

    private final List<Beginning> all;

    Beginnings(JsonMapper json) {
        all = List.of(
                read(json, "A card is found", "beginnings/found.json"),
                read(json, "A card is forced", "beginnings/forced.json"),
                read(json, "Two packets change places", "demo/22-packets-change.json"),
                read(json, "A card is only thought of", "demo/27-only-thought-of.json"),
                read(json, "An order survives riffles", "demo/31-order-under-riffles.json"));
    }

    private static Beginning read(JsonMapper json, String effect, String file) {
        try (InputStream stream = new ClassPathResource(file).getInputStream()) {
            return new Beginning(effect, json.readValue(stream, RoutineDocument.class));
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    List<Beginning> all() {
        return all;
    }
}
