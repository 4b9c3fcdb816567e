package yellowkite.server.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URLEncoder;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import yellowkite.demo.DemoHouse;
import yellowkite.server.RunningKite;

/** Every operation of the API, asked wrongly: each wrong request is refused in words, soon, and another page's change is not taken. */
class HostileRequestsTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final long SLOW_NANOS = 2_000_000_000L;
    private static final List<String> ODD = List.of("", "%20", ",", "x".repeat(3_000), "%F0%9F%AA%81", "-1", "99999999999999999999", "NaN",
            "..%2F..", "%00", "null", "%5B%5D");
    private static final List<String> UNREADABLE = List.of("%", "%ff", "%zz");
    private static final List<String> BODIES = List.of("", "null", "[]", "{}", "7", "\"x\"", "{\"a\":", "\u0000", "[".repeat(3_000),
            "{\"version\":\"x\"}", "{\"version\":-1,\"edit\":{\"type\":\"none\"}}");

    /** @param path with its parameters in braces */
    private record Operation(String method, String path, JsonNode description) {
        String at(Map<String, String> values) {
            var address = path;
            for (var each : values.entrySet()) {
                address = address.replace("{" + each.getKey() + "}", each.getValue());
            }
            return address.replaceAll("\\{[^}]*}", "x");
        }

        List<String> parameters(String in) {
            return description.path("parameters")
                .values()
                .stream()
                .filter(each -> each.path("in").asString().equals(in))
                .map(each -> each.path("name").asString())
                .toList();
        }

        boolean isChange() {
            return !method.equals("GET");
        }

        boolean takes(String kind) {
            return description.at("/requestBody/content").has(kind);
        }

        JsonNode shape() {
            return description.at("/requestBody/content").path("application/json").path("schema");
        }
    }

    private static final JsonNode API = read();
    private final List<String> wrong = new ArrayList<>();

    private static JsonNode read() {
        try {
            return JSON.readTree(Files.readString(Path.of("../web/openapi.json")));
        } catch (IOException missing) {
            throw new java.io.UncheckedIOException(missing);
        }
    }

    private static Stream<Operation> operations() {
        return API.path("paths")
            .properties()
            .stream()
            .flatMap(path -> path.getValue()
                .properties()
                .stream()
                .map(each -> new Operation(each.getKey().toUpperCase(java.util.Locale.ROOT), path.getKey(), each.getValue())));
    }

    /** Names that lead to something, so that a request gets past "not found". */
    private static Map<String, String> real() {
        var profile = RunningKite.takeIn(RunningKite.fresh(DemoHouse.petrelSpot()));
        var draft = RunningKite.get("/api/profiles/" + profile + "/draft").json();
        var run = RunningKite.post("/api/intake/runs", "{\"files\":[{\"name\":\"a.gdtf\",\"bytes\":1}]}").json();
        return Map.of("profileId", profile, "draftId", draft.path("id").asString("x"), "number", "1", "mode", "0", "id",
                run.path("id").asString("x"), "function", "1", "wheel", "1");
    }

    @Test
    void noParameterEndsInAnErrorOfTheServer() {
        var real = real();
        operations().forEach(each -> {
            var body = each.takes("multipart/form-data") ? "--kite--\r\n" : "{}";
            for (var value : ODD) {
                each.parameters("path").forEach(name -> {
                    var values = new LinkedHashMap<>(real);
                    values.put(name, value.isEmpty() ? "%20" : value);
                    ask(each, each.at(values), kind(each), body);
                });
                each.parameters("query").forEach(name -> ask(each, each.at(real) + "?" + name + "=" + value, kind(each), body));
            }
            UNREADABLE.forEach(value -> {
                assertThat(raw(each.method(), each.at(real) + "?search=" + value)).as(each + value).startsWith("HTTP/1.1 4");
            });
        });

        assertThat(wrong).isEmpty();
    }

    @Test
    void noBodyEndsInAnErrorOfTheServer() {
        var real = real();
        operations().filter(each -> each.takes("application/json")).forEach(each -> {
            var bodies = new ArrayList<>(BODIES);
            bodies.addAll(Shapes.wrong(API, each.shape()));
            bodies.forEach(body -> ask(each, each.at(real), "application/json", body));
            List.of("text/plain", "multipart/form-data", "application/xml").forEach(kind -> ask(each, each.at(real), kind, "{}"));
        });

        assertThat(wrong).isEmpty();
    }

    @Test
    void noBrokenMultipartEndsInAnErrorOfTheServer() {
        var real = real();
        var part = "--kite\r\nContent-Disposition: form-data; name=\"file\"; filename=\"a.gdtf\"\r\n\r\nPK";
        operations().filter(Operation::isChange).forEach(each -> {
            var address = each.at(real) + "?at=0&cut=%7B%7D&facts=%7B%7D&tolerance=1&version=0&mode=0";
            for (var body : List.of("", part, part + "\r\n--kite", part + "\r\n--kite--\r\n",
                    part.replace("file\"", "files\"") + "\r\n--kite--\r\n", "--kite\r\n\r\n--kite--", "nothing of that")) {
                ask(each, address, "multipart/form-data; boundary=kite", body);
            }
            ask(each, address, "multipart/form-data", part);
            ask(each, address, "multipart/form-data; boundary=" + "b".repeat(300), part);
            ask(each, address, "*/*", part);
        });

        assertThat(wrong).isEmpty();
    }

    @Test
    void noChangeIsTakenFromAnotherPage() {
        operations().filter(Operation::isChange).forEach(each -> {
            var address = each.at(Map.of());
            for (var header : List.of(new String[]{"Origin", "http://elsewhere.example"}, new String[]{"Origin", "null"},
                    new String[]{"Origin", "http://127.0.0.1:1"}, new String[]{"Sec-Fetch-Site", "cross-site"},
                    new String[]{"Sec-Fetch-Site", "same-site"})) {
                var request = RunningKite.request(address)
                    .header(header[0], header[1])
                    .header("Content-Type", "text/plain")
                    .header("Kite-Author", "Ines")
                    .method(each.method(), BodyPublishers.ofString("{}"))
                    .build();

                assertThat(RunningKite.send(request).status()).as(each.method() + " " + address + " " + String.join(": ", header))
                    .isEqualTo(403);
            }
        });
    }

    @Test
    void ourOwnPageMayChange() {
        var here = RunningKite.request("/").build().uri();
        var request = RunningKite.request("/api/searches")
            .header("Origin", "http://" + here.getAuthority())
            .header("Sec-Fetch-Site", "same-origin")
            .header("Kite-Author", "Ines")
            .header("Content-Type", "application/json")
            .POST(BodyPublishers.ofString("{}"))
            .build();

        assertThat(RunningKite.send(request).status()).isNotEqualTo(403);
    }

    @Test
    void theServersOwnPageForErrorsIsNoAddress() {
        assertThat(RunningKite.get("/error").status()).isEqualTo(404);
    }

    @Test
    void wordsThatDoNotTellTheirLengthAreCounted() {
        var large = BodyPublishers.ofInputStream(
                () -> new java.io.ByteArrayInputStream(("{\"name\":\"" + "x".repeat(3 << 20) + "\"}").getBytes(StandardCharsets.UTF_8)));
        var request = RunningKite.request("/api/searches")
            .header("Content-Type", "application/json")
            .header("Kite-Author", "Ines")
            .POST(large)
            .build();

        assertThat(RunningKite.send(request).status()).isEqualTo(413);
    }

    private static String kind(Operation each) {
        return each.takes("multipart/form-data") ? "multipart/form-data; boundary=kite" : "application/json";
    }

    private void ask(Operation operation, String address, String kind, String body) {
        HttpRequest request;
        try {
            request = RunningKite.request(address)
                .header("Kite-Author", URLEncoder.encode("Ines", StandardCharsets.UTF_8))
                .header("Content-Type", kind)
                .method(operation.method(), operation.isChange() ? BodyPublishers.ofString(body) : BodyPublishers.noBody())
                .build();
        } catch (IllegalArgumentException notSendable) {
            return;
        }
        for (int tries = 3; tries > 0; tries--) { // a machine that is busy with something else is no slowness of ours
            long before = System.nanoTime();
            int status = RunningKite.send(request).status();
            boolean slow = System.nanoTime() - before > SLOW_NANOS;
            if (status >= 500 || slow && tries == 1) {
                wrong.add(operation.method() + " " + shortened(address) + " " + shortened(kind) + " " + shortened(body) + " -> "
                        + (slow ? "slow" : status));
            }
            if (!slow) {
                return;
            }
        }
    }

    private static String shortened(String text) {
        return text.length() <= 300 ? text : text.substring(0, 300) + "...";
    }

    /** What no client library would send. */
    private static String raw(String method, String address) {
        var here = RunningKite.request("/").build().uri();
        try (var socket = new java.net.Socket("127.0.0.1", here.getPort())) {
            socket.getOutputStream()
                .write((method + " " + address + " HTTP/1.1\r\nHost: 127.0.0.1:" + here.getPort()
                        + "\r\nKite-Author: Ines\r\nContent-Length: 0\r\nConnection: close\r\n\r\n")
                    .getBytes(StandardCharsets.US_ASCII));
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException failed) {
            throw new java.io.UncheckedIOException(failed);
        }
    }

    /** Bodies that are nearly right: made from a schema, with one value at a time replaced by an odd one. */
    static final class Shapes {
        private static final List<String> VALUES = List.of("null", "\"\"", "\" \"", "\"x\"", "\"" + "x".repeat(3_000) + "\"",
                "\"\\u0000\\ud83d\"", "-1", "1e308", "99999999999999999999", "2147483647", "[]", "[null]", "{}", "true");
        private static final int DEEPEST = 5;

        private Shapes() {}

        static List<String> wrong(JsonNode api, JsonNode schema) {
            var whole = usual(api, schema, 0);
            var bodies = new ArrayList<String>();
            bodies.add(whole.toString());
            if (whole instanceof ObjectNode object) {
                for (var name : List.copyOf(object.propertyNames())) {
                    for (var value : VALUES) {
                        var copy = object.deepCopy();
                        copy.set(name, JSON.readTree(value));
                        bodies.add(copy.toString());
                    }
                    var without = object.deepCopy();
                    without.remove(name);
                    bodies.add(without.toString());
                }
            }
            return bodies;
        }

        private static JsonNode usual(JsonNode api, JsonNode schema, int depth) {
            if (schema.has("$ref")) {
                return depth > DEEPEST ? JSON.nullNode() : usual(api, api.at(schema.path("$ref").asString().substring(1)), depth + 1);
            }
            if (schema.has("oneOf")) {
                return usual(api, schema.path("oneOf").path(0), depth + 1);
            }
            if (schema.has("allOf")) {
                return usual(api, schema.path("allOf").path(0), depth + 1);
            }
            if (schema.has("enum")) {
                return schema.path("enum").path(0);
            }
            return switch (type(schema)) {
                case "object" -> {
                    var object = JSON.createObjectNode();
                    schema.path("properties")
                        .properties()
                        .forEach(each -> object.set(each.getKey(), usual(api, each.getValue(), depth + 1)));
                    yield object;
                }
                case "array" -> JSON.createArrayNode().add(usual(api, schema.path("items"), depth + 1));
                case "integer" -> JSON.getNodeFactory().numberNode(0);
                case "number" -> JSON.getNodeFactory().numberNode(0.5);
                case "boolean" -> JSON.getNodeFactory().booleanNode(true);
                default -> JSON.getNodeFactory().stringNode("a");
            };
        }

        private static String type(JsonNode schema) {
            var type = schema.path("type");
            return type.isArray() ? type.path(0).asString() : type.asString(schema.has("properties") ? "object" : "string");
        }
    }
}
