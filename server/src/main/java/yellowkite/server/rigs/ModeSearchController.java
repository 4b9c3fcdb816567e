package yellowkite.server.rigs;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import yellowkite.core.rig.Found;
import yellowkite.core.rig.Rig;

/** Modes of the library by their words, over HTTP: for a scene, for the bench. */
@RestController
class ModeSearchController {
    private final RigProposals proposals;

    ModeSearchController(RigProposals proposals) {
        this.proposals = proposals;
    }

    /** 200 with the modes that some words mean, ours first. */
    @GetMapping("/api/modes")
    List<Found> modes(@RequestParam(defaultValue = "") String words) {
        return proposals.fixtures(Rig.EMPTY, words);
    }
}
