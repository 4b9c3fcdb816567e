package yellowkite.core.edit;

import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.dmx.PlacedChannel;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.DmxBreak;
import yellowkite.core.profile.House;
import yellowkite.core.profile.Mode;

/** What an edit has left as it was, so that whoever shows a mode need not show it anew. */
public final class AsBefore {
    private AsBefore() {}

    /**
     * {@return the channels of a mode that are shown as they were: the very same channel at the same number and places, and all that it
     * leans on the same}
     *
     * @param before the mode as it was; null if it was not there
     */
    public static Set<Channel> channels(CompiledMode now, @Nullable CompiledMode before) {
        if (before == null || before.type().wheels() != now.type().wheels()
                || before.type().attributeDefinitions() != now.type().attributeDefinitions()
                || before.type().physicalDescriptions() != now.type().physicalDescriptions()
                || !breaks(before.mode()).equals(breaks(now.mode()))) {
            return Set.of();
        }
        var kept = new Kept(before.type().house(), now.type().house());
        var places = now.map().byChannel();
        var placesBefore = before.map().byChannel();
        Set<Channel> same = Collections.newSetFromMap(new IdentityHashMap<>());
        for (int i = 0; i < Math.min(before.mode().channels().size(), now.mode().channels().size()); i++) {
            var channel = now.mode().channels().get(i);
            if (channel == before.mode().channels().get(i) && channel.functions().allMatch(function -> function.modeMaster().isEmpty())
                    && kept.isAlike(channel) && stands(places, placesBefore, channel)) {
                same.add(channel);
            }
        }
        return same;
    }

    private static boolean stands(Map<Integer, List<PlacedChannel>> now, Map<Integer, List<PlacedChannel>> before, Channel channel) {
        var here = now.getOrDefault(channel.id(), List.of());
        var there = before.getOrDefault(channel.id(), List.of());
        if (here.size() != there.size()) {
            return false;
        }
        for (int i = 0; i < here.size(); i++) {
            if (!here.get(i).addresses().equals(there.get(i).addresses())) {
                return false;
            }
        }
        return true;
    }

    private static Set<DmxBreak> breaks(Mode mode) {
        return mode.channels().stream().map(Channel::dmxBreak).collect(Collectors.toSet());
    }

    /** The house part before and now. @param assumedSame whether nothing of that kind differs at all, as is {@code marksSame} */
    private record Kept(House before, House now, boolean assumedSame, boolean marksSame) {
        private Kept(House before, House now) {
            this(before, now, before.assumed().equals(now.assumed()), before.marks().equals(now.marks()));
        }

        boolean isAlike(Channel channel) {
            return before == now || before.care(channel.id()).equals(now.care(channel.id()))
                    && (assumedSame || channel.functions()
                        .allMatch(each -> before.assumed().contains(each.id()) == now.assumed().contains(each.id())))
                    && (marksSame || channel.functions()
                        .flatMap(each -> each.ranges().stream())
                        .allMatch(range -> Objects.equals(before.marks().get(range.id()), now.marks().get(range.id()))));
        }
    }
}
