package yellowkite.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.server.RunningKite.get;
import static yellowkite.server.RunningKite.post;
import static yellowkite.server.exchange.SceneFiles.unit;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import yellowkite.core.mvr.MvrFile;
import yellowkite.core.mvr.SceneUnits;
import yellowkite.core.rig.At;
import yellowkite.core.rig.Patch;
import yellowkite.core.rig.Unit;
import yellowkite.server.RunningKite.Answer;
import yellowkite.server.RunningKite;

/** A rig that came from a scene, and a newer one of it. */
class SceneUpdateTest {
    private static JsonNode fine(Answer answer) {
        assertThat(answer.status()).as(new String(answer.body(), StandardCharsets.UTF_8)).isBetween(200, 201);
        return answer.json();
    }

    private static String scene(Map<String, byte[]> profiles, Unit... units) {
        return fine(SceneFiles.hand(profiles, units)).path("id").asString();
    }

    private static String rigOf(String scene) {
        return fine(post("/api/scenes/" + scene + "/take", "{\"name\": \"Weir\", \"decisions\": []}")).path("rigId").asString();
    }

    private static JsonNode proposed(String scene, String rig) {
        return fine(post("/api/scenes/" + scene + "/update-proposal", "{\"rigId\": \"" + rig + "\", \"decisions\": []}"));
    }

    private static String edited(String rig, String edit) {
        var now = get("/api/rigs/" + rig).json();
        return fine(post("/api/rigs/" + rig + "/edits", "{\"version\": " + now.path("version").asInt() + ", \"edit\": " + edit + "}"))
            .path("id")
            .asString();
    }

    private static Unit named(int number, String model, String name, int address) {
        return unit(number, model).with(f -> {
            f.name = name;
            f.addresses = List.of(new Patch(1, new At(1, address), 9));
        });
    }

    private static Answer update(String scene, String rig, int version, String what) {
        return post("/api/scenes/" + scene + "/update",
                "{\"rigId\": \"" + rig + "\", \"choice\": {\"version\": " + version + ", \"decisions\": [], " + what + "}}");
    }

    @Test
    void whatEachSideHasChangedIsToldAndTakenInPart() {
        var profiles = Map.of("Trivet.gdtf", SceneFiles.profile("Trivet").write());
        var rig = rigOf(scene(profiles, named(1, "Trivet", "Bow", 1), named(2, "Trivet", "Mast", 10), named(3, "Trivet", "Stern", 19)));
        edited(rig, "{\"type\": \"putUnit\", \"unit\": \"" + uuid(2) + "\", \"dmxBreak\": null, \"to\": \"2.1\"}");
        edited(rig, "{\"type\": \"describe\", \"units\": [\"" + uuid(3) + "\"], \"column\": \"COLOUR\", \"to\": \"teal\","
                + " \"counting\": false}");

        var next = scene(profiles, named(1, "Trivet", "Bowsprit", 100), named(2, "Trivet", "Mast", 200), named(4, "Trivet", "Deck", 300));
        var said = proposed(next, rig);

        assertThat(said.path("another").asBoolean()).isFalse();
        assertThat(said.at("/last/name").asString()).isEqualTo("weir.mvr");
        assertThat(lines(said.path("changed"), "id", "field", "side"))
            .containsExactly("1 ADDRESS THEIRS", "1 NAME THEIRS", "2 ADDRESS BOTH");
        assertThat(lines(said.path("added"), "id", "side")).containsExactly("4 THEIRS");
        assertThat(lines(said.path("removed"), "id", "side")).containsExactly("3 BOTH");

        var version = said.path("version").asInt();
        fine(update(next, rig, version, "\"added\": [\"" + uuid(4) + "\"], \"removed\": [\"" + uuid(3)
                + "\"], \"changed\": [{\"unit\": \"" + uuid(1) + "\", \"fields\": [\"NAME\"]}]"));

        var now = get("/api/rigs/" + rig).json();
        assertThat(lines(now.path("units"), "id", "name", "address"))
            .containsExactly("1 Bowsprit 1.1", "2 Mast 2.1", "4 Deck 1.300");
        assertThat(lines(now.path("aside"), "id", "name")).containsExactly("3 Stern");
        assertThat(now.at("/history/0/sentence").asString()).isEqualTo("Updated by 'weir.mvr': 1 added, 1 changed, 1 set aside");

        edited(rig, "{\"type\": \"restoreAside\", \"units\": [\"" + uuid(3) + "\"]}");
        assertThat(get("/api/rigs/" + rig).json().at("/units/3/colour").asString()).isEqualTo("teal");
    }

    private static String uuid(int number) {
        return "00000000-0000-0000-0000-00000000000" + number;
    }

    private static List<String> lines(JsonNode of, String... fields) {
        return of.valueStream()
            .map(each -> String.join(" ", java.util.Arrays.stream(fields).map(field -> each.path(field).asString()).toList()))
            .toList();
    }

    /** What was not taken is told again, and is not proposed again; what goes out and comes back is what both have. */
    @Test
    void whatWasNotTakenIsOursFromThenOn() {
        var profiles = Map.of("Gunnel.gdtf", SceneFiles.profile("Gunnel").write());
        var rig = rigOf(scene(profiles, named(1, "Gunnel", "Bow", 1)));
        assertThat(proposed(scene(profiles, named(1, "Gunnel", "Bow", 1)), rig).path("changed")).isEmpty();
        var next = scene(profiles, named(1, "Gunnel", "Stem", 1));
        fine(update(next, rig, proposed(next, rig).path("version").asInt(), "\"added\": [], \"removed\": [], \"changed\": []"));

        assertThat(lines(proposed(scene(profiles, named(1, "Gunnel", "Stem", 1)), rig).path("changed"), "field", "side"))
            .containsExactly("NAME OURS");

        var out = post("/api/rigs/" + rig + "/scene", "{\"units\": null, \"profiles\": \"UNTOUCHED\"}").body();
        var back = fine(RunningKite.uploadOne("/api/scenes", "back.mvr", out)).path("id").asString();
        assertThat(proposed(back, rig).path("changed")).isEmpty();
        assertThat(proposed(back, rig).at("/last/direction").asString()).isEqualTo("OUT");
        assertThat(lines(proposed(scene(profiles, named(1, "Gunnel", "Stem", 1)), rig).path("changed"), "field", "side"))
            .containsExactly("NAME THEIRS");
    }

    @Test
    void aRigThatWentOnMeanwhileIsNotUpdated() {
        var rig = rigOf(scene(Map.of(), named(1, "Lost", "Bow", 1)));
        var next = scene(Map.of(), named(1, "Lost", "Stern", 1));
        var said = proposed(next, rig);
        edited(rig, "{\"type\": \"setRigFacts\", \"name\": \"Weir two\", \"production\": \"\", \"notes\": \"\"}");

        assertThat(update(next, rig, said.path("version").asInt(), "\"added\": [], \"removed\": [], \"changed\": []").status())
            .isEqualTo(409);
    }

    /** Asked for again with its change's id it is made once, also where the rig has gone on by it. */
    @Test
    void anUpdateWhoseAnswerWasLostIsMadeOnce() {
        var rig = rigOf(scene(Map.of(), named(1, "Lost", "Bow", 1)));
        var next = scene(Map.of(), named(1, "Lost", "Stern", 1));
        var request = "{\"rigId\": \"" + rig + "\", \"choice\": {\"version\": " + proposed(next, rig).path("version")
                + ", \"decisions\": [],"
                + " \"added\": [], \"removed\": [], \"changed\": [{\"unit\": \"" + uuid(1) + "\", \"fields\": [\"NAME\"]}]}}";
        var change = "00000000-0000-0000-0000-0000000000bb";

        var first = fine(post("/api/scenes/" + next + "/update", "Ines", change, request));

        assertThat(fine(post("/api/scenes/" + next + "/update", "Ines", change, request))).isEqualTo(first);
    }

    @Test
    void nothingOfAnotherShowDoesNotTakeThePlaceOfTheRigsScene() {
        var rig = rigOf(scene(Map.of(), named(1, "Lost", "Bow", 1)));
        var other = scene(Map.of(), named(2, "Lost", "Bow", 1).with(f -> f.id = "1"));
        int version = proposed(other, rig).path("version").asInt();

        assertThat(update(other, rig, version, "\"added\": [], \"removed\": [], \"changed\": []").status()).isEqualTo(422);
    }

    @Test
    void whatIsNoPartOfTheUpdateIsRefused() {
        var rig = rigOf(scene(Map.of(), named(1, "Lost", "Bow", 1)));
        var next = scene(Map.of(), named(1, "Lost", "Stern", 1));
        int version = proposed(next, rig).path("version").asInt();

        assertThat(update(next, rig, version, "\"added\": [\"" + uuid(7) + "\"], \"removed\": [], \"changed\": []").status())
            .isEqualTo(422);
        assertThat(get("/api/rigs/" + rig).json().path("version").asInt()).isEqualTo(version);
    }

    @Test
    void aFileOfAnotherShowIsToldBeforeAnythingHappens() {
        var rig = rigOf(scene(Map.of(), named(1, "Lost", "Bow", 1)));
        var other = scene(Map.of(), named(2, "Lost", "Bow", 1).with(f -> f.id = "1"));

        var said = proposed(other, rig);

        assertThat(said.path("another").asBoolean()).isTrue();
        assertThat(said.path("units").asInt()).isEqualTo(1);
    }

    /** The file's own profile stays where it is until a kind is taken. */
    @Test
    void onlyKindsThatAreTakenComeOntoTheShelf() {
        var rig = rigOf(scene(Map.of(), named(1, "Lost", "Bow", 1)));
        var next = scene(Map.of("Bulwark.gdtf", SceneFiles.profile("Bulwark").write()), named(1, "Lost", "Bow", 1),
                named(2, "Bulwark", "Mast", 10));
        var said = proposed(next, rig);
        assertThat(said.at("/kinds/0/theirs/model").asString()).isEqualTo("Bulwark");
        assertThat(said.path("kinds")).hasSize(1);

        fine(update(next, rig, said.path("version").asInt(), "\"added\": [], \"removed\": [], \"changed\": []"));
        assertThat(RunningKite.found("Bulwark")).isZero();
        fine(update(next, rig, said.path("version").asInt(), "\"added\": [\"" + uuid(2) + "\"], \"removed\": [], \"changed\": []"));
        assertThat(RunningKite.found("Bulwark")).isEqualTo(1);
    }

    @Test
    void whatCameInGoesOutUnchangedAndWithWhatWasChangedHere() {
        var profiles = Map.of("Thwart.gdtf", SceneFiles.profile("Thwart").write(), "Rock.glb", "a rock".getBytes(StandardCharsets.UTF_8));
        var scene = scene(profiles, named(1, "Thwart", "Bow", 1), named(2, "Thwart", "Mast", 10));
        var rig = rigOf(scene);
        assertThat(RunningKite.delete("/api/scenes/" + scene).status()).isEqualTo(204);

        var request = "{\"units\": null, \"profiles\": \"UNTOUCHED\"}";
        var said = fine(post("/api/rigs/" + rig + "/scene-proposal", request));
        assertThat(said.at("/from/name").asString()).isEqualTo("weir.mvr");
        assertThat(said.path("untouched").asInt()).isEqualTo(2);
        edited(rig, "{\"type\": \"putUnit\", \"unit\": \"" + uuid(2) + "\", \"dmxBreak\": null, \"to\": \"2.1\"}");

        try (var out = MvrFile.open(post("/api/rigs/" + rig + "/scene", request).body())) {
            assertThat(out.bytes("Rock.glb")).asString().isEqualTo("a rock");
            assertThat(out.bytes("Thwart.gdtf")).isEqualTo(profiles.get("Thwart.gdtf"));
            assertThat(SceneUnits.of(out.scene()).units())
                .extracting(unit -> unit.name() + " " + unit.addressWords() + " " + unit.asked().spec())
                .containsExactly("Bow 1.1 Thwart.gdtf", "Mast 2.1 Thwart.gdtf");
        }
        try (var out = MvrFile.open(post("/api/rigs/" + rig + "/scene", request.replace("UNTOUCHED", "OURS")).body())) {
            assertThat(SceneUnits.of(out.scene()).units()).extracting(unit -> unit.asked().spec())
                .containsOnly("Sluicegate Works@Thwart.gdtf");
        }
        assertThat(get("/api/rigs/" + rig + "/profiles.zip").status()).isEqualTo(200);
    }

    @Test
    void profilesInsideASceneAreListedLookedAtTakenAndExported() {
        var profile = SceneFiles.profile("Rowlock").write();
        var scene = scene(Map.of("Rowlock.gdtf", profile, "Torn.gdtf", new byte[]{1, 2}), named(1, "Rowlock", "Bow", 1));
        var at = "/api/scenes/" + scene;

        var all = get(at + "/profiles").json();
        assertThat(lines(all, "path")).containsExactlyInAnyOrder("Rowlock.gdtf", "Torn.gdtf");
        assertThat(all.findValuesAsString("flaw").toString()).contains("Torn.gdtf");

        var look = fine(get(at + "/profile/look?path=Rowlock.gdtf"));
        assertThat(look.path("model").asString()).isEqualTo("Rowlock");
        assertThat(look.at("/modes/0/tail")).isNotEmpty();
        assertThat(look.path("ours").isNull()).isTrue();
        assertThat(get(at + "/profile/look?path=Torn.gdtf").status()).isEqualTo(422);

        fine(post(at + "/profile/take?path=Rowlock.gdtf", ""));
        assertThat(fine(get(at + "/profile/look?path=Rowlock.gdtf")).at("/ours/same").asBoolean()).isTrue();
        assertThat(get(at + "/profile/file?path=Rowlock.gdtf").body()).isEqualTo(profile);
        assertThat(get(at + "/profiles.zip").status()).isEqualTo(200);
        assertThat(get(at + "/profile/look?path=GeneralSceneDescription.xml").status()).isEqualTo(404);
    }

    @Test
    void whereEachKindWouldStandIsSeenBeforeItIsDecided() {
        var scene = scene(Map.of("Capstan.gdtf", SceneFiles.profile("Capstan").write()), named(1, "Capstan", "Bow", 1),
                named(2, "Capstan", "Mast", 6));

        var laid = fine(post("/api/scenes/" + scene + "/lanes", "{\"decisions\": []}"));

        assertThat(laid.at("/troubles/0/says").asString())
            .isEqualTo("2 units collide; it takes 9 addresses where the drawing has room for 5.");
        assertThat(get("/api/scenes").json().valueStream().map(each -> each.path("id").asString()).toList()).contains(scene);
    }
}
