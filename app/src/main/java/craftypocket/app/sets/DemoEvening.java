package craftypocket.app.sets;

import craftypocket.app.routines.FirstStart;
import craftypocket.app.sets.SetDocument.ActDocument;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.io.Resource;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** An evening on the <i>Kestrel</i>: two tables with three routines each. */
@Component
class DemoEvening implements FirstStart {

    private final SetService sets;
    private final JsonMapper json;
    private final Resource demo;

    DemoEvening(SetService sets, JsonMapper json, @Value("classpath:/demo-evening.json") Resource demo) {
        this.sets = sets;
        this.json = json;
        this.demo = demo;
    }

    @Override
    public void fill(Map<String, UUID> routines) {
        try (InputStream file = demo.getInputStream()) {
            for (JsonNode each : json.readTree(file)) {
                SetDocument set = json.treeToValue(each, SetDocument.class);
                List<ActDocument> acts = set.acts().stream()
                        .map(act -> new ActDocument(
                                routines.getOrDefault(act.title(), act.routine()),
                                act.title(),
                                act.words(),
                                act.spot(),
                                act.stays()))
                        .toList();
                SetDocument placed = new SetDocument(
                        set.format(),
                        set.version(),
                        set.title(),
                        set.venue(),
                        set.audience(),
                        acts,
                        set.resetSeconds());
                sets.create(UUID.randomUUID(), placed);
            }
        } catch (IOException unreadable) {
            throw new IllegalStateException("the demo evening cannot be read", unreadable);
        }
    }
}
