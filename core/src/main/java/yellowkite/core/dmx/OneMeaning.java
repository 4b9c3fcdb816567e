package yellowkite.core.dmx;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.DmxValue;

/**
 * Functions that differ in nothing but when they count: the standard gives each one stretch of a master's values (GDTF
 * {@code ChannelFunction/@ModeMaster}), so that a function that counts in several stretches stands there several times. The further ones
 * are called after the first, with a number.
 */
public final class OneMeaning {
    private static final Pattern NUMBERED = Pattern.compile("(.+) \\d{1,4}");

    private OneMeaning() {}

    /** What it means and what it is called: all but its ids and when it counts. */
    private record Meaning(ChannelFunction bare, String name) {}

    /** {@return the functions that mean the same as that one, in order, it among them; alone if there are no others} */
    public static List<ChannelFunction> of(Channel channel, ChannelFunction function) {
        return all(channel).values().stream().filter(each -> each.contains(function)).findFirst().orElse(List.of(function));
    }

    /** {@return the functions of a channel by the id of the first of each meaning, in order} */
    public static Map<Integer, List<ChannelFunction>> all(Channel channel) {
        var all = new LinkedHashMap<Integer, List<ChannelFunction>>();
        for (var logical : channel.logicalChannels()) {
            var firsts = new HashMap<Meaning, Integer>();
            for (var function : logical.functions()) {
                int first = function.modeMaster().isEmpty() ? function.id()
                        : first(firsts, bare(function), logical.nameOf(function), function.id());
                all.computeIfAbsent(first, none -> new ArrayList<>()).add(function);
            }
        }
        return all;
    }

    private static int first(Map<Meaning, Integer> firsts, ChannelFunction bare, String name, int id) {
        var numbered = NUMBERED.matcher(name);
        var before = firsts.get(new Meaning(bare, name));
        var after = before == null && numbered.matches() ? firsts.get(new Meaning(bare, numbered.group(1))) : before;
        return after != null ? after : firsts.merge(new Meaning(bare, name), id, (was, now) -> was);
    }

    private static ChannelFunction bare(ChannelFunction function) {
        return function.withoutIds().with(f -> {
            f.name = "";
            f.modeMaster = "";
            f.modeFrom = DmxValue.ZERO;
            f.modeTo = DmxValue.ZERO;
        });
    }
}
