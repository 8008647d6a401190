package didaxis.server;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * Bodies of requests as the API describes them, from words that people who use it might send; here and there something in
 * them is spoiled.
 */
final class MadeUpBodies {
    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;
    private static final JsonMapper JSON = new JsonMapper();
    private static final List<JsonNode> SPOILED = List.of(
            NODES.nullNode(),
            NODES.stringNode(""),
            NODES.stringNode("x".repeat(6000)),
            NODES.stringNode("\u0000"),
            NODES.stringNode("\ud800"),
            NODES.stringNode("%s {0} <b>"),
            NODES.numberNode(-1),
            NODES.numberNode(1.5),
            NODES.numberNode(1e308),
            NODES.numberNode(Long.MAX_VALUE),
            NODES.booleanNode(true),
            NODES.arrayNode(),
            NODES.arrayNode().addNull(),
            NODES.objectNode(),
            NODES.objectNode().put("a", 1));
    private static final List<String> NUMBERS = List.of("0", "1", "1", "2", "3", "8", "100", "-1");

    private final JsonNode schemas;
    /** What may stand in a field, as JSON, by the field's name; for texts of any other name those of the empty name. */
    private final Map<String, List<String>> words;
    /** Whole things that may stand for a schema, by its name. */
    private final Map<String, List<JsonNode>> whole;

    private final Random random;

    MadeUpBodies(JsonNode document, Map<String, List<String>> words, Map<String, List<JsonNode>> whole, Random random) {
        this.schemas = document.get("components").get("schemas");
        this.words = words;
        this.whole = whole;
        this.random = random;
    }

    /** For an operation; an empty text where it has no body. */
    String of(JsonNode operation) {
        if (!operation.has("requestBody")) return "";
        JsonNode content =
                operation.get("requestBody").get("content").iterator().next();
        JsonNode body = made(content.get("schema"), "", 0);
        for (int spoiled = random.nextInt(3); spoiled > 0; spoiled--) spoil(body);
        return body.toString();
    }

    private <T> T one(List<T> of) {
        return of.get(random.nextInt(of.size()));
    }

    private JsonNode made(JsonNode described, String field, int depth) {
        String name = described.path("$ref").asString("").replaceAll(".*/", "");
        JsonNode schema = name.isEmpty() ? described : schemas.get(name);
        List<String> types = types(described.has("type") ? described : schema);
        if (types.remove("null") && random.nextInt(10) < 3 + depth) return NODES.nullNode();
        if (whole.containsKey(name) && random.nextInt(4) > 0)
            return one(whole.get(name)).deepCopy();
        boolean told = words.containsKey(field) && !types.contains("array") && !types.contains("object");
        if (told) return JSON.readTree(one(words.get(field)));
        if (schema.has("enum")) return one(List.copyOf(schema.get("enum").values()));
        return switch (types.isEmpty() ? "object" : types.get(0)) {
            case "array" -> {
                ArrayNode array = NODES.arrayNode();
                IntStream.range(0, random.nextInt(4))
                        .forEach(k -> array.add(made(schema.get("items"), field, depth + 1)));
                yield array;
            }
            case "object" -> {
                ObjectNode object = NODES.objectNode();
                schema.path("properties").forEachEntry((key, value) -> {
                    if (random.nextInt(20) > 0) object.set(key, made(value, key, depth + 1));
                });
                yield object;
            }
            case "boolean" -> NODES.booleanNode(random.nextBoolean());
            case "integer", "number" -> JSON.readTree(one(NUMBERS));
            default -> JSON.readTree(one(words.get(schema.path("format").asString(""))));
        };
    }

    private static List<String> types(JsonNode schema) {
        JsonNode type = schema.path("type");
        List<String> types = new ArrayList<>();
        if (type.isString()) types.add(type.asString());
        type.forEach(one -> types.add(one.asString()));
        return types;
    }

    /** Puts something else in a place of a body, or takes out what is there. */
    private void spoil(JsonNode body) {
        JsonNode place = body;
        while (place.size() > 0 && (place == body || random.nextBoolean())) {
            JsonNode inner = one(List.copyOf(place.values()));
            if (!inner.isContainer() || inner.isEmpty()) break;
            place = inner;
        }
        if (place.isEmpty()) return;
        boolean out = random.nextInt(4) == 0;
        if (place instanceof ObjectNode object) {
            String key = one(List.copyOf(object.propertyNames()));
            if (out) object.remove(key);
            else object.set(key, one(SPOILED));
        } else if (place instanceof ArrayNode array) {
            int at = random.nextInt(array.size());
            if (out) array.remove(at);
            else array.set(at, one(SPOILED));
        }
    }
}
