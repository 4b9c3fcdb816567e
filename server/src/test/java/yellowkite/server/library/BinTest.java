package yellowkite.server.library;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.server.RunningKite.found;
import static yellowkite.server.RunningKite.get;
import static yellowkite.server.RunningKite.post;

import java.time.LocalDateTime;
import java.time.ZoneOffset;
import org.junit.jupiter.api.Test;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.demo.DemoHouse;
import yellowkite.server.RunningKite;
import yellowkite.server.RunningKite.Answer;

class BinTest {
    private static GdtfFile fixture(String name) {
        var fixture = RunningKite.fresh(DemoHouse.moth());
        return new GdtfFile(GdtfDescription.of(fixture.description().type().with(f -> {
            f.manufacturer = "Bargepole Hut";
            f.name = name;
        })), fixture.others());
    }

    private static Answer bin(String id) {
        return post("/api/bin", "{\"profiles\": [\"" + id + "\"]}");
    }

    private static boolean isInBin(String id) {
        return get("/api/bin").json().findValuesAsString("id").contains(id);
    }

    private static LocalDateTime inDays(int days) {
        return LocalDateTime.now(ZoneOffset.UTC).plusDays(days);
    }

    @Test
    void whatIsThrownAwayIsOutOfTheListsAndComesBack() {
        var id = RunningKite.takeIn(fixture("Wigeon"));

        assertThat(bin(id).status()).isEqualTo(204);

        assertThat(found("bargepole wigeon")).isZero();
        assertThat(isInBin(id)).isTrue();
        assertThat(get("/api/profiles/" + id).json().path("binned").asBoolean()).as("it stays readable").isTrue();
        assertThat(post("/api/profiles/" + id + "/draft", "{}").detail()).contains("is in the bin");
        post("/api/bin/restore", "{\"profiles\": [\"" + id + "\"]}");
        assertThat(found("bargepole wigeon")).isEqualTo(1);
        assertThat(isInBin(id)).isFalse();
    }

    @Test
    void afterThirtyDaysItIsGoneForGood() {
        var id = RunningKite.takeIn(fixture("Garganey"));
        bin(id);
        var keeper = RunningKite.part(Bin.class);

        keeper.empty(inDays(29));
        assertThat(isInBin(id)).isTrue();
        keeper.empty(inDays(31));

        assertThat(isInBin(id)).isFalse();
        assertThat(get("/api/profiles/" + id).status()).isEqualTo(404);
    }

    @Test
    void whatOthersStandOnStays() {
        var id = RunningKite.takeIn(fixture("Tallowdip"));
        post("/api/profiles",
                "{\"manufacturer\": \"Bargepole Hut\", \"name\": \"Tallowdip twin\", \"copyOf\": \"" + id + "\", \"copyRevision\": 1}");
        bin(id);

        RunningKite.part(Bin.class).empty(inDays(400));

        assertThat(isInBin(id)).isTrue();
        assertThat(get("/api/bin").json()
            .values()
            .stream()
            .filter(each -> each.path("id").asString().equals(id))
            .findFirst()
            .orElseThrow()
            .path("kept")
            .asBoolean()).isTrue();
    }

    @Test
    void aFileThatComesInAgainTakesItsProfileOut() {
        var fixture = fixture("Shelduck");
        var id = RunningKite.takeIn(fixture);
        bin(id);
        assertThat(RunningKite.takeIn(fixture)).isEqualTo(id);
        assertThat(isInBin(id)).isFalse();
    }

    @Test
    void aDraftThatIsUnderWayIsNotThrownAway() {
        var id = RunningKite.takeIn(fixture("Goosander"));
        var draft = post("/api/profiles/" + id + "/draft", "{}").json();
        post("/api/drafts/" + draft.path("id").asString() + "/edits",
                "{\"version\": 0, \"edit\": {\"type\": \"renameProfile\", \"to\": \"Goosander 2\"}}");
        assertThat(bin(id).detail()).contains("A draft of 'Goosander' by Ines is under way");
        assertThat(bin("nobody").status()).isEqualTo(404);
    }

    @Test
    void aMoveIsARevisionUnderTheOtherManufacturer() {
        var id = RunningKite.takeIn(fixture("Scoter"));

        var moved = post("/api/profiles/move", "{\"profiles\": [\"" + id + "\", \"nobody\"], \"manufacturer\": \"Bargepole Works\"}")
            .json();

        assertThat(moved.at("/0/moved").asBoolean()).isTrue();
        assertThat(moved.at("/1/why").asString()).contains("never published");
        assertThat(get("/api/profiles/" + id).json().path("manufacturer").asString()).isEqualTo("Bargepole Works");
        assertThat(get("/api/profiles/" + id + "/revisions").json().at("/0/summary").asString())
            .isEqualTo("Moved from Bargepole Hut to Bargepole Works");
        assertThat(get("/api/library?manufacturer=Bargepole%20Works").json().at("/profiles/0/id").asString()).isEqualTo(id);
        assertThat(post("/api/profiles/move", "{\"profiles\": [\"" + id + "\"], \"manufacturer\": \"Bargepole Works\"}").json()
            .at("/0/why")
            .asString()).contains("already");
        assertThat(post("/api/profiles/move", "{\"profiles\": [], \"manufacturer\": \" \"}").status()).isEqualTo(422);
    }
}
