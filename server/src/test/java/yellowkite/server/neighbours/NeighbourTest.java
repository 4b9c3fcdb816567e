package yellowkite.server.neighbours;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.server.RunningKite.get;
import static yellowkite.server.RunningKite.post;
import static yellowkite.server.RunningKite.put;

import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.CountDownLatch;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import yellowkite.core.archive.Sha256;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.demo.DemoHouse;
import yellowkite.neighbour.NeighbourServer;
import yellowkite.server.RunningKite.Answer;
import yellowkite.server.RunningKite;

/** The real server and a neighbour of ours on this machine, and some that are none. */
class NeighbourTest {
    private NeighbourServer neighbour;
    private String id = "";

    @BeforeEach
    void begun() throws Exception {
        neighbour = new NeighbourServer(0, false, false);
        id = fine(added("http://127.0.0.1:" + neighbour.port(), "lantern")).path("id").asString();
    }

    @AfterEach
    void ended() {
        get("/api/neighbours").json().forEach(each -> RunningKite.delete("/api/neighbours/" + each.path("id").asString()));
        neighbour.close();
    }

    private static Answer added(String address, String secret) {
        return post("/api/neighbours", "{\"name\": \"Kettle Lane\", \"address\": \"" + address
                + "\", \"login\": \"marigold\", \"secret\": \"" + secret + "\"}");
    }

    private static JsonNode fine(Answer answer) {
        assertThat(answer.status()).as(new String(answer.body(), StandardCharsets.UTF_8)).isBetween(200, 202);
        return answer.json();
    }

    private JsonNode first(String words) {
        return fine(get("/api/neighbours/" + id + "/search?words=" + words)).at("/profiles/0");
    }

    private static JsonNode ended(String taking) throws InterruptedException {
        for (int i = 0; i < 200; i++) {
            var now = get("/api/takings/" + taking).json();
            if (!now.path("state").asString().equals("GOING")) {
                return now;
            }
            Thread.sleep(100);
        }
        throw new AssertionError("it never ended");
    }

    private JsonNode taken(String remoteId, boolean asNext) throws InterruptedException {
        var begun = fine(post("/api/neighbours/" + id + "/profiles/" + remoteId + "/take", "{\"asNext\": " + asNext + "}"));
        return ended(begun.path("id").asString());
    }

    @Test
    void oneIsAddedOnceItLetsUsInAndItsSecretIsNowhereToBeRead() {
        assertThat(added("http://127.0.0.1:" + neighbour.port(), "wrong").detail()).contains("name or secret is not right");
        assertThat(added("ftp://127.0.0.1", "lantern").detail()).contains("looks like https");
        assertThat(added("http://library.example", "lantern").detail()).contains("could read the secret");
        assertThat(added("http://127.0.0.1:1", "lantern").detail()).contains("cannot be reached");

        assertThat(new String(get("/api/neighbours").body(), StandardCharsets.UTF_8)).contains("Kettle Lane").doesNotContain("lantern");
        var stored = RunningKite.part(NeighbourRepository.class).find(id).orElseThrow();
        assertThat(new String(stored.secret(), StandardCharsets.ISO_8859_1)).doesNotContain("lantern");
        assertThat(RunningKite.part(SecretBox.class).open(stored.secret())).isEqualTo("lantern");
        assertThat(new Neighbours.NeighbourFacts("a", "b", "c", "lantern").toString()).doesNotContain("lantern");
    }

    @Test
    void anotherAddressDoesNotGetTheSecretByItself() {
        var facts = "{\"version\": 0, \"facts\": {\"name\": \"Kettle Lane stores\", \"address\": \"%s\", \"login\": \"marigold\", \"secret\": \"\"}}";

        assertThat(put("/api/neighbours/" + id, facts.formatted("http://127.0.0.1:7")).detail()).contains("Type the secret again");
        var renamed = fine(put("/api/neighbours/" + id, facts.formatted("http://127.0.0.1:" + neighbour.port())));
        assertThat(renamed.path("name").asString()).isEqualTo("Kettle Lane stores");
        assertThat(put("/api/neighbours/" + id, facts.formatted("http://127.0.0.1:" + neighbour.port())).status()).isEqualTo(409);
    }

    @Test
    void aProfileIsFoundLookedAtAndTaken() throws Exception {
        var wash = first("petrel%20wash");
        assertThat(wash.path("byManufacturer").asBoolean()).isTrue();
        var at = "/api/neighbours/" + id + "/profiles/" + wash.path("id").asString();
        var look = fine(get(at + "/look"));
        assertThat(look.path("model").asString()).isEqualTo("Petrel Wash");
        assertThat(look.at("/modes/0/tail")).isNotEmpty();

        var now = taken(wash.path("id").asString(), true);

        assertThat(now.path("state").asString()).as(now.toString()).isEqualTo("TAKEN");
        assertThat(now.path("received")).isEqualTo(now.path("size"));
        assertThat(get("/api/profiles/" + now.path("profileId").asString()).status()).isEqualTo(200);
        assertThat(fine(get(at + "/look")).at("/ours/same").asBoolean()).isTrue();
        assertThat(fine(put(at + "/rating", "{\"stars\": 4}")).path("votes").asInt()).isPositive();
        assertThat(put(at + "/rating", "{\"stars\": 9}").status()).isEqualTo(422);
    }

    /** Every fourth answer fails; it comes all the same, and once. */
    @Test
    void aFlakyOneIsTakenFromAllTheSame() throws Exception {
        neighbour.close();
        neighbour = new NeighbourServer(0, false, true);
        id = fine(added("http://127.0.0.1:" + neighbour.port(), "lantern")).path("id").asString();
        var change = UUID.randomUUID().toString();
        JsonNode fen = first("fen");
        for (int i = 0; i < 3 && fen.isMissingNode(); i++) {
            fen = first("fen");
        }
        var path = "/api/neighbours/" + id + "/profiles/" + fen.path("id").asString() + "/take";

        Answer begun = post(path, "Ines", change, "{\"asNext\": true}");
        for (int i = 0; i < 3 && begun.status() != 202; i++) {
            begun = post(path, "Ines", change, "{\"asNext\": true}");
        }
        post(path, "Ines", change, "{\"asNext\": true}");

        assertThat(ended(change).path("state").asString()).isEqualTo("TAKEN");
        assertThat(get("/api/takings").json().valueStream().filter(each -> each.path("id").asString().equals(change))).hasSize(1);
    }

    private static GdtfFile named(String name, String description) {
        var file = RunningKite.fresh(DemoHouse.moth());
        return new GdtfFile(GdtfDescription.of(file.description().type().with(f -> {
            f.name = name;
            f.description = description;
        })), file.others());
    }

    private static GdtfFile described(GdtfFile file, String description) {
        return new GdtfFile(GdtfDescription.of(file.description().type().with(f -> f.description = description)), file.others());
    }

    @Test
    void aNewerRevisionOfWhatWasTakenIsToldOnce() throws Exception {
        var first = named("Watchkeeper", "First");
        var profile = RunningKite.takeIn(first);
        var offer = "{\"profileId\": \"" + profile + "\", \"revision\": %d, \"note\": \"%s\"}";
        var there = fine(post("/api/neighbours/" + id + "/offers", offer.formatted(1, "")));
        var at = "/api/neighbours/" + id + "/profiles/" + there.path("id").asString();
        taken(there.path("id").asString(), true);
        fine(post("/api/neighbours/" + id + "/ask", ""));
        assertThat(watch(there)).isEqualTo("1 1");

        fine(RunningKite.upload("?same=NEXT", Map.of("w.gdtf", described(first, "Second").write())));
        fine(post("/api/neighbours/" + id + "/offers", offer.formatted(2, "Pan runs the right way")));
        fine(post("/api/neighbours/" + id + "/ask", ""));

        assertThat(watch(there)).isEqualTo("1 2");
        fine(post(at + "/read", ""));
        assertThat(watch(there)).isEqualTo("2 2");
        assertThat(fine(RunningKite.delete(at + "/watch"))).isEmpty();
    }

    private static String watch(JsonNode told) {
        return get("/api/watches").json()
            .valueStream()
            .filter(each -> each.path("remoteId").equals(told.path("id")))
            .map(each -> each.path("seen").asInt() + " " + each.path("newest").asInt())
            .findFirst()
            .orElse("not watched");
    }

    @Test
    void aWishIsLookedForByItself() throws Exception {
        fine(post("/api/wanted",
                "{\"manufacturer\": \"Hollin Optical\", \"model\": \"Sluice\", \"mode\": \"\", \"neededBy\": null, \"words\": \"\"}"));

        for (int i = 0; i < 100 && get("/api/wish-hits").json().isEmpty(); i++) {
            Thread.sleep(50);
        }

        assertThat(get("/api/wish-hits").json().at("/0/model").asString()).isEqualTo("Sluice");
    }

    private static String told(String id, byte[] file, String sha256, int size) {
        return "{\"id\": \"" + id + "\", \"manufacturer\": \"Nobody\", \"model\": \"Nothing\", \"revision\": 1, \"sha256\": \"" + sha256
                + "\", \"size\": " + size + "}";
    }

    /** Whatever it sends, nothing of it comes in, and the sentence says why. */
    @Test
    void oneThatLiesHarmsNothing() throws Exception {
        var good = named("Nothing", "").write();
        var sha = Sha256.of(good);
        try (var liar = new Liar()) {
            id = fine(added(liar.address(), "x")).path("id").asString();
            liar.says("/v1/profiles/short", told("short", good, sha, good.length + 10)).says("/v1/profiles/short/file", good);
            liar.says("/v1/profiles/other", told("other", good, sha, good.length)).says("/v1/profiles/other/file", new byte[good.length]);
            liar.says("/v1/profiles/none", told("none", good, Sha256.of(new byte[]{1}), 1)).says("/v1/profiles/none/file", new byte[]{1});
            liar.says("/v1/profiles/odd", "[]").says("/v1/profiles", "{\"profiles\": {\"a\": 1}}");
            liar.when("/v1/changes", asked -> {
                asked.getResponseHeaders().set("Location", "http://127.0.0.1:1/");
                asked.sendResponseHeaders(302, -1);
            });

            assertThat(says("short")).contains("another length");
            assertThat(says("other")).contains("its hash is another");
            assertThat(says("none")).contains("Nobody@Nothing.gdtf").contains("not a ZIP");
            assertThat(get("/api/neighbours/" + id + "/profiles/odd/look").detail()).contains("something else than was asked for");
            assertThat(get("/api/neighbours/" + id + "/profiles/other/look").detail()).contains("its hash is another");
            assertThat(get("/api/neighbours/" + id + "/search?words=a").json().path("trouble").asString()).contains("something else");
            assertThat(fine(post("/api/neighbours/" + id + "/ask", "")).path("trouble").asString()).contains("status 302");
            assertThat(RunningKite.found("Nothing")).isZero();
        }
    }

    private String says(String remoteId) throws InterruptedException {
        var now = taken(remoteId, true);
        assertThat(now.path("state").asString()).isEqualTo("FAILED");
        return now.path("says").asString();
    }

    @Test
    void anAnswerWithoutEndIsCutOffAtItsLimit() throws Exception {
        try (var liar = new Liar()) {
            id = fine(added(liar.address(), "x")).path("id").asString();
            liar.when("/v1/profiles", asked -> {
                asked.sendResponseHeaders(200, 0);
                var noise = new byte[1 << 16];
                for (int i = 0; i < 1_000; i++) {
                    asked.getResponseBody().write(noise);
                }
            });

            assertThat(get("/api/neighbours/" + id + "/search?words=a").json().path("trouble").asString())
                .contains("more than the 4096 kB");
        }
    }

    /** {@return a file of four pieces: noise cannot be packed} */
    private static byte[] large() {
        var named = named("Stopgap", "");
        var noise = new byte[200_000];
        new Random(7).nextBytes(noise);
        var others = new LinkedHashMap<>(named.others());
        others.put("noise.bin", noise);
        return new GdtfFile(named.description(), others).write();
    }

    @Test
    void oneThatWasStoppedGoesOnWhereItWas() throws Exception {
        var file = large();
        var asked = new CopyOnWriteArrayList<String>();
        var second = new CountDownLatch(1);
        var open = new CountDownLatch(1);
        try (var liar = new Liar()) {
            id = fine(added(liar.address(), "x")).path("id").asString();
            liar.says("/v1/profiles/p", told("p", file, Sha256.of(file), file.length));
            liar.when("/v1/profiles/p/file", exchange -> {
                asked.add(exchange.getRequestHeaders().getFirst("Range"));
                if (asked.size() == 2) {
                    second.countDown();
                    open.await();
                }
                exchange.sendResponseHeaders(200, file.length);
                exchange.getResponseBody().write(file);
            });
            var begun = fine(post("/api/neighbours/" + id + "/profiles/p/take", "{\"asNext\": true}")).path("id").asString();
            second.await();
            fine(post("/api/takings/" + begun + "/stop", ""));
            open.countDown();
            assertThat(ended(begun).path("state").asString()).isEqualTo("STOPPED");

            fine(post("/api/takings/" + begun + "/go-on", ""));

            assertThat(ended(begun).path("state").asString()).isEqualTo("TAKEN");
            assertThat(asked.getFirst()).isEqualTo("bytes=0-65535");
            assertThat(asked.stream().filter("bytes=0-65535"::equals)).as("the first piece is asked for once").hasSize(1);
        }
    }
}
