package yellowkite.core.check;

import java.util.ArrayDeque;
import java.util.HashSet;
import java.util.Set;
import java.util.stream.Stream;
import yellowkite.core.gdtf.Media;
import yellowkite.core.profile.FixtureType;

/** Parts that touch nothing of the body. */
final class PartsApart implements Rule.OfMedia {
    @Override
    public String id() {
        return "parts-apart";
    }

    @Override
    public Severity severity() {
        return Severity.REMARK;
    }

    /** Metres: what is nearer is held by something that is not drawn. */
    private static final double TOUCHING = 0.02;
    /** A wall of thousands of cells is not measured piece by piece. */
    private static final int MOST_PARTS = 600;

    @Override
    public Stream<Finding> check(FixtureType type, Media media) {
        var told = new HashSet<String>();
        return type.modes().stream().flatMap(mode -> {
            var boxes = BodyBoxes.of(type, mode, media);
            var parts = boxes.parts();
            if (!boxes.known() || parts.size() < 2 || parts.size() > MOST_PARTS) {
                return Stream.empty();
            }
            var together = touching(parts);
            return parts.stream()
                .filter(each -> !together.contains(each) && told.add(each.name()))
                .map(each -> found(Finding.Place.ofPart(mode, each.name()), "'" + each.name() + "' touches nothing of the body."));
        });
    }

    /** {@return what hangs together with the first part, the outermost} */
    private static Set<BodyBoxes.Part> touching(java.util.List<BodyBoxes.Part> parts) {
        var together = new HashSet<BodyBoxes.Part>(Set.of(parts.getFirst()));
        var open = new ArrayDeque<>(together);
        while (!open.isEmpty()) {
            var from = open.pop();
            for (var each : parts) {
                if (!together.contains(each) && from.box().apart(each.box()) <= TOUCHING) {
                    together.add(each);
                    open.add(each);
                }
            }
        }
        return together;
    }
}
