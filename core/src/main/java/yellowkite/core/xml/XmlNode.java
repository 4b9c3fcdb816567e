package yellowkite.core.xml;

import java.util.List;

/** A piece of XML as it was read: what the document keeps for elements that it has no place for. */
public sealed interface XmlNode {

    record Attribute(String name, String value) {}

    /** Comments and text between the children stand in {@code children}; white space alone does not. */
    record Element(String name, List<Attribute> attributes, List<XmlNode> children) implements XmlNode {
        public Element {
            attributes = List.copyOf(attributes);
            children = List.copyOf(children);
        }
    }

    record Text(String text) implements XmlNode {}

    record Comment(String text) implements XmlNode {}

    record Instruction(String target, String data) implements XmlNode {}
}
