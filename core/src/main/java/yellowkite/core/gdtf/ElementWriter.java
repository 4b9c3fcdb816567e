package yellowkite.core.gdtf;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Consumer;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import yellowkite.core.profile.Source;
import yellowkite.core.profile.XmlNode;

/**
 * A record on its way back to an element. A value that still means what the file said keeps the file's spelling; a
 * default that the file left out stays out; what was unknown returns to its place.
 */
final class ElementWriter {
    private final String name;
    private final Source source;
    private final List<XmlNode.Attribute> attributes = new ArrayList<>();
    private Map<String, List<XmlNode.Element>> children = Map.of();

    ElementWriter(String name, Source source) {
        this.name = name;
        this.source = source;
    }

    ElementWriter text(String attribute, String value) {
        return value(attribute, TextForm.TEXT, value, "");
    }

    /** Writes the attribute even if it holds its default: the standard wants it to be there. */
    ElementWriter requiredText(String attribute, String value) {
        if (source == Source.NONE && value.isEmpty()) {
            attributes.add(new XmlNode.Attribute(attribute, ""));
            return this;
        }
        return text(attribute, value);
    }

    <T extends @Nullable Object> ElementWriter value(String attribute, TextForm<T> form, T value, T otherwise) {
        var spelling = source.spelling(attribute);
        if (spelling != null && Objects.equals(meaning(spelling, form, otherwise), value)) {
            attributes.add(new XmlNode.Attribute(attribute, spelling));
        } else if (value != null && (spelling != null || !value.equals(otherwise))) {
            attributes.add(new XmlNode.Attribute(attribute, form.format(value)));
        }
        return this;
    }

    private static <T extends @Nullable Object> T meaning(String spelling, TextForm<T> form, T otherwise) {
        try {
            return form.parse(spelling);
        } catch (IllegalArgumentException notOfItsForm) {
            return otherwise; // as the reader took it
        }
    }

    <T> ElementWriter children(String kind, List<T> nodes, Function<T, XmlNode.Element> write) {
        return put(kind, nodes.stream().map(write).toList());
    }

    /** Writes a grouping child if the file had it or it has content now. */
    ElementWriter section(String kind, Consumer<ElementWriter> write) {
        var was = source.section(kind);
        var section = new ElementWriter(kind, was == null ? Source.NONE : was);
        write.accept(section);
        var element = section.done();
        boolean empty = element.attributes().isEmpty() && element.children().isEmpty();
        return put(kind, was == null && empty ? List.of() : List.of(element));
    }

    private ElementWriter put(String kind, List<XmlNode.Element> elements) {
        if (!elements.isEmpty()) {
            children = children.isEmpty() ? new LinkedHashMap<>() : children;
            children.put(kind, elements);
        }
        return this;
    }

    XmlNode.Element done() {
        attributes.addAll(source.unknown());
        return new XmlNode.Element(name, attributes, laidOut());
    }

    private List<XmlNode> laidOut() {
        var layout = source.layout();
        var nodes = new ArrayList<XmlNode>();
        if (layout.isEmpty()) {
            children.values().forEach(nodes::addAll);
            return nodes;
        }
        var left = new LinkedHashMap<String, ArrayList<XmlNode.Element>>();
        children.forEach((kind, elements) -> left.put(kind, new ArrayList<>(elements)));
        for (int i = 0; i < layout.size(); i++) {
            switch (layout.get(i)) {
                case Source.Place.Kept kept -> nodes.add(kept.node());
                case Source.Place.Known known -> {
                    var queue = left.getOrDefault(known.kind(), new ArrayList<>());
                    // what was added since goes behind the last of its kind
                    int count = lastOfKind(layout, i, known.kind()) ? queue.size() : Math.min(1, queue.size());
                    var taken = queue.subList(0, count);
                    nodes.addAll(taken);
                    taken.clear();
                }
            }
        }
        left.values().forEach(nodes::addAll);
        return nodes;
    }

    private static boolean lastOfKind(List<Source.Place> layout, int index, String kind) {
        return layout.subList(index + 1, layout.size()).stream()
                .noneMatch(place -> place instanceof Source.Place.Known later && later.kind().equals(kind));
    }
}
