package yellowkite.server.drafts;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.server.RunningKite.get;
import static yellowkite.server.RunningKite.post;

import java.util.Locale;
import java.util.Map;
import java.util.UUID;
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

    private static RunningKite.Answer edit(JsonNode desk, String edit) {
        return post("/api/drafts/" + desk.path("id").asString() + "/edits", "{\"version\": " + desk.path("version") + ", \"edit\": " + edit + "}");
    }

    private static RunningKite.Answer publish(JsonNode desk, String despite) {
        return post("/api/drafts/" + desk.path("id").asString() + "/publish", "{\"version\": " + desk.path("version") + ", \"summary\": \"First\", \"despite\": " + despite + "}");
    }

    @Test
    void aProfileFromAnEmptyPageStandsInTheLibraryBeforeItIsPublished() {
        var desk = begun("Plover");

        assertThat(desk.path("baseRevision").asInt()).isZero();
        assertThat(desk.path("canUndo").asBoolean()).as("a beginning is not undone").isFalse();
        assertThat(get("/api/library?search=Plover").json().at("/makers/0/profiles/0/revision").asInt()).isZero();
        var moded = edit(desk, "{\"type\": \"addMode\", \"name\": \"One\"}").json();
        assertThat(publish(moded, "null").json().path("revision").asInt()).isEqualTo(1);
        assertThat(get("/api/library?search=Plover").json().at("/makers/0/profiles/0/modes/0/name").asString()).isEqualTo("One");
    }

    @Test
    void aCopyKeepsPicturesAndOneModeAndStandsOnItsOwn() {
        var file = DemoHouse.petrelSpot();
        var imported = new GdtfFile(GdtfDescription.of(file.description().type().with(f -> f.fixtureTypeId = UUID.randomUUID().toString().toUpperCase(Locale.ROOT))), file.others());
        var source = RunningKite.upload(Map.of("lamp.gdtf", imported.write())).json().at("/0/accepted/profileId").asString();

        var copy = post("/api/profiles", "{\"manufacturer\": \"Tidewick\", \"name\": \"Whimbrel\", \"body\": null, \"copyOf\": \"" + source + "\", \"copyRevision\": 1, \"copyMode\": \"Compact\"}").json();

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
        assertThat(edit(begun("Stint"), "{\"type\": \"begin\", \"manufacturer\": \"A\", \"name\": \"B\", \"id\": \"C\", \"body\": \"FIXED\"}").detail()).isEqualTo("A profile begins once.");
    }

    @Test
    void errorsArePublishedOnlyWithAReason() {
        var desk = edit(begun("Knot"), "{\"type\": \"addMode\", \"name\": \"One\"}").json();
        int mode = desk.at("/modes/0/id").asInt();
        var two = edit(desk, "{\"type\": \"addChannels\", \"mode\": " + mode + ", \"at\": null, \"channels\": [{\"attribute\": \"Zoom\", \"words\": \"\", \"bytes\": 1, \"geometry\": null, \"addresses\": null},"
                + "{\"attribute\": \"Iris\", \"words\": \"\", \"bytes\": 1, \"geometry\": null, \"addresses\": null}]}").json();
        var overlapping = edit(two, "{\"type\": \"changeAddresses\", \"channel\": " + two.at("/map/channels/1/id") + ", \"addresses\": [1]}").json();

        assertThat(publish(overlapping, "null").json().path("field").asString()).isEqualTo("despite");
        assertThat(publish(overlapping, "\"The maker's own chart overlaps\"").status()).isEqualTo(200);
        assertThat(get("/api/profiles/" + overlapping.path("profileId").asString() + "/revisions").json().at("/0/despite").asString()).isEqualTo("The maker's own chart overlaps");
    }

    @Test
    void theHistoryLeadsToAnyPointAndThrowingAwayForgetsTheProfile() {
        var desk = begun("Ruff");
        for (var name : new String[] {"One", "Two", "Three"}) {
            desk = edit(desk, "{\"type\": \"addMode\", \"name\": \"" + name + "\"}").json();
        }
        var draft = "/api/drafts/" + desk.path("id").asString();

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
    void wordsFindAttributesAndMakersThatAreNearlyThatArePointedOut() {
        var desk = edit(begun("Dotterel"), "{\"type\": \"addMode\", \"name\": \"One\"}").json();
        var draft = "/api/drafts/" + desk.path("id").asString();
        int mode = desk.at("/modes/0/id").asInt();

        assertThat(get(draft + "/attributes?mode=" + mode + "&words=green").json().at("/0/name").asString()).isEqualTo("ColorAdd_G");
        assertThat(get(draft + "/attributes?mode=" + mode + "&words=green&group=Beam").json().size()).isZero();
        assertThat(post(draft + "/chart", "{\"mode\": " + mode + ", \"text\": \"pan, pan fine, marmalade\"}").json().at("/0/bytes").asInt()).isEqualTo(2);
        assertThat(get("/api/manufacturers?name=Tide+Wick").json().at("/0/near").asBoolean()).isTrue();
    }
}
