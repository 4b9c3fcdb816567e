package yellowkite.server.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import yellowkite.server.RunningKite;

class DoorkeeperTest {

    @Test
    void refusesRequestsThatWereLedHereByAnotherName() throws IOException {
        assertThat(statusFor("elsewhere.example")).contains(" 403");
        assertThat(statusFor("127.0.0.1")).contains(" 200");
        assertThat(statusFor("localhost")).contains(" 200");
    }

    private static String statusFor(String host) throws IOException {
        var here = RunningKite.request("/").build().uri();
        try (var socket = new Socket("127.0.0.1", here.getPort())) {
            socket.getOutputStream()
                .write(("GET /api/library HTTP/1.1\r\nHost: " + host + ":" + here.getPort() + "\r\nConnection: close\r\n\r\n")
                    .getBytes(StandardCharsets.US_ASCII));
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8).lines().findFirst().orElse("");
        }
    }

    @Test
    void anUnknownAddressIsAProblemInWords() {
        var answer = RunningKite.get("/api/nothing");

        assertThat(answer.status()).isEqualTo(404);
        assertThat(answer.detail()).isEqualTo("There is nothing at this address.");
    }

    @Test
    void aChangeWithoutTheHeaderOfOurOwnIsRefused() {
        var request = RunningKite.request("/api/profiles/x/draft?revision=1")
            .POST(java.net.http.HttpRequest.BodyPublishers.noBody())
            .build();

        assertThat(RunningKite.send(request).status()).isEqualTo(422);
        assertThat(RunningKite.send(request).detail()).isEqualTo("Say who is working first: every change carries a name.");
    }
}
