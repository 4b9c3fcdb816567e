package yellowkite.core.check;

import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import yellowkite.core.dmx.PlacedChannel;
import yellowkite.core.edit.ChangeGeometry;
import yellowkite.core.profile.Geometry;

/** A shared dimmer on a part that does not hold the cells it should reach. */
final class DimmerBesideCells implements Rule.OfMode {
    private static final int MOST_NAMED = 3;

    @Override
    public String id() {
        return "dimmer-beside-cells";
    }

    @Override
    public Severity severity() {
        return Severity.WARNING;
    }

    @Override
    public Stream<Finding> check(ModeView view) {
        var dark = new LinkedHashSet<String>();
        view.map()
            .channels()
            .stream()
            .filter(each -> !each.path().isEmpty() && mixes(each))
            .forEach(each -> dark.add(each.path().getFirst()));
        var shared = view.map().channels().stream().filter(each -> each.path().isEmpty() && isDimmer(each)).findFirst();
        if (dark.isEmpty() || shared.isEmpty()) {
            return Stream.empty();
        }
        var on = new HashSet<String>();
        for (var each : view.map().channels()) {
            if (isDimmer(each) && each.path().isEmpty()) {
                on.add(each.channel().geometry());
            } else if (isDimmer(each)) {
                dark.remove(each.path().getFirst());
            }
        }
        view.type()
            .allGeometries()
            .filter(part -> on.contains(part.name()))
            .flatMap(Geometry::walk)
            .filter(Geometry.Reference.class::isInstance)
            .forEach(cell -> dark.remove(cell.name()));
        var channel = shared.get().channel();
        return dark.isEmpty() ? Stream.empty()
                : Stream.of(found(view.place(channel), "'" + channel.name() + "' stands beside " + named(dark) + " and does not reach "
                        + (dark.size() == 1 ? "it" : "them") + ": it dims only what is inside '" + channel.geometry() + "'.",
                        new ChangeGeometry(channel.id(), view.mode().geometry()),
                        "Put it on '" + view.mode().geometry() + "', which holds them all"));
    }

    private static boolean isDimmer(PlacedChannel placed) {
        return placed.channel().attribute().equals("Dimmer");
    }

    private static boolean mixes(PlacedChannel placed) {
        return placed.channel().attribute().startsWith("ColorAdd_") || placed.channel().attribute().startsWith("ColorRGB_");
    }

    private static String named(Set<String> cells) {
        var first = cells.stream().limit(MOST_NAMED).map(each -> "'" + each + "'").collect(Collectors.joining(", "));
        return cells.size() > MOST_NAMED ? first + " and " + (cells.size() - MOST_NAMED) + " more" : first;
    }
}
