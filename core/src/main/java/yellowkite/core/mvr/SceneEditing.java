package yellowkite.core.mvr;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import yellowkite.core.rig.Place;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.Unit;
import yellowkite.core.xml.XmlNode.Element;
import yellowkite.core.xml.XmlNode;

/** Writes what became of the fixtures of a scene into it: where nothing changed, the scene is the same to the element. */
public final class SceneEditing {
    private SceneEditing() {}

    /**
     * {@return the scene with the rig's units: changed ones changed in those places alone, those that are gone taken out, new ones in
     * layers of their own}
     *
     * @param specs the file that a unit is to name by the pin of its profile; null where its profile does not go along
     */
    public static Scene edited(Scene scene, Rig rig, Map<String, String> specs) {
        var was = SceneUnits.of(scene).units().stream().collect(Collectors.toMap(Unit::uuid, unit -> unit, (first, second) -> first));
        var walk = new Walk(rig, was, specs, SceneUnits.Names.of(scene));
        var root = scene.root();
        var changed = replaced(root, "Scene", inner -> replaced(inner, "Layers", walk::layers));
        var fresh = rig.units().stream().filter(unit -> !was.containsKey(unit.uuid())).toList();
        if (!fresh.isEmpty()) {
            var more = FreshScene.layers(fresh, specs);
            changed = replaced(changed, "Scene",
                    inner -> replaced(inner, "Layers", layers -> Nodes.withChildren(layers, joined(layers.children(), more.layers()))));
            changed = replaced(changed, "Scene", inner -> more.inAux(inner));
        }
        changed = replaced(changed, "Scene", walk::inAux);
        return scene.with(changed.equals(root) ? root : changed);
    }

    private static List<XmlNode> joined(List<XmlNode> some, List<Element> others) {
        var all = new ArrayList<>(some);
        all.addAll(others);
        return all;
    }

    /** Changes the first child of a name; an element without one stays. */
    static Element replaced(Element of, String name, UnaryOperator<Element> change) {
        return Nodes.child(of, name).map(was -> {
            var now = change.apply(was);
            return now == was ? of
                    : Nodes.withChildren(of, of.children().stream().map(each -> each == was ? now : each).toList());
        }).orElse(of);
    }

    private static final class Walk {
        private final Map<String, Unit> units = new HashMap<>();
        private final Map<String, Unit> was;
        private final Map<String, String> specs;
        private final SceneUnits.Names names;
        private final Set<String> taken = new HashSet<>();
        private final Map<String, String> newPositions = new HashMap<>();
        private final Map<String, String> newClasses = new HashMap<>();

        private Walk(Rig rig, Map<String, Unit> was, Map<String, String> specs, SceneUnits.Names names) {
            rig.units().forEach(unit -> units.put(unit.uuid(), unit));
            this.was = was;
            this.specs = specs;
            this.names = names;
        }

        Element layers(Element layers) {
            return mapped(layers, Transform.IDENTITY);
        }

        private Element mapped(Element of, Transform outer) {
            var children = new ArrayList<XmlNode>();
            boolean same = true;
            for (var child : of.children()) {
                var now = child instanceof Element element ? one(element, outer) : List.of(child);
                same &= now.size() == 1 && now.getFirst() == child;
                children.addAll(now);
            }
            return same ? of : Nodes.withChildren(of, children);
        }

        /** {@return what becomes of an element: itself, changed or not; of a fixture that is gone what hung on it} */
        private List<? extends XmlNode> one(Element element, Transform outer) {
            if (element.name().equals(SceneUnits.CHILDREN)) {
                return List.of(mapped(element, outer));
            }
            var own = Nodes.child(element, "Matrix").flatMap(each -> Transform.parse(Nodes.text(each))).orElse(Transform.IDENTITY);
            var at = own.in(outer);
            if (!element.name().equals(SceneUnits.FIXTURE)) {
                boolean holds = Nodes.child(element, SceneUnits.CHILDREN).isPresent() || element.name().equals("Layer");
                return List.of(holds ? mapped(element, at) : element);
            }
            var uuid = SceneUnits.keyOf(element, taken);
            var before = was.get(uuid);
            var now = units.get(uuid);
            if (before == null) { // beyond what a rig holds: it is nobody's to take out
                return List.of(mapped(element, at));
            }
            return now != null ? List.of(mapped(edited(element, before, now, outer), at)) : lifted(mapped(element, at), own);
        }

        /** What hung on a fixture that is gone hangs where that one hung. */
        private static List<Element> lifted(Element gone, Transform own) {
            return Nodes.children(gone, SceneUnits.CHILDREN)
                .flatMap(Nodes::children)
                .filter(each -> each.name().equals(SceneUnits.FIXTURE))
                .map(each -> {
                    var inside = Transform.parse(Nodes.text(each, "Matrix")).orElse(Transform.IDENTITY);
                    return Nodes.withText(each, "Matrix", inside.in(own).written());
                })
                .toList();
        }

        private Element edited(Element fixture, Unit before, Unit now, Transform outer) {
            var e = fixture;
            if (!before.name().equals(now.name())) {
                e = Nodes.withAttribute(e, "name", now.name());
            }
            if (!before.id().equals(now.id())) {
                e = Nodes.withText(e, "FixtureID", now.id());
                e = now.id().matches("\\d{1,9}") ? Nodes.withText(e, "FixtureIDNumeric", now.id())
                        : Nodes.withoutChild(e, "FixtureIDNumeric");
            }
            if (!Objects.equals(before.number(), now.number())) {
                e = Nodes.withText(e, "UnitNumber", now.number() == null ? "" : now.number().toString());
            }
            if (!at(before).equals(at(now))) {
                e = FreshScene.withAddresses(e, now);
            }
            if (!Objects.equals(before.position(), now.position())) {
                e = Nodes.withText(e, "Position", uuidOf(names.positions(), newPositions, now.position()));
            }
            if (!Objects.equals(before.unitClass(), now.unitClass())) {
                e = Nodes.withText(e, "Classing", uuidOf(names.classes(), newClasses, now.unitClass()));
            }
            var spec = specs.get(now.found().pin());
            if (spec != null && !spec.equals(before.asked().spec())) {
                e = Nodes.withText(e, "GDTFSpec", spec);
            }
            if (now.found().hasProfile() && spec != null && !now.found().mode().equals(before.asked().mode())) {
                e = Nodes.withText(e, "GDTFMode", now.found().mode());
            }
            for (var attribute : List.of("Pan", "Tilt")) {
                if (FreshScene.inverts(before, attribute) != FreshScene.inverts(now, attribute)) {
                    e = Nodes.withText(e, "DMXInvert" + attribute, String.valueOf(FreshScene.inverts(now, attribute)));
                }
            }
            return moved(e, before.place(), now.place(), outer);
        }

        private static List<String> at(Unit unit) {
            return unit.addresses().stream().map(each -> each.dmxBreak() + ":" + each.at()).toList();
        }

        private static Element moved(Element fixture, @Nullable Place before, @Nullable Place now, Transform outer) {
            if (now == null || now.equals(before)) {
                return fixture;
            }
            return outer.inverse()
                .map(back -> Nodes.withText(fixture, "Matrix", Transform.of(now).in(back).written()))
                .orElse(fixture);
        }

        private static String uuidOf(Map<String, String> known, Map<String, String> fresh, @Nullable String name) {
            if (name == null) {
                return "";
            }
            return known.entrySet()
                .stream()
                .filter(each -> each.getValue().equals(name))
                .map(Map.Entry::getKey)
                .findFirst()
                .orElseGet(() -> fresh.computeIfAbsent(name,
                        each -> UUID.nameUUIDFromBytes(each.getBytes(StandardCharsets.UTF_8)).toString()));
        }

        /** Positions and classes that the scene did not have yet. */
        Element inAux(Element inner) {
            return FreshScene.withNames(inner, newClasses, newPositions);
        }
    }
}
