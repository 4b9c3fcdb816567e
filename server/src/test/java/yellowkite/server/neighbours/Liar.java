package yellowkite.server.neighbours;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;

/** A neighbour that answers whatever a test wants, right or wrong. */
final class Liar implements AutoCloseable {
    private final HttpServer server;
    private final Map<String, Answering> answers = new ConcurrentHashMap<>();

    interface Answering {
        void answer(HttpExchange asked) throws IOException, InterruptedException;
    }

    Liar() throws IOException {
        server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
        server.setExecutor(Executors.newVirtualThreadPerTaskExecutor());
        server.createContext("/", asked -> {
            try (asked) {
                answers.getOrDefault(asked.getRequestURI().getPath(), each -> each.sendResponseHeaders(404, -1)).answer(asked);
            } catch (InterruptedException ended) {
                Thread.currentThread().interrupt();
            }
        });
        server.start();
        says("/v1/sign-in", "{\"token\": \"t\"}");
    }

    String address() {
        return "http://127.0.0.1:" + server.getAddress().getPort();
    }

    Liar when(String path, Answering answering) {
        answers.put(path, answering);
        return this;
    }

    Liar says(String path, String json) {
        return says(path, json.getBytes(StandardCharsets.UTF_8));
    }

    Liar says(String path, byte[] bytes) {
        return when(path, asked -> {
            asked.sendResponseHeaders(200, bytes.length);
            asked.getResponseBody().write(bytes);
        });
    }

    @Override
    public void close() {
        server.stop(0);
    }
}
