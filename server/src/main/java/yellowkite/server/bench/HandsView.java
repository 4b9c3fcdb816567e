package yellowkite.server.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import yellowkite.core.bench.Hands;
import yellowkite.core.colour.Srgb;
import yellowkite.core.colour.Xyz;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.dmx.Meaning;
import yellowkite.core.dmx.PlacedChannel;
import yellowkite.core.dmx.Readout;
import yellowkite.core.dmx.Spans;
import yellowkite.core.gdtf.Media;
import yellowkite.core.light.Light;
import yellowkite.core.profile.Wheel;
import yellowkite.server.web.BeamView;

/**
 * A fixture in hands, as the page shows it: what stays, and what it is at now.
 *
 * @param pan index of the channel that turns it; null without one, likewise tilt. @param mixes whether a colour can be asked for
 * @param unit null where it is none
 */
record HandsView(String id, String profileId, String manufacturer, String profile, int revision, String mode, String destination,
        int universe,
        int address, List<HandsChannel> channels, @Nullable Integer pan, @Nullable Integer tilt, boolean mixes, HandsState state,
        @Nullable HandsUnit unit) {

    /** The unit of a rig that it is. */
    record HandsUnit(String rigId, String rig, String uuid, String called) {}

    /**
     * @param pretty what the profile calls it, with its cell. @param group its feature group; may be empty. @param from address of its
     * slots
     */
    record HandsChannel(int index, String pretty, String attribute, String group, long max, long start, List<HandsFunction> functions) {}

    /** @param reads the words of both ends. @param physicalFrom in {@code unit}, as a number for a slider */
    record HandsFunction(int index, String name, long from, long to, double physicalFrom, double physicalTo, String unit,
            List<HandsRange> ranges) {}

    /** @param value its middle. @param color as the screen shows it; null without one, like the picture's address */
    record HandsRange(String name, long from, long to, long value, @Nullable String color, @Nullable String picture) {}

    /** @param at one for each channel */
    record HandsState(boolean live, List<HandsAt> at, BeamView beam) {}

    /** @param function index of the active one; null if none is, as then are range and physical */
    record HandsAt(long raw, @Nullable Integer function, @Nullable String range, @Nullable String physical, @Nullable Double number,
            String unit, double percent, String says) {}

    static HandsView of(HandsSessions.Session session, boolean live, Map<String, String> contents) {
        var place = session.place();
        var mode = place.mode();
        var type = mode.type();
        var channels = new ArrayList<HandsChannel>();
        for (int i = 0; i < mode.map().channels().size(); i++) {
            channels.add(channel(mode, i, contents));
        }
        return new HandsView(session.id(), session.revision().profileId(), type.manufacturer(), type.name(), session.revision().number(),
                mode.mode().name(), place.destination(), place.universe(), place.address(), channels,
                session.hands().channelOf("Pan").orElse(null), session.hands().channelOf("Tilt").orElse(null),
                session.hands().mixesColour(),
                state(session.hands(), live, contents),
                place instanceof HandsPlace.InRig in ? new HandsUnit(in.rigId(), in.rig(), in.unit().uuid(), in.unit().called()) : null);
    }

    static HandsState state(Hands hands, boolean live, Map<String, String> contents) {
        var meanings = hands.meanings();
        return new HandsState(live, meanings.stream().map(each -> at(hands.mode(), each)).toList(),
                BeamView.of(Light.of(hands.mode(), meanings), contents));
    }

    private static HandsChannel channel(CompiledMode mode, int index, Map<String, String> contents) {
        PlacedChannel placed = mode.map().channels().get(index);
        var channel = placed.channel();
        var type = mode.type();
        var pretty = type.attributeDefinitions().pretty(channel.attribute());
        var spans = mode.spans(channel);
        var functions = new ArrayList<HandsFunction>();
        for (int i = 0; i < spans.size(); i++) {
            if (spans.get(i).from() <= spans.get(i).to()) {
                functions.add(function(mode, spans.get(i), i, contents));
            }
        }
        return new HandsChannel(index, placed.path().isEmpty() ? pretty : pretty + " " + placed.geometry(), channel.attribute(),
                type.attributeDefinitions().find(channel.attribute()).map(each -> each.featureGroup()).orElse(""), channel.max(),
                channel.start(), functions);
    }

    /** {@return the named ranges of a channel, in all its functions} @param index in the map's order */
    static List<HandsRange> ranges(CompiledMode mode, int index, Map<String, String> contents) {
        return channel(mode, index, contents).functions().stream().flatMap(each -> each.ranges().stream()).toList();
    }

    private static HandsFunction function(CompiledMode mode, Spans.FunctionSpan span, int index, Map<String, String> contents) {
        var of = span.function();
        var slots = mode.type().findWheel(of.wheel()).map(Wheel::slots).orElse(List.of());
        return new HandsFunction(index, span.name(), span.from(), span.to(), of.physicalFrom(), of.physicalTo(),
                mode.type().unitOf(of.attribute()).symbol(),
                span.ranges()
                    .stream()
                    .filter(each -> each.from() <= each.to())
                    .map(each -> range(each, slots, contents))
                    .toList());
    }

    private static HandsRange range(Spans.RangeSpan range, List<Wheel.Slot> slots, Map<String, String> contents) {
        int number = range.range().slot();
        var slot = number > 0 && number <= slots.size() ? Optional.of(slots.get(number - 1)) : Optional.<Wheel.Slot>empty();
        return new HandsRange(range.range().name(), range.from(), range.to(), range.from() + (range.to() - range.from()) / 2,
                slot.map(Wheel.Slot::color).map(each -> Srgb.hueOf(Xyz.of(each)).hex()).orElse(null),
                slot.map(each -> contents.get(Media.wheelPath(each.mediaFile()))).map(sha -> "/api/media/" + sha).orElse(null));
    }

    private static HandsAt at(CompiledMode mode, Meaning meaning) {
        var readout = Readout.of(meaning);
        var spans = mode.spans(meaning.channel().channel());
        var active = meaning.function();
        Integer function = null;
        for (int i = 0; active != null && i < spans.size(); i++) {
            if (spans.get(i).function().id() == active.function().id()) {
                function = i;
            }
        }
        return new HandsAt(meaning.raw(), function, meaning.range() == null ? null : meaning.range().range().name(), readout.physical(),
                meaning.physical(), meaning.unit().symbol(), readout.percent(), readout.says());
    }
}
