package yellowkite.core.rig.file;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import yellowkite.core.archive.FormatException;
import yellowkite.core.body.Place;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.rig.Adjustments;
import yellowkite.core.rig.Collisions;
import yellowkite.core.rig.Occupancy;
import yellowkite.core.rig.Output;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.RigFindings;
import yellowkite.core.rig.Unit;
import yellowkite.core.rig.UniverseFacts;

/**
 * A rig as JSON: its units, and what is worked out of them, which is not read back. Beside the keys of the command line's contract there
 * are those of what is said seldom, where it is said; keys that nobody knows are kept.
 */
public final class RigJson {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private RigJson() {}

    /** {@return one object} @param file that it was read from, as it was named */
    public static String write(String file, Rig rig) {
        return write(file, rig, List.of());
    }

    /** Like {@link #write(String, Rig)}. @param more what was found beside what is found in the rig itself */
    public static String write(String file, Rig rig, List<RigFindings.Finding> more) {
        return JSON.writeValueAsString(tree(file, rig, more));
    }

    private static ObjectNode tree(String file, Rig rig, List<RigFindings.Finding> more) {
        var json = JSON.createObjectNode().put("file", file).put("name", rig.name());
        said(json, "production", rig.production());
        said(json, "from", rig.from() == null ? "" : rig.from().toString());
        said(json, "to", rig.to() == null ? "" : rig.to().toString());
        said(json, "notes", rig.notes());
        if (rig.console() != null) {
            json.put("console", rig.console());
        }
        var units = json.putArray("units");
        rig.units().forEach(unit -> units.add(unit(unit)));
        if (!rig.aside().isEmpty()) {
            var aside = json.putArray("aside");
            rig.aside().forEach(unit -> aside.add(unit(unit)));
        }
        universes(json.putArray("universes"), rig);
        var collisions = Collisions.of(rig.units());
        var there = json.putArray("collisions");
        for (var each : collisions) {
            var collision = there.addObject().put("universe", each.universe()).put("from", each.from()).put("to", each.to());
            var ids = collision.putArray("units");
            each.units().forEach(unit -> ids.add(unit.id()));
            collision.put("meant", each.meant());
        }
        var findings = json.putArray("findings");
        Stream.concat(more.stream(), RigFindings.of(rig, collisions).stream())
            .forEach(each -> findings.addObject()
                .put("severity", each.severity().name().toLowerCase(Locale.ROOT))
                .put("where", each.where())
                .put("says", each.says()));
        extra(json, rig.extra());
        return json;
    }

    private static void said(ObjectNode json, String name, String value) {
        if (!value.isEmpty()) {
            json.put(name, value);
        }
    }

    private static void extra(ObjectNode json, String extra) {
        if (!extra.isEmpty() && JSON.readTree(extra) instanceof ObjectNode more) {
            more.properties().forEach(each -> json.set(each.getKey(), each.getValue()));
        }
    }

    /** {@return one thing that a file says beside what a unit holds, as its extra} */
    public static String extra(String key, String value) {
        return JSON.createObjectNode().put(key, value).toString();
    }

    /** {@return one thing of an extra; empty without it} */
    public static String said(String extra, String key) {
        return extra.isEmpty() ? "" : JSON.readTree(extra).path(key).asString("");
    }

    private static void universes(ArrayNode json, Rig rig) {
        var occupancy = Occupancy.of(rig.units());
        var facts = new HashMap<Integer, UniverseFacts>();
        rig.universes().forEach(each -> facts.put(each.universe(), each));
        var all = new TreeMap<Integer, Boolean>();
        occupancy.universes().forEach(each -> all.put(each, true));
        facts.keySet().forEach(each -> all.put(each, true));
        for (int universe : all.keySet()) {
            int used = occupancy.used(universe);
            var line = json.addObject().put("universe", universe).put("used", used).put("free", AddressMap.UNIVERSE - used);
            var said = facts.get(universe);
            if (said != null) {
                said(line, "name", said.name());
                said(line, "place", said.place());
                said(line, "colour", said.colour());
                if (said.output().kind() != Output.Kind.NONE) {
                    line.putObject("output").put("kind", said.output().kind().name()).put("to", said.output().to());
                }
            }
        }
    }

    private static ObjectNode unit(Unit unit) {
        var json = JSON.createObjectNode()
            .put("id", unit.id())
            .put("uuid", unit.uuid())
            .put("name", unit.name())
            .put("number", unit.number());
        json.put("layer", unit.layer());
        var groups = json.putArray("groups");
        unit.groups().forEach(groups::add);
        json.put("position", unit.position()).put("class", unit.unitClass());
        json.putObject("asked")
            .put("spec", unit.asked().spec())
            .put("mode", unit.asked().mode())
            .put("footprint", unit.asked().footprint());
        var found = unit.found();
        var breaks = found.breaks();
        var written = json.putObject("found")
            .put("how", found.how().name())
            .put("file", found.pin().isEmpty() ? null : found.pin())
            .put("maker", found.manufacturer())
            .put("model", found.model())
            .put("mode", found.mode())
            .put("footprint", breaks.isEmpty() ? null : (Integer) found.footprint())
            .put("sure", found.sure())
            .put("why", found.why());
        if (breaks.size() > 1 || !breaks.isEmpty() && breaks.firstKey() != 1) {
            var each = written.putObject("breaks");
            breaks.forEach((number, footprint) -> each.put(number.toString(), footprint));
        }
        var addresses = json.putArray("addresses");
        unit.addresses()
            .forEach(each -> addresses.addObject()
                .put("break", each.dmxBreak())
                .put("universe", each.universe())
                .put("address", each.from())
                .put("to", each.to()));
        place(json, unit.place());
        adjustments(json.putObject("adjustments"), unit.adjustments());
        json.put("note", unit.note());
        said(json, "colour", unit.colour());
        if (unit.dipOffset() != 0) {
            json.put("dipOffset", unit.dipOffset());
        }
        said(json, "hangsOn", unit.hangsOn() == null ? "" : unit.hangsOn());
        said(json, "sharedAs", unit.sharedAs());
        extra(json, unit.extra());
        return json;
    }

    private static void place(ObjectNode json, @Nullable Place place) {
        if (place == null) {
            json.putNull("place");
            return;
        }
        var written = json.putObject("place").put("x", place.x()).put("y", place.y()).put("z", place.z());
        if (place.turnX() != 0 || place.turnY() != 0 || place.turnZ() != 0) {
            written.put("turnX", place.turnX()).put("turnY", place.turnY()).put("turnZ", place.turnZ());
        }
    }

    private static void adjustments(ObjectNode json, Adjustments adjustments) {
        json.put("swapPanTilt", adjustments.swapPanTilt())
            .put("outsideMaster", adjustments.outsideMaster())
            .put("warmUp", adjustments.warmUp());
        if (adjustments.startAtZero()) {
            json.put("startAtZero", true);
        }
        var channels = json.putObject("channels");
        adjustments.channels().forEach((name, each) -> {
            var channel = channels.putObject(name).put("invert", each.invert());
            if (each.curve().isEmpty()) {
                channel.putNull("curve");
            } else {
                var points = channel.putArray("curve");
                each.curve().forEach(knot -> points.addArray().add(knot.in()).add(knot.out()));
            }
            channel.put("scale", each.scale()).put("from", each.from()).put("to", each.to()).put("outsideMaster", each.outsideMaster());
            if (each.snap() != null) {
                channel.put("snap", each.snap());
            }
            if (each.start() != null) {
                channel.put("start", each.start());
            }
        });
    }

    /** {@return adjustments as one object} */
    static String text(Adjustments adjustments) {
        var json = JSON.createObjectNode();
        adjustments(json, adjustments);
        return json.toString();
    }

    /**
     * {@return the rig that a text holds}
     *
     * @throws FormatException if it is none; the message is the end of a sentence that begins with the file
     */
    public static Rig read(String text) {
        return RigJsonReading.read(text);
    }
}
