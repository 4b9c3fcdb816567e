package yellowkite.core.rig.file;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import yellowkite.core.archive.FormatException;
import yellowkite.core.body.Place;
import yellowkite.core.curve.Smooth.Knot;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.rig.Adjustments;
import yellowkite.core.rig.Adjustments.ChannelAdjustment;
import yellowkite.core.rig.Asked;
import yellowkite.core.rig.At;
import yellowkite.core.rig.Found;
import yellowkite.core.rig.Found.How;
import yellowkite.core.rig.Output;
import yellowkite.core.rig.Patch;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.Unit;
import yellowkite.core.rig.UniverseFacts;

/** Reads a rig as {@link RigJson} writes it: what is worked out of the units is passed over, keys that nobody knows are kept. */
final class RigJsonReading {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final Set<String> KNOWN = Set.of("file", "name", "units", "universes", "collisions", "findings", "production", "from",
            "to",
            "notes", "console", "aside");
    private static final Set<String> KNOWN_OF_UNIT = Set.of("id", "uuid", "name", "number", "layer", "groups", "position", "class", "asked",
            "found", "addresses", "place", "adjustments", "note", "colour", "dipOffset", "hangsOn", "sharedAs");
    private static final int LONGEST_TEXT = 10_000;

    private RigJsonReading() {}

    /** @throws IllegalArgumentException with a sentence, if they are none */
    static Adjustments adjustmentsOf(String text) {
        try {
            return adjustments(JSON.readTree(text));
        } catch (JacksonException damaged) {
            throw new IllegalArgumentException("The adjustments cannot be read.");
        }
    }

    /**
     * {@return the rig that a text holds}
     *
     * @throws FormatException if it is none; the message is the end of a sentence that begins with the file
     */
    static Rig read(String text) {
        try {
            if (JSON.readTree(text) instanceof ObjectNode json && json.path("units") instanceof ArrayNode units) {
                return rig(json, units);
            }
        } catch (JacksonException damaged) {
            throw new FormatException("is no JSON that can be read");
        }
        throw new FormatException("is no rig: it has no list of units");
    }

    private static Rig rig(ObjectNode json, ArrayNode units) {
        if (units.size() > Rig.MOST_UNITS) {
            throw new FormatException("has " + units.size() + " units; at most " + Rig.MOST_UNITS + " are read");
        }
        var read = new ArrayList<Unit>();
        var uuids = new HashSet<String>();
        for (var each : units) {
            read.add(reading("units[" + read.size() + "]", () -> unit(each, uuids)));
        }
        var aside = new ArrayList<Unit>();
        for (var each : json.path("aside")) {
            aside.add(reading("aside[" + aside.size() + "]", () -> unit(each, uuids)));
        }
        var universes = new ArrayList<UniverseFacts>();
        for (var each : json.path("universes")) {
            universes.add(reading("universes[" + universes.size() + "]", () -> universe(each)));
        }
        universes.removeIf(each -> each.equals(new UniverseFacts(each.universe(), "", "", Output.NONE, "")));
        return reading("the rig", () -> new Rig(text(json, "name"), text(json, "production"), date(json, "from"), date(json, "to"),
                text(json, "notes"), whole(json, "console"), universes, read, aside, rest(json, KNOWN)));
    }

    private interface Reading<T> {
        T read();
    }

    private static <T> T reading(String where, Reading<T> work) {
        try {
            return work.read();
        } catch (IllegalArgumentException unfit) {
            throw new FormatException("cannot be read at " + where + ": " + unfit.getMessage());
        }
    }

    private static UniverseFacts universe(JsonNode json) {
        var number = whole(json, "universe");
        var output = json.path("output");
        return new UniverseFacts(new At(number == null ? 0 : number, 1).universe(), text(json, "name"), text(json, "place"),
                output.isObject() ? new Output(word(Output.Kind.class, text(output, "kind")), text(output, "to")) : Output.NONE,
                text(json, "colour"));
    }

    private static Unit unit(JsonNode json, Set<String> uuids) {
        if (!json.isObject()) {
            throw new IllegalArgumentException("A unit is an object.");
        }
        var asked = json.path("asked");
        return Unit.of(f -> {
            f.id = text(json, "id");
            f.uuid = Unit.uuidOf(text(json, "uuid"), f.id, uuids);
            f.name = text(json, "name");
            f.number = whole(json, "number");
            f.layer = text(json, "layer");
            var groups = new ArrayList<String>();
            json.path("groups").forEach(each -> groups.add(each.asString("")));
            f.groups = groups;
            f.position = textOrNull(json, "position");
            f.unitClass = textOrNull(json, "class");
            f.asked = new Asked(text(asked, "spec"), text(asked, "mode"), whole(asked, "footprint"));
            f.found = found(json.path("found"));
            f.addresses = addresses(json.path("addresses"));
            f.place = place(json.path("place"));
            f.adjustments = adjustments(json.path("adjustments"));
            f.note = text(json, "note");
            f.colour = text(json, "colour");
            f.dipOffset = Objects.requireNonNullElse(whole(json, "dipOffset"), 0);
            f.hangsOn = textOrNull(json, "hangsOn");
            f.sharedAs = text(json, "sharedAs");
            f.extra = rest(json, KNOWN_OF_UNIT);
        });
    }

    private static Found found(JsonNode json) {
        if (!json.isObject()) {
            return Found.NOTHING;
        }
        var breaks = new TreeMap<Integer, Integer>();
        json.path("breaks").properties().forEach(each -> breaks.put(Integer.valueOf(each.getKey()), each.getValue().asInt(0)));
        var footprint = whole(json, "footprint");
        if (breaks.isEmpty() && footprint != null && footprint > 0) {
            breaks.put(1, footprint);
        }
        return new Found(json.has("how") ? word(How.class, text(json, "how")) : How.NONE, text(json, "file"), text(json, "maker"),
                text(json, "model"), text(json, "mode"), breaks, number(json, "sure", 0), text(json, "why"));
    }

    private static List<Patch> addresses(JsonNode json) {
        var addresses = new ArrayList<Patch>();
        for (var each : json) {
            int universe = Objects.requireNonNullElse(whole(each, "universe"), 1);
            int address = Objects.requireNonNullElse(whole(each, "address"), 0);
            int to = Objects.requireNonNullElse(whole(each, "to"), address);
            if (to < address || to - address >= AddressMap.UNIVERSE) {
                throw new IllegalArgumentException("An address from " + address + " to " + to + " is none.");
            }
            addresses.add(new Patch(Objects.requireNonNullElse(whole(each, "break"), 1), new At(universe, address), to - address + 1));
        }
        return addresses;
    }

    private static @Nullable Place place(JsonNode json) {
        return !json.isObject() ? null
                : new Place(number(json, "x", 0), number(json, "y", 0), number(json, "z", 0), number(json, "turnX", 0),
                        number(json, "turnY", 0), number(json, "turnZ", 0));
    }

    private static Adjustments adjustments(JsonNode json) {
        if (!json.isObject()) {
            return Adjustments.NONE;
        }
        Map<String, ChannelAdjustment> channels = new TreeMap<>();
        json.path("channels").properties().forEach(each -> channels.put(each.getKey(), channel(each.getValue())));
        var warmUp = json.path("warmUp");
        return new Adjustments(json.path("swapPanTilt").asBoolean(false), json.path("outsideMaster").asBoolean(false),
                warmUp.isNumber() ? (Double) warmUp.asDouble() : null, json.path("startAtZero").asBoolean(false), channels);
    }

    private static ChannelAdjustment channel(JsonNode json) {
        var points = new ArrayList<Knot>();
        for (var each : json.path("curve")) {
            if (!each.path(0).isNumber() || !each.path(1).isNumber()) {
                throw new IllegalArgumentException("A curve is a list of pairs of numbers.");
            }
            points.add(new Knot(each.path(0).asDouble(), each.path(1).asDouble()));
        }
        var snap = json.path("snap");
        var start = json.path("start");
        return new ChannelAdjustment(json.path("invert").asBoolean(false), points, number(json, "scale", 1), number(json, "from", 0),
                number(json, "to", 1), json.path("outsideMaster").asBoolean(false), snap.isBoolean() ? (Boolean) snap.asBoolean() : null,
                start.isNumber() ? (Double) start.asDouble() : null);
    }

    private static String rest(JsonNode json, Set<String> known) {
        var rest = JSON.createObjectNode();
        json.properties().forEach(each -> {
            if (!known.contains(each.getKey())) {
                rest.set(each.getKey(), each.getValue());
            }
        });
        return rest.isEmpty() ? "" : rest.toString();
    }

    private static String text(JsonNode json, String name) {
        var value = json.path(name);
        var text = value.isString() || value.isNumber() ? value.asString() : "";
        if (text.length() > LONGEST_TEXT) {
            throw new IllegalArgumentException("'" + name + "' is longer than " + LONGEST_TEXT + " characters.");
        }
        return text;
    }

    private static @Nullable String textOrNull(JsonNode json, String name) {
        return json.path(name).isString() ? text(json, name) : null;
    }

    private static double number(JsonNode json, String name, double otherwise) {
        return json.path(name).isNumber() ? json.path(name).asDouble() : otherwise;
    }

    private static @Nullable Integer whole(JsonNode json, String name) {
        var value = json.path(name);
        if (value.isMissingNode() || value.isNull()) {
            return null;
        }
        if (!value.isIntegralNumber() || !value.canConvertToInt()) {
            throw new IllegalArgumentException("'" + name + "' is a whole number, not " + value + ".");
        }
        return value.asInt();
    }

    private static @Nullable LocalDate date(JsonNode json, String name) {
        var text = text(json, name);
        try {
            return text.isEmpty() ? null : LocalDate.parse(text);
        } catch (DateTimeException none) {
            throw new IllegalArgumentException("'" + text + "' is no date such as 2026-07-02.");
        }
    }

    private static <E extends Enum<E>> E word(Class<E> type, String text) {
        try {
            return Enum.valueOf(type, text);
        } catch (IllegalArgumentException none) {
            throw new IllegalArgumentException("'" + text + "' is none of " + List.of(type.getEnumConstants()) + ".");
        }
    }
}
