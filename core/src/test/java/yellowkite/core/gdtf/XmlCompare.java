package yellowkite.core.gdtf;

import java.util.Comparator;
import java.util.List;
import yellowkite.core.xml.XmlNode;

/** Brings nodes to a form in which only what matters differs: the order of attributes does not. */
final class XmlCompare {
    private XmlCompare() {}

    static List<XmlNode> unordered(List<XmlNode> nodes) {
        return nodes.stream().map(XmlCompare::unordered).toList();
    }

    private static XmlNode unordered(XmlNode node) {
        return node instanceof XmlNode.Element element
                ? new XmlNode.Element(element.name(),
                        element.attributes().stream().sorted(Comparator.comparing(XmlNode.Attribute::name)).toList(),
                        unordered(element.children()))
                : node;
    }
}
