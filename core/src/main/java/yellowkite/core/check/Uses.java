package yellowkite.core.check;

import java.util.HashMap;
import java.util.Map;
import java.util.function.BiFunction;
import yellowkite.core.gdtf.Media;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.FixtureType;

/** Where something that has no place of its own on a screen is first used: that is where a finding about it leads. */
final class Uses {
    private final Map<String, Finding.Place> first = new HashMap<>();

    private Uses() {}

    static Uses ofAttributes(FixtureType type) {
        return ofFunctions(type, (channel, function) -> function.attribute());
    }

    static Uses ofCurves(FixtureType type) {
        return ofFunctions(type, (channel, function) -> function.dmxProfile());
    }

    static Uses ofParts(FixtureType type) {
        return ofFunctions(type, (channel, function) -> channel.geometry());
    }

    /** By path in the archive. */
    static Uses ofPictures(FixtureType type) {
        var uses = new Uses();
        type.wheels().forEach(wheel -> wheel.slots().forEach(slot -> uses.first.putIfAbsent(Media.wheelPath(slot.mediaFile()), Finding.Place.of(wheel, slot))));
        return uses;
    }

    private static Uses ofFunctions(FixtureType type, BiFunction<Channel, ChannelFunction, String> name) {
        var uses = new Uses();
        type.modes().forEach(mode -> mode.channels().forEach(channel -> channel.functions()
                .forEach(function -> uses.first.computeIfAbsent(name.apply(channel, function), each -> Finding.Place.of(mode, channel, function)))));
        return uses;
    }

    /** {@return where it is used, under words of its own} */
    Finding.Place place(String name, String words) {
        var use = first.get(name);
        return use == null ? Finding.Place.of(words) : new Finding.Place(use.mode(), use.channel(), use.function(), use.range(), use.wheel(), words);
    }
}
