package yellowkite.server.releases;

import static java.util.Objects.requireNonNull;
import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.server.RunningKite.get;
import static yellowkite.server.RunningKite.post;
import static yellowkite.server.RunningKite.uploadOne;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.function.UnaryOperator;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import yellowkite.core.archive.Sha256;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.core.profile.FixtureType;
import yellowkite.demo.DemoHouse;
import yellowkite.server.RunningKite.Answer;
import yellowkite.server.RunningKite;

class ReleaseTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    /** A release of another house, as its archive has it. Each house of a test is one of its own. */
    private static final class Foreign {
        private final String house;
        private final String title;
        private final String published;
        private final Map<String, GdtfFile> fixtures = new LinkedHashMap<>();

        private Foreign(String house, String title, String published) {
            this.house = house;
            this.title = title;
            this.published = published;
        }

        private Foreign with(String file, GdtfFile fixture) {
            fixtures.put("profiles/" + file, fixture);
            return this;
        }

        private ObjectNode manifest() {
            var manifest = JSON.createObjectNode()
                .put("format", 1)
                .put("id", UUID.randomUUID().toString())
                .put("house", house)
                .put("title", title)
                .put("dated", published.substring(0, 10))
                .put("published", published)
                .put("notes", "");
            manifest.putArray("withdrawn");
            manifest.putArray("earlier");
            var profiles = manifest.putArray("profiles");
            fixtures.forEach((file, fixture) -> {
                var type = fixture.description().type();
                var sha = Sha256.ofFile(Sha256.of(GdtfFile.open(fixture.write()).descriptionBytes()), Sha256.ofAll(fixture.others()));
                profiles.addObject()
                    .put("file", file)
                    .put("sha256", sha)
                    .put("manufacturer", type.manufacturer())
                    .put("name", type.name())
                    .put("fixtureTypeId", type.fixtureTypeId())
                    .put("revision", 4)
                    .put("firmware", "2.1")
                    .put("kind", "NEW")
                    .putNull("worst")
                    .put("note", "as the manufacturers say");
            });
            return manifest;
        }

        private byte[] archive() {
            return archive(manifest());
        }

        private byte[] archive(ObjectNode manifest) {
            var entries = new LinkedHashMap<String, byte[]>();
            entries.put("release.json", JSON.writeValueAsBytes(manifest));
            fixtures.forEach((file, fixture) -> entries.put(file, fixture.write()));
            return zip(entries);
        }
    }

    private static byte[] zip(Map<String, byte[]> entries) {
        var out = new ByteArrayOutputStream();
        try (var zip = new ZipOutputStream(out)) {
            for (var entry : entries.entrySet()) {
                zip.putNextEntry(new ZipEntry(entry.getKey()));
                zip.write(entry.getValue());
            }
        } catch (IOException impossible) {
            throw new IllegalStateException(impossible);
        }
        return out.toByteArray();
    }

    private static GdtfFile fixture(String name) {
        var fresh = RunningKite.fresh(DemoHouse.petrelSpot());
        return changed(fresh, type -> type.with(f -> {
            f.manufacturer = "Towpath Works";
            f.name = name;
        }));
    }

    private static GdtfFile changed(GdtfFile fixture, UnaryOperator<FixtureType> change) {
        return new GdtfFile(GdtfDescription.of(change.apply(fixture.description().type())), fixture.others());
    }

    private static GdtfFile irisMoved(GdtfFile fixture) {
        return changed(fixture, type -> type.mapModes(
                mode -> mode.mapChannels(channel -> channel.attribute().equals("Iris") ? channel.withOffsets(List.of(40)) : channel)));
    }

    /** {@return what it would do; or why it was refused, wherever on its way that was} */
    private static Answer look(byte[] archive) {
        var read = read(archive);
        if (read.status() != 200) {
            return read;
        }
        var answer = new Answer(200, read.json().at("/state/impact"), read.body());
        RunningKite.delete("/api/releases/arrivals/" + read.json().path("id").asString());
        return answer;
    }

    /** {@return the release that the Reference shelf is then; or why it was refused} */
    private static Answer take(byte[] archive) {
        var read = read(archive);
        if (read.status() != 200) {
            return read;
        }
        var arrival = "/api/releases/arrivals/" + read.json().path("id").asString();
        assertThat(post(arrival + "/take", "{}").status()).isEqualTo(200);
        var taken = settled(arrival, "TAKEN");
        RunningKite.delete(arrival);
        return taken.status() == 200 ? get("/api/releases/" + taken.json().at("/state/release").asString()) : taken;
    }

    private static Answer read(byte[] archive) {
        var received = uploadOne("/api/releases/arrivals", "release.zip", archive);
        return received.status() == 200 ? settled("/api/releases/arrivals/" + received.json().path("id").asString(), "READ") : received;
    }

    /** {@return how far it is once it has come so far, or was refused: then as a refusal is answered} */
    private static Answer settled(String arrival, String phase) {
        for (int i = 0; i < 1_000; i++) {
            var now = get(arrival);
            var at = now.json().at("/state/phase").asString();
            if (at.equals(phase)) {
                return now;
            }
            if (at.equals("REFUSED")) {
                RunningKite.delete(arrival);
                return new Answer(422, JSON.createObjectNode().put("detail", now.json().at("/state/refused").asString()), now.body());
            }
            pause();
        }
        throw new AssertionError("it is still under way");
    }

    private static void pause() {
        try {
            Thread.sleep(20);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }

    private static JsonNode onShelf(String name) {
        return get("/api/library?manufacturer=Towpath%20Works&shelf=REFERENCE&search=" + name).json().path("profiles");
    }

    @Test
    void aReleaseIsTheReferenceShelfWhichNobodyEdits() {
        var answer = take(new Foreign("Weir House", "Spring", "2026-03-01T10:00:00").with("a.gdtf", fixture("Avosetta")).archive());

        assertThat(answer.status()).isEqualTo(200);
        assertThat(answer.json().at("/lines/0/kind").asString()).isEqualTo("NEW");
        var id = answer.json().at("/lines/0/profileId").asString();
        assertThat(onShelf("avosetta").at("/0/id").asString()).isEqualTo(id);
        assertThat(get("/api/profiles/" + id + "/revisions").json().at("/0/facts").toString())
            .isEqualTo("{\"firmware\":\"2.1\",\"restsOn\":\"RELEASE\",\"fromWhom\":\"Weir House, revision 4\"}");
        assertThat(get("/api/profiles/" + id + "/draft").detail()).contains("stands on the Reference shelf")
            .contains("Copy it onto the House shelf");
        assertThat(post("/api/profiles/" + id + "/draft?revision=1", "{}").status()).isEqualTo(422);
        assertThat(post("/api/profiles/" + id + "/revisions/1/withdraw", "{\"why\": \"no\"}").status()).isEqualTo(422);
    }

    @Test
    void theNextReleaseSaysWhatItTouchesAndHowBadlyBeforeItIsTaken() {
        var stilt = fixture("Stilt");
        var crake = fixture("Crake");
        var brambling = fixture("Brambling");
        var first = take(new Foreign("Lock House", "Spring", "2026-03-01T10:00:00").with("a.gdtf", stilt)
            .with("b.gdtf", crake)
            .with("c.gdtf", brambling)
            .archive()).json();
        var used = first.path("lines")
            .values()
            .stream()
            .filter(line -> line.path("name").asString().equals("Crake"))
            .findFirst()
            .orElseThrow()
            .path("profileId")
            .asString();
        post("/api/profiles",
                "{\"manufacturer\": \"Towpath Works\", \"name\": \"Crake ours\", \"copyOf\": \"" + used + "\", \"copyRevision\": 1}");
        var second = new Foreign("Lock House", "Summer", "2026-06-01T10:00:00").with("a.gdtf", irisMoved(stilt))
            .with("b.gdtf", irisMoved(crake))
            .with("d.gdtf", fixture("Teal"))
            .archive();

        var impact = look(second).json().path("touched");

        assertThat(impact.values()
            .stream()
            .map(each -> each.path("name").asString() + " " + each.at("/change/kind").asString() + " "
                    + each.at("/change/worst").asString("")))
            .containsExactly(
                    "Crake CHANGED BREAKS", "Stilt CHANGED BREAKS", "Brambling WITHDRAWN ", "Teal NEW ");
        assertThat(impact.at("/0/uses/0/name").asString()).isEqualTo("Towpath Works Crake ours");
        assertThat(impact.at("/0/change/says").toString()).contains("It moved from address 17 to address 40.");
        assertThat(onShelf("teal").size()).as("looking stores nothing").isZero();

        take(second);

        assertThat(onShelf("teal").size()).isEqualTo(1);
        assertThat(onShelf("stilt").at("/0/revision").asInt()).isEqualTo(2);
        assertThat(
                get("/api/library?manufacturer=Towpath%20Works&state=WITHDRAWN&search=brambling").json().at("/profiles/0/revision").asInt())
            .as("the one before stays")
            .isEqualTo(1);
        assertThat(get("/api/releases/" + first.at("/release/id").asString()).json().path("lines").size()).isEqualTo(3);

        var third = take(
                new Foreign("Lock House", "Autumn", "2026-09-01T10:00:00").with("a.gdtf", stilt).with("c.gdtf", brambling).archive())
            .json();
        assertThat(onShelf("stilt").at("/0/revision").asInt()).as("what goes back is a revision, too").isEqualTo(3);
        assertThat(get("/api/library?manufacturer=Towpath%20Works&state=WITHDRAWN&shelf=REFERENCE&search=brambling").json()
            .path("found")
            .asInt()).as("what comes back is no longer withdrawn").isZero();
        assertThat(third.path("lines")
            .values()
            .stream()
            .filter(each -> each.path("name").asString().equals("Brambling"))
            .map(each -> each.path("kind").asString())).containsExactly("NEW");
        assertThat(third.path("earlier").values().stream().map(each -> each.path("title").asString())).containsExactly("Summer", "Spring");
        assertThat(look(second).detail()).contains("is on the Reference shelf already");
        assertThat(look(new Foreign("Lock House", "May", "2026-05-01T10:00:00").with("a.gdtf", stilt).archive()).detail())
            .contains("is older than 'Autumn'");
    }

    @Test
    void anArchiveIsTheSameBytesHoweverTheHouseGoesOn() {
        var id = RunningKite.takeIn(fixture("Knot lantern"));
        var release = post("/api/releases", "{\"house\": \"Bargepole Hut\", \"title\": \"Kept " + UUID.randomUUID()
                + "\", \"dated\": \"2026-05-01\", \"notes\": \"\", \"profiles\": [{\"profileId\": \"" + id + "\", \"note\": \"first\"}]}")
            .json()
            .at("/release/id")
            .asString();
        var first = get("/api/releases/" + release + "/archive").body();

        post("/api/profiles/move", "{\"profiles\": [\"" + id + "\"], \"manufacturer\": \"Bargepole Hut moved\"}");

        assertThat(get("/api/releases/" + release + "/archive").body()).isEqualTo(first);
    }

    @Test
    void twoHousesReleaseOneFixtureAndOneOfThemDropsIt() {
        var shared = fixture("Sandpiper lantern");
        var other = fixture("Curlew lantern");
        take(new Foreign("Upper house", "One", "2026-02-01T10:00:00").with("a.gdtf", shared).archive());
        take(new Foreign("Lower house", "Two", "2026-02-02T10:00:00").with("b.gdtf", shared).with("c.gdtf", other).archive());

        var dropped = take(new Foreign("Lower house", "Three", "2026-03-01T10:00:00").with("c.gdtf", other).archive());

        assertThat(dropped.json().path("says").asString()).isEqualTo("1 withdrawn; 1 unchanged");
        var both = get("/api/library?shelf=REFERENCE&search=sandpiper").json().path("profiles");
        assertThat(both.size()).as("each house has its own").isEqualTo(2);
        var withdrawn = both.values()
            .stream()
            .filter(each -> get("/api/profiles/" + each.path("id").asString() + "/revisions").json().at("/0/withdrawn").isObject())
            .toList();
        assertThat(withdrawn).as("what the upper house releases is still to be used").hasSize(1);
    }

    @Test
    void anIdInSmallLettersIsTheSameFixture() {
        var fixture = fixture("Dunlin lantern");
        var id = RunningKite.takeIn(fixture);
        var small = changed(fixture, type -> type.with(f -> {
            f.fixtureTypeId = f.fixtureTypeId.toLowerCase(Locale.ROOT);
            f.description = "the same, otherwise written";
        }));

        var touched = look(new Foreign("House of small letters", "One", "2026-02-01T10:00:00").with("a.gdtf", small).archive()).json();

        assertThat(touched.at("/touched/0/uses/0/profileId").asString()).as("the twin on the House shelf").isEqualTo(id);
        assertThat(RunningKite.upload("?same=NEXT", Map.of("small.gdtf", small.write())).json().at("/0/accepted/profileId").asString())
            .isEqualTo(id);
    }

    @Test
    void lookingAtAReleaseStoresNothing() {
        var nameless = changed(fixture("Whimbrel lantern"), type -> type.with(f -> {
            f.fixtureTypeId = "";
            f.manufacturer = "Never seen lanterns";
        }));
        var archive = new Foreign("House that is looked at", "One", "2026-02-01T10:00:00").with("a.gdtf", nameless).archive();

        assertThat(look(archive).json().path("says").asString()).isEqualTo("1 new");
        assertThat(get("/api/manufacturer?name=Never%20seen%20lanterns").status()).isEqualTo(404);

        take(archive);
        assertThat(get("/api/manufacturer?name=Never%20seen%20lanterns").status()).isEqualTo(200);
    }

    @Test
    void aReleaseWithOneBrokenFileIsRefusedWholeAndNamesIt() {
        var release = new Foreign("Mill House", "Spring", "2026-03-01T10:00:00").with("good.gdtf", fixture("Smew"))
            .with("bad.gdtf", fixture("Scaup"));
        var entries = new LinkedHashMap<String, byte[]>();
        entries.put("release.json", JSON.writeValueAsBytes(release.manifest()));
        entries.put("profiles/good.gdtf", requireNonNull(release.fixtures.get("profiles/good.gdtf")).write());
        entries.put("profiles/bad.gdtf", "no archive".getBytes(StandardCharsets.UTF_8));

        var answer = take(zip(entries));

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.detail()).startsWith("'profiles/bad.gdtf' in 'release.zip' was refused: it is not a ZIP archive")
            .contains("nothing was imported");
        assertThat(onShelf("smew").size()).isZero();
    }

    @Test
    void anArchiveThatIsNoReleaseIsRefusedInOneSentence() {
        var release = new Foreign("Dam House", "Spring", "2026-03-01T10:00:00").with("a.gdtf", fixture("Gull"));
        assertThat(take("no".getBytes(StandardCharsets.UTF_8)).detail()).contains("is not a ZIP archive");
        assertThat(take(zip(Map.of("a.txt", new byte[1]))).detail()).contains("holds no release.json");
        assertThat(take(zip(Map.of("release.json", "{\"format\":".getBytes(StandardCharsets.UTF_8)))).detail()).contains("cannot be read");
        assertThat(take(zip(Map.of("release.json", "{}".getBytes(StandardCharsets.UTF_8)))).detail()).contains("cannot be read");
        assertThat(take(release.archive(release.manifest().put("format", 9))).detail()).contains("is written in form 9");
        var other = release.manifest();
        ((ObjectNode) other.at("/profiles/0")).put("sha256", "0".repeat(64));
        assertThat(take(release.archive(other)).detail()).contains("is not the file that was released");
        var twice = release.manifest();
        ((ArrayNode) twice.path("profiles")).add(twice.at("/profiles/0").deepCopy());
        assertThat(take(release.archive(twice)).detail()).contains("names 'profiles/a.gdtf' twice");
        var climbing = release.manifest();
        ((ObjectNode) climbing.at("/profiles/0")).put("file", "../a.gdtf");
        assertThat(take(release.archive(climbing)).detail()).contains("which is not in it");
        assertThat(take(zip(Map.of("release.json", "null".getBytes(StandardCharsets.UTF_8)))).detail()).contains("cannot be read");
        assertThat(take(release.archive(release.manifest().put("published", "2999-01-01T00:00:00"))).detail())
            .contains("was published in the future");
        assertThat(take(release.archive(release.manifest().put("dated", "+123456-01-01"))).detail()).contains("has a date that cannot be");
        assertThat(onShelf("gull").size()).isZero();
    }

    @Test
    void aReleaseIsMadeOfTheHouseShelfAndGoesOutAsOneArchive() throws IOException {
        var name = "Dunlin" + UUID.randomUUID().toString().substring(0, 4).toLowerCase(Locale.ROOT);
        var dunlin = RunningKite.takeIn(fixture(name));
        var proposals = post("/api/releases/proposal", "{\"profiles\": [\"" + dunlin + "\"]}").json();
        var own = proposals.values().stream().filter(each -> each.path("profileId").asString().equals(dunlin)).findFirst().orElseThrow();
        assertThat(own.at("/change/kind").asString()).isEqualTo("NEW");
        assertThat(own.path("note").asString()).isEqualTo("Modes Extended (22), Compact (13).");

        var made = post("/api/releases",
                "{\"house\": \"Marigold lamp store\", \"title\": \"Winter\", \"dated\": \"2026-11-25\", \"notes\": \"For the mooring.\", \"profiles\": [{\"profileId\": \""
                        + dunlin + "\", \"note\": \"New on the barge\"}]}")
            .json();
        var id = made.at("/release/id").asString();
        assertThat(made.path("lines").values().stream().filter(each -> each.path("profileId").asString().equals(dunlin)))
            .extracting(each -> each.path("note").asString())
            .containsExactly("New on the barge");

        var entries = unzip(get("/api/releases/" + id + "/archive").body());
        assertThat(entries.keySet()).containsExactly("release.json", "profiles/Towpath Works@" + name + "@revision 1.gdtf");
        assertThat(JSON.readTree(entries.get("release.json")).at("/profiles/0/note").asString()).isEqualTo("New on the barge");
        assertThat(look(get("/api/releases/" + id + "/archive").body()).detail()).contains("was made here");
        assertThat(
                post("/api/releases", "{\"house\": \"\", \"title\": \"X\", \"dated\": \"2026-11-25\", \"notes\": \"\", \"profiles\": []}")
                    .status())
            .isEqualTo(422);
    }

    private static Map<String, byte[]> unzip(byte[] bytes) throws IOException {
        var entries = new LinkedHashMap<String, byte[]>();
        try (var zip = new ZipInputStream(new ByteArrayInputStream(bytes))) {
            for (var entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                entries.put(entry.getName(), zip.readAllBytes());
            }
        }
        return entries;
    }

    @Test
    void whatIsLeftWhileItIsReadOrBeforeItIsTakenLeavesNothing() {
        var release = new Foreign("House that is left", "One", "2026-02-01T10:00:00").with("a.gdtf", fixture("Sallow lantern"));
        var arrival = "/api/releases/arrivals/" + uploadOne("/api/releases/arrivals", "release.zip", release.archive()).json()
            .path("id")
            .asString();

        assertThat(RunningKite.delete(arrival).status()).isEqualTo(204);

        assertThat(get(arrival).status()).isEqualTo(404);
        assertThat(post(arrival + "/take", "{}").detail()).isEqualTo("This release is not here any more. Choose its file again.");
        assertThat(onShelf("sallow").size()).isZero();
        assertThat(RunningKite.delete(arrival).status()).as("again").isEqualTo(204);
    }

    @Test
    void aReleaseIsTakenOnceHoweverOftenTheButtonIsPressed() throws Exception {
        var archive = new Foreign("House of two hands", "One", "2026-02-01T10:00:00").with("a.gdtf", fixture("Weigela lantern")).archive();
        var arrival = "/api/releases/arrivals/" + read(archive).json().path("id").asString();
        var other = "/api/releases/arrivals/" + read(archive).json().path("id").asString(); // a colleague has it, too

        var statuses = new java.util.ArrayList<Integer>();
        for (int i = 0; i < 3; i++) {
            statuses.add(post(arrival + "/take", "{}").status());
        }
        post(other + "/take", "{}");

        assertThat(statuses.getFirst()).isEqualTo(200);
        assertThat(statuses.subList(1, 3)).containsOnly(422);
        assertThat(settled(arrival, "TAKEN").status()).isEqualTo(200);
        assertThat(settled(other, "TAKEN").detail()).contains("is on the Reference shelf already");
        assertThat(onShelf("weigela").size()).isEqualTo(1);
    }

    /** More than are stored at once, with one that is wrong at the end. */
    @Test
    void aReleaseThatIsWrongAtItsEndLeavesNothing() {
        var release = new Foreign("House of many", "One", "2026-02-01T10:00:00");
        for (int i = 0; i < 26; i++) {
            release.with(i + ".gdtf", fixture("Hyssop " + (char) ('a' + i)));
        }
        var manifest = release.manifest();
        ((ObjectNode) manifest.path("profiles").get(25)).put("sha256", "0".repeat(64));

        assertThat(look(release.archive(manifest)).detail()).contains("25.gdtf").contains("nothing was imported");

        assertThat(onShelf("hyssop").size()).isZero();
        assertThat(take(release.archive()).json().path("says").asString()).isEqualTo("26 new");
        assertThat(onShelf("hyssop").size()).isEqualTo(26);
    }
}
