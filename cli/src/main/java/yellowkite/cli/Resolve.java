package yellowkite.cli;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import yellowkite.cli.Command.Streams;
import yellowkite.cli.Command.WrongCall;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.dmx.Meaning;
import yellowkite.core.dmx.Probe;
import yellowkite.core.dmx.Wanted;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Mode;

/** {@code resolve}: from bytes to meaning, and back from wanted values to bytes. */
final class Resolve {
    private Resolve() {}

    /** @param dmx byte values by address */
    private record Call(String file, String mode, Map<Integer, Integer> dmx, int dmxBreak, Map<String, Double> wanted) {}

    static int run(List<String> arguments, Streams streams) {
        var call = parse(arguments);
        return Files.each(List.of(call.file()), streams, (name, file) -> {
            var type = file.description().type();
            var mode = type.modes()
                .stream()
                .filter(each -> each.name().equals(call.mode()))
                .findFirst()
                .orElseThrow(() -> new WrongCall(
                        "'" + name + "' has no mode '" + call.mode() + "'; it has "
                                + type.modes().stream().map(each -> "'" + each.name() + "'").toList() + "."));
            return call.wanted().isEmpty() ? resolve(call, type, mode, streams) : want(call, type, mode, streams);
        });
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
        return Command.WELL;
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
                yield Command.ERRORS;
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
                yield Command.WELL;
            }
        };
    }

    private static Call parse(List<String> arguments) {
        var files = new ArrayList<String>();
        String mode = null;
        var dmx = new LinkedHashMap<Integer, Integer>();
        var wanted = new LinkedHashMap<String, Double>();
        int dmxBreak = 1;
        for (int i = 0; i < arguments.size(); i++) {
            var word = arguments.get(i);
            switch (word) {
                case "--mode" -> mode = valueOf(word, arguments, ++i);
                case "--dmx" -> parseDmx(valueOf(word, arguments, ++i), dmx);
                case "--break" -> dmxBreak = whole(valueOf(word, arguments, ++i), 1, 65_535, "--break wants a number from 1, such as 2");
                case "--wanted" -> parseWanted(valueOf(word, arguments, ++i), wanted);
                default -> {
                    if (word.startsWith("--")) {
                        throw new WrongCall("'" + word + "' is no option of resolve.");
                    }
                    files.add(word);
                }
            }
        }
        if (files.size() != 1) {
            throw new WrongCall("resolve takes one file; " + files.size() + " were named.");
        }
        return new Call(files.getFirst(), required(mode), dmx, dmxBreak, wanted);
    }

    private static String required(@Nullable String mode) {
        if (mode == null) {
            throw new WrongCall("Say which mode: --mode NAME.");
        }
        return mode;
    }

    private static String valueOf(String option, List<String> arguments, int index) {
        if (index >= arguments.size()) {
            throw new WrongCall(option + " wants a value behind it.");
        }
        return arguments.get(index);
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
