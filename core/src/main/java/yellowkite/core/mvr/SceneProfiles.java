package yellowkite.core.mvr;

import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import yellowkite.core.rig.Found;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.Unit;
import yellowkite.core.text.FreshName;

/** What the profiles of a rig are called inside a scene. Source: GDTF, file names: {@code Manufacturer@Model.gdtf}. */
public final class SceneProfiles {
    private static final String ENDING = ".gdtf";

    private SceneProfiles() {}

    /** {@return the file of each profile by its pin, each name once} */
    public static Map<String, String> specs(Rig rig) {
        return specs(rig.units(), Set.of());
    }

    /** Like {@link #specs(Rig)}, of some units. @param others files whose names are not to be had */
    public static Map<String, String> specs(List<Unit> units, Collection<String> others) {
        var specs = new LinkedHashMap<String, String>();
        var taken = others.stream()
            .filter(each -> each.endsWith(ENDING))
            .map(each -> each.substring(0, each.length() - ENDING.length()))
            .collect(Collectors.toCollection(HashSet::new));
        units.stream()
            .map(Unit::found)
            .filter(found -> found.hasProfile())
            .forEach(found -> specs.computeIfAbsent(found.pin(), pin -> FreshName.of(taken, nameOf(found)) + ENDING));
        return specs;
    }

    /** {@return uuids of the units that are what they were when they came, and whose profile the file has} @param base the rig then */
    public static Set<String> untouched(Rig rig, Rig base, MvrFile file) {
        var then = new HashMap<String, Found>();
        base.units().forEach(unit -> then.putIfAbsent(unit.uuid(), unit.found()));
        return rig.units()
            .stream()
            .filter(unit -> file.profileOf(unit.asked().spec()).isPresent())
            .filter(unit -> unit.found().isSameMode(then.getOrDefault(unit.uuid(), Found.NOTHING)))
            .map(Unit::uuid)
            .collect(Collectors.toSet());
    }

    /** {@return what a profile's file is called, without its ending} */
    static String nameOf(Found found) {
        return plain(found.manufacturer()) + "@" + plain(found.model());
    }

    /** Signs that file names or the standard's own signs in them cannot be. */
    private static String plain(String name) {
        return name.replaceAll("[@/\\\\:*?\"<>|\\p{Cntrl}]", " ").strip();
    }
}
