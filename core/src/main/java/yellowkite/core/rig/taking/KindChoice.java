package yellowkite.core.rig.taking;

import org.jspecify.annotations.Nullable;
import yellowkite.core.rig.Found;

/** What all fixtures of a kind become that a scene asks for. */
public enum KindChoice {
    /** The file's own profile, which comes onto the House shelf. */
    THEIRS, OURS,
    /** A footprint and nothing else. */
    PLACEHOLDER, LEAVE_OUT;

    /**
     * {@return what is done unless somebody decides otherwise: ours where it is surely the same or does the same, else the file's, else the
     * best guess}
     *
     * @param theirs what the file's own profiles say. @param ours what the library has
     * @param difference between the two; null unless both have a profile
     */
    public static KindChoice usual(Found theirs, Found ours, @Nullable ModeDifference difference) {
        boolean same = difference != null && difference.count() == 0;
        return ours.how() == Found.How.EXACT || same ? OURS : theirs.hasProfile() ? THEIRS : ours.hasProfile() ? OURS : PLACEHOLDER;
    }
}
