package yellowkite.core.compare;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import yellowkite.core.compare.Difference.Kind;
import yellowkite.core.compare.Difference.Place;
import yellowkite.core.edit.Edit;

/** Collects differences, in document order. */
final class Found {
    final List<Difference> differences = new ArrayList<>();

    void add(Rank rank, Kind kind, Place place, String says, String before, String after, Edit... edits) {
        differences.add(new Difference(rank, kind, place, says, before, after, List.of(edits)));
    }

    /**
     * Adds a difference between two texts or figures unless they are equal; the sentence is {@code what is 'after' instead of 'before'}.
     */
    void changed(Rank rank, Kind kind, Place place, String what, Object before, Object after, Edit... edits) {
        if (!Objects.equals(before, after)) {
            var was = String.valueOf(before);
            var is = String.valueOf(after);
            add(rank, kind, place, what + " is " + quoted(is) + " instead of " + quoted(was) + ".", was, is, edits);
        }
    }

    private static String quoted(String text) {
        return text.isEmpty() ? "empty" : "'" + (text.length() <= 60 ? text : text.substring(0, 57) + "...") + "'";
    }
}
