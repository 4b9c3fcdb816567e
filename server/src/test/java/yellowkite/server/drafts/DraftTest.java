package yellowkite.server.drafts;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.server.RunningKite.get;
import static yellowkite.server.RunningKite.post;

import com.github.benmanes.caffeine.cache.Cache;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.Executors;
import org.jooq.DSLContext;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.demo.DemoHouse;
import yellowkite.server.RunningKite;
import yellowkite.server.tables.Tables;

class DraftTest {
    private GdtfFile imported;
    private String profile;
    private JsonNode editor;

    @BeforeEach
    void aDraftOfAFreshFixture() {
        imported = RunningKite.fresh(DemoHouse.petrelSpot());
        profile = RunningKite.takeIn(imported);
        editor = get("/api/profiles/" + profile + "/draft").json();
    }

    private String draft() {
        return "/api/drafts/" + editor.path("id").asString();
    }

    private int mode() {
        return editor.at("/modes/0/id").asInt();
    }

    private RunningKite.Answer edit(int version, String edit) {
        return post(draft() + "/edits", "{\"version\": " + version + ", \"edit\": " + edit + "}");
    }

    private JsonNode channel(JsonNode view, String attribute) {
        return view.at("/map/channels")
            .values()
            .stream()
            .filter(each -> each.path("attribute").asString().equals(attribute))
            .findFirst()
            .orElseThrow();
    }

    @Test
    void opensOnceForAProfile() {
        assertThat(get("/api/profiles/" + profile + "/draft").json().path("id")).isEqualTo(editor.path("id"));
        assertThat(get("/api/profiles/" + UUID.randomUUID() + "/draft").detail()).isEqualTo("This profile is not in the library.");
    }

    @Test
    void whoeverEditsFirstAtTheSameMomentEditsTheSameDraft() throws Exception {
        var fresh = RunningKite.takeIn(RunningKite.fresh(imported));
        var seen = get("/api/profiles/" + fresh + "/draft").json();
        var edits = "/api/drafts/" + seen.path("id").asString() + "/edits";
        List<Callable<RunningKite.Answer>> first = new ArrayList<>();
        for (var channel : seen.at("/map/channels")) {
            first.add(() -> post(edits, "{\"version\":0,\"edit\":{\"type\":\"setCare\",\"channels\":[" + channel.path("id")
                    + "],\"tint\":null,\"note\":\"Seen\"}}"));
        }
        List<Integer> versions = new ArrayList<>();
        try (var pool = Executors.newFixedThreadPool(8)) {
            for (var answer : pool.invokeAll(first)) {
                assertThat(answer.get().status()).as("%s", answer.get().json()).isEqualTo(200);
                versions.add(answer.get().json().path("version").asInt());
            }
        }

        var now = get("/api/profiles/" + fresh + "/draft").json();
        assertThat(now.path("id")).isEqualTo(seen.path("id"));
        assertThat(now.path("version").asInt()).as("nobody's first edit is lost").isEqualTo(first.size());
        assertThat(versions).doesNotHaveDuplicates();
        assertThat(now.at("/map/channels").findValuesAsString("note")).containsOnly("Seen");
    }

    @Test
    void whoOnlyLooksOpensNothing() {
        var fresh = RunningKite.takeIn(RunningKite.fresh(imported));
        var seen = get("/api/profiles/" + fresh + "/draft").json();
        var draft = "/api/drafts/" + seen.path("id").asString();

        assertThat(seen.path("version").asInt()).isZero();
        assertThat(seen.path("open").asBoolean()).isTrue();
        assertThat(get(draft).json().path("map")).isEqualTo(seen.path("map"));
        assertThat(get(draft + "/checks").status()).isEqualTo(200);
        assertThat(get(draft + "/version").json().path("version").asInt()).isZero();
        assertThat(RunningKite.part(DSLContext.class).fetchCount(Tables.DRAFT, Tables.DRAFT.PROFILE_ID.eq(fresh))).isZero();
    }

    @Test
    void whoDiscardsTakesNobodysEditAlongUnseen() throws Exception {
        for (int round = 0; round < 10; round++) {
            var fresh = RunningKite.takeIn(RunningKite.fresh(imported));
            var draft = "/api/drafts/" + get("/api/profiles/" + fresh + "/draft").json().path("id").asString();
            int seen = round % 2; // the first edit, or a later one
            if (seen == 1) {
                post(draft + "/edits", "{\"version\":0,\"edit\":{\"type\":\"setNotes\",\"to\":\"Before\"}}");
            }
            List<Callable<RunningKite.Answer>> both = List.of(() -> post(draft + "/discard", "{\"version\":" + seen + "}"),
                    () -> post(draft + "/edits", "{\"version\":" + seen + ",\"edit\":{\"type\":\"renameProfile\",\"to\":\"Now\"}}"));
            List<Integer> statuses = new ArrayList<>();
            try (var people = Executors.newFixedThreadPool(2)) {
                for (var answer : people.invokeAll(both)) {
                    statuses.add(answer.get().status());
                }
            }

            assertThat(statuses).isIn(List.of(204, 404), List.of(409, 200));
            assertThat(get("/api/profiles/" + fresh + "/draft").json().path("version").asInt())
                .isEqualTo(statuses.getFirst() == 204 ? 0 : seen + 1);
        }
    }

    @Test
    void aDraftThatWasDiscardedIsNotTheNextOne() {
        var fresh = RunningKite.takeIn(RunningKite.fresh(imported));
        var first = "/api/drafts/" + get("/api/profiles/" + fresh + "/draft").json().path("id").asString();
        post(first + "/edits", "{\"version\":0,\"edit\":{\"type\":\"setNotes\",\"to\":\"Mine\"}}");
        assertThat(post(first + "/discard", "{\"version\":1}").status()).isEqualTo(204);

        var second = get("/api/profiles/" + fresh + "/draft").json();

        assertThat(first).doesNotEndWith(second.path("id").asString());
        assertThat(second.path("notes").asString()).isEmpty();
        assertThat(post(first + "/edits", "{\"version\":1,\"edit\":{\"type\":\"setNotes\",\"to\":\"Late\"}}").status()).isEqualTo(404);
    }

    @Test
    void checksAndTheVersionAreAskedForByThemselves() {
        assertThat(get(draft() + "/version").json().path("version").asInt()).isZero();
        assertThat(get(draft() + "/checks").json().values()).extracting(each -> each.path("rule").asString()).contains("wheel-off-by-one");
        edit(0, "{\"type\": \"setChartCount\", \"mode\": " + mode() + ", \"count\": 20}");

        assertThat(get(draft() + "/version").json().path("version").asInt()).isEqualTo(1);
        assertThat(get(draft() + "/checks").json().values()).filteredOn(each -> each.path("rule").asString().equals("chart-count"))
            .extracting(each -> each.path("says").asString())
            .containsExactly("The chart has 20 addresses; the map takes 22, 2 too many.");
    }

    @Test
    void anEditIsAnsweredWithTheNewDraft() {
        var answer = edit(0, "{\"type\": \"renameMode\", \"mode\": " + mode() + ", \"to\": \"Wide open\"}");

        assertThat(answer.status()).isEqualTo(200);
        assertThat(answer.json().path("version").asInt()).isEqualTo(1);
        assertThat(answer.json().at("/map/name").asString()).isEqualTo("Wide open");
        assertThat(answer.json().at("/history/0/sentence").asString()).isEqualTo("Mode is called 'Wide open', was 'Extended'");
        assertThat(answer.json().at("/history/0/author").asString()).isEqualTo("Ines");
    }

    @Test
    void aStaleEditIsAnsweredWithWhatHappenedMeanwhile() {
        post(draft() + "/edits", "Teun", "{\"version\": 0, \"edit\": {\"type\": \"renameProfile\", \"to\": \"Spigot\"}}");

        var answer = edit(0, "{\"type\": \"renameProfile\", \"to\": \"Avocet\"}");

        assertThat(answer.status()).isEqualTo(409);
        assertThat(answer.detail())
            .startsWith("Teun has changed the facts of the fixture meanwhile: Profile is called 'Spigot', was 'Petrel Spot'.");
        assertThat(answer.json().at("/since/0/author").asString()).isEqualTo("Teun");
        assertThat(get(draft()).json().path("name").asString()).isEqualTo("Spigot");
    }

    @Test
    void anEditThatDoesNotFitIsRefusedAtItsFieldAndChangesNothing() {
        var answer = edit(0, "{\"type\": \"renameProfile\", \"to\": \"a.b\"}");

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.json().path("field").asString()).isEqualTo("to");
        assertThat(answer.detail()).startsWith("A name cannot hold '.'");
        assertThat(get(draft()).json().path("version").asInt()).isZero();
    }

    @Test
    void aRequestOfTheWrongShapeIsAProblemInWords() {
        for (var body : new String[]{"{", "[]", "{\"version\": 0}", "{\"version\": 0, \"edit\": {\"type\": \"unheard\"}}",
                "{\"version\": 0, \"edit\": {\"type\": \"renameMode\", \"to\": \"x\"}}",
                "{\"version\": 0, \"edit\": {\"type\": \"renameProfile\"}}",
                "{\"version\": 0, \"edit\": {\"type\": \"changeAddresses\", \"channel\": 1, \"addresses\": null}}"}) {
            var answer = post(draft() + "/edits", body);
            assertThat(answer.status()).as(body).isBetween(400, 422);
            assertThat(answer.detail()).as(body).isNotBlank();
        }
        assertThat(get(draft()).json().path("version").asInt()).isZero();
    }

    @Test
    void undoAndRedoAreStepsToo() {
        edit(0, "{\"type\": \"renameProfile\", \"to\": \"Ruff\"}");

        var undone = post(draft() + "/undo", "{\"version\": 1}").json();
        var redone = post(draft() + "/redo", "{\"version\": 2}").json();

        assertThat(undone.path("name").asString()).isEqualTo("Petrel Spot");
        assertThat(undone.path("canRedo").asBoolean()).isTrue();
        assertThat(redone.path("name").asString()).isEqualTo("Ruff");
        assertThat(redone.path("version").asInt()).isEqualTo(3);
        assertThat(post(draft() + "/redo", "{\"version\": 3}").detail()).isEqualTo("There is nothing to redo.");
    }

    @Test
    void readsOutWhatAChannelDoesAtTheProbe() {
        var gobo = channel(editor, "Gobo1").path("id").asInt();
        var pan = channel(editor, "Pan").path("id").asInt();

        var readout = post(draft() + "/readout",
                "{\"mode\": " + mode() + ", \"channel\": " + gobo + ", \"values\": {\"" + gobo + "\": 40, \"" + pan + "\": 65535}}")
            .json();

        assertThat(readout.path("hex").asString()).isEqualTo("0x28");
        assertThat(readout.path("range").asString()).isEqualTo("Reeds, shaking");
        assertThat(readout.at("/slot/name").asString()).isEqualTo("Open"); // the wheel is off by one
        assertThat(readout.path("physical").asString()).isEqualTo("0.4");
        assertThat(readout.at("/beam/says").values()).extracting(JsonNode::asString).contains("pan 270.0°");
        var outside = post(draft() + "/readout",
                "{\"mode\": " + mode() + ", \"channel\": " + gobo + ", \"values\": {\"" + gobo + "\": 256}}");
        assertThat(outside.detail()).isEqualTo("A value of this channel lies from 0 to 255; 256 is outside.");
    }

    @Test
    void aPublishedRevisionDiffersByTheEditAlone() {
        var closed = channel(editor, "Iris").at("/functions/0/id").asInt();
        edit(0, "{\"type\": \"setFunctionPhysical\", \"function\": " + closed + ", \"from\": 100, \"to\": 12.5}");

        var published = post(draft() + "/publish", "{\"version\": 1, \"summary\": \"Iris closes to 12.5 %\"}").json();

        assertThat(published.path("revision").asInt()).isEqualTo(2);
        var out = GdtfFile.read(get("/api/profiles/" + profile + "/revisions/2/file").body());
        var was = GdtfFile.read(imported.write()).description().type();
        var expected = was
            .mapModes(mode -> mode.name().equals("Extended") ? mode.mapChannels(channel -> !channel.attribute().equals("Iris") ? channel
                    : channel.mapFunctions(function -> function.with(f -> f.physicalTo = 12.5))) : mode);
        assertThat(out.description().type().modes()).isEqualTo(expected.modes());
        assertThat(out.description().type().wheels()).isEqualTo(expected.wheels());
        assertThat(out.description().type().revisions().getLast().text()).isEqualTo("Iris closes to 12.5 %");
        assertThat(out.others().keySet()).isEqualTo(imported.others().keySet());
        assertThat(get("/api/profiles/" + profile + "/draft").json().path("baseRevision").asInt()).isEqualTo(2);
        assertThat(edit(1, "{\"type\": \"renameProfile\", \"to\": \"Late\"}").detail()).startsWith("This draft was published meanwhile");
    }

    @Test
    void nothingIsPublishedWithoutAChangeOrALineOnIt() {
        assertThat(post(draft() + "/publish", "{\"version\": 0, \"summary\": \"x\"}").detail())
            .startsWith("Nothing has changed since revision 1");
        edit(0, "{\"type\": \"renameProfile\", \"to\": \"Stint\"}");
        assertThat(post(draft() + "/publish", "{\"version\": 1, \"summary\": \"  \"}").json().path("field").asString())
            .isEqualTo("summary");
    }

    @Test
    void everyChangeCarriesAName() {
        var answer = post(draft() + "/edits", " ", "{\"version\": 0, \"edit\": {\"type\": \"renameProfile\", \"to\": \"x\"}}");

        assertThat(answer.detail()).isEqualTo("Say who is working first: every change carries a name.");
    }

    @Test
    void noAcceptedEditIsLostWhenTheDatabaseIsKilled() throws Exception {
        edit(0, "{\"type\": \"renameProfile\", \"to\": \"Phalarope\"}");
        assertThat(edit(1, "{\"type\": \"renameProfile\", \"to\": \"Phalarope two\"}").status()).isEqualTo(200);

        ProcessHandle.of(RunningKite.database().pid()).orElseThrow().destroyForcibly(); // signal 9

        var away = get("/api/library");
        assertThat(away.status()).isEqualTo(503);
        assertThat(away.detail()).startsWith("The database does not answer just now.");
        awaitAnswer();
        // what is kept in memory proves nothing about what is stored
        var kept = Drafts.class.getDeclaredField("loaded");
        kept.setAccessible(true);
        ((Cache<?, ?>) kept.get(RunningKite.part(Drafts.class))).invalidateAll();
        var back = get(draft());
        assertThat(back.json().path("name").asString()).isEqualTo("Phalarope two");
        assertThat(back.json().path("version").asInt()).isEqualTo(2);
    }

    private RunningKite.Answer awaitAnswer() throws InterruptedException {
        for (int tried = 0; tried < 120; tried++) {
            var answer = get(draft());
            if (answer.status() == 200) {
                return answer;
            }
            Thread.sleep(250);
        }
        throw new AssertionError("the database did not come back within 30 s");
    }
}
