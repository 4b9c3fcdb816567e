package yellowkite.server.library;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.server.RunningKite.found;
import static yellowkite.server.RunningKite.get;
import static yellowkite.server.RunningKite.post;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.zip.ZipInputStream;
import org.junit.jupiter.api.Test;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.demo.DemoHouse;
import yellowkite.server.RunningKite;

/** Keeping the library in order: manufacturers spelled differently, and many files at once. */
class HousekeepingTest {
    private static GdtfFile of(String manufacturer, String name) {
        var fresh = RunningKite.fresh(DemoHouse.moth());
        return new GdtfFile(GdtfDescription.of(fresh.description().type().with(f -> {
            f.manufacturer = manufacturer;
            f.name = name;
        })), fresh.others());
    }

    private static RunningKite.Answer merge(String name, String into) {
        return post("/api/manufacturer/merge", "{\"name\": \"" + name + "\", \"into\": \"" + into + "\"}");
    }

    @Test
    void anotherSpellingBecomesPartOfAMakerForGood() {
        RunningKite.takeIn(of("Kingcup & Co", "Quay"));
        RunningKite.takeIn(of("Kingcup and Co", "Pier"));

        var merged = merge("Kingcup and Co", "Kingcup & Co").json();

        assertThat(merged.path("moved").asInt()).isEqualTo(1);
        assertThat(merged.at("/manufacturer/spellings/0").asString()).isEqualTo("Kingcup and Co");
        RunningKite.takeIn(of("Kingcup and Co", "Jetty"));
        var library = get("/api/library?search=kingcup").json();
        assertThat(library.path("profiles").findValuesAsString("name")).contains("Quay", "Pier", "Jetty");
        assertThat(library.at("/left/manufacturers").propertyNames()).containsExactly("Kingcup & Co");
        assertThat(merge("Kingcup and Co", "Kingcup & Co").status()).isEqualTo(404);
        assertThat(merge("Kingcup & Co", "Kingcup & Co").status()).isEqualTo(422);
        assertThat(merge("Kingcup & Co", "Nobody").status()).isEqualTo(404);
    }

    @Test
    void manufacturersThatDifferInALetterAreTwoAndASpellingCanBeCorrected() {
        var wrong = RunningKite.takeIn(of("osier & vane works", "Withy"));
        RunningKite.takeIn(of("Élan Boats", "Punt"));
        RunningKite.takeIn(of("Elan Boats", "Punt"));

        post("/api/profiles/move", "{\"profiles\": [\"" + wrong + "\"], \"manufacturer\": \"Osier & Vane Works\"}");

        assertThat(get("/api/profiles/" + wrong).json().path("manufacturer").asString()).isEqualTo("Osier & Vane Works");
        assertThat(get("/api/library?search=withy").json().at("/profiles/0/manufacturer").asString()).isEqualTo("Osier & Vane Works");
        assertThat(get("/api/library?manufacturer=%C3%89lan%20Boats").json().path("found").asInt()).isEqualTo(1);
        assertThat(get("/api/library?manufacturer=Elan%20Boats").json().path("found").asInt()).isEqualTo(1);
    }

    @Test
    void aFixtureIsFoundByWhatItsPaperSays() {
        RunningKite.takeIn(of("Heron Works", "Shallow"));

        assertThat(found("heron 9 channels")).isEqualTo(1);
        assertThat(found("heron 10 channels")).isZero();
        assertThat(found("heron 16 bit dimmer")).isZero();
        var spot = RunningKite.fresh(DemoHouse.petrelSpot());
        RunningKite.takeIn(new GdtfFile(GdtfDescription.of(spot.description().type().with(f -> f.manufacturer = "Egret")), spot.others()));
        assertThat(found("egret 16 bit pan, 22 ch")).isEqualTo(1);
        assertThat(found("egret pan 24 bit")).isZero();
        assertThat(found("heron uv")).isEqualTo(1);
    }

    @Test
    void placeholdersStandApart() {
        var fixture = of("Hassock Works", "Reserved");
        RunningKite.takeIn(new GdtfFile(GdtfDescription.of(fixture.description()
            .type()
            .mapModes(mode -> mode.mapChannels(channel -> channel.mapLogicalChannels(logical -> logical.withAttribute("NoFeature"))
                .mapFunctions(function -> function.with(f -> f.attribute = "NoFeature"))))), fixture.others()));
        RunningKite.takeIn(of("Hassock Works", "Written"));

        var library = get("/api/library?search=hassock").json();

        assertThat(library.path("profiles").findValuesAsString("name")).contains("Written", "Reserved");
        assertThat(library.at("/sections/1").toString()).isEqualTo("{\"kind\":\"PLACEHOLDER\",\"from\":1,\"count\":1}");
        assertThat(library.at("/profiles/1/name").asString()).isEqualTo("Reserved");
    }

    @Test
    void fixturesOfOneMapUnderTwoNamesArePointedOut() {
        var spot = RunningKite.fresh(DemoHouse.petrelSpot());
        var moved = new GdtfFile(
                GdtfDescription.of(spot.description()
                    .type()
                    .mapModes(mode -> mode
                        .mapChannels(channel -> channel.attribute().equals("Iris") ? channel.withOffsets(List.of(77)) : channel))),
                spot.others());
        var first = RunningKite.takeIn(RunningKite.fresh(moved));
        var twin = RunningKite.takeIn(RunningKite.fresh(moved));

        var alike = get("/api/profiles/" + first).json().path("sameMaps");

        assertThat(alike.values()
            .stream()
            .filter(each -> each.path("own").asString().equals("Extended"))
            .map(each -> each.path("profileId").asString()))
            .as("the mode with the moved iris is like that of its twin, and like no other")
            .containsExactly(twin);
    }

    @Test
    void profilesGoOutTogetherEachAsItsOwnFile() throws IOException {
        var ids = List.of(RunningKite.takeIn(of("Lumbrook", "Twin")), RunningKite.takeIn(of("Lumbrook", "Twin")));

        var zip = get("/api/export.zip?profile=" + String.join("&profile=", ids));

        var names = new ArrayList<String>();
        try (var in = new ZipInputStream(new ByteArrayInputStream(zip.body()))) {
            for (var entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                names.add(entry.getName());
                assertThat(GdtfFile.read(in.readAllBytes()).description().type().name()).isEqualTo("Twin");
            }
        }
        assertThat(names).containsExactly("Lumbrook@Twin@revision 1.gdtf", "Lumbrook@Twin@revision 1 (2).gdtf");
        assertThat(get("/api/export.zip?profile=nobody").status()).isEqualTo(404);
        assertThat(get("/api/export.zip?profile=" + "x&profile=".repeat(151)).status()).isEqualTo(422);
        assertThat(get("/api/export.zip").status()).isEqualTo(400);
    }
}
