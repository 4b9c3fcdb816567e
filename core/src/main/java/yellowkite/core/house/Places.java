package yellowkite.core.house;

import java.util.LinkedHashMap;
import java.util.Map;
import yellowkite.core.profile.FixtureType;

/**
 * Ids of a document's nodes by their names; of several of the same name the first.
 *
 * @param channels by mode and channel, in document order, as are the ranges and the functions
 */
record Places(Map<InMode, Integer> channels, Map<InFunction, Integer> ranges, Map<StoredHouse.AssumedFunction, Integer> functions) {
    record InMode(String mode, String channel) {}

    record InFunction(String mode, String channel, String function, long from) {}

    static Places of(FixtureType type) {
        var places = new Places(new LinkedHashMap<>(), new LinkedHashMap<>(), new LinkedHashMap<>());
        for (var mode : type.modes()) {
            for (var channel : mode.channels()) {
                places.channels.putIfAbsent(new InMode(mode.name(), channel.name()), channel.id());
                for (var logical : channel.logicalChannels()) {
                    for (var function : logical.functions()) {
                        places.functions.putIfAbsent(new StoredHouse.AssumedFunction(mode.name(), channel.name(), logical.nameOf(function)),
                                function.id());
                        for (var range : function.ranges()) {
                            places.ranges.putIfAbsent(new InFunction(mode.name(), channel.name(), logical.nameOf(function),
                                    range.dmxFrom().at(channel.bytes())), range.id());
                        }
                    }
                }
            }
        }
        return places;
    }
}
