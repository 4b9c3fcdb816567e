package yellowkite.core.gdtf;

import java.util.Locale;
import java.util.Set;
import yellowkite.core.profile.FixtureType;

/** What files are called that go out. */
public final class FileNames {
    /** Signs; a whole name stays within what file systems and headers carry. */
    private static final int LONGEST_PART = 60;

    private FileNames() {}

    /** {@return a name that every system and every header can carry} */
    public static String of(FixtureType type, int revision) {
        return part(type.manufacturer()) + "@" + part(type.name()) + "@revision " + revision + ".gdtf";
    }

    /** {@return the name, with a number before its ending if another file has it already} The name is taken then. */
    public static String free(String name, Set<String> taken) {
        var called = name;
        for (int i = 2; !taken.add(called.toLowerCase(Locale.ROOT)); i++) {
            called = name.replaceFirst("\\.gdtf$", " (" + i + ").gdtf");
        }
        return called;
    }

    /** {@return a part of a file's name without signs that some system forbids} */
    public static String part(String text) {
        var safe = text.replaceAll("[\\p{Cntrl}\\p{Cs}/\\\\:\"*?<>|]", "-"); // half of a sign is none
        return safe.codePointCount(0, safe.length()) <= LONGEST_PART ? safe : safe.substring(0, safe.offsetByCodePoints(0, LONGEST_PART));
    }
}
