package yellowkite.core.bench.telemetry;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import yellowkite.core.bench.Seen;
import yellowkite.core.colour.Chromaticity;

/** A {@link Seen} as JSON. */
public final class TelemetryJson {
    /** Larger answers are no telemetry. */
    public static final int MAX_BYTES = 1 << 20;
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final int MOST = 4_096;

    private TelemetryJson() {}

    public static String write(Seen seen) {
        var json = JSON.createObjectNode();
        json.put("frames", seen.frames()).put("source", seen.source());
        var dmx = json.putObject("dmx");
        seen.dmx().forEach((address, value) -> dmx.put(String.valueOf(address), value));
        json.put("level", seen.level());
        var axes = json.putObject("axes");
        seen.axes().forEach(axes::put);
        colour(json, seen.colour());
        var wheels = json.putObject("wheels");
        seen.wheels()
            .forEach((name, wheel) -> wheels.putObject(name)
                .put("slot", wheel.slot())
                .put("turn", wheel.turn())
                .put("spin", wheel.spin())
                .put("shake", wheel.shake()));
        json.put("zoom", seen.zoom()).put("focus", seen.focus()).put("iris", seen.iris()).put("strobe", seen.strobe());
        var cells = json.putArray("cells");
        for (var cell : seen.cells()) {
            var colour = cell.colour();
            cells.addObject()
                .put("level", cell.level())
                .put("x", colour == null ? null : (Double) colour.x())
                .put("y", colour == null ? null : (Double) colour.y());
        }
        json.put("identify", seen.identify()).put("address", seen.address()).put("personality", seen.personality());
        return JSON.writeValueAsString(json);
    }

    private static void colour(ObjectNode json, @Nullable Chromaticity colour) {
        if (colour == null) {
            json.putNull("colour");
        } else {
            json.putObject("colour").put("x", colour.x()).put("y", colour.y());
        }
    }

    /** {@return what was seen; empty where the text is no telemetry} What an instrument does not say is as if nothing moved. */
    public static Optional<Seen> read(byte[] text) {
        try {
            var json = JSON.readTree(text);
            return json.isObject() && json.path("frames").isIntegralNumber() ? Optional.of(read(json)) : Optional.empty();
        } catch (JacksonException | NumberFormatException broken) {
            return Optional.empty();
        }
    }

    private static Seen read(JsonNode json) {
        var dmx = new TreeMap<Integer, Integer>();
        json.path("dmx")
            .properties()
            .stream()
            .limit(MOST)
            .forEach(each -> dmx.put(Integer.valueOf(each.getKey()), each.getValue().asInt(0)));
        var axes = new TreeMap<String, Double>();
        json.path("axes").properties().stream().limit(MOST).forEach(each -> axes.put(each.getKey(), each.getValue().asDouble(0)));
        var wheels = new TreeMap<String, Seen.OfWheel>();
        json.path("wheels").properties().stream().limit(MOST).forEach(each -> {
            var wheel = each.getValue();
            wheels.put(each.getKey(), new Seen.OfWheel(wheel.path("slot").asInt(0), wheel.path("turn").asDouble(0),
                    wheel.path("spin").asDouble(0), wheel.path("shake").asDouble(0)));
        });
        List<Seen.OfCell> cells = new ArrayList<>();
        json.path("cells")
            .values()
            .stream()
            .limit(MOST)
            .forEach(each -> cells.add(new Seen.OfCell(each.path("level").asDouble(0), colour(each))));
        return new Seen(json.path("frames").asLong(), json.path("source").isString() ? json.path("source").asString() : null, dmx,
                json.path("level").asDouble(0), axes, colour(json.path("colour")), wheels, number(json, "zoom"), number(json, "focus"),
                number(json, "iris"), json.path("strobe").asDouble(0), cells, json.path("identify").asBoolean(false),
                json.path("address").asInt(0), json.path("personality").asInt(0));
    }

    private static @Nullable Double number(JsonNode json, String name) {
        return json.path(name).isNumber() ? (Double) json.path(name).asDouble() : null;
    }

    private static @Nullable Chromaticity colour(JsonNode json) {
        return json.path("x").isNumber() && json.path("y").isNumber()
                ? new Chromaticity(json.path("x").asDouble(), json.path("y").asDouble())
                : null;
    }
}
