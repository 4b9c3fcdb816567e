package yellowkite.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.server.RunningKite.post;

import org.junit.jupiter.api.Test;
import yellowkite.core.mvr.MvrFile;
import yellowkite.core.mvr.SceneUnits;
import yellowkite.server.rigs.OnARig;

class SceneTest extends OnARig {
    @Test
    void aRigGoesOutAsASceneWithItsProfilesAndWhatItLacksIsToldBefore() {
        fixture("Quayside");
        var after = added("3 Quayside Nine from 2.1 as 7, layer Deck, position Mast");
        done("{\"type\": \"describe\", \"units\": [\"" + unit(after, 0)
                + "\"], \"column\": \"NOTE\", \"to\": \"Loose\", \"counting\": false}");

        var said = post(rig + "/scene-proposal", "{\"units\": null, \"profiles\": \"OURS\"}").json();
        assertThat(said.path("units").asInt()).isEqualTo(3);
        assertThat(said.at("/profiles/0").asString()).isEqualTo("Sluicegate Works@Quayside.gdtf");
        assertThat(said.at("/losses/0/kind").asString()).isEqualTo("NOTE");

        try (var scene = MvrFile.open(post(rig + "/scene", "{\"units\": null, \"profiles\": \"OURS\"}").body())) {
            assertThat(SceneUnits.of(scene.scene()).units()).extracting(unit -> unit.id() + " " + unit.addressWords() + " " + unit.layer())
                .containsExactly("7 2.1 Deck", "8 2.10 Deck", "9 2.19 Deck");
            assertThat(scene.type("Sluicegate Works@Quayside.gdtf").name()).isEqualTo("Quayside");
        }
    }

    @Test
    void aSelectionGoesOutAloneAndOneThatIsGoneIsRefused() {
        fixture("Quayline");
        var after = added("2 Quayline Nine from 1.1 as 1");

        try (var scene = MvrFile.open(post(rig + "/scene", "{\"units\": [\"" + unit(after, 1) + "\"], \"profiles\": \"OURS\"}").body())) {
            assertThat(SceneUnits.of(scene.scene()).units()).extracting(unit -> unit.id()).containsExactly("2");
        }
        assertThat(post(rig + "/scene", "{\"units\": [\"none\"], \"profiles\": \"OURS\"}").status()).isEqualTo(422);
    }
}
