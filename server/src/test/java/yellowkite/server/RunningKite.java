package yellowkite.server;

import static java.util.Objects.requireNonNull;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublisher;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.server.database.LocalMariaDb;

/** The real application upon a real MariaDB, started once for all tests of this module, and what a client does with it. */
public final class RunningKite {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final HttpClient CLIENT = HttpClient.newHttpClient();
    private static final LocalMariaDb DATABASE = LocalMariaDb
        .startOver(Path.of("target", "test-home" + System.getProperty("test.process", "")).toAbsolutePath());
    private static final ConfigurableApplicationContext APPLICATION = KiteServer.start(DATABASE, "--server.port=0",
            "--springdoc.api-docs.path=/api/openapi", "--springdoc.override-with-generic-response=false",
            "--springdoc.default-flat-param-object=true", "--logging.level.org.springdoc=ERROR");
    private static final String ADDRESS = "http://127.0.0.1:"
            + requireNonNull(((WebServerApplicationContext) APPLICATION).getWebServer()).getPort();

    static {
        Runtime.getRuntime().addShutdownHook(new Thread(() -> {
            APPLICATION.close();
            DATABASE.close();
        }));
    }

    private RunningKite() {}

    /** An answer: its status, and its body as JSON; null if it is none. */
    public record Answer(int status, JsonNode json, byte[] body) {
        public String detail() {
            return json.path("detail").asString("");
        }
    }

    public static LocalMariaDb database() {
        return DATABASE;
    }

    /** {@return a part of the running application, for what nothing asks for from outside} */
    public static <T> T part(Class<T> type) {
        return APPLICATION.getBean(type);
    }

    public static Answer get(String path) {
        return send(request(path).GET().build());
    }

    public static Answer post(String path, String json) {
        return send(request(path).header("Content-Type", "application/json")
            .header("Kite-Author", author("Ines"))
            .POST(BodyPublishers.ofString(json))
            .build());
    }

    public static Answer post(String path, String author, String json) {
        return send(request(path).header("Content-Type", "application/json")
            .header("Kite-Author", author(author))
            .POST(BodyPublishers.ofString(json))
            .build());
    }

    /** A change that is told apart from others by an id of its asker's. */
    public static Answer post(String path, String author, String change, String json) {
        return send(request(path).header("Content-Type", "application/json")
            .header("Kite-Author", author(author))
            .header("Kite-Change", change)
            .POST(BodyPublishers.ofString(json))
            .build());
    }

    public static Answer put(String path, String json) {
        return send(request(path).header("Content-Type", "application/json")
            .header("Kite-Author", author("Ines"))
            .PUT(BodyPublishers.ofString(json))
            .build());
    }

    public static Answer delete(String path) {
        return send(request(path).header("Kite-Author", author("Ines")).DELETE().build());
    }

    public static HttpRequest.Builder request(String path) {
        return HttpRequest.newBuilder(URI.create(ADDRESS + path));
    }

    /** {@return how many profiles fit a search whole} */
    public static int found(String search) {
        return get("/api/library?search=" + URLEncoder.encode(search, StandardCharsets.UTF_8)).json()
            .path("sections")
            .values()
            .stream()
            .filter(each -> !each.path("kind").asString().equals("PART"))
            .mapToInt(each -> each.path("count").asInt())
            .sum();
    }

    public static Answer upload(Map<String, byte[]> files) {
        return upload(BodyPublishers.ofByteArray(multipart("files", files)));
    }

    /** {@return the same fixture under an id of its own, so that tests do not meet} */
    public static GdtfFile fresh(GdtfFile fixture) {
        return new GdtfFile(
                GdtfDescription
                    .of(fixture.description().type().with(f -> f.fixtureTypeId = UUID.randomUUID().toString().toUpperCase(Locale.ROOT))),
                fixture.others());
    }

    /** {@return the profile that a file becomes} */
    public static String takeIn(GdtfFile fixture) {
        return upload(Map.of("fixture.gdtf", fixture.write())).json().at("/0/accepted/profileId").asString();
    }

    /** Sends one file as the part {@code file}. */
    public static Answer uploadOne(String path, String name, byte[] bytes) {
        return send(request(path).header("Content-Type", "multipart/form-data; boundary=kite")
            .header("Kite-Author", author("Ines"))
            .POST(BodyPublishers.ofByteArray(multipart("file", Map.of(name, bytes))))
            .build());
    }

    private static byte[] multipart(String part, Map<String, byte[]> files) {
        var body = new ByteArrayOutputStream();
        files.forEach((name, bytes) -> {
            body.writeBytes(("--kite\r\nContent-Disposition: form-data; name=\"" + part + "\"; filename=\"" + name + "\"\r\n\r\n")
                .getBytes(StandardCharsets.UTF_8));
            body.writeBytes(bytes);
            body.writeBytes("\r\n".getBytes(StandardCharsets.UTF_8));
        });
        body.writeBytes("--kite--\r\n".getBytes(StandardCharsets.UTF_8));
        return body.toByteArray();
    }

    /** @param query with what is to become of files that the library has with other content */
    public static Answer upload(String query, Map<String, byte[]> files) {
        return upload(query, BodyPublishers.ofByteArray(multipart("files", files)));
    }

    /** Sends a multipart body whose boundary is {@code kite}. */
    public static Answer upload(BodyPublisher body) {
        return upload("", body);
    }

    private static Answer upload(String query, BodyPublisher body) {
        return send(request("/api/intake" + query).header("Content-Type", "multipart/form-data; boundary=kite")
            .header("Kite-Author", author("Ines"))
            .POST(body)
            .build());
    }

    public static String author(String name) {
        return URLEncoder.encode(name, StandardCharsets.UTF_8);
    }

    public static Answer send(HttpRequest request) {
        try {
            var answer = CLIENT.send(request, HttpResponse.BodyHandlers.ofByteArray());
            boolean isJson = answer.headers().firstValue("Content-Type").orElse("").contains("json");
            return new Answer(answer.statusCode(), isJson ? JSON.readTree(answer.body()) : JSON.nullNode(), answer.body());
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(stopped);
        }
    }
}
