package yellowkite.server.library;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.server.RunningKite.get;
import static yellowkite.server.RunningKite.post;
import static yellowkite.server.RunningKite.put;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.poi.ss.usermodel.WorkbookFactory;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.demo.DemoHouse;
import yellowkite.server.RunningKite;

/** What is read of a profile: its page, its revisions, their differences, its charts. */
class ProfilePageTest {
    private GdtfFile fixture;
    private String profile;

    @BeforeEach
    void aFreshFixture() {
        fixture = RunningKite.fresh(DemoHouse.petrelSpot());
        profile = RunningKite.takeIn(fixture);
    }

    private JsonNode open(String query) {
        var draft = "/api/profiles/" + profile + "/draft" + query;
        return (query.isEmpty() ? get(draft) : post(draft, "{}")).json();
    }

    private static JsonNode rename(JsonNode draft, String to) {
        return post("/api/drafts/" + draft.path("id").asString() + "/edits",
                "{\"version\": " + draft.path("version") + ", \"edit\": {\"type\": \"renameProfile\", \"to\": \"" + to + "\"}}")
            .json();
    }

    private static RunningKite.Answer publish(JsonNode draft, String more) {
        return post("/api/drafts/" + draft.path("id").asString() + "/publish",
                "{\"version\": " + draft.path("version") + ", \"summary\": \"Next\", \"despite\": null" + more + "}");
    }

    private void publishSecond() {
        assertThat(publish(rename(open(""), "Petrel Spot II"), ", \"firmware\": \"2.14\", \"restsOn\": \"LAMP\", \"fromWhom\": \"Teun\"")
            .status()).isEqualTo(200);
    }

    private JsonNode revision(int number) {
        return get("/api/profiles/" + profile + "/revisions").json()
            .values()
            .stream()
            .filter(each -> each.path("number").asInt() == number)
            .findFirst()
            .orElseThrow();
    }

    @Test
    void aRevisionSaysWhatItRestsOnAndAnyOfThemIsRead() {
        publishSecond();

        assertThat(revision(2).at("/facts/firmware").asString()).isEqualTo("2.14");
        assertThat(revision(2).at("/facts/restsOn").asString()).isEqualTo("LAMP");
        assertThat(revision(1).at("/facts/restsOn").asString()).isEqualTo("FILE");
        assertThat(get("/api/profiles/" + profile).json().path("name").asString()).isEqualTo("Petrel Spot II");
        assertThat(get("/api/profiles/" + profile + "?revision=1").json().path("name").asString()).isEqualTo("Petrel Spot");
        assertThat(get("/api/profiles/" + profile + "?revision=3").status()).isEqualTo(404);
        assertThat(get("/api/profiles/nobody").status()).isEqualTo(404);
    }

    @Test
    void aWithdrawnRevisionStaysReadableAndWarnsUntilThatIsTakenBack() {
        var withdraw = "/api/profiles/" + profile + "/revisions/1/withdraw";

        assertThat(post(withdraw, "{\"why\": \"Iris runs backwards\"}").json().at("/0/withdrawn/why").asString())
            .isEqualTo("Iris runs backwards");

        assertThat(post(withdraw, "{\"why\": \"Again\"}").detail()).isEqualTo("Revision 1 is withdrawn already.");
        assertThat(get("/api/profiles/" + profile).json().path("withdrawn").asString()).isEqualTo("Iris runs backwards");
        assertThat(get("/api/profiles/" + profile + "/revisions/1/file").status()).isEqualTo(200);
        assertThat(post(withdraw, "{\"why\": \"\"}").json().at("/0/withdrawn").isNull()).isTrue();
        assertThat(post(withdraw, "{\"why\": \"two\\nlines\"}").status()).isEqualTo(422);
        assertThat(post(withdraw, "{\"why\": null}").status()).isEqualTo(400);
    }

    @Test
    void anOlderRevisionIsBroughtBackAsTheNewest() {
        publishSecond();
        var third = open("?revision=1");
        assertThat(third.path("baseRevision").asInt()).isEqualTo(1);

        assertThat(publish(third, "").json().path("revision").asInt()).isEqualTo(3);

        var sides = "/api/compare?left=" + profile + "&right=" + profile + "&rightRevision=3&leftRevision=";
        var sinceFirst = get(sides + 1).json().path("differences");
        assertThat(sinceFirst.size()).as("as it was, but for the file's own list of what was published").isEqualTo(1);
        assertThat(sinceFirst.at("/0/rank").asString() + ": " + sinceFirst.at("/0/says").asString())
            .isEqualTo("COSMETIC: Its revisions differ.");
        assertThat(get(sides + 2).json().at("/differences/0/kind").asString()).isEqualTo("IDENTITY");
        var open = rename(open(""), "Petrel Spot III");
        assertThat(post("/api/profiles/" + profile + "/draft?revision=2", "{}").detail()).startsWith("A draft by Ines is under way.");
        assertThat(open.path("baseRevision").asInt()).isEqualTo(3);
    }

    @Test
    void aFileIsComparedAndNotTakenIn() {
        var moved = fixture.description()
            .type()
            .mapModes(mode -> mode.mapChannels(channel -> channel.attribute().equals("Iris") ? channel.withOffsets(List.of(30)) : channel));
        var file = new GdtfFile(GdtfDescription.of(moved), fixture.others());
        int before = get("/api/library").json().path("total").asInt();

        var comparison = RunningKite.uploadOne("/api/compare/file?left=" + profile + "&leftRevision=1", "moved.gdtf", file.write()).json();

        assertThat(comparison.at("/differences/0/rank").asString()).isEqualTo("BREAKS");
        assertThat(comparison.path("differences").findValuesAsString("says")).contains("It moved from address 17 to address 30.");
        assertThat(comparison.at("/right/profileId").isNull()).isTrue();
        assertThat(get("/api/library").json().path("total").asInt()).isEqualTo(before);
        assertThat(RunningKite.uploadOne("/api/compare/file?left=" + profile + "&leftRevision=1", "x.gdtf", new byte[]{1}).detail())
            .startsWith("'x.gdtf' was refused");
    }

    @Test
    void twoModesOfOneRevisionAreCompared() {
        var modes = get("/api/compare?left=" + profile + "&leftRevision=1&right=" + profile + "&rightRevision=1&leftMode=0&rightMode=1")
            .json();

        assertThat(modes.at("/counts/BREAKS").asInt()).isPositive();
        assertThat(modes.path("differences").findValuesAsString("says")).contains("It takes 13 addresses instead of 22.");
        assertThat(get("/api/compare?left=" + profile + "&leftRevision=1&right=" + profile + "&rightRevision=1&leftMode=0&rightMode=9")
            .status()).isEqualTo(404);
    }

    @Test
    void aCopyKnowsItsOriginAndIsToldWhenThatMovesOn() {
        var copy = post("/api/profiles",
                "{\"manufacturer\": \"Tidewick\", \"name\": \"Petrel Spot of ours\", \"body\": null, \"copyOf\": \"" + profile
                        + "\", \"copyRevision\": 1, \"copyMode\": null, \"production\": null}")
            .json();
        publish(copy, "");
        publishSecond();

        var page = get("/api/profiles/" + copy.path("profileId").asString()).json();

        assertThat(page.at("/origin/number").asInt()).isEqualTo(1);
        assertThat(page.at("/origin/newest").asInt()).isEqualTo(2);
        assertThat(get("/api/profiles/" + profile).json().at("/uses/0/name").asString()).isEqualTo("Tidewick Petrel Spot of ours");
    }

    @Test
    void tagsAndOtherNamesAreFoundAndDoNotOverwriteEachOther() {
        var tags = "/api/profiles/" + profile + "/tags";

        assertThat(put(tags, "{\"version\": 0, \"tags\": \"quay\", \"otherNames\": \"Zwaluw 7\"}").json().path("version").asInt())
            .isEqualTo(1);

        assertThat(get("/api/library?search=zwaluw").json().path("found").asInt()).isEqualTo(1);
        assertThat(put(tags, "{\"version\": 0, \"tags\": \"late\", \"otherNames\": \"\"}").status()).isEqualTo(409);
        assertThat(
                put(tags, "{\"version\": 1, \"tags\": \"" + "x".repeat(301) + "\", \"otherNames\": \"\"}").json().path("field").asString())
            .isEqualTo("tags");
        assertThat(put("/api/profiles/nobody/tags", "{\"version\": 0, \"tags\": \"\", \"otherNames\": \"\"}").status()).isEqualTo(404);
    }

    @Test
    void aModeGoesOntoPaperWithAllItsChannels() throws IOException {
        var pdf = get("/api/profiles/" + profile + "/revisions/1/modes/0/chart.pdf");

        try (var document = Loader.loadPDF(pdf.body())) {
            var text = new PDFTextStripper().getText(document);
            assertThat(text).contains("Tidewick Petrel Spot", "Extended: 22 addresses", "Gobo 1", "Lock gate, shaking", "Reset position",
                    "revision 1 of");
            assertThat(document.getNumberOfPages()).isBetween(2, 4);
        }
    }

    @Test
    void aModeGoesOutAsTables() throws IOException {
        var sheet = "/api/profiles/" + profile + "/revisions/1/modes/0/chart.";

        var csv = new String(get(sheet + "csv").body(), StandardCharsets.UTF_8);
        assertThat(csv.lines().skip(1).findFirst()).contains("1–2,Pan,Yoke,16,32768,Pan,0,65535,,,-270 ° to 270 °,");
        try (var book = WorkbookFactory.create(new ByteArrayInputStream(get(sheet + "xlsx").body()))) {
            assertThat(book.getSheetAt(0).getSheetName()).isEqualTo("Extended");
            assertThat(book.getSheetAt(0).getRow(1).getCell(7).getNumericCellValue()).isEqualTo(65535);
            assertThat(book.getSheetAt(0).getLastRowNum()).isEqualTo((int) csv.lines().count() - 1);
        }
    }

    @Test
    void aNameFromAFileIsNoFormulaInATable() {
        var sly = new GdtfFile(
                GdtfDescription.of(fixture.description()
                    .type()
                    .mapModes(mode -> mode.mapChannels(
                            channel -> channel.mapFunctions(function -> function.mapRanges(range -> range.withName("=HYPERLINK(0)")))))),
                fixture.others());
        var id = RunningKite.takeIn(RunningKite.fresh(sly));

        assertThat(new String(get("/api/profiles/" + id + "/revisions/1/modes/0/chart.csv").body(), StandardCharsets.UTF_8))
            .contains(",'=HYPERLINK(0),")
            .doesNotContain(",=HYPERLINK");
    }

    @ParameterizedTest
    @ValueSource(strings = {"modes/9", "modes/-1", "modes/9/chart.pdf", "modes/9/chart.csv", "modes/9/chart.xlsx"})
    void aModeThatIsNotThereIsSaidSo(String path) {
        assertThat(get("/api/profiles/" + profile + "/revisions/1/" + path).status()).isEqualTo(404);
    }

    @Test
    void theCodeLeadsBackToThePage() {
        assertThat(new String(get("/api/profiles/" + profile + "/code.svg").body(), StandardCharsets.UTF_8)).startsWith("<svg")
            .contains("<path");
        assertThat(get("/profile/" + profile).status()).isEqualTo(200);
    }
}
