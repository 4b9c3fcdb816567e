package yellowkite.server.library;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.server.RunningKite.found;
import static yellowkite.server.RunningKite.get;
import static yellowkite.server.RunningKite.post;

import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.demo.DemoHouse;
import yellowkite.server.RunningKite.Answer;
import yellowkite.server.RunningKite;
import yellowkite.server.database.Transactions;

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

    /** The house is looked after for two days, up to that one. */
    private static void watch(int day) {
        for (int each = day - 2; each <= day; each++) {
            RunningKite.part(Bin.class).empty(inDays(each));
        }
    }

    private static String draft(String id) {
        return "/api/drafts/" + get("/api/profiles/" + id + "/draft").json().path("id").asString();
    }

    private static Answer rename(String draft, int version) {
        return post(draft + "/edits", "{\"version\": " + version + ", \"edit\": {\"type\": \"renameProfile\", \"to\": \"Other\"}}");
    }

    @Test
    void aDraftThatWasOnlyOpenedGoesAlongAndTakesNoMoreWork() {
        var id = RunningKite.takeIn(fixture("Skiff"));
        var open = draft(id);

        assertThat(bin(id).status()).isEqualTo(204);

        assertThat(rename(open, 0).status()).as("nothing is accepted that would be deleted with the profile").isEqualTo(404);
        assertThat(post(open + "/publish", "{\"version\": 0, \"summary\": \"x\", \"despite\": \"x\"}").status())
            .isGreaterThanOrEqualTo(400);
        post("/api/bin/restore", "{\"profiles\": [\"" + id + "\"]}");
        assertThat(rename(draft(id), 0).status()).isEqualTo(200);
    }

    @Test
    void whoeverIsFasterTheBinNeverHoldsEditedWork() throws Exception {
        for (int round = 0; round < 10; round++) {
            var id = RunningKite.takeIn(fixture("Punt " + round));
            var open = draft(id);
            List<Callable<Answer>> both = List.of(() -> bin(id), () -> rename(open, 0));
            List<Integer> statuses;
            try (var people = Executors.newFixedThreadPool(2)) {
                statuses = people.invokeAll(both).stream().map(BinTest::status).toList();
            }
            assertThat(statuses).isIn(List.of(204, 404), List.of(204, 422), List.of(422, 200));
            assertThat(isInBin(id)).isEqualTo(statuses.getFirst() == 204);
        }
    }

    @Test
    void whoeverIsFasterWhatIsOpenedIsNotInTheBin() throws Exception {
        for (int round = 0; round < 10; round++) {
            var id = RunningKite.takeIn(fixture("Smew " + round));
            List<Callable<Answer>> both = List.of(() -> bin(id), () -> post("/api/profiles/" + id + "/draft?revision=1", "{}"));
            try (var people = Executors.newFixedThreadPool(2)) {
                people.invokeAll(both).forEach(BinTest::status);
            }
            assertThat(get("/api/bin").json().findValuesAsString("id")).contains(id);
            assertThat(get("/api/profiles/" + id + "/draft").detail()).contains("is in the bin");
        }
    }

    private static int status(Future<Answer> answer) {
        try {
            return answer.get().status();
        } catch (Exception failed) {
            throw new AssertionError(failed);
        }
    }

    @Test
    void whatIsRestoredOrCopiedAtTheLastMomentStays() {
        var id = RunningKite.takeIn(fixture("Pochard"));
        bin(id);
        watch(29);
        var rows = RunningKite.part(BinRepository.class);
        var transactions = RunningKite.part(Transactions.class);
        assertThat(rows.due(inDays(5))).contains(id);

        post("/api/bin/restore", "{\"profiles\": [\"" + id + "\"]}");

        assertThat(transactions.run(() -> rows.lockIfStillDue(id, inDays(5)))).isFalse();
        assertThat(get("/api/profiles/" + id).status()).isEqualTo(200);
    }

    @Test
    void aClockThatJumpsAheadEmptiesNothing() {
        var id = RunningKite.takeIn(fixture("Merganser"));
        bin(id);
        var keeper = RunningKite.part(Bin.class);

        keeper.empty(inDays(800));
        keeper.empty(inDays(800).plusHours(6));
        assertThat(isInBin(id)).as("somebody can still set the clock right").isTrue();
        keeper.empty(inDays(801));
        assertThat(isInBin(id)).as("it is the date, it seems").isFalse();
    }

    @Test
    void whatIsThrownAwayIsOutOfTheListsAndComesBack() {
        var id = RunningKite.takeIn(fixture("Wigeon"));

        assertThat(bin(id).status()).isEqualTo(204);

        assertThat(found("bargepole wigeon")).isZero();
        assertThat(isInBin(id)).isTrue();
        assertThat(get("/api/profiles/" + id).json().path("binned").asBoolean()).as("it stays readable").isTrue();
        assertThat(get("/api/profiles/" + id + "/draft").detail()).contains("is in the bin");
        post("/api/bin/restore", "{\"profiles\": [\"" + id + "\"]}");
        assertThat(found("bargepole wigeon")).isEqualTo(1);
        assertThat(isInBin(id)).isFalse();
    }

    @Test
    void afterThirtyDaysItIsGoneForGood() {
        var id = RunningKite.takeIn(fixture("Garganey"));
        bin(id);

        watch(29);
        assertThat(isInBin(id)).isTrue();
        watch(31);

        assertThat(isInBin(id)).isFalse();
        assertThat(get("/api/profiles/" + id).status()).isEqualTo(404);
    }

    @Test
    void whatOthersStandOnStays() {
        var id = RunningKite.takeIn(fixture("Tallowdip"));
        post("/api/profiles",
                "{\"manufacturer\": \"Bargepole Hut\", \"name\": \"Tallowdip twin\", \"copyOf\": \"" + id + "\", \"copyRevision\": 1}");
        bin(id);

        watch(400);

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
        var draft = get("/api/profiles/" + id + "/draft").json();
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
