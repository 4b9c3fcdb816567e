package yellowkite.core.xml;

import com.ctc.wstx.api.WstxInputProperties;
import com.ctc.wstx.stax.WstxInputFactory;
import java.io.ByteArrayInputStream;
import java.util.ArrayList;
import java.util.List;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import yellowkite.core.archive.FormatException;

/** XML bytes to nodes. No document type is accepted, so no entity can reach out or grow. */
public final class XmlText {
    /** The open formats nest about ten deep beside their bodies and groups; those seldom twenty. */
    public static final int MAX_DEPTH = 256;
    /** The longest legal attribute lists a spectrum or a gamut. */
    public static final int MAX_ATTRIBUTE_LENGTH = 1 << 18;
    private static final int MAX_ATTRIBUTES = 128;

    private static final XMLInputFactory INPUT = input();
    private static final XmlNode[] NONE = {};

    private XmlText() {}

    private static XMLInputFactory input() {
        var factory = new WstxInputFactory();
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        // A prefix is part of the name here: what is unknown is written back as it stood.
        factory.setProperty(XMLInputFactory.IS_NAMESPACE_AWARE, false);
        factory.setProperty(XMLInputFactory.IS_COALESCING, true);
        // A text that is read late fails late, where nobody expects it.
        factory.setProperty(WstxInputProperties.P_LAZY_PARSING, false);
        factory.setProperty(WstxInputProperties.P_MAX_ELEMENT_DEPTH, MAX_DEPTH);
        factory.setProperty(WstxInputProperties.P_MAX_ATTRIBUTE_SIZE, MAX_ATTRIBUTE_LENGTH);
        factory.setProperty(WstxInputProperties.P_MAX_ATTRIBUTES_PER_ELEMENT, MAX_ATTRIBUTES);
        return factory;
    }

    /**
     * {@return the nodes of a document: one element, and the comments and instructions before and after it}
     *
     * @param entry the document's path, for the message
     * @param limit of its size, in bytes
     * @throws FormatException if the bytes are not well-formed XML, hold a document type, or pass a limit
     */
    public static List<XmlNode> parse(String entry, byte[] bytes, int limit) {
        if (bytes.length > limit) {
            throw new FormatException(entry, 0, "is larger than the limit of " + (limit >> 20) + " MB");
        }
        try {
            var in = INPUT.createXMLStreamReader(new ByteArrayInputStream(bytes));
            var nodes = new ArrayList<XmlNode>();
            while (in.next() != XMLStreamConstants.END_DOCUMENT) {
                if (in.getEventType() == XMLStreamConstants.DTD) {
                    throw new FormatException(entry, in.getLocation().getLineNumber(), "holds a DOCTYPE, which no such file needs");
                }
                addNode(in, nodes);
            }
            return nodes;
        } catch (XMLStreamException malformed) {
            int line = malformed.getLocation() == null ? 0 : malformed.getLocation().getLineNumber();
            throw new FormatException(entry, line, reason(malformed));
        }
    }

    private static String reason(XMLStreamException malformed) {
        var message = malformed.getMessage() == null ? "" : malformed.getMessage();
        if (message.contains("Maximum Element Depth")) {
            return "nests elements deeper than " + MAX_DEPTH;
        }
        if (message.contains("Maximum attribute size")) {
            return "holds an attribute longer than " + MAX_ATTRIBUTE_LENGTH + " characters";
        }
        if (message.contains("Attribute limit")) {
            return "holds an element with more than " + MAX_ATTRIBUTES + " attributes";
        }
        return "is not well-formed XML";
    }

    /** Puts a node behind those that wait for the end of their parent: one list serves all depths, and most elements have no children. */
    private static void addNode(XMLStreamReader in, List<XmlNode> nodes) throws XMLStreamException {
        switch (in.getEventType()) {
            case XMLStreamConstants.START_ELEMENT -> nodes.add(element(in, nodes));
            case XMLStreamConstants.COMMENT -> nodes.add(new XmlNode.Comment(in.getText()));
            case XMLStreamConstants.PROCESSING_INSTRUCTION ->
                nodes.add(new XmlNode.Instruction(in.getPITarget(), in.getPIData() == null ? "" : in.getPIData()));
            case XMLStreamConstants.CHARACTERS, XMLStreamConstants.CDATA -> {
                if (!in.isWhiteSpace()) {
                    nodes.add(new XmlNode.Text(in.getText()));
                }
            }
            default -> {
            } // white space between elements has no meaning here
        }
    }

    private static XmlNode.Element element(XMLStreamReader in, List<XmlNode> open) throws XMLStreamException {
        var name = in.getLocalName();
        int count = in.getAttributeCount();
        var attributes = new XmlNode.Attribute[count];
        for (int i = 0; i < count; i++) {
            attributes[i] = new XmlNode.Attribute(in.getAttributeLocalName(i), in.getAttributeValue(i));
        }
        int first = open.size();
        while (in.next() != XMLStreamConstants.END_ELEMENT) {
            addNode(in, open);
        }
        var children = open.subList(first, open.size());
        var element = new XmlNode.Element(name, List.of(attributes), List.of(children.toArray(NONE)));
        children.clear();
        return element;
    }
}
