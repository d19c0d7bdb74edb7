package craftypocket.app.performer;

import craftypocket.app.routines.FirstStart;
import java.io.IOException;
import java.io.InputStream;
import java.util.Map;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.io.Resource;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Procedures that were found on quiet watches of the <i>Kestrel</i>, on the shelf of finds. */
@Component
class DemoFinds implements FirstStart {

    private final PerformerNotes notes;
    private final JsonMapper json;
    private final Resource demo;

    DemoFinds(PerformerNotes notes, JsonMapper json, @Value("classpath:/demo-finds.json") Resource demo) {
        this.notes = notes;
        this.json = json;
        this.demo = demo;
    }

    @Override
    public void fill(Map<String, UUID> routines) {
        try (InputStream file = demo.getInputStream()) {
            for (FindDocument find : json.readValue(file, FindDocument[].class)) {
                notes.keepFind(find);
            }
        } catch (IOException unreadable) {
            throw new IllegalStateException("the demo finds cannot be read", unreadable);
        }
    }
}
