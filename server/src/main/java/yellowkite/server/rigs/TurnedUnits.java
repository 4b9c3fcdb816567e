package yellowkite.server.rigs;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import yellowkite.core.rig.Unit;
import yellowkite.server.library.UseRepository;
import yellowkite.server.revisions.RevisionRepository;

/** Units that turn pan or tilt otherwise than their profile, each by its own adjustment. */
@RestController
class TurnedUnits {
    /** Nobody looks through more. */
    private static final int MOST = 50;
    private final UseRepository uses;
    private final RevisionRepository revisions;
    private final Rigs rigs;

    TurnedUnits(UseRepository uses, RevisionRepository revisions, Rigs rigs) {
        this.uses = uses;
        this.revisions = revisions;
        this.rigs = rigs;
    }

    /** @param how what it does, in words */
    record TurnedUnit(String rigId, String rig, String unit, String how) {}

    /** 200 with the units of all rigs that pin the profile and swap or invert pan and tilt by themselves. */
    @GetMapping("/api/profiles/{profileId}/turned-units")
    List<TurnedUnit> of(@PathVariable String profileId) {
        var found = new ArrayList<TurnedUnit>();
        var ours = new HashMap<String, Boolean>();
        for (var use : uses.of(List.of(profileId)).getOrDefault(profileId, List.of())) {
            if (use.kind() == UseRepository.Kind.RIG) {
                rigs.require(use.profileId())
                    .rig()
                    .units()
                    .stream()
                    .filter(unit -> ours.computeIfAbsent(unit.found().pin(),
                            pin -> revisions.findById(pin).filter(each -> each.profileId().equals(profileId)).isPresent()))
                    .forEach(unit -> {
                        var how = how(unit);
                        if (!how.isEmpty()) {
                            found.add(new TurnedUnit(use.profileId(), use.name(), unit.called(), String.join(", ", how)));
                        }
                    });
            }
        }
        return found.stream().distinct().limit(MOST).toList();
    }

    private static List<String> how(Unit unit) {
        var how = new ArrayList<String>();
        if (unit.adjustments().swapPanTilt()) {
            how.add("pan and tilt swapped");
        }
        for (var attribute : List.of("Pan", "Tilt")) {
            boolean inverted = unit.adjustments()
                .channels()
                .entrySet()
                .stream()
                .anyMatch(each -> (each.getKey().equals(attribute) || each.getKey().endsWith("_" + attribute)) && each.getValue().invert());
            if (inverted) {
                how.add(attribute.toLowerCase(java.util.Locale.ROOT) + " inverted");
            }
        }
        return how;
    }
}
