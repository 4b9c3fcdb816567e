package yellowkite.core.body;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;
import yellowkite.core.profile.Mode;

/** Which parts of the body a mode reaches, and which of them an attribute belongs to. */
public final class Parts {
    private static final Set<String> OF_THE_BASE = Set.of("Control");

    private Parts() {}

    /** {@return the parts of the mode's own body, outermost first; repeated ones are not among them} */
    public static List<Geometry> shared(FixtureType type, Mode mode) {
        return type.geometries()
            .stream()
            .filter(each -> each.name().equals(mode.geometry()))
            .findFirst()
            .map(top -> top.walk().filter(Geometry.Part.class::isInstance).toList())
            .orElse(List.of());
    }

    /** {@return the top-level geometries that references of the mode's body repeat} */
    public static List<Geometry> repeated(FixtureType type, Mode mode) {
        var names = new ArrayList<String>();
        type.geometries()
            .stream()
            .filter(each -> each.name().equals(mode.geometry()))
            .flatMap(Geometry::walk)
            .forEach(each -> {
                if (each instanceof Geometry.Reference reference && !names.contains(reference.geometry())) {
                    names.add(reference.geometry());
                }
            });
        return type.geometries().stream().filter(each -> names.contains(each.name())).toList();
    }

    /** {@return whether channels of a mode may act on a part: it stands in the mode's own body, or in what references there repeat} */
    public static boolean reaches(FixtureType type, Mode mode, String part) {
        return within(type, mode.geometry(), part);
    }

    /** {@return whether a part stands in a top-level one, or in what references there repeat} */
    public static boolean within(FixtureType type, String outermost, String part) {
        var open = new ArrayDeque<String>(List.of(outermost));
        var seen = new HashSet<String>();
        while (!open.isEmpty()) {
            var top = type.geometries().stream().filter(each -> each.name().equals(open.peek())).findFirst();
            if (seen.add(open.pop()) && top.isPresent()) {
                for (var each : top.get().walk().toList()) {
                    if (each instanceof Geometry.Reference reference) {
                        open.add(reference.geometry());
                    } else if (each.name().equals(part)) {
                        return true;
                    }
                }
            }
        }
        return false;
    }

    /**
     * {@return the part that an attribute usually belongs to: pan to the first axis, tilt to the last, service to the base, the rest to
     * what shines}
     */
    public static Optional<String> suggest(FixtureType type, Mode mode, String attribute, String featureGroup) {
        var parts = shared(type, mode);
        var axes = parts.stream()
            .filter(each -> each instanceof Geometry.Part part && part.kind() == Geometry.Kind.Axis)
            .map(Geometry::name)
            .toList();
        if (parts.isEmpty()) {
            return Optional.empty();
        }
        if (attribute.startsWith("Pan") && !axes.isEmpty()) {
            return Optional.of(axes.getFirst());
        }
        if (attribute.startsWith("Tilt") && !axes.isEmpty()) {
            return Optional.of(axes.getLast());
        }
        if (OF_THE_BASE.contains(featureGroup)) {
            return Optional.of(parts.getFirst().name());
        }
        return parts.stream()
            .filter(each -> each instanceof Geometry.Part part && part.kind() == Geometry.Kind.Beam)
            .map(Geometry::name)
            .findFirst()
            .or(() -> Optional.of(axes.isEmpty() ? parts.getFirst().name() : axes.getLast()));
    }
}
