package yellowkite.core.profile;

import java.util.List;
import java.util.stream.Stream;
import yellowkite.core.xml.Source;

/** A part of the fixture's body: one element of GDTF {@code Geometries}. Names are unique in the fixture type. */
public sealed interface Geometry {

    String name();

    /** {@return the name of its model; empty = none} */
    String model();

    /** {@return where it stands on its parent} */
    Matrix position();

    Source source();

    Geometry withName(String to);

    Geometry withModel(String to);

    Geometry withPosition(Matrix to);

    /** {@return the geometries inside this one; empty for a reference} */
    List<Geometry> children();

    /** {@return this geometry and all inside it, in document order} */
    default Stream<Geometry> walk() {
        return Stream.concat(Stream.of(this), children().stream().flatMap(Geometry::walk));
    }

    /** The kinds of part, by the standard's element names. */
    enum Kind {
        Geometry, Axis, FilterBeam, FilterColor, FilterGobo, FilterShaper, Beam, MediaServerLayer, MediaServerCamera,
        MediaServerMaster, Display, Laser, WiringObject, Inventory, Structure, Support, Magnet;

        /** {@return what only this kind has, where nothing is said} */
        public Details blank() {
            return switch (this) {
                case Beam -> BeamDetails.DEFAULT;
                case Display -> new DisplayDetails("");
                case Laser -> new LaserDetails("", 0, 0, "", 0, 0, 0, 0, 0, 0, List.of());
                case WiringObject -> WiringDetails.NONE;
                case Inventory -> new InventoryDetails(1);
                case Structure -> new StructureDetails("", "", "", 0, 0, "");
                case Support -> new SupportDetails("", "", "", SupportDetails.NOTHING, SupportDetails.NOTHING);
                default -> NoDetails.NONE;
            };
        }
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

        public Part withDetails(Details to) {
            return new Part(kind, name, model, position, to, children, source);
        }

        @Override
        public Part withName(String to) {
            return new Part(kind, to, model, position, details, children, source);
        }

        @Override
        public Part withModel(String to) {
            return new Part(kind, name, to, position, details, children, source);
        }

        @Override
        public Part withPosition(Matrix to) {
            return new Part(kind, name, model, to, details, children, source);
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

        public Reference withGeometry(String to) {
            return new Reference(name, model, position, to, breaks, source);
        }

        public Reference withBreaks(List<Break> to) {
            return new Reference(name, model, position, geometry, to, source);
        }

        @Override
        public Reference withName(String to) {
            return new Reference(to, model, position, geometry, breaks, source);
        }

        @Override
        public Reference withModel(String to) {
            return new Reference(name, to, position, geometry, breaks, source);
        }

        @Override
        public Reference withPosition(Matrix to) {
            return new Reference(name, model, to, geometry, breaks, source);
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

        /** {@return the field angle, degrees: where one is stated that is narrower than the beam, the beam's} */
        public double widestAngle() {
            return Math.max(fieldAngle, beamAngle);
        }
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

        public LaserDetails withProtocols(List<LaserProtocol> to) {
            return new LaserDetails(colorType, color, outputStrength, emitter, beamDiameter, beamDivergenceMin, beamDivergenceMax,
                    scanAnglePan, scanAngleTilt, scanSpeed, to);
        }
    }

    record LaserProtocol(String name, Source source) {}

    /**
     * A plug, socket, fuse or supply inside the fixture.
     *
     * @param connectorType as the standard lists them, such as {@code XLR5}
     * @param componentType {@code Input}, {@code Output}, {@code PowerSource}, {@code Consumer}, {@code Fuse} ...
     * @param signalType {@code Power}, {@code DMX512}, {@code Protocol} ...
     * @param payload W that it draws. @param voltageLow V, as is the high one. @param frequencyLow Hz, as is the high one
     * @param maxPayload VA that it gives. @param voltage V that it gives
     * @param fuseCurrent A. @param fuseRating {@code B}, {@code C}, {@code D}, {@code K} or {@code Z}
     * @param orientation {@code Left}, {@code Right}, {@code Top} or {@code Bottom}
     */
    record WiringDetails(String connectorType, String componentType, String signalType, int pinCount, double payload, double voltageLow,
            double voltageHigh, double frequencyLow, double frequencyHigh, double maxPayload, double voltage, int signalLayer,
            double cosPhi, double fuseCurrent, String fuseRating, String orientation, String wireGroup,
            List<PinPatch> pinPatches) implements Details {
        /** One that says nothing. */
        public static final WiringDetails NONE = new WiringDetails("", "", "", 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, "", "", "", List.of());

        public WiringDetails {
            pinPatches = List.copyOf(pinPatches);
        }

        public WiringDetails withPinPatches(List<PinPatch> to) {
            return new WiringDetails(connectorType, componentType, signalType, pinCount, payload, voltageLow, voltageHigh, frequencyLow,
                    frequencyHigh, maxPayload, voltage, signalLayer, cosPhi, fuseCurrent, fuseRating, orientation, wireGroup, to);
        }
    }

    /** @param count how many of it are kept */
    record InventoryDetails(int count) implements Details {}

    /**
     * What carries: a truss, a tube.
     *
     * @param linkedGeometry name of the part that it is. @param structureType {@code CenterLineBased} or {@code Detail}
     * @param crossSectionType {@code TrussFramework} or {@code Tube}
     * @param crossSectionHeight m, as is the wall's thickness. @param trussCrossSection its name
     */
    record StructureDetails(String linkedGeometry, String structureType, String crossSectionType, double crossSectionHeight,
            double crossSectionWallThickness, String trussCrossSection) implements Details {}

    /**
     * What it is carried by: a rope, a foot.
     *
     * @param supportType {@code Rope} or {@code GroundSupport}. @param ropeOffset m, as written
     * @param capacity N along x, y, z and Nm about them. @param resistance N/m along them and Nm/degree about them
     */
    record SupportDetails(String supportType, String ropeCrossSection, String ropeOffset, List<Double> capacity,
            List<Double> resistance) implements Details {
        static final List<Double> NOTHING = List.of(0.0, 0.0, 0.0, 0.0, 0.0, 0.0);

        public SupportDetails {
            capacity = List.copyOf(capacity);
            resistance = List.copyOf(resistance);
            Require.inRange("capacity", capacity.size(), 6, 6);
            Require.inRange("resistance", resistance.size(), 6, 6);
        }
    }

    /** Which pin leads where. */
    record PinPatch(String toWiringObject, int fromPin, int toPin, Source source) {}
}
