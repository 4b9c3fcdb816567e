package yellowkite.core.chart.proposal;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import yellowkite.core.chart.layout.Charted.Unplaced;
import yellowkite.core.colour.ColourNames;
import yellowkite.core.colour.Srgb;
import yellowkite.core.profile.PhysicalUnit;

/**
 * What a chart seems to say. Nothing of it is in a profile yet.
 *
 * @param manufacturer as named by the caller or the chart; null if nobody names one. {@code model} likewise
 * @param wheels as far as the ranges name their slots
 * @param unplaced lines that belong to no channel
 */
public record Proposal(@Nullable String manufacturer, @Nullable String model, List<ModeProposal> modes, List<WheelProposal> wheels,
        List<Unplaced> unplaced) {
    /** Below that somebody has to look. */
    public static final double SURE = 0.8;

    public Proposal {
        modes = List.copyOf(modes);
        wheels = List.copyOf(wheels);
        unplaced = List.copyOf(unplaced);
    }

    /** @param footprint the last address that is used */
    public record ModeProposal(String name, int footprint, List<ChannelProposal> channels) {
        public ModeProposal {
            channels = List.copyOf(channels);
        }

        public ModeProposal withName(String to) {
            return new ModeProposal(to, footprint, channels);
        }

        public ModeProposal withChannels(List<ChannelProposal> to) {
            return new ModeProposal(name, footprint, to);
        }
    }

    /**
     * One channel.
     *
     * @param addresses most significant first; counted from 1 within one cell where there is one
     * @param attribute as the standard calls it; null if the words fit nothing
     * @param sure how sure the attribute is, in [0, 1]; below {@link #SURE} somebody has to look
     * @param why one sentence
     * @param start in the channel's width; null if it is nobody's guess
     * @param startSaid whether the chart says it
     * @param highlight as the chart states it; null if it does not
     * @param places the lines of the chart that it comes from
     */
    public record ChannelProposal(List<Integer> addresses, @Nullable CellProposal cell, String words, @Nullable String attribute,
            double sure, String why,
            @Nullable Long start, boolean startSaid, @Nullable Long highlight, List<FunctionProposal> functions, List<String> doubts,
            List<String> places) {
        public ChannelProposal {
            addresses = List.copyOf(addresses);
            functions = List.copyOf(functions);
            doubts = List.copyOf(doubts);
            places = List.copyOf(places);
        }

        public int bytes() {
            return addresses.size();
        }

        /** {@return the first line that it comes from, by which it is known: the same channel has the same in each mode} */
        public String key() {
            return places.isEmpty() ? "" : places.getFirst();
        }

        /** {@return whether somebody has to look} */
        public boolean wantsAPerson() {
            return attribute == null || sure < SURE || !doubts.isEmpty();
        }

        public ChannelProposal withDoubts(List<String> to) {
            return new ChannelProposal(addresses, cell, words, attribute, sure, why, start, startSaid, highlight, functions, to, places);
        }

        public ChannelProposal withSure(double to) {
            return new ChannelProposal(addresses, cell, words, attribute, to, why, start, startSaid, highlight, functions, doubts, places);
        }

        public ChannelProposal withStart(long to) {
            return new ChannelProposal(addresses, cell, words, attribute, sure, why, to, true, highlight, functions, doubts, places);
        }

        public ChannelProposal withFunctions(List<FunctionProposal> to) {
            return new ChannelProposal(addresses, cell, words, attribute, sure, why, start, startSaid, highlight, to, doubts, places);
        }
    }

    /**
     * A light source that stands several times. @param first address of the first of them. @param spacing addresses from one to the next
     */
    public record CellProposal(String name, int count, int first, int spacing) {}

    /**
     * Values of one meaning, in the channel's width, both ends included.
     *
     * @param assumed whether the physical ends are the usual ones, since the chart states none
     * @param wheel null without one
     * @param counts null = always
     */
    public record FunctionProposal(String attribute, String name, long from, long to, double physicalFrom, double physicalTo,
            PhysicalUnit unit, boolean assumed,
            @Nullable String wheel, boolean snap, @Nullable Counts counts, List<RangeProposal> ranges) {
        public FunctionProposal {
            ranges = List.copyOf(ranges);
        }

        /** {@return what a named range brings in, as a screen shows it; none if it is no colour} */
        public Optional<Srgb> colourOf(RangeProposal range) {
            return wheel != null && WheelProposal.isOfColours(wheel) ? ColourNames.of(range.name()) : Optional.empty();
        }

        public FunctionProposal withSpan(long first, long last) {
            return new FunctionProposal(attribute, name, first, last, physicalFrom, physicalTo, unit, assumed, wheel, snap, counts,
                    ranges.stream()
                        .filter(each -> each.to() >= first && each.from() <= last)
                        .map(each -> each.within(first, last))
                        .toList());
        }

        /** {@return the same with ends that somebody states} */
        public FunctionProposal withEnds(double first, double last) {
            return new FunctionProposal(attribute, name, from, to, first, last, unit, false, wheel, snap, counts, ranges);
        }

        public FunctionProposal withCounts(@Nullable Counts when) {
            return new FunctionProposal(attribute, name, from, to, physicalFrom, physicalTo, unit, assumed, wheel, snap, when, ranges);
        }

        public FunctionProposal withRanges(List<RangeProposal> with) {
            return new FunctionProposal(attribute, name, from, to, physicalFrom, physicalTo, unit, assumed, wheel, snap, counts, with);
        }
    }

    /** A condition that the chart states in words, by the address and the byte values that it names. */
    public record Counts(int address, long from, long to) {
        /** {@return {@code while address 12 is 10 to 49}} */
        public String inWords() {
            return "while address " + address + " is " + from + " to " + to;
        }
    }

    /** @param slot counted from 1; 0 = none. @param physicalFrom null = as the function runs */
    public record RangeProposal(String name, long from, long to, int slot, @Nullable Double physicalFrom, @Nullable Double physicalTo) {
        RangeProposal within(long first, long last) {
            return new RangeProposal(name, Math.max(from, first), Math.min(to, last), slot, physicalFrom, physicalTo);
        }
    }

    /** @param slots names in order */
    public record WheelProposal(String name, List<String> slots) {
        public WheelProposal {
            slots = List.copyOf(slots);
        }

        public boolean holdsColours() {
            return isOfColours(name);
        }

        /** {@return whether the wheel of that name, as proposals call wheels, holds colours} */
        static boolean isOfColours(String name) {
            return name.startsWith("Colour");
        }
    }
}
