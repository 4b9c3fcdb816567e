package yellowkite.server.drafts;

import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import yellowkite.core.attribute.EndWords;
import yellowkite.core.colour.Srgb;
import yellowkite.core.curve.Curve;
import yellowkite.core.curve.Inverse;
import yellowkite.core.curve.Measured;
import yellowkite.core.curve.OwnPoints;
import yellowkite.core.curve.Shelf;
import yellowkite.core.curve.Smooth.Knot;
import yellowkite.core.dmx.CurveUse;
import yellowkite.core.edit.PutCurve;
import yellowkite.core.profile.DmxProfile;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.text.Figures;
import yellowkite.core.xml.Source;
import yellowkite.server.web.Refusal;

/**
 * Curves as they would be: of the shelf, through measured points or one's own, and those of a draft with where they are used. Reads only.
 */
@RestController
class CurveController {
    private static final int LONGEST = 200_000;
    private static final int FADE = 10;
    private static final int SKETCH = 64;
    private final Drafts drafts;

    CurveController(Drafts drafts) {
        this.drafts = drafts;
    }

    /**
     * A curve to look at.
     *
     * @param outputs for each input from 0 to 255, in fractions of full output
     * @param percents the same for people
     * @param eight the same as values of 8 bit; {@code sixteen} of 16 bit
     * @param fade each step of a fade in ten
     * @param inverse for each output from 0 to 255 the input that gives it, in fractions; null if the curve has no inverse
     * @param inversePercents the same for people
     * @param points to go on from by hand, in fractions; {@code run} how it goes from one to the next
     * @param largest largest distance from a point that was measured, in percent; null if none was
     */
    record CurveView(List<PutCurve.Piece> pieces, List<Double> outputs, List<String> percents, List<Long> eight, List<Long> sixteen,
            List<FadeStep> fade, @Nullable List<Double> inverse,
            @Nullable List<String> inversePercents, List<CurvePoint> points, OwnPoints.Run run,
            @Nullable String largest) {
        static CurveView of(List<DmxProfile.Point> points, @Nullable Double largest) {
            return of(points, largest, OwnPoints.of(new Curve(points)));
        }

        static CurveView of(List<DmxProfile.Point> points, @Nullable Double largest, List<Knot> knots) {
            var curve = new Curve(points);
            var outputs = shares(curve);
            var inverse = Inverse.of(curve).map(Curve::new).map(CurveController::shares).orElse(null);
            return new CurveView(points.stream().map(PutCurve.Piece::of).toList(), outputs, inWords(outputs),
                    IntStream.rangeClosed(0, 255).mapToObj(i -> curve.valueAt(i, 1, 1)).toList(),
                    IntStream.rangeClosed(0, 255).mapToObj(i -> curve.valueAt(i, 1, 2)).toList(),
                    IntStream.rangeClosed(0, FADE).mapToObj(i -> FadeStep.of((double) i / FADE, curve)).toList(), inverse,
                    inverse == null ? null : inWords(inverse), knots.stream().map(CurvePoint::of).toList(), OwnPoints.runOf(curve),
                    largest == null ? null : Figures.percentInColumn(largest));
        }
    }

    /** A point to go on from. @param in fraction, as is {@code out}. @param percentIn the same for people, without a sign */
    record CurvePoint(double in, double out, String percentIn, String percentOut) {
        static CurvePoint of(Knot knot) {
            return new CurvePoint(knot.in(), knot.out(), Figures.of(100 * knot.in()), Figures.of(100 * knot.out()));
        }
    }

    /** A step of a fade. @param says both in words. @param hex how bright it is, for the screen */
    record FadeStep(String says, String hex) {
        static FadeStep of(double input, Curve curve) {
            double light = Math.clamp(curve.at(input), 0, 1);
            return new FadeStep(Figures.percent(input) + " gives " + Figures.percent(light), new Srgb(light, light, light).hex());
        }
    }

    private static List<Double> shares(Curve curve) {
        return IntStream.rangeClosed(0, 255).mapToObj(i -> curve.at(i / 255.0)).toList();
    }

    private static List<String> inWords(List<Double> shares) {
        return shares.stream().map(Figures::percentInColumn).toList();
    }

    /**
     * A curve of the shelf.
     *
     * @param least smallest parameter, {@code most} the largest, {@code usual} one to begin with; all 0 if it takes none
     * @param outputs with the usual parameter, in {@code SKETCH} equal steps
     */
    record ShelfCurve(Shelf kind, int least, int most, int usual, List<Double> outputs) {
        static ShelfCurve of(Shelf kind) {
            var curve = new Curve(kind.pieces(kind.usual()));
            return new ShelfCurve(kind, kind.least(), kind.most(), kind.usual(),
                    IntStream.rangeClosed(0, SKETCH).mapToObj(i -> curve.at((double) i / SKETCH)).toList());
        }
    }

    /** 200 with all curves of the shelf. */
    @GetMapping("/api/curves/shelf")
    List<ShelfCurve> shelf() {
        return Arrays.stream(Shelf.values()).map(ShelfCurve::of).toList();
    }

    /** @param inverse whether what undoes it is wanted */
    record ShelfRequest(Shelf kind, int parameter, boolean inverse) {
        ShelfRequest {
            Objects.requireNonNull(kind, "kind");
        }
    }

    /** 200 with a curve of the shelf; 422 if it does not take that parameter. */
    @PostMapping("/api/curves/shelf")
    CurveView ofShelf(@RequestBody ShelfRequest request) {
        try {
            var pieces = request.kind().pieces(request.parameter());
            return CurveView.of(request.inverse()
                    ? Inverse.of(new Curve(pieces))
                        .orElseThrow(() -> Refusal.unfit("inverse", "This curve has no inverse: it stands still, jumps or comes back."))
                    : pieces, null);
        } catch (IllegalArgumentException outside) {
            throw Refusal.unfit("parameter", String.valueOf(outside.getMessage()));
        }
    }

    record PointsRequest(List<Knot> points, OwnPoints.Run run) {
        PointsRequest {
            points = List.copyOf(points);
            Objects.requireNonNull(run, "run");
        }
    }

    /** @param curve whose points are as they hold. @param order for each of them, the index that it was sent with */
    record DrawnCurve(CurveView curve, List<Integer> order) {}

    /** 200 with a curve through points of one's own; 422 if they make none. */
    @PostMapping("/api/curves/points")
    DrawnCurve ofPoints(@RequestBody PointsRequest request) {
        try {
            var held = OwnPoints.held(request.points());
            return new DrawnCurve(CurveView.of(OwnPoints.pieces(held.knots(), request.run()), null, held.knots()), held.order());
        } catch (IllegalArgumentException outside) {
            throw Refusal.unfit("points", String.valueOf(outside.getMessage()));
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
        return type.physicalDescriptions()
            .dmxProfiles()
            .stream()
            .map(each -> new DraftCurve(each.name(), CurveView.of(each.points(), null), uses(type, each.name())))
            .toList();
    }

    private static List<String> uses(FixtureType type, String curve) {
        return CurveUse.of(type, curve).stream().map(CurveController::where).distinct().toList();
    }

    private static String where(CurveUse use) {
        return use.channel().name() + " in " + use.mode().name();
    }

    /** @param function id of the one that is to run through it as well */
    record ChangeRequest(String name, int function, List<PutCurve.Piece> pieces) {
        ChangeRequest {
            Objects.requireNonNull(name, "name");
            pieces = List.copyOf(pieces);
        }
    }

    /** @param before what the value means, with its unit. @param after what it would mean */
    record ValueChange(long raw, String before, String after) {}

    record CurveChange(String where, List<ValueChange> values) {}

    /** 200 with what changes, and where, when a curve of a draft has these pieces and a function runs through it. */
    @PostMapping("/api/drafts/{draftId}/curve-changes")
    List<CurveChange> changes(@PathVariable String draftId, @RequestBody ChangeRequest request) {
        var type = drafts.require(draftId).history().current();
        var after = new Curve(request.pieces()
            .stream()
            .map(each -> new DmxProfile.Point(each.percent(), each.c0(), each.c1(), each.c2(), each.c3(), Source.NONE))
            .toList());
        return CurveUse.with(type, request.name(), request.function()).stream().map(use -> {
            var attribute = use.span().function().attribute();
            var unit = type.unitOf(attribute);
            return new CurveChange(where(use),
                    use.through(after)
                        .stream()
                        .map(each -> new ValueChange(each.raw(), EndWords.of(attribute, each.before(), unit),
                                EndWords.of(attribute, each.after(), unit)))
                        .toList());
        }).toList();
    }
}
