package yellowkite.core.check;

import java.util.HashSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import yellowkite.core.profile.Geometry;

/** A light of a moving head that stands in none of its axes: it stays where it is. */
final class BeamNotMoved implements Rule.OfMode {
    @Override
    public String id() {
        return "beam-not-moved";
    }

    @Override
    public Severity severity() {
        return Severity.WARNING;
    }

    @Override
    public Stream<Finding> check(ModeView view) {
        var turned = view.mode()
            .channels()
            .stream()
            .filter(each -> AxisNotTurned.turns(each.attribute()))
            .map(each -> each.geometry())
            .collect(Collectors.toSet());
        var parts = view.compiled().body().parts();
        var moved = new HashSet<Integer>();
        var told = new HashSet<String>();
        for (int i = 0; i < parts.size(); i++) {
            var part = parts.get(i);
            if (moved.contains(part.outer()) || part.geometry() instanceof Geometry.Part axis && axis.kind() == Geometry.Kind.Axis
                    && turned.contains(axis.name())) {
                moved.add(i);
            }
        }
        var still = Stream.<Finding>builder();
        for (int i = 0; i < parts.size() && !moved.isEmpty(); i++) {
            if (!moved.contains(i) && parts.get(i).geometry() instanceof Geometry.Part part && part.kind() == Geometry.Kind.Beam
                    && told.add(part.name())) {
                still.add(found(Finding.Place.ofPart(view.mode(), part.name()),
                        "'" + part.name()
                                + "' gives light and stands in no axis that pan or tilt turns; it would not move with the head."));
            }
        }
        return still.build();
    }
}
