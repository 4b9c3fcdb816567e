package yellowkite.server.rigs;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import yellowkite.core.rig.Found;
import yellowkite.core.rig.edit.ReplaceFixture;
import yellowkite.core.rig.edit.Replacement;
import yellowkite.core.rig.edit.RigEdit;
import yellowkite.server.web.Change;
import yellowkite.server.web.EditJson;
import yellowkite.server.web.Line;

/** Rigs over HTTP. */
@RestController
class RigController {
    private static final int MOST_RIGS = 1_000;
    private static final int LONGEST = 200;
    private final RigRepository repository;
    private final Rigs rigs;
    private final Rigging rigging;
    private final RigShaper shaper;
    private final RigProposals proposals;
    private final RigEvents events;

    RigController(RigRepository repository, Rigs rigs, Rigging rigging, RigShaper shaper, RigProposals proposals, RigEvents events) {
        this.repository = repository;
        this.rigs = rigs;
        this.rigging = rigging;
        this.shaper = shaper;
        this.proposals = proposals;
        this.events = events;
    }

    /** @param changedAt UTC */
    record RigLine(String id, String name, String production, int units, int universes, String changedBy, LocalDateTime changedAt,
            boolean binned) {}

    /** 200 with all rigs, the one that was changed last first. */
    @GetMapping("/api/rigs")
    List<RigLine> list() {
        return repository.list(MOST_RIGS)
            .stream()
            .map(each -> new RigLine(each.id(), each.name(), each.production(), each.units(), each.universes(), each.changedBy(),
                    each.changedAt(), each.binnedAt() != null))
            .toList();
    }

    record BeginRigRequest(String name, @Nullable String production) {
        BeginRigRequest {
            Objects.requireNonNull(name, "name");
        }
    }

    /** 201 with the rig; 422 if it has no name. */
    @PostMapping("/api/rigs")
    @ResponseStatus(HttpStatus.CREATED)
    RigView begin(@RequestBody BeginRigRequest request, Change change) {
        return shaper.shape(rigging.begin(Line.of("name", request.name(), LONGEST), Line.of("production", request.production(), LONGEST),
                change));
    }

    /** 200 with the rig; 404 if there is none. */
    @GetMapping("/api/rigs/{rigId}")
    RigView rig(@PathVariable String rigId) {
        return shaper.shape(rigs.require(rigId));
    }

    record RigEditRequest(int version, RigEdit edit) {
        RigEditRequest {
            Objects.requireNonNull(edit, "edit");
            EditJson.requireWhole((Object) edit);
        }
    }

    /**
     * 200 with the rig; 409 if its place was changed since {@code version}, with the {@code places}; 422 with the {@code field} that does
     * not fit.
     */
    @PostMapping("/api/rigs/{rigId}/edits")
    RigView edit(@PathVariable String rigId, @RequestBody RigEditRequest request, Change change) {
        return shaper.shape(rigging.edit(rigId, request.version(), request.edit(), change));
    }

    record RigVersionRequest(int version) {}

    /** 200 with the rig without the asker's last edit; 422 if there is none, or others have built upon it. */
    @PostMapping("/api/rigs/{rigId}/undo")
    RigView undo(@PathVariable String rigId, Change change) {
        return shaper.shape(rigging.undo(rigId, change));
    }

    /** 200 with the rig; 409 if it went on since {@code version}; 422 if nothing is undone. */
    @PostMapping("/api/rigs/{rigId}/redo")
    RigView redo(@PathVariable String rigId, @RequestBody RigVersionRequest request, Change change) {
        return shaper.shape(rigging.redo(rigId, request.version(), change));
    }

    /** 200 with how far the rig is, at once and each time it goes on, as server-sent events; 404 if there is none. */
    @GetMapping(value = "/api/rigs/{rigId}/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter events(@PathVariable String rigId) {
        return events.listen(rigId, rigs.require(rigId).row().version());
    }

    /** 204; it lies in the bin, and can be restored. */
    @DeleteMapping("/api/rigs/{rigId}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void bin(@PathVariable String rigId) {
        rigging.bin(rigId, true);
    }

    /** 200 with the rig, out of the bin. */
    @PostMapping("/api/rigs/{rigId}/restore")
    RigView restore(@PathVariable String rigId) {
        return shaper.shape(rigging.bin(rigId, false));
    }

    record AddLineRequest(String text) {
        AddLineRequest {
            Objects.requireNonNull(text, "text");
        }
    }

    /** 200 with what a line would add, or why it would not; nothing is changed. */
    @PostMapping("/api/rigs/{rigId}/line")
    RigProposals.RigProposal line(@PathVariable String rigId, @RequestBody AddLineRequest request) {
        return proposals.of(rigs.require(rigId).rig(), request.text());
    }

    /** 200 with the modes that some words mean: what the rig uses already first, then ours, then the Reference shelf. */
    @GetMapping("/api/rigs/{rigId}/fixtures")
    List<Found> fixtures(@PathVariable String rigId, @RequestParam(defaultValue = "") String words) {
        return proposals.fixtures(rigs.require(rigId).rig(), words);
    }

    record ReplacementRequest(List<String> units, Found fixture) {
        ReplacementRequest {
            Objects.requireNonNull(units, "units");
            Objects.requireNonNull(fixture, "fixture");
        }
    }

    /** 200 with what replacing units would do, nothing is changed; 422 if one is gone, or there is no such mode. */
    @PostMapping("/api/rigs/{rigId}/replacement")
    Replacement replacement(@PathVariable String rigId, @RequestBody ReplacementRequest request) {
        return proposals.replacement(rigs.require(rigId).rig(), new ReplaceFixture(request.units(), request.fixture()));
    }
}
