package yellowkite.core.mvr;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import yellowkite.core.xml.XmlNode.Attribute;
import yellowkite.core.xml.XmlNode.Element;
import yellowkite.core.xml.XmlNode;

/** Elements as they are looked at and changed. What is not changed stays the same object. */
final class Nodes {
    private Nodes() {}

    static Stream<Element> children(Element of) {
        return of.children().stream().filter(Element.class::isInstance).map(Element.class::cast);
    }

    static Stream<Element> children(Element of, String name) {
        return children(of).filter(each -> each.name().equals(name));
    }

    static Optional<Element> child(Element of, String name) {
        return children(of, name).findFirst();
    }

    /** {@return the text of a child, without spaces around it; empty without one} */
    static String text(Element of, String name) {
        return child(of, name).map(Nodes::text).orElse("");
    }

    static String text(Element of) {
        return of.children()
            .stream()
            .filter(XmlNode.Text.class::isInstance)
            .map(each -> ((XmlNode.Text) each).text())
            .collect(Collectors.joining())
            .strip();
    }

    /** {@return an attribute; empty without one} */
    static String attribute(Element of, String name) {
        return of.attributes().stream().filter(each -> each.name().equals(name)).map(Attribute::value).findFirst().orElse("");
    }

    static Element withAttribute(Element of, String name, String value) {
        var all = new ArrayList<>(of.attributes());
        for (int i = 0; i < all.size(); i++) {
            if (all.get(i).name().equals(name)) {
                all.set(i, new Attribute(name, value));
                return new Element(of.name(), all, of.children());
            }
        }
        all.add(new Attribute(name, value));
        return new Element(of.name(), all, of.children());
    }

    /** {@return the element with a child put in the place of the one of its name, or behind the others} */
    static Element withChild(Element of, Element child) {
        var all = new ArrayList<>(of.children());
        for (int i = 0; i < all.size(); i++) {
            if (all.get(i) instanceof Element was && was.name().equals(child.name())) {
                all.set(i, child);
                return withChildren(of, all);
            }
        }
        all.add(child);
        return withChildren(of, all);
    }

    static Element withoutChild(Element of, String name) {
        return withChildren(of, of.children().stream().filter(each -> !(each instanceof Element was && was.name().equals(name))).toList());
    }

    static Element withChildren(Element of, List<? extends XmlNode> children) {
        return new Element(of.name(), of.attributes(), List.copyOf(children));
    }

    /** {@return the element with the text of a child set; empty text takes the child away} */
    static Element withText(Element of, String name, String text) {
        return text.isEmpty() ? withoutChild(of, name)
                : withChild(of, child(of, name).map(was -> withChildren(was, List.of(new XmlNode.Text(text)))).orElse(element(name, text)));
    }

    static Element element(String name, String text) {
        return new Element(name, List.of(), text.isEmpty() ? List.of() : List.of(new XmlNode.Text(text)));
    }

    /** @param attributes names and values in turn */
    static Element element(String name, List<? extends XmlNode> children, String... attributes) {
        var all = new ArrayList<Attribute>();
        for (int i = 0; i < attributes.length; i += 2) {
            all.add(new Attribute(attributes[i], attributes[i + 1]));
        }
        return new Element(name, all, List.copyOf(children));
    }
}
