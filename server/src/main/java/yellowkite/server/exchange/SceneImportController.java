package yellowkite.server.exchange;

import java.io.IOException;
import java.nio.file.Files;
import java.util.List;
import java.util.Objects;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import yellowkite.core.archive.FormatException;
import yellowkite.core.library.FixtureIdentity;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.taking.Laid;
import yellowkite.core.rig.taking.Taking;
import yellowkite.server.exchange.SceneRepository.StoredScene;
import yellowkite.server.exchange.SceneTaking.SceneDecision;
import yellowkite.server.exchange.SceneTaking.SceneKind;
import yellowkite.server.exchange.SceneTaking.SceneView;
import yellowkite.server.web.Author;
import yellowkite.server.web.Change;
import yellowkite.server.web.Line;
import yellowkite.server.web.Refusal;

/** Scenes that come in, over HTTP. */
@RestController
class SceneImportController {
    private static final int LONGEST = 200;
    private final Scenes scenes;
    private final SceneTaking taking;

    SceneImportController(Scenes scenes, SceneTaking taking) {
        this.scenes = scenes;
        this.taking = taking;
    }

    /** 201 with what a scene asks for and what there is for it; it waits to be decided on. 422 if it is none. */
    @PostMapping(value = "/api/scenes", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    SceneView receive(@RequestPart("file") MultipartFile file, Author author) throws IOException {
        var name = FixtureIdentity.listed(Objects.requireNonNullElse(file.getOriginalFilename(), "scene"));
        var kept = Files.createTempFile("kite-scene-", ".mvr");
        boolean read = false;
        try {
            file.transferTo(kept);
            var view = scenes.receive(name, kept, author).view();
            read = true;
            return view;
        } catch (FormatException refused) {
            throw Refusal.unfit("file", refused.sentence(name));
        } finally {
            if (!read) {
                Files.deleteIfExists(kept);
            }
        }
    }

    /** 200 with the same again; 404 once it was left, or another one stands for its rig. */
    @GetMapping("/api/scenes/{id}")
    SceneView show(@PathVariable String id) {
        return scenes.require(id).view();
    }

    /** @param decisions for all kinds, as they were seen; one that is missing becomes what is usual */
    record TakeSceneRequest(String name, List<SceneDecision> decisions) {
        TakeSceneRequest {
            Objects.requireNonNull(name, "name");
            decisions = List.copyOf(decisions);
        }
    }

    record TakenScene(String rigId) {}

    /**
     * 200 with the new rig; 422 if a kind cannot become what was chosen. The scene stays with the rig: it goes out as it.
     */
    @PostMapping("/api/scenes/{id}/take")
    TakenScene take(@PathVariable String id, @RequestBody TakeSceneRequest request, Change change) {
        scenes.requireStored(id);
        return new TakenScene(taking.take(scenes.require(id), Line.of("name", request.name(), LONGEST), request.decisions(), change));
    }

    record SceneDecisions(List<SceneDecision> decisions) {
        SceneDecisions {
            decisions = List.copyOf(decisions);
        }
    }

    /** 200 with where its fixtures would stand, and what would not fit; nothing is changed. */
    @PostMapping("/api/scenes/{id}/lanes")
    Laid lanes(@PathVariable String id, @RequestBody SceneDecisions request) {
        var scene = scenes.require(id);
        var kinds = scene.view().kinds();
        return Laid.of(Taking.taken(Rig.EMPTY, scene.units(), SceneTaking.proposed(kinds, request.decisions()), Taking.Twice.RENUMBER),
                kinds.stream().map(SceneKind::asked).toList());
    }

    /** 200 with the scenes that wait to be decided on, the newest first. */
    @GetMapping("/api/scenes")
    List<StoredScene> waiting() {
        return scenes.waiting();
    }

    /** 204; it is forgotten. */
    @DeleteMapping("/api/scenes/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void leave(@PathVariable String id) {
        scenes.leave(id);
    }
}
