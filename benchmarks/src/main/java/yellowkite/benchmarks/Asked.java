package yellowkite.benchmarks;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.Objects;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The running server as a page asks it. */
final class Asked {
    static final JsonMapper JSON = JsonMapper.builder().build();
    private final HttpClient client = HttpClient.newHttpClient();
    private final String address;

    Asked(ConfigurableApplicationContext server) {
        this.address = "http://127.0.0.1:" + Objects.requireNonNull(((WebServerApplicationContext) server).getWebServer()).getPort();
    }

    /** Any answer, whatever its status. @param change id of the change; empty for none */
    HttpResponse<byte[]> any(String path, String author, String change, byte[] body, String type)
            throws IOException, InterruptedException {
        var request = HttpRequest.newBuilder(URI.create(address + path)).header("Kite-Author", author);
        if (!change.isEmpty()) {
            request.header("Kite-Change", change);
        }
        if (type.isEmpty()) {
            request.GET();
        } else {
            request.header("Content-Type", type).POST(HttpRequest.BodyPublishers.ofByteArray(body));
        }
        return client.send(request.build(), BodyHandlers.ofByteArray());
    }

    byte[] get(String path) throws IOException, InterruptedException {
        return required(path, any(path, "Mill", "", new byte[0], ""));
    }

    JsonNode read(String path) throws IOException, InterruptedException {
        return JSON.readTree(get(path));
    }

    JsonNode post(String path, String type, byte[] body) throws IOException, InterruptedException {
        return JSON.readTree(required(path, any(path, "Mill", "", body, type)));
    }

    JsonNode post(String path, String json) throws IOException, InterruptedException {
        return post(path, "application/json", json.getBytes(StandardCharsets.UTF_8));
    }

    /** Sends files the way the page does. */
    JsonNode send(String path, Map<String, byte[]> files) throws IOException, InterruptedException {
        var body = new ByteArrayOutputStream();
        files.forEach((name, bytes) -> {
            body.writeBytes(("--kite\r\nContent-Disposition: form-data; name=\"files\"; filename=\"" + name + "\"\r\n\r\n")
                .getBytes(StandardCharsets.UTF_8));
            body.writeBytes(bytes);
            body.writeBytes("\r\n".getBytes(StandardCharsets.UTF_8));
        });
        body.writeBytes("--kite--\r\n".getBytes(StandardCharsets.UTF_8));
        return post(path, "multipart/form-data; boundary=kite", body.toByteArray());
    }

    private static byte[] required(String path, HttpResponse<byte[]> answer) {
        if (answer.statusCode() != 200) {
            throw new IllegalStateException(
                    path + " was answered with " + answer.statusCode() + ": " + new String(answer.body(), StandardCharsets.UTF_8));
        }
        return answer.body();
    }
}
