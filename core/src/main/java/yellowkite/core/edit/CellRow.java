package yellowkite.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import yellowkite.core.body.BodyTree;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;

/** The references that repeat one cell inside one part, in document order. */
record CellRow(Geometry.Part parent, List<Geometry.Reference> references) {

    /** {@return the references to a cell inside the part that holds the first of them; none if nothing repeats it} */
    static java.util.Optional<CellRow> of(FixtureType type, String cell) {
        return BodyTree.references(type, cell)
            .findFirst()
            .flatMap(first -> BodyTree.parentOf(type, first.name()))
            .filter(Geometry.Part.class::isInstance)
            .map(Geometry.Part.class::cast)
            .map(parent -> new CellRow(parent, parent.children()
                .stream()
                .filter(each -> each instanceof Geometry.Reference reference && reference.geometry().equals(cell))
                .map(Geometry.Reference.class::cast)
                .toList()));
    }

    /** {@return the document with other references in the places of these} */
    FixtureType replaced(FixtureType type, UnaryOperator<List<Geometry.Reference>> change) {
        var others = change.apply(references).iterator();
        var children = new ArrayList<Geometry>();
        for (var child : parent.children()) {
            children.add(child instanceof Geometry.Reference reference && references.contains(reference) ? others.next() : child);
        }
        return BodyParts.change(type, parent.name(), each -> ((Geometry.Part) each).withChildren(children));
    }
}
