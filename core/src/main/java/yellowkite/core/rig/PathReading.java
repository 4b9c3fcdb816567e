package yellowkite.core.rig;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.dmx.PlacedChannel;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.rig.Adjustments.ChannelAdjustment;
import yellowkite.core.text.Figures;

/**
 * One channel of a unit on its way from a level to DMX, to be read.
 *
 * @param channels of the unit, in the mode's order
 * @param shown which of them this is
 * @param steps in their order; the last is what is sent
 */
public record PathReading(List<PathChannel> channels, int shown, List<PathLine> steps) {
    private static final int BITS = 8;

    /** What happens to a level, in this order. */
    public enum Step {
        MASTER, SWAP, INVERT, CURVE, SCALE, LIMIT, BYTES
    }

    /** @param adjusted whether the unit does anything differently there. @param start level that it begins at */
    public record PathChannel(String name, String attribute, boolean adjusted, double start) {}

    /**
     * @param after the level behind this step, in [0, 1]
     * @param set whether the unit does something here
     * @param says what, in words; empty where there is nothing to say
     */
    public record PathLine(Step step, double after, boolean set, String says) {}

    public PathReading {
        channels = List.copyOf(channels);
        steps = List.copyOf(steps);
    }

    /**
     * @param shown index of the channel, in the mode's order
     * @param asked its level, in [0, 1]; all others stand at their start
     */
    public static PathReading of(CompiledMode mode, Adjustments adjustments, int shown, double asked, double master) {
        var path = UnitPath.of(mode, adjustments);
        var levels = path.starts();
        var channels = IntStream.range(0, levels.length)
            .mapToObj(i -> channel(path.channels().get(i), adjustments, path.starts()[i]))
            .toList();
        if (channels.isEmpty()) {
            return new PathReading(channels, 0, List.of());
        }
        levels[shown] = asked;
        var placed = path.channels().get(shown);
        var own = adjustments.of(placed.name(), placed.channel().attribute());
        return new PathReading(channels, shown, lines(placed, adjustments, own, path.steps(shown, levels, master)));
    }

    private static PathChannel channel(PlacedChannel placed, Adjustments adjustments, double start) {
        var attribute = placed.channel().attribute();
        return new PathChannel(placed.name(), attribute,
                UnitPath.isSwapped(placed, adjustments) || !adjustments.of(placed.name(), attribute).equals(ChannelAdjustment.NONE), start);
    }

    private static List<PathLine> lines(PlacedChannel placed, Adjustments adjustments, ChannelAdjustment own, UnitPath.Steps steps) {
        var lines = new ArrayList<PathLine>();
        boolean grand = UnitPath.isGrand(placed);
        boolean outside = adjustments.outsideMaster() || own.outsideMaster();
        lines.add(new PathLine(Step.MASTER, steps.afterMaster(), outside,
                !grand ? "The profile does not put it under the grand master."
                        : outside ? "Outside the grand master." : "Follows the grand master."));
        lines.add(new PathLine(Step.SWAP, steps.afterSwap(), UnitPath.isSwapped(placed, adjustments),
                UnitPath.isSwapped(placed, adjustments) ? "Pan and tilt exchange their levels." : ""));
        lines.add(new PathLine(Step.INVERT, steps.afterInvert(), own.invert(), inverted(placed, own.invert())));
        lines.add(new PathLine(Step.CURVE, steps.afterCurve(), !own.curve().isEmpty(),
                own.curve().isEmpty() ? "" : "Through a curve of " + own.curve().size() + " points."));
        lines.add(new PathLine(Step.SCALE, steps.afterScale(), own.scale() != 1,
                own.scale() == 1 ? "" : "Times " + Figures.percent(own.scale()) + ", clipped at 100 %."));
        double warm = UnitPath.warmth(placed, adjustments);
        lines.add(new PathLine(Step.LIMIT, steps.afterLimit(), own.from() > 0 || own.to() < 1 || warm > 0, limited(own, warm)));
        lines.add(new PathLine(Step.BYTES, steps.afterLimit(), false, bytes(steps.raw(), placed.channel().bytes())));
        return lines;
    }

    /** Where profile and unit both turn a channel round, it says so. */
    private static String inverted(PlacedChannel placed, boolean here) {
        boolean profile = placed.channel()
            .findInitialFunction()
            .filter(function -> function.physicalFrom() > function.physicalTo())
            .isPresent();
        if (!here) {
            return profile ? "The profile runs the other way round." : "";
        }
        return profile ? "Runs the other way. The profile runs the other way round as well: together they cancel." : "Runs the other way.";
    }

    private static String limited(ChannelAdjustment own, double warm) {
        var limits = own.from() > 0 || own.to() < 1
                ? "Never below " + Figures.percent(own.from()) + " nor above " + Figures.percent(own.to()) + "."
                : "";
        return warm == 0 ? limits : (limits + " Stays warm at " + Figures.percent(warm) + ".").strip();
    }

    /** {@return the value in the channel's own width, and its bytes: {@code 16384, 64:0}} */
    private static String bytes(long raw, int width) {
        if (width == 1) {
            return raw + " of " + DmxValue.max(width);
        }
        return raw + " of " + DmxValue.max(width) + ", " + IntStream.range(0, width)
            .mapToObj(i -> String.valueOf(raw >>> BITS * (width - 1 - i) & 0xFF))
            .collect(Collectors.joining(":"));
    }
}
