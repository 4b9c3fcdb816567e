package yellowkite.server.rigs;

import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.edit.ByMode;
import yellowkite.core.rig.edit.RigEdit;
import yellowkite.core.rig.edit.SeveralRigEdits;
import yellowkite.core.rig.wheels.WheelPlan;
import yellowkite.core.rig.wheels.WheelSheet;
import yellowkite.server.drafts.ProductionVersions;
import yellowkite.server.gobos.Gobos;
import yellowkite.server.revisions.StoredRevision;
import yellowkite.server.web.Change;
import yellowkite.server.web.Refusal;

/** What a production puts into the wheels of its fixtures, from a sheet, over HTTP. */
@RestController
class WheelSheetController {
    private final Rigs rigs;
    private final Rigging rigging;
    private final RigFixtures fixtures;
    private final Gobos gobos;
    private final ProductionVersions versions;

    WheelSheetController(Rigs rigs, Rigging rigging, RigFixtures fixtures, Gobos gobos, ProductionVersions versions) {
        this.rigs = rigs;
        this.rigging = rigging;
        this.fixtures = fixtures;
        this.gobos = gobos;
        this.versions = versions;
    }

    /** @param known whether the production has a version of it already. @param units how many there are of it in the rig */
    record WheelTypeLine(WheelPlan.TypePlan plan, boolean known, int units) {}

    record WheelPlanView(String production, List<WheelTypeLine> types, List<WheelPlan.SheetLine> lost) {}

    /** 200 with what a sheet would put where, and what does not fit; nothing is made. 422 if it is none. */
    @PostMapping(value = "/api/rigs/{rigId}/wheel-plan", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    WheelPlanView plan(@PathVariable String rigId, @RequestPart("file") MultipartFile file) throws IOException {
        var rig = rigs.require(rigId).rig();
        var pinned = pinned(rig);
        var production = production(rig);
        var plan = plan(file, pinned);
        return new WheelPlanView(production, plan.types()
            .stream()
            .map(each -> new WheelTypeLine(each, versions.find(required(pinned, each.pin()), production).isPresent(),
                    (int) rig.units().stream().filter(unit -> unit.found().pin().equals(each.pin())).count()))
            .toList(), plan.lost());
    }

    private static String production(Rig rig) {
        return rig.production().isEmpty() ? rig.name() : rig.production();
    }

    /** {@return the revisions that the rig pins, by pin} */
    private Map<String, StoredRevision> pinned(Rig rig) {
        var pinned = new LinkedHashMap<String, StoredRevision>();
        rig.units()
            .stream()
            .map(unit -> unit.found().pin())
            .distinct()
            .forEach(pin -> fixtures.revision(pin).ifPresent(revision -> pinned.put(pin, revision)));
        return pinned;
    }

    private static StoredRevision required(Map<String, StoredRevision> pinned, String pin) {
        return Objects.requireNonNull(pinned.get(pin), "laid out against a revision that the rig pins");
    }

    private WheelPlan plan(MultipartFile file, Map<String, StoredRevision> pinned) throws IOException {
        var targets = pinned.entrySet().stream().map(each -> new WheelPlan.Target(each.getKey(), fixtures.type(each.getValue()))).toList();
        return WheelPlan.of(SheetFile.read(file, WheelSheet::read), targets, gobos.shelf());
    }

    /** @param profileId of the version; empty if it was refused. @param refused why; empty if it was made */
    record MadeLine(String manufacturer, String model, String profileId, int revision, String refused) {}

    /**
     * 200 with the production versions that were made or updated, and those that could not be. @param use whether the units of the rig
     * become them at once
     */
    @PostMapping(value = "/api/rigs/{rigId}/wheel-versions", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    List<MadeLine> make(@PathVariable String rigId, @RequestPart("file") MultipartFile file, @RequestParam boolean use, Change change)
            throws IOException {
        var loaded = rigs.require(rigId);
        var pinned = pinned(loaded.rig());
        var made = new ArrayList<MadeLine>();
        var edits = new ArrayList<RigEdit>();
        for (var type : plan(file, pinned).types()) {
            if (type.changes().isEmpty()) {
                continue;
            }
            try {
                var from = required(pinned, type.pin());
                var version = versions.make(from, fixtures.type(from), production(loaded.rig()), type.changes(), change.author());
                made.add(new MadeLine(type.manufacturer(), type.model(), version.profileId(), version.number(), ""));
                var units = loaded.rig().units().stream().filter(unit -> unit.found().pin().equals(type.pin())).toList();
                edits.addAll(ByMode.of(units, mode -> fixtures.mode(version, mode)).edit().edits());
            } catch (Refusal refused) {
                made.add(new MadeLine(type.manufacturer(), type.model(), "", 0, String.valueOf(refused.getMessage())));
            }
        }
        if (use && !edits.isEmpty()) {
            rigging.edit(rigId, loaded.row().version(), new SeveralRigEdits(edits), change);
        }
        return made;
    }
}
