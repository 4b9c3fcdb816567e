package yellowkite.core.check;

import java.util.stream.Stream;
import yellowkite.core.gdtf.Media;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.shape.Box;
import yellowkite.core.text.Figures;

/** A body that no truss carries: sizes written in another unit, mostly. */
final class BodyTooLarge implements Rule.OfMedia {
    @Override
    public String id() {
        return "body-too-large";
    }

    @Override
    public Severity severity() {
        return Severity.WARNING;
    }

    private static final double LARGEST = 5;
    /** What is larger is not counted, m. */
    private static final double BEYOND = 1_000;

    @Override
    public Stream<Finding> check(FixtureType type, Media media) {
        return type.modes().stream().flatMap(mode -> {
            var box = Box.around(BodyBoxes.of(type, mode, media).parts().stream().map(BodyBoxes.Part::box).toList());
            return box.longest() <= LARGEST ? Stream.empty()
                    : Stream.of(found(Finding.Place.ofPart(mode, mode.geometry()),
                            "The body is " + length(box.longest()) + " m long; sizes are written in metres."));
        });
    }

    private static String length(double metres) {
        return metres > BEYOND ? "more than 1,000" : Figures.of(Math.round(100 * metres) / 100.0);
    }
}
