package yellowkite.core.edit;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.dmx.LinkTargets;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Mode;

/**
 * Makes a channel wider or narrower. New fine bytes take the address behind the last one where it is free, else the next free one; a
 * narrower channel gives up its finest. Boundaries stay where they were on the coarse byte: a boundary at 128 becomes 32768, and full stays
 * full.
 *
 * @param bytes in [1, 4]
 */
public record ChangeWidth(int channel, int bytes) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return Located.onChannel(before, channel, at -> {
            if (bytes < 1 || bytes > DmxValue.MAX_BYTES) {
                return Located.rejected("bytes", "A channel is 1 to " + DmxValue.MAX_BYTES + " bytes wide, not " + bytes + ".");
            }
            var was = at.channel();
            if (was.isVirtual()) {
                return Located.rejected("bytes", "The " + at.called() + " is virtual; it has no addresses and no width of its own.");
            }
            if (bytes == was.bytes()) {
                return Located.applied(before);
            }
            var offsets = offsets(before, at.mode(), was);
            if (offsets == null) {
                return Located.rejected("bytes", "There is no free address left for the fine byte of " + at.called() + ".");
            }
            var after = convert(was, offsets);
            return Located.applied(withMastersConverted(at.replace(after), at.mode(), was));
        });
    }

    private @Nullable List<Integer> offsets(FixtureType type, Mode mode, Channel was) {
        var offsets = new ArrayList<>(was.offsets().subList(0, Math.min(bytes, was.offsets().size())));
        var used = Room.taken(type, mode, was);
        used.addAll(offsets);
        while (offsets.size() < bytes) {
            int next = offsets.getLast() + 1;
            while (used.contains(next)) {
                next++;
            }
            if (next > AddressMap.UNIVERSE) {
                return null;
            }
            used.add(next);
            offsets.add(next);
        }
        return offsets;
    }

    private Channel convert(Channel was, List<Integer> offsets) {
        int old = was.bytes();
        var converted = was.withOffsets(offsets)
            .mapFunctions(function -> function
                .with(f -> {
                    f.dmxFrom = start(f.dmxFrom, old);
                    f.defaultValue = f.defaultValue == null ? null : value(f.defaultValue, old);
                })
                .mapRanges(range -> range.withDmxFrom(start(range.dmxFrom(), old))));
        converted = was.highlight() == null ? converted : converted.withHighlight(value(was.highlight(), old));
        return was.defaultValue() == null ? converted : converted.withDefaultValue(value(was.defaultValue(), old));
    }

    /** A boundary keeps its coarse bytes; finer ones begin at zero. */
    private DmxValue start(DmxValue value, int old) {
        long raw = value.at(old);
        return new DmxValue(bytes > old ? raw << 8 * (bytes - old) : raw >>> 8 * (old - bytes), bytes);
    }

    /** An end keeps its coarse bytes; finer ones are full. */
    private DmxValue end(DmxValue value, int old) {
        long fill = bytes > old ? DmxValue.max(bytes - old) : 0;
        return new DmxValue(start(value, old).raw() + fill, bytes);
    }

    /** A value keeps its share of full scale. */
    private DmxValue value(DmxValue value, int old) {
        return new DmxValue(new DmxValue(value.at(old), old).at(bytes), bytes);
    }

    /** Functions that wait for this channel give their condition in its values: those become the new width's too. */
    private FixtureType withMastersConverted(FixtureType type, Mode mode, Channel was) {
        var targets = LinkTargets.of(mode);
        return type.mapModes(each -> each.id() != mode.id() ? each
                : each.mapChannels(other -> other.mapFunctions(function -> waitsFor(targets, function, was)
                        ? function.with(f -> {
                            f.modeFrom = start(f.modeFrom, was.bytes());
                            f.modeTo = end(f.modeTo, was.bytes());
                        })
                        : function)));
    }

    private static boolean waitsFor(LinkTargets targets, ChannelFunction function, Channel master) {
        var target = function.modeMaster().isEmpty() ? null : targets.find(function.modeMaster());
        return target != null && target.channel().id() == master.id();
    }

    @Override
    public String describe(FixtureType before) {
        return "Width of " + Located.channel(before, channel).map(Located.InMode::called).orElse("a channel") + " is " + 8 * bytes + " bit";
    }
}
