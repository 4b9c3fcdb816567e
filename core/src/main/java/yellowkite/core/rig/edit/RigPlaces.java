package yellowkite.core.rig.edit;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Stream;
import yellowkite.core.history.Places;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.Unit;
import yellowkite.core.rig.UniverseFacts;

/** Where two rigs differ: two people's edits of different units stand beside each other, and of different fields of one. */
public final class RigPlaces implements Places<Rig, RigPlaces.Place> {
    public static final RigPlaces ALL = new RigPlaces();

    private RigPlaces() {}

    /** What of a rig can be changed by itself. */
    public enum Part {
        FACTS, UNIVERSE, ASIDE, ID, NAME, FIXTURE, ADDRESS, WHERE, GROUPS, ADJUSTMENTS, REST
    }

    /** @param of uuid of the unit, or the universe's number; empty for the rig's own facts */
    public record Place(Part part, String of) {}

    @Override
    public Set<Place> between(Rig before, Rig after) {
        var places = new HashSet<Place>();
        if (!before.withUnits(after.units()).withAside(after.aside()).withUniverses(after.universes()).equals(after)) {
            places.add(new Place(Part.FACTS, ""));
        }
        Stream.concat(before.universes().stream().filter(each -> !after.universes().contains(each)),
                after.universes().stream().filter(each -> !before.universes().contains(each)))
            .map(UniverseFacts::universe)
            .forEach(universe -> places.add(new Place(Part.UNIVERSE, universe.toString())));
        if (!before.aside().equals(after.aside())) {
            places.add(new Place(Part.ASIDE, ""));
        }
        var was = new HashMap<String, Unit>();
        before.units().forEach(unit -> was.put(unit.uuid(), unit));
        for (var unit : after.units()) {
            var old = was.remove(unit.uuid());
            if (old == null) {
                whole(unit, places);
            } else if (old != unit) {
                parts(old, unit, places);
            }
        }
        was.values().forEach(gone -> whole(gone, places));
        return places;
    }

    private static void whole(Unit unit, Set<Place> places) {
        for (var part : Part.values()) {
            if (part != Part.FACTS && part != Part.UNIVERSE && part != Part.ASIDE) {
                places.add(new Place(part, unit.uuid()));
            }
        }
    }

    private static void parts(Unit before, Unit after, Set<Place> places) {
        add(Part.ID, before.id(), after.id(), after, places);
        add(Part.NAME, before.name(), after.name(), after, places);
        add(Part.FIXTURE, before.found(), after.found(), after, places);
        add(Part.ADDRESS, before.addresses(), after.addresses(), after, places);
        add(Part.WHERE, before.position() + "/" + before.number() + before.place(), after.position() + "/" + after.number() + after.place(),
                after, places);
        add(Part.GROUPS, before.layer() + before.groups(), after.layer() + after.groups(), after, places);
        add(Part.ADJUSTMENTS, before.adjustments(), after.adjustments(), after, places);
        add(Part.REST, rest(before), rest(after), after, places);
    }

    private static Unit rest(Unit unit) {
        var nothing = Unit.of(f -> f.uuid = "-");
        return unit.with(f -> {
            f.id = "";
            f.name = "";
            f.found = nothing.found();
            f.asked = nothing.asked();
            f.addresses = nothing.addresses();
            f.position = null;
            f.number = null;
            f.place = null;
            f.layer = "";
            f.groups = nothing.groups();
            f.adjustments = nothing.adjustments();
        });
    }

    private static void add(Part part, Object before, Object after, Unit unit, Set<Place> places) {
        if (!Objects.equals(before, after)) {
            places.add(new Place(part, unit.uuid()));
        }
    }

    @Override
    public String words(Rig now, Rig before, Place place) {
        var unit = now.find(place.of()).or(() -> before.find(place.of())).map(each -> "unit " + each.id()).orElse("a unit");
        return switch (place.part()) {
            case FACTS -> "the facts of the rig";
            case ASIDE -> "the units that were set aside";
            case UNIVERSE -> "universe " + place.of();
            case ID -> "the id of " + unit;
            case NAME -> "the name of " + unit;
            case FIXTURE -> "the fixture of " + unit;
            case ADDRESS -> "the address of " + unit;
            case WHERE -> "the position of " + unit;
            case GROUPS -> "layer and groups of " + unit;
            case ADJUSTMENTS -> "the adjustments of " + unit;
            case REST -> unit;
        };
    }
}
