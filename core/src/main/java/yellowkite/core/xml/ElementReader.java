package yellowkite.core.xml;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * One element on its way to a record. What is asked for is known; {@link #source} answers the rest. Ask for children in the standard's
 * order, the order in which they are written.
 */
public final class ElementReader {
    private static final XmlNode.Element ABSENT = new XmlNode.Element("", List.of(), List.of());

    private final XmlNode.Element element;
    private final @Nullable ElementReader parent;
    private final Reading reading;
    private final List<XmlNode.Attribute> attributes;
    private final boolean[] known;
    /** How many attributes nobody has asked for, and behind which one the last was found. */
    private int left;
    private int next;
    /** Kinds that were asked for, in that order. Most elements have no children, so nothing is made for them. */
    private List<Kind> kinds = List.of();
    private Map<String, ElementReader> sections = Map.of();

    /**
     * @param names of its elements; null if they all bear the kind's name
     * @param single whether only the first child of that name is known
     */
    private record Kind(String name, @Nullable Set<String> names, boolean single) {
        boolean holds(XmlNode.Element element) {
            return names == null ? name.equals(element.name()) : names.contains(element.name());
        }
    }

    /** What the readers of one document share: ids and notes. */
    public static final class Reading {
        private int nextId = 1;
        private final List<ReadNote> notes = new ArrayList<>();

        public int nextId() {
            return nextId;
        }

        public List<ReadNote> notes() {
            return notes;
        }
    }

    private ElementReader(XmlNode.Element element, @Nullable ElementReader parent, Reading reading) {
        this.element = element;
        this.parent = parent;
        this.reading = reading;
        this.attributes = element.attributes();
        this.known = new boolean[attributes.size()];
        this.left = known.length;
    }

    /** {@return the reader of a document's root element} */
    public static ElementReader ofRoot(XmlNode.Element root, Reading reading) {
        return new ElementReader(root, null, reading);
    }

    public String name() {
        return element.name();
    }

    public int newId() {
        return reading.nextId++;
    }

    public int nextId() {
        return reading.nextId();
    }

    /** {@return the attribute's text; empty if it is absent} */
    public String text(String attribute) {
        var found = find(attribute);
        return found == null ? "" : found;
    }

    /** {@return whether the attribute is there} It is not known by that alone. */
    public boolean has(String attribute) {
        for (var each : attributes) {
            if (each.name().equals(attribute)) {
                return true;
            }
        }
        return false;
    }

    /** {@return the attribute's value; {@code otherwise} if it is absent or not of its form, which is noted} */
    public <T> T value(String attribute, TextForm<? extends T> form, T otherwise) {
        T value = valueOrNull(attribute, form);
        return value == null ? otherwise : value;
    }

    /** Like {@link #value}, null if it is absent or not of its form. */
    public <T> @Nullable T valueOrNull(String attribute, TextForm<? extends T> form) {
        var text = find(attribute);
        return text == null ? null : parse(attribute, text, form);
    }

    private <T> @Nullable T parse(String attribute, String text, TextForm<? extends T> form) {
        try {
            return form.parse(text);
        } catch (IllegalArgumentException bad) {
            reading.notes.add(new ReadNote(path(), attribute, text, String.valueOf(bad.getMessage())));
            return null;
        }
    }

    /** Like {@link #value}, where the text {@code None} says that there is none. */
    public <T> @Nullable T valueOrNone(String attribute, TextForm<T> form) {
        var text = find(attribute);
        return text == null || text.equals("None") ? null : parse(attribute, text, form);
    }

    private @Nullable String find(String attribute) {
        // files write attributes in the order in which they are asked for, and most of those that are asked for are absent
        for (int i = 0; i < known.length && left > 0; i++) {
            int at = next + i < known.length ? next + i : next + i - known.length;
            if (!known[at] && attributes.get(at).name().equals(attribute)) {
                known[at] = true;
                left--;
                next = at + 1;
                return attributes.get(at).value();
            }
        }
        return null;
    }

    public <T> List<T> children(String name, Function<ElementReader, T> read) {
        return element.children().isEmpty() ? List.of() : children(new Kind(name, null, false), read);
    }

    /** {@return the child elements of any of those names, in their common order} */
    public <T> List<T> children(String kind, Set<String> names, Function<ElementReader, T> read) {
        return element.children().isEmpty() ? List.of() : children(new Kind(kind, names, false), read);
    }

    private <T> List<T> children(Kind kind, Function<ElementReader, T> read) {
        ask(kind);
        List<T> found = List.of();
        for (var child : element.children()) {
            if (child instanceof XmlNode.Element inner && kind.holds(inner)) {
                found = found.isEmpty() ? new ArrayList<>(element.children().size()) : found;
                found.add(read.apply(new ElementReader(inner, this, reading)));
            }
        }
        return found;
    }

    /** {@return the first child of that name, read; none if there is no such child} A second one is kept unread. */
    public <T> Optional<T> child(String name, Function<ElementReader, T> read) {
        return findSingle(name).map(read);
    }

    /** {@return the first child of that name, which only groups others; an empty one if there is none} A second one is kept unread. */
    public ElementReader section(String name) {
        var section = findSingle(name);
        section.ifPresent(found -> {
            sections = sections.isEmpty() ? new LinkedHashMap<>() : sections;
            sections.put(name, found);
        });
        return section.orElseGet(() -> new ElementReader(ABSENT, this, reading));
    }

    private Optional<ElementReader> findSingle(String name) {
        if (element.children().isEmpty()) {
            return Optional.empty();
        }
        ask(new Kind(name, null, true));
        for (var child : element.children()) {
            if (child instanceof XmlNode.Element inner && inner.name().equals(name)) {
                return Optional.of(new ElementReader(inner, this, reading));
            }
        }
        return Optional.empty();
    }

    private void ask(Kind kind) {
        kinds = kinds.isEmpty() ? new ArrayList<>(2) : kinds;
        kinds.add(kind);
    }

    /** {@return what was not asked for} To be called last, once all that is known was read. */
    public Source source() {
        List<XmlNode.Attribute> unknown = List.of();
        for (int i = 0; i < known.length; i++) {
            if (!known[i]) {
                unknown = unknown.isEmpty() ? new ArrayList<>() : unknown;
                unknown.add(element.attributes().get(i));
            }
        }
        Map<String, Source> sectionSources = sections.isEmpty() ? Map.of() : new HashMap<>();
        sections.forEach((name, section) -> sectionSources.put(name, section.source()));
        return new Source(element.attributes(), unknown, layout(), sectionSources);
    }

    private List<Source.Place> layout() {
        if (isStandard()) {
            return List.of();
        }
        var places = new ArrayList<Source.Place>(element.children().size());
        var seen = new HashSet<String>();
        for (var child : element.children()) {
            int index = kindOf(child);
            boolean known = index >= 0 && (!kinds.get(index).single() || seen.add(kinds.get(index).name()));
            places.add(known ? new Source.Place.Known(kinds.get(index).name()) : new Source.Place.Kept(child));
        }
        return places;
    }

    /** {@return whether every child is known and they stand in the order in which they were asked for} */
    private boolean isStandard() {
        int last = 0;
        boolean repeatedSingle = false;
        int before = -1;
        for (var child : element.children()) {
            int index = kindOf(child);
            repeatedSingle |= index >= 0 && index == before && kinds.get(index).single();
            if (index < last || repeatedSingle) {
                return false;
            }
            last = index;
            before = index;
        }
        return true;
    }

    /** {@return the index of the kind that holds a child; -1 if none does} */
    private int kindOf(XmlNode child) {
        if (child instanceof XmlNode.Element inner) {
            for (int i = 0; i < kinds.size(); i++) {
                if (kinds.get(i).holds(inner)) {
                    return i;
                }
            }
        }
        return -1;
    }

    private String path() {
        var name = element.attributes()
            .stream()
            .filter(a -> a.name().equals("Name"))
            .findFirst()
            .map(a -> element.name() + " '" + a.value() + "'")
            .orElse(element.name());
        return parent == null || parent.parent == null ? name : parent.path() + " / " + name;
    }
}
