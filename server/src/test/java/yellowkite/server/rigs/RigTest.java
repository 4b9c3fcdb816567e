package yellowkite.server.rigs;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.server.RunningKite.get;
import static yellowkite.server.RunningKite.post;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.Executors;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import yellowkite.server.RunningKite.Answer;
import yellowkite.server.RunningKite;

class RigTest extends OnARig {
    @Nested
    class Adding {
        @Test
        void aLineIsProposedWithItsGhostsAndThenAdded() {
            fixture("Quillet");

            var proposal = line("3 Quillet Nine from 2.500 as 201, name Rail 1");
            var after = added("3 Quillet Nine from 2.500 as 201, name Rail 1");

            assertThat(proposal.path("refused").asString()).isEmpty();
            assertThat(proposal.at("/first/id").asString() + " " + proposal.at("/last/address").asString()).isEqualTo("201 3.10");
            assertThat(proposal.path("places").valueStream().map(each -> each.path("universe").asInt() + "." + each.path("from").asInt()))
                .containsExactly("2.500", "3.1", "3.10");
            assertThat(addresses(after)).containsExactly("201 2.500", "202 3.1", "203 3.10");
            assertThat(after.at("/kinds/0/model").asString()).isEqualTo("Quillet");
            assertThat(after.at("/kinds/0/revision").asInt()).isEqualTo(1);
            assertThat(after.at("/kinds/0/tail").size()).isPositive();
            assertThat(after.at("/universes/0/used").asInt()).isEqualTo(9);
            assertThat(get("/api/rigs").json()
                .valueStream()
                .filter(each -> rig.endsWith(each.path("id").asString()))
                .findFirst()
                .orElseThrow()
                .path("units")
                .asInt()).isEqualTo(3);
        }

        @Test
        void whatWouldCollideIsShownAndNotAdded() {
            fixture("Quern");
            added("2 Quern Nine from 1.1 as 1");

            var proposal = line("1 Quern Nine from 1.5 as 9");

            assertThat(proposal.path("refused").asString()).contains("collide on addresses 1.5 to 1.9")
                .contains("The next free place is 1.19");
            assertThat(proposal.at("/hits/0/from").asInt()).isEqualTo(5);
            assertThat(proposal.path("count").asInt()).isEqualTo(1);
            assertThat(proposal.path("edit").isNull()).isTrue();
        }

        @Test
        void ofManyTheCountIsWholeThoughNotAllAreDrawn() {
            fixture("Quarter");

            var proposal = line("700 Quarter Nine as 1");

            assertThat(proposal.path("count").asInt()).isEqualTo(700);
            assertThat(proposal.at("/last/id").asString()).isEqualTo("700");
            assertThat(proposal.path("places").size()).isEqualTo(500);
        }

        @ParameterizedTest
        @CsvSource(delimiter = '|', value = {"2 Nothing at all | No mode of the library fits 'Nothing at all'.",
                "0 Quintal | At once 1 to 5000 units are added, not 0.", "1 Quintal, on 77 | There is no unit 77 for it to hang on."})
        void whatIsNotUnderstoodIsTold(String text, String sentence) {
            fixture("Quintal");

            assertThat(line(text).path("refused").asString()).isEqualTo(sentence);
        }

        @Test
        void aModeThatTheRevisionLacksIsRefused() {
            fixture("Quoit");
            var edit = line("1 Quoit Nine").path("edit").toString();

            assertThat(edit(edit.replace("\"mode\":\"Nine\"", "\"mode\":\"Ninety\"")).json().path("detail").asString())
                .contains("has no mode 'Ninety' of that footprint");
            assertThat(edit(edit.replace("\"1\":9", "\"1\":8")).status()).isEqualTo(422);
            assertThat(edit(edit.replaceFirst("\"pin\":\"[^\"]+\"", "\"pin\":\"" + UUID.randomUUID() + "\"")).status()).isEqualTo(422);
        }
    }

    @Nested
    class Editing {
        private JsonNode first;

        @BeforeEach
        void twoUnits() {
            fixture("Quarrel");
            first = added("2 Quarrel Nine from 1.1 as 1");
        }

        private String move(int unit, String to) {
            return "{\"type\": \"putUnit\", \"unit\": \"" + unit(first, unit) + "\", \"to\": \"" + to + "\"}";
        }

        @Test
        void acollisionIsToldWithItsCuresAndCured() {
            var crowded = done(move(1, "1.5"));

            var collision = crowded.at("/collisions/0");
            assertThat(collision.path("says").asString())
                .isEqualTo("Units 1 (Quarrel 1) and 2 (Quarrel 2) collide on addresses 1.5 to 1.9.");
            var cured = done(collision.at("/cures/0/edit").toString());
            assertThat(addresses(cured)).containsExactly("1 1.1", "2 1.10");
            assertThat(cured.path("collisions").size()).isZero();
        }

        @Test
        void editsOfDifferentUnitsBothStandAndOfOneFieldTheSecondIsTold() {
            int seen = version;
            done(move(0, "5.1"));
            version = seen;

            assertThat(addresses(done(move(1, "6.1")))).containsExactly("1 5.1", "2 6.1");
            version = seen;
            var refused = edit(move(0, "7.1"));
            assertThat(refused.status()).isEqualTo(409);
            assertThat(refused.json().path("detail").asString()).contains("has changed the address of unit 1 meanwhile");
        }

        @Test
        void undoAndRedoAreSteps() {
            done(move(0, "5.1"));

            var undone = post(rig + "/undo", "{}").json();
            assertThat(addresses(undone)).startsWith("1 1.1");
            assertThat(undone.path("canRedo").asBoolean()).isTrue();
            var again = post(rig + "/redo", "{\"version\": " + undone.path("version").asInt() + "}").json();
            assertThat(addresses(again)).startsWith("1 5.1");
            assertThat(again.at("/history/0/sentence").asString()).isEqualTo("Unit 1 at 5.1, was 1.1");
        }

        @ParameterizedTest
        @CsvSource(delimiter = '|', value = {"1.0 | 422", "1.513 | 422", "2. | 422", "-1 | 422", "64000.1 | 422", "1.510 | 422"})
        void anAddressThatIsNoneIsRefused(String to, int status) {
            assertThat(edit(move(0, to)).status()).isEqualTo(status);
            assertThat(get(rig).json().path("version").asInt()).isEqualTo(version);
        }

        @Test
        void manyPeopleAtOnceLoseNothing() throws Exception {
            added("20 Quarrel Nine from 2.1 as 101");
            var units = new ArrayList<String>();
            get(rig).json().path("units").forEach(each -> units.add(each.path("uuid").asString()));
            int seen = version;

            List<Callable<Answer>> all = units.stream()
                .<Callable<Answer>>map(each -> () -> post(rig + "/edits", "{\"version\": " + seen
                        + ", \"edit\": {\"type\": \"describe\", \"units\": [\"" + each
                        + "\"], \"column\": \"NOTE\", \"to\": \"seen\", \"counting\": false}}"))
                .toList();
            try (var people = Executors.newFixedThreadPool(8)) {
                for (var each : people.invokeAll(all)) {
                    assertThat(each.get().status()).isEqualTo(200);
                }
            }

            assertThat(get(rig).json().path("units").valueStream().map(each -> each.path("note").asString())).hasSize(22)
                .allMatch("seen"::equals);
        }

        @Test
        void aProfileThatARigPinsStaysInTheBin() {
            var profile = first.at("/kinds/0/profileId").asString();
            post("/api/bin", "{\"profiles\": [\"" + profile + "\"]}");

            assertThat(text(get("/api/bin"))).contains(profile);
            assertThat(get(rig).json().at("/kinds/0/model").asString()).isEqualTo("Quarrel");
        }

        @Test
        void aRigInTheBinTakesNoEditsUntilItIsRestored() {
            assertThat(RunningKite.delete(rig).status()).isEqualTo(204);
            assertThat(edit(move(0, "5.1")).json().path("detail").asString()).contains("is in the bin");

            assertThat(post(rig + "/restore", "{}").json().path("binned").asBoolean()).isFalse();
            done(move(0, "5.1"));
        }

        @Test
        void whatAReplacementWouldDoIsSaidBeforeItHappens() {
            var six = get(rig + "/fixtures?words=Quarrel%20Six").json().path(0);
            var request = "{\"units\": [\"" + unit(first, 0) + "\"], \"fixture\": " + six + "}";

            var said = post(rig + "/replacement", request).json();
            var after = done("{\"type\": \"replaceFixture\", \"units\": [\"" + unit(first, 0) + "\"], \"fixture\": " + six + "}");

            assertThat(said.at("/lines/0/footprintWas").asInt()).isEqualTo(9);
            assertThat(said.at("/lines/0/footprintWill").asInt()).isEqualTo(6);
            assertThat(said.at("/lines/0/stays").asBoolean()).isTrue();
            assertThat(said.at("/changes/0/lost").size()).isPositive();
            assertThat(addresses(after)).startsWith("1 1.1");
            assertThat(after.at("/kinds/0/mode").asString()).isEqualTo("Six");
            assertThat(post(rig + "/replacement", request.replace(unit(first, 0), "none")).status()).isEqualTo(422);
            assertThat(post(rig + "/replacement", request.replace("\"Six\"", "\"Sixty\"")).status()).isEqualTo(422);
        }

        @Test
        void aUnitsPathSaysEachStep() {
            done("{\"type\": \"adjustChannel\", \"units\": [\"" + unit(first, 0)
                    + "\"], \"channel\": \"Dimmer\", \"to\": {\"invert\": true,"
                    + " \"curve\": [], \"scale\": 1, \"from\": 0, \"to\": 1, \"outsideMaster\": false, \"snap\": null, \"start\": null}}");
            var address = rig + "/units/" + unit(first, 0) + "/path";
            int dimmer = 0;
            var channels = get(address).json().at("/reading/channels");
            while (!channels.path(dimmer).path("attribute").asString().equals("Dimmer")) {
                dimmer++;
            }

            var path = get(address + "?channel=" + dimmer + "&level=0.25").json();

            assertThat(path.at("/reading/steps/2/says").asString()).startsWith("Runs the other way.");
            assertThat(path.at("/reading/steps/2/after").asDouble()).isEqualTo(0.75);
            assertThat(path.at("/own/invert").asBoolean()).isTrue();
            assertThat(get(address + "?channel=99").status()).isEqualTo(422);
            assertThat(get(address + "?level=2").status()).isEqualTo(422);
            assertThat(get(rig + "/units/none/path").status()).isEqualTo(404);
            assertThat(get(rig).json().at("/units/0/differs/0/says").asString()).isEqualTo("Inverted: Dimmer");
        }

        @Test
        void theHistoryIsReadFromTheDatabaseAsItWas() {
            done(move(0, "5.1"));
            post(rig + "/undo", "{}");
            var row = RunningKite.part(RigRepository.class).find(rig.substring(rig.lastIndexOf('/') + 1)).orElseThrow();

            var replayed = RunningKite.part(Rigs.class).at(row, row.version());

            assertThat(replayed.rig()).isEqualTo(RunningKite.part(Rigs.class).require(row.id()).rig());
            assertThat(replayed.edits()).hasSameSizeAs(replayed.history().steps());
        }

        @Test
        void thePatchLeavesAsAFile() {
            assertThat(text(get(rig + "/sheet?form=csv"))).contains("Quarrel 1").contains("Sluicegate Works");
            assertThat(text(get(rig + "/sheet?form=pdf"))).startsWith("%PDF");
            assertThat(text(get(rig + "/sheet?form=xlsx"))).startsWith("PK");
            assertThat(get(rig + "/sheet?form=doc").status()).isEqualTo(422);
        }
    }

    @Test
    void aRigNeedsAName() {
        assertThat(post("/api/rigs", "{\"name\": \" \"}").json().path("detail").asString()).isEqualTo("A rig needs a name.");
        assertThat(get("/api/rigs/none").status()).isEqualTo(404);
    }
}
