package yellowkite.core.check;

import java.util.stream.Stream;

/** A mode that takes another number of addresses than the manufacturer's chart names for it. */
final class ChartCount implements Rule.OfMode {
    @Override
    public String id() {
        return "chart-count";
    }

    @Override
    public Severity severity() {
        return Severity.WARNING;
    }

    @Override
    public Stream<Finding> check(ModeView view) {
        var said = view.type().house().chartCounts().get(view.mode().id());
        int footprint = view.map().totalFootprint();
        return said == null || said == footprint ? Stream.empty()
                : Stream.of(found(view.place(), "The chart has " + said + " addresses; the map takes " + footprint + ", "
                        + Math.abs(said - footprint) + (said > footprint ? " too few." : " too many.")));
    }
}
