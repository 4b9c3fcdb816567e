package yellowkite.core.body;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.joml.Matrix4d;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;
import yellowkite.core.profile.Trees;

/** The parts of a body as a forest: found by name, changed, put in and taken out. Unchanged means the same object. */
public final class BodyTree {
    private BodyTree() {}

    public static Optional<Geometry> find(FixtureType type, String name) {
        return type.allGeometries().filter(each -> each.name().equals(name)).findFirst();
    }

    /** {@return the part that another one stands in; none for a top-level one} */
    public static Optional<Geometry> parentOf(FixtureType type, String name) {
        return type.allGeometries().filter(each -> each.children().stream().anyMatch(child -> child.name().equals(name))).findFirst();
    }

    public static Set<String> names(FixtureType type) {
        return type.allGeometries().map(Geometry::name).collect(Collectors.toSet());
    }

    /** {@return the parts with each of them changed, the inner ones first} */
    public static List<Geometry> map(List<Geometry> parts, UnaryOperator<Geometry> change) {
        return Trees.map(parts, each -> {
            if (each instanceof Geometry.Part part) {
                var children = map(part.children(), change);
                return change.apply(children == part.children() ? part : part.withChildren(children));
            }
            return change.apply(each);
        });
    }

    /** {@return the parts with the one of that name changed} */
    public static List<Geometry> change(List<Geometry> parts, String name, UnaryOperator<Geometry> change) {
        return map(parts, each -> each.name().equals(name) ? change.apply(each) : each);
    }

    /** {@return the parts without the one of that name, and without what stands in it} */
    public static List<Geometry> without(List<Geometry> parts, String name) {
        var left = parts.stream().anyMatch(each -> each.name().equals(name))
                ? parts.stream().filter(each -> !each.name().equals(name)).toList()
                : parts;
        return Trees.map(left, each -> {
            if (each instanceof Geometry.Part part) {
                var children = without(part.children(), name);
                return children == part.children() ? part : part.withChildren(children);
            }
            return each;
        });
    }

    /** {@return the parts with one more} @param parent that it goes into; empty = top level. @param at its place there, -1 = the last */
    public static List<Geometry> insert(List<Geometry> parts, String parent, int at, Geometry added) {
        if (parent.isEmpty()) {
            return Trees.insert(parts, at < 0 || at > parts.size() ? parts.size() : at, added);
        }
        return change(parts, parent, each -> each instanceof Geometry.Part part
                ? part
                    .withChildren(Trees.insert(part.children(), at < 0 || at > part.children().size() ? part.children().size() : at, added))
                : each);
    }

    /** {@return the way from the top-level part to the one of that name, both included; empty if there is none} */
    public static List<Geometry> way(FixtureType type, String name) {
        return type.geometries().stream().map(top -> way(top, name)).filter(each -> !each.isEmpty()).findFirst().orElse(List.of());
    }

    private static List<Geometry> way(Geometry from, String name) {
        if (from.name().equals(name)) {
            return List.of(from);
        }
        for (var child : from.children()) {
            var inside = way(child, name);
            if (!inside.isEmpty()) {
                var all = new ArrayList<Geometry>(List.of(from));
                all.addAll(inside);
                return all;
            }
        }
        return List.of();
    }

    /** {@return where a part stands in its top-level part's own parent, no axis turned} */
    public static Matrix4d standing(FixtureType type, String name) {
        var frame = new Matrix4d();
        way(type, name).forEach(each -> frame.mul(Frames.of(each.position())));
        return frame;
    }

    /** {@return the references to a top-level part, in document order} */
    public static Stream<Geometry.Reference> references(FixtureType type, String to) {
        return type.allGeometries()
            .filter(Geometry.Reference.class::isInstance)
            .map(Geometry.Reference.class::cast)
            .filter(each -> each.geometry().equals(to));
    }
}
