package yellowkite.cli;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import yellowkite.core.archive.Archive;
import yellowkite.core.mvr.FreshScene;
import yellowkite.core.mvr.Scene;
import yellowkite.core.mvr.SceneEditing;
import yellowkite.core.mvr.SceneProfiles;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.file.RigJson;
import yellowkite.core.rig.file.RigTable;
import yellowkite.media.paper.PatchPrint;
import yellowkite.media.table.TableFile;

/** {@code write}: a rig as another file. */
@Command(name = "write", description = "A rig as another file, by its ending: .mvr, .json, .csv, .xlsx, .pdf. OUT is written whole or not at all.")
final class RigWrite extends Verb {
    @Parameters(index = "0", paramLabel = "FILE", description = "A rig, a scene, or a patch sheet.")
    private String file = "";
    @Parameters(index = "1", paramLabel = "OUT", description = "The file to write.")
    private String target = "";
    @Option(names = "--profiles", paramLabel = "DIR", description = "A folder of GDTF files: the library for this call.")
    private List<String> profiles = List.of();
    @Option(names = "--units", paramLabel = "ID,...", split = ",", description = "These units alone.")
    private @Nullable List<String> units;

    @Option(names = "--ours", description = "The folder's profiles count before those inside a scene.")
    private boolean ours;

    RigWrite(Streams streams) {
        super(streams);
    }

    @Override
    public Integer call() {
        try {
            var read = RigFile.read(file, profiles, ours);
            var rig = chosen(read.rig());
            var to = Path.of(target).toAbsolutePath();
            if (RigFile.isScene(target)) {
                scene(read, rig, to);
            } else {
                Files.write(to, bytes(rig));
            }
            long bytes = java.nio.file.Files.size(to);
            Json.line(streams().out(),
                    json -> json.writeStringProperty("file", file)
                        .writeStringProperty("wrote", target)
                        .writeNumberProperty("units", rig.units().size())
                        .writeNumberProperty("bytes", bytes));
            return WELL;
        } catch (Files.Refused refused) {
            Files.refuse(file, String.valueOf(refused.getMessage()), streams());
        } catch (IOException failed) {
            Files.refuse(target, "'" + target + "' could not be written; what was there is unchanged.", streams());
        }
        return REFUSED;
    }

    private Rig chosen(Rig rig) {
        if (units == null) {
            return rig;
        }
        var wanted = new HashSet<>(units);
        var kept = rig.withUnits(rig.units().stream().filter(unit -> wanted.contains(unit.id())).toList());
        kept.units().forEach(unit -> wanted.remove(unit.id()));
        if (!wanted.isEmpty()) {
            throw new WrongCall("'" + file + "' has no unit " + String.join(", ", wanted.stream().sorted().toList()) + ".");
        }
        return kept;
    }

    /** A scene that came in goes out with everything in it; any other rig gets one of its own, with the profiles that it names. */
    private void scene(RigFile read, Rig rig, Path to) throws Files.Refused, IOException {
        if (RigFile.isScene(file)) {
            try (var scene = RigFile.open(file)) {
                var changed = SceneEditing.edited(scene.scene(), rig, Map.of());
                Files.writeBy(to, out -> scene.write(out, changed, Map.of()));
            }
            return;
        }
        var specs = SceneProfiles.specs(rig);
        var entries = new LinkedHashMap<String, byte[]>();
        entries.put(Scene.ENTRY, FreshScene.of(rig, specs).write());
        for (var each : specs.entrySet()) {
            entries.put(each.getValue(), RigProfiles.file(each.getKey()).write());
        }
        Files.write(to, Archive.write(entries));
    }

    private byte[] bytes(Rig rig) {
        var ending = target.substring(target.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT);
        return switch (ending) {
            case "json" -> (RigJson.write(target, rig) + "\n").getBytes(StandardCharsets.UTF_8);
            case "csv" -> TableFile.csv(RigTable.write(rig));
            case "xlsx" -> TableFile.xlsx(rig.name(), RigTable.write(rig));
            case "pdf" -> PatchPrint.of(rig, PatchPrint.Order.UNIVERSE, PatchPrint.Column.of(List.of()), "");
            default -> throw new WrongCall("'" + target + "' ends in none of .mvr, .json, .csv, .xlsx and .pdf.");
        };
    }
}
