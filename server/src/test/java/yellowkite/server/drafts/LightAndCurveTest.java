package yellowkite.server.drafts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static yellowkite.server.RunningKite.get;
import static yellowkite.server.RunningKite.post;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.demo.DemoHouse;
import yellowkite.server.RunningKite;

/** What the light of a draft does: its colours, and its curves. */
class LightAndCurveTest {
    private static JsonNode open(GdtfFile file) {
        return get("/api/profiles/" + RunningKite.takeIn(RunningKite.fresh(file)) + "/draft").json();
    }

    private static JsonNode demo(String name) {
        return open(DemoHouse.files().stream().filter(file -> file.description().type().name().equals(name)).findFirst().orElseThrow());
    }

    private static String wish(JsonNode editor, String form, double first, double second, String hex, double brightness) {
        return "{\"mode\": " + editor.at("/modes/0/id") + ", \"values\": {}, \"form\": \"" + form + "\", \"first\": " + first
                + ", \"second\": " + second + ", \"hex\": \"" + hex + "\", \"name\": \"\", \"choice\": \"BRIGHTEST\", \"brightness\": "
                + brightness + "}";
    }

    @Test
    void aWantedWhiteComesBackAsValuesThatTheReadoutCallsThatWhite() {
        var editor = demo("Moth");
        var draft = "/api/drafts/" + editor.path("id").asString();

        var found = post(draft + "/colour/wanted", wish(editor, "WHITE", 3_200, 0, "", 100)).json();

        assertThat(found.path("inGamut").asBoolean()).isTrue();
        var map = post(draft + "/colour", "{\"mode\": " + editor.at("/modes/0/id") + ", \"values\": " + found.path("values") + "}").json();
        assertThat(map.at("/now/kelvin").asDouble()).isCloseTo(3_200, within(15.0));
        // by hand: at x = 0.408 the line from amber to green has y = 0.5535, and lime, 0.556, stands above it; at x = 0.57 the line from red to lime has 0.4139, amber 0.427
        assertThat(map.path("gamut").size()).as("red, amber, lime, green and blue; ultraviolet is no colour that is mixed").isEqualTo(5);
        assertThat(map.path("emitters").size()).isEqualTo(6);
    }

    @ParameterizedTest
    @CsvSource({"XY, 0.9, 0.4, '', 100, No colour has these coordinates", "WHITE, 300, 0, '', 100, A white has 1000 to 100000 K",
            "HUE, 400, 50, '', 100, A hue lies from 0 to 360 degrees",
            "SCREEN, 0, 0, mauve, 100, A colour of the screen is written as #", "XY, 0.3, 0.3, '', 0, A brightness is more than 0",
            "XY, 0.3, 0.3, '', 101, A brightness is more than 0", "NAMED, 0, 0, '', 100, This profile has no colour called"})
    void aWishThatIsNoColourIsRefusedInASentence(String form, double first, double second, String hex, double brightness, String says) {
        var editor = demo("Moth");

        var answer = post("/api/drafts/" + editor.path("id").asString() + "/colour/wanted",
                wish(editor, form, first, second, hex, brightness));

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.detail()).startsWith(says);
    }

    /** By hand: half of 255 is 128 / 255 = 0.5019608, squared 0.2519646, of 900 cd 226.768, said with two places. */
    @Test
    void beforeACurveIsLaidItIsSaidWhatItChangesAndWhere() {
        var editor = demo("Candle");
        var draft = "/api/drafts/" + editor.path("id").asString();
        var square = post("/api/curves/shelf", "{\"kind\": \"SQUARE\", \"parameter\": 0, \"inverse\": false}").json();
        int function = editor.at("/map/channels/0/functions/0/id").asInt();

        var changes = post(draft + "/curve-changes",
                "{\"name\": \"Glows late\", \"function\": " + function + ", \"pieces\": " + square.path("pieces") + "}")
            .json();

        assertThat(changes.size()).as("both modes run through it").isEqualTo(2);
        assertThat(changes.at("/0/where").asString()).isEqualTo("Bulb_Dimmer in Dimmer");
        assertThat(changes.at("/0/values/1/raw").asInt()).isEqualTo(128);
        assertThat(changes.at("/0/values/1/after").asString()).isEqualTo("226.77 cd");
        var curves = get(draft + "/curves").json();
        assertThat(curves.at("/0/curve/points").size()).isEqualTo(6);
        assertThat(curves.at("/0/curve/inverse").isNull()).as("nothing glows below a tenth").isTrue();
    }

    @Test
    void curvesOfTheShelfAndOfOnesOwnAreLookedAtAndRefused() {
        assertThat(get("/api/curves/shelf").json().size()).isEqualTo(14);
        var root = post("/api/curves/shelf", "{\"kind\": \"SQUARE\", \"parameter\": 0, \"inverse\": true}").json();
        assertThat(root.path("outputs").path(64).asDouble()).as("the root of 64 / 255").isCloseTo(0.50098, within(1e-4));
        assertThat(post("/api/curves/shelf", "{\"kind\": \"TRIANGLE\", \"parameter\": 0, \"inverse\": true}").detail())
            .startsWith("This curve has no inverse");
        var own = post("/api/curves/points", "{\"points\": [{\"in\": 0, \"out\": 0.2}, {\"in\": 1, \"out\": 0.8}], \"run\": \"STRAIGHT\"}")
            .json();
        assertThat(own.at("/curve/outputs/255").asDouble()).isCloseTo(0.8, within(1e-9));
        assertThat(own.at("/curve/percents/0").asString() + ", " + own.at("/curve/fade/5/says").asString() + ", "
                + own.at("/curve/fade/0/hex").asString())
            .isEqualTo("20.00 %, 50 % gives 50 %, #7c7c7c"); // by IEC 61966-2-1 a fifth of the light is 1.055 x 0.2^(1/2.4) - 0.055 = 0.4845 = 124 / 255
        assertThat(
                post("/api/curves/points", "{\"points\": [{\"in\": 1, \"out\": 1}, {\"in\": 0, \"out\": 0}], \"run\": \"STRAIGHT\"}").json()
                    .path("order")
                    .toString())
            .isEqualTo("[1,0]");
        assertThat(post("/api/curves/points", "{\"points\": [{\"in\": 0, \"out\": 0.2}], \"run\": \"STRAIGHT\"}").status()).isEqualTo(422);
        assertThat(post("/api/curves/points", "{\"points\": [null, {\"in\": 0, \"out\": 0.2}], \"run\": \"STRAIGHT\"}").status())
            .isEqualTo(400);
        assertThat(post("/api/curves/measured", "{\"text\": \"0;0\\nhalf;50\", \"correction\": true}").detail())
            .startsWith("Row 2 is no pair of numbers");
    }

    @Test
    void aWheelSaysWhichOfItsRangesAreCalledAfterAnotherSlotAndIsTurnedInOneEdit() {
        var editor = open(DemoHouse.petrelSpot());
        var draft = "/api/drafts/" + editor.path("id").asString();
        var use = draft + "/wheels/" + editor.at("/wheels/0/id") + "/use?mode=" + editor.at("/modes/0/id");
        var checks = get(draft + "/checks").json();

        var off = get(use).json();
        assertThat(off.findValues("calledAfterAnother").stream().filter(JsonNode::asBoolean)).hasSize(4);
        assertThat(checks.at("/0/rule").asString()).isEqualTo("wheel-off-by-one");
        assertThat(checks.at("/0/wheel")).isEqualTo(editor.at("/wheels/0/id"));

        post(draft + "/edits", "{\"version\": " + editor.path("version") + ", \"edit\": " + checks.at("/0/fix") + "}");

        assertThat(get(use).json().findValues("calledAfterAnother").stream().filter(JsonNode::asBoolean)).isEmpty();
    }
}
