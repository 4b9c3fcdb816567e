package yellowkite.core.rig;

import java.util.Collections;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;

/**
 * What stands for a unit: a mode of a profile that is the same for ever.
 *
 * @param pin which revision it is: in the house its id, in a folder of files its path; empty without one
 * @param breaks footprint by DMX break; empty where nothing is known
 * @param sure in [0, 1]
 * @param why one sentence on how it was found
 */
public record Found(How how, String pin, String manufacturer, String model, String mode, SortedMap<Integer, Integer> breaks, double sure,
        String why) {
    public static final Found NOTHING = new Found(How.NONE, "", "", "", "", new TreeMap<>(), 0, "Nothing is known of this fixture.");

    /** How sure it is that this is the fixture that was asked for, the surest first. */
    public enum How {
        /** Same id, or same manufacturer and model, and the mode that was asked for. */
        EXACT,
        /** The profile, with another mode, by footprint. */
        PROFILE,
        /** A profile of a near name, and the mode by name or footprint. */
        MODE,
        /** By footprint and words alone. */
        GUESS,
        /** Nothing but a footprint is known. */
        PLACEHOLDER,
        NONE
    }

    /** @throws IllegalArgumentException with a sentence, if a footprint is none */
    public Found {
        breaks.forEach((dmxBreak, footprint) -> {
            if (dmxBreak < 1 || footprint < 1 || footprint > Patch.MOST) {
                throw new IllegalArgumentException("Break " + dmxBreak + " cannot take " + footprint + " addresses.");
            }
        });
        breaks = Collections.unmodifiableSortedMap(new TreeMap<>(breaks));
    }

    /** {@return a mode that somebody has chosen} */
    public static Found chosen(String pin, String manufacturer, String model, String mode, SortedMap<Integer, Integer> breaks) {
        return new Found(How.EXACT, pin, manufacturer, model, mode, breaks, 1, "Chosen.");
    }

    /** {@return a number of addresses and nothing else} */
    public static Found placeholder(int footprint) {
        return new Found(How.PLACEHOLDER, "", "", "", "", new TreeMap<>(Map.of(1, footprint)), 0,
                "Only its footprint is known.");
    }

    /** {@return of all breaks together; 0 where nothing is known} */
    public int footprint() {
        return breaks.values().stream().mapToInt(Integer::intValue).sum();
    }

    public boolean hasProfile() {
        return !pin.isEmpty();
    }

    /** {@return whether it is the same mode of the same revision, however it was found} */
    public boolean isSameMode(Found other) {
        return pin.equals(other.pin) && manufacturer.equals(other.manufacturer) && model.equals(other.model) && mode.equals(other.mode)
                && breaks.equals(other.breaks);
    }

    /** {@return such as {@code Tidewick Petrel Spot, Extended}} */
    public String words() {
        return hasProfile() ? manufacturer + " " + model + ", " + mode
                : how == How.PLACEHOLDER ? "a footprint of " + footprint() : "no profile";
    }
}
