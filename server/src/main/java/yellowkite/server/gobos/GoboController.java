package yellowkite.server.gobos;

import java.io.IOException;
import java.time.Duration;
import java.util.Base64;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;
import yellowkite.core.gobo.Cut;
import yellowkite.core.gobo.Metal;
import yellowkite.core.gobo.Outline;
import yellowkite.core.gobo.Picture;
import yellowkite.core.gobo.PictureRefused;
import yellowkite.media.PictureFile;
import yellowkite.server.content.ContentStore;
import yellowkite.server.gobos.GoboRepository.StoredGobo;
import yellowkite.server.web.Author;
import yellowkite.server.web.Refusal;

/** The gobo shelf over HTTP. A picture that does not fit is refused with 422 and a sentence, and nothing is stored. */
@RestController
class GoboController {
    private static final int LISTED = 300;
    private static final double SMOOTHEST = 20;
    private final Gobos gobos;
    private final ContentStore contents;
    private final JsonMapper json;

    GoboController(Gobos gobos, ContentStore contents, JsonMapper json) {
        this.gobos = gobos;
        this.contents = contents;
        this.json = json;
    }

    /** @param picture address of it. @param outline address of its line view */
    record GoboLine(String id, String name, String tags, String manufacturer, String manufacturerNumber, String origin, String rights,
            String picture, String outline, int size, String author, int version) {
        static GoboLine of(StoredGobo each) {
            return new GoboLine(each.id(), each.name(), each.tags(), each.manufacturer(), each.manufacturerNumber(), each.origin(),
                    each.rights(), "/api/media/" + each.pictureSha256(), "/api/gobos/" + each.id() + "/outline.svg", each.size(),
                    each.author(), each.version());
        }
    }

    /** 200 with the gobos in which every word stands somewhere, by name, at most 300. */
    @GetMapping("/api/gobos")
    List<GoboLine> list(@RequestParam(defaultValue = "") String search) {
        return gobos.search(search, LISTED).stream().map(GoboLine::of).toList();
    }

    record GoboUse(String profileId, String name, @Nullable Integer revision) {}

    /** 200 with the profiles that use its picture; a use without a revision is in a draft. */
    @GetMapping("/api/gobos/{id}/uses")
    List<GoboUse> uses(@PathVariable String id) {
        return gobos.uses(id)
            .stream()
            .map(each -> new GoboUse(each.profileId(), each.manufacturer() + " " + each.name(), each.revision()))
            .toList();
    }

    /** 200 with the line view as a drawing. */
    @GetMapping(value = "/api/gobos/{id}/outline.svg", produces = "image/svg+xml")
    ResponseEntity<byte[]> outline(@PathVariable String id) {
        return ResponseEntity.ok()
            .cacheControl(CacheControl.maxAge(Duration.ofDays(1)))
            .body(contents.find(gobos.require(id).outlineSha256()).orElseThrow());
    }

    /**
     * A gobo as it would be.
     *
     * @param width of the file's picture, in pixels
     * @param png as a data address
     * @param looksInverted whether it looks drawn black on white
     * @param bar thinnest dark bar, in pixels of the gobo; {@code slit} the thinnest line of light
     * @param warnings what metal could not hold, one sentence each
     * @param path of its line view; empty if it has too many edges
     * @param corners of the line view
     * @param tolerance that it keeps to, in pixels
     */
    record GoboLook(int width, int height, String png, boolean looksInverted, double bar, double slit, int islands, List<String> warnings,
            String path, int corners, double tolerance) {}

    /** 200 with what would come of a file; nothing is stored. @param cut a {@code Cut} as JSON */
    @PostMapping(value = "/api/gobo-look", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    GoboLook look(@RequestPart("file") MultipartFile file, @RequestParam String cut, @RequestParam double tolerance) throws IOException {
        if (!(tolerance >= 0.1 && tolerance <= SMOOTHEST)) {
            throw Refusal.unfit("tolerance", "A line keeps within 0.1 to 20 pixels of the edge.");
        }
        var asked = cut(cut);
        var source = read(file);
        var gobo = asked.of(source);
        var metal = Metal.of(gobo);
        var inverted = Cut.looksInverted(asked.withInverted(false).of(source));
        var outline = traced(gobo, tolerance);
        return new GoboLook(source.width(), source.height(),
                "data:image/png;base64," + Base64.getEncoder().encodeToString(PictureFile.png(gobo)), inverted,
                metal.bar(), metal.slit(), metal.islands(), asked.tone() == Cut.Tone.STENCIL ? metal.warnings() : List.of(), outline.path(),
                outline.rings().stream().mapToInt(each -> each.length).sum(), tolerance);
    }

    private static Outline traced(Picture gobo, double tolerance) {
        try {
            return Outline.trace(gobo, tolerance);
        } catch (PictureRefused tooBusy) {
            return new Outline(List.of(), gobo.width());
        }
    }

    private static Picture read(MultipartFile file) throws IOException {
        if (file.getSize() > PictureFile.MOST_BYTES) { // before it is brought into memory
            throw Refusal.unfit("file",
                    "This file has more than " + (PictureFile.MOST_BYTES >> 20) + " MB; make the picture smaller first.");
        }
        try {
            var name = file.getOriginalFilename();
            return PictureFile.read(name == null ? "" : name, file.getBytes());
        } catch (PictureRefused refused) {
            throw Refusal.unfit("file", String.valueOf(refused.getMessage()));
        }
    }

    private Cut cut(String text) {
        return part("cut", text, Cut.class, "The cut is not complete.");
    }

    /** 201 with the gobo on the shelf; a picture that is there already keeps what was said of it. */
    @PostMapping(value = "/api/gobos", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    GoboLine keep(@RequestPart("file") MultipartFile file, @RequestParam String cut, @RequestParam String facts, Author author)
            throws IOException {
        return GoboLine.of(gobos.keep(facts(facts), PictureFile.png(cut(cut).of(read(file))), author));
    }

    private Gobos.Facts facts(String text) {
        return part("facts", text, Gobos.Facts.class, "What is said of the gobo is not complete.");
    }

    /** Beside a file, what belongs to it travels as text. */
    private <T> T part(String field, String text, Class<T> shape, String incomplete) {
        try {
            var read = json.readValue(text, shape);
            if (read != null) {
                return read;
            }
        } catch (JacksonException unfit) {
            if (unfit.getCause() instanceof IllegalArgumentException why) {
                throw Refusal.unfit(field, String.valueOf(why.getMessage()));
            }
        }
        throw Refusal.unfit(field, incomplete);
    }

    /** @param version that was seen */
    record DescribeRequest(int version, Gobos.Facts facts) {
        DescribeRequest {
            Objects.requireNonNull(facts, "facts");
        }
    }

    /** 200 with the gobo; 409 if someone else has described it since; 422 with the field that does not fit. */
    @PutMapping("/api/gobos/{id}")
    GoboLine describe(@PathVariable String id, @RequestBody DescribeRequest request) {
        return GoboLine.of(gobos.describe(id, request.version(), request.facts()));
    }

    /** 204; profiles that use its picture keep it. */
    @DeleteMapping("/api/gobos/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable String id) {
        gobos.remove(id);
    }
}
