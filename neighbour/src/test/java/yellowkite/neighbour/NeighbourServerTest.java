package yellowkite.neighbour;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.net.http.HttpResponse;
import java.util.Arrays;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import yellowkite.core.archive.Sha256;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.demo.DemoHouse;

class NeighbourServerTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private final HttpClient client = HttpClient.newHttpClient();
    private NeighbourServer server;
    private String token = "";

    @BeforeEach
    void begun() throws Exception {
        server = new NeighbourServer(0, false, false);
        token = json(send("POST", "/sign-in", "{\"name\": \"marigold\", \"secret\": \"lantern\"}".getBytes())).path("token").asString();
    }

    @AfterEach
    void ended() {
        server.close();
    }

    private HttpResponse<byte[]> send(String method, String path, byte[] body, String... headers) throws IOException, InterruptedException {
        var request = HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + server.port() + "/v1" + path))
            .method(method, BodyPublishers.ofByteArray(body))
            .header("Authorization", "Bearer " + token);
        if (headers.length > 0) {
            request.headers(headers);
        }
        return client.send(request.build(), BodyHandlers.ofByteArray());
    }

    private static JsonNode json(HttpResponse<byte[]> answer) {
        return JSON.readTree(answer.body());
    }

    private JsonNode first(String words) throws Exception {
        return json(send("GET", "/profiles?words=" + words, new byte[0])).at("/profiles/0");
    }

    @Test
    void whoIsNotSignedInIsTurnedAway() throws Exception {
        token = "none";

        assertThat(send("GET", "/profiles", new byte[0]).statusCode()).isEqualTo(401);
        assertThat(send("POST", "/sign-in", "{\"name\": \"marigold\", \"secret\": \"wrong\"}".getBytes()).statusCode()).isEqualTo(401);
        assertThat(json(send("GET", "/about", new byte[0])).path("house").asString()).isEqualTo("Kettle Lane stores");
    }

    @Test
    void aProfileIsFoundByItsWordsWithAllThatIsToldOfIt() throws Exception {
        var spot = first("petrel%20SPOT");

        assertThat(spot.path("manufacturer").asString() + " " + spot.path("model").asString()).isEqualTo("Tidewick Petrel Spot");
        assertThat(spot.path("byManufacturer").asBoolean()).isTrue();
        assertThat(spot.at("/modes/0/footprint").asInt()).isEqualTo(22);
        assertThat(json(send("GET", "/profiles?words=nothing-of-it", new byte[0])).path("total").asInt()).isZero();
    }

    @Test
    void aFileComesWholeOrInPieces() throws Exception {
        var spot = first("petrel%20spot");
        var path = "/profiles/" + spot.path("id").asString() + "/file";

        var whole = send("GET", path, new byte[0]).body();
        var piece = send("GET", path, new byte[0], "Range", "bytes=10-29");

        assertThat(Sha256.of(whole)).isEqualTo(spot.path("sha256").asString());
        assertThat(piece.statusCode()).isEqualTo(206);
        assertThat(piece.body()).isEqualTo(Arrays.copyOfRange(whole, 10, 30));
        assertThat(send("GET", path, new byte[0], "Range", "bytes=" + whole.length + "-").statusCode()).isEqualTo(416);
    }

    /** {@return the number of the last change, asked for answer by answer} */
    private int lastChange() throws Exception {
        int seen = 0;
        for (var told = json(send("GET", "/changes?since=0", new byte[0])); told.path("upTo").asInt() > seen;) {
            seen = told.path("upTo").asInt();
            told = json(send("GET", "/changes?since=" + seen, new byte[0]));
        }
        return seen;
    }

    @Test
    void changesAreToldSomeAtATime() throws Exception {
        var first = json(send("GET", "/changes?since=0", new byte[0]));

        assertThat(first.path("profiles")).hasSize(20);
        assertThat(first.path("upTo").asInt()).isEqualTo(20);
        assertThat(lastChange()).as("nine of the demo house and forty more").isEqualTo(49);
    }

    @Test
    void anOfferIsTheNextRevisionAndIsToldAsAChange() throws Exception {
        var before = first("moth");
        int upTo = lastChange();
        var moth = DemoHouse.moth();
        var offered = new GdtfFile(GdtfDescription.of(moth.description().type().with(f -> f.description = "Of another house")),
                moth.others())
            .write();

        var told = send("POST", "/offers?note=Better", offered);

        assertThat(told.statusCode()).isEqualTo(201);
        assertThat(json(told).path("revision").asInt()).isEqualTo(before.path("revision").asInt() + 1);
        assertThat(json(send("POST", "/offers", offered)).path("revision")).as("the same again").isEqualTo(json(told).path("revision"));
        var changes = json(send("GET", "/changes?since=" + upTo, new byte[0]));
        assertThat(changes.path("profiles")).hasSize(1);
        assertThat(changes.at("/profiles/0/note").asString()).isEqualTo("Better");
        assertThat(send("POST", "/offers", new byte[]{1, 2, 3}).statusCode()).isEqualTo(422);
    }

    /** What it holds came day by day from the third of March on. */
    @Test
    void changesAreToldSinceADayAsWell() throws Exception {
        var all = json(send("GET", "/changes?since=2026-03-03", new byte[0])).path("profiles");
        var later = json(send("GET", "/changes?since=2026-03-05", new byte[0])).path("profiles");

        assertThat(later).hasSize(all.size() - 2);
        assertThat(send("GET", "/changes?since=2026-13-05", new byte[0]).statusCode()).isEqualTo(400);
        assertThat(send("GET", "/changes?since=x", new byte[0]).statusCode()).isEqualTo(400);
    }

    @Test
    void aVoteCountsOnceForEach() throws Exception {
        var path = "/profiles/" + first("candle").path("id").asString() + "/rating";
        int votes = first("candle").path("votes").asInt();

        send("PUT", path, "{\"stars\": 2}".getBytes());
        var rated = json(send("PUT", path, "{\"stars\": 5}".getBytes()));

        assertThat(rated.path("votes").asInt()).isEqualTo(votes + 1);
        assertThat(send("PUT", path, "{\"stars\": 6}".getBytes()).statusCode()).isEqualTo(422);
    }

    @Test
    void aFlakyOneFailsEveryFourthTime() throws Exception {
        server.close();
        server = new NeighbourServer(0, false, true);

        var said = new int[4];
        for (int i = 0; i < 4; i++) {
            said[i] = send("GET", "/about", new byte[0]).statusCode();
        }

        assertThat(said).containsExactly(200, 200, 200, 503);
    }
}
