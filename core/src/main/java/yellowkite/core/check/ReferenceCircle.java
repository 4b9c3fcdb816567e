package yellowkite.core.check;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;

/** References that lead back into the part that they stand in: the body would never end. */
final class ReferenceCircle implements Rule.OfType {
    /** A sentence that names more parts than this helps nobody. */
    private static final int MOST_NAMED = 8;
    /** From each of them all others may be reached; a hostile file has thousands. */
    private static final int MOST_LOOKED_AT = 100;

    @Override
    public String id() {
        return "reference-circle";
    }

    @Override
    public Severity severity() {
        return Severity.ERROR;
    }

    @Override
    public Stream<Finding> check(FixtureType type) {
        var repeats = new LinkedHashMap<String, List<String>>();
        type.geometries()
            .forEach(top -> repeats.putIfAbsent(top.name(), top.walk()
                .filter(Geometry.Reference.class::isInstance)
                .map(each -> ((Geometry.Reference) each).geometry())
                .distinct()
                .toList()));
        var uses = Uses.ofParts(type);
        var told = new HashSet<Set<String>>();
        return undecided(repeats).stream()
            .limit(MOST_LOOKED_AT)
            .flatMap(part -> Stream.ofNullable(circle(repeats, part)))
            .filter(circle -> told.add(Set.copyOf(circle)))
            .map(circle -> found(uses.place(circle.getFirst(), "Part '" + circle.getFirst() + "'"), says(circle)));
    }

    /** {@return the parts that lead into a circle, or stand in one} What repeats nothing cannot, nor what repeats only such parts. */
    private static Set<String> undecided(Map<String, List<String>> repeats) {
        var repeatedIn = new HashMap<String, List<String>>();
        var open = new HashMap<String, Integer>();
        repeats.forEach((part, inside) -> {
            var known = inside.stream().filter(repeats::containsKey).toList();
            known.forEach(each -> repeatedIn.computeIfAbsent(each, none -> new ArrayList<>()).add(part));
            open.put(part, known.size());
        });
        var left = new LinkedHashSet<>(repeats.keySet());
        var ended = new ArrayDeque<>(repeats.keySet().stream().filter(part -> Objects.requireNonNull(open.get(part)) == 0).toList());
        while (!ended.isEmpty()) {
            var part = ended.pop();
            left.remove(part);
            for (var outer : repeatedIn.getOrDefault(part, List.of())) {
                if (open.merge(outer, -1, Integer::sum) == 0) {
                    ended.push(outer);
                }
            }
        }
        return left;
    }

    private static String says(List<String> circle) {
        var named = circle.stream().limit(MOST_NAMED).map(each -> "'" + each + "'").collect(Collectors.joining(", which repeats "));
        return circle.size() == 1 ? named + " repeats itself: the body would never end. Take the reference away."
                : named + (circle.size() > MOST_NAMED ? ", and so on," : "") + ", which repeats '" + circle.getFirst()
                        + "' again: the body would never end. Take one of these references away.";
    }

    /** {@return the shortest way from a part back to itself, without its end; null if there is none} */
    private static @Nullable List<String> circle(Map<String, List<String>> repeats, String start) {
        var cameFrom = new HashMap<String, String>();
        var open = new ArrayList<>(List.of(start));
        for (int i = 0; i < open.size(); i++) {
            for (var next : repeats.getOrDefault(open.get(i), List.of())) {
                if (next.equals(start)) {
                    return back(cameFrom, open.get(i));
                }
                if (repeats.containsKey(next) && cameFrom.putIfAbsent(next, open.get(i)) == null) {
                    open.add(next);
                }
            }
        }
        return null;
    }

    private static List<String> back(Map<String, String> cameFrom, String last) {
        var way = new ArrayList<String>();
        for (String at = last; at != null; at = cameFrom.get(at)) {
            way.addFirst(at);
        }
        return way;
    }
}
