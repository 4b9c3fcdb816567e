package yellowkite.server.rigs;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;
import yellowkite.core.rig.Found;
import yellowkite.core.rig.ModeCosts;
import yellowkite.core.rig.MovingUp;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.Unit;
import yellowkite.core.rig.edit.ByMode;
import yellowkite.core.rig.edit.RigEdit;
import yellowkite.server.revisions.RevisionReader;
import yellowkite.server.revisions.StoredRevision;
import yellowkite.server.web.Refusal;
import yellowkite.server.web.ZipDownload;

/** What the units of a rig could be instead, kind by kind, over HTTP. Reads only. */
@RestController
class KindController {
    private final Rigs rigs;
    private final RigFixtures fixtures;
    private final RevisionReader reader;

    KindController(Rigs rigs, RigFixtures fixtures, RevisionReader reader) {
        this.reader = reader;
        this.rigs = rigs;
        this.fixtures = fixtures;
    }

    /** 200 with the pinned revisions of a rig in one ZIP, a file each; 422 if it pins none. */
    @GetMapping(value = "/api/rigs/{rigId}/profiles.zip", produces = "application/zip")
    ResponseEntity<StreamingResponseBody> profiles(@PathVariable String rigId) {
        var rig = rigs.require(rigId).rig();
        var pinned = kinds(rig).keySet().stream().map(Found::pin).distinct().flatMap(pin -> fixtures.revision(pin).stream()).toList();
        if (pinned.isEmpty()) {
            throw Refusal.unfit("units", "No unit of this rig has a profile.");
        }
        return ZipDownload.of("profiles of " + rig.name() + ".zip", pinned.stream().map(reader::packed).toList());
    }

    /** Another mode of a kind. @param fixture what units would be */
    record CostLine(ModeCosts.RigModeCost cost, Found fixture) {}

    /** @param kind what units are. @param units their uuids */
    record KindCosts(Found kind, List<String> units, List<CostLine> others) {}

    /** 200 with what each other mode of the profiles in use would cost. */
    @GetMapping("/api/rigs/{rigId}/costs")
    List<KindCosts> costs(@PathVariable String rigId) {
        var rig = rigs.require(rigId).rig();
        return kinds(rig).entrySet()
            .stream()
            .flatMap(each -> fixtures.revision(each.getKey().pin()).stream().map(revision -> costs(rig, each.getValue(), revision)))
            .toList();
    }

    /** {@return the units of each kind that has a profile} However a unit's kind was found, units of it stand together. */
    private static Map<Found, List<Unit>> kinds(Rig rig) {
        return rig.units()
            .stream()
            .filter(unit -> unit.found().hasProfile())
            .collect(Collectors.groupingBy(unit -> Found.chosen(unit.found().pin(), unit.found().manufacturer(), unit.found().model(),
                    unit.found().mode(), unit.found().breaks()), LinkedHashMap::new, Collectors.toList()));
    }

    private KindCosts costs(Rig rig, List<Unit> units, StoredRevision revision) {
        var kind = units.getFirst().found();
        var others = ModeCosts.of(rig, kind, fixtures.modes(revision))
            .stream()
            .flatMap(cost -> fixtures.mode(revision, cost.mode()).stream().map(found -> new CostLine(cost, found)))
            .toList();
        return new KindCosts(kind, uuids(units), others);
    }

    private static List<String> uuids(List<Unit> units) {
        return units.stream().map(Unit::uuid).toList();
    }

    /**
     * Units that pin an older revision.
     *
     * @param revision that they pin, and {@code newest} of the profile. @param units their uuids
     * @param displaced how many do not fit where they stand then, and lose their addresses
     * @param gone modes of theirs that the newest lacks; units of those stay
     * @param edit moves the others up
     */
    record RevisionMove(String profileId, String manufacturer, String model, int revision, int newest, List<String> units, MovingUp moving,
            int displaced, List<String> gone, RigEdit edit) {}

    /** 200 with the pinned revisions of which there are newer ones, and what moving up does to this rig. */
    @GetMapping("/api/rigs/{rigId}/moves")
    List<RevisionMove> moves(@PathVariable String rigId) {
        var rig = rigs.require(rigId).rig();
        Map<String, List<Unit>> byPin = rig.units()
            .stream()
            .filter(unit -> unit.found().hasProfile())
            .collect(Collectors.groupingBy(unit -> unit.found().pin(), LinkedHashMap::new, Collectors.toList()));
        return byPin.entrySet()
            .stream()
            .flatMap(each -> fixtures.revision(each.getKey()).stream().flatMap(pinned -> {
                var newest = fixtures.newest(pinned);
                return pinned.number() < newest.number() ? Stream.of(move(rig, pinned, newest, each.getValue())) : Stream.empty();
            }))
            .toList();
    }

    private RevisionMove move(Rig rig, StoredRevision pinned, StoredRevision newest, List<Unit> units) {
        var type = fixtures.type(newest);
        var byMode = ByMode.of(units, mode -> fixtures.mode(newest, mode));
        return new RevisionMove(pinned.profileId(), type.manufacturer(), type.name(), pinned.number(), newest.number(), uuids(units),
                MovingUp.of(units, fixtures.side(pinned), fixtures.side(newest)), byMode.displaced(rig), byMode.gone(), byMode.edit());
    }
}
