package yellowkite.core.dmx;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import yellowkite.core.body.BodyMap;
import yellowkite.core.profile.Geometry;

/**
 * Where light leaves the body in a mode, and which channels act upon it there: those of the part itself and of all that it stands in. A
 * channel of one cell says nothing of the next.
 */
public record LightPlaces(List<Place> places) {

    public LightPlaces {
        places = List.copyOf(places);
    }

    /**
     * @param name of the innermost reference that leads there, or of the part
     * @param channels places of the channels that act upon it, in the map's order
     */
    public record Place(String name, List<Integer> channels) {
        public Place {
            channels = List.copyOf(channels);
        }
    }

    /**
     * {@return the places, in document order; at least one} Where the body says nothing of light, each cell is a place, or the whole
     * fixture.
     */
    public static LightPlaces of(CompiledMode mode) {
        var body = mode.body();
        var places = new LinkedHashMap<Integer, List<Integer>>();
        for (int i = 0; i < body.parts().size(); i++) {
            if (body.parts().get(i).geometry() instanceof Geometry.Part part && part.kind() == Geometry.Kind.Beam) {
                places.put(i, new ArrayList<>());
            }
        }
        var inside = lit(body, places.keySet());
        var everywhere = new ArrayList<Integer>();
        var cells = new LinkedHashMap<List<String>, List<Integer>>();
        var standing = positions(body);
        for (int i = 0; i < mode.map().channels().size(); i++) {
            var placed = mode.map().channels().get(i);
            var at = standing.get(new Key(placed.channel().geometry(), placed.path()));
            var lit = at == null ? Set.<Integer>of() : inside.getOrDefault(at, Set.of());
            if (!lit.isEmpty()) {
                for (int each : lit) {
                    Objects.requireNonNull(places.get(each)).add(i);
                }
            } else if (placed.path().isEmpty()) {
                everywhere.add(i); // on a part without light: what it dims is all of it
            } else {
                cells.computeIfAbsent(placed.path(), path -> new ArrayList<>()).add(i);
            }
        }
        var all = new ArrayList<Place>();
        places.forEach((at, channels) -> all.add(place(body.parts().get(at).called(), channels, everywhere)));
        cells.forEach((path, channels) -> all.add(place(path.getLast(), channels, everywhere)));
        return new LightPlaces(all.isEmpty() ? List.of(new Place(mode.mode().geometry(), everywhere)) : all);
    }

    private record Key(String geometry, List<String> path) {}

    private static Map<Key, Integer> positions(BodyMap body) {
        var positions = new HashMap<Key, Integer>();
        for (int i = 0; i < body.parts().size(); i++) {
            var part = body.parts().get(i);
            positions.putIfAbsent(new Key(part.geometry().name(), part.path()), i);
        }
        return positions;
    }

    /** {@return for each part the lights in it} */
    private static Map<Integer, Set<Integer>> lit(BodyMap body, Set<Integer> lights) {
        var inside = new HashMap<Integer, Set<Integer>>();
        for (int light : lights) {
            for (int at = light; at >= 0; at = body.parts().get(at).outer()) {
                inside.computeIfAbsent(at, each -> new HashSet<>()).add(light);
            }
        }
        return inside;
    }

    private static Place place(String name, List<Integer> channels, List<Integer> everywhere) {
        var both = new ArrayList<>(channels);
        both.addAll(everywhere);
        both.sort(null);
        return new Place(name, both);
    }
}
