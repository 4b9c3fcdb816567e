package yellowkite.output;

import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Optional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import yellowkite.core.dmx.AddressMap;

/** A command as one line of JSON. */
public final class CommandJson {
    private static final JsonMapper JSON = JsonMapper.builder().build();

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
            }
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
                        json.path("seconds").asDouble(0), places(json.path("wide"))));
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
            wide.add(channel.values().stream().map(each -> each.asInt(-1)).toList());
        }
        return wide;
    }
}
