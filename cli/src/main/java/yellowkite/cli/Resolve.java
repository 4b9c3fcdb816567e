package yellowkite.cli;

import picocli.CommandLine.Parameters;
import picocli.CommandLine.Option;
import picocli.CommandLine.Command;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.dmx.Meaning;
import yellowkite.core.dmx.Probe;
import yellowkite.core.dmx.Wanted;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Mode;

/** {@code resolve}: from bytes to meaning, and back from wanted values to bytes. */
@Command(name = "resolve", description = "What every channel does: all at their start values, then the byte values that are asked for."
        + " With --wanted the way back: the bytes for the wanted physical values, and what they reach.")
final class Resolve extends Verb {
    @Parameters(paramLabel = "FILE", description = "A GDTF file.")
    private String file = "";
    @Option(names = "--mode", required = true, paramLabel = "NAME", description = "One of its modes.")
    private String mode = "";
    @Option(names = "--dmx", paramLabel = "A=V,A=V...", description = "Byte values V (0..255) on addresses A.")
    private List<String> dmx = List.of();
    @Option(names = "--break", paramLabel = "N", defaultValue = "1", description = "The DMX break that is meant (1).")
    private String dmxBreak = "1";
    @Option(names = "--wanted", paramLabel = "ATTRIBUTE=PHYSICAL", description = "A physical value on every channel that carries it.")
    private List<String> wanted = List.of();

    Resolve(Streams streams) {
        super(streams);
    }

    /** @param dmx byte values by address */
    private record Call(String file, String mode, Map<Integer, Integer> dmx, int dmxBreak, Map<String, Double> wanted) {}

    @Override
    public Integer call() {
        var call = parsed();
        return Files.each(List.of(file), streams(), (name, opened) -> {
            var type = opened.description().type();
            var chosen = type.modes()
                .stream()
                .filter(each -> each.name().equals(mode))
                .findFirst()
                .orElseThrow(() -> new WrongCall(
                        "'" + name + "' has no mode '" + mode + "'; it has "
                                + type.modes().stream().map(each -> "'" + each.name() + "'").toList() + "."));
            return call.wanted().isEmpty() ? resolve(call, type, chosen, streams()) : want(call, type, chosen, streams());
        });
    }

    private Call parsed() {
        var bytes = new LinkedHashMap<Integer, Integer>();
        dmx.forEach(each -> parseDmx(each, bytes));
        var physical = new LinkedHashMap<String, Double>();
        wanted.forEach(each -> parseWanted(each, physical));
        return new Call(file, mode, bytes, whole(dmxBreak, 1, 65_535, "--break wants a number from 1, such as 2"), physical);
    }

    private static int resolve(Call call, FixtureType type, Mode mode, Streams streams) {
        var probe = Probe.atStart(CompiledMode.of(type, mode)).withDmx(call.dmxBreak(), call.dmx());
        Json.line(streams.out(), json -> {
            json.writeStringProperty("file", call.file());
            json.writeStringProperty("mode", mode.name());
            json.writeArrayPropertyStart("channels");
            for (var meaning : probe.meanings()) {
                json.writeStartObject();
                write(meaning, json);
                json.writeEndObject();
            }
            json.writeEndArray();
        });
        return WELL;
    }

    private static void write(Meaning meaning, tools.jackson.core.JsonGenerator json) {
        var placed = meaning.channel();
        json.writeStringProperty("name", placed.name());
        json.writeStringProperty("geometry", placed.geometry());
        Json.numbers(json, "addresses", placed.addresses());
        json.writeNumberProperty("raw", meaning.raw());
        Json.textOrNull(json, "function", meaning.function() == null ? null : meaning.function().name());
        Json.textOrNull(json, "attribute", meaning.function() == null ? null : meaning.function().function().attribute());
        Json.textOrNull(json, "range", meaning.range() == null ? null : meaning.range().range().name());
        json.writeNumberProperty("slot", meaning.range() == null ? 0 : meaning.range().range().slot());
        Json.numberOrNull(json, "physical", meaning.physical());
        json.writeStringProperty("unit", meaning.unit().name());
        json.writeNumberProperty("scale", meaning.scale());
    }

    private static int want(Call call, FixtureType type, Mode mode, Streams streams) {
        return switch (Wanted.find(Probe.atStart(CompiledMode.of(type, mode)), call.wanted())) {
            case Wanted.Result.OutOfReach out -> {
                Files.refuse(call.file(), out.reason(), streams);
                yield ERRORS;
            }
            case Wanted.Result.Found found -> {
                Json.line(streams.out(), json -> {
                    json.writeStringProperty("file", call.file());
                    json.writeStringProperty("mode", mode.name());
                    json.writeObjectPropertyStart("dmx");
                    found.dmx()
                        .getOrDefault(call.dmxBreak(), new TreeMap<>())
                        .forEach((address, value) -> json.writeNumberProperty(address.toString(), value));
                    json.writeEndObject();
                    json.writeArrayPropertyStart("reached");
                    for (var each : found.reached()) {
                        json.writeStartObject();
                        json.writeStringProperty("channel", each.channel());
                        json.writeStringProperty("attribute", each.attribute());
                        json.writeNumberProperty("asked", each.asked());
                        json.writeNumberProperty("got", each.got());
                        json.writeEndObject();
                    }
                    json.writeEndArray();
                });
                yield WELL;
            }
        };
    }

    private static void parseDmx(String text, Map<Integer, Integer> dmx) {
        for (var pair : text.split(",", -1)) {
            var parts = pair.split("=", -1);
            var expected = "--dmx wants pairs of address 1 to " + AddressMap.UNIVERSE + " and value 0 to 255, such as 1=128,2=0; '" + pair
                    + "' is none";
            if (parts.length != 2) {
                throw new WrongCall(expected + ".");
            }
            dmx.put(whole(parts[0], 1, AddressMap.UNIVERSE, expected), whole(parts[1], 0, 255, expected));
        }
    }

    private static void parseWanted(String text, Map<String, Double> wanted) {
        int equals = text.indexOf('=');
        try {
            double value = Double.parseDouble(text.substring(equals + 1).strip());
            if (equals > 0 && Double.isFinite(value)) {
                wanted.put(text.substring(0, equals).strip(), value);
                return;
            }
        } catch (NumberFormatException notANumber) {
            // told below, with what is expected
        }
        throw new WrongCall("--wanted wants an attribute and a physical value, such as Pan=90; '" + text + "' is none.");
    }

    private static int whole(String text, int low, int high, String expected) {
        var trimmed = text.strip();
        if (trimmed.matches("\\d{1,6}") && Integer.parseInt(trimmed) >= low && Integer.parseInt(trimmed) <= high) {
            return Integer.parseInt(trimmed);
        }
        throw new WrongCall(expected + ".");
    }
}
