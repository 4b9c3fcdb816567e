package yellowkite.core.build;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.IntSupplier;
import org.jspecify.annotations.Nullable;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.DmxBreak;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.LogicalChannel;
import yellowkite.core.profile.NamedRange;
import yellowkite.core.profile.Relation;
import yellowkite.core.xml.Source;

/** The channels of a mode, in order. DMX values are raw, in the channel's own width. */
public final class ModeBuilder {
    final List<Channel> channels = new ArrayList<>();
    final List<Relation> relations = new ArrayList<>();
    String description = "";
    private final IntSupplier ids;

    /** @param ids of the nodes that are made, a new one for each call */
    public ModeBuilder(IntSupplier ids) {
        this.ids = ids;
    }

    /** {@return the addresses of one channel, most significant first} */
    public static List<Integer> at(Integer... addresses) {
        return Arrays.asList(addresses);
    }

    public ModeBuilder description(String to) {
        description = to;
        return this;
    }

    public ModeBuilder channel(String attribute, String geometry, List<Integer> addresses, Consumer<ChannelBuilder> fill) {
        int id = ids.getAsInt();
        var channel = new ChannelBuilder(attribute, addresses.isEmpty() ? 1 : addresses.size());
        fill.accept(channel);
        var logical = new LogicalChannel(ids.getAsInt(), attribute, channel.snap, channel.master, 0, 0,
                channel.functions.stream().map(FunctionBuilder::build).toList(), Source.NONE);
        var built = new Channel(id, channel.dmxBreak, addresses, "", channel.value(channel.highlight), null, geometry,
                List.of(logical), Source.NONE);
        if (channel.initialFunction != null) {
            built = built.withInitialFunction(built.name() + "." + attribute + "." + channel.initialFunction);
        }
        channels.add(built);
        return this;
    }

    /** {@return what was built so far} */
    public List<Channel> channels() {
        return List.copyOf(channels);
    }

    public ModeBuilder multiply(String name, String masterLink, String followerLink) {
        relations.add(new Relation(name, masterLink, followerLink, Relation.Type.MULTIPLY, Source.NONE));
        return this;
    }

    /** One channel with one logical channel. */
    public final class ChannelBuilder {
        private final String attribute;
        private final int bytes;
        private final List<FunctionBuilder> functions = new ArrayList<>();
        private DmxBreak dmxBreak = DmxBreak.FIRST;
        private LogicalChannel.Snap snap = LogicalChannel.Snap.NO;
        private LogicalChannel.Master master = LogicalChannel.Master.NONE;
        private @Nullable Long highlight;
        private @Nullable String initialFunction;

        private ChannelBuilder(String attribute, int bytes) {
            this.attribute = attribute;
            this.bytes = bytes;
        }

        public ChannelBuilder snap() {
            snap = LogicalChannel.Snap.YES;
            return this;
        }

        public ChannelBuilder grandMaster() {
            master = LogicalChannel.Master.GRAND;
            return this;
        }

        public ChannelBuilder highlight(long raw) {
            highlight = raw;
            return this;
        }

        public ChannelBuilder onBreak(int number) {
            dmxBreak = new DmxBreak.Number(number);
            return this;
        }

        public ChannelBuilder overwriteBreak() {
            dmxBreak = new DmxBreak.Overwrite();
            return this;
        }

        /** The start value is the default of the function of that name instead of the first one's. */
        public ChannelBuilder startsIn(String functionName) {
            initialFunction = functionName;
            return this;
        }

        public ChannelBuilder function(String name, long from, Consumer<FunctionBuilder> fill) {
            return function(name, attribute, from, fill);
        }

        public ChannelBuilder function(String name, String functionAttribute, long from, Consumer<FunctionBuilder> fill) {
            var function = new FunctionBuilder(name, functionAttribute, from, bytes);
            functions.add(function);
            fill.accept(function);
            return this;
        }

        private @Nullable DmxValue value(@Nullable Long raw) {
            return raw == null ? null : new DmxValue(raw, bytes);
        }
    }

    /** One function with its named ranges. */
    public final class FunctionBuilder {
        private final int id = ids.getAsInt();
        private final String name;
        private final String attribute;
        private final long from;
        private final int bytes;
        private final List<NamedRange> ranges = new ArrayList<>();
        private long defaultRaw;
        private double physicalFrom;
        private double physicalTo = 1;
        private String wheel = "";
        private String emitter = "";
        private String original = "";
        private String filter = "";
        private String curve = "";
        private String modeMaster = "";
        private DmxValue modeFrom = DmxValue.ZERO;
        private DmxValue modeTo = DmxValue.ZERO;

        private FunctionBuilder(String name, String attribute, long from, int bytes) {
            this.name = name;
            this.attribute = attribute;
            this.from = from;
            this.bytes = bytes;
            this.defaultRaw = from;
        }

        public FunctionBuilder start(long raw) {
            defaultRaw = raw;
            return this;
        }

        public FunctionBuilder physical(double first, double last) {
            physicalFrom = first;
            physicalTo = last;
            return this;
        }

        public FunctionBuilder wheel(String wheelName) {
            wheel = wheelName;
            return this;
        }

        /** @param words of the manufacturer */
        public FunctionBuilder original(String words) {
            original = words;
            return this;
        }

        /** {@return the id of the function that is being built} */
        public int id() {
            return id;
        }

        public FunctionBuilder emitter(String emitterName) {
            emitter = emitterName;
            return this;
        }

        public FunctionBuilder filter(String filterName) {
            filter = filterName;
            return this;
        }

        public FunctionBuilder curve(String curveName) {
            curve = curveName;
            return this;
        }

        public FunctionBuilder when(String link, DmxValue fromValue, DmxValue toValue) {
            modeMaster = link;
            modeFrom = fromValue;
            modeTo = toValue;
            return this;
        }

        public FunctionBuilder range(String rangeName, long rangeFrom) {
            return range(rangeName, rangeFrom, 0);
        }

        public FunctionBuilder range(String rangeName, long rangeFrom, int slot) {
            ranges.add(new NamedRange(ids.getAsInt(), rangeName, new DmxValue(rangeFrom, bytes), null, null, slot, List.of(), Source.NONE));
            return this;
        }

        public FunctionBuilder range(String rangeName, long rangeFrom, int slot, double first, double last) {
            ranges
                .add(new NamedRange(ids.getAsInt(), rangeName, new DmxValue(rangeFrom, bytes), first, last, slot, List.of(), Source.NONE));
            return this;
        }

        private ChannelFunction build() {
            return ChannelFunction.of(id, f -> {
                f.name = name;
                f.attribute = attribute;
                f.originalAttribute = original;
                f.dmxFrom = new DmxValue(from, bytes);
                f.defaultValue = new DmxValue(defaultRaw, bytes);
                f.physicalFrom = physicalFrom;
                f.physicalTo = physicalTo;
                f.wheel = wheel;
                f.emitter = emitter;
                f.filter = filter;
                f.dmxProfile = curve;
                f.modeMaster = modeMaster;
                f.modeFrom = modeFrom;
                f.modeTo = modeTo;
                f.ranges = ranges;
            });
        }
    }
}
