package yellowkite.server.charts;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.server.RunningKite.get;
import static yellowkite.server.RunningKite.post;

import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import yellowkite.server.RunningKite.Answer;
import yellowkite.server.RunningKite;

class ChartsTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final String CHART = """
            Full\tShort\tFunction\tDMX\tDescription\tDefault
            1\t1\tPan\t0-255\t540°\t128
            2\t-\tPan fine\t0-255\t\t0
            3\t2\tTilt\t0-255\t270°\t128
            4\t3\tDimmer\t0-255\t0 to 100 %\t0
            5\t4\tGobo wheel\t0-9\tOpen\t0
            \t\t\t10-255\tReeds
            6\t5\tZoom\t0-255\tNarrow to wide\t0
            x7\t\tFrost\t0-255\t0 to 100 %\t0
            """;
    private static int number;
    private String profile = "";

    @BeforeEach
    void begin() {
        var begun = post("/api/profiles", "{\"manufacturer\": \"Tidewick\", \"name\": \"Ketch " + ++number
                + "\", \"body\": \"FIXED\", \"copyOf\": null, \"copyRevision\": null, \"copyMode\": null, \"production\": null}");
        profile = begun.json().path("profileId").asString();
    }

    private Answer given(String name, String text) {
        return RunningKite.uploadOne("/api/profiles/" + profile + "/charts", name, text.getBytes(StandardCharsets.UTF_8));
    }

    private Answer pasted(String text) {
        return post("/api/profiles/" + profile + "/pasted-charts", JSON.createObjectNode().put("name", "").put("text", text).toString());
    }

    private static Answer correct(JsonNode chart, String correction) {
        return post("/api/charts/" + chart.path("id").asString() + "/corrections",
                "{\"version\": " + chart.path("version") + ", \"correction\": " + correction + "}");
    }

    private static Answer apply(JsonNode chart, String modes) {
        return post("/api/charts/" + chart.path("id").asString() + "/apply", "{\"version\": " + chart.path("version")
                + ", \"draftVersion\": " + chart.path("draftVersion") + ", \"modes\": " + modes + "}");
    }

    private JsonNode draft() {
        return get("/api/profiles/" + profile + "/draft").json();
    }

    private static JsonNode settled(JsonNode chart) {
        return correct(chart, "{\"type\": \"setAside\", \"lines\": [\"line 9\"], \"reason\": \"not in this model\"}").json();
    }

    @Test
    void whereALaterModeIsRefusedNoneIsApplied() {
        var ready = settled(given("ketch.txt", CHART).json());

        var refused = apply(ready,
                "[{\"index\": 0, \"name\": \"Same\", \"onto\": null, \"channels\": null, \"gone\": []}, {\"index\": 1, \"name\": \"Same\", \"onto\": null, \"channels\": null, \"gone\": []}]");

        assertThat(refused.status()).isEqualTo(422);
        assertThat(draft().path("modes").values()).as("not the first one either").isEmpty();
        assertThat(apply(ready, "[{\"index\": 0, \"name\": \"Same\", \"onto\": null, \"channels\": null, \"gone\": []}]").status())
            .as("and it can be applied yet")
            .isEqualTo(200);
    }

    @Test
    void addressesAreTypedAsChartsWriteThem() {
        assertThat(post("/api/addresses", "{\"text\": \"CH 5-6\"}").json().path("addresses").toString()).isEqualTo("[5,6]");
        assertThat(post("/api/addresses", "{\"text\": \"9 / 12\"}").json().path("addresses").toString()).isEqualTo("[9,12]");
        assertThat(post("/api/addresses", "{\"text\": \"600\"}").status()).isEqualTo(422);
        assertThat(post("/api/addresses", "{\"text\": \"dimmer\"}").detail()).startsWith("Type addresses");
    }

    @Test
    void anOpenLineComesWithItsValuesApart() {
        var line = given("ketch.txt", CHART).json().at("/open/0");

        assertThat(line.path("text").asString()).isEqualTo((line.path("values").asString() + " " + line.path("words").asString()).strip());
    }

    private static Answer table(JsonNode draft, String text, String corrections) {
        var channel = draft.at("/map/channels/0/id");
        return post("/api/drafts/" + draft.path("id").asString() + "/channel-table",
                "{\"channel\": " + channel + ", \"text\": \"" + text + "\", \"corrections\": [" + corrections + "]}");
    }

    @Test
    void whatAPastedTableLeavesOpenIsSaidRowByRow() {
        var chart = pasted("1\t0-255\tShutter").json();
        apply(chart, "[{\"index\": 0, \"name\": \"Full\", \"onto\": null, \"channels\": null, \"gone\": []}]");
        var draft = draft();
        var rows = "0-19 Closed\\n20-99 Strobe slow to fast\\n100-255 Whirl";

        var read = table(draft, rows, "").json();
        assertThat(read.at("/functions/1/assumed").asBoolean()).as("no numbers are stated").isTrue();
        var channel = read.path("channel").asString();
        var said = table(draft, rows,
                "{\"type\": \"chooseEnds\", \"channel\": \"" + channel + "\", \"function\": 1, \"physicalFrom\": 2, \"physicalTo\": 14}")
            .json();

        assertThat(said.at("/functions/1/assumed").asBoolean()).isFalse();
        assertThat(said.at("/functions/1/physicalTo/value").asDouble()).isEqualTo(14);
        assertThat(said.path("edit").toString()).contains("14");
        assertThat(table(draft, rows,
                "{\"type\": \"chooseEnds\", \"channel\": \"elsewhere\", \"function\": 99, \"physicalFrom\": 2, \"physicalTo\": 14}")
            .status()).as("what fits nothing changes nothing").isEqualTo(200);
    }

    @Test
    void aChartIsCorrectedAppliedAndUndoneAsOneEditForEachMode() {
        var chart = given("ketch.txt", CHART).json();
        assertThat(chart.at("/open/0/place").asString()).isEqualTo("line 9");
        assertThat(chart.path("ready").asBoolean()).isFalse();
        assertThat(apply(chart, "[{\"index\": 0, \"name\": \"Full\", \"onto\": null, \"channels\": null, \"gone\": []}]").detail())
            .contains("'line 9' first");

        var ready = settled(chart);
        assertThat(ready.path("ready").asBoolean()).isTrue();
        assertThat(ready.at("/aside/0/reason").asString()).isEqualTo("not in this model");
        assertThat(apply(ready,
                "[{\"index\": 0, \"name\": \"Full\", \"onto\": null, \"channels\": null, \"gone\": []}, {\"index\": 1, \"name\": \"Short\", \"onto\": null, \"channels\": null, \"gone\": []}]")
            .status()).isEqualTo(200);

        var draft = draft();
        assertThat(draft.path("modes").findValuesAsString("name")).startsWith("Full").contains("Short");
        assertThat(draft.at("/history/0/sentence").asString()).isEqualTo("Mode 'Short' made from the chart ketch.txt: 5 channels");
        assertThat(get("/api/profiles/" + profile + "/sources").json().findValuesAsString("name")).containsExactly("ketch.txt");

        var undone = post("/api/drafts/" + draft.path("id").asString() + "/undo", "{\"version\": " + draft.path("version") + "}").json();
        assertThat(undone.path("modes")).hasSize(1);
        assertThat(undone.at("/modes/0/name").asString()).isEqualTo("Full");
    }

    @Test
    void correctionsComeOneAfterTheOtherAndAreTakenBack() {
        var chart = given("ketch.txt", CHART).json();

        var chosen = correct(chart, "{\"type\": \"chooseAttribute\", \"channel\": \"line 8\", \"attribute\": \"Focus1\"}").json();
        assertThat(chosen.at("/modes/1/channels/4/attribute").asString()).isEqualTo("Focus1");
        assertThat(correct(chart, "{\"type\": \"settle\", \"channel\": \"line 8\"}").status()).as("upon the version before").isEqualTo(409);

        var undone = post("/api/charts/" + chart.path("id").asString() + "/undo", "{\"version\": " + chosen.path("version") + "}").json();
        assertThat(undone.at("/modes/1/channels/4/attribute").asString()).isEqualTo("Zoom");
        assertThat(undone.path("canUndo").asBoolean()).isFalse();
    }

    @Test
    void aNewerChartShowsItsDifferenceAndChangesWhatIsAccepted() {
        var ready = settled(given("ketch.txt", CHART).json());
        apply(ready, "[{\"index\": 0, \"name\": \"Full\", \"onto\": null, \"channels\": null, \"gone\": []}]");

        var newer = settled(
                given("ketch 2.txt", CHART.replace("Narrow to wide", "6° to 42°").replace("10-255\tReeds", "10-255\tRipples")).json());
        int mode = newer.at("/modes/0/suggested").asInt();
        var differences = get("/api/charts/" + newer.path("id").asString() + "/difference?index=0&mode=" + mode).json();
        assertThat(differences.values().stream().filter(each -> !each.path("says").isEmpty()).map(each -> each.path("called").asString()))
            .containsExactly("5 Gobo 1", "6 Zoom");

        assertThat(apply(newer, "[{\"index\": 0, \"name\": \"Full\", \"onto\": " + mode + ", \"channels\": [\"line 8\"], \"gone\": []}]")
            .status()).isEqualTo(200);
        var map = draft().path("map").path("channels");
        assertThat(map.get(4).at("/functions/0/physicalTo/value").asDouble()).isEqualTo(42);
        assertThat(map.get(3).at("/functions/0/ranges/1/name").asString()).as("was not accepted").isEqualTo("Reeds");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "chooseAttribute | \"channel\": \"line 8\", \"attribute\": \"Nonsense\" | The standard has no attribute 'Nonsense'.",
            "chooseAddresses | \"channel\": \"line 8\", \"mode\": 0, \"addresses\": [0] | different addresses from 1 to 512",
            "chooseAddresses | \"channel\": \"line 8\", \"mode\": 0, \"addresses\": [4, 4] | different addresses from 1 to 512",
            "placeLine | \"line\": \"line 9\", \"channel\": \"line 8\", \"values\": \"many\", \"words\": \"x\" | 'many' are no values",
            "makeChannel | \"line\": \"line 9\", \"mode\": 0, \"addresses\": [7], \"words\": \" \" | Say what the chart calls this channel."})
    void aCorrectionThatCannotBeIsRefusedInWords(String type, String rest, String says) {
        var chart = given("ketch.txt", CHART).json();

        var refused = correct(chart, "{\"type\": \"" + type + "\", " + rest + "}");

        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.detail()).contains(says);
        assertThat(get("/api/charts/" + chart.path("id").asString()).json().path("version").asInt()).isZero();
    }

    @Test
    void whatIsNoChartIsRefusedAndNothingIsKept() {
        assertThat(pasted("Dear colleague,\nthe fixture is in the store.\n").detail()).contains("No channel was found");
        assertThat(pasted("   ").detail()).contains("Paste the chart's text first");
        assertThat(given("a.pdf", "%PDF-1.4 cut short").detail()).contains("cut short or damaged");
        assertThat(given("a.txt", "").status()).isEqualTo(422);
        assertThat(get("/api/profiles/" + profile + "/charts").json()).isEmpty();
    }

    @Test
    void addressesThatLieOverEachOtherAreSaidWhenItIsApplied() {
        var chart = pasted("1\tDimmer\t0-255\n1\tZoom\t0-255\n2\tIris\t0-255\n3\tFrost\t0-255\n").json();

        var refused = apply(chart, "[{\"index\": 0, \"name\": \"Twice\", \"onto\": null, \"channels\": null, \"gone\": []}]");

        assertThat(refused.detail()).contains("would both stand on address 1");
        assertThat(draft().path("modes")).isEmpty();
    }

    @Test
    void aChartGoesWithItsProfile() {
        var chart = given("ketch.txt", CHART).json();
        var draft = draft();

        assertThat(post("/api/drafts/" + draft.path("id").asString() + "/discard", "{\"version\": " + draft.path("version") + "}").status())
            .isEqualTo(204);

        assertThat(get("/api/charts/" + chart.path("id").asString()).status()).isEqualTo(404);
    }
}
