package craftypocket.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** The published formats say what the program does. */
@ExtendWith(RunningApplication.class)
class FormatsTest {

    private static final Path OPENAPI = Path.of("openapi.json");

    private static Schema schema() throws IOException {
        return SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(Files.readString(Path.of("../docs/formats/routine.schema.json")));
    }

    @Test
    void demo_routines_and_saved_files_fit_the_schema() throws IOException {
        for (JsonNode entry : RunningApplication.get("/api/routines").json()) {
            String saved = RunningApplication.get(
                            "/api/routines/" + entry.path("id").asString() + "/file")
                    .response()
                    .body();
            assertThat(schema().validate(saved, InputFormat.JSON)).isEmpty();
        }
        for (int number = 1; number <= DemoRoutinesTest.demos().size(); number++) {
            assertThat(schema().validate(RunningApplication.demo(number), InputFormat.JSON))
                    .isEmpty();
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "\"version\": 1|\"version\": 2",
                "\"tags\"|\"lables\"",
                "\"pack\": \"52\"|\"pack\": \"53\"",
                "\"letter\": \"A\"|\"letter\": \"AA\"",
                "\"kind\": \"selection\"|\"kind\": \"victim\"",
                "\"id\": \"pick\"|\"id\": \"pick me\""
            })
    void what_the_schema_refuses_the_program_refuses_too(String change) throws IOException {
        String[] parts = change.split("\\|");
        String changed = RunningApplication.demo(1).replaceFirst(parts[0], parts[1]);

        assertThat(schema().validate(changed, InputFormat.JSON)).isNotEmpty();
        assertThat(RunningApplication.post("/api/routines/from-file", changed).status())
                .isBetween(400, 422);
    }

    /** To write the description anew, run with -Dopenapi.write=true; then {@code npm run api} in web. */
    @Test
    void the_checked_in_description_of_the_interface_is_the_real_one() throws IOException {
        JsonNode real = RunningApplication.get("/v3/api-docs").json();
        if (Boolean.getBoolean("openapi.write")) {
            Files.writeString(
                    OPENAPI,
                    RunningApplication.JSON.writerWithDefaultPrettyPrinter().writeValueAsString(real) + "\n");
        }

        assertThat(RunningApplication.JSON.readTree(Files.readString(OPENAPI))).isEqualTo(real);
    }
}
