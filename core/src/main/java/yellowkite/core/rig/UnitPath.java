package yellowkite.core.rig;

import java.util.ArrayList;
import java.util.List;
import yellowkite.core.curve.Curve;
import yellowkite.core.curve.OwnPoints;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.dmx.PlacedChannel;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.LogicalChannel.Master;
import yellowkite.core.rig.Adjustments.ChannelAdjustment;

/**
 * The way of a unit's levels to DMX: master, swap of pan and tilt, invert, curve, scale, limit, bytes, in this order. Source: design,
 * section 6. Made once for a mode and its adjustments; does not change.
 */
public final class UnitPath {
    /** Of a step: a half that lies so little below a half is one. */
    private static final double HALF_SLACK = 1e-9;
    private static final String PAN = "Pan";
    private static final String TILT = "Tilt";
    private static final String DIMMER = "Dimmer";
    private final CompiledMode mode;
    private final List<PlacedChannel> channels;
    private final double[] starts;
    private final boolean[] mastered;
    /** With whom a channel exchanges its level; itself if with none. */
    private final int[] partner;
    private final boolean[] invert;
    private final Curve[] curve;
    private final double[] scale;
    private final double[] from;
    private final double[] to;
    private final long[] max;

    /**
     * A channel's level after each step, in [0, 1].
     *
     * @param raw what is sent, in the channel's own width
     */
    public record Steps(double asked, double afterMaster, double afterSwap, double afterInvert, double afterCurve, double afterScale,
            double afterLimit, long raw) {}

    private UnitPath(CompiledMode mode, Adjustments adjustments) {
        this.mode = mode;
        channels = mode.map().channels();
        int count = channels.size();
        var raws = mode.startValues();
        starts = new double[count];
        mastered = new boolean[count];
        invert = new boolean[count];
        curve = new Curve[count];
        scale = new double[count];
        from = new double[count];
        to = new double[count];
        max = new long[count];
        for (int i = 0; i < count; i++) {
            var channel = channels.get(i).channel();
            var own = adjustments.of(channels.get(i).name(), channel.attribute());
            max[i] = DmxValue.max(channel.bytes());
            starts[i] = own.start() != null ? own.start() : adjustments.startAtZero() ? 0 : (double) raws[i] / max[i];
            mastered[i] = !adjustments.outsideMaster() && !own.outsideMaster() && isGrand(channels.get(i));
            invert[i] = own.invert();
            curve[i] = curve(own);
            scale[i] = own.scale();
            double warm = warmth(channels.get(i), adjustments);
            from[i] = Math.max(own.from(), warm);
            to[i] = Math.max(own.to(), warm);
        }
        partner = partners(channels, adjustments.swapPanTilt());
    }

    public static UnitPath of(CompiledMode mode, Adjustments adjustments) {
        return new UnitPath(mode, adjustments);
    }

    /** {@return whether the profile puts a channel under the grand master} */
    static boolean isGrand(PlacedChannel placed) {
        return placed.channel().logicalChannels().stream().anyMatch(each -> each.master() == Master.GRAND);
    }

    /** {@return whether a swap of pan and tilt is felt by a channel} */
    static boolean isSwapped(PlacedChannel placed, Adjustments adjustments) {
        var attribute = placed.channel().attribute();
        return adjustments.swapPanTilt() && (attribute.equals(PAN) || attribute.equals(TILT));
    }

    /** {@return the level that a channel never goes below, since it is to stay warm; 0 for what is no dimmer} */
    static double warmth(PlacedChannel placed, Adjustments adjustments) {
        return adjustments.warmUp() != null && placed.channel().attribute().equals(DIMMER) ? adjustments.warmUp() : 0;
    }

    private static Curve curve(ChannelAdjustment own) {
        return own.curve().isEmpty() ? Curve.LINEAR : new Curve(OwnPoints.pieces(own.curve(), OwnPoints.Run.STRAIGHT));
    }

    /** The first pan exchanges with the first tilt, the second with the second. */
    private static int[] partners(List<PlacedChannel> channels, boolean swap) {
        int[] partner = new int[channels.size()];
        var pans = new ArrayList<Integer>();
        var tilts = new ArrayList<Integer>();
        for (int i = 0; i < partner.length; i++) {
            partner[i] = i;
            switch (channels.get(i).channel().attribute()) {
                case PAN -> pans.add(i);
                case TILT -> tilts.add(i);
                default -> {
                }
            }
        }
        for (int i = 0; swap && i < Math.min(pans.size(), tilts.size()); i++) {
            partner[pans.get(i)] = tilts.get(i);
            partner[tilts.get(i)] = pans.get(i);
        }
        return partner;
    }

    public CompiledMode mode() {
        return mode;
    }

    /** {@return the channels in their places, in the map's order} */
    public List<PlacedChannel> channels() {
        return channels;
    }

    /** {@return the level that each channel begins at, in the map's order} */
    public double[] starts() {
        return starts.clone();
    }

    /** {@return how a channel's level becomes DMX} @param levels of all channels, in the map's order. @param master in [0, 1] */
    public Steps steps(int channel, double[] levels, double master) {
        double mine = mastered(channel, levels, master);
        double swapped = mastered(partner[channel], levels, master);
        double inverted = invert[channel] ? 1 - swapped : swapped;
        double curved = curve[channel].at(inverted);
        double scaled = Math.min(1, curved * scale[channel]);
        double limited = Math.clamp(scaled, from[channel], to[channel]);
        return new Steps(levels[channel], mine, swapped, inverted, curved, scaled, limited, rounded(limited, channel));
    }

    private double mastered(int channel, double[] levels, double master) {
        return mastered[channel] ? levels[channel] * master : levels[channel];
    }

    private long rounded(double level, int channel) {
        return (long) Math.floor(level * max[channel] + 0.5 + HALF_SLACK);
    }

    /** {@return like {@link #steps}, the last of them alone} */
    public long raw(int channel, double[] levels, double master) {
        double level = mastered(partner[channel], levels, master);
        level = invert[channel] ? 1 - level : level;
        level = Math.min(1, curve[channel].at(level) * scale[channel]);
        return rounded(Math.clamp(level, from[channel], to[channel]), channel);
    }
}
