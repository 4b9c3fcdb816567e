package yellowkite.server.intake;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.server.RunningKite.found;
import static yellowkite.server.RunningKite.get;
import static yellowkite.server.RunningKite.upload;

import java.io.InputStream;
import java.io.SequenceInputStream;
import java.net.http.HttpRequest.BodyPublishers;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.demo.DemoHouse;
import yellowkite.server.RunningKite;

class IntakeTest {

    /** The demo spot under a name and an id of its own, so that tests do not meet. */
    private static GdtfFile fixture(String name) {
        return fixture(name, UUID.randomUUID().toString().toUpperCase(java.util.Locale.ROOT));
    }

    private static GdtfFile fixture(String name, String id) {
        var file = DemoHouse.petrelSpot();
        return new GdtfFile(GdtfDescription.of(file.description().type().with(f -> {
            f.name = name;
            f.fixtureTypeId = id;
        })), file.others());
    }

    private static byte[] zip(String path, String content) throws java.io.IOException {
        var out = new java.io.ByteArrayOutputStream();
        try (var zip = new ZipOutputStream(out)) {
            zip.putNextEntry(new ZipEntry(path));
            zip.write(content.getBytes(StandardCharsets.UTF_8));
        }
        return out.toByteArray();
    }

    @Test
    void aGoodFileComesInWithModesAndProblems() {
        var result = upload(Map.of("fixture.gdtf", fixture("Sanderling").write())).json().get(0);

        assertThat(result.path("refused").isNull()).isTrue();
        assertThat(result.at("/accepted/revision").asInt()).isEqualTo(1);
        assertThat(result.at("/accepted/modes/0/footprint").asInt()).isEqualTo(22);
        assertThat(result.at("/accepted/problems").toString()).contains("is one slot off");
        assertThat(found("sanderl")).isEqualTo(1);
    }

    @Test
    void whatComesInGoesOutToTheLetter() {
        var file = fixture("Dunlin");
        var id = upload(Map.of("fixture.gdtf", file.write())).json().at("/0/accepted/profileId").asString();

        var out = get("/api/profiles/" + id + "/revisions/1/file");

        assertThat(out.body()).isEqualTo(file.write());
    }

    @Test
    void theSameFileTwiceIsOneRevision() {
        var id = UUID.randomUUID().toString();
        upload(Map.of("a.gdtf", fixture("Knot", id).write()));

        var again = upload(Map.of("b.gdtf", fixture("Knot", id).write())).json().at("/0/accepted");

        assertThat(again.path("isNew").asBoolean()).isFalse();
        assertThat(again.path("revision").asInt()).isEqualTo(1);
    }

    @Nested
    class AFileWithAKnownIdAndOtherContent {
        private final String id = UUID.randomUUID().toString();
        private final String profile = upload(Map.of("a.gdtf", fixture("Knot", id).write())).json().at("/0/accepted/profileId").asString();
        private final GdtfFile other = fixture("Knot two", id);

        private JsonNode send(String same) {
            return RunningKite.upload("?same=" + same, Map.of("c.gdtf", other.write())).json().path(0);
        }

        @Test
        void isAQuestionWithTheDifferenceAndNothingIsStored() {
            var question = upload(Map.of("c.gdtf", other.write())).json().at("/0/question");

            assertThat(question.path("profileId").asString()).isEqualTo(profile);
            assertThat(question.path("revision").asInt()).isEqualTo(1);
            assertThat(question.at("/counts/COSMETIC").asInt()).isEqualTo(1);
            assertThat(question.at("/says/0").asString()).isEqualTo("Profile: The name is 'Knot two' instead of 'Knot'.");
            assertThat(get("/api/profiles/" + profile + "/revisions").json().size()).isEqualTo(1);
        }

        @Test
        void isTheNextRevisionIfThatIsTheAnswer() {
            var accepted = send("NEXT").path("accepted");

            assertThat(accepted.path("profileId").asString()).isEqualTo(profile);
            assertThat(accepted.path("revision").asInt()).isEqualTo(2);
            assertThat(send("ASK").at("/accepted/isNew").asBoolean()).as("that file is known by now").isFalse();
        }

        @Test
        void isAProfileOfItsOwnUnderAnotherIdIfThatIsTheAnswer() throws Exception {
            var accepted = send("OWN").path("accepted");

            assertThat(accepted.path("profileId").asString()).isNotEqualTo(profile);
            assertThat(accepted.path("revision").asInt()).isEqualTo(1);
            var type = GdtfFile.read(get("/api/profiles/" + accepted.path("profileId").asString() + "/revisions/1/file").body())
                .description()
                .type();
            assertThat(type.fixtureTypeId()).isNotEqualTo(id);
            assertThat(type.name()).isEqualTo("Knot two");
            assertThat(get("/api/profiles/" + profile + "/revisions").json().size()).isEqualTo(1);
        }

        @Test
        void isNotDecidedByAWordThatIsNoAnswer() {
            assertThat(RunningKite.upload("?same=MAYBE", Map.of("c.gdtf", other.write())).status()).isEqualTo(400);
        }
    }

    @Test
    void badFilesAreRefusedByNameAndReasonAndTheGoodOneBesideThemComesIn() throws Exception {
        var whole = fixture("Whimbrel").write();
        var files = new LinkedHashMap<String, byte[]>();
        files.put("text.gdtf", "hello".getBytes(StandardCharsets.UTF_8));
        files.put("cut.gdtf", Arrays.copyOf(whole, whole.length / 2));
        files.put("nothing.gdtf", zip("readme.txt", "no description"));
        files.put("malformed.gdtf", zip("description.xml", "<GDTF><FixtureType></GDTF>"));
        files.put("root.gdtf", zip("description.xml", "<html/>"));
        files.put("external.gdtf",
                zip("description.xml", "<!DOCTYPE a [<!ENTITY x SYSTEM 'file:///etc/hostname'>]><GDTF><FixtureType Name='&x;'/></GDTF>"));
        files.put("growing.gdtf", zip("description.xml", "<!DOCTYPE a [<!ENTITY x 'xxxxxxxxxx'>]><GDTF/>"));
        files.put("bomb.gdtf", zip("description.xml", " ".repeat(40 << 20)));
        files.put("climbs.gdtf", zip("../../description.xml", "<GDTF/>"));
        files.put("good.gdtf", whole);
        int before = get("/api/library").json().path("total").asInt();

        var results = upload(files).json();

        assertThat(results.values().stream().limit(9).map(each -> each.path("refused").asString())).containsExactly(
                "'text.gdtf' was refused: it is not a ZIP archive, as it has to be.",
                "'cut.gdtf' was refused: it is a ZIP archive that is cut short or damaged.",
                "'nothing.gdtf' was refused: it holds no description.xml.",
                "'malformed.gdtf' was refused: its description.xml, line 1, is not well-formed XML.",
                "'root.gdtf' was refused: its description.xml begins with <html> where <GDTF> is expected.",
                "'external.gdtf' was refused: its description.xml, line 1, holds a DOCTYPE, which no such file needs.",
                "'growing.gdtf' was refused: its description.xml, line 1, holds a DOCTYPE, which no such file needs.",
                "'bomb.gdtf' was refused: it unpacks more than 200 to 1 at 'description.xml', as an archive bomb does.",
                "'climbs.gdtf' was refused: it holds an entry that points outside the archive: '../../description.xml'.");
        assertThat(results.get(9).at("/accepted/name").asString()).isEqualTo("Whimbrel");
        assertThat(get("/api/library").json().path("total").asInt()).isEqualTo(before + 1);
    }

    @Test
    void anUploadOf200MegabytesIsRefusedInOneSentence() {
        var head = "--kite\r\nContent-Disposition: form-data; name=\"files\"; filename=\"huge.gdtf\"\r\n\r\nPK"
            .getBytes(StandardCharsets.UTF_8);
        var tail = "\r\n--kite--\r\n".getBytes(StandardCharsets.UTF_8);

        var answer = upload(BodyPublishers.ofInputStream(() -> new SequenceInputStream(Collections.enumeration(List.of(
                new java.io.ByteArrayInputStream(head), zeros(200L << 20), new java.io.ByteArrayInputStream(tail))))));

        assertThat(answer.json().at("/0/refused").asString()).isEqualTo("'huge.gdtf' was refused: it is larger than the limit of 64 MB.");
    }

    private static InputStream zeros(long count) {
        return new InputStream() {
            private long left = count;

            @Override
            public int read() {
                return left-- > 0 ? 0 : -1;
            }

            @Override
            public int read(byte[] into, int offset, int length) {
                int n = (int) Math.min(left, length);
                left -= n;
                return n == 0 ? -1 : n;
            }
        };
    }

    @Test
    void namesBeyondWhatAListHoldsAreShortenedThereAndKeptInTheFile() {
        var name = "N".repeat(5_000);
        var accepted = upload(Map.of("long.gdtf", fixture(name).write())).json().at("/0/accepted");

        assertThat(accepted.path("name").asString()).hasSize(200).endsWith("...");
        var back = GdtfFile.read(get("/api/profiles/" + accepted.path("profileId").asString() + "/revisions/1/file").body());
        assertThat(back.description().type().name()).isEqualTo(name);
    }

    @Test
    void aFileOfThirtyMegabytesOfNoiseComesInWhole() {
        var noise = new byte[30 << 20];
        new java.util.Random(3).nextBytes(noise);
        var file = new GdtfFile(fixture("Turnstone").description(), Map.of("models/3ds/head.3ds", noise));
        JsonNode accepted = upload(Map.of("big.gdtf", file.write())).json().at("/0/accepted");

        assertThat(get("/api/profiles/" + accepted.path("profileId").asString() + "/revisions/1/file").body()).isEqualTo(file.write());
    }

    @Test
    void searchFindsWordsInManufacturerModelModeAndAttributeTogether() {
        upload(Map.of("fixture.gdtf", fixture("Godwit").write()));

        assertThat(found("godwit tidew")).isEqualTo(1);
        assertThat(found("godwit compact")).isEqualTo(1);
        assertThat(found("godwit ColorSub_C")).isEqualTo(1);
        assertThat(found("godwit shutter")).isEqualTo(1);
        assertThat(found("godwit nothing")).isZero();
        assertThat(found("%")).isZero();
    }

    @Test
    void picturesAreEncodedAnewAndNothingElseIsShown() {
        var accepted = upload(Map.of("fixture.gdtf", fixture("Plover").write())).json().at("/0/accepted");
        var editor = yellowkite.server.RunningKite.get("/api/profiles/" + accepted.path("profileId").asString() + "/draft").json();
        var address = editor.at("/wheels/0/slots/1/media").asString();

        assertThat(address).startsWith("/api/media/");
        assertThat(Arrays.copyOf(get(address).body(), 4)).isEqualTo(new byte[]{(byte) 0x89, 'P', 'N', 'G'});
        assertThat(get("/api/media/" + "0".repeat(64)).status()).isEqualTo(404);
    }
}
