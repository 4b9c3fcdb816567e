package yellowkite.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import yellowkite.core.archive.Archive;
import yellowkite.core.archive.Budget;
import yellowkite.core.mvr.MvrFile;
import yellowkite.demo.DemoHouse;

class RigCommandTest {
    @TempDir
    private Path folder;
    private String profiles;
    private String spot;
    private String rig;

    private static Called run(String... arguments) {
        return Called.of(false, "rig", arguments);
    }

    @BeforeEach
    void files() throws IOException {
        var library = Files.createDirectory(folder.resolve("profiles"));
        spot = Files.write(library.resolve("spot.gdtf"), DemoHouse.petrelSpot().write()).toString();
        Files.write(library.resolve("batten.gdtf"), DemoHouse.reedline10().write());
        profiles = library.toString();
        rig = file("rig.json", "{\"name\": \"Empty\", \"units\": []}");
    }

    private String file(String name, String... lines) throws IOException {
        return Files.writeString(folder.resolve(name), String.join("\n", lines)).toString();
    }

    private Called add(String... more) {
        return run(
                Stream.concat(Stream.of("add", rig, "--profile", spot, "--mode", "Extended"), Arrays.stream(more)).toArray(String[]::new));
    }

    private static List<String> addresses(JsonNode line) {
        var all = new ArrayList<String>();
        line.path("units")
            .forEach(unit -> unit.path("addresses")
                .forEach(each -> all.add(unit.path("id").asString() + " "
                        + unit.path("name").asString() + " " + each.path("universe").asInt() + "." + each.path("address").asInt())));
        return all;
    }

    @Nested
    class Reading {
        @Test
        void aSheetFindsItsProfilesInTheFolder() throws IOException {
            var sheet = file("tour.csv", "Id,Name,Manufacturer,Fixture,Mode,Universe,Address",
                    "101,Rail 1,Tidewick,Petrel Spot,Extended,1,1",
                    "102,Rail 2,Tide Wick,Petrel-Spot,Extended,1,10", "103,,Nobody,Thing,,1,300");

            var read = run("read", sheet, "--profiles", profiles);

            assertThat(read.status()).as(read.err()).isZero();
            var units = read.line().path("units");
            assertThat(units.path(0).at("/found/how").asString()).isEqualTo("EXACT");
            assertThat(units.path(0).at("/found/file").asString()).isEqualTo(spot);
            assertThat(units.path(1).at("/found/how").asString()).isEqualTo("MODE");
            assertThat(units.path(2).at("/found/how").asString()).isEqualTo("NONE");
            assertThat(read.line().at("/collisions/0/from").asInt()).isEqualTo(10);
            assertThat(read.line().at("/collisions/0/units").toString()).isEqualTo("[\"101\",\"102\"]");
            assertThat(read.line().path("name").asString()).isEqualTo("tour");
        }

        @Test
        void rowsThatCannotBeTakenAreFindings() throws IOException {
            var read = run("read", file("tour.csv", "Id,Universe,Address", "101,2,3.1"));

            assertThat(read.line().at("/findings/0/where").asString()).isEqualTo("row 2");
            assertThat(read.line().at("/findings/0/severity").asString()).isEqualTo("error");
        }

        @Test
        void whatIsNoRigIsRefused() throws IOException {
            var wrong = run("read", file("wrong.json", "[1, 2]"));
            var other = run("read", file("wrong.txt", "x"));

            assertThat(wrong.status()).isEqualTo(2);
            assertThat(wrong.line().path("refused").asString()).contains("has no list of units");
            assertThat(other.line().path("refused").asString()).contains("rigs are read from .mvr, .json, .csv, .tsv and .xlsx files");
            assertThat(run("read", folder.resolve("none.json").toString()).status()).isEqualTo(2);
            assertThat(run("read", rig, "--profiles", folder.resolve("none").toString()).line().path("refused").asString())
                .contains("is no folder that can be read");
        }
    }

    @Nested
    class Adding {
        @Test
        void unitsCountOnAndCrossNoUniverse() {
            int footprint = add().line().at("/units/0/found/footprint").asInt();
            int last = 512 - footprint + 1;

            var added = add("--count", "2", "--at", "1." + last, "--id", "09", "--name", "Rail 9", "--layer", "Floor");

            assertThat(added.status()).as(added.err()).isZero();
            assertThat(addresses(added.line())).containsExactly("09 Rail 9 1." + last, "10 Rail 10 2.1");
            assertThat(added.line().at("/units/1/layer").asString()).isEqualTo("Floor");
        }

        @Test
        void aCollisionIsNamedWithTheNextFreePlace() throws IOException {
            var out = folder.resolve("out.json").toString();
            add("--out", out, "--id", "1");

            var again = run("add", out, "--profile", spot, "--mode", "Extended", "--at", "1.2", "--id", "2");

            assertThat(again.status()).isEqualTo(1);
            assertThat(again.line().path("refused").asString()).startsWith("Units 1 (Petrel Spot) and 2 (Petrel Spot) collide on")
                .contains("The next free place is 1.");
            assertThat(run("add", out, "--profile", spot, "--mode", "Extended", "--at", "1.2", "--id", "2", "--shared").line()
                .at("/collisions/0/meant")
                .asBoolean()).isTrue();
            assertThat(Files.readString(Path.of(rig))).as("what is added to stays as it is").contains("\"units\": []");
        }

        @Test
        void whatCannotBeIsRefused() {
            assertThat(add("--at", "1.513").status()).isEqualTo(1);
            assertThat(add("--count", "100000").line().path("refused").asString()).contains("1 to 5000 units");
            assertThat(run("add", rig, "--profile", spot, "--mode", "None").status()).isEqualTo(2);
            assertThat(run("add", rig, "--profile", rig, "--mode", "None").status()).isEqualTo(2);
        }
    }

    @Nested
    class Writing {
        @Test
        void everyFormIsReadBack() {
            var from = folder.resolve("from.json").toString();
            add("--count", "3", "--out", from);

            for (var ending : List.of("json", "csv", "xlsx")) {
                var to = folder.resolve("to." + ending).toString();
                assertThat(run("write", from, to).status()).isZero();
                var read = run("read", to, "--profiles", profiles).line();
                assertThat(addresses(read)).as(ending).isEqualTo(addresses(run("read", from).line())).hasSize(3);
                assertThat(read.at("/units/0/found/how").asString()).isEqualTo("EXACT");
            }
        }

        @Test
        void someUnitsAlone() {
            var from = folder.resolve("from.json").toString();
            add("--count", "3", "--out", from);
            var to = folder.resolve("to.csv").toString();

            assertThat(run("write", from, to, "--units", "1,3").line().path("units").asInt()).isEqualTo(2);
            assertThat(run("write", from, to, "--units", "7").status()).isEqualTo(2);
            assertThat(run("write", from, folder.resolve("to.xyz").toString()).status()).isEqualTo(2);
        }

        @Test
        void aPdfIsOne() throws IOException {
            var to = folder.resolve("to.pdf");

            assertThat(run("write", rig, to.toString()).status()).isZero();
            assertThat(Files.readAllBytes(to)).startsWith('%', 'P', 'D', 'F');
        }
    }

    @Nested
    class Levels {
        private String from;

        @BeforeEach
        void patched() {
            from = folder.resolve("from.json").toString();
            add("--at", "2.1", "--id", "101", "--out", from);
        }

        private JsonNode step(Called called) {
            return called.line()
                .path("steps")
                .valueStream()
                .filter(each -> each.path("channel").asString().endsWith("_Pan"))
                .findFirst()
                .orElseThrow();
        }

        @Test
        void everyByteOfEveryUnitIsListed() {
            var sent = run("levels", from);

            assertThat(sent.status()).as(sent.err()).isZero();
            assertThat(sent.line().at("/universes/2").size()).isEqualTo(add().line().at("/units/0/found/footprint").asInt());
            assertThat(sent.line().path("steps").size()).isZero();
        }

        @Test
        void aLevelGoesThroughTheUnitsPath() throws IOException {
            var text = Files.readString(Path.of(from))
                .replace("\"channels\":{}", "\"channels\":{\"Pan\":{\"invert\":true,\"curve\":null,\"scale\":1,\"from\":0,\"to\":1}}");
            var inverted = file("inverted.json", text);

            var step = step(run("levels", inverted, "--raw", "101:Pan=0.75"));

            assertThat(step.path("asked").asDouble()).isEqualTo(0.75);
            assertThat(step.path("afterInvert").asDouble()).isEqualTo(0.25);
            assertThat(step.path("raw").asInt()).isEqualTo(16_384);
        }

        @Test
        void aPhysicalValueIsMetByItsLevel() {
            var step = step(run("levels", from, "--set", "101:Pan=0"));

            assertThat(step.path("asked").asDouble()).isBetween(0.499, 0.501);
        }

        @Test
        void whatIsOutOfReachIsTold() {
            assertThat(run("levels", from, "--set", "101:Pan=9000").status()).isEqualTo(1);
            assertThat(run("levels", from, "--raw", "7:Pan=0").line().path("refused").asString()).contains("no unit 7");
            assertThat(run("levels", from, "--raw", "101:Fog1=0").line().path("refused").asString()).contains("no channel for Fog1");
            assertThat(run("levels", from, "--raw", "101:Pan=2").status()).isEqualTo(2);
            assertThat(run("levels", from, "--raw", "Pan").status()).isEqualTo(2);
            assertThat(run("levels", from, "--master", "7").status()).isEqualTo(2);
        }
    }

    @Nested
    class Scenes {
        private String scene(String fixtures, Map<String, byte[]> profiles) throws IOException {
            var entries = new LinkedHashMap<String, byte[]>();
            entries.put("GeneralSceneDescription.xml", ("<GeneralSceneDescription verMajor=\"1\" verMinor=\"6\"><Scene><Layers>"
                    + "<Layer uuid=\"l\" name=\"Rail\"><ChildList>" + fixtures
                    + "</ChildList></Layer></Layers></Scene></GeneralSceneDescription>")
                .getBytes(StandardCharsets.UTF_8));
            entries.putAll(profiles);
            return Files.write(folder.resolve("show.mvr"), Archive.write(entries)).toString();
        }

        private static String fixture(int number, String spec, int address) {
            return "<Fixture uuid=\"u" + number + "\" name=\"Rail " + number
                    + "\"><Matrix>{1,0,0}{0,1,0}{0,0,1}{1000,0,0}</Matrix><GDTFSpec>" + spec
                    + "</GDTFSpec><GDTFMode>Extended</GDTFMode><FixtureID>" + number + "</FixtureID><Addresses><Address break=\"0\">"
                    + address
                    + "</Address></Addresses><DMXInvertPan>true</DMXInvertPan></Fixture>";
        }

        @Test
        void aSceneIsReadWithItsOwnProfilesOrOurs() throws IOException {
            var show = scene(fixture(101, "Tidewick@Petrel Spot", 513) + fixture(102, "Nobody@Thing.gdtf", 1025),
                    Map.of("Tidewick@Petrel Spot.gdtf", DemoHouse.petrelSpot().write()));

            var read = run("read", show);

            assertThat(read.status()).as(read.err()).isZero();
            var unit = read.line().path("units").path(0);
            assertThat(unit.at("/found/how").asString()).isEqualTo("EXACT");
            assertThat(unit.at("/found/file").asString()).isEqualTo(show + "/Tidewick@Petrel Spot.gdtf");
            assertThat(unit.at("/addresses/0/to").asInt()).isEqualTo(22);
            assertThat(unit.at("/place/x").asDouble()).isEqualTo(1.0);
            assertThat(unit.at("/adjustments/channels/Pan/invert").asBoolean()).isTrue();
            assertThat(read.line().at("/units/1/found/how").asString()).isEqualTo("NONE");
            assertThat(run("read", show, "--profiles", profiles, "--ours").line().at("/units/0/found/file").asString()).isEqualTo(spot);

            var levels = run("levels", show, "--raw", "101:Pan=0.25");
            assertThat(levels.line().at("/steps/0/afterInvert").asDouble()).isEqualTo(0.75);
        }

        @Test
        void aSceneGoesOutAsItCameInAndARigBecomesOne() throws IOException {
            var show = scene(fixture(101, "Tidewick@Petrel Spot", 1) + fixture(102, "", 23),
                    Map.of("Tidewick@Petrel Spot.gdtf", DemoHouse.petrelSpot().write(), "rock.glb", new byte[]{1, 2, 3}));
            var out = folder.resolve("out.mvr");

            assertThat(run("write", show, out.toString()).status()).isZero();
            assertThat(entries(out)).containsExactlyInAnyOrderEntriesOf(entries(Path.of(show)));
            assertThat(run("compare", show, out.toString()).line().toString()).isEqualTo("{\"added\":[],\"removed\":[],\"changed\":[]}");

            assertThat(run("write", show, out.toString(), "--units", "102").status()).isZero();
            assertThat(run("compare", show, out.toString()).line().path("removed").toString()).isEqualTo("[\"101\"]");

            Files.writeString(Path.of(rig), add("--count", "2").out().strip());
            var fresh = folder.resolve("fresh.mvr");
            assertThat(run("write", rig, fresh.toString()).status()).isZero();
            var read = run("read", fresh.toString());
            assertThat(read.line().at("/units/1/found/how").asString()).isEqualTo("EXACT");
            assertThat(read.line().at("/units/1/addresses/0/address").asInt()).isEqualTo(23);
            assertThat(run("compare", rig, fresh.toString()).line().path("changed").valueStream().map(each -> each.path("what").asString()))
                .doesNotContain("address", "profile", "mode", "name", "id");
        }

        private static Map<String, String> entries(Path file) throws IOException {
            var all = new LinkedHashMap<String, String>();
            try (var archive = Archive.open(Files.readAllBytes(file), new Budget(MvrFile.LIMITS))) {
                archive.readAll().forEach((path, content) -> all.put(path, HexFormat.of().formatHex(content)));
            }
            return all;
        }

        @Test
        void whatIsNoSceneIsRefused() throws IOException {
            var wrong = file("wrong.mvr", "no archive");

            assertThat(run("read", wrong).status()).isEqualTo(2);
            assertThat(run("read", wrong).line().path("refused").asString()).contains("is not a ZIP archive");
            assertThat(run("compare", wrong, rig).status()).isEqualTo(2);
            assertThat(run("write", wrong, folder.resolve("x.mvr").toString()).status()).isEqualTo(2);
            assertThat(Files.exists(folder.resolve("x.mvr"))).isFalse();
            assertThat(run("read", folder.resolve("none.mvr").toString()).status()).isEqualTo(2);
        }
    }
}
