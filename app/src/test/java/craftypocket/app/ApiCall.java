package craftypocket.app;

import java.net.URLEncoder;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import tools.jackson.databind.JsonNode;

/** An operation of the interface, as its description has it. */
record ApiCall(String method, String path, JsonNode operation) {

    /** A request that can be sent. */
    record Request(String method, String path, Map<String, String> headers, byte[] body) {

        RunningApplication.Answer send() {
            HttpRequest.Builder request =
                    HttpRequest.newBuilder(RunningApplication.base().resolve(path));
            headers.forEach(request::header);
            request.method(method, HttpRequest.BodyPublishers.ofByteArray(body));
            var response = RunningApplication.send(request);
            return new RunningApplication.Answer(response.statusCode(), response);
        }
    }

    static List<ApiCall> all(JsonNode description) {
        List<ApiCall> calls = new ArrayList<>();
        description
                .path("paths")
                .properties()
                .forEach(path -> path.getValue()
                        .properties()
                        .forEach(operation -> calls.add(
                                new ApiCall(operation.getKey().toUpperCase(), path.getKey(), operation.getValue()))));
        return calls;
    }

    String id() {
        return operation.path("operationId").asString();
    }

    /** What it shows as an example to send; empty when it takes nothing. */
    String sent() {
        JsonNode example = operation.at("/requestBody/content/application~1json/example");
        return example.isMissingNode() ? "" : example.toString();
    }

    /** What makes something of the id that it is given. */
    private static final Set<String> MAKERS = Set.of("create", "keepNewSet", "keepAudience");

    /** The example, of the routine, the set or the people of this id. */
    Request example(String routine) {
        Map<String, String> values = new LinkedHashMap<>();
        for (JsonNode parameter : operation.path("parameters")) {
            values.put(
                    parameter.path("name").asString(), parameter.path("example").asString(""));
        }
        if (path.matches("/api/(routines|sets|audiences)/.*")) {
            values.computeIfPresent("id", (name, example) -> routine);
        }
        // An edit is of the version that is there.
        values.computeIfPresent(
                "If-Match",
                (name, example) -> RunningApplication.get(path.replaceFirst("\\{id}.*", routine))
                        .tag());
        values.put("Edit-Id", MAKERS.contains(id()) ? routine : "");
        return request(values, sent().getBytes(StandardCharsets.UTF_8), "application/json");
    }

    /** A request with these values where the description has parameters. */
    Request request(Map<String, String> values, byte[] body, String type) {
        String filled = path;
        StringBuilder query = new StringBuilder();
        Map<String, String> headers = new LinkedHashMap<>();
        for (JsonNode parameter : operation.path("parameters")) {
            String name = parameter.path("name").asString();
            String value = values.getOrDefault(name, "");
            switch (parameter.path("in").asString()) {
                case "path" -> filled = filled.replace("{" + name + "}", encoded(value));
                case "query" ->
                    query.append(query.isEmpty() ? "?" : "&")
                            .append(name)
                            .append('=')
                            .append(encoded(value));
                default -> {
                    if (!value.isEmpty()) {
                        headers.put(name, value);
                    }
                }
            }
        }
        String[] own = RunningApplication.ownHeaders();
        headers.put(own[0], own[1]);
        headers.put(own[2], own[3]);
        if (!type.isEmpty()) {
            headers.put("Content-Type", type);
        }
        return new Request(method, filled + query, headers, body);
    }

    private static String encoded(String value) {
        return URLEncoder.encode(value, StandardCharsets.UTF_8).replace("+", "%20");
    }
}
