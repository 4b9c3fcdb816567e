package yellowkite.core.rig;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Consumer;
import yellowkite.core.build.ProfileBuilder;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.Geometry;
import yellowkite.core.rig.edit.RigEdit;

/** Builds rigs that a person can read. */
public final class Rigs {
    public static final Found SPOT = Found.chosen("spot", "Tidewick", "Petrel Spot", "Extended", new TreeMap<>(Map.of(1, 22)));
    public static final Found PAR = Found.chosen("par", "Lumbrook", "Moth", "Nine", new TreeMap<>(Map.of(1, 9)));
    /** A batten with its pixels on a break of their own. */
    public static final Found BATTEN = Found.chosen("batten", "Osier & Vane", "Reedline 10", "Pixels", new TreeMap<>(Map.of(1, 4, 2, 40)));

    private Rigs() {}

    public static Rig of(Unit... units) {
        return Rig.EMPTY.withName("Summer").withUnits(Arrays.asList(units));
    }

    /** {@return a unit whose uuid is its id} @param at of its breaks, in their order */
    public static Unit unit(String id, Found found, String... at) {
        return unit(id, found, f -> {}, at);
    }

    public static Unit unit(String id, Found found, Consumer<Unit.Fields> more, String... at) {
        return Unit.of(f -> {
            f.uuid = id;
            f.id = id;
            f.name = "Unit " + id;
            f.asked = Asked.of(found.manufacturer(), found.model(), found.mode(), null);
            f.found = found;
            var breaks = List.copyOf(found.breaks().entrySet());
            f.addresses = java.util.stream.IntStream.range(0, at.length)
                .mapToObj(i -> new Patch(breaks.get(i).getKey(), At.of(at[i]), breaks.get(i).getValue()))
                .toList();
            more.accept(f);
        });
    }

    /** {@return the rig after some edits, all of which fit} */
    public static Rig after(Rig rig, RigEdit... edits) {
        var now = rig;
        for (var edit : edits) {
            now = ((Outcome.Applied<Rig>) edit.acceptedOn(now)).after();
        }
        return now;
    }

    /** {@return why an edit does not fit: its field and the reason} */
    public static Outcome.Rejected<Rig> refused(Rig rig, RigEdit edit) {
        return (Outcome.Rejected<Rig>) edit.acceptedOn(rig);
    }

    public static List<String> addresses(Rig rig) {
        return rig.units().stream().map(unit -> unit.id() + " " + unit.addressWords()).toList();
    }

    /**
     * {@return a mode of 7 addresses: a dimmer (1) under the grand master, pan (2, 3) and tilt (4, 5) of 16 bits which start in the middle,
     * a gobo (6) that starts at 20, and at 7 nothing; and at 8 a shutter, so that the footprint has a gap}
     */
    public static CompiledMode head() {
        var type = ProfileBuilder.profile("Tidewick", "Petrel Spot")
            .body(ProfileBuilder.part(Geometry.Kind.Geometry, "Base",
                    ProfileBuilder.part(Geometry.Kind.Axis, "Yoke", ProfileBuilder.part(Geometry.Kind.Axis, "Head"))))
            .mode("Short", "Base",
                    mode -> mode
                        .channel("Dimmer", "Head", List.of(1), c -> c.grandMaster().function("Dimmer", 0, f -> f.physical(0, 1)))
                        .channel("Pan", "Yoke", List.of(2, 3), c -> c.function("Pan", 0, f -> f.physical(-270, 270).start(32_768)))
                        .channel("Tilt", "Head", List.of(4, 5), c -> c.function("Tilt", 0, f -> f.physical(-135, 135).start(32_768)))
                        .channel("Gobo1", "Head", List.of(6), c -> c.function("Gobos", 0, f -> f.physical(0, 1).start(20)))
                        .channel("Shutter1", "Head", List.of(8), c -> c.function("Shutter", 0, f -> f.physical(0, 1))))
            .build();
        return CompiledMode.of(type, type.modes().getFirst());
    }
}
