package yellowkite.core.edit;

import java.util.Optional;
import java.util.stream.Stream;
import yellowkite.core.edit.Touched.Place;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.FixtureType;

/** What a place of a document is called where people are told of it. */
final class PlaceWords {
    private PlaceWords() {}

    /** @param before where a place is called by what it was, should it be gone by now */
    static String of(FixtureType now, FixtureType before, Place place) {
        return switch (place.kind()) {
            case FACTS -> "the facts of the fixture";
            case ATTRIBUTES -> "the attributes";
            case LIGHT -> "emitters, filters and curves";
            case BODY -> "the body";
            case WHEELS -> "the order of the wheels";
            case WHEEL -> Stream.of(now, before)
                .flatMap(type -> type.wheels().stream())
                .filter(wheel -> wheel.id() == place.id())
                .findFirst()
                .map(wheel -> "wheel '" + wheel.name() + "'")
                .orElse("a wheel");
            case MODES -> "the order of the modes";
            case MODE -> mode(now, before, place.id());
            case CHANNELS -> "the channels of " + mode(now, before, place.id());
            case CHANNEL, CARE -> channel(now, before, place.id());
            case FUNCTIONS -> "the functions of " + channel(now, before, place.id());
            case FUNCTION, MARK -> function(now, before, place.id());
            case NOTES -> "the notes";
        };
    }

    private static String mode(FixtureType now, FixtureType before, int id) {
        return now.findMode(id).or(() -> before.findMode(id)).map(mode -> "mode '" + mode.name() + "'").orElse("a mode");
    }

    private static Stream<Channel> channels(FixtureType now, FixtureType before) {
        return Stream.of(now, before).flatMap(type -> type.modes().stream()).flatMap(mode -> mode.channels().stream());
    }

    private static String channel(FixtureType now, FixtureType before, int id) {
        return channels(now, before).filter(channel -> channel.id() == id)
            .findFirst()
            .map(channel -> "channel '" + channel.name() + "'")
            .orElse("a channel");
    }

    /** A mark lies on a named range. */
    private static String function(FixtureType now, FixtureType before, int id) {
        Optional<ChannelFunction> found = channels(now, before).flatMap(Channel::functions)
            .filter(function -> function.id() == id || function.ranges().stream().anyMatch(range -> range.id() == id))
            .findFirst();
        return found.map(function -> "function '" + (function.name().isEmpty() ? function.attribute() : function.name()) + "'")
            .orElse("a function");
    }
}
