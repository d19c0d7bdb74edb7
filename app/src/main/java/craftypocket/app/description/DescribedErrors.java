package craftypocket.app.description;

import craftypocket.app.folder.StoresData;
import craftypocket.app.http.AnswersWithProblems;
import io.swagger.v3.oas.models.Operation;
import io.swagger.v3.oas.models.media.Content;
import io.swagger.v3.oas.models.media.MediaType;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.responses.ApiResponse;
import io.swagger.v3.oas.models.responses.ApiResponses;
import java.lang.annotation.Annotation;
import java.util.Arrays;
import java.util.Map;
import java.util.TreeMap;
import org.springdoc.core.customizers.OperationCustomizer;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.method.HandlerMethod;

/** Says of every operation how it can be refused: that follows from what it takes and whether it stores anything. */
@Component
class DescribedErrors implements OperationCustomizer {

    @Override
    public Operation customize(Operation operation, HandlerMethod method) {
        if (method.getBeanType().isAnnotationPresent(AnswersWithProblems.class)) {
            ApiResponses responses = operation.getResponses();
            errors(method).forEach((status, why) -> responses.addApiResponse(status, problem(why)));
        }
        return operation;
    }

    private static Map<String, String> errors(HandlerMethod method) {
        Map<String, String> errors = new TreeMap<>();
        errors.put("400", "It cannot be made sense of.");
        errors.put("403", "It comes from another site, or without this page’s token.");
        if (takes(method, RequestBody.class)) {
            errors.put("413", "It is too large.");
            errors.put("415", "It is not JSON.");
            errors.put("422", "Some fields are not as they must be: each with its value, the rule, and what to do.");
        }
        if (takes(method, RequestParam.class)) {
            errors.put(
                    "422", "Some parameters are not as they must be: each with its value, the rule, and what to do.");
        }
        if (takes(method, PathVariable.class)) {
            errors.put("404", "There is nothing at this address.");
        }
        if (versioned(method)) {
            errors.put("412", "It was changed elsewhere since this version.");
            errors.put("428", "The header If-Match must say which version it is of.");
        }
        boolean reads = method.hasMethodAnnotation(GetMapping.class);
        if (!reads && method.getBeanType().isAnnotationPresent(StoresData.class)) {
            errors.put("409", "It cannot be done as things stand.");
            errors.put("503", "The data folder does not answer.");
            errors.put("507", "The disk is full.");
        }
        if (ResponseEntity.class.equals(method.getReturnType().getParameterType())
                && !method.getBeanType().isAnnotationPresent(StoresData.class)) {
            // Only what is computed in the background is answered by an entity here.
            errors.put("503", "Too much is being worked out at the moment.");
        }
        return errors;
    }

    private static boolean takes(HandlerMethod method, Class<? extends Annotation> what) {
        return Arrays.stream(method.getMethodParameters()).anyMatch(p -> p.hasParameterAnnotation(what));
    }

    private static boolean versioned(HandlerMethod method) {
        return Arrays.stream(method.getMethodParameters())
                .map(p -> p.getParameterAnnotation(RequestHeader.class))
                .anyMatch(header -> header != null && header.name().equals(HttpHeaders.IF_MATCH));
    }

    private static ApiResponse problem(String why) {
        return new ApiResponse()
                .description(why)
                .content(new Content()
                        .addMediaType(
                                "application/problem+json",
                                new MediaType().schema(new Schema<>().$ref("#/components/schemas/ProblemDocument"))));
    }
}
