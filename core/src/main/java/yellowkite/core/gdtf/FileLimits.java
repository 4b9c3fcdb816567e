package yellowkite.core.gdtf;

import yellowkite.core.archive.FormatException;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Mode;

/** What a file may hold to be of use: the largest fixtures have about fifty modes, five hundred channels and some thousand named ranges. */
public final class FileLimits {
    private static final int MOST_MODES = 500;
    private static final int MOST_CHANNELS = 8_192;
    private static final int MOST_RANGES = 100_000;

    private FileLimits() {}

    /** @throws FormatException if it holds more */
    public static void require(FixtureType type) {
        require(type.modes().size(), MOST_MODES, "modes");
        require(type.modes().stream().mapToInt(mode -> mode.channels().size()).sum(), MOST_CHANNELS, "channels in its modes");
        require(type.modes().stream().mapToLong(FileLimits::ranges).sum(), MOST_RANGES, "named ranges");
    }

    private static long ranges(Mode mode) {
        return mode.channels().stream().flatMap(channel -> channel.functions()).mapToLong(function -> function.ranges().size()).sum();
    }

    private static void require(long count, int most, String what) {
        if (count > most) {
            throw new FormatException("holds " + count + " " + what + "; " + most + " are the limit");
        }
    }
}
