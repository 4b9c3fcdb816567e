package yellowkite.server.drafts;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.server.RunningKite.get;
import static yellowkite.server.RunningKite.post;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.demo.DemoHouse;
import yellowkite.server.RunningKite;

/** Profiles that begin here. */
class BeginTest {
    private static final String EMPTY = "{\"manufacturer\": \"Tidewick\", \"name\": \"%s\", \"body\": \"MOVING_HEAD\", \"copyOf\": null, \"copyRevision\": null, \"copyMode\": null}";

    private static JsonNode begun(String name) {
        return post("/api/profiles", EMPTY.formatted(name)).json();
    }

    private static RunningKite.Answer edit(JsonNode editor, String edit) {
        return post("/api/drafts/" + editor.path("id").asString() + "/edits",
                "{\"version\": " + editor.path("version") + ", \"edit\": " + edit + "}");
    }

    private static RunningKite.Answer publish(JsonNode editor, String despite) {
        return post("/api/drafts/" + editor.path("id").asString() + "/publish",
                "{\"version\": " + editor.path("version") + ", \"summary\": \"First\", \"despite\": " + despite + "}");
    }

    @Test
    void aProfileFromAnEmptyPageStandsInTheLibraryBeforeItIsPublished() {
        var editor = begun("Plover");

        assertThat(editor.path("baseRevision").asInt()).isZero();
        assertThat(editor.path("canUndo").asBoolean()).as("a beginning is not undone").isFalse();
        assertThat(get("/api/library?search=Plover").json().at("/profiles/0/revision").asInt()).isZero();
        var moded = edit(editor, "{\"type\": \"addMode\", \"name\": \"One\"}").json();
        assertThat(publish(moded, "null").json().path("revision").asInt()).isEqualTo(1);
        assertThat(get("/api/library?search=Plover").json().at("/profiles/0/modes/0/name").asString()).isEqualTo("One");
    }

    @Test
    void aCopyKeepsPicturesAndOneModeAndStandsOnItsOwn() {
        var source = RunningKite.takeIn(RunningKite.fresh(DemoHouse.petrelSpot()));

        var copy = post("/api/profiles", "{\"manufacturer\": \"Tidewick\", \"name\": \"Whimbrel\", \"body\": null, \"copyOf\": \"" + source
                + "\", \"copyRevision\": 1, \"copyMode\": \"Compact\"}")
            .json();

        assertThat(copy.path("modes").size()).isEqualTo(1);
        assertThat(copy.at("/wheels/0/slots/1/media").asString()).startsWith("/api/media/");
        assertThat(copy.path("profileId").asString()).isNotEqualTo(source);
        assertThat(publish(copy, "null").json().path("revision").asInt()).isEqualTo(1);
        assertThat(get("/api/profiles/" + source + "/revisions").json().size()).as("the source is as it was").isEqualTo(1);
    }

    @Test
    void namesThatCannotBeAreRefusedAtTheirField() {
        var answer = post("/api/profiles", EMPTY.formatted(" "));

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.json().path("field").asString()).isEqualTo("name");
        assertThat(
                edit(begun("Stint"), "{\"type\": \"begin\", \"manufacturer\": \"A\", \"name\": \"B\", \"id\": \"C\", \"body\": \"FIXED\"}")
                    .detail())
            .isEqualTo("A profile begins once.");
    }

    @Test
    void errorsArePublishedOnlyWithAReason() {
        var editor = edit(begun("Knot"), "{\"type\": \"addMode\", \"name\": \"One\"}").json();
        int mode = editor.at("/modes/0/id").asInt();
        var two = edit(editor, "{\"type\": \"addChannels\", \"mode\": " + mode
                + ", \"at\": null, \"channels\": [{\"attribute\": \"Zoom\", \"words\": \"\", \"bytes\": 1, \"geometry\": null, \"addresses\": null},"
                + "{\"attribute\": \"Iris\", \"words\": \"\", \"bytes\": 1, \"geometry\": null, \"addresses\": null}]}")
            .json();
        var overlapping = edit(two,
                "{\"type\": \"changeAddresses\", \"channel\": " + two.at("/map/channels/1/id") + ", \"addresses\": [1]}")
            .json();

        assertThat(publish(overlapping, "null").json().path("field").asString()).isEqualTo("despite");
        assertThat(publish(overlapping, "\"The manufacturer's own chart overlaps\"").status()).isEqualTo(200);
        assertThat(get("/api/profiles/" + overlapping.path("profileId").asString() + "/revisions").json().at("/0/despite").asString())
            .isEqualTo("The manufacturer's own chart overlaps");
    }

    @Test
    void theHistoryLeadsToAnyPointAndThrowingAwayForgetsTheProfile() {
        var editor = begun("Ruff");
        for (var name : new String[]{"One", "Two", "Three"}) {
            editor = edit(editor, "{\"type\": \"addMode\", \"name\": \"" + name + "\"}").json();
        }
        var draft = "/api/drafts/" + editor.path("id").asString();

        var back = post(draft + "/point", "{\"version\": 4, \"done\": 2}").json();
        assertThat(back.path("modes").size()).isEqualTo(1);
        var forth = post(draft + "/point", "{\"version\": " + back.path("version") + ", \"done\": 4}").json();
        assertThat(forth.path("modes").size()).isEqualTo(3);
        assertThat(post(draft + "/point", "{\"version\": " + forth.path("version") + ", \"done\": 9}").status()).isEqualTo(422);

        assertThat(post(draft + "/discard", "{\"version\": " + forth.path("version") + "}").status()).isEqualTo(204);
        assertThat(get(draft).status()).isEqualTo(404);
        assertThat(get("/api/library?search=Ruff").json().path("found").asInt()).isZero();
    }

    @Test
    void wordsFindAttributesAndManufacturersThatAreNearlyThatArePointedOut() {
        var editor = edit(begun("Dotterel"), "{\"type\": \"addMode\", \"name\": \"One\"}").json();
        var draft = "/api/drafts/" + editor.path("id").asString();
        int mode = editor.at("/modes/0/id").asInt();

        assertThat(get(draft + "/attributes?mode=" + mode + "&words=green").json().at("/0/name").asString()).isEqualTo("ColorAdd_G");
        assertThat(get(draft + "/attributes?mode=" + mode + "&words=green&group=Beam").json().size()).isZero();
        var chart = post(draft + "/chart", "{\"mode\": " + mode + ", \"text\": \"pan, pan fine, dimmer, marmalade\"}").json();
        assertThat(chart.at("/lines/0/bytes").asInt()).isEqualTo(2);
        assertThat(List.of(chart.path("channels").asInt(), chart.path("addresses").asInt(), chart.path("unknown").asInt()))
            .containsExactly(2, 3, 1);
        assertThat(get("/api/words").json().at("/categories/1").toString())
            .isEqualTo("{\"value\":\"MOVING_SPOT\",\"text\":\"Moving spot\"}");
        assertThat(get("/api/words").json().at("/featureGroups/0").asString()).isEqualTo("Dimmer");
        var cells = "{\"mode\": " + mode
                + ", \"channels\": [], \"name\": \"Eye\", \"count\": 3, \"first\": 7, \"spacing\": 4, \"order\": \"ROWS\", \"pitch\": \"\"}";
        assertThat(post(draft + "/cells-preview", cells).json().at("/cells/2/address").asInt()).isEqualTo(15); // 7 + 2 * 4
        assertThat(get("/api/manufacturers?name=Tide+Wick").json().at("/0/near").asBoolean()).isTrue();
    }

    @Test
    void whatTheHouseKeepsStaysBesideTheRevisionAndIsToldByTheExport() {
        var editor = edit(begun("Spigot"), "{\"type\": \"addMode\", \"name\": \"One\"}").json();
        int mode = editor.at("/modes/0/id").asInt();
        editor = edit(editor, "{\"type\": \"addChannels\", \"mode\": " + mode
                + ", \"channels\": [{\"attribute\": \"Dimmer\", \"words\": \"\", \"bytes\": 1, \"geometry\": null, \"addresses\": null, \"ranges\": null}], \"at\": null}")
            .json();
        int channel = editor.at("/map/channels/0/id").asInt();
        editor = edit(editor, "{\"type\": \"setCare\", \"channels\": [" + channel + "], \"tint\": \"BLUE\", \"note\": \"Sticks\"}").json();
        editor = edit(editor, "{\"type\": \"setLevels\", \"channels\": [" + channel + "], \"level\": \"BLACKOUT\", \"to\": \"50 %\"}")
            .json();
        assertThat(editor.at("/map/channels/0/blackout").asInt()).isEqualTo(128);
        var profile = editor.path("profileId").asString();
        assertThat(publish(editor, "null").status()).isEqualTo(200);

        var again = get("/api/profiles/" + profile + "/draft").json();

        assertThat(again.at("/map/channels/0/tint").asString() + again.at("/map/channels/0/note").asString()).isEqualTo("BLUESticks");
        assertThat(get("/api/profiles/" + profile + "/revisions").json().at("/0/leftBehind").toString())
            .isEqualTo(
                    "[\"The value at blackout of a channel stays here.\",\"The note on a channel stays here.\",\"The colour mark of a channel stays here.\"]");
        var file = get("/api/profiles/" + profile + "/revisions/1/file").body();
        assertThat(GdtfFile.read(file).description().type().modes()).hasSize(1);
        RunningKite.upload(Map.of("same.gdtf",
                new GdtfFile(GdtfDescription.of(GdtfFile.read(file).description().type().with(f -> f.description = "Newer")), Map.of())
                    .write()));
        assertThat(get("/api/profiles/" + profile + "/draft").json().path("baseRevision").asInt()).isGreaterThan(0);
        assertThat(get("/api/profiles/" + profile + "/revisions").json().at("/0/leftBehind").size()).as("a file takes nothing away")
            .isEqualTo(3);
    }

    @Test
    void aStencilIsKeptLaidOntoAnotherProfileAndRemoved() {
        var editor = edit(begun("Phalarope"), "{\"type\": \"addMode\", \"name\": \"One\"}").json();
        var added = "{\"type\": \"addChannels\", \"mode\": " + editor.at("/modes/0/id")
                + ", \"channels\": [{\"attribute\": \"Gobo1\", \"words\": \"Gobos\", \"bytes\": 1, \"geometry\": null, \"addresses\": null,"
                + " \"ranges\": [{\"from\": 0, \"name\": \"Open\", \"physicalFrom\": null, \"physicalTo\": null, \"slot\": 0}]}], \"at\": null}";
        editor = edit(editor, added).json();
        var own = get("/api/drafts/" + editor.path("id").asString() + "/stencils").json().path(0);
        assertThat(own.path("origin").asString()).isEqualTo("Tidewick Phalarope, One");

        assertThat(post("/api/stencils",
                "{\"name\": \"Our gobos\", \"origin\": \"Tidewick Phalarope\", \"stencil\": " + own.path("stencil") + "}")
            .status()).isEqualTo(201);
        assertThat(post("/api/stencils", "{\"name\": \" \", \"origin\": \"\", \"stencil\": " + own.path("stencil") + "}").json()
            .path("field")
            .asString()).isEqualTo("name");

        var kept = get("/api/stencils").json().path(0);
        var other = edit(begun("Avocet"), "{\"type\": \"addMode\", \"name\": \"One\"}").json();
        other = edit(other, added.replaceFirst("\"mode\": \\d+", "\"mode\": " + other.at("/modes/0/id"))
            .replaceAll("\"ranges\": \\[.*?]", "\"ranges\": null")).json();
        var laid = edit(other, "{\"type\": \"layStencil\", \"channel\": " + other.at("/map/channels/0/id") + ", \"stencil\": "
                + kept.path("stencil") + "}")
            .json();
        assertThat(laid.at("/map/channels/0/functions/0/ranges/0/name").asString()).isEqualTo("Open");
        var hollow = "{\"type\": \"layStencil\", \"channel\": " + other.at("/map/channels/0/id") + ", \"stencil\": "
                + kept.path("stencil").toString().replaceFirst("\"name\":\"[^\"]*\"", "\"name\":null") + "}";
        assertThat(edit(laid, hollow).status()).as("a name deep inside is missing").isEqualTo(400);
        assertThat(RunningKite.delete("/api/stencils/" + kept.path("id").asString()).status()).isEqualTo(204);
        assertThat(RunningKite.delete("/api/stencils/" + kept.path("id").asString()).status()).isEqualTo(404);
    }

    @Test
    void aManufacturersFactsAreKeptAndTwoPeopleDoNotOverwriteEachOther() {
        begun("Dotterel");
        var facts = "{\"name\": \"Tidewick\", \"version\": %d, \"facts\": {\"shortName\": \"TW\", \"rdmId\": \"%s\", \"website\": \"https://tidewick.example\", \"contact\": \"Ines\"}}";

        assertThat(RunningKite.put("/api/manufacturer", facts.formatted(0, "7ff0")).json().path("version").asInt()).isEqualTo(1);
        assertThat(get("/api/manufacturer?name=Tidewick").json().at("/facts/rdmId").asString()).isEqualTo("7FF0");
        assertThat(RunningKite.put("/api/manufacturer", facts.formatted(0, "0001")).status()).as("someone was faster").isEqualTo(409);
        assertThat(RunningKite.put("/api/manufacturer", facts.formatted(1, "10000")).json().path("field").asString()).isEqualTo("rdmId");
        assertThat(get("/api/manufacturer?name=Nobody").status()).isEqualTo(404);
        assertThat(RunningKite.put("/api/manufacturer",
                "{\"name\": \"Tidewick\", \"version\": 1, \"facts\": {\"shortName\": null, \"rdmId\": \"\", \"website\": \"\", \"contact\": \"\"}}")
            .status()).isEqualTo(400);
    }

    @Test
    void aPictureIsFittedShownUndoneAndPublished() throws Exception {
        var editor = edit(begun("Ruff"), "{\"type\": \"addMode\", \"name\": \"One\"}").json();
        var path = "/api/drafts/" + editor.path("id").asString() + "/picture?version=" + editor.path("version");
        var image = new BufferedImage(2048, 1024, BufferedImage.TYPE_INT_RGB);
        var jpeg = new ByteArrayOutputStream();
        ImageIO.write(image, "jpeg", jpeg);

        assertThat(RunningKite.uploadOne(path, "fixture.jpg", "<svg/>".getBytes()).json().path("field").asString()).isEqualTo("file");
        var shown = RunningKite.uploadOne(path, "fixture.jpg", jpeg.toByteArray()).json();

        var png = ImageIO.read(new ByteArrayInputStream(get(shown.path("picture").asString()).body()));
        assertThat(png.getWidth() + " x " + png.getHeight()).isEqualTo("1024 x 512");
        var undone = post("/api/drafts/" + editor.path("id").asString() + "/undo", "{\"version\": " + shown.path("version") + "}").json();
        assertThat(undone.path("picture").isNull()).isTrue();
        var redone = post("/api/drafts/" + editor.path("id").asString() + "/redo", "{\"version\": " + undone.path("version") + "}").json();
        assertThat(publish(redone, "null").status()).isEqualTo(200);
        var file = GdtfFile.read(get("/api/profiles/" + redone.path("profileId").asString() + "/revisions/1/file").body());
        assertThat(file.others()).containsOnlyKeys(file.description().type().thumbnail() + ".png");
    }

    @Test
    void valuesAreReadAsTypedAndPhysicalOnesAreReached() {
        assertThat(post("/api/values", "{\"text\": \"50 %\", \"bytes\": 2, \"form\": \"VALUE\"}").json().path("raw").asLong())
            .isEqualTo(32768);
        assertThat(post("/api/values", "{\"text\": \"open\", \"bytes\": 1, \"form\": \"HEX\"}").status()).isEqualTo(422);
        var editor = edit(begun("Smew"), "{\"type\": \"addMode\", \"name\": \"One\"}").json();
        editor = edit(editor, "{\"type\": \"addChannels\", \"mode\": " + editor.at("/modes/0/id")
                + ", \"channels\": [{\"attribute\": \"CTO\", \"words\": \"\", \"bytes\": 1, \"geometry\": null, \"addresses\": null, \"ranges\": null}], \"at\": null}")
            .json();
        int function = editor.at("/map/channels/0/functions/0/id").asInt();
        editor = edit(editor, "{\"type\": \"setFunctionPhysical\", \"function\": " + function + ", \"from\": 2700, \"to\": 6500}").json();
        var reach = "/api/drafts/" + editor.path("id").asString() + "/functions/" + function + "/reach?value=";

        // 4200 K lies at 1500 / 3800 of 255 steps = 100.66; step 101 gives 2700 + 101 * 3800 / 255 = 4205.1
        assertThat(get(reach + "4200").json().path("raw").asInt()).isEqualTo(101);
        assertThat(get(reach + "4200").json().path("says").asString()).isEqualTo("Asked 4200 K, reached 4205.1 K.");
        assertThat(get(reach + "NaN").status()).isEqualTo(422);
        assertThat(get(reach + "7000").json().path("detail").asString()).isEqualTo("'CTO' reaches 2700 K to 6500 K.");
    }

    @Test
    void modesOfOtherProfilesStandBeside() {
        var one = edit(begun("Knot"), "{\"type\": \"addMode\", \"name\": \"One\"}").json();
        assertThat(publish(one, "null").status()).isEqualTo(200);
        var other = edit(begun("Sora"), "{\"type\": \"addMode\", \"name\": \"Two\"}").json();
        var body = "{\"fixtures\": 4, \"others\": [{\"profileId\": \"" + one.path("profileId").asString() + "\", \"mode\": \"%s\"}]}";

        var compared = post("/api/drafts/" + other.path("id").asString() + "/comparison", body.formatted("One")).json();

        assertThat(compared.at("/modes/1/profile").asString() + " " + compared.at("/modes/1/name").asString()).isEqualTo("Knot One");
        assertThat(post("/api/drafts/" + other.path("id").asString() + "/comparison", body.formatted("None")).status()).isEqualTo(404);
    }
}
