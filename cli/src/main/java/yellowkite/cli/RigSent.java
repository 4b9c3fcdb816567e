package yellowkite.cli;

import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import tools.jackson.core.JsonGenerator;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.dmx.Probe;
import yellowkite.core.dmx.Wanted;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.rig.RigLevels;

/** {@code levels}: what leaves on the wire. */
@Command(name = "levels", description = "What leaves on the wire: start values, then the levels asked for, through the adjustments of each unit.")
final class RigSent extends Verb {
    @Parameters(index = "0", paramLabel = "RIG", description = "A rig, a scene, or a patch sheet.")
    private String file = "";
    @Option(names = "--profiles", paramLabel = "DIR", description = "A folder of GDTF files; else those that the rig names.")
    private List<String> profiles = List.of();
    @Option(names = "--set", paramLabel = "UNIT:ATTRIBUTE=PHYSICAL", description = "A value in the profile's unit.")
    private List<String> physical = List.of();
    @Option(names = "--raw", paramLabel = "UNIT:ATTRIBUTE=LEVEL", description = "A level of the channel, 0 to 1.")
    private List<String> levels = List.of();
    @Option(names = "--master", paramLabel = "LEVEL", defaultValue = "1", description = "The grand master, 0 to 1; 1 unless told.")
    private double master;

    @Option(names = "--ours", description = "The folder's profiles count before those inside a scene.")
    private boolean ours;

    RigSent(Streams streams) {
        super(streams);
    }

    private record Asked(String unit, String attribute, double value) {
        static Asked of(String option, String text) {
            int colon = text.indexOf(':');
            int equals = text.lastIndexOf('=');
            try {
                double value = Double.parseDouble(text.substring(equals + 1));
                if (colon > 0 && equals > colon + 1 && Double.isFinite(value)) {
                    return new Asked(text.substring(0, colon), text.substring(colon + 1, equals), value);
                }
            } catch (NumberFormatException none) {
                // told below
            }
            throw new WrongCall(option + " wants a unit, an attribute and a number, such as 101:Pan=0.5; '" + text + "' is none.");
        }
    }

    /** What is asked for does not exist, or is out of reach. */
    private static final class OutOfReach extends RuntimeException {
        private OutOfReach(String sentence) {
            super(sentence, null, false, false);
        }
    }

    @Override
    public Integer call() {
        if (!(master >= 0 && master <= 1)) {
            throw new WrongCall("--master wants a level from 0 to 1.");
        }
        var set = physical.stream().map(each -> Asked.of("--set", each)).toList();
        var raw = levels.stream().map(each -> Asked.of("--raw", each)).toList();
        try {
            var rig = RigFile.read(file, profiles, ours);
            var sent = RigLevels.of(rig.rig().units(), rig.profiles()::mode);
            var asked = new HashMap<RigLevels.Line, Set<Integer>>();
            byUnit(set).forEach((unit, values) -> play(line(sent, unit), values, asked));
            raw.forEach(each -> play(line(sent, each.unit()), each, asked));
            sent.send(master);
            print(sent, asked);
            return WELL;
        } catch (OutOfReach none) {
            Files.refuse(file, String.valueOf(none.getMessage()), streams());
            return ERRORS;
        } catch (Files.Refused refused) {
            Files.refuse(file, String.valueOf(refused.getMessage()), streams());
            return REFUSED;
        }
    }

    private static Map<String, Map<String, Double>> byUnit(List<Asked> set) {
        var byUnit = new LinkedHashMap<String, Map<String, Double>>();
        set.forEach(each -> byUnit.computeIfAbsent(each.unit(), none -> new LinkedHashMap<>()).put(each.attribute(), each.value()));
        return byUnit;
    }

    private static RigLevels.Line line(RigLevels sent, String unit) {
        return sent.lines()
            .stream()
            .filter(each -> each.unit().id().equals(unit))
            .findFirst()
            .orElseThrow(() -> new OutOfReach("There is no unit " + unit + " that has a profile and an address."));
    }

    private static void play(RigLevels.Line line, Map<String, Double> values, Map<RigLevels.Line, Set<Integer>> asked) {
        CompiledMode mode = line.path().mode();
        switch (Wanted.find(Probe.atStart(mode), values)) {
            case Wanted.Result.OutOfReach(var reason) -> throw new OutOfReach("Unit " + line.unit().id() + ": " + reason);
            case Wanted.Result.Found found -> {
                for (int i = 0; i < line.levels().length; i++) {
                    var channel = line.path().channels().get(i).channel();
                    var value = found.values().get(channel.id());
                    if (value != null) {
                        line.levels()[i] = (double) value / DmxValue.max(channel.bytes());
                        asked.computeIfAbsent(line, none -> new HashSet<>()).add(i);
                    }
                }
            }
        }
    }

    private static void play(RigLevels.Line line, Asked level, Map<RigLevels.Line, Set<Integer>> asked) {
        if (!(level.value() >= 0 && level.value() <= 1)) {
            throw new WrongCall("--raw wants a level from 0 to 1; " + level.value() + " is outside.");
        }
        var meant = IntStream.range(0, line.levels().length).filter(i -> {
            var placed = line.path().channels().get(i);
            return placed.channel().attribute().equals(level.attribute()) || placed.name().equals(level.attribute())
                    || placed.channel().carries(level.attribute());
        }).boxed().toList();
        if (meant.isEmpty()) {
            throw new OutOfReach("Unit " + line.unit().id() + " has no channel for " + level.attribute() + ".");
        }
        meant.forEach(i -> line.levels()[i] = level.value());
        asked.computeIfAbsent(line, none -> new HashSet<>()).addAll(meant);
    }

    private void print(RigLevels sent, Map<RigLevels.Line, Set<Integer>> asked) {
        Json.line(streams().out(), json -> {
            json.writeObjectPropertyStart("universes");
            sent.frames().forEach((universe, frame) -> {
                json.writeObjectPropertyStart(universe.toString());
                IntStream.rangeClosed(1, AddressMap.UNIVERSE)
                    .filter(at -> sent.holds(universe, at))
                    .forEach(at -> json.writeNumberProperty(String.valueOf(at), frame[at - 1] & 0xFF));
                json.writeEndObject();
            });
            json.writeEndObject();
            json.writeArrayPropertyStart("steps");
            for (var line : sent.lines()) {
                var wanted = asked.getOrDefault(line, Set.of());
                var starts = line.path().mode().startValues();
                for (int i = 0; i < line.levels().length; i++) {
                    if (wanted.contains(i) || line.path().raw(i, line.levels(), master) != starts[i]) {
                        step(json, line, i);
                    }
                }
            }
            json.writeEndArray();
        });
    }

    private void step(JsonGenerator json, RigLevels.Line line, int channel) {
        var steps = line.path().steps(channel, line.levels(), master);
        json.writeStartObject()
            .writeStringProperty("unit", line.unit().id())
            .writeStringProperty("channel", line.path().channels().get(channel).name())
            .writeNumberProperty("asked", steps.asked())
            .writeNumberProperty("afterMaster", steps.afterMaster())
            .writeNumberProperty("afterSwap", steps.afterSwap())
            .writeNumberProperty("afterInvert", steps.afterInvert())
            .writeNumberProperty("afterCurve", steps.afterCurve())
            .writeNumberProperty("afterScale", steps.afterScale())
            .writeNumberProperty("afterLimit", steps.afterLimit())
            .writeNumberProperty("raw", steps.raw())
            .writeEndObject();
    }
}
