package yellowkite.server.exchange;

import java.util.List;
import java.util.Objects;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import yellowkite.server.exchange.SceneTaking.SceneDecision;
import yellowkite.server.exchange.SceneUpdating.RigUpdateView;
import yellowkite.server.exchange.SceneUpdating.UpdateChoice;
import yellowkite.server.web.Change;

/** Newer scenes laid onto rigs, over HTTP. */
@RestController
class SceneUpdateController {
    private final Scenes scenes;
    private final SceneUpdating updating;

    SceneUpdateController(Scenes scenes, SceneUpdating updating) {
        this.scenes = scenes;
        this.updating = updating;
    }

    record UpdateProposalRequest(String rigId, List<SceneDecision> decisions) {
        UpdateProposalRequest {
            Objects.requireNonNull(rigId, "rigId");
            decisions = List.copyOf(decisions);
        }
    }

    /** 200 with what a scene would change of a rig, and who changed it; nothing is changed. 404 if one of them is not there. */
    @PostMapping("/api/scenes/{id}/update-proposal")
    RigUpdateView propose(@PathVariable String id, @RequestBody UpdateProposalRequest request) {
        return updating.propose(scenes.require(id), request.rigId(), request.decisions());
    }

    record UpdateRequest(String rigId, UpdateChoice choice) {
        UpdateRequest {
            Objects.requireNonNull(rigId, "rigId");
            Objects.requireNonNull(choice, "choice");
        }
    }

    record UpdatedRig(int version) {}

    /** 200 with the rig's version after it; 409 if the rig went on since it was seen; 422 if what was chosen does not fit. */
    @PostMapping("/api/scenes/{id}/update")
    UpdatedRig update(@PathVariable String id, @RequestBody UpdateRequest request, Change change) {
        scenes.requireStored(id);
        return new UpdatedRig(updating.take(scenes.require(id), request.rigId(), request.choice(), change));
    }
}
