package yellowkite.core.gdtf;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import yellowkite.core.profile.Geometry;
import yellowkite.core.profile.Geometry.BeamType;
import yellowkite.core.profile.Geometry.Kind;
import yellowkite.core.xml.ElementReader;
import yellowkite.core.xml.ElementWriter;
import yellowkite.core.xml.Source;
import yellowkite.core.xml.XmlNode;

/** What only one kind of part has, attribute by attribute, by the standard's names and in its forms. */
public final class PartAttributes {
    private static final int LONGEST = 120;
    private static final double MOST = 1e7;
    private static final double WIDEST = 360;

    /** What is written into an attribute. */
    public enum Form {
        NUMBER, WHOLE, TEXT, CHOICE
    }

    /**
     * One attribute of a kind of part.
     *
     * @param name the standard's. @param label in plain words. @param unit sign of its unit; empty = none
     * @param choices of a choice, by the standard's words
     */
    public record Attribute(Kind kind, String name, String label, String unit, Form form, List<String> choices) {
        public Attribute {
            choices = List.copyOf(choices);
        }
    }

    private static final List<Attribute> ALL = List.of(
            choice(Kind.Beam, "LampType", "Light source", "Discharge", "Tungsten", "Halogen", "LED"),
            choice(Kind.Beam, "BeamType", "Kind of beam", Arrays.stream(BeamType.values()).map(Enum::name).toArray(String[]::new)),
            number(Kind.Beam, "BeamAngle", "Beam angle", "\u00b0"), number(Kind.Beam, "FieldAngle", "Field angle", "\u00b0"),
            number(Kind.Beam, "LuminousFlux", "Luminous flux", "lm"), number(Kind.Beam, "ColorTemperature", "Colour temperature", "K"),
            number(Kind.Beam, "PowerConsumption", "Power", "W"), number(Kind.Beam, "ColorRenderingIndex", "Colour rendering index", ""),
            number(Kind.Beam, "BeamRadius", "Radius of the lens", "m"), number(Kind.Beam, "ThrowRatio", "Throw ratio", ""),
            number(Kind.Beam, "RectangleRatio", "Ratio of a rectangle", ""), text(Kind.Beam, "EmitterSpectrum", "Spectrum of emitter"),
            text(Kind.Display, "Texture", "Picture"),
            choice(Kind.Laser, "ColorType", "Colour", "RGB", "SingleWaveLength"), number(Kind.Laser, "Color", "Wavelength", "nm"),
            number(Kind.Laser, "OutputStrength", "Output", "W"), text(Kind.Laser, "Emitter", "Emitter"),
            number(Kind.Laser, "BeamDiameter", "Beam diameter", "mm"), number(Kind.Laser, "BeamDivergenceMin", "Least divergence", "mrad"),
            number(Kind.Laser, "BeamDivergenceMax", "Largest divergence", "mrad"),
            number(Kind.Laser, "ScanAnglePan", "Scan angle, pan", "\u00b0"),
            number(Kind.Laser, "ScanAngleTilt", "Scan angle, tilt", "\u00b0"), number(Kind.Laser, "ScanSpeed", "Scan speed", "kpps"),
            text(Kind.WiringObject, "ConnectorType", "Connector"),
            choice(Kind.WiringObject, "ComponentType", "Works as", "Input", "Output", "PowerSource", "Consumer", "Fuse", "NetworkProvider",
                    "NetworkInput", "NetworkOutput", "NetworkInOut"),
            choice(Kind.WiringObject, "SignalType", "Signal", "Power", "DMX512", "Protocol", "AES", "AnalogVideo", "AnalogAudio"),
            whole(Kind.WiringObject, "PinCount", "Pins"), number(Kind.WiringObject, "ElectricalPayLoad", "Draws", "W"),
            number(Kind.WiringObject, "VoltageRangeMin", "Lowest voltage", "V"),
            number(Kind.WiringObject, "VoltageRangeMax", "Highest voltage", "V"),
            number(Kind.WiringObject, "FrequencyRangeMin", "Lowest frequency", "Hz"),
            number(Kind.WiringObject, "FrequencyRangeMax", "Highest frequency", "Hz"),
            number(Kind.WiringObject, "MaxPayLoad", "Gives at most", "VA"), number(Kind.WiringObject, "Voltage", "Gives", "V"),
            whole(Kind.WiringObject, "SignalLayer", "Signal layer"), number(Kind.WiringObject, "CosPhi", "Power factor", ""),
            number(Kind.WiringObject, "FuseCurrent", "Fuse", "A"),
            choice(Kind.WiringObject, "FuseRating", "Fuse rating", "B", "C", "D", "K", "Z"),
            choice(Kind.WiringObject, "Orientation", "Side", "Left", "Right", "Top", "Bottom"),
            text(Kind.WiringObject, "WireGroup", "Wire group"),
            whole(Kind.Inventory, "Count", "How many"),
            text(Kind.Structure, "LinkedGeometry", "Is the part"),
            choice(Kind.Structure, "StructureType", "Drawn as", "CenterLineBased", "Detail"),
            choice(Kind.Structure, "CrossSectionType", "Cross section", "TrussFramework", "Tube"),
            number(Kind.Structure, "CrossSectionHeight", "Height of the section", "m"),
            number(Kind.Structure, "CrossSectionWallThickness", "Wall", "m"),
            text(Kind.Structure, "TrussCrossSection", "Section of the truss"),
            choice(Kind.Support, "SupportType", "Held by", "Rope", "GroundSupport"), text(Kind.Support, "RopeCrossSection", "Rope"),
            text(Kind.Support, "RopeOffset", "Offset of the rope {x,y,z}"),
            number(Kind.Support, "CapacityX", "Carries along x", "N"), number(Kind.Support, "CapacityY", "Carries along y", "N"),
            number(Kind.Support, "CapacityZ", "Carries along z", "N"), number(Kind.Support, "CapacityXX", "Carries about x", "Nm"),
            number(Kind.Support, "CapacityYY", "Carries about y", "Nm"), number(Kind.Support, "CapacityZZ", "Carries about z", "Nm"),
            number(Kind.Support, "ResistanceX", "Stiffness along x", "N/m"),
            number(Kind.Support, "ResistanceY", "Stiffness along y", "N/m"),
            number(Kind.Support, "ResistanceZ", "Stiffness along z", "N/m"),
            number(Kind.Support, "ResistanceXX", "Stiffness about x", "Nm/\u00b0"),
            number(Kind.Support, "ResistanceYY", "Stiffness about y", "Nm/\u00b0"),
            number(Kind.Support, "ResistanceZZ", "Stiffness about z", "Nm/\u00b0"));

    /** What each attribute says where a file does not name it. */
    private static final Map<Attribute, String> STANDARD = ALL.stream().collect(Collectors.toMap(each -> each, PartAttributes::unsaid));

    private PartAttributes() {}

    /** A writer leaves out what says the default, unless the file that it came from said otherwise: so it says otherwise. */
    private static String unsaid(Attribute attribute) {
        var another = attribute.form() == Form.CHOICE ? attribute.choices().getLast() : attribute.form() == Form.TEXT ? "-" : "-1";
        var source = new Source(List.of(new XmlNode.Attribute(attribute.name(), another)), List.of(), List.of(), Map.of());
        var out = new ElementWriter(attribute.kind().name(), source);
        DetailsXml.write(attribute.kind().blank(), out);
        return find(out.bare().attributes(), attribute);
    }

    private static String find(List<XmlNode.Attribute> attributes, Attribute attribute) {
        return attributes.stream()
            .filter(each -> each.name().equals(attribute.name()))
            .map(XmlNode.Attribute::value)
            .findFirst()
            .orElse("");
    }

    /** {@return what an attribute says where a file does not name it; empty if that is nothing} Source: GDTF, defaults of "Geometry" */
    public static String standard(Attribute attribute) {
        return STANDARD.getOrDefault(attribute, "");
    }

    private static Attribute number(Kind kind, String name, String label, String unit) {
        return new Attribute(kind, name, label, unit, Form.NUMBER, List.of());
    }

    private static Attribute whole(Kind kind, String name, String label) {
        return new Attribute(kind, name, label, "", Form.WHOLE, List.of());
    }

    private static Attribute text(Kind kind, String name, String label) {
        return new Attribute(kind, name, label, "", Form.TEXT, List.of());
    }

    private static Attribute choice(Kind kind, String name, String label, String... choices) {
        return new Attribute(kind, name, label, "", Form.CHOICE, List.of(choices));
    }

    /** {@return the attributes that a kind of part has} */
    public static Stream<Attribute> of(Kind kind) {
        return ALL.stream().filter(each -> each.kind() == kind);
    }

    /** {@return what a part's attribute says; empty where it says the standard's default} */
    public static String text(Geometry.Part part, Attribute attribute) {
        return find(written(part), attribute);
    }

    private static List<XmlNode.Attribute> written(Geometry.Part part) {
        var out = new ElementWriter(part.kind().name(), Source.NONE);
        DetailsXml.write(part.details(), out);
        return out.bare().attributes();
    }

    /**
     * {@return the part with one attribute changed} @param text as the standard writes it; empty = its default
     *
     * @throws IllegalArgumentException with a sentence, if the part has no such attribute or the text is not of its form
     */
    public static Geometry.Part with(Geometry.Part part, String name, String text) {
        var attribute = of(part.kind()).filter(each -> each.name().equals(name))
            .findFirst()
            .orElseThrow(() -> new IllegalArgumentException("'" + part.name() + "' has no such field as '" + name + "'."));
        var typed = text.strip();
        if (typed.length() > LONGEST) {
            throw new IllegalArgumentException(attribute.label() + " has at most " + LONGEST + " characters.");
        }
        if (attribute.form() == Form.CHOICE && !typed.isEmpty() && !attribute.choices().contains(typed)) {
            throw new IllegalArgumentException(attribute.label() + " is one of " + String.join(", ", attribute.choices()) + ".");
        }
        var attributes = new ArrayList<>(written(part));
        attributes.removeIf(each -> each.name().equals(name));
        if (!typed.isEmpty()) {
            attributes.add(new XmlNode.Attribute(name, attribute.form() == Form.NUMBER ? typed.replace(',', '.') : typed));
        }
        var reading = new ElementReader.Reading();
        var details = DetailsXml.read(part.kind(),
                ElementReader.ofRoot(new XmlNode.Element(part.kind().name(), attributes, List.of()), reading));
        if (!reading.notes().isEmpty()) {
            throw new IllegalArgumentException(
                    attribute.label() + " is " + reading.notes().getFirst().expected() + ", not '" + typed + "'.");
        }
        var changed = part.withDetails(withChildrenOf(part.details(), details));
        requireSound(changed, attribute, typed);
        return changed;
    }

    /** What is no attribute stays. */
    private static Geometry.Details withChildrenOf(Geometry.Details before, Geometry.Details after) {
        return switch (after) {
            case Geometry.WiringDetails wiring when before instanceof Geometry.WiringDetails was -> wiring.withPinPatches(was.pinPatches());
            case Geometry.LaserDetails laser when before instanceof Geometry.LaserDetails was -> laser.withProtocols(was.protocols());
            default -> after;
        };
    }

    private static void requireSound(Geometry.Part part, Attribute attribute, String typed) {
        if (attribute.form() != Form.NUMBER && attribute.form() != Form.WHOLE || typed.isEmpty()) {
            return;
        }
        var written = text(part, attribute);
        double value = written.isEmpty() ? 0 : Double.parseDouble(written);
        double most = attribute.unit().equals("\u00b0") ? WIDEST : MOST;
        if (value < 0 || value > most) {
            throw new IllegalArgumentException(
                    attribute.label() + " lies from 0 to " + (long) most + ", " + typed + " is outside.");
        }
    }
}
