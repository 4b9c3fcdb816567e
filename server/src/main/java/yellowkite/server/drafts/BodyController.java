package yellowkite.server.drafts;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import yellowkite.core.colour.Srgb;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.edit.AxisCures;
import yellowkite.core.edit.Edit;
import yellowkite.core.pose.Flat;
import yellowkite.core.pose.Forward;
import yellowkite.core.pose.Heading;
import yellowkite.core.pose.Pose;
import yellowkite.core.pose.Room;
import yellowkite.core.pose.Throw;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Mode;
import yellowkite.core.shape.Shape;
import yellowkite.core.shape.Views;
import yellowkite.server.content.ModelShapes;
import yellowkite.server.web.Change;
import yellowkite.server.web.Drawings;
import yellowkite.server.web.Refusal;

/** The body of a draft over HTTP: its parts, its shape, and how it stands at a probe. 404 for a draft, mode or model that is not there. */
@RestController
class BodyController {
    private static final double HIGHEST = 50;
    private static final double FARTHEST = 1_000;
    private final Drafts drafts;
    private final DraftBases bases;
    private final DraftShaper drafted;
    private final BodyShaper shaper;
    private final BodyFiles files;
    private final ModelShapes shapes;

    BodyController(Drafts drafts, DraftBases bases, DraftShaper drafted, BodyShaper shaper, BodyFiles files,
            ModelShapes shapes) {
        this.shapes = shapes;
        this.drafts = drafts;
        this.bases = bases;
        this.drafted = drafted;
        this.shaper = shaper;
        this.files = files;
    }

    /** @param mode id; null for a profile without modes */
    @GetMapping("/api/drafts/{draftId}/body")
    BodyView body(@PathVariable String draftId, @RequestParam(required = false) @Nullable Integer mode) {
        var draft = drafts.require(draftId);
        var type = draft.history().current();
        return shaper.view(type, mode == null ? null : mode(type, mode), bases.media(draft));
    }

    /**
     * @param values raw values by channel id; a channel that is not named stands at its start value, and gives light at its highlight value
     * @param mount how the fixture stands in the room. @param height metres from the floor, of a hanging one
     */
    record PoseRequest(int mode, Map<Integer, Long> values, Room.Mount mount, double height) {
        PoseRequest {
            values = Map.copyOf(values);
            Objects.requireNonNull(mount, "mount");
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
        var probe = Probes.of(draft, request.mode(), request.values()).lit(new HashSet<>(request.values().keySet()));
        return Pose.of(probe.mode(), probe.meanings(), new Room(request.mount(), request.height()));
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

    /** @param body parts, to be drawn one over the other. @param rays beams */
    record FlatView(List<FlatShape> body, List<FlatShape> rays) {}

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
                    .toList());
    }

    /** 200 with how wide and how bright a beam is at a distance; the angles in degrees, the radius in metres. */
    @GetMapping("/api/throw")
    Throw thrown(@RequestParam double distance, @RequestParam double beamAngle, @RequestParam double fieldAngle,
            @RequestParam double radius,
            @RequestParam double lumens) {
        for (double each : new double[]{distance, beamAngle, fieldAngle, radius, lumens}) {
            if (!Double.isFinite(each) || each < 0 || distance > FARTHEST) {
                throw Refusal.unfit("distance", "A distance lies from 0 to " + (int) FARTHEST + " metres, and no figure is below 0.");
            }
        }
        return Throw.at(distance, beamAngle, fieldAngle, radius, lumens);
    }

    /**
     * 200 with the triangles of a model: how many pieces, and for each its colour, its number of points and of corners, its points (x, y, z
     * as 32-bit floats, metres) and its corners (32-bit places among the points), all little-endian.
     */
    @GetMapping(value = "/api/drafts/{draftId}/shape", produces = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    ResponseEntity<byte[]> shape(@PathVariable String draftId, @RequestParam String model) {
        var draft = drafts.require(draftId);
        var found = draft.history()
            .current()
            .models()
            .stream()
            .filter(each -> each.name().equals(model))
            .findFirst()
            .orElseThrow(() -> Refusal.notFound("That model is not in this profile any more."));
        return ResponseEntity.ok(bytes(shapes.of(found, bases.media(draft).contents())));
    }

    private static byte[] bytes(Shape shape) {
        int size = 4 + shape.pieces().stream().mapToInt(each -> 12 + 4 * each.points().length + 4 * each.corners().length).sum();
        var out = ByteBuffer.allocate(size).order(ByteOrder.LITTLE_ENDIAN).putInt(shape.pieces().size());
        for (var piece : shape.pieces()) {
            out.putInt(piece.rgb()).putInt(piece.points().length).putInt(piece.corners().length);
            for (float point : piece.points()) {
                out.putFloat(point);
            }
            for (int corner : piece.corners()) {
                out.putInt(corner);
            }
        }
        return out.array();
    }

    /** 200 with the body of a mode, drawn flat; one of its units is a millimetre. */
    @GetMapping(value = "/api/drafts/{draftId}/drawing", produces = "image/svg+xml")
    ResponseEntity<String> drawing(@PathVariable String draftId, @RequestParam int mode, @RequestParam Views.View view) {
        var draft = drafts.require(draftId);
        var type = draft.history().current();
        return Drawings.answer(shapes.drawn(type, mode(type, mode), view, bases.media(draft).contents()), CacheControl.noCache());
    }

    /** 200 with the draft whose model has that file at a level of detail; 422 with a sentence if the file cannot be shown. */
    @PostMapping(value = "/api/drafts/{draftId}/model-file", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    DraftView modelFile(@PathVariable String draftId, @RequestParam(required = false) @Nullable Integer mode, @RequestParam int version,
            @RequestParam String model, @RequestParam BodyFiles.Detail detail, @RequestPart("file") MultipartFile file, Change change)
            throws IOException {
        return drafted.shape(files.put(draftId, version, model, detail, file, change), mode);
    }

    record DrawRequest(int version) {}

    /** 200 with the draft whose models have flat drawings of their shapes, from above, from the side and from the front, in the file. */
    @PostMapping("/api/drafts/{draftId}/drawings")
    DraftView draw(@PathVariable String draftId, @RequestParam(required = false) @Nullable Integer mode, @RequestBody DrawRequest request,
            Change change) {
        return drafted.shape(files.draw(draftId, request.version(), change), mode);
    }

    /** @param pan how pan turns; null without it; likewise tilt. @param steps of the test */
    record ForwardView(Forward.@Nullable Sense pan, Forward.@Nullable Sense tilt, List<StepLine> steps) {}

    /** @param pan degrees to be sent, as is tilt. @param expected where the profile says that the light looks then; and in words */
    record StepLine(double pan, double tilt, Heading expected, String says) {}

    /** 200 with which way is forward. */
    @GetMapping("/api/drafts/{draftId}/forward")
    ForwardView forward(@PathVariable String draftId, @RequestParam int mode) {
        var forward = Forward.of(compiled(draftId, mode));
        return new ForwardView(forward.pan(), forward.tilt(),
                forward.steps()
                    .stream()
                    .map(each -> new StepLine(each.pan(), each.tilt(), each.expected(), each.expected().words()))
                    .toList());
    }

    /** @param at where the fixture looked; null = not told */
    record Seen(@Nullable Heading at) {}

    /** @param seen for each step */
    record SeenRequest(int mode, List<Seen> seen) {
        SeenRequest {
            seen = List.copyOf(seen);
        }
    }

    /** @param agrees whether the fixture does what the profile says. @param explanations each a way to explain what was seen */
    record ForwardAnswer(boolean agrees, List<List<AxisCure>> explanations) {}

    /** @param says what is wrong. @param changes what the edit changes */
    record AxisCure(String says, String changes, Edit edit) {}

    /** 200 with what is wrong where a fixture looked elsewhere, each statement with its cure. */
    @PostMapping("/api/drafts/{draftId}/forward")
    ForwardAnswer explain(@PathVariable String draftId, @RequestBody SeenRequest request) {
        var compiled = compiled(draftId, request.mode());
        var forward = Forward.of(compiled);
        if (request.seen().size() != forward.steps().size()) {
            throw Refusal.unfit("seen", "The test has " + forward.steps().size() + " steps.");
        }
        var seen = new ArrayList<@Nullable Heading>();
        request.seen().forEach(each -> seen.add(each.at()));
        var answers = Forward.explain(compiled, seen);
        return new ForwardAnswer(answers.stream().anyMatch(each -> each.wrong().isEmpty()), answers.stream()
            .filter(each -> !each.wrong().isEmpty())
            .map(answer -> AxisCures.of(compiled.type(), forward, answer)
                .stream()
                .map(each -> new AxisCure(each.says(), each.changes(), each.edit()))
                .toList())
            .toList());
    }

    private CompiledMode compiled(String draftId, int mode) {
        var type = drafts.require(draftId).history().current();
        return CompiledModes.of(type, mode(type, mode));
    }

    private static Mode mode(FixtureType type, int mode) {
        return type.findMode(mode).orElseThrow(() -> Refusal.notFound("That mode is not in this profile any more."));
    }
}
