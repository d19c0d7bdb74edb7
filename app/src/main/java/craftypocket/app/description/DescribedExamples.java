package craftypocket.app.description;

import io.swagger.v3.oas.models.Operation;
import io.swagger.v3.oas.models.media.Content;
import io.swagger.v3.oas.models.media.MediaType;
import java.io.IOException;
import java.io.InputStream;
import java.util.Map;
import java.util.Optional;
import org.springdoc.core.customizers.OperationCustomizer;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.io.Resource;
import org.springframework.stereotype.Component;
import org.springframework.web.method.HandlerMethod;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Gives every operation an example, from {@code api-examples.json}: what is sent, what stands in its address, and, where
 * nothing is asked, what is answered. A test sends them all.
 */
@Component
class DescribedExamples implements OperationCustomizer {

    private final JsonNode examples;
    private final JsonMapper json;

    DescribedExamples(@Value("classpath:/api-examples.json") Resource file, JsonMapper json) throws IOException {
        this.json = json;
        try (InputStream text = file.getInputStream()) {
            examples = json.readTree(text);
        }
    }

    @Override
    public Operation customize(Operation operation, HandlerMethod method) {
        JsonNode example = examples.path(operation.getOperationId());
        Optional.ofNullable(operation.getRequestBody())
                .ifPresent(body -> show(body.getContent(), example.path("sent")));
        Optional.ofNullable(operation.getParameters())
                .ifPresent(all -> all.forEach(parameter -> {
                    JsonNode value = example.path("address").path(parameter.getName());
                    if (!value.isMissingNode()) {
                        parameter.example(plain(value));
                    }
                }));
        operation.getResponses().forEach((status, response) -> {
            if (status.startsWith("2") && response.getContent() != null) {
                show(response.getContent(), example.path("answer"));
            }
        });
        return operation;
    }

    private void show(Content content, JsonNode example) {
        if (!example.isMissingNode()) {
            for (Map.Entry<String, MediaType> type : content.entrySet()) {
                type.getValue().setExample(plain(example));
            }
        }
    }

    private Object plain(JsonNode value) {
        return json.treeToValue(value, Object.class);
    }
}
