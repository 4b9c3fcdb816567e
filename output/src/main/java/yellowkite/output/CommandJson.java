package yellowkite.output;

import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import yellowkite.core.dmx.AddressMap;

/** A command as one line of JSON. */
public final class CommandJson {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private static final int LARGEST = 255;

    private CommandJson() {}

    public static String write(Command command) {
        var json = JSON.createObjectNode();
        switch (command) {
            case Command.Open open -> {
                json.put("do", "open").put("universe", open.universe()).put("priority", open.priority());
                json.put("rest", Base64.getEncoder().encodeToString(open.rest()))
                    .put("dark", Base64.getEncoder().encodeToString(open.dark()));
                var to = json.putArray("to");
                open.to().forEach(to::add);
            }
            case Command.Levels levels -> {
                json.put("do", "levels").put("universe", levels.universe()).put("seconds", levels.seconds());
                json.put("levels", Base64.getEncoder().encodeToString(levels.levels()));
                var wide = json.putArray("wide");
                levels.wide().forEach(channel -> {
                    var places = wide.addArray();
                    channel.forEach(places::add);
                });
                var jumps = json.putArray("jumps");
                levels.jumps().forEach(jumps::add);
            }
            case Command.Hold hold -> {
                var values = json.put("do", "hold").put("universe", hold.universe()).putObject("values");
                hold.values().forEach((address, value) -> values.put(String.valueOf(address), value));
            }
            case Command.Watch watch -> json.put("do", "watch").put("universe", watch.universe()).put("on", watch.on());
            case Command.Close close -> json.put("do", "close").put("universe", close.universe());
            case Command.Dark dark -> json.put("do", "dark").put("on", dark.on());
            case Command.Alive alive -> json.put("do", "alive");
            case Command.End end -> json.put("do", "end");
        }
        return JSON.writeValueAsString(json);
    }

    /** {@return the command; empty where the line is none} */
    public static Optional<Command> read(String line) {
        try {
            var json = JSON.readTree(line);
            return switch (json.path("do").asString("")) {
                case "open" ->
                    Optional.of(new Command.Open(json.path("universe").asInt(0), texts(json.path("to")), json.path("priority").asInt(100),
                            levels(json.path("rest")), levels(json.path("dark"))));
                case "levels" -> Optional.of(new Command.Levels(json.path("universe").asInt(0), levels(json.path("levels")),
                        json.path("seconds").asDouble(0), places(json.path("wide")), numbers(json.path("jumps"))));
                case "hold" -> Optional.of(new Command.Hold(json.path("universe").asInt(0), held(json.path("values"))));
                case "watch" -> Optional.of(new Command.Watch(json.path("universe").asInt(0), json.path("on").asBoolean(true)));
                case "close" -> Optional.of(new Command.Close(json.path("universe").asInt(0)));
                case "dark" -> Optional.of(new Command.Dark(json.path("on").asBoolean(true)));
                case "alive" -> Optional.of(new Command.Alive());
                case "end" -> Optional.of(new Command.End());
                default -> Optional.empty();
            };
        } catch (JacksonException | IllegalArgumentException broken) {
            return Optional.empty();
        }
    }

    private static List<String> texts(JsonNode of) {
        return of.values().stream().map(each -> each.asString("")).toList();
    }

    private static byte[] levels(JsonNode of) {
        var bytes = Base64.getDecoder().decode(of.asString(""));
        if (bytes.length != AddressMap.UNIVERSE) {
            throw new IllegalArgumentException("a universe has 512 levels");
        }
        return bytes;
    }

    private static List<List<Integer>> places(JsonNode of) {
        var wide = new ArrayList<List<Integer>>();
        for (var channel : of.values()) {
            wide.add(numbers(channel));
        }
        return wide;
    }

    private static List<Integer> numbers(JsonNode of) {
        return of.values().stream().map(each -> each.asInt(-1)).toList();
    }

    private static Map<Integer, Integer> held(JsonNode of) {
        var values = new TreeMap<Integer, Integer>();
        of.properties().forEach(each -> {
            int address = Integer.parseInt(each.getKey());
            int value = each.getValue().asInt(-1);
            if (address < 1 || address > AddressMap.UNIVERSE || value < 0 || value > LARGEST) {
                throw new IllegalArgumentException("an address is from 1 to 512, its value from 0 to 255");
            }
            values.put(address, value);
        });
        return values;
    }
}
