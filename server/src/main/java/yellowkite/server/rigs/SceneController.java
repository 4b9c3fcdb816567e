package yellowkite.server.rigs;

import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import yellowkite.core.archive.Archive;
import yellowkite.core.check.Severity;
import yellowkite.core.mvr.FreshScene;
import yellowkite.core.mvr.Scene;
import yellowkite.core.mvr.SceneLosses;
import yellowkite.core.mvr.SceneProfiles;
import yellowkite.core.rig.Rig;
import yellowkite.server.revisions.RevisionReader;
import yellowkite.server.web.Refusal;

/** A rig as a scene with its profiles, over HTTP. Reads only. */
@RestController
class SceneController {
    private final Rigs rigs;
    private final RigFixtures fixtures;
    private final RevisionReader reader;

    SceneController(Rigs rigs, RigFixtures fixtures, RevisionReader reader) {
        this.rigs = rigs;
        this.fixtures = fixtures;
        this.reader = reader;
    }

    /** @param units uuids of those that go out; null = the whole rig */
    record SceneRequest(@Nullable List<String> units) {}

    /** @param profiles files that go along. @param losses what the scene lacks, or carries although it is wrong */
    record SceneProposal(int units, List<String> profiles, List<SceneLosses.Loss> losses) {}

    /** 200 with what a scene of the rig would hold and lack; nothing is written. */
    @PostMapping("/api/rigs/{rigId}/scene-proposal")
    SceneProposal propose(@PathVariable String rigId, @RequestBody SceneRequest request) {
        var rig = chosen(rigId, request);
        var specs = SceneProfiles.specs(rig);
        return new SceneProposal(rig.units().size(), List.copyOf(specs.values()), SceneLosses.of(rig, errors(specs)));
    }

    private Rig chosen(String rigId, SceneRequest request) {
        var rig = rigs.require(rigId).rig();
        if (request.units() == null) {
            return rig;
        }
        var wanted = new HashSet<>(request.units());
        var chosen = rig.withUnits(rig.units().stream().filter(unit -> wanted.contains(unit.uuid())).toList());
        if (chosen.units().isEmpty()) {
            throw Refusal.unfit("units", "None of these units is in the rig any more.");
        }
        return chosen;
    }

    private Map<String, Integer> errors(Map<String, String> specs) {
        var errors = new HashMap<String, Integer>();
        specs.keySet()
            .forEach(pin -> fixtures.revision(pin)
                .map(reader::findings)
                .map(all -> (int) all.stream().filter(each -> each.severity() == Severity.ERROR).count())
                .filter(count -> count > 0)
                .ifPresent(count -> errors.put(pin, count)));
        return errors;
    }

    /** 200 with the scene as a file. */
    @PostMapping("/api/rigs/{rigId}/scene")
    ResponseEntity<byte[]> scene(@PathVariable String rigId, @RequestBody SceneRequest request) {
        var rig = chosen(rigId, request);
        var specs = SceneProfiles.specs(rig);
        var entries = new LinkedHashMap<String, byte[]>();
        entries.put(Scene.ENTRY, FreshScene.of(rig, specs).write());
        specs.forEach((pin, name) -> fixtures.revision(pin).ifPresent(revision -> entries.put(name, reader.file(revision))));
        return ResponseEntity.ok()
            .header(HttpHeaders.CONTENT_DISPOSITION,
                    ContentDisposition.attachment().filename(rig.name() + ".mvr", StandardCharsets.UTF_8).build().toString())
            .contentType(MediaType.APPLICATION_OCTET_STREAM)
            .body(Archive.write(entries));
    }
}
