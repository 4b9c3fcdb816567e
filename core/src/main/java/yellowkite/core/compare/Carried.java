package yellowkite.core.compare;

import java.util.ArrayList;
import java.util.List;
import yellowkite.core.xml.Source;

/** What a document carries along from its file without knowing it: unknown attributes, elements, texts and comments, in document order. */
final class Carried {
    private Carried() {}

    static List<Object> by(Record root) {
        var found = new ArrayList<Object>();
        walk(root, found);
        return found;
    }

    private static void walk(Object node, List<Object> found) {
        if (node instanceof Source source) {
            if (!source.unknown().isEmpty()) {
                found.add(source.unknown());
            }
            source.layout().stream().filter(Source.Place.Kept.class::isInstance).forEach(found::add);
            source.sections().values().forEach(each -> walk(each, found));
        } else if (node instanceof List<?> list) {
            list.forEach(each -> walk(each, found));
        } else if (node instanceof Record record) {
            Content.values(record).forEach(each -> walk(each, found));
        }
    }
}
