package craftypocket.app.description;

import io.swagger.v3.oas.models.Components;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.ArraySchema;
import io.swagger.v3.oas.models.media.IntegerSchema;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import io.swagger.v3.oas.models.servers.Server;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The head of the interface's description, without anything that differs from one machine to the next. */
@Configuration
class ApiDescription {

    private static final Set<String> PRIMITIVES = Set.of("integer", "number", "boolean");

    /** Records hold numbers and truth values as primitives: they are always there. */
    @Bean
    OpenApiCustomizer primitivesAreAlwaysThere() {
        return description -> description.getComponents().getSchemas().values().stream()
                .filter(schema -> schema.getProperties() != null)
                .forEach(ApiDescription::requirePrimitives);
    }

    /** A problem document (RFC 9457) with the fields that are not as they must be. */
    private static Schema<?> problem() {
        Schema<?> field = new ObjectSchema();
        field.addProperty("field", new StringSchema());
        field.addProperty("value", new StringSchema());
        field.addProperty("rule", new StringSchema());
        field.addProperty("cure", new StringSchema());
        field.setRequired(List.of("field", "value", "rule", "cure"));
        Schema<?> problem = new ObjectSchema();
        problem.addProperty("title", new StringSchema());
        problem.addProperty("detail", new StringSchema());
        problem.addProperty("status", new IntegerSchema());
        problem.addProperty("problems", new ArraySchema().items(field));
        problem.setRequired(List.of("title", "detail", "status"));
        return problem;
    }

    @SuppressWarnings("unchecked")
    private static void requirePrimitives(Schema<?> schema) {
        Map<String, Schema<?>> properties = (Map<String, Schema<?>>) (Map<?, ?>) schema.getProperties();
        properties.forEach((name, property) -> {
            boolean primitive =
                    property.getTypes() != null && property.getTypes().stream().anyMatch(PRIMITIVES::contains);
            if (primitive
                    && (schema.getRequired() == null || !schema.getRequired().contains(name))) {
                schema.addRequiredItem(name);
            }
        });
    }

    @Bean
    OpenAPI description() {
        return new OpenAPI()
                .components(new Components().addSchemas("ProblemDocument", problem()))
                .info(new Info().title("Crafty Pocket").version("1"))
                .servers(List.of(new Server().url("/")));
    }
}
