package yellowkite.core.profile;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/** Changes to immutable lists that keep identity: unchanged means the same object. */
public final class Trees {
    private Trees() {}

    /** {@return the list with every element changed, or {@code before} itself if every element stayed the same object} */
    public static <T> List<T> map(List<T> before, UnaryOperator<T> change) {
        List<T> after = null;
        for (int i = 0; i < before.size(); i++) {
            var old = before.get(i);
            var changed = change.apply(old);
            if (changed != old && after == null) {
                after = new ArrayList<>(before);
            }
            if (after != null) {
                after.set(i, changed);
            }
        }
        return after == null ? before : List.copyOf(after);
    }

    /** {@return the list with {@code element} put in at {@code index}} */
    public static <T> List<T> insert(List<T> before, int index, T element) {
        var after = new ArrayList<>(before);
        after.add(index, element);
        return List.copyOf(after);
    }

    /** {@return the list without {@code element}; the same list if it is not there} */
    public static <T> List<T> remove(List<T> before, T element) {
        var after = new ArrayList<>(before);
        return after.remove(element) ? List.copyOf(after) : before;
    }
}
