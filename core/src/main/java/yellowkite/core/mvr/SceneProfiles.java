package yellowkite.core.mvr;

import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.Map;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.Unit;
import yellowkite.core.text.FreshName;

/** What the profiles of a rig are called inside a scene. Source: GDTF, file names: {@code Manufacturer@Model.gdtf}. */
public final class SceneProfiles {
    private SceneProfiles() {}

    /** {@return the file of each profile by its pin, each name once} */
    public static Map<String, String> specs(Rig rig) {
        var specs = new LinkedHashMap<String, String>();
        var taken = new HashSet<String>();
        rig.units()
            .stream()
            .map(Unit::found)
            .filter(found -> found.hasProfile())
            .forEach(found -> specs.computeIfAbsent(found.pin(),
                    pin -> FreshName.of(taken, plain(found.manufacturer()) + "@" + plain(found.model())) + ".gdtf"));
        return specs;
    }

    /** Signs that file names or the standard's own signs in them cannot be. */
    private static String plain(String name) {
        return name.replaceAll("[@/\\\\:*?\"<>|\\p{Cntrl}]", " ").strip();
    }
}
