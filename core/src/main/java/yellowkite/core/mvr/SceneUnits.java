package yellowkite.core.mvr;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import yellowkite.core.rig.Adjustments.ChannelAdjustment;
import yellowkite.core.rig.Adjustments;
import yellowkite.core.rig.Asked;
import yellowkite.core.rig.At;
import yellowkite.core.rig.Patch;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.Unit;
import yellowkite.core.rig.file.RigJson;
import yellowkite.core.xml.XmlNode.Element;

/**
 * The fixtures of a scene as units: wherever they hang, at the place where they really are.
 *
 * @param units in the scene's order; what they are is asked for, not found
 * @param notes what could not be read as it stands
 */
public record SceneUnits(List<Unit> units, List<Note> notes) {
    static final String FIXTURE = "Fixture";
    static final String CHILDREN = "ChildList";
    /** What a unit says of its focus point beside all else. */
    public static final String FOCUS = "focus";
    private static final Set<String> CONTAINERS = Set.of("GroupObject", "SceneObject", "Truss", "Support", "VideoScreen", "Projector",
            FIXTURE);

    public SceneUnits {
        units = List.copyOf(units);
        notes = List.copyOf(notes);
    }

    /** @param where the fixture it is about. @param says one sentence */
    public record Note(String where, String says) {}

    public static SceneUnits of(Scene scene) {
        var walk = new Walk(Names.of(scene));
        Nodes.child(scene.root(), "Scene")
            .flatMap(each -> Nodes.child(each, "Layers"))
            .ifPresent(layers -> Nodes.children(layers, "Layer").forEach(walk::layer));
        return walk.done();
    }

    /** {@return which uuid a scene's fixtures are known by, in their order: theirs, or one that is made of their id} */
    static String keyOf(Element fixture, Set<String> taken) {
        return Unit.uuidOf(Nodes.attribute(fixture, "uuid"), idOf(fixture), taken);
    }

    static String idOf(Element fixture) {
        var id = Nodes.text(fixture, "FixtureID");
        var numeric = Nodes.text(fixture, "FixtureIDNumeric");
        return !id.isEmpty() ? id : numeric.equals("0") ? "" : numeric;
    }

    /** What uuids of the scene are called. */
    record Names(Map<String, String> classes, Map<String, String> positions, Map<String, String> focusPoints) {
        static final Names NONE = new Names(Map.of(), Map.of(), Map.of());

        static Names of(Scene scene) {
            var aux = Nodes.child(scene.root(), "Scene").flatMap(each -> Nodes.child(each, "AUXData"));
            return new Names(aux.map(each -> named(each, "Class")).orElse(Map.of()),
                    aux.map(each -> named(each, "Position")).orElse(Map.of()), focusPoints(scene.root()));
        }

        /** They stand wherever things hang. */
        private static Map<String, String> focusPoints(Element root) {
            var points = new HashMap<String, String>();
            var left = new ArrayDeque<>(List.of(root));
            while (!left.isEmpty()) {
                var each = left.pop();
                if (each.name().equals("FocusPoint")) {
                    points.putIfAbsent(Nodes.attribute(each, "uuid"), Nodes.attribute(each, "name"));
                }
                Nodes.children(each).forEach(left::push);
            }
            return points;
        }

        private static Map<String, String> named(Element of, String kind) {
            return Nodes.children(of, kind)
                .collect(Collectors.toMap(each -> Nodes.attribute(each, "uuid"), each -> Nodes.attribute(each, "name"),
                        (first, second) -> first));
        }
    }

    /** What a fixture stands in. @param host uuid of the fixture that it hangs on; null if on none */
    private record Around(String layer, List<String> groups, Transform at, @Nullable String host) {}

    private static final class Walk {
        private final Names names;
        private final List<Unit> units = new ArrayList<>();
        private final List<Note> notes = new ArrayList<>();
        private final Set<String> uuids = new HashSet<>();
        private final Map<String, String> sharedWith = new HashMap<>();

        private Walk(Names names) {
            this.names = names;
        }

        void layer(Element layer) {
            inside(layer, new Around(Nodes.attribute(layer, "name"), List.of(), transform(layer, "layer " + Nodes.attribute(layer, "name")),
                    null));
        }

        private void inside(Element of, Around around) {
            Nodes.children(of, CHILDREN).flatMap(Nodes::children).filter(each -> CONTAINERS.contains(each.name())).forEach(each -> {
                var at = transform(each, each.name() + " " + Nodes.attribute(each, "name")).in(around.at());
                if (each.name().equals(FIXTURE)) {
                    var unit = unit(each, around, at);
                    inside(each, new Around(around.layer(), around.groups(), at, unit.uuid()));
                } else {
                    var groups = each.name().equals("GroupObject") ? with(around.groups(), Nodes.attribute(each, "name")) : around.groups();
                    inside(each, new Around(around.layer(), groups, at, null));
                }
            });
        }

        private static List<String> with(List<String> groups, String name) {
            var all = new ArrayList<>(groups);
            if (!name.isBlank() && !all.contains(name)) {
                all.add(name);
            }
            return all;
        }

        private Transform transform(Element of, String where) {
            var text = Nodes.text(of, "Matrix");
            return text.isEmpty() ? Transform.IDENTITY : Transform.parse(text).orElseGet(() -> {
                notes.add(new Note(where, "Its matrix '" + shortened(text) + "' is none; it is taken as not moved and not turned."));
                return Transform.IDENTITY;
            });
        }

        private Unit unit(Element fixture, Around around, Transform at) {
            var given = Nodes.attribute(fixture, "uuid");
            var id = idOf(fixture);
            var where = "fixture " + (id.isEmpty() ? Nodes.attribute(fixture, "name") : id);
            if (given.isEmpty()) {
                notes.add(new Note(where, "It has no uuid; it is known by its id."));
            } else if (uuids.contains(given)) {
                notes.add(new Note(where, "Another fixture has its uuid " + given + " as well."));
            }
            var unit = Unit.of(f -> {
                f.uuid = keyOf(fixture, uuids);
                f.id = id;
                f.name = Nodes.attribute(fixture, "name");
                f.number = whole(Nodes.text(fixture, "UnitNumber"));
                f.layer = around.layer();
                f.groups = around.groups();
                f.position = named(names.positions(), Nodes.text(fixture, "Position"));
                f.unitClass = named(names.classes(), Nodes.text(fixture, "Classing"));
                f.asked = new Asked(Nodes.text(fixture, "GDTFSpec"), Nodes.text(fixture, "GDTFMode"), null);
                f.addresses = addresses(fixture, where);
                f.place = at.place();
                f.adjustments = adjustments(fixture);
                f.note = Nodes.child(fixture, "CustomCommands")
                    .map(all -> Nodes.children(all, "CustomCommand").map(Nodes::text).collect(Collectors.joining("\n")))
                    .orElse("");
                f.hangsOn = around.host();
                f.extra = Optional.ofNullable(names.focusPoints().get(Nodes.text(fixture, "Focus")))
                    .map(point -> RigJson.extra(FOCUS, point))
                    .orElse("");
            });
            var other = Nodes.attribute(fixture, "multipatch");
            if (!other.isEmpty() && !other.replaceAll("[0-]", "").isEmpty()) {
                sharedWith.put(unit.uuid(), other);
            }
            units.add(unit);
            return unit;
        }

        private static @Nullable String named(Map<String, String> names, String uuid) {
            return uuid.isEmpty() ? null : names.get(uuid);
        }

        private static @Nullable Integer whole(String text) {
            return text.matches("\\d{1,9}") && !text.equals("0") ? (Integer) Integer.parseInt(text) : null;
        }

        private List<Patch> addresses(Element fixture, String where) {
            var patches = new TreeMap<Integer, Patch>();
            Nodes.child(fixture, "Addresses").ifPresent(all -> Nodes.children(all, "Address").forEach(address -> {
                var text = Nodes.text(address);
                if (text.isEmpty() || text.equals("0")) {
                    return;
                }
                try {
                    var written = Nodes.attribute(address, "break");
                    int dmxBreak = written.isEmpty() ? 1 : Integer.parseInt(written.strip()) + 1;
                    if (dmxBreak < 1 || patches.putIfAbsent(dmxBreak, new Patch(dmxBreak, At.of(text), 1)) != null) {
                        notes.add(new Note(where, "Its break " + written + " is there twice, or is none; the first one counts."));
                    }
                } catch (IllegalArgumentException unfit) {
                    notes.add(new Note(where, "Its address '" + shortened(text) + "' does not exist; it is left without."));
                }
            }));
            return List.copyOf(patches.values());
        }

        private static Adjustments adjustments(Element fixture) {
            var own = Adjustments.NONE;
            for (var attribute : List.of("Pan", "Tilt")) {
                if (Nodes.text(fixture, "DMXInvert" + attribute).equalsIgnoreCase("true")) {
                    own = own.with(attribute, ChannelAdjustment.NONE.withInvert(true));
                }
            }
            return own;
        }

        private static String shortened(String text) {
            return text.length() <= 60 ? text : text.substring(0, 57) + "...";
        }

        /** Fixtures that share their control share their addresses on purpose. */
        SceneUnits done() {
            var mains = new HashSet<>(sharedWith.values());
            if (units.size() > Rig.MOST_UNITS) {
                notes.add(new Note("scene", "It has " + units.size() + " fixtures; a rig holds the first " + Rig.MOST_UNITS + "."));
            }
            return new SceneUnits(units.stream().limit(Rig.MOST_UNITS).map(unit -> {
                var main = sharedWith.get(unit.uuid());
                return main == null && !mains.contains(unit.uuid()) ? unit
                        : unit.with(f -> f.sharedAs = main == null ? unit.uuid() : main);
            }).toList(), notes);
        }
    }
}
