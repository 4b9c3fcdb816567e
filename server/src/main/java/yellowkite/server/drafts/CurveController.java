package yellowkite.server.drafts;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Objects;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import yellowkite.core.curve.Curve;
import yellowkite.core.curve.Measured;
import yellowkite.core.curve.Shelf;
import yellowkite.core.edit.PutCurve;
import yellowkite.core.profile.DmxProfile;
import yellowkite.core.profile.FixtureType;
import yellowkite.server.web.Refusal;

/** Curves as they would be: of the shelf, through measured points, and those of a draft with where they are used. Reads only. */
@RestController
class CurveController {
    private static final int LONGEST = 200_000;
    private static final int FADE = 10;
    private final Drafts drafts;

    CurveController(Drafts drafts) {
        this.drafts = drafts;
    }

    /**
     * A curve to look at.
     *
     * @param outputs for each input from 0 to 255, in fractions of full output
     * @param eight   the same as values of 8 bit; {@code sixteen} of 16 bit
     * @param fade    output of each step of a fade in ten
     * @param largest largest distance from a point that was measured, in fractions; null if none was
     */
    record CurveView(List<PutCurve.Piece> pieces, List<Double> outputs, List<Long> eight, List<Long> sixteen, List<Double> fade, @Schema(nullable = true) @Nullable Double largest) {
        static CurveView of(List<DmxProfile.Point> points, @Nullable Double largest) {
            var curve = new Curve(points);
            return new CurveView(points.stream().map(PutCurve.Piece::of).toList(), IntStream.rangeClosed(0, 255).mapToObj(i -> curve.at(i / 255.0)).toList(),
                    IntStream.rangeClosed(0, 255).mapToObj(i -> curve.valueAt(i, 1, 1)).toList(), IntStream.rangeClosed(0, 255).mapToObj(i -> curve.valueAt(i, 1, 2)).toList(),
                    IntStream.rangeClosed(0, FADE).mapToObj(i -> curve.at((double) i / FADE)).toList(), largest);
        }
    }

    record ShelfRequest(Shelf kind, int parameter) {
        ShelfRequest {
            Objects.requireNonNull(kind, "kind");
        }
    }

    /** 200 with a curve of the shelf; 422 if it does not take that parameter. */
    @PostMapping("/api/curves/shelf")
    CurveView ofShelf(@RequestBody ShelfRequest request) {
        try {
            return CurveView.of(request.kind().pieces(request.parameter()), null);
        } catch (IllegalArgumentException outside) {
            throw Refusal.unfit("parameter", outside.getMessage());
        }
    }

    record MeasuredRequest(String text, boolean correction) {
        MeasuredRequest {
            Objects.requireNonNull(text, "text");
        }
    }

    /** 200 with the curve through measured points, or its correction; 422 with the row that does not fit. */
    @PostMapping("/api/curves/measured")
    CurveView measured(@RequestBody MeasuredRequest request) {
        if (request.text().length() > LONGEST) {
            throw Refusal.unfit("text", "This table is too long; " + LONGEST + " letters are the limit.");
        }
        var read = Measured.read(request.text(), request.correction());
        if (read.curve() == null) {
            throw Refusal.unfit("text", read.reason() == null ? "" : read.reason());
        }
        return CurveView.of(read.curve().pieces(), read.curve().largest());
    }

    /** @param uses what runs through it, in words */
    record DraftCurve(String name, CurveView curve, List<String> uses) {}

    /** 200 with the curves of a draft, and what runs through each. */
    @GetMapping("/api/drafts/{draftId}/curves")
    List<DraftCurve> ofDraft(@PathVariable String draftId) {
        var type = drafts.require(draftId).history().current();
        return type.physicalDescriptions().dmxProfiles().stream().map(each -> new DraftCurve(each.name(), CurveView.of(each.points(), null), uses(type, each.name()))).toList();
    }

    private static List<String> uses(FixtureType type, String curve) {
        return type.modes().stream().flatMap(mode -> mode.channels().stream().filter(channel -> channel.functions().anyMatch(each -> each.dmxProfile().equals(curve)))
                .map(channel -> channel.name() + " in " + mode.name())).toList();
    }
}
