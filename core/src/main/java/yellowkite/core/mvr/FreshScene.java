package yellowkite.core.mvr;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Stream;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.Unit;
import yellowkite.core.xml.XmlNode.Element;
import yellowkite.core.xml.XmlNode;

/** The scene of a rig that came from no file: layers, groups, positions and classes by their names, fixtures where they hang. */
public final class FreshScene {
    private FreshScene() {}

    /** {@return the scene} @param specs the file that a unit names, by the pin of its profile */
    public static Scene of(Rig rig, Map<String, String> specs) {
        var made = layers(rig.units(), specs, SceneUnits.Names.NONE);
        var inner = made
            .inAux(Nodes.element("Scene", List.of(Nodes.element("AUXData", List.of()), Nodes.element("Layers", made.layers()))));
        return new Scene(List.of(), Nodes.element(Scene.ROOT, List.of(inner), "verMajor", "1", "verMinor", "6", "provider", "Yellow Kite",
                "providerVersion", "1"), List.of());
    }

    /** @param classes uuids by name, and {@code positions} */
    record Made(List<Element> layers, Map<String, String> classes, Map<String, String> positions) {
        Element inAux(Element scene) {
            return withNames(scene, classes, positions);
        }
    }

    /** {@return layers that hold some units} @param known classes and positions that there are already */
    static Made layers(List<Unit> units, Map<String, String> specs, SceneUnits.Names known) {
        var positions = new TreeMap<String, String>();
        var classes = new TreeMap<String, String>();
        var byLayer = new LinkedHashMap<String, Box>();
        var hung = new LinkedHashMap<String, List<Unit>>();
        units.forEach(unit -> {
            if (unit.position() != null) {
                positions.put(unit.position(), uuidOf(known.positions(), unit.position(), "position "));
            }
            if (unit.unitClass() != null) {
                classes.put(unit.unitClass(), uuidOf(known.classes(), unit.unitClass(), "class "));
            }
        });
        var uuids = units.stream().map(Unit::uuid).toList();
        units.stream()
            .filter(unit -> unit.hangsOn() != null && uuids.contains(unit.hangsOn()))
            .forEach(unit -> hung.computeIfAbsent(String.valueOf(unit.hangsOn()), none -> new ArrayList<>()).add(unit));
        units.stream().filter(unit -> unit.hangsOn() == null || !uuids.contains(unit.hangsOn())).forEach(unit -> {
            var box = byLayer.computeIfAbsent(unit.layer(), none -> new Box());
            for (var group : unit.groups()) {
                box = box.groups.computeIfAbsent(group, none -> new Box());
            }
            box.fixtures.add(fixture(unit, specs, classes, positions, hung, Transform.IDENTITY));
        });
        return new Made(byLayer.entrySet()
            .stream()
            .map(each -> Nodes.element("Layer", List.of(each.getValue().children(each.getKey())), "uuid", made("layer " + each.getKey()),
                    "name",
                    each.getKey()))
            .toList(), classes, positions);
    }

    /** What stands in a layer or a group. */
    private static final class Box {
        private final Map<String, Box> groups = new LinkedHashMap<>();
        private final List<Element> fixtures = new ArrayList<>();

        Element children(String path) {
            return Nodes.element(SceneUnits.CHILDREN, Stream.concat(fixtures.stream(),
                    groups.entrySet()
                        .stream()
                        .map(each -> Nodes.element("GroupObject", List.of(each.getValue().children(path + "/" + each.getKey())), "uuid",
                                made("group " + path + "/" + each.getKey()), "name", each.getKey())))
                .toList());
        }
    }

    private static Element fixture(Unit unit, Map<String, String> specs, Map<String, String> classes, Map<String, String> positions,
            Map<String, List<Unit>> hung, Transform outer) {
        var at = unit.place() == null ? outer : Transform.of(unit.place());
        var own = outer.inverse().map(at::in).orElse(at);
        var children = new ArrayList<XmlNode>();
        children.add(Nodes.element("Matrix", own.written()));
        if (unit.unitClass() != null) {
            children.add(Nodes.element("Classing", String.valueOf(classes.get(unit.unitClass()))));
        }
        var spec = specs.getOrDefault(unit.found().pin(), unit.found().hasProfile() ? "" : unit.asked().spec());
        children.add(Nodes.element("GDTFSpec", spec));
        children.add(Nodes.element("GDTFMode", unit.found().hasProfile() ? unit.found().mode() : unit.asked().mode()));
        if (unit.position() != null) {
            children.add(Nodes.element("Position", String.valueOf(positions.get(unit.position()))));
        }
        children.add(Nodes.element("FixtureID", unit.id()));
        if (unit.id().matches("\\d{1,9}")) {
            children.add(Nodes.element("FixtureIDNumeric", unit.id()));
        }
        children.add(Nodes.element("UnitNumber", unit.number() == null ? "0" : unit.number().toString()));
        for (var attribute : List.of("Pan", "Tilt")) {
            if (inverts(unit, attribute)) {
                children.add(Nodes.element("DMXInvert" + attribute, "true"));
            }
        }
        var more = hung.getOrDefault(unit.uuid(), List.of());
        if (!more.isEmpty()) {
            children.add(Nodes.element(SceneUnits.CHILDREN,
                    more.stream().map(each -> fixture(each, specs, classes, positions, hung, at)).toList()));
        }
        return withAddresses(Nodes.element(SceneUnits.FIXTURE, children, "uuid", written(unit.uuid()), "name", unit.name()), unit);
    }

    /** {@return the fixture with the addresses of a unit; networks that it has stay} Break 1 is written as 0, as the format counts. */
    static Element withAddresses(Element fixture, Unit unit) {
        var addresses = unit.addresses()
            .stream()
            .<XmlNode>map(each -> Nodes.withChildren(
                    Nodes.element("Address", List.of(), "break", String.valueOf(each.dmxBreak() - 1)),
                    List.of(new XmlNode.Text(String.valueOf(each.at().absolute())))))
            .toList();
        var was = Nodes.child(fixture, "Addresses").orElse(Nodes.element("Addresses", List.of()));
        var all = new ArrayList<>(addresses);
        was.children().stream().filter(each -> !(each instanceof Element old && old.name().equals("Address"))).forEach(all::add);
        return Nodes.withChild(fixture, Nodes.withChildren(was, all));
    }

    static boolean inverts(Unit unit, String attribute) {
        var own = unit.adjustments().channels().get(attribute);
        return own != null && own.invert();
    }

    /** {@return the scene in which classes and positions have names} */
    static Element withNames(Element scene, Map<String, String> classes, Map<String, String> positions) {
        if (classes.isEmpty() && positions.isEmpty()) {
            return scene;
        }
        var aux = Nodes.child(scene, "AUXData").orElse(Nodes.element("AUXData", List.of()));
        var all = new ArrayList<XmlNode>(aux.children());
        add(all, "Class", classes);
        add(all, "Position", positions);
        return all.size() == aux.children().size() ? scene : Nodes.withChild(scene, Nodes.withChildren(aux, all));
    }

    private static void add(List<XmlNode> all, String kind, Map<String, String> uuids) {
        uuids.forEach((name, uuid) -> {
            boolean there = all.stream()
                .anyMatch(each -> each instanceof Element is && is.name().equals(kind) && Nodes.attribute(is, "uuid").equals(uuid));
            if (!there) {
                all.add(Nodes.element(kind, List.of(), "uuid", uuid, "name", name));
            }
        });
    }

    /** {@return the uuid that a name has in the scene, else one that is made of it} */
    static String uuidOf(Map<String, String> known, String name, String kind) {
        return known.entrySet()
            .stream()
            .filter(each -> each.getValue().equals(name))
            .map(Map.Entry::getKey)
            .findFirst()
            .orElseGet(() -> made(kind + name));
    }

    private static String made(String of) {
        return UUID.nameUUIDFromBytes(of.getBytes(StandardCharsets.UTF_8)).toString();
    }

    /** A unit that is known by no uuid gets one that is made of what it is known by. */
    private static String written(String uuid) {
        try {
            return UUID.fromString(uuid).toString().equalsIgnoreCase(uuid) ? uuid : made("unit " + uuid);
        } catch (IllegalArgumentException none) {
            return made("unit " + uuid);
        }
    }
}
