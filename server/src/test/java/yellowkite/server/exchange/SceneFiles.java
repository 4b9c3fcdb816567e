package yellowkite.server.exchange;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import yellowkite.core.archive.Archive;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.core.mvr.FreshScene;
import yellowkite.core.mvr.Scene;
import yellowkite.core.rig.Asked;
import yellowkite.core.rig.At;
import yellowkite.core.rig.Found;
import yellowkite.core.rig.Patch;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.Unit;
import yellowkite.demo.DemoHouse;
import yellowkite.server.RunningKite.Answer;
import yellowkite.server.RunningKite;

/** Builds scenes as a drawing program hands them over. */
final class SceneFiles {
    private SceneFiles() {}

    static GdtfFile profile(String name) {
        var file = RunningKite.fresh(DemoHouse.moth());
        return new GdtfFile(GdtfDescription.of(file.description().type().with(f -> {
            f.manufacturer = "Sluicegate Works";
            f.name = name;
        })), file.others());
    }

    /** {@return a unit that asks for a profile in the scene} */
    static Unit unit(int number, String model) {
        return Unit.of(f -> {
            f.uuid = "00000000-0000-0000-0000-00000000000" + number;
            f.id = String.valueOf(number);
            f.name = "Rail " + number;
            f.layer = "Overhead";
            f.asked = Asked.of("Sluicegate Works", model, "Nine", null);
            f.found = Found.chosen(model, "Sluicegate Works", model, "Nine", new TreeMap<>(Map.of(1, 9)));
            f.addresses = List.of(new Patch(1, new At(1, 1 + 9 * (number - 1)), 9));
        });
    }

    /** Hands a scene over. @param profiles that it holds, by their file */
    static Answer hand(Map<String, byte[]> profiles, Unit... units) {
        var rig = Rig.EMPTY.withUnits(List.of(units));
        var specs = new LinkedHashMap<String, String>();
        rig.units().forEach(unit -> specs.put(unit.found().pin(), unit.found().pin() + ".gdtf"));
        var entries = new LinkedHashMap<String, byte[]>();
        entries.put(Scene.ENTRY, FreshScene.of(rig, specs).write());
        entries.putAll(profiles);
        return RunningKite.uploadOne("/api/scenes", "weir.mvr", Archive.write(entries));
    }
}
