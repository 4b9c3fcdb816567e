package yellowkite.cli;

import picocli.CommandLine.Parameters;
import picocli.CommandLine.Command;
import java.util.List;
import tools.jackson.core.JsonGenerator;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.dmx.LinkTargets;
import yellowkite.core.dmx.PlacedChannel;
import yellowkite.core.dmx.Spans;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Mode;
import yellowkite.core.profile.Wheel;

/** {@code describe}: what a file holds. */
@Command(name = "describe", description = "What each file holds, as one line of JSON.")
final class Describe extends Verb {
    @Parameters(paramLabel = "FILE", arity = "1..*", description = "GDTF files.")
    private List<String> files = List.of();

    Describe(Streams streams) {
        super(streams);
    }

    @Override
    public Integer call() {
        return Files.each(files, streams(), (name, file) -> {
            Json.line(streams().out(), json -> write(name, file, json));
            return WELL;
        });
    }

    private static void write(String name, GdtfFile file, JsonGenerator json) {
        var type = file.description().type();
        json.writeStringProperty("file", name);
        json.writeStringProperty("name", type.name());
        json.writeStringProperty("shortName", type.shortName());
        json.writeStringProperty("longName", type.longName());
        json.writeStringProperty("manufacturer", type.manufacturer());
        json.writeStringProperty("id", type.fixtureTypeId());
        json.writeStringProperty("dataVersion", file.description().dataVersion());
        json.writeArrayPropertyStart("wheels");
        type.wheels().forEach(wheel -> write(wheel, json));
        json.writeEndArray();
        json.writeArrayPropertyStart("modes");
        type.modes().forEach(mode -> write(type, mode, json));
        json.writeEndArray();
    }

    private static void write(Wheel wheel, JsonGenerator json) {
        json.writeStartObject();
        json.writeStringProperty("name", wheel.name());
        json.writeArrayPropertyStart("slots");
        for (var slot : wheel.slots()) {
            json.writeStartObject();
            json.writeStringProperty("name", slot.name());
            json.writeName("color");
            if (slot.color() == null) {
                json.writeNull();
            } else {
                json.writeStartArray()
                    .writeNumber(slot.color().x())
                    .writeNumber(slot.color().y())
                    .writeNumber(slot.color().luminance())
                    .writeEndArray();
            }
            Json.textOrNull(json, "media", slot.mediaFile().isEmpty() ? null : slot.mediaFile());
            json.writeEndObject();
        }
        json.writeEndArray();
        json.writeEndObject();
    }

    private static void write(FixtureType type, Mode mode, JsonGenerator json) {
        var compiled = CompiledMode.of(type, mode);
        json.writeStartObject();
        json.writeStringProperty("name", mode.name());
        json.writeStringProperty("description", mode.description());
        json.writeObjectPropertyStart("footprint");
        compiled.map().footprint().forEach((dmxBreak, highest) -> json.writeNumberProperty(dmxBreak.toString(), highest));
        json.writeEndObject();
        json.writeArrayPropertyStart("channels");
        for (var placed : compiled.map().channels()) {
            write(type, placed, compiled.spans(placed.channel()), compiled.targets(), json);
        }
        json.writeEndArray();
        json.writeEndObject();
    }

    private static void write(FixtureType type, PlacedChannel placed, List<Spans.FunctionSpan> spans, LinkTargets targets,
            JsonGenerator json) {
        var channel = placed.channel();
        json.writeStartObject();
        json.writeStringProperty("name", placed.name());
        json.writeStringProperty("geometry", placed.geometry());
        json.writeStringProperty("attribute", channel.attribute());
        Json.numberOrNull(json, "break", placed.dmxBreak());
        Json.numbers(json, "addresses", placed.addresses());
        json.writeNumberProperty("start", channel.start());
        Json.numberOrNull(json, "highlight", channel.highlight() == null ? null : (Long) channel.highlight().at(channel.bytes()));
        json.writeArrayPropertyStart("functions");
        for (var span : spans) {
            var function = span.function();
            json.writeStartObject();
            json.writeStringProperty("name", span.name());
            json.writeStringProperty("attribute", function.attribute());
            json.writeNumberProperty("from", span.from());
            json.writeNumberProperty("to", span.to());
            json.writeNumberProperty("default", channel.defaultOf(function).at(channel.bytes()));
            json.writeNumberProperty("physicalFrom", function.physicalFrom());
            json.writeNumberProperty("physicalTo", function.physicalTo());
            json.writeStringProperty("unit", type.unitOf(function.attribute()).name());
            Json.textOrNull(json, "wheel", function.wheel().isEmpty() ? null : function.wheel());
            Json.textOrNull(json, "curve", function.dmxProfile().isEmpty() ? null : function.dmxProfile());
            writeMaster(span, targets, json);
            json.writeArrayPropertyStart("ranges");
            span.ranges().forEach(range -> write(range, json));
            json.writeEndArray();
            json.writeEndObject();
        }
        json.writeEndArray();
        json.writeEndObject();
    }

    private static void writeMaster(Spans.FunctionSpan span, LinkTargets targets, JsonGenerator json) {
        var function = span.function();
        json.writeName("modeMaster");
        if (function.modeMaster().isEmpty()) {
            json.writeNull();
            return;
        }
        var target = targets.find(function.modeMaster());
        json.writeStartObject();
        json.writeStringProperty("link", function.modeMaster());
        json.writeNumberProperty("from", target == null ? function.modeFrom().raw() : function.modeFrom().at(target.channel().bytes()));
        json.writeNumberProperty("to", target == null ? function.modeTo().raw() : function.modeTo().at(target.channel().bytes()));
        json.writeEndObject();
    }

    private static void write(Spans.RangeSpan range, JsonGenerator json) {
        json.writeStartObject();
        json.writeStringProperty("name", range.range().name());
        json.writeNumberProperty("from", range.from());
        json.writeNumberProperty("to", range.to());
        json.writeNumberProperty("slot", range.range().slot());
        json.writeNumberProperty("physicalFrom", range.physicalFrom());
        json.writeNumberProperty("physicalTo", range.physicalTo());
        json.writeEndObject();
    }
}
