package yellowkite.server.drafts;

import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import yellowkite.core.body.BodyTree;
import yellowkite.core.colour.Srgb;
import yellowkite.core.dmx.Cell;
import yellowkite.core.pose.Flat;
import yellowkite.core.pose.Pose;
import yellowkite.core.pose.Room;
import yellowkite.core.pose.Sign;
import yellowkite.core.pose.Throw;
import yellowkite.core.profile.Geometry;
import yellowkite.core.shape.Views;
import yellowkite.server.content.ModelShapes;
import yellowkite.server.web.Refusal;

/** A draft's body at a probe over HTTP, in the room and on a sheet. Reads only; 404 for a draft or a mode that is not there. */
@RestController
class PoseController {
    private static final double HIGHEST = 50;
    private static final double FARTHEST = 1_000;
    private final Drafts drafts;
    private final DraftBases bases;
    private final BodyShaper shaper;
    private final ModelShapes shapes;

    PoseController(Drafts drafts, DraftBases bases, BodyShaper shaper, ModelShapes shapes) {
        this.drafts = drafts;
        this.bases = bases;
        this.shaper = shaper;
        this.shapes = shapes;
    }

    /**
     * @param values raw values by channel id; a channel that is not named stands at its start value, and gives light at its highlight value
     * @param cells what stands otherwise in some cells. @param mount how the fixture stands in the room
     * @param height metres from the floor, of a hanging one
     */
    record PoseRequest(int mode, Map<Integer, Long> values, List<CellProbe> cells, Room.Mount mount, double height) {
        PoseRequest {
            values = Map.copyOf(values);
            cells = List.copyOf(cells);
            Objects.requireNonNull(mount, "mount");
        }
    }

    /** @param path names of the references that lead to the cell, outermost first. @param values raw values by channel id */
    record CellProbe(List<String> path, Map<Integer, Long> values) {
        CellProbe {
            path = List.copyOf(path);
            values = Map.copyOf(values);
        }
    }

    /** 200 with the body at a probe; 422 if a value is outside of its channel, or the height of a room. */
    @PostMapping("/api/drafts/{draftId}/pose")
    PoseView pose(@PathVariable String draftId, @RequestBody PoseRequest request) {
        var draft = drafts.require(draftId);
        return shaper.pose(posed(draft, request), bases.media(draft));
    }

    private static Pose posed(LoadedDraft draft, PoseRequest request) {
        if (!(request.height() >= 0 && request.height() <= HIGHEST)) {
            throw Refusal.unfit("height", "A fixture hangs 0 to " + (int) HIGHEST + " metres above the floor.");
        }
        if (request.cells().size() > Cell.MOST) {
            throw Refusal.unfit("cells", "At most " + Cell.MOST + " cells stand otherwise.");
        }
        var probe = Probes.of(draft, request.mode(), request.values()).lit(new HashSet<>(request.values().keySet()));
        var cells = request.cells().stream().collect(Collectors.toMap(CellProbe::path, CellProbe::values, (one, other) -> other));
        var put = Probes.within(() -> probe.withCells(cells));
        return Pose.of(put.mode(), put.meanings(), new Room(request.mount(), request.height()));
    }

    /** @param view from where the pose is looked at */
    record FlatRequest(PoseRequest pose, Views.View view) {
        FlatRequest {
            Objects.requireNonNull(pose, "pose");
            Objects.requireNonNull(view, "view");
        }
    }

    /** @param points right and up, in metres, in turn. @param looks how bright a beam looks, in [0, 1]; 1 of a part */
    record FlatShape(List<Double> points, String hex, double looks) {}

    /** @param points right and up, in metres, in turn */
    record FlatSign(Sign.Kind kind, List<Double> points) {}

    /** @param right metres, as is up */
    record FlatNumber(String number, double right, double up) {}

    /**
     * @param body parts, to be drawn one over the other. @param rays beams. @param signs lines that say which way it goes. @param numbers
     * of cells
     */
    record FlatView(List<FlatShape> body, List<FlatShape> rays, List<FlatSign> signs, List<FlatNumber> numbers) {}

    /** 200 with a pose on a sheet, for whoever sees no third dimension. */
    @PostMapping("/api/drafts/{draftId}/flat")
    FlatView flat(@PathVariable String draftId, @RequestBody FlatRequest request) {
        var draft = drafts.require(draftId);
        var media = bases.media(draft).contents();
        var type = draft.history().current();
        var flat = Flat.of(type, posed(draft, request.pose()), model -> shapes.of(model, media), request.view());
        return new FlatView(
                flat.body().stream().map(each -> new FlatShape(each.points(), String.format(Locale.ROOT, "#%06x", each.rgb()), 1)).toList(),
                flat.rays()
                    .stream()
                    .map(each -> new FlatShape(each.points(), Srgb.hueOf(each.color()).hex(), Math.sqrt(each.level())))
                    .toList(),
                flat.signs().stream().map(each -> new FlatSign(each.kind(), each.points())).toList(),
                flat.numbers().stream().map(each -> new FlatNumber(each.text(), each.right(), each.up())).toList());
    }

    /** @param beamAngle degrees, as is the field angle */
    record ThrowView(double beamAngle, double fieldAngle, double beamWidth, double fieldWidth, double lux) {}

    /** 200 with how wide and how bright the beam of a part is at a distance; 422 if it is no distance, 404 if the part gives no light. */
    @GetMapping("/api/drafts/{draftId}/throw")
    ThrowView thrown(@PathVariable String draftId, @RequestParam String part, @RequestParam double distance) {
        if (!(distance >= 0 && distance <= FARTHEST)) {
            throw Refusal.unfit("distance", "A distance lies from 0 to " + (int) FARTHEST + " metres.");
        }
        if (BodyTree.find(drafts.require(draftId).history().current(), part).orElse(null) instanceof Geometry.Part lens
                && lens.details() instanceof Geometry.BeamDetails beam) {
            var there = Throw.at(distance, beam.beamAngle(), beam.widestAngle(), beam.beamRadius(), beam.luminousFlux());
            return new ThrowView(beam.beamAngle(), beam.widestAngle(), there.beamWidth(), there.fieldWidth(), there.lux());
        }
        throw Refusal.notFound("No part called '" + part + "' gives light.");
    }
}
