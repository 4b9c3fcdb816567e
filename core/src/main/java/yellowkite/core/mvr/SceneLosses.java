package yellowkite.core.mvr;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import yellowkite.core.check.Finding;
import yellowkite.core.check.Severity;
import yellowkite.core.rig.Adjustments.ChannelAdjustment;
import yellowkite.core.rig.Adjustments;
import yellowkite.core.rig.Collisions;
import yellowkite.core.rig.Differing;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.Unit;

/** What a scene of a rig will lack, or carry although it is wrong, told before it is written. */
public final class SceneLosses {
    private static final Set<String> OF_PICTURES = Set.of("picture-size", "unreadable-picture");
    private static final Set<String> CARRIED = Set.of("Pan", "Tilt");

    private SceneLosses() {}

    /** What kind of thing it is about. */
    public enum Kind {
        NO_PROFILE, PROFILE_ERRORS, PROFILE_PICTURES, NAME, NO_ADDRESS, COLLISION, ADJUSTMENT, NOTE, TAG
    }

    /** @param unit uuid of the unit to look at. @param says one sentence */
    public record Loss(Kind kind, String unit, String says) {}

    /**
     * What the checks find in a profile.
     *
     * @param errors how many. @param picture what is said of a picture that the standard does not allow; null if they are all right
     */
    public record Flaws(int errors, @Nullable String picture) {
        /** {@return what of the checks' findings counts} */
        public static Flaws of(List<Finding> findings) {
            return new Flaws((int) findings.stream().filter(each -> each.severity() == Severity.ERROR).count(),
                    findings.stream().filter(each -> OF_PICTURES.contains(each.rule())).map(Finding::says).findFirst().orElse(null));
        }
    }

    /**
     * {@return them, kind by kind}
     *
     * @param flaws of each profile that has any, by its pin
     * @param carried notes by the uuid of their units that the scene which came in has already
     */
    public static List<Loss> of(Rig rig, Map<String, Flaws> flaws, Map<String, String> carried) {
        var losses = new ArrayList<Loss>();
        rig.units()
            .stream()
            .filter(unit -> !unit.found().hasProfile())
            .forEach(unit -> losses.add(new Loss(Kind.NO_PROFILE, unit.uuid(),
                    "Unit " + unit.called() + " has no profile: it goes out by name alone, as " + unit.asked().words() + ".")));
        rig.units()
            .stream()
            .filter(unit -> unit.found().hasProfile())
            .collect(Collectors.toMap(unit -> unit.found().pin(), unit -> unit, (first, second) -> first,
                    LinkedHashMap::new))
            .forEach((pin, unit) -> ofProfile(unit, flaws.getOrDefault(pin, new Flaws(0, null)), losses));
        rig.units()
            .stream()
            .filter(unit -> !unit.hasAddress())
            .forEach(unit -> losses.add(new Loss(Kind.NO_ADDRESS, unit.uuid(), "Unit " + unit.called() + " has no address.")));
        Collisions.of(rig.units())
            .stream()
            .filter(each -> !each.meant())
            .forEach(each -> losses.add(new Loss(Kind.COLLISION, each.units().getFirst().uuid(), each.says())));
        rig.units().forEach(unit -> ofUnit(unit, carried.getOrDefault(unit.uuid(), ""), losses));
        return losses;
    }

    private static void ofProfile(Unit unit, Flaws flaws, List<Loss> losses) {
        var found = unit.found();
        var name = found.manufacturer() + " " + found.model();
        if (flaws.errors() > 0) {
            losses.add(new Loss(Kind.PROFILE_ERRORS, unit.uuid(),
                    "The checks find " + flaws.errors() + (flaws.errors() == 1 ? " error" : " errors") + " in " + name + "."));
        }
        if (flaws.picture() != null) {
            losses.add(new Loss(Kind.PROFILE_PICTURES, unit.uuid(), name + ": " + flaws.picture()));
        }
        var file = SceneProfiles.nameOf(found);
        if (!file.equals(found.manufacturer() + "@" + found.model())) {
            losses.add(new Loss(Kind.NAME, unit.uuid(),
                    "The standard cannot hold the name " + name + " as it is: its file is called '" + file + ".gdtf'."));
        }
    }

    private static void ofUnit(Unit unit, String carried, List<Loss> losses) {
        var own = Differing.of(without(unit.adjustments()));
        if (!own.isEmpty()) {
            losses.add(new Loss(Kind.ADJUSTMENT, unit.uuid(), "Unit " + unit.called() + ": the format cannot carry "
                    + String.join("; ", own.stream().map(Differing.ChangedStep::says).toList()) + "."));
        }
        if (!unit.note().isEmpty() && !unit.note().equals(carried)) {
            losses.add(new Loss(Kind.NOTE, unit.uuid(), "The note of unit " + unit.called() + " stays here."));
        }
        if (!unit.colour().isEmpty() || unit.dipOffset() != 0) {
            losses.add(new Loss(Kind.TAG, unit.uuid(), "Colour tag and DIP offset of unit " + unit.called() + " stay here."));
        }
    }

    /** What is left of adjustments once pan and tilt are inverted by the scene. */
    private static Adjustments without(Adjustments own) {
        var left = own;
        for (var attribute : CARRIED) {
            var channel = own.channels().get(attribute);
            left = channel == null ? left : left.with(attribute, channel.withInvert(ChannelAdjustment.NONE.invert()));
        }
        return left;
    }
}
