package yellowkite.server.compare;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.core.build.ModeBuilder.at;
import static yellowkite.core.build.ProfileBuilder.part;
import static yellowkite.core.build.ProfileBuilder.profile;
import static yellowkite.server.RunningKite.get;
import static yellowkite.server.RunningKite.uploadOne;

import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry.Kind;
import yellowkite.demo.DemoHouse;
import yellowkite.server.RunningKite;

class CompareTest {
    private final String id = UUID.randomUUID().toString().toUpperCase(Locale.ROOT);

    /** Two channels; the second revision has its dimmer one address on. */
    private FixtureType lantern(int dimmerAt) {
        return profile("Bargepole Signs", "Bittern lantern").id(id)
            .body(part(Kind.Beam, "Beam"))
            .mode("Main", "Beam", mode -> mode
                .channel("Dimmer", "Beam", at(dimmerAt), channel -> channel.function("Dim", 0, f -> f.range("All", 0)))
                .channel("Zoom", "Beam", at(5), channel -> channel.function("Zoom", 0, f -> f.range("All", 0))))
            .build();
    }

    private static byte[] file(FixtureType type) {
        return new GdtfFile(GdtfDescription.of(type), Map.of()).write();
    }

    private static List<String> ranks(JsonNode comparison) {
        return comparison.path("differences").values().stream().map(each -> each.path("rank").asString()).toList();
    }

    private String twoRevisions() {
        var profile = RunningKite.upload(Map.of("one.gdtf", file(lantern(1)))).json().at("/0/accepted/profileId").asString();
        RunningKite.upload("?same=NEXT", Map.of("two.gdtf", file(lantern(2))));
        return profile;
    }

    @Test
    void twoRevisionsWithWhatEachDifferenceDoesAndTheRowsThatItIsAbout() {
        var profile = twoRevisions();

        var comparison = get("/api/compare?left=" + profile + "&leftRevision=1&right=" + profile + "&rightRevision=2").json();

        assertThat(ranks(comparison)).contains("BREAKS");
        assertThat(comparison.path("leftLines").size()).as("the dimmer, not the zoom").isEqualTo(1);
        assertThat(comparison.at("/left/revision").asInt()).isEqualTo(1);
        assertThat(comparison.at("/right/revision").asInt()).isEqualTo(2);
        assertThat(comparison.at("/counts/BREAKS").asInt()).isPositive();
    }

    @Test
    void aRevisionAndItselfDifferInNothing() {
        var profile = twoRevisions();

        var comparison = get("/api/compare?left=" + profile + "&leftRevision=1&right=" + profile + "&rightRevision=1").json();

        assertThat(comparison.path("differences")).isEmpty();
        assertThat(comparison.path("leftLines").size()).isZero();
    }

    @Test
    void aFileIsLookedAtAndForgotten() {
        var profile = twoRevisions();

        var comparison = uploadOne("/api/compare/file?left=" + profile + "&leftRevision=1", "dropped.gdtf", file(lantern(3))).json();

        assertThat(ranks(comparison)).contains("BREAKS");
        assertThat(comparison.at("/right/revision").isNull()).isTrue();
        assertThat(comparison.at("/right/note").asString()).isEqualTo("dropped.gdtf");
        assertThat(get("/api/profiles/" + profile + "/revisions").json().size()).isEqualTo(2);
    }

    @Test
    void whatIsNotThereOrNoFileIsSaid() {
        var profile = twoRevisions();
        var one = "/api/compare?left=" + profile + "&leftRevision=1&right=" + profile;

        assertThat(get(one + "&rightRevision=7").detail()).isEqualTo("This profile has no revision 7.");
        assertThat(get(one + "&rightRevision=2&leftMode=0&rightMode=4").detail()).isEqualTo("'Bittern lantern' has no mode 4.");
        assertThat(get("/api/compare?left=nobody&leftRevision=1&right=nobody&rightRevision=1").status()).isEqualTo(404);
        assertThat(uploadOne("/api/compare/file?left=" + profile + "&leftRevision=1", "note.txt", "hello".getBytes(StandardCharsets.UTF_8))
            .detail())
            .isEqualTo("'note.txt' was refused: it is not a ZIP archive, as it has to be.");
    }

    @Test
    void anotherPictureOfASlotIsShownOnBothSides() {
        var fixture = RunningKite.fresh(DemoHouse.petrelSpot());
        var profile = RunningKite.takeIn(fixture);
        var others = new LinkedHashMap<>(fixture.others());
        var wheels = others.keySet().stream().filter(path -> path.startsWith("wheels/")).toList();
        others.put(wheels.get(0), fixture.others().get(wheels.get(1)));
        var changed = new GdtfFile(fixture.description(), others).write();

        var comparison = uploadOne("/api/compare/file?left=" + profile + "&leftRevision=1", "gobo.gdtf", changed).json();

        var content = comparison.path("differences")
            .values()
            .stream()
            .filter(each -> each.path("kind").asString().equals("SLOT_CONTENT"))
            .findFirst()
            .orElseThrow();
        assertThat(content.toString()).contains("/api/media/").contains("data:image/png;base64,");
    }
}
