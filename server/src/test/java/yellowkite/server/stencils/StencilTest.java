package yellowkite.server.stencils;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.server.RunningKite.delete;
import static yellowkite.server.RunningKite.get;
import static yellowkite.server.RunningKite.post;

import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import yellowkite.demo.DemoHouse;
import yellowkite.server.RunningKite.Answer;
import yellowkite.server.RunningKite;

class StencilTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    /** {@return what the page would keep of the first channel of a draft} */
    private static JsonNode firstChannel() {
        var profile = RunningKite.takeIn(RunningKite.fresh(DemoHouse.petrelSpot()));
        return get("/api/profiles/" + profile + "/stencils").json().get(0).path("stencil");
    }

    private static Answer keep(String name, JsonNode stencil) {
        return post("/api/stencils",
                JSON.createObjectNode().put("name", name).put("origin", "Petrel Spot").set("stencil", stencil).toString());
    }

    private static boolean isListed(String id) {
        return get("/api/stencils").json().findValuesAsString("id").contains(id);
    }

    @Test
    void aChannelIsKeptUnderANameAndComesBackAsItWas() {
        var stencil = firstChannel();
        var name = "Pan of " + UUID.randomUUID();

        var kept = keep(name, stencil);

        assertThat(kept.status()).isEqualTo(201);
        assertThat(kept.json().path("author").asString()).isEqualTo("Ines");
        var listed = get("/api/stencils").json().values().stream().filter(each -> each.path("name").asString().equals(name)).findFirst();
        assertThat(listed.orElseThrow().path("stencil")).isEqualTo(stencil);
    }

    @Test
    void aStencilIsRemovedOnce() {
        var id = keep("Short of life", firstChannel()).json().path("id").asString();
        assertThat(isListed(id)).isTrue();

        assertThat(delete("/api/stencils/" + id).status()).isEqualTo(204);

        assertThat(isListed(id)).isFalse();
        assertThat(delete("/api/stencils/" + id).detail()).isEqualTo("This stencil is gone already.");
    }

    @Test
    void whatIsNoStencilIsRefusedAtItsField() {
        var stencil = firstChannel();
        var empty = ((ObjectNode) stencil.deepCopy());
        empty.putArray("functions");

        assertThat(keep(" ", stencil).json().path("field").asString()).isEqualTo("name");
        assertThat(keep("two\nlines", stencil).json().path("field").asString()).isEqualTo("name");
        assertThat(keep("n".repeat(121), stencil).json().path("field").asString()).isEqualTo("name");
        assertThat(keep("Nothing in it", empty).json().path("field").asString()).isEqualTo("stencil");
        assertThat(keep("Nobody's attribute", ((ObjectNode) stencil.deepCopy()).put("attribute", "a".repeat(201))).json()
            .path("field")
            .asString()).isEqualTo("stencil");
        assertThat(post("/api/stencils", "{\"name\":\"x\",\"origin\":\"y\",\"stencil\":null}").status()).isEqualTo(400);
    }

    @Test
    void aLongOriginIsCutAndKept() {
        var kept = post("/api/stencils",
                JSON.createObjectNode().put("name", "From afar").put("origin", "o".repeat(900)).set("stencil", firstChannel()).toString());

        assertThat(kept.json().path("origin").asString()).hasSize(400);
    }
}
