package yellowkite.core.compare;

import java.util.IdentityHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import yellowkite.core.compare.Difference.Kind;
import yellowkite.core.compare.Difference.Place;

/**
 * What nobody looked at: the components of two nodes that no comparison of its own tells about. With it nothing that differs is silent, not
 * even in a component that the document gains one day.
 */
final class Rest {
    /** What no show and nobody who reads a profile sees: what a node is known by here, and what the house keeps beside the document. */
    private static final Set<String> NEVER = Set.of("id", "nextId", "source", "house");
    /** By component: what is felt in a show. All others are texts, pictures and physical facts. */
    private static final Map<String, Rank> RANKS = Map.of("colorSpace", Rank.SHIFTS, "additionalColorSpaces", Rank.SHIFTS, "gamuts",
            Rank.SHIFTS, "gamut", Rank.SHIFTS, "defaultValue", Rank.SHIFTS, "geometry", Rank.SHIFTS,
            "macros", Rank.SHIFTS, "color", Rank.SHIFTS);
    private static final int LONGEST = 60;

    private Rest() {}

    static void compare(Record left, Record right, Set<String> told, Place place, Found found) {
        for (var component : Content.components(left)) {
            var name = component.getName();
            if (NEVER.contains(name) || told.contains(name)) {
                continue;
            }
            var before = Content.value(component, left);
            var after = Content.value(component, right);
            if (!Content.same(before, after)) {
                found.add(RANKS.getOrDefault(name, Rank.COSMETIC), Kind.OTHER, place,
                        "Its " + words(name) + " " + (name.endsWith("s") ? "differ" : "differs") + ".", shown(before), shown(after));
            }
        }
    }

    /** A list that holds the same things in another order. @param pairs in the order of the left */
    static <T> void order(String what, List<Pairs.Pair<T>> pairs, List<T> right, Place place, Found found) {
        var places = new IdentityHashMap<T, Integer>();
        right.forEach(each -> places.putIfAbsent(each, places.size()));
        int last = -1;
        for (var pair : pairs) {
            int at = places.getOrDefault(pair.right(), -1);
            if (at < last) {
                found.add(Rank.COSMETIC, Kind.OTHER, place, "Its " + what + " stand in another order.", "", "");
                return;
            }
            last = at;
        }
    }

    /** {@return {@code canHaveChildren} as "can have children"} */
    private static String words(String component) {
        return component.replaceAll("([A-Z])", " $1").toLowerCase(Locale.ROOT);
    }

    /** {@return a value in a few letters; nothing of what is a tree of its own} */
    private static String shown(Object value) {
        if (!(value instanceof String || value instanceof Number || value instanceof Boolean || value instanceof Enum<?>)) {
            return "";
        }
        var text = String.valueOf(value);
        return text.length() <= LONGEST ? text : text.substring(0, LONGEST - 3) + "...";
    }
}
