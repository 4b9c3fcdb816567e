package yellowkite.core.check;

import java.util.HashMap;
import java.util.Map;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import yellowkite.core.gdtf.Media;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.FixtureType;

/** Where something that has no place of its own on a screen is first used: that is where a finding about it leads. */
final class Uses {
    private final Consumer<Map<String, Finding.Place>> look;
    private @Nullable Map<String, Finding.Place> first;

    /** @param look finds all uses; asked only when there is something to say, which is seldom */
    private Uses(Consumer<Map<String, Finding.Place>> look) {
        this.look = look;
    }

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
        return new Uses(found -> type.wheels()
            .forEach(wheel -> wheel.slots()
                .forEach(slot -> found.putIfAbsent(Media.wheelPath(slot.mediaFile()), Finding.Place.of(wheel, slot)))));
    }

    private static Uses ofFunctions(FixtureType type, BiFunction<Channel, ChannelFunction, String> name) {
        return new Uses(found -> type.modes()
            .forEach(mode -> mode.channels()
                .forEach(channel -> channel.functions()
                    .forEach(function -> found.computeIfAbsent(name.apply(channel, function),
                            each -> Finding.Place.of(mode, channel, function))))));
    }

    /** {@return where it is used, under words of its own} */
    Finding.Place place(String name, String words) {
        if (first == null) {
            first = new HashMap<>();
            look.accept(first);
        }
        var use = first.get(name);
        return use == null ? Finding.Place.of(words)
                : new Finding.Place(use.mode(), use.channel(), use.function(), use.range(), use.wheel(), use.part(), words);
    }
}
