package yellowkite.core.mvr;

import java.io.Closeable;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.channels.SeekableByteChannel;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import yellowkite.core.archive.Archive;
import yellowkite.core.archive.Budget;
import yellowkite.core.archive.FormatException;
import yellowkite.core.archive.Limits;
import yellowkite.core.gdtf.FileLimits;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.core.profile.FixtureType;

/**
 * A whole MVR: its scene, and beside it profiles, models and textures, which are looked at when they are asked for, under one budget. Not
 * for several threads at once. Closing it closes what it was opened on.
 */
public final class MvrFile implements Closeable {
    /** A show with its models is some hundred megabytes; of those nothing is unpacked but what is asked for. */
    public static final Limits LIMITS = new Limits(50_000, 2L << 30, 256 << 20, 1L << 30, 200, 1 << 20, 2);
    private static final String PROFILE = ".gdtf";
    /** A hundred of the largest ones; they are looked at one after the other, and none is kept. */
    private static final long MOST_DESCRIBED = 192L << 20;
    private final Archive archive;
    private final Scene scene;
    private long described;
    /** Paths of profiles by their name in small letters, without the ending. */
    private final Map<String, String> profiles = new HashMap<>();

    private MvrFile(Archive archive, Scene scene) {
        this.archive = archive;
        this.scene = scene;
        archive.paths().stream().filter(MvrFile::isProfile).forEach(path -> profiles.putIfAbsent(plain(path), path));
    }

    private static boolean isProfile(String path) {
        return path.toLowerCase(Locale.ROOT).endsWith(PROFILE);
    }

    private static String plain(String spec) {
        var name = spec.strip().toLowerCase(Locale.ROOT);
        return name.endsWith(PROFILE) ? name.substring(0, name.length() - PROFILE.length()) : name;
    }

    /** @throws FormatException if it is no ZIP, is damaged, encrypted or unsafe, passes a limit, or its scene cannot be understood */
    public static MvrFile open(SeekableByteChannel channel) {
        return of(Archive.open(channel, new Budget(LIMITS)));
    }

    /** Like {@link #open(SeekableByteChannel)}. */
    public static MvrFile open(byte[] bytes) {
        return of(Archive.open(bytes, new Budget(LIMITS)));
    }

    /** {@return a profile of a scene, byte for byte, without looking at the scene} @throws FormatException as {@link #bytes} */
    public static byte[] profile(SeekableByteChannel channel, String path) {
        try (var archive = Archive.open(channel, new Budget(LIMITS))) {
            if (!archive.holds(path)) {
                throw new FormatException("holds no '" + path + "'");
            }
            requireSize(archive, path);
            return archive.read(path);
        }
    }

    private static MvrFile of(Archive archive) {
        try {
            if (!archive.holds(Scene.ENTRY)) {
                throw new FormatException("holds no " + Scene.ENTRY);
            }
            return new MvrFile(archive, Scene.read(archive.read(Scene.ENTRY)));
        } catch (FormatException refused) {
            archive.close();
            throw refused;
        }
    }

    public Scene scene() {
        return scene;
    }

    /** {@return the paths of all profiles in it} */
    public List<String> profiles() {
        return archive.paths().stream().filter(MvrFile::isProfile).toList();
    }

    /** {@return the path of the profile that a fixture names, with or without ending, in whatever case; none if it is not there} */
    public Optional<String> profileOf(String spec) {
        return spec.isBlank() ? Optional.empty() : Optional.ofNullable(profiles.get(plain(spec)));
    }

    /**
     * {@return what a profile of it describes} Nothing else of that profile is unpacked.
     *
     * @throws FormatException if it is damaged, unsafe, no profile or an absurdly large one, or the profiles are too large together
     */
    public FixtureType type(String path) {
        requireSize(archive, path);
        try (var profile = archive.nested(path)) {
            if (!profile.holds(GdtfDescription.ENTRY)) {
                throw new FormatException("holds no " + GdtfDescription.ENTRY);
            }
            described += profile.size(GdtfDescription.ENTRY);
            if (described > MOST_DESCRIBED) {
                throw new FormatException(
                        "comes after others that describe " + (MOST_DESCRIBED >> 20) + " MB together, the limit of one scene");
            }
            var type = GdtfDescription.read(profile.read(GdtfDescription.ENTRY)).type();
            FileLimits.require(type);
            return type;
        }
    }

    /** {@return a profile's file, byte for byte} @throws FormatException if it is damaged, or larger than a profile may be */
    public byte[] bytes(String path) {
        requireSize(archive, path);
        return archive.read(path);
    }

    private static void requireSize(Archive archive, String path) {
        if (archive.size(path) > GdtfFile.MAX_BYTES) {
            throw new FormatException("is larger than the limit of " + (GdtfFile.MAX_BYTES >> 20) + " MB");
        }
    }

    /** Writes it with another scene, and nothing else of it changed. @param more profiles that come along, by their path */
    public void write(OutputStream out, Scene changed, Map<String, byte[]> more) throws IOException {
        var replaced = new LinkedHashMap<>(more);
        if (changed != scene) {
            replaced.put(Scene.ENTRY, changed.write());
        }
        archive.copy(out, replaced, Set.of());
    }

    @Override
    public void close() {
        archive.close();
    }
}
