package yellowkite.sim;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import yellowkite.core.bench.telemetry.TelemetryJson;

/** What instruments see, over HTTP on loopback. The interface: docs/telemetry.md. */
final class TelemetryServer implements AutoCloseable {
    private final SimulatedFixture fixture;
    private final HttpServer server;
    private final ExecutorService hands = Executors.newVirtualThreadPerTaskExecutor();

    /** @param port 0 = any that is free */
    TelemetryServer(SimulatedFixture fixture, int port) throws IOException {
        this.fixture = fixture;
        server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), 0);
        server.setExecutor(hands);
        server.createContext("/", this::answer);
        server.start();
    }

    String url() {
        return "http://127.0.0.1:" + server.getAddress().getPort() + "/";
    }

    private void answer(HttpExchange asked) throws IOException {
        try (asked) {
            boolean known = asked.getRequestURI().getPath().equals("/");
            boolean get = asked.getRequestMethod().equals("GET");
            var body = (known && get ? TelemetryJson.write(fixture.look()) : "{\"says\":\"GET / tells what is seen.\"}")
                .getBytes(StandardCharsets.UTF_8);
            asked.getResponseHeaders().set("Content-Type", "application/json");
            asked.sendResponseHeaders(!known ? 404 : get ? 200 : 405, body.length);
            asked.getResponseBody().write(body);
        }
    }

    @Override
    public void close() {
        server.stop(0);
        hands.shutdownNow();
    }
}
