package yellowkite.core.xml;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/**
 * What a file said about one element beyond the document's own components, so that writing loses nothing: every attribute with its
 * spelling, the attributes and child nodes that the document has no place for, and the order of the children where it is not the
 * standard's.
 *
 * <p>
 * Two sources are equal if they carry the same unknown attributes and the same layout: how a known value was spelled does not make two
 * documents different.
 */
public final class Source {
    /** Nothing was read: the element was made here. */
    public static final Source NONE = new Source(List.of(), List.of(), List.of(), Map.of());

    private final List<XmlNode.Attribute> attributes;
    private final List<XmlNode.Attribute> unknown;
    private final List<Place> layout;
    private final Map<String, Source> sections;

    /** One place among an element's children. */
    public sealed interface Place {
        /** The next child of a kind that the document holds itself. */
        record Known(String kind) implements Place {}

        /** A node that is kept as it was found. */
        record Kept(XmlNode node) implements Place {}
    }

    /**
     * @param attributes all attributes of the element, as spelled
     * @param unknown those of them that the document has no place for
     * @param layout the children in their order; empty if all are known and in the standard's order
     * @param sections the sources of child elements that only group others ({@code Wheels}, {@code DMXModes} ...), by name
     */
    public Source(List<XmlNode.Attribute> attributes, List<XmlNode.Attribute> unknown, List<Place> layout,
            Map<String, Source> sections) {
        this.attributes = List.copyOf(attributes);
        this.unknown = List.copyOf(unknown);
        this.layout = List.copyOf(layout);
        this.sections = Map.copyOf(sections);
    }

    public List<XmlNode.Attribute> attributes() {
        return attributes;
    }

    public List<XmlNode.Attribute> unknown() {
        return unknown;
    }

    public List<Place> layout() {
        return layout;
    }

    /** {@return the text of an attribute as the file had it, or null if it had none} */
    public @Nullable String spelling(String attribute) {
        for (var each : attributes) {
            if (each.name().equals(attribute)) {
                return each.value();
            }
        }
        return null;
    }

    /** {@return the sources of all grouping child elements, by name, in a fixed order} */
    public Map<String, Source> sections() {
        return new TreeMap<>(sections);
    }

    /** {@return the source of a grouping child element, or null if the file had no such element} */
    public @Nullable Source section(String name) {
        return sections.get(name);
    }

    @Override
    public boolean equals(@Nullable Object other) {
        return this == other
                || other instanceof Source that && unknown.equals(that.unknown) && layout.equals(that.layout)
                        && sections.equals(that.sections);
    }

    @Override
    public int hashCode() {
        return Objects.hash(unknown, layout, sections);
    }
}
