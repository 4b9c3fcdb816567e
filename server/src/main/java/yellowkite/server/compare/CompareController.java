package yellowkite.server.compare;

import java.io.IOException;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import yellowkite.core.archive.FormatException;
import yellowkite.core.compare.Comparison;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.core.profile.Mode;
import yellowkite.server.compare.Sides.Shown;
import yellowkite.server.revisions.RevisionReader;
import yellowkite.server.web.Refusal;

/** What differs between revisions, modes and files. Reads only; a file is looked at and forgotten. */
@RestController
class CompareController {
    private final RevisionReader reader;
    private final Sides sides;

    CompareController(RevisionReader reader, Sides sides) {
        this.reader = reader;
        this.sides = sides;
    }

    /**
     * 200; 404 if there is no such revision or mode.
     *
     * @param leftMode number of the only mode that is compared, 0 = the first; null, as the right one, for whole profiles
     */
    @GetMapping("/api/compare")
    ComparisonView compare(@RequestParam String left, @RequestParam int leftRevision, @RequestParam String right,
            @RequestParam int rightRevision,
            @RequestParam(required = false) @Nullable Integer leftMode, @RequestParam(required = false) @Nullable Integer rightMode) {
        var one = stored(left, leftRevision);
        var other = stored(right, rightRevision);
        return Sides.view(one, other, leftMode == null || rightMode == null ? Comparison.of(one.side(), other.side())
                : Comparison.ofModes(one.type(), mode(one, leftMode), other.type(), mode(other, rightMode)));
    }

    /** 200 with what a file would change of a revision; nothing is stored. 422 if the file is refused. */
    @PostMapping(value = "/api/compare/file", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    ComparisonView compareFile(@RequestParam String left, @RequestParam int leftRevision, @RequestPart("file") MultipartFile file)
            throws IOException {
        var one = stored(left, leftRevision);
        var other = dropped(file);
        return Sides.view(one, other, Comparison.of(one.side(), other.side()));
    }

    private static Mode mode(Shown side, int number) {
        if (number < 0 || number >= side.type().modes().size()) {
            throw Refusal.notFound("'" + side.line().name() + "' has no mode " + number + ".");
        }
        return side.type().modes().get(number);
    }

    private Shown stored(String profileId, int number) {
        return sides.stored(reader.require(profileId, number));
    }

    private Shown dropped(MultipartFile file) throws IOException {
        var name = Objects.requireNonNullElse(file.getOriginalFilename(), "file");
        if (file.getSize() > GdtfFile.MAX_BYTES) { // before it is brought into memory
            throw Refusal.unfit("file", "'" + name + "' is larger than the limit of " + (GdtfFile.MAX_BYTES >> 20) + " MB.");
        }
        try {
            return sides.dropped(name, GdtfFile.read(file.getBytes()));
        } catch (FormatException refused) {
            throw Refusal.unfit("file", refused.sentence(name));
        }
    }
}
