package yellowkite.core.profile;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import yellowkite.core.xml.Source;

/**
 * A DMX range of a channel with one attribute and a physical range: GDTF {@code ChannelFunction}. Links are texts; an empty text is no
 * link. It ends one below the next function of the same mode-master situation.
 *
 * @param name may be empty in a file: see {@link LogicalChannel#nameOf}
 * @param originalAttribute the manufacturer's words
 * @param defaultValue null if the file gives none: see {@link Channel#defaultOf}
 * @param physicalFrom physical value at the first DMX value; larger than {@code physicalTo} means inverted
 * @param realFade seconds
 * @param realAcceleration seconds
 * @param modeMaster link to the channel or function that must be in {@code modeFrom..modeTo} for this one to count
 * @param dmxProfile name of the curve
 * @param min smallest physical value that is reached; null if not limited
 * @param max largest physical value that is reached; null if not limited
 * @param ranges in the order of the file
 */
public record ChannelFunction(int id, String name, String attribute, String originalAttribute, DmxValue dmxFrom,
        @Nullable DmxValue defaultValue, double physicalFrom, double physicalTo, double realFade, double realAcceleration,
        String wheel, String emitter, String filter, String colorSpace, String gamut, String modeMaster, DmxValue modeFrom,
        DmxValue modeTo, String dmxProfile, @Nullable Double min, @Nullable Double max, String customName,
        List<NamedRange> ranges, Source source) {

    public static final String NO_FEATURE = "NoFeature";

    public ChannelFunction {
        ranges = List.copyOf(ranges);
    }

    /** {@return a function with the standard's defaults, then changed} */
    public static ChannelFunction of(int id, Consumer<Fields> change) {
        var fields = new Fields();
        fields.id = id;
        change.accept(fields);
        return fields.done();
    }

    /** {@return the same function as another node} */
    public ChannelFunction withId(int to) {
        var fields = new Fields(this);
        fields.id = to;
        return fields.done();
    }

    /** {@return the same function without what names the place in the document: its id, and those of its ranges} */
    public ChannelFunction withoutIds() {
        return withId(0).mapRanges(range -> range.withId(0));
    }

    /** {@return a changed copy, or this function itself if nothing differs} */
    public ChannelFunction with(Consumer<Fields> change) {
        var fields = new Fields(this);
        change.accept(fields);
        var after = fields.done();
        return after.equals(this) ? this : after;
    }

    public ChannelFunction mapRanges(UnaryOperator<NamedRange> change) {
        var after = Trees.map(ranges, change);
        return after == ranges ? this : with(f -> f.ranges = after);
    }

    public Optional<NamedRange> findRange(int rangeId) {
        return ranges.stream().filter(range -> range.id() == rangeId).findFirst();
    }

    /** The components, open for change inside {@link #with} and {@link #of}. */
    public static final class Fields {
        private int id;
        public String name = "";
        public String attribute = NO_FEATURE;
        public String originalAttribute = "";
        public DmxValue dmxFrom = DmxValue.ZERO;
        public @Nullable DmxValue defaultValue;
        public double physicalFrom;
        public double physicalTo = 1;
        public double realFade;
        public double realAcceleration;
        public String wheel = "";
        public String emitter = "";
        public String filter = "";
        public String colorSpace = "";
        public String gamut = "";
        public String modeMaster = "";
        public DmxValue modeFrom = DmxValue.ZERO;
        public DmxValue modeTo = DmxValue.ZERO;
        public String dmxProfile = "";
        public @Nullable Double min;
        public @Nullable Double max;
        public String customName = "";
        public List<NamedRange> ranges = List.of();
        public Source source = Source.NONE;

        private Fields() {}

        private Fields(ChannelFunction f) {
            id = f.id;
            name = f.name;
            attribute = f.attribute;
            originalAttribute = f.originalAttribute;
            dmxFrom = f.dmxFrom;
            defaultValue = f.defaultValue;
            physicalFrom = f.physicalFrom;
            physicalTo = f.physicalTo;
            realFade = f.realFade;
            realAcceleration = f.realAcceleration;
            wheel = f.wheel;
            emitter = f.emitter;
            filter = f.filter;
            colorSpace = f.colorSpace;
            gamut = f.gamut;
            modeMaster = f.modeMaster;
            modeFrom = f.modeFrom;
            modeTo = f.modeTo;
            dmxProfile = f.dmxProfile;
            min = f.min;
            max = f.max;
            customName = f.customName;
            ranges = f.ranges;
            source = f.source;
        }

        private ChannelFunction done() {
            return new ChannelFunction(id, name, attribute, originalAttribute, dmxFrom, defaultValue, physicalFrom, physicalTo,
                    realFade, realAcceleration, wheel, emitter, filter, colorSpace, gamut, modeMaster, modeFrom, modeTo,
                    dmxProfile, min, max, customName, ranges, source);
        }
    }
}
