package yellowkite.cli;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import yellowkite.core.archive.FormatException;
import yellowkite.core.check.Severity;
import yellowkite.core.mvr.FoundProfiles;
import yellowkite.core.mvr.MvrFile;
import yellowkite.core.mvr.SceneUnits;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.rig.Found;
import yellowkite.core.rig.Matching.Candidate;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.RigFindings.Finding;
import yellowkite.core.rig.file.RigJson;
import yellowkite.core.rig.file.RigTable;
import yellowkite.media.table.TableFile;

/** A rig that was read from a file, with the profiles that were found for it. @param findings what its rows say that cannot be */
record RigFile(String name, Rig rig, List<Finding> findings, RigProfiles profiles) {
    private static final int MAX_BYTES = 64 << 20;
    static final String SCENE = ".mvr";

    /** Like {@link #read(String, List, boolean)}, where a scene's own profiles count first. */
    static RigFile read(String name, List<String> folders) throws Files.Refused {
        return read(name, folders, false);
    }

    /**
     * @param folders that hold profiles; none = those that the rig names itself
     * @param ours whether they count before the profiles inside a scene
     */
    static RigFile read(String name, List<String> folders, boolean ours) throws Files.Refused {
        var profiles = RigProfiles.in(folders);
        var findings = new ArrayList<Finding>();
        if (isScene(name)) {
            return new RigFile(name, scene(name, profiles, ours, findings), findings, profiles);
        }
        var rig = rig(name, findings);
        return new RigFile(name, folders.isEmpty() ? rig : profiles.matched(rig), findings, profiles);
    }

    static boolean isScene(String name) {
        return name.toLowerCase(Locale.ROOT).endsWith(SCENE);
    }

    /** @throws Files.Refused if it is none, or cannot be read */
    static MvrFile open(String name) throws Files.Refused {
        try {
            return MvrFile.open(java.nio.file.Files.newByteChannel(Path.of(name)));
        } catch (FormatException refused) {
            throw new Files.Refused(refused.sentence(name));
        } catch (IOException | InvalidPathException failed) {
            throw new Files.Refused("'" + name + "' does not exist, or could not be read.");
        }
    }

    private static Rig scene(String name, RigProfiles profiles, boolean ours, List<Finding> findings) throws Files.Refused {
        try (var file = open(name)) {
            var read = SceneUnits.of(file.scene());
            var found = FoundProfiles.of(file, read.units(), name + "/", profiles.matching()::find, ours);
            Stream.concat(read.notes().stream(), found.notes().stream())
                .forEach(each -> findings.add(new Finding(Severity.WARNING, each.where(), "", each.says())));
            return Rig.EMPTY.withName(baseName(name)).withUnits(found.units());
        } catch (FormatException refused) {
            throw new Files.Refused(refused.sentence(name));
        }
    }

    private static Rig rig(String name, List<Finding> findings) throws Files.Refused {
        var ending = name.substring(name.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT);
        try {
            return switch (ending) {
                case "json" -> RigJson.read(new String(Files.bytes(name, MAX_BYTES), StandardCharsets.UTF_8));
                case "csv", "tsv", "xlsx" -> {
                    var read = RigTable.read(TableFile.read(Files.bytes(name, MAX_BYTES)));
                    read.doubts().forEach(each -> findings.add(new Finding(Severity.ERROR, each.place(), "", each.says())));
                    yield Rig.EMPTY.withName(baseName(name)).withUnits(read.units());
                }
                default ->
                    throw new Files.Refused("'" + name + "' was refused: rigs are read from .mvr, .json, .csv, .tsv and .xlsx files.");
            };
        } catch (FormatException refused) {
            throw new Files.Refused(refused.sentence(name));
        }
    }

    private static String baseName(String name) {
        var file = String.valueOf(Path.of(name).getFileName());
        return file.substring(0, file.lastIndexOf('.'));
    }

    RigFile with(Rig other) {
        return new RigFile(name, other, findings, profiles);
    }

    /** {@return the file's line} */
    String line() {
        return RigJson.write(name, rig, findings);
    }

    /** {@return a mode of a file} */
    static Found found(String path, FixtureType type, String mode) {
        var candidate = Candidate.of(path, type);
        return candidate.modes()
            .stream()
            .filter(each -> each.name().equals(mode))
            .findFirst()
            .map(each -> Found.chosen(path, candidate.manufacturer(), candidate.model(), each.name(), each.breaks()))
            .orElseThrow(() -> new WrongCall("'" + path + "' has no mode '" + mode + "'; it has "
                    + type.modes().stream().map(each -> "'" + each.name() + "'").toList() + "."));
    }
}
