package yellowkite.core.xml;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.Iterator;
import java.util.List;
import java.util.Objects;
import java.util.function.Consumer;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * A record on its way back to an element. A value that still means what the file said keeps the file's spelling; a default that the file
 * left out stays out; what was unknown returns to its place. Children become elements only while they are printed, so that a large document
 * is never there twice.
 */
public final class ElementWriter {
    private final String name;
    private final Source source;
    /** Names and values in turn. */
    private final List<String> attributes = new ArrayList<>(16);
    private List<Children<?>> children = List.of();

    /** Children of one kind, and how each becomes an element. */
    private record Children<T>(String kind, List<T> nodes, Function<T, ElementWriter> write) {
        Iterator<ElementWriter> elements() {
            var each = nodes.iterator();
            return new Iterator<>() {
                @Override
                public boolean hasNext() {
                    return each.hasNext();
                }

                @Override
                public ElementWriter next() {
                    return write.apply(each.next());
                }
            };
        }
    }

    public ElementWriter(String name, Source source) {
        this.name = name;
        this.source = source;
    }

    public ElementWriter text(String attribute, String value) {
        return value(attribute, TextForm.TEXT, value, "");
    }

    /** Writes the attribute even if it holds its default: the standard wants it to be there. */
    public ElementWriter requiredText(String attribute, String value) {
        return source == Source.NONE && value.isEmpty() ? put(attribute, "") : text(attribute, value);
    }

    public <T> ElementWriter value(String attribute, TextForm<T> form, @Nullable T value, @Nullable T otherwise) {
        var spelling = source.spelling(attribute);
        if (spelling != null && Objects.equals(meaning(spelling, form, otherwise), value)) {
            return put(attribute, spelling);
        }
        return value != null && (spelling != null || !value.equals(otherwise)) ? put(attribute, form.format(value)) : this;
    }

    private static <T> @Nullable T meaning(String spelling, TextForm<T> form, @Nullable T otherwise) {
        try {
            return form.parse(spelling);
        } catch (IllegalArgumentException notOfItsForm) {
            return otherwise; // as the reader took it
        }
    }

    private ElementWriter put(String attribute, String value) {
        attributes.add(attribute);
        attributes.add(value);
        return this;
    }

    public <T> ElementWriter children(String kind, List<T> nodes, Function<T, ElementWriter> write) {
        if (!nodes.isEmpty()) {
            children = children.isEmpty() ? new ArrayList<>(4) : children;
            children.add(new Children<>(kind, nodes, write));
        }
        return this;
    }

    /** Writes a child that there is at most one of. */
    public <T> ElementWriter child(String kind, @Nullable T node, Function<T, ElementWriter> write) {
        return node == null ? this : children(kind, List.of(node), write);
    }

    /** Writes a grouping child if the file had it or it has content now. */
    public ElementWriter section(String kind, Consumer<ElementWriter> write) {
        var was = source.section(kind);
        var section = new ElementWriter(kind, was == null ? Source.NONE : was);
        write.accept(section);
        return was == null && section.attributes.isEmpty() && section.children.isEmpty() ? this
                : children(kind, List.of(section), each -> each);
    }

    /** {@return the element with its attributes and nothing inside} */
    public XmlNode.Element bare() {
        var all = new ArrayList<XmlNode.Attribute>();
        for (int i = 0; i < attributes.size(); i += 2) {
            all.add(new XmlNode.Attribute(attributes.get(i), attributes.get(i + 1)));
        }
        return new XmlNode.Element(name, all, List.of());
    }

    /** Prints the element with all inside it. */
    void print(int depth, XmlPrinter out) {
        var layout = source.layout();
        boolean mixed = !layout.isEmpty()
                && layout.stream().anyMatch(place -> place instanceof Source.Place.Kept kept && kept.node() instanceof XmlNode.Text);
        out.startElement(name);
        printAttributes(out);
        if (layout.isEmpty()) {
            for (var kind : children) {
                printAll(kind.elements(), depth + 1, false, out);
            }
        } else {
            printLaidOut(layout, depth + 1, mixed, out);
        }
        out.endElement(name, depth, mixed);
    }

    private void printAttributes(XmlPrinter out) {
        for (int i = 0; i < attributes.size(); i += 2) {
            out.attribute(attributes.get(i), attributes.get(i + 1));
        }
        for (var unknown : source.unknown()) {
            out.attribute(unknown.name(), unknown.value());
        }
    }

    private static void printAll(Iterator<ElementWriter> elements, int depth, boolean mixed, XmlPrinter out) {
        while (elements.hasNext()) {
            printOne(elements.next(), depth, mixed, out);
        }
    }

    private static void printOne(ElementWriter element, int depth, boolean mixed, XmlPrinter out) {
        out.indent(depth, mixed);
        element.print(depth, out);
    }

    private void printLaidOut(List<Source.Place> layout, int depth, boolean mixed, XmlPrinter out) {
        var left = new HashMap<String, Iterator<ElementWriter>>();
        children.forEach(kind -> left.put(kind.kind(), kind.elements()));
        var last = new HashMap<String, Integer>();
        for (int i = 0; i < layout.size(); i++) {
            if (layout.get(i) instanceof Source.Place.Known known) {
                last.put(known.kind(), i);
            }
        }
        for (int i = 0; i < layout.size(); i++) {
            switch (layout.get(i)) {
                case Source.Place.Kept kept -> out.child(kept.node(), depth, mixed);
                case Source.Place.Known known -> {
                    var queue = left.getOrDefault(known.kind(), Collections.emptyIterator());
                    if (Objects.requireNonNull(last.get(known.kind())) == i) {
                        printAll(queue, depth, mixed, out); // what was added since goes behind the last of its kind
                    } else if (queue.hasNext()) {
                        printOne(queue.next(), depth, mixed, out);
                    }
                }
            }
        }
        for (var kind : children) {
            printAll(Objects.requireNonNull(left.get(kind.kind())), depth, mixed, out);
        }
    }
}
