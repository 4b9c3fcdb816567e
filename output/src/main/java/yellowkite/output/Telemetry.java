package yellowkite.output;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.Optional;
import yellowkite.core.bench.Proof;
import yellowkite.core.bench.Seen;
import yellowkite.core.bench.telemetry.TelemetryJson;

/** Instruments that look at a fixture, over HTTP. The interface: docs/telemetry.md. */
public final class Telemetry implements AutoCloseable {
    private static final Duration PATIENCE = Duration.ofSeconds(3);
    private final URI address;
    private final HttpClient client = HttpClient.newBuilder().connectTimeout(PATIENCE).followRedirects(HttpClient.Redirect.NEVER).build();

    public Telemetry(URI address) {
        this.address = address;
    }

    /** {@return the address that a text is; empty where it is none of HTTP} */
    public static Optional<URI> address(String text) {
        try {
            var uri = URI.create(text.strip());
            return uri.getHost() != null && ("http".equals(uri.getScheme()) || "https".equals(uri.getScheme())) ? Optional.of(uri)
                    : Optional.empty();
        } catch (IllegalArgumentException none) {
            return Optional.empty();
        }
    }

    /** {@return what is seen now} @throws Proof.Gone if nobody answers, or what is answered is no telemetry */
    public Seen look() throws Proof.Gone {
        try {
            var asked = HttpRequest.newBuilder(address).timeout(PATIENCE).build();
            var answer = client.send(asked, HttpResponse.BodyHandlers.ofInputStream());
            try (var body = answer.body()) {
                var bytes = body.readNBytes(TelemetryJson.MAX_BYTES);
                return (answer.statusCode() == 200 ? TelemetryJson.read(bytes) : Optional.<Seen>empty())
                    .orElseThrow(() -> new Proof.Gone("What answers at " + address + " is no telemetry."));
            }
        } catch (IOException failed) {
            throw new Proof.Gone("No telemetry answers at " + address + ": the fixture is gone, or the address is not right.");
        } catch (InterruptedException ended) {
            Thread.currentThread().interrupt();
            throw new Proof.Gone("It was stopped.");
        }
    }

    @Override
    public void close() {
        client.close();
    }
}
