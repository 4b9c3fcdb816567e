package yellowkite.core.rig;

import org.jspecify.annotations.Nullable;

/**
 * What a unit was said to be, in the words of whoever said it.
 *
 * @param spec file of its profile, such as {@code Tidewick@Petrel Spot.gdtf}; may be empty. Source: MVR, {@code GDTFSpec}
 * @param footprint addresses that it was said to take; null if nobody said it
 */
public record Asked(String spec, String mode, @Nullable Integer footprint) {
    private static final String ENDING = ".gdtf";

    /** {@return what is asked for by names} */
    public static Asked of(String manufacturer, String model, String mode, @Nullable Integer footprint) {
        return new Asked(manufacturer.isEmpty() && model.isEmpty() ? "" : manufacturer + "@" + model + ENDING, mode, footprint);
    }

    /** {@return the part before the first {@code @}; empty without one} Source: GDTF, file names. */
    public String manufacturer() {
        int at = spec.indexOf('@');
        return at < 0 ? "" : spec.substring(0, at).strip();
    }

    /** {@return the part after it, without ending and without what may follow a second {@code @}} */
    public String model() {
        var rest = spec.substring(spec.indexOf('@') + 1);
        if (rest.regionMatches(true, rest.length() - ENDING.length(), ENDING, 0, ENDING.length())) {
            rest = rest.substring(0, rest.length() - ENDING.length());
        }
        int more = rest.indexOf('@');
        return (more < 0 ? rest : rest.substring(0, more)).strip();
    }

    /** {@return the same with the mode that is asked for} */
    public String wordsAndMode() {
        return words() + (mode.isEmpty() ? "" : ", " + mode);
    }

    /** {@return what to call it where nothing is found for it} */
    public String words() {
        var name = (manufacturer() + " " + model()).strip();
        return name.isEmpty() ? "an unknown fixture" : name;
    }
}
