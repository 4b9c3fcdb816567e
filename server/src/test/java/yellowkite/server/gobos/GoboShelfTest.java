package yellowkite.server.gobos;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.server.RunningKite.get;
import static yellowkite.server.RunningKite.post;
import static yellowkite.server.RunningKite.put;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.stream.Stream;
import java.util.zip.CRC32;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import yellowkite.core.gobo.Picture;
import yellowkite.demo.DemoHouse;
import yellowkite.media.PictureFile;
import yellowkite.server.RunningKite;

/** The gobo shelf: pictures in, and what uses them. */
class GoboShelfTest {
    private static final String CUT = "{\"left\": 0, \"top\": 0, \"side\": null, \"degrees\": 0, \"round\": true, \"tone\": \"STENCIL\", \"threshold\": 128, \"inverted\": %s, \"size\": 256}";

    private static RunningKite.Answer keep(String fileName, byte[] file, String name) {
        return RunningKite.uploadOne("/api/gobos?cut=" + written(CUT.formatted(false)) + "&facts=" + written("{\"name\": \"" + name
                + "\", \"tags\": \"trial wood\", \"manufacturer\": \"Osier\", \"manufacturerNumber\": \"17 b\", \"origin\": \"\", \"rights\": \"\"}"),
                fileName, file);
    }

    private static String written(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8);
    }

    /** A square of one colour with a square of another in its middle. */
    private static byte[] square(int side, int middle, int ground) {
        var pixels = new int[side * side];
        Arrays.fill(pixels, ground);
        for (int y = side / 3; y < 2 * side / 3; y++) {
            Arrays.fill(pixels, y * side + side / 3, y * side + 2 * side / 3, middle);
        }
        return PictureFile.png(new Picture(side, side, pixels));
    }

    private static int shelved() {
        return get("/api/gobos").json().size();
    }

    @Test
    void aPictureIsStoredOnceAndFoundByWhatIsSaidOfIt() {
        var file = square(300, 0xFFFFFFFF, 0xFF000000);
        var first = keep("window.png", file, "Window").json();

        assertThat(keep("again.png", file, "Other name").json().path("id")).as("the same picture").isEqualTo(first.path("id"));
        assertThat(get("/api/gobos?search=" + written("17 b osier window")).json().path(0).path("id")).isEqualTo(first.path("id"));
        assertThat(get(first.path("picture").asString()).status()).isEqualTo(200);
        assertThat(new String(get(first.path("outline").asString()).body(), StandardCharsets.UTF_8)).startsWith("<svg");
        var renamed = put("/api/gobos/" + first.path("id").asString(),
                described(0, "Pane"));
        assertThat(renamed.json().path("name").asString()).isEqualTo("Pane");
        assertThat(put("/api/gobos/" + first.path("id").asString(),
                described(1, " "))
            .json()
            .path("field")
            .asString()).isEqualTo("name");
        var late = put("/api/gobos/" + first.path("id").asString(), described(0, "Shutter"));
        assertThat(late.status()).isEqualTo(409);
        assertThat(late.detail()).startsWith("Someone has described 'Pane' meanwhile.");
    }

    private static String described(int version, String name) {
        return "{\"version\": " + version + ", \"facts\": {\"name\": \"" + name
                + "\", \"tags\": \"\", \"manufacturer\": \"\", \"manufacturerNumber\": \"\", \"origin\": \"\", \"rights\": \"\"}}";
    }

    @Test
    void aLookStoresNothingAndNoticesBlackOnWhite() {
        int before = shelved();

        var look = RunningKite
            .uploadOne("/api/gobo-look?tolerance=1&cut=" + written(CUT.formatted(false)), "scan.png", square(400, 0xFF000000, 0xFFFFFFFF))
            .json();

        assertThat(look.path("looksInverted").asBoolean()).isTrue();
        assertThat(look.path("islands").asInt()).as("the square hangs in the air").isEqualTo(1);
        assertThat(look.path("corners").asInt()).isGreaterThan(4);
        assertThat(shelved()).isEqualTo(before);
    }

    static Stream<Arguments> hostile() {
        var svg = "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 10 10\">%s</svg>";
        return Stream.of(
                Arguments.of("x.png", "not a picture".getBytes(StandardCharsets.UTF_8), "This is no picture that can be taken"),
                Arguments.of("x.jpg", square(64, -1, 0xFF000000), "This file calls itself JPEG but holds a PNG"),
                Arguments.of("x.png", square(300, 0, 0), "Every pixel of this picture is transparent"),
                Arguments.of("x.svg", svg.formatted("<script>alert(1)</script>").getBytes(StandardCharsets.UTF_8),
                        "This drawing holds a 'script'"),
                Arguments.of("x.svg", svg.formatted("<use href=\"http://elsewhere.example/a.svg#b\"/>").getBytes(StandardCharsets.UTF_8),
                        "This drawing leads out of its file"),
                Arguments.of("x.png", claiming(20_000, 20_000), "This picture has 20000 by 20000 pixels"));
    }

    /** A PNG whose first chunk claims a size; that it is no more is never found out. */
    private static byte[] claiming(int width, int height) {
        var small = square(64, -1, 0xFF000000);
        var claimed = small.clone();
        for (int i = 0; i < 4; i++) {
            claimed[16 + i] = (byte) (width >>> 24 - 8 * i);
            claimed[20 + i] = (byte) (height >>> 24 - 8 * i);
        }
        var crc = new CRC32();
        crc.update(claimed, 12, 17);
        for (int i = 0; i < 4; i++) {
            claimed[29 + i] = (byte) (crc.getValue() >>> 24 - 8 * i);
        }
        return claimed;
    }

    @ParameterizedTest
    @MethodSource("hostile")
    void whatIsNoPictureIsRefusedInASentenceAndNothingIsStored(String name, byte[] file, String says) {
        int before = shelved();

        var answer = keep(name, file, "Never");

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.detail()).startsWith(says);
        assertThat(shelved()).isEqualTo(before);
    }

    @ParameterizedTest
    @ValueSource(strings = {"null", "", "{}", "{\"size\": 5000}", "[1]"})
    void aCutThatIsNoneIsRefused(String cut) {
        assertThat(RunningKite.uploadOne("/api/gobo-look?tolerance=1&cut=" + written(cut), "a.png", square(300, -1, 0xFF000000)).status())
            .isEqualTo(422);
    }

    @Test
    void aGoboInASlotIsUsedThereAndAWheelGoesOnWithItsPictures() {
        var gobo = keep("mill.png", square(280, 0xFFFFFFFF, 0xFF101010), "Mill sails").json();
        var fixture = RunningKite.takeIn(RunningKite.fresh(DemoHouse.petrelSpot()));
        var productionVersion = post("/api/profiles",
                "{\"manufacturer\": \"Tidewick\", \"name\": \"Petrel Spot in winter\", \"body\": null, \"copyOf\": \"" + fixture
                        + "\", \"copyRevision\": 1, \"copyMode\": null, \"production\": \"Winter mooring\"}")
            .json();
        var draft = "/api/drafts/" + productionVersion.path("id").asString();
        int wheel = productionVersion.at("/wheels/0/id").asInt();

        var put = post(draft + "/slot-gobo", "{\"version\": " + productionVersion.path("version") + ", \"wheel\": " + wheel
                + ", \"slot\": 2, \"gobo\": \"" + gobo.path("id").asString() + "\"}")
            .json();

        assertThat(put.at("/wheels/0/slots/1/name").asString()).isEqualTo("Mill sails");
        assertThat(put.at("/wheels/0/slots/1/media")).isEqualTo(gobo.path("picture"));
        assertThat(get("/api/gobos/" + gobo.path("id").asString() + "/uses").json().path(0).path("name").asString())
            .isEqualTo("Tidewick Petrel Spot in winter");

        // the DMX map of a production version stays; so does the count of its slots
        var moved = post(draft + "/edits", "{\"version\": " + put.path("version") + ", \"edit\": {\"type\": \"addSlot\", \"wheel\": "
                + wheel + ", \"at\": 6, \"name\": \"More\"}}");
        assertThat(moved.status()).isEqualTo(422);
        assertThat(moved.detail()).contains("puts into").contains("has 6 slots, and 5");
        assertThat(
                post(draft + "/publish", "{\"version\": " + put.path("version") + ", \"summary\": \"Winter\", \"despite\": null}").status())
            .isEqualTo(200);

        var spring = post("/api/profiles",
                "{\"manufacturer\": \"Tidewick\", \"name\": \"Petrel Spot next winter\", \"body\": null, \"copyOf\": \""
                        + put.path("profileId").asString()
                        + "\", \"copyRevision\": 1, \"copyMode\": null, \"production\": \"Winter mooring 2\"}")
            .json();
        assertThat(spring.at("/wheels/0/slots/1/name").asString()).isEqualTo("Mill sails");
        assertThat(spring.at("/wheels/0/slots/1/media")).isEqualTo(gobo.path("picture"));
        var wheels = get("/api/profiles/" + put.path("profileId").asString() + "/revisions/1/wheels").json();
        assertThat(wheels.at("/0/kind").asString()).isEqualTo("TURNING_GOBOS");
        var colours = post("/api/drafts/" + spring.path("id").asString() + "/wheel-copy",
                "{\"version\": " + spring.path("version") + ", \"profileId\": \"" + fixture
                        + "\", \"revision\": 1, \"wheel\": \"Colours\", \"over\": " + spring.at("/wheels/0/id") + "}");
        assertThat(colours.detail()).isEqualTo("'Gobos' holds turning gobos, 'Colours' colours: it cannot take its place.");
    }
}
