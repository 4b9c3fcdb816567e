package yellowkite.core.gdtf;

import java.util.List;
import yellowkite.core.archive.FormatException;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.xml.ElementReader;
import yellowkite.core.xml.ElementWriter;
import yellowkite.core.xml.ReadNote;
import yellowkite.core.xml.Source;
import yellowkite.core.xml.XmlNode;
import yellowkite.core.xml.XmlPrinter;
import yellowkite.core.xml.XmlText;

/**
 * {@code description.xml}: the fixture type, and what stands around it.
 *
 * @param dataVersion the standard's version that the file names; empty if it names none
 * @param before comments and instructions before the root element
 * @param after those after it
 * @param source what the root element holds beside the fixture type
 * @param notes values that were tolerated while reading
 */
public record GdtfDescription(String dataVersion, FixtureType type, List<XmlNode> before, List<XmlNode> after, Source source,
        List<ReadNote> notes) {

    /** The archive entry that holds it. */
    public static final String ENTRY = "description.xml";
    /** A description of 500 channels and 50 modes is about 10 MB. */
    static final int MAX_BYTES = 32 << 20;
    private static final String CURRENT_VERSION = "1.2";

    public GdtfDescription {
        before = List.copyOf(before);
        after = List.copyOf(after);
        notes = List.copyOf(notes);
    }

    /** {@return the description of a fixture type made here} */
    public static GdtfDescription of(FixtureType type) {
        return new GdtfDescription(CURRENT_VERSION, type, List.of(), List.of(), Source.NONE, List.of());
    }

    /** {@return the same description around another fixture type} */
    public GdtfDescription withType(FixtureType to) {
        return to == type ? this : new GdtfDescription(dataVersion, to, before, after, source, notes);
    }

    /**
     * @throws FormatException if the bytes are not well-formed XML under the limits, or no GDTF description; a bad value in a well-formed
     * one is only noted
     */
    public static GdtfDescription read(byte[] xml) {
        var nodes = XmlText.parse(ENTRY, xml, MAX_BYTES);
        int index = 0;
        while (!(nodes.get(index) instanceof XmlNode.Element)) {
            index++;
        }
        var root = (XmlNode.Element) nodes.get(index);
        if (!root.name().equals("GDTF")) {
            throw new FormatException(ENTRY, 0, "begins with <" + shorten(root.name()) + "> where <GDTF> is expected");
        }
        var reading = new ElementReader.Reading();
        var in = ElementReader.ofRoot(root, reading);
        var version = in.text("DataVersion");
        var type = in.child("FixtureType", FixtureTypeXml::read)
            .orElseThrow(() -> new FormatException(ENTRY, 0, "holds no <FixtureType>"));
        return new GdtfDescription(version, type, nodes.subList(0, index), nodes.subList(index + 1, nodes.size()),
                in.source(), reading.notes());
    }

    /** {@return the description as UTF-8 XML} */
    public byte[] write() {
        var root = new ElementWriter("GDTF", source)
            .text("DataVersion", dataVersion)
            .children("FixtureType", List.of(type), FixtureTypeXml::write);
        return XmlPrinter.print(before, root, after);
    }

    private static String shorten(String name) {
        return name.length() <= 40 ? name : name.substring(0, 37) + "...";
    }
}
