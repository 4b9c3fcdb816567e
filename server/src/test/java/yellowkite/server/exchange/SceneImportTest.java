package yellowkite.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.server.RunningKite.get;
import static yellowkite.server.RunningKite.post;

import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.core.rig.Found;
import yellowkite.server.RunningKite.Answer;
import yellowkite.server.RunningKite;

class SceneImportTest {
    private static JsonNode rig(Answer taken) {
        assertThat(taken.status()).as(new String(taken.body(), StandardCharsets.UTF_8)).isEqualTo(200);
        return get("/api/rigs/" + taken.json().path("rigId").asString()).json();
    }

    @Test
    void aSceneIsShownKindByKindAndBecomesARigWithItsProfilesOnTheHouseShelf() {
        var view = SceneFiles
            .hand(Map.of("Quoit.gdtf", SceneFiles.profile("Quoit").write()), SceneFiles.unit(1, "Quoit"), SceneFiles.unit(2, "Quoit"),
                    SceneFiles.unit(3, "Gone"))
            .json();

        assertThat(view.path("units").asInt()).isEqualTo(3);
        assertThat(view.at("/kinds/0/theirs/how").asString()).isEqualTo("EXACT");
        assertThat(view.at("/kinds/0/units").asInt()).isEqualTo(2);
        assertThat(view.at("/kinds/0/usual").asString()).isEqualTo("THEIRS");
        assertThat(view.at("/kinds/1/usual").asString()).isEqualTo("PLACEHOLDER");

        var id = view.path("id").asString();
        var rig = rig(post("/api/scenes/" + id + "/take", "{\"name\": \"Weir\", \"decisions\": []}"));
        assertThat(rig.path("units").size()).isEqualTo(3);
        assertThat(rig.at("/kinds/0/model").asString()).isEqualTo("Quoit");
        assertThat(rig.at("/units/1/address").asString()).isEqualTo("1.10");
        assertThat(rig.at("/units/0/layer").asString()).isEqualTo("Overhead");
        RunningKite.delete("/api/scenes/" + id);
        assertThat(get("/api/scenes/" + id).status()).as("its rig goes out as it").isEqualTo(200);
    }

    /** It is large, so that it is still on its way into the database. */
    @Test
    void aSceneThatNobodyTookIsForgotten() {
        var large = new byte[12 << 20];
        new Random(4).nextBytes(large);
        var id = SceneFiles.hand(Map.of("Large.bin", large), SceneFiles.unit(1, "Gone")).json().path("id").asString();

        assertThat(RunningKite.delete("/api/scenes/" + id).status()).isEqualTo(204);
        assertThat(get("/api/scenes/" + id).status()).isEqualTo(404);
        var next = SceneFiles.hand(Map.of(), SceneFiles.unit(1, "Gone")).json().path("id").asString();
        rig(post("/api/scenes/" + next + "/take", "{\"name\": \"Weir\", \"decisions\": []}"));
        assertThat(get("/api/scenes/" + id).status()).as("nor did it arrive afterwards").isEqualTo(404);
    }

    /** Ours has another content under its id, so theirs is a profile by itself: once, whatever modes are asked for and however often. */
    @Test
    void aProfileComesOnceAlsoWhereTheAnswerWasLost() {
        var theirs = SceneFiles.profile("Quadrille");
        RunningKite
            .takeIn(new GdtfFile(GdtfDescription.of(theirs.description().type().with(f -> f.longName = "Of the house")), theirs.others()));
        var view = SceneFiles
            .hand(Map.of("Quadrille.gdtf", theirs.write()), SceneFiles.unit(1, "Quadrille"), SceneFiles.unit(2, "Quadrille").with(f -> {
                f.found = Found.chosen("Quadrille", "Sluicegate Works", "Quadrille", "Six", new TreeMap<>(Map.of(1, 6)));
            }))
            .json();
        var request = "{\"name\": \"Weir\", \"decisions\": [{\"asked\": " + view.at("/kinds/0/asked")
                + ", \"choice\": \"THEIRS\", \"found\": null, \"decided\": true}, {\"asked\": "
                + view.at("/kinds/1/asked") + ", \"choice\": \"THEIRS\", \"found\": null, \"decided\": true}]}";
        var change = "00000000-0000-0000-0000-0000000000aa";

        var first = post("/api/scenes/" + view.path("id").asString() + "/take", "Ines", change, request);
        var again = post("/api/scenes/" + view.path("id").asString() + "/take", "Ines", change, request);

        assertThat(again.json()).isEqualTo(first.json());
        var rig = rig(first);
        assertThat(rig.at("/kinds/0/profileId")).isEqualTo(rig.at("/kinds/1/profileId"));
        assertThat(get("/api/library?search=Quadrille").json().path("found").asInt()).isEqualTo(2);
    }

    @Test
    void oursCountsWhereItIsTheSameAndWhatDiffersIsTold() {
        var theirs = SceneFiles.profile("Quartet");
        RunningKite.takeIn(theirs);

        var view = SceneFiles.hand(Map.of("Quartet.gdtf", theirs.write()), SceneFiles.unit(1, "Quartet")).json();

        assertThat(view.at("/kinds/0/usual").asString()).isEqualTo("OURS");
        assertThat(view.at("/kinds/0/ours/model").asString()).isEqualTo("Quartet");
        assertThat(view.at("/kinds/0/difference/count").asInt()).isZero();
    }

    @Test
    void aWholeKindIsDecidedOtherwise() {
        RunningKite.takeIn(SceneFiles.profile("Quintal"));
        var other = get("/api/modes?words=Quintal%20Six").json().path(0).toString();
        var view = SceneFiles.hand(Map.of(), SceneFiles.unit(1, "Lost"), SceneFiles.unit(2, "Left")).json();
        var lost = view.at("/kinds/0/asked").toString();
        var left = view.at("/kinds/1/asked").toString();

        var rig = rig(post("/api/scenes/" + view.path("id").asString() + "/take",
                "{\"name\": \"Weir\", \"decisions\": [{\"asked\": " + lost + ", \"choice\": \"OURS\", \"found\": " + other
                        + ", \"decided\": true}, {\"asked\": " + left
                        + ", \"choice\": \"LEAVE_OUT\", \"found\": null, \"decided\": true}]}"));

        assertThat(rig.path("units").size()).isEqualTo(1);
        assertThat(rig.at("/kinds/0/mode").asString()).isEqualTo("Six");
        assertThat(rig.at("/units/0/addresses/0/to").asInt()).isEqualTo(6);
    }

    @Test
    void whatWasDecidedIsProposedForTheNextScene() {
        RunningKite.takeIn(SceneFiles.profile("Quenelle"));
        var other = get("/api/modes?words=Quenelle%20Six").json().path(0).toString();
        var first = SceneFiles.hand(Map.of(), SceneFiles.unit(1, "Weir lantern"), SceneFiles.unit(2, "Weir post")).json();
        rig(post("/api/scenes/" + first.path("id").asString() + "/take",
                "{\"name\": \"Weir\", \"decisions\": [{\"asked\": " + first.at("/kinds/0/asked")
                        + ", \"choice\": \"OURS\", \"found\": " + other + ", \"decided\": true}]}"));

        var next = SceneFiles.hand(Map.of(), SceneFiles.unit(1, "Weir lantern"), SceneFiles.unit(2, "Weir post")).json();

        assertThat(next.at("/kinds/0/usual").asString()).isEqualTo("OURS");
        assertThat(next.at("/kinds/0/ours/model").asString() + " " + next.at("/kinds/0/ours/mode").asString()).isEqualTo("Quenelle Six");
        assertThat(next.at("/kinds/0/decidedBy").asString()).isEqualTo("Ines");
        assertThat(next.at("/kinds/1/decidedBy").isNull()).isTrue();
    }

    @Test
    void whatTheLibraryDoesNotHaveIsNoUnitAndLeavesNoRig() {
        var view = SceneFiles.hand(Map.of(), SceneFiles.unit(1, "Lost")).json();
        int before = get("/api/rigs").json().size();

        var refused = post("/api/scenes/" + view.path("id").asString() + "/take", "{\"name\": \"Weir\", \"decisions\": [{\"asked\": "
                + view.at("/kinds/0/asked")
                + ", \"choice\": \"OURS\", \"found\": {\"how\": \"EXACT\", \"pin\": \"nowhere\", \"manufacturer\": \"A\", \"model\": \"B\","
                + " \"mode\": \"C\", \"breaks\": {\"1\": 7}, \"sure\": 1, \"why\": \"\"}, \"decided\": true}]}");

        assertThat(refused.status()).isEqualTo(422);
        assertThat(get("/api/rigs").json().size()).isEqualTo(before);
        assertThat(post("/api/scenes/" + view.path("id").asString() + "/take", "{\"name\": \" \", \"decisions\": []}").status())
            .isEqualTo(422);
    }

    @Test
    void whatIsNoSceneIsRefusedAndKeptNowhere() {
        var refused = RunningKite.uploadOne("/api/scenes", "weir.mvr", "no scene".getBytes(StandardCharsets.UTF_8));

        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.json().path("detail").asString()).isEqualTo("'weir.mvr' was refused: it is not a ZIP archive, as it has to be.");
        assertThat(post("/api/scenes/none/take", "{\"name\": \"x\", \"decisions\": []}").status()).isEqualTo(404);
        var view = SceneFiles.hand(Map.of(), SceneFiles.unit(1, "Lost")).json();
        var theirs = post("/api/scenes/" + view.path("id").asString() + "/take", "{\"name\": \"Weir\", \"decisions\": [{\"asked\": "
                + view.at("/kinds/0/asked") + ", \"choice\": \"THEIRS\", \"found\": null, \"decided\": true}]}");
        assertThat(theirs.json().path("detail").asString()).isEqualTo("The file has no profile of Lost, Nine.");
    }

    @Test
    void aPlaceholderIsAsLargeAsSomebodySays() {
        var view = SceneFiles.hand(Map.of(), SceneFiles.unit(1, "Lost size")).json();

        var rig = rig(post("/api/scenes/" + view.path("id").asString() + "/take", "{\"name\": \"Weir\", \"decisions\": [{\"asked\": "
                + view.at("/kinds/0/asked") + ", \"choice\": \"PLACEHOLDER\", \"found\": {\"how\": \"PLACEHOLDER\", \"pin\": \"\","
                + " \"manufacturer\": \"\", \"model\": \"\", \"mode\": \"\", \"breaks\": {\"1\": 40}, \"sure\": 0, \"why\": \"\"},"
                + " \"decided\": true}]}"));

        assertThat(rig.at("/units/0/addresses/0/to").asInt()).isEqualTo(40);
        var next = SceneFiles.hand(Map.of(), SceneFiles.unit(1, "Lost size")).json();
        assertThat(next.at("/kinds/0/addresses").asInt() + " " + next.at("/kinds/0/usual").asString()).as("it is remembered")
            .isEqualTo("40 PLACEHOLDER");
    }
}
