package yellowkite.core.mvr;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import yellowkite.core.body.Place;
import yellowkite.core.rig.Pairs;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.Unit;
import yellowkite.core.xml.XmlNode;
import yellowkite.core.xml.XmlNode.Element;

/** Writes what became of the fixtures of a scene into it: where nothing changed, the scene is the same to the element. */
public final class SceneEditing {
    private SceneEditing() {}

    /**
     * {@return the scene with the rig's units, known by uuid, else by id: changed ones changed in those places alone, those that are gone
     * taken out, new ones in the layer of their name}
     *
     * @param specs the file that a unit is to name by the pin of its profile; null where its profile does not go along
     */
    public static Scene edited(Scene scene, Rig rig, Map<String, String> specs) {
        return edited(scene, rig, specs, Set.of());
    }

    /** Like {@link #edited(Scene, Rig, Map)}. @param untouched uuids of the rig's units that go on naming the profile that the scene has */
    public static Scene edited(Scene scene, Rig rig, Map<String, String> specs, Set<String> untouched) {
        var pairs = Pairs.of(SceneUnits.of(scene).units(), rig.units());
        var names = SceneUnits.Names.of(scene);
        var walk = new Walk(pairs, specs, untouched, names);
        var root = scene.root();
        var changed = replaced(root, "Scene", inner -> replaced(inner, "Layers", walk::layers));
        if (!pairs.added().isEmpty()) {
            var more = FreshScene.layers(pairs.added(), specs, names);
            changed = replaced(changed, "Scene", inner -> replaced(inner, "Layers", layers -> joined(layers, more.layers())));
            changed = replaced(changed, "Scene", inner -> more.inAux(inner));
        }
        changed = replaced(changed, "Scene", walk::inAux);
        return scene.with(changed.equals(root) ? root : changed);
    }

    /** What comes goes into the layer of its name, unless that one is moved or turned itself. */
    private static Element joined(Element layers, List<Element> more) {
        var all = new ArrayList<>(layers.children());
        for (var layer : more) {
            var name = Nodes.attribute(layer, "name");
            int at = IntStream.range(0, all.size())
                .filter(i -> all.get(i) instanceof Element each && each.name().equals("Layer") && Nodes.attribute(each, "name").equals(name)
                        && Nodes.text(each, "Matrix").isEmpty())
                .findFirst()
                .orElse(-1);
            if (at < 0) {
                all.add(layer);
            } else if (all.get(at) instanceof Element there) {
                var children = Nodes.child(there, SceneUnits.CHILDREN).orElse(Nodes.element(SceneUnits.CHILDREN, List.of()));
                var both = new ArrayList<>(children.children());
                Nodes.child(layer, SceneUnits.CHILDREN).ifPresent(each -> both.addAll(each.children()));
                all.set(at, Nodes.withChild(there, Nodes.withChildren(children, both)));
            }
        }
        return Nodes.withChildren(layers, all);
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
        /** What a fixture was and is, by its uuid in the scene. */
        private final Map<String, Pairs.Pair> pairs = new HashMap<>();
        private final Set<String> gone;
        private final Map<String, String> specs;
        private final Set<String> untouched;
        private final SceneUnits.Names names;
        private final Set<String> taken = new HashSet<>();
        private final Map<String, String> newPositions = new HashMap<>();
        private final Map<String, String> newClasses = new HashMap<>();

        private Walk(Pairs units, Map<String, String> specs, Set<String> untouched, SceneUnits.Names names) {
            units.pairs().forEach(pair -> pairs.put(pair.was().uuid(), pair));
            this.gone = units.removed().stream().map(Unit::uuid).collect(Collectors.toSet());
            this.specs = specs;
            this.untouched = untouched;
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
            var pair = pairs.get(uuid);
            if (pair != null) {
                return List.of(mapped(edited(element, pair.was(), pair.now(), outer), at));
            }
            // one that is beyond what a rig holds is nobody's to take out
            return gone.contains(uuid) ? lifted(mapped(element, at), own) : List.of(mapped(element, at));
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
                e = Nodes.withText(e, "Position", uuidOf(names.positions(), newPositions, now.position(), "position "));
            }
            if (!Objects.equals(before.unitClass(), now.unitClass())) {
                e = Nodes.withText(e, "Classing", uuidOf(names.classes(), newClasses, now.unitClass(), "class "));
            }
            var spec = untouched.contains(now.uuid()) ? null : specs.get(now.found().pin());
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

        private static String uuidOf(Map<String, String> known, Map<String, String> fresh, @Nullable String name, String kind) {
            return name == null ? "" : fresh.computeIfAbsent(name, each -> FreshScene.uuidOf(known, each, kind));
        }

        /** Positions and classes that the scene did not have yet. */
        Element inAux(Element inner) {
            return FreshScene.withNames(inner, newClasses, newPositions);
        }
    }
}
