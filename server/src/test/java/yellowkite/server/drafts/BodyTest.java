package yellowkite.server.drafts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static java.nio.charset.StandardCharsets.UTF_8;
import static yellowkite.server.RunningKite.get;
import static yellowkite.server.RunningKite.post;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.demo.DemoHouse;
import yellowkite.server.RunningKite;

/** The body of a draft: shown, posed, given files, and what it says of its front. */
class BodyTest {
    private final JsonNode editor = open(DemoHouse.petrelSpot());
    private final String draft = "/api/drafts/" + editor.path("id").asString();
    private final int mode = editor.at("/map/id").asInt();

    private static JsonNode open(GdtfFile file) {
        return get("/api/profiles/" + RunningKite.takeIn(RunningKite.fresh(file)) + "/draft").json();
    }

    private int channel(String pretty) {
        for (var each : editor.at("/map/channels")) {
            if (each.path("pretty").asString().equals(pretty)) {
                return each.path("id").asInt();
            }
        }
        throw new AssertionError(pretty);
    }

    private String pose(String values, String mount, String height) {
        return "{\"mode\": " + mode + ", \"values\": {" + values + "}, \"cells\": [], \"mount\": \"" + mount + "\", \"height\": " + height
                + "}";
    }

    private RunningKite.Answer edit(String edit) {
        return post(draft + "/edits", "{\"version\": " + get(draft).json().path("version") + ", \"edit\": " + edit + "}");
    }

    /** A box's one triangle, a metre and a half of one, in millimetres: chunks 4D4D, 3D3D, 4000, 4100, 4110 and 4120. */
    private static byte[] triangle() {
        return ByteBuffer.allocate(86)
            .order(ByteOrder.LITTLE_ENDIAN)
            .putShort((short) 0x4D4D)
            .putInt(86)
            .putShort((short) 0x3D3D)
            .putInt(80)
            .putShort((short) 0x4000)
            .putInt(74)
            .put(new byte[]{'B', 0})
            .putShort((short) 0x4100)
            .putInt(66)
            .putShort((short) 0x4110)
            .putInt(44)
            .putShort((short) 3)
            .putFloat(0)
            .putFloat(0)
            .putFloat(0)
            .putFloat(1000)
            .putFloat(0)
            .putFloat(0)
            .putFloat(0)
            .putFloat(500)
            .putFloat(0)
            .putShort((short) 0x4120)
            .putInt(16)
            .putShort((short) 1)
            .putShort((short) 0)
            .putShort((short) 1)
            .putShort((short) 2)
            .putShort((short) 0)
            .array();
    }

    @Test
    void theBodyIsShownPartByPart() {
        var body = get(draft + "/body?mode=" + mode).json();

        assertThat(body.path("top").asString()).isEqualTo("Base");
        assertThat(body.path("parts").size()).isEqualTo(4);
        assertThat(body.at("/parts/3/name").asString()).isEqualTo("Lens");
        assertThat(body.at("/parts/3/parent").asString()).isEqualTo("Head");
        assertThat(body.at("/parts/2/channels").asInt()).isEqualTo(13);
        assertThat(body.at("/models/0/primitive").asString()).isEqualTo("Base");
        assertThat(body.path("sources").size()).isGreaterThan(4);
    }

    /** The head of 0.66 m at 4 m: its lens is at 3.34 m, and with the dimmer up and everything at zero it lights the floor below. */
    @Test
    void aPoseSaysWhatPointsWhere() {
        var still = post(draft + "/pose", pose("\"" + channel("Dimmer") + "\": 65535", "HANGING", "4")).json();
        assertThat(still.at("/shines/0/met/distance").asDouble()).isCloseTo(3.34, within(0.01));
        assertThat(still.at("/says").toString()).contains("Lens looks straight down; meets the floor after 3.34 m");

        var turned = post(draft + "/pose", pose("\"" + channel("Tilt") + "\": 65535", "HANGING", "4")).json();
        assertThat(turned.at("/says").toString()).contains("Head is turned by 125\u00b0 (tilt).").contains("to the back and up");
        assertThat(turned.at("/parts/0/frame").size()).isEqualTo(16);

        var standing = post(draft + "/pose", pose("", "STANDING", "4")).json();
        assertThat(standing.at("/says").toString()).contains("straight up");
        var flat = post(draft + "/flat", "{\"pose\": " + pose("", "HANGING", "4") + ", \"view\": \"SIDE\"}").json();
        assertThat(flat.path("body").size()).isEqualTo(7);
        assertThat(flat.at("/signs/0/kind").asString()).isEqualTo("FRONT");
        assertThat(still.path("signs").size()).as("a front, and three for each axis").isEqualTo(7);
    }

    @Test
    void aCellStandsByItself() {
        var batten = open(DemoHouse.reedline10());
        var red = batten.at("/map/channels/2");
        assertThat(red.path("times").asInt()).as("a channel of each of the ten cells").isEqualTo(10);
        var at = "/api/drafts/" + batten.path("id").asString() + "/pose";
        var asked = "{\"mode\": " + batten.at("/map/id") + ", \"values\": {}, \"mount\": \"HANGING\", \"height\": 4, \"cells\": [%s]}";
        var dark = "{\"path\": [\"Cell 3\"], \"values\": {\"" + red.path("id") + "\": %s}}";

        var cells = get("/api/drafts/" + batten.path("id").asString() + "/body?mode=" + batten.at("/map/id")).json().path("probed");
        assertThat(cells.at("/2/called").asString()).isEqualTo("Cell 3");
        assertThat(cells.at("/2/channels").size()).as("red, green, blue and white of a cell").isEqualTo(4);
        assertThat(cells.at("/2/channels/0")).isEqualTo(red.path("id"));
        var all = post(at, asked.formatted("")).json();
        var third = post(at, asked.formatted(dark.formatted("0"))).json();

        assertThat(third.at("/shines/2/hex")).isNotEqualTo(all.at("/shines/2/hex"));
        assertThat(third.at("/shines/3")).isEqualTo(all.at("/shines/3"));
        assertThat(post(at, asked.formatted(dark.formatted("256"))).status()).isEqualTo(422);
        assertThat(post(at, asked.formatted("null")).status()).isEqualTo(400);
        assertThat(post(at, asked.formatted("{\"path\": null, \"values\": {}}")).status()).isEqualTo(400);
    }

    @ParameterizedTest
    @CsvSource({"HANGING, -1, 422", "HANGING, 5000, 422", "UPSIDE, 4, 400", "HANGING, null, 400"})
    void aRoomThatIsNoneIsRefused(String mount, String height, int status) {
        assertThat(post(draft + "/pose", pose("", mount, height)).status()).isEqualTo(status);
    }

    @Test
    void valuesOutsideAndModesThatAreGoneAreRefused() {
        assertThat(post(draft + "/pose", pose("\"" + channel("Shutter") + "\": 300", "HANGING", "4")).status()).isEqualTo(422);
        assertThat(post(draft + "/pose", pose("", "HANGING", "4").replace("\"mode\": " + mode, "\"mode\": 99999")).status()).isEqualTo(404);
        assertThat(get(draft + "/body?mode=99999").status()).isEqualTo(404);
        assertThat(get(draft + "/shape?model=Nothing").status()).isEqualTo(404);
        assertThat(get(draft + "/throw?part=Lens&distance=-1").status()).isEqualTo(422);
        assertThat(get(draft + "/throw?part=Lens&distance=NaN").status()).isEqualTo(422);
        assertThat(get(draft + "/throw?part=Base&distance=10").status()).isEqualTo(404);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "{\"type\": \"placePart\", \"part\": \"Head\", \"place\": {\"x\": \"NaN\", \"y\": 0, \"z\": 0, \"turnX\": 0, \"turnY\": 0, \"turnZ\": 0}} | 422",
            "{\"type\": \"placePart\", \"part\": \"Head\", \"place\": null} | 400",
            "{\"type\": \"addPart\", \"parent\": \"Base\", \"kind\": \"Wing\", \"name\": \"W\", \"place\": {\"x\": 0, \"y\": 0, \"z\": 0, \"turnX\": 0, \"turnY\": 0, \"turnZ\": 0}} | 400",
            "{\"type\": \"layBody\", \"template\": \"PANEL\", \"body\": \"Base\", \"length\": 1, \"width\": 1, \"height\": 1, \"cells\": 100000, \"columns\": 1, \"spacing\": 1} | 422",
            "{\"type\": \"removePart\", \"part\": \"Head\"} | 422",
            "{\"type\": \"setPartAttribute\", \"part\": \"Lens\", \"attribute\": \"BeamAngle\", \"value\": \"1e999\"} | 422"})
    void editsThatDoNotFitAreRefused(String edit, int status) {
        assertThat(edit(edit).status()).as("%s", edit).isEqualTo(status);
    }

    @Test
    void aFileGivesAModelItsShapeAndUndoGivesItBack() {
        var shape = get(draft + "/shape?model=Base").body().length;
        var sent = RunningKite.uploadOne(draft + "/model-file?version=" + editor.path("version") + "&model=Base&detail=USUAL",
                "my base.3ds", triangle());

        assertThat(sent.status()).isEqualTo(200);
        var model = get(draft + "/body?mode=" + mode).json().at("/models/0");
        assertThat(model.path("file").asString()).startsWith("my base-");
        assertThat(model.at("/files/0/triangles").asInt()).isOne();
        assertThat(model.at("/files/0/size").asString()).isEqualTo("1 x 0.5 x 0 m");
        assertThat(new String(get(draft + "/checks").body(), UTF_8)).contains("model-size");
        var low = RunningKite.uploadOne(draft + "/model-file?version=" + sent.json().path("version") + "&model=Base&detail=LOW", "low.3ds",
                triangle());
        assertThat(get(draft + "/body?mode=" + mode).json().at("/models/0/files").size()).isEqualTo(2);
        post(draft + "/undo", "{\"version\": " + low.json().path("version") + "}");
        post(draft + "/undo", "{\"version\": " + (low.json().path("version").asInt() + 1) + "}");
        assertThat(get(draft + "/shape?model=Base").body().length).isEqualTo(shape);
    }

    /**
     * By hand: the lens of 0.08 m radius and a field of 24 degrees is 0.16 + 20 tan 12 = 4.4111 m wide at 10 m; 18,000 lm on 15.28 square
     * metres.
     */
    @Test
    void aBeamIsAsWideAndBrightAsItsPartSays() {
        var thrown = get(draft + "/throw?part=Lens&distance=10").json();

        assertThat(thrown.path("fieldWidth").asDouble()).isCloseTo(4.4111, within(0.001));
        assertThat(thrown.path("lux").asDouble()).isCloseTo(1_178, within(2.0));
    }

    @Test
    void boxesStandForAModelAndItsOwnFileGoesOnInDetail() {
        var sent = RunningKite.uploadOne(draft + "/model-file?version=" + editor.path("version") + "&detail=USUAL", "clamp.3ds",
                triangle());
        assertThat(get(draft + "/body?mode=" + mode).json().at("/models/3/name").asString()).isEqualTo("clamp");

        var boxed = post(draft + "/model-stand-in", "{\"version\": " + sent.json().path("version") + ", \"model\": \"clamp\"}");

        assertThat(boxed.status()).isEqualTo(200);
        var files = get(draft + "/body?mode=" + mode).json().at("/models/3/files");
        assertThat(files.at("/0/form").asString() + " " + files.at("/0/triangles")).isEqualTo("glb 12");
        assertThat(files.at("/1/detail").asString() + " " + files.at("/1/triangles")).isEqualTo("high 1");
        assertThat(get(draft + "/shape?model=clamp&detail=HIGH").body()).as("a piece of three points and one triangle").hasSize(64);
        assertThat(get(draft + "/shape?model=clamp&detail=LOW").body()).isEqualTo(get(draft + "/shape?model=clamp").body());
        assertThat(post(draft + "/model-stand-in", "{\"version\": " + boxed.json().path("version") + ", \"model\": \"Nothing\"}").status())
            .isEqualTo(404);
    }

    @Test
    void whatIsWrittenOfConnectorsIsReadOrRefused() {
        assertThat(post("/api/written-pins", "{\"part\": \"DMX in\", \"text\": \"1 -> DMX out 1\"}").json().path("type").asString())
            .isEqualTo("setPins");
        assertThat(post("/api/written-pins", "{\"part\": \"DMX in\", \"text\": \"one\"}").detail()).startsWith("'one' is no pin");
        var typed = "{\"typed\": {\"lowest\": \"%s\", \"highest\": \"40\", \"legs\": \"\", \"supplies\": \"\", \"plugs\": \"\"}}";
        assertThat(post("/api/written-physical", typed.formatted("-5")).json().at("/facts/lowest").asDouble()).isEqualTo(-5);
        assertThat(post("/api/written-physical", typed.formatted("cold")).detail()).isEqualTo("'cold' is no number.");
        assertThat(post("/api/written-physical", "{\"typed\": null}").status()).isEqualTo(400);
    }

    @ParameterizedTest
    @CsvSource({"base.exe, is no model", "base.glb, It is no glb file.", "base.3ds, It is no 3ds file."})
    void aFileThatIsNoModelIsRefusedInASentence(String name, String says) {
        var answer = RunningKite.uploadOne(draft + "/model-file?version=" + editor.path("version") + "&model=Base&detail=USUAL", name,
                new byte[]{'g', 'l', 'T', 'F', 9, 9});

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.detail()).contains(says);
    }

    @Test
    void drawingsAreStoredInTheFileThatIsPublished() {
        var drawn = post(draft + "/drawings", "{\"version\": " + editor.path("version") + "}");
        assertThat(drawn.status()).isEqualTo(200);
        assertThat(get(draft + "/body?mode=" + mode).json().at("/models/0/drawn").asBoolean()).isTrue();
        assertThat(new String(get(draft + "/drawing?mode=" + mode + "&view=TOP").body(), UTF_8)).startsWith("<svg ");

        var published = post(draft + "/publish",
                "{\"version\": " + drawn.json().path("version") + ", \"summary\": \"Drawn\", \"despite\": \"wheel\", "
                        + "\"firmware\": null, \"restsOn\": null, \"fromWhom\": null}");
        assertThat(published.status()).as("%s", new String(published.body(), UTF_8)).isEqualTo(200);
        var revision = "/api/profiles/" + published.json().path("profileId").asString() + "/revisions/" + published.json().path("revision");
        assertThat(new String(get(revision + "/file").body(), UTF_8)).contains("models/svg/Base-drawn-", "models/svg_front/");
        assertThat(new String(get(revision + "/drawing?mode=Extended&view=FRONT").body(), UTF_8)).startsWith("<svg ");
        assertThat(get(revision + "/drawing?mode=Nothing&view=FRONT").status()).isEqualTo(404);
    }

    @Test
    void theTestOfTheFrontSaysWhatIsWrongAndItsCureIsAnEdit() {
        var forward = get(draft + "/forward?mode=" + mode).json();
        assertThat(forward.path("steps").size()).isEqualTo(3);
        assertThat(forward.at("/pan/part").asString()).isEqualTo("Yoke");
        assertThat(forward.at("/steps/1/sent/1/raw").asInt()).as("tilt from -125 to 125 over 65,535: 90 degrees").isEqualTo(56_360);

        var agrees = post(draft + "/forward",
                "{\"mode\": " + mode + ", \"seen\": [{\"at\": \"DOWN\"}, {\"at\": \"BACK\"}, {\"at\": \"LEFT\"}]}");
        assertThat(agrees.json().path("agrees").asBoolean()).isTrue();
        var reversed = post(draft + "/forward",
                "{\"mode\": " + mode + ", \"seen\": [{\"at\": \"DOWN\"}, {\"at\": \"BACK\"}, {\"at\": \"RIGHT\"}]}")
            .json();
        assertThat(reversed.at("/explanations/0/wrong/0/says").asString()).isEqualTo("Pan is reversed.");
        assertThat(edit(reversed.at("/explanations/0/edit").toString()).status()).isEqualTo(200);
        assertThat(get(draft + "/forward?mode=" + mode).json().at("/pan/lowest").asDouble()).isEqualTo(270);
        assertThat(post(draft + "/forward", "{\"mode\": " + mode + ", \"seen\": []}").status()).isEqualTo(422);
        assertThat(get("/api/profiles/" + editor.path("profileId").asString() + "/turned-units").json().size()).isZero();
    }
}
