package craftypocket.app.routines;

import craftypocket.app.folder.DataFolder;
import java.io.IOException;
import java.io.InputStream;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.io.Resource;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.json.JsonMapper;

/**
 * Puts the demo routines on the shelf the first time that a data folder is used, and never again. It does so before the
 * first request is answered, so that nobody finds the shelf empty.
 */
@Component
class DemoData implements SmartInitializingSingleton {

    private static final String STARTED = "started-before";

    private final RoutineService routines;
    private final JsonMapper json;
    private final JdbcClient database;
    private final TransactionTemplate together;
    private final DataFolder folder;
    private final boolean wanted;
    private final Resource[] demos;
    private final List<FirstStart> others;

    DemoData(
            RoutineService routines,
            JsonMapper json,
            JdbcClient database,
            TransactionTemplate together,
            DataFolder folder,
            @Value("${crafty.demo}") boolean wanted,
            @Value("classpath:/demo/*.json") Resource[] demos,
            List<FirstStart> others) {
        this.routines = routines;
        this.json = json;
        this.database = database;
        this.together = together;
        this.folder = folder;
        this.wanted = wanted;
        this.demos = demos;
        this.others = others;
    }

    @Override
    public void afterSingletonsInstantiated() {
        if (folder.readOnly()) {
            return;
        }
        together.executeWithoutResult(status -> {
            boolean first = database.sql("select count(*) from mark where name = ?")
                            .param(STARTED)
                            .query(Long.class)
                            .single()
                    == 0;
            if (!first) {
                return;
            }
            database.sql("insert into mark (name) values (?)").param(STARTED).update();
            if (wanted) {
                Arrays.stream(demos)
                        .sorted(Comparator.comparing(Resource::getFilename))
                        .forEach(this::add);
                Map<String, UUID> byTitle = new HashMap<>();
                routines.titles().forEach((id, title) -> byTitle.put(title, id));
                others.forEach(other -> other.fill(byTitle));
            }
        });
    }

    private void add(Resource demo) {
        try (InputStream file = demo.getInputStream()) {
            routines.create(json.readTree(file), UUID.randomUUID());
        } catch (IOException unreadable) {
            throw new IllegalStateException("demo routine " + demo.getFilename() + " cannot be read", unreadable);
        }
    }
}
