package yellowkite.core.body;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.joml.Matrix4d;
import org.joml.Matrix4dc;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;
import yellowkite.core.profile.Mode;

/**
 * The parts of the body that a mode uses, each in every place where it stands: a part under references stands once for each of them.
 *
 * @param parts in document order; one inside another stands behind it
 * @param truncated whether references nest or repeat beyond {@link #MAX_PLACES} or in a circle; the rest is left out
 */
public record BodyMap(List<Standing> parts, boolean truncated) {
    /** Places that references may make: far above the 512 addresses of a universe, far below what fills the memory. */
    public static final int MAX_PLACES = 16_384;
    private static final int NONE = -1;

    public BodyMap {
        parts = List.copyOf(parts);
    }

    /**
     * A part in one place.
     *
     * @param references that lead to it, outermost first
     * @param outer place of the part that it stands in, among all; -1 for the outermost
     */
    public record Standing(Geometry geometry, List<Geometry.Reference> references, int outer) {
        /** {@return the names of the references that lead to it, outermost first} */
        public List<String> path() {
            return references.stream().map(Geometry.Reference::name).toList();
        }

        /** {@return the way to it, in words: the references that lead to it, or its own name} */
        public String way() {
            return references.isEmpty() ? geometry.name() : BodyMap.way(path());
        }

        /** {@return by what it is told from the same part in other places: the innermost reference, or its own name} */
        public String called() {
            return references.isEmpty() ? geometry.name() : references.getLast().name();
        }
    }

    /** {@return references in words} @param path their names, outermost first */
    public static String way(List<String> path) {
        return String.join(", ", path);
    }

    /** {@return the parts that a mode uses} */
    public static BodyMap of(FixtureType type, Mode mode) {
        var walk = new Walk(type, mode);
        var root = walk.topLevel.get(mode.geometry());
        if (root != null) {
            walk.into(root, List.of(), NONE);
        }
        return new BodyMap(walk.parts, walk.truncated);
    }

    /** {@return where the part of that name stands under those references, outermost first; -1 if it does not} */
    public int find(String geometry, List<String> path) {
        for (int i = 0; i < parts.size(); i++) {
            if (parts.get(i).geometry().name().equals(geometry) && parts.get(i).path().equals(path)) {
                return i;
            }
        }
        return NONE;
    }

    /** {@return where each part stands, no axis turned, in what the outermost stands in} */
    public List<Matrix4dc> frames() {
        var frames = new ArrayList<Matrix4dc>(parts.size());
        for (var part : parts) {
            var outer = part.outer() < 0 ? new Matrix4d() : new Matrix4d(frames.get(part.outer()));
            frames.add(outer.mul(Frames.of(part.geometry().position())));
        }
        return frames;
    }

    /**
     * {@return the model that gives a standing part its shape; empty = none} The one that a reference names stands for that of the part
     * which it repeats.
     */
    public String modelAt(int at) {
        var part = parts.get(at);
        if (part.geometry() instanceof Geometry.Reference) {
            return "";
        }
        boolean repeated = part.outer() >= 0 && parts.get(part.outer()).geometry() instanceof Geometry.Reference;
        var instead = repeated ? parts.get(part.outer()).geometry().model() : "";
        return instead.isEmpty() ? part.geometry().model() : instead;
    }

    /** {@return where each part stands, by its name} */
    public Map<String, List<Integer>> byName() {
        var places = new LinkedHashMap<String, List<Integer>>();
        for (int i = 0; i < parts.size(); i++) {
            places.computeIfAbsent(parts.get(i).geometry().name(), name -> new ArrayList<>()).add(i);
        }
        return places;
    }

    private static final class Walk {
        private final String root;
        private final Map<String, Geometry> topLevel = new HashMap<>();
        private final List<Standing> parts = new ArrayList<>();
        private boolean truncated;

        Walk(FixtureType type, Mode mode) {
            root = mode.geometry();
            type.geometries().forEach(geometry -> topLevel.putIfAbsent(geometry.name(), geometry));
        }

        void into(Geometry geometry, List<Geometry.Reference> path, int outer) {
            if (parts.size() >= MAX_PLACES) {
                truncated = true;
                return;
            }
            int here = parts.size();
            parts.add(new Standing(geometry, path, outer));
            if (geometry instanceof Geometry.Reference reference) {
                var target = topLevel.get(reference.geometry());
                if (reference.geometry().equals(root) || path.stream().anyMatch(each -> each.geometry().equals(reference.geometry()))) {
                    truncated = true; // a circle
                } else if (target != null) {
                    var inner = new ArrayList<>(path);
                    inner.add(reference);
                    into(target, List.copyOf(inner), here);
                }
            }
            geometry.children().forEach(child -> into(child, path, here));
        }
    }
}
