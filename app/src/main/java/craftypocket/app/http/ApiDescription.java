package craftypocket.app.http;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
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
                .info(new Info().title("Crafty Pocket").version("1"))
                .servers(List.of(new Server().url("/")));
    }
}
