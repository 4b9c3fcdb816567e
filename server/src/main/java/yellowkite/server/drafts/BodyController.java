package yellowkite.server.drafts;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
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
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Mode;
import yellowkite.core.shape.Shape;
import yellowkite.core.shape.Views;
import yellowkite.server.content.ModelShapes;
import yellowkite.server.web.Change;
import yellowkite.server.web.Drawings;
import yellowkite.server.web.Refusal;

/** The body of a draft over HTTP: its parts, and the files that give it its shape. 404 for a draft, mode or model that is not there. */
@RestController
class BodyController {
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
     * 200 with the triangles of a model: how many pieces, and for each its colour, its number of points and of corners, its points (x, y, z
     * as 32-bit floats, metres) and its corners (32-bit places among the points), all little-endian. @param detail that is shown where the
     * model has it
     */
    @GetMapping(value = "/api/drafts/{draftId}/shape", produces = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    ResponseEntity<byte[]> shape(@PathVariable String draftId, @RequestParam String model,
            @RequestParam(defaultValue = "USUAL") BodyFiles.Detail detail) {
        var draft = drafts.require(draftId);
        return ResponseEntity.ok(bytes(shapes.of(BodyFiles.model(draft, model), bases.media(draft).contents(), detail.folder())));
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

    /**
     * 200 with the draft whose model has that file at a level of detail; 422 with a sentence if the file cannot be shown. @param model that
     * gets it; empty = a new one, called after the file
     */
    @PostMapping(value = "/api/drafts/{draftId}/model-file", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    DraftView modelFile(@PathVariable String draftId, @RequestParam(required = false) @Nullable Integer mode, @RequestParam int version,
            @RequestParam(defaultValue = "") String model,
            @RequestParam BodyFiles.Detail detail, @RequestPart("file") MultipartFile file, Change change)
            throws IOException {
        return drafted.shape(files.put(draftId, version, model, detail, file, change), mode);
    }

    record StandInRequest(int version, String model) {
        StandInRequest {
            Objects.requireNonNull(model, "model");
        }
    }

    /** 200 with the draft where boxes stand for a heavy model; its own file goes on as the high detail, where there is none yet. */
    @PostMapping("/api/drafts/{draftId}/model-stand-in")
    DraftView standIn(@PathVariable String draftId, @RequestParam(required = false) @Nullable Integer mode,
            @RequestBody StandInRequest request, Change change) {
        return drafted.shape(files.standIn(draftId, request.version(), request.model(), change), mode);
    }

    record DrawRequest(int version) {}

    /** 200 with the draft whose models have flat drawings of their shapes, from above, from the side and from the front, in the file. */
    @PostMapping("/api/drafts/{draftId}/drawings")
    DraftView draw(@PathVariable String draftId, @RequestParam(required = false) @Nullable Integer mode, @RequestBody DrawRequest request,
            Change change) {
        return drafted.shape(files.draw(draftId, request.version(), change), mode);
    }

    static Mode mode(FixtureType type, int mode) {
        return type.findMode(mode).orElseThrow(() -> Refusal.notFound("That mode is not in this profile any more."));
    }
}
