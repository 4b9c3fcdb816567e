package yellowkite.server.intake;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.server.RunningKite.get;
import static yellowkite.server.RunningKite.post;
import static yellowkite.server.RunningKite.upload;

import java.nio.charset.StandardCharsets;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.Collections;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.Executors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.demo.GeneratedFixtures;
import yellowkite.server.RunningKite;

class RunTest {
    private static String announced(String... names) {
        var files = String.join(", ", java.util.Arrays.stream(names).map(name -> "{\"name\": \"" + name + "\", \"size\": 100}").toList());
        return post("/api/intake/runs", "{\"files\": [" + files + "]}").json().at("/run/id").asString();
    }

    @Test
    void aReportOutlivesThePageAndTheRestIsSentLater() {
        var run = announced("a.gdtf", "b.gdtf", "c.gdtf");
        var files = new LinkedHashMap<String, byte[]>();
        files.put("a.gdtf", GeneratedFixtures.file(900_001).write());
        files.put("b.gdtf", "no fixture".getBytes(StandardCharsets.UTF_8));

        upload("/runs/" + run + "/files?at=0,1", files);

        var half = get("/api/intake/runs/" + run).json();
        assertThat(half.at("/run/done").asInt()).isEqualTo(2);
        assertThat(half.at("/run/troubled").asInt()).isEqualTo(1);
        assertThat(half.at("/files/0/outcome").asString()).isEqualTo("TAKEN");
        assertThat(half.at("/files/1/says").asString()).startsWith("'b.gdtf' was refused");
        assertThat(half.at("/files/2/outcome").isNull()).isTrue();

        upload("/runs/" + run + "/files?at=0,2",
                Map.of("a.gdtf", GeneratedFixtures.file(900_001).write(), "c.gdtf", GeneratedFixtures.file(900_001).write()));

        var whole = get("/api/intake/runs/" + run).json();
        assertThat(whole.at("/run/done").asInt()).isEqualTo(3);
        assertThat(whole.at("/files/0/outcome").asString()).as("the same file twice is one profile").isEqualTo("KNOWN");
        assertThat(whole.at("/files/2/outcome").asString()).isEqualTo("KNOWN");
        assertThat(get("/api/intake/runs").json().findValuesAsString("id")).contains(run);
        assertThat(post("/api/intake/runs/" + run + "/close", "{}").status()).isEqualTo(204);
        assertThat(get("/api/intake/runs/" + run).json().at("/run/closed").asBoolean()).isTrue();
    }

    @Test
    void whatDoesNotFitIsRefusedInASentence() {
        assertThat(post("/api/intake/runs", "{\"files\": []}").status()).isEqualTo(422);
        assertThat(post("/api/intake/runs", "{}").status()).isEqualTo(400);
        var run = announced("a.gdtf");
        assertThat(upload("/runs/" + run + "/files?at=0,1", Map.of("a.gdtf", new byte[1])).detail()).contains("each with its place");
        assertThat(upload("/runs/nowhere/files?at=0", Map.of("a.gdtf", new byte[1])).status()).isEqualTo(404);
        assertThat(get("/api/intake/runs/nowhere").status()).isEqualTo(404);
    }

    @Test
    void filesOfOneNewManufacturerComeInTogetherFromManySides() throws Exception {
        try (var senders = Executors.newFixedThreadPool(8)) {
            for (int round = 0; round < 10; round++) {
                var manufacturer = "Lockside " + round;
                var sent = senders.invokeAll(
                        IntStream.range(0, 8).<Callable<String>>mapToObj(i -> () -> RunningKite.takeIn(fixtureOf(manufacturer))).toList());
                for (var each : sent) {
                    assertThat(each.get()).isNotEmpty();
                }
            }
        }
        assertThat(RunningKite.found("lockside")).isEqualTo(80);
    }

    @Test
    void twoSendersOfOneFileWithoutAnIdMakeOneProfile() throws Exception {
        for (int round = 0; round < 5; round++) {
            var nameless = fixtureOf("Bargepole Sluices").description().type().with(f -> f.fixtureTypeId = "");
            var bytes = new GdtfFile(GdtfDescription.of(nameless.with(f -> f.name = "Sluice " + UUID.randomUUID())), Map.of()).write();
            List<Callable<String>> senders = Collections.nCopies(6,
                    () -> RunningKite.upload(Map.of("sluice.gdtf", bytes)).json().at("/0/accepted/profileId").asString());
            Set<String> profiles = new HashSet<>();
            try (var people = Executors.newFixedThreadPool(6)) {
                for (var sent : people.invokeAll(senders)) {
                    profiles.add(sent.get());
                }
            }
            assertThat(profiles).hasSize(1);
        }
    }

    @Test
    void aFileOfItsOwnThatIsSentAgainIsTheSameOne() {
        var first = fixtureOf("Bargepole Sluices");
        RunningKite.takeIn(first);
        var other = new GdtfFile(GdtfDescription.of(first.description().type().with(f -> f.description = "otherwise")), first.others());
        var run = announced("own.gdtf");
        Set<String> profiles = new HashSet<>();
        for (int time = 0; time < 3; time++) {
            var answer = upload("/runs/" + run + "/files?at=0&same=OWN", Map.of("own.gdtf", other.write()));
            profiles.add(answer.json().at("/0/accepted/profileId").asString());
            assertThat(answer.json().at("/0/accepted/isNew").asBoolean()).isEqualTo(time == 0);
        }
        assertThat(profiles).hasSize(1);
    }

    @Test
    void reportsAgeAndWhatCameInStays() {
        var run = announced("a.gdtf");
        var taken = upload("/runs/" + run + "/files?at=0", Map.of("a.gdtf", fixtureOf("Bargepole Sluices").write())).json();
        var runs = RunningKite.part(Runs.class);

        runs.forget(LocalDateTime.now(ZoneOffset.UTC).plusDays(90));
        assertThat(get("/api/intake/runs/" + run).status()).isEqualTo(200);
        runs.forget(LocalDateTime.now(ZoneOffset.UTC).plusDays(93));

        assertThat(get("/api/intake/runs/" + run).status()).isEqualTo(404);
        assertThat(get("/api/profiles/" + taken.at("/0/accepted/profileId").asString()).status()).isEqualTo(200);
    }

    @Test
    void placesThatARunHasNotAreRefused() {
        var run = announced("one.gdtf", "two.gdtf");
        var files = "/runs/" + run + "/files?at=";
        var one = Map.of("one.gdtf", fixtureOf("Bargepole Sluices").write());

        assertThat(upload(files + "2", one).detail()).isEqualTo("This import has the places 0 to 1, each for one file.");
        assertThat(upload(files + "-1", one).status()).isEqualTo(422);
        post("/api/intake/runs/" + run + "/close", "{}");
        assertThat(upload(files + "0", one).detail()).isEqualTo("This import is closed; begin another one.");
    }

    private static GdtfFile fixtureOf(String manufacturer) {
        var fixture = RunningKite.fresh(GeneratedFixtures.file(7));
        return new GdtfFile(GdtfDescription.of(fixture.description().type().with(f -> f.manufacturer = manufacturer)), fixture.others());
    }
}
