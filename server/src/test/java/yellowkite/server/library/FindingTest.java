package yellowkite.server.library;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.server.RunningKite.get;
import static yellowkite.server.RunningKite.post;
import static yellowkite.server.RunningKite.put;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.demo.DemoHouse;
import yellowkite.server.RunningKite;

class FindingTest {
    private static String takeIn(GdtfFile like, String manufacturer, String name) {
        var fixture = RunningKite.fresh(like);
        return RunningKite.takeIn(new GdtfFile(GdtfDescription.of(fixture.description().type().with(f -> {
            f.manufacturer = manufacturer;
            f.name = name;
        })), fixture.others()));
    }

    private static JsonNode find(String search, String more) {
        return get("/api/library?search=" + URLEncoder.encode(search, StandardCharsets.UTF_8) + more).json();
    }

    private static List<String> names(JsonNode library) {
        return library.path("profiles").values().stream().map(each -> each.path("name").asString()).toList();
    }

    @Test
    void whatChangesIsFoundAtOnceByTheNextSearch() {
        var id = takeIn(DemoHouse.moth(), "Watercress", "Bank");
        assertThat(names(find("watrecress", ""))).containsExactly("Bank");
        put("/api/profiles/" + id + "/tags", "{\"version\": 0, \"tags\": \"riverside\", \"otherNames\": \"Burrow\"}");
        assertThat(names(find("riverside", ""))).containsExactly("Bank");
        assertThat(names(find("burrow", ""))).containsExactly("Bank");
        post("/api/profiles/" + id + "/revisions/1/withdraw", "{\"why\": \"wrong fixture\"}");
        assertThat(names(find("watercress", "&state=WITHDRAWN"))).containsExactly("Bank");
        post("/api/manufacturer/merge", "{\"name\": \"Watercress\", \"into\": \"Tidewick\"}");
        assertThat(names(find("tidewick bank", ""))).contains("Bank");
    }

    @Test
    void aListIsReadPieceByPiece() {
        for (var name : List.of("Alder", "Birch", "Cedar", "Dogwood")) {
            takeIn(DemoHouse.moth(), "Coppice", name);
        }
        var piece = find("", "&manufacturer=Coppice&offset=1&limit=2");
        assertThat(names(piece)).containsExactly("Birch", "Cedar");
        assertThat(piece.path("found").asInt()).isEqualTo(4);
        assertThat(piece.at("/profiles/0/modes/0/name").asString()).isEqualTo("Nine");
        assertThat(piece.at("/profiles/0/picture").asString()).startsWith("/api/media/").endsWith("?side=96");
        assertThat(get("/api/library/next?manufacturer=Coppice&after=0&letters=d").json().path("index").asInt()).isEqualTo(3);
        assertThat(names(find("", "&manufacturer=Coppice&offset=99999&limit=-3"))).isEmpty();
    }

    @Test
    void narrowingIsPartOfTheAddress() {
        takeIn(DemoHouse.reedline10(), "Withy, Son & Co", "Ten");
        takeIn(DemoHouse.moth(), "Withy, Son & Co", "Bulb");
        assertThat(names(find("", "&manufacturer=Withy%2C%20Son%20%26%20Co&cells=true"))).containsExactly("Ten");
        assertThat(names(find("", "&manufacturer=Withy%2C%20Son%20%26%20Co&footprintFrom=9&footprintTo=9"))).containsExactly("Bulb");
        assertThat(names(find("", "&manufacturer=Withy%2C%20Son%20%26%20Co&attribute=CTC"))).containsExactly("Bulb");
        assertThat(names(find("", "&manufacturer=Withy%2C%20Son%20%26%20Co&shelf=REFERENCE"))).isEmpty();
        assertThat(names(find("", "&manufacturer=Withy%2C%20Son%20%26%20Co&since=2026-01-01&order=NEWEST"))).containsExactly("Bulb", "Ten");
        assertThat(get("/api/library?shelf=ATTIC").status()).isEqualTo(400);
    }

    @Test
    void searchesAreKeptUnderANameUntilTheyAreForgotten() {
        var kept = post("/api/searches", "{\"name\": \"Bank fixtures\", \"search\": \"search=bank&cells=true\"}").json();
        var mine = kept.values().stream().filter(each -> each.path("name").asString().equals("Bank fixtures")).findFirst().orElseThrow();
        assertThat(mine.path("search").asString()).isEqualTo("search=bank&cells=true");
        RunningKite.delete("/api/searches/" + mine.path("id").asString());
        assertThat(get("/api/searches").json().findValuesAsString("name")).doesNotContain("Bank fixtures");
        assertThat(post("/api/searches", "{\"name\": \" \", \"search\": \"\"}").status()).isEqualTo(422);
    }
}
