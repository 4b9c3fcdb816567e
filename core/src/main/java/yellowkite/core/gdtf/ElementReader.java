package yellowkite.core.gdtf;

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
import yellowkite.core.profile.Source;
import yellowkite.core.profile.XmlNode;

/**
 * One element on its way to a record. What is asked for is known; {@link #source} answers the rest. Ask for children in
 * the standard's order, the order in which they are written.
 */
final class ElementReader {
    private static final XmlNode.Element ABSENT = new XmlNode.Element("", List.of(), List.of());

    private final XmlNode.Element element;
    private final @Nullable ElementReader parent;
    private final Reading reading;
    private final boolean[] known;
    private final Map<String, Integer> kinds = new HashMap<>();
    private final List<String> kindNames = new ArrayList<>();
    private final Map<String, ElementReader> sections = new LinkedHashMap<>();
    private final Set<String> singles = new HashSet<>();

    /** What the readers of one document share: ids and notes. */
    static final class Reading {
        private int nextId = 1;
        private final List<ReadNote> notes = new ArrayList<>();

        int nextId() {
            return nextId;
        }

        List<ReadNote> notes() {
            return notes;
        }
    }

    ElementReader(XmlNode.Element element, @Nullable ElementReader parent, Reading reading) {
        this.element = element;
        this.parent = parent;
        this.reading = reading;
        this.known = new boolean[element.attributes().size()];
    }

    String name() {
        return element.name();
    }

    int newId() {
        return reading.nextId++;
    }

    int nextId() {
        return reading.nextId();
    }

    /** {@return the attribute's text; empty if it is absent} */
    String text(String attribute) {
        var found = find(attribute);
        return found == null ? "" : found;
    }

    boolean has(String attribute) {
        return find(attribute) != null;
    }

    /** {@return the attribute's value; {@code otherwise} if it is absent or not of its form, which is noted} */
    <T extends @Nullable Object> T value(String attribute, TextForm<? extends T> form, T otherwise) {
        var text = find(attribute);
        if (text == null) {
            return otherwise;
        }
        try {
            return form.parse(text);
        } catch (IllegalArgumentException bad) {
            reading.notes.add(new ReadNote(path(), attribute, text, String.valueOf(bad.getMessage())));
            return otherwise;
        }
    }

    /** Like {@link #value}, where the text {@code None} says that there is none. */
    <T> @Nullable T valueOrNone(String attribute, TextForm<T> form) {
        return "None".equals(find(attribute)) ? null : value(attribute, form, null);
    }

    private @Nullable String find(String attribute) {
        var attributes = element.attributes();
        for (int i = 0; i < known.length; i++) {
            if (attributes.get(i).name().equals(attribute)) {
                known[i] = true;
                return attributes.get(i).value();
            }
        }
        return null;
    }

    <T> List<T> children(String name, Function<ElementReader, T> read) {
        return children(name, Set.of(name), read);
    }

    /** {@return the child elements of any of those names, in their common order} */
    <T> List<T> children(String kind, Set<String> names, Function<ElementReader, T> read) {
        names.forEach(name -> kinds.put(name, kindNames.size()));
        kindNames.add(kind);
        List<T> found = List.of();
        for (var child : element.children()) {
            if (child instanceof XmlNode.Element inner && names.contains(inner.name())) {
                if (found.isEmpty()) {
                    found = new ArrayList<>();
                }
                found.add(read.apply(new ElementReader(inner, this, reading)));
            }
        }
        return found;
    }

    /** {@return the first child of that name, read; none if there is no such child} A second one is kept unread. */
    <T> Optional<T> child(String name, Function<ElementReader, T> read) {
        return findSingle(name).map(read);
    }

    /** {@return the first child of that name, which only groups others; an empty one if there is none} A second one is kept unread. */
    ElementReader section(String name) {
        var section = findSingle(name);
        section.ifPresent(found -> sections.put(name, found));
        return section.orElseGet(() -> new ElementReader(ABSENT, this, reading));
    }

    private Optional<ElementReader> findSingle(String name) {
        kinds.put(name, kindNames.size());
        kindNames.add(name);
        singles.add(name);
        for (var child : element.children()) {
            if (child instanceof XmlNode.Element inner && inner.name().equals(name)) {
                return Optional.of(new ElementReader(inner, this, reading));
            }
        }
        return Optional.empty();
    }

    /** {@return what was not asked for} To be called last, once all that is known was read. */
    Source source() {
        var unknown = new ArrayList<XmlNode.Attribute>();
        for (int i = 0; i < known.length; i++) {
            if (!known[i]) {
                unknown.add(element.attributes().get(i));
            }
        }
        var sectionSources = new HashMap<String, Source>();
        sections.forEach((name, section) -> sectionSources.put(name, section.source()));
        return new Source(element.attributes(), unknown, layout(), sectionSources);
    }

    private List<Source.Place> layout() {
        var places = new ArrayList<Source.Place>(element.children().size());
        boolean standard = true;
        int last = 0;
        var seen = new HashSet<String>();
        for (var child : element.children()) {
            Integer kind = child instanceof XmlNode.Element inner ? kinds.get(inner.name()) : null;
            if (kind != null && singles.contains(kindNames.get(kind)) && !seen.add(kindNames.get(kind))) {
                kind = null;
            }
            if (kind == null) {
                standard = false;
                places.add(new Source.Place.Kept(child));
            } else {
                standard &= kind >= last;
                last = kind;
                places.add(new Source.Place.Known(kindNames.get(kind)));
            }
        }
        return standard ? List.of() : places;
    }

    private String path() {
        var name = element.attributes().stream().filter(a -> a.name().equals("Name")).findFirst()
                .map(a -> element.name() + " '" + a.value() + "'").orElse(element.name());
        return parent == null || parent.element.name().equals("GDTF") ? name : parent.path() + " / " + name;
    }
}
