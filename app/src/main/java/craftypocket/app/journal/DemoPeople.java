package craftypocket.app.journal;

import craftypocket.app.routines.FirstStart;
import java.io.IOException;
import java.io.InputStream;
import java.time.Clock;
import java.time.Duration;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.io.Resource;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** People on the <i>Kestrel</i>, and what was performed for them on earlier crossings. */
@Component
class DemoPeople implements FirstStart {

    private final AudienceRepository audiences;
    private final Performances performances;
    private final JsonMapper json;
    private final Clock clock;
    private final Resource demo;

    DemoPeople(
            AudienceRepository audiences,
            Performances performances,
            JsonMapper json,
            Clock clock,
            @Value("classpath:/demo-people.json") Resource demo) {
        this.audiences = audiences;
        this.performances = performances;
        this.json = json;
        this.clock = clock;
        this.demo = demo;
    }

    @Override
    public void fill(Map<String, UUID> routines) {
        try (InputStream file = demo.getInputStream()) {
            JsonNode read = json.readTree(file);
            Map<String, UUID> people = new HashMap<>();
            for (JsonNode each : read.path("people")) {
                AudienceEntity entity = new AudienceEntity(UUID.randomUUID());
                entity.write(each.path("name").asString(), each.toString());
                people.put(
                        each.path("name").asString(),
                        audiences.saveAndFlush(entity).id());
            }
            for (JsonNode each : read.path("performed")) {
                UUID routine = routines.get(each.path("title").asString());
                if (routine != null) {
                    performances.keep(UUID.randomUUID(), performed(each, routine, people));
                }
            }
        } catch (IOException unreadable) {
            throw new IllegalStateException("the demo people cannot be read", unreadable);
        }
    }

    private PerformanceDocument performed(JsonNode each, UUID routine, Map<String, UUID> people) {
        return new PerformanceDocument(
                routine,
                each.path("title").asString(),
                people.get(each.path("for").asString()),
                clock.instant().minus(Duration.ofDays(each.path("daysAgo").asInt())),
                each.path("cameOut").asBoolean(),
                "",
                each.path("out").asString(""),
                each.path("reaction").asInt(),
                each.path("note").asString(""),
                "",
                List.of());
    }
}
