package yellowkite.core.profile;

import java.util.List;
import java.util.stream.Stream;
import yellowkite.core.xml.Source;

/** A part of the fixture's body: one element of GDTF {@code Geometries}. Names are unique in the fixture type. */
public sealed interface Geometry {

    String name();

    /** {@return the name of its model; empty = none} */
    String model();

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

    /**
     * @param model name of its model; empty = none
     * @param position on its parent
     * @param details what only this kind of part has
     */
    record Part(Kind kind, String name, String model, Matrix position, Details details, List<Geometry> children,
            Source source) implements Geometry {
        public Part {
            children = List.copyOf(children);
        }

        public Part withChildren(List<Geometry> to) {
            return new Part(kind, name, model, position, details, to, source);
        }
    }

    /**
     * A top-level geometry used again in this place, with addresses of its own: GDTF {@code GeometryReference}.
     *
     * @param geometry name of a top-level geometry
     */
    record Reference(String name, String model, Matrix position, String geometry, List<Break> breaks, Source source) implements Geometry {
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

    /** What only one kind of part has. */
    sealed interface Details {}

    /** A part with nothing of its own, or with what is only carried along. */
    enum NoDetails implements Details { NONE }

    /**
     * What comes out of a {@code Beam}.
     *
     * @param powerConsumption W
     * @param luminousFlux lm
     * @param colorTemperature K
     * @param beamAngle degrees, as is the field angle
     * @param beamRadius m
     * @param emitterSpectrum name of an emitter; empty = none
     */
    record BeamDetails(String lampType, double powerConsumption, double luminousFlux, double colorTemperature, double beamAngle,
            double fieldAngle, double throwRatio, double rectangleRatio, double beamRadius, BeamType beamType,
            double colorRenderingIndex, String emitterSpectrum) implements Details {
        /** The standard's defaults. */
        public static final BeamDetails DEFAULT = new BeamDetails("Discharge", 1000, 10_000, 6000, 25, 25, 1, 1.7777, 0.05, BeamType.Wash,
                100, "");
    }

    /** By the standard's names. */
    enum BeamType {
        Wash, Spot, None, Rectangle, PC, Fresnel, Glow
    }

    /** @param texture name of its picture in the archive; empty = none */
    record DisplayDetails(String texture) implements Details {}

    /**
     * @param colorType {@code RGB}, {@code SingleWaveLength} ...
     * @param color of a laser of one colour, nm
     * @param outputStrength W
     * @param emitter name; empty = none
     * @param beamDiameter mm at the exit
     * @param beamDivergenceMin mrad, as is the maximum
     * @param scanAnglePan degrees, as is tilt
     * @param scanSpeed kilopoints a second
     * @param protocols names
     */
    record LaserDetails(String colorType, double color, double outputStrength, String emitter, double beamDiameter,
            double beamDivergenceMin, double beamDivergenceMax, double scanAnglePan, double scanAngleTilt, double scanSpeed,
            List<LaserProtocol> protocols) implements Details {
        public LaserDetails {
            protocols = List.copyOf(protocols);
        }
    }

    record LaserProtocol(String name, Source source) {}

    record WiringDetails(List<PinPatch> pinPatches) implements Details {
        public WiringDetails {
            pinPatches = List.copyOf(pinPatches);
        }
    }

    /** Which pin leads where. */
    record PinPatch(String toWiringObject, int fromPin, int toPin, Source source) {}
}
