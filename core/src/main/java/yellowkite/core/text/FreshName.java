package yellowkite.core.text;

import java.util.Set;

/** Names that nothing else has yet. */
public final class FreshName {
    private FreshName() {}

    /** {@return the wanted name, or the first of "wanted 2", "wanted 3" ... that is free} It is among the taken ones then. */
    public static String of(Set<String> taken, String wanted) {
        var name = wanted;
        for (int n = 2; !taken.add(name); n++) {
            name = wanted + " " + n;
        }
        return name;
    }
}
