package yellowkite.cli;

import java.io.IOException;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import yellowkite.core.archive.FormatException;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.core.mvr.MvrFile;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.rig.Matching.Candidate;
import yellowkite.core.rig.Matching;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.Unit;

/** Profiles by the path of their file. */
final class RigProfiles {
    private static final int MOST = 5_000;
    private final Map<String, Optional<FixtureType>> types = new LinkedHashMap<>();
    private final Map<String, CompiledMode> modes = new HashMap<>();

    private RigProfiles() {}

    static RigProfiles in(List<String> folders) throws Files.Refused {
        var profiles = new RigProfiles();
        for (var folder : folders) {
            try (var files = java.nio.file.Files.newDirectoryStream(Path.of(folder), "*.{gdtf,GDTF}")) {
                var names = new ArrayList<String>();
                files.forEach(each -> names.add(each.toString()));
                names.stream().sorted().limit(MOST).forEach(profiles::type);
            } catch (IOException | InvalidPathException none) {
                throw new Files.Refused("'" + folder + "' is no folder that can be read.");
            }
        }
        return profiles;
    }

    /** {@return what a file describes; none if it cannot be read, or is none of a profile} */
    Optional<FixtureType> type(String path) {
        return types.computeIfAbsent(path, each -> {
            try {
                return Optional.of(file(each).description().type());
            } catch (Files.Refused | FormatException unreadable) {
                return Optional.empty();
            }
        });
    }

    /** {@return a profile by its path; one inside a scene stands behind that one's name} */
    static GdtfFile file(String path) throws Files.Refused {
        int inside = path.toLowerCase(Locale.ROOT).lastIndexOf(RigFile.SCENE + "/");
        if (inside < 0) {
            return Files.read(path);
        }
        var scene = path.substring(0, inside + RigFile.SCENE.length());
        try {
            return GdtfFile.read(MvrFile.profile(java.nio.file.Files.newByteChannel(Path.of(scene)), path.substring(scene.length() + 1)));
        } catch (FormatException | IOException | InvalidPathException unreadable) {
            throw new Files.Refused("'" + path + "' could not be read.");
        }
    }

    Matching matching() {
        return Matching
            .among(types.keySet().stream().flatMap(each -> type(each).map(type -> Candidate.of(each, type)).stream()).toList());
    }

    Rig matched(Rig rig) {
        var matching = matching();
        return rig.withUnits(rig.units().stream().map(unit -> unit.as(matching.find(unit.asked(), ""))).toList());
    }

    /** {@return what a unit is; null if nobody knows} */
    @Nullable
    CompiledMode mode(Unit unit) {
        var found = unit.found();
        return !found.hasProfile() ? null
                : type(found.pin())
                    .flatMap(type -> type.modes()
                        .stream()
                        .filter(mode -> mode.name().equals(found.mode()))
                        .findFirst()
                        .map(mode -> modes.computeIfAbsent(found.pin() + "\n" + mode.name(), key -> CompiledMode.of(type, mode))))
                    .orElse(null);
    }
}
