package yellowkite.core.profile;

import java.util.List;
import java.util.stream.Stream;

/** A part of the lamp's body: one element of GDTF {@code Geometries}. Names are unique in the fixture type. */
public sealed interface Geometry {

    String name();

    /** {@return the geometries inside this one; empty for a reference} */
    List<Geometry> children();

    /** {@return this geometry and all inside it, in document order} */
    default Stream<Geometry> walk() {
        return Stream.concat(Stream.of(this), children().stream().flatMap(Geometry::walk));
    }

    /** The kinds of part, by the standard's element names. */
    enum Kind {
        Geometry, Axis, FilterBeam, FilterColor, FilterGobo, FilterShaper, Beam, MediaServerLayer, MediaServerCamera,
        MediaServerMaster, Display, Laser, WiringObject, Inventory, Structure, Support, Magnet
    }

    /** @param model name of its model; empty = none */
    record Part(Kind kind, String name, String model, List<Geometry> children, Source source) implements Geometry {
        public Part {
            children = List.copyOf(children);
        }
    }

    /**
     * A top-level geometry used again in this place, with addresses of its own: GDTF {@code GeometryReference}.
     *
     * @param geometry name of a top-level geometry
     */
    record Reference(String name, String model, String geometry, List<Break> breaks, Source source) implements Geometry {
        public Reference {
            breaks = List.copyOf(breaks);
        }

        @Override
        public List<Geometry> children() {
            return List.of();
        }
    }

    /**
     * Where the channels of one break begin under a reference.
     *
     * @param dmxOffset 1 = the fixture's first address; {@code universe.address} is read as (universe - 1) 512 + address
     */
    record Break(int dmxOffset, int dmxBreak, Source source) {}
}
