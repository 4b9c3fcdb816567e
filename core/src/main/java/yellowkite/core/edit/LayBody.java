package yellowkite.core.edit;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.joml.Matrix4d;
import org.joml.Matrix4dc;
import yellowkite.core.body.BodyTemplate;
import yellowkite.core.body.BodyTree;
import yellowkite.core.body.Frames;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;
import yellowkite.core.profile.Geometry.BeamDetails;
import yellowkite.core.text.FreshName;

/**
 * Builds a body after a template. What is there already keeps its name, its channels and its facts, and gets the template's place and
 * shape; what is missing is added. The first axis stands for the first axis, a light source for a light source, cells for cells in their
 * order.
 *
 * @param body the top-level part that is built; empty = the first, or a new one where there is none
 * @param length metres from left to right. @param width from front to back. @param height from top to bottom, at rest
 * @param cells how many where the body has none yet. @param columns cells in a row. @param spacing addresses from one cell to the next
 */
public record LayBody(BodyTemplate template, String body, double length, double width, double height, int cells, int columns,
        int spacing) implements Edit {
    private static final double LARGEST = 20;
    private static final double SMALLEST = 0.01;

    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        for (double size : new double[]{length, width, height}) {
            if (!(size >= SMALLEST && size <= LARGEST)) {
                return Located.rejected("length", "Length, width and height of a fixture lie from 0.01 to " + (int) LARGEST + " metres.");
            }
        }
        if (template.hasCells() && (cells < 2 || cells > AddressMap.UNIVERSE || columns < 1 || columns > cells || spacing < 1
                || 1L + (long) (cells - 1) * spacing > AddressMap.UNIVERSE)) {
            return Located.rejected("cells", "A body has 2 to " + AddressMap.UNIVERSE
                    + " cells, at least one of them in a row, and all of their addresses in one universe.");
        }
        var name = body.isEmpty() ? before.geometries().stream().findFirst().map(Geometry::name).orElse("") : body;
        var drawn = beside(before, name,
                template
                    .draw(new BodyTemplate.Size(length, width, height, Math.max(1, cells), Math.max(1, columns), Math.max(1, spacing))));
        var start = before.with(f -> drawn.models().forEach(model -> f.models = BodyParts.with(f.models, model)));
        if (name.isEmpty()) {
            return Located.applied(withCells(start, drawn).with(f -> f.geometries = BodyTree.insert(f.geometries, "", 0, drawn.top())));
        }
        if (before.geometries().stream().noneMatch(each -> each.name().equals(name) && each instanceof Geometry.Part)) {
            return Located.rejected("body", "The profile has no body called '" + name + "'.");
        }
        return new Merging(start, name, drawn).merged();
    }

    /** Models that other bodies have keep their names; those of this one are called after it. */
    private static BodyTemplate.Drawn beside(FixtureType type, String body, BodyTemplate.Drawn drawn) {
        var inside = BodyTree.find(type, body).map(top -> top.walk().map(Geometry::name).collect(Collectors.toSet())).orElse(Set.of());
        var cells = BodyTree.find(type, body)
            .map(top -> top.walk()
                .filter(Geometry.Reference.class::isInstance)
                .map(each -> ((Geometry.Reference) each).geometry())
                .collect(Collectors.toSet()))
            .orElse(Set.of());
        var others = type.allGeometries()
            .filter(each -> !inside.contains(each.name()) && !cells.contains(each.name()))
            .map(Geometry::model)
            .collect(Collectors.toSet());
        UnaryOperator<String> name = model -> !model.isEmpty() && others.contains(model) ? model + " of " + body : model;
        UnaryOperator<Geometry> named = part -> part.withModel(name.apply(part.model()));
        var cell = drawn.cell();
        return new BodyTemplate.Drawn((Geometry.Part) BodyTree.map(List.of(drawn.top()), named).getFirst(),
                cell == null ? null : cell.withModel(name.apply(cell.model())),
                drawn.models().stream().map(each -> each.withName(name.apply(each.name()))).toList());
    }

    private static FixtureType withCells(FixtureType type, BodyTemplate.Drawn drawn) {
        var cell = drawn.cell();
        return cell == null ? type : type.with(f -> f.geometries = BodyTree.insert(f.geometries, "", -1, cell));
    }

    /** Lays a drawn body over one that is there. */
    private static final class Merging {
        private final String name;
        private final BodyTemplate.Drawn drawn;
        private final Set<String> used = new HashSet<>();
        private final Set<String> taken;
        private FixtureType type;
        private String repeated = "";

        Merging(FixtureType type, String name, BodyTemplate.Drawn drawn) {
            this.type = type;
            this.name = name;
            this.drawn = drawn;
            this.taken = new HashSet<>(BodyTree.names(type));
        }

        Outcome<FixtureType> merged() {
            boolean celled = hasReferences();
            var cell = drawn.cell();
            if (cell != null && !celled) {
                dropIdleBeams();
                repeated = FreshName.of(taken, cell.name());
                type = type.with(f -> f.geometries = BodyTree.insert(f.geometries, "", -1, cell.withName(repeated)));
            }
            used.add(name);
            shape(name, drawn.top(), new Matrix4d());
            into(drawn.top(), name, new Matrix4d());
            if (drawn.cell() != null && celled) {
                giveCellsTheirModel();
            }
            return type.allGeometries().count() > BodyParts.MOST
                    ? Located.rejected("cells", "A body has at most " + BodyParts.MOST + " parts.")
                    : Located.applied(type);
        }

        private boolean hasReferences() {
            return BodyTree.find(type, name).orElseThrow().walk().anyMatch(Geometry.Reference.class::isInstance);
        }

        /** A lens that no channel acts on gives way to the cells. */
        private void dropIdleBeams() {
            for (var each : BodyTree.find(type, name).orElseThrow().walk().toList()) {
                boolean idle = each instanceof Geometry.Part part && part.kind() == Geometry.Kind.Beam && part.children().isEmpty()
                        && type.modes().stream().flatMap(mode -> mode.channels().stream()).noneMatch(c -> c.geometry().equals(part.name()));
                if (idle && !each.name().equals(name)) {
                    type = type.with(f -> f.geometries = BodyTree.without(f.geometries, each.name()));
                }
            }
        }

        private void giveCellsTheirModel() {
            var model = drawn.cell() == null ? "" : drawn.cell().model();
            BodyTree.find(type, name).orElseThrow().walk().forEach(each -> {
                if (each instanceof Geometry.Reference reference) {
                    type = BodyParts.change(type, reference.geometry(), cell -> cell.model().isEmpty() ? cell.withModel(model) : cell);
                }
            });
        }

        private void into(Geometry.Part template, String parent, Matrix4dc outer) {
            for (var child : template.children()) {
                var frame = new Matrix4d(outer).mul(Frames.of(child.position()));
                if (isLens(child) && BodyTree.find(type, name).filter(Merging::isLens).isPresent()) {
                    continue; // the whole body is the lens
                }
                var known = standIn(child);
                if (child instanceof Geometry.Reference reference) {
                    if (known.isPresent()) {
                        shape(known.get().name(), child, frame);
                    } else if (!repeated.isEmpty()) {
                        add(reference.withGeometry(repeated), parent);
                    }
                } else if (child instanceof Geometry.Part part) {
                    var called = known.map(Geometry::name).orElseGet(() -> add(part.withChildren(List.of()), parent));
                    used.add(called);
                    shape(called, part, frame);
                    into(part, called, frame);
                }
            }
        }

        private static boolean isLens(Geometry part) {
            return part instanceof Geometry.Part plain && plain.kind() == Geometry.Kind.Beam;
        }

        private String add(Geometry part, String parent) {
            var fresh = FreshName.of(taken, part.name());
            type = type.with(f -> f.geometries = BodyTree.insert(f.geometries, parent, -1, part.withName(fresh)));
            used.add(fresh);
            return fresh;
        }

        /** {@return what stands in the body for a part of the template, and does not stand for another one yet} */
        private Optional<Geometry> standIn(Geometry of) {
            var found = BodyTree.find(type, name)
                .orElseThrow()
                .walk()
                .filter(each -> !used.contains(each.name()))
                .filter(each -> switch (of) {
                    case Geometry.Reference reference -> each instanceof Geometry.Reference;
                    case Geometry.Part part -> each instanceof Geometry.Part there && there.kind() == part.kind()
                            && (part.kind() != Geometry.Kind.Geometry || there.name().equals(part.name()));
                })
                .findFirst();
            found.ifPresent(each -> used.add(each.name()));
            return found;
        }

        private void shape(String part, Geometry template, Matrix4dc frame) {
            var parent = BodyTree.parentOf(type, part).map(each -> BodyTree.standing(type, each.name())).orElseGet(Matrix4d::new);
            var position = Math.abs(parent.determinant()) < 1e-9 ? template.position() : Frames.matrix(parent.invert().mul(frame));
            type = BodyParts.change(type, part, each -> {
                var placed = each.withPosition(position);
                var modelled = template.model().isEmpty() ? placed : placed.withModel(template.model());
                return modelled instanceof Geometry.Part lens && lens.details().equals(BeamDetails.DEFAULT)
                        && template instanceof Geometry.Part from ? lens.withDetails(from.details()) : modelled;
            });
        }
    }

    @Override
    public String describe(FixtureType before) {
        return "Body built as " + template.called().toLowerCase(java.util.Locale.ROOT);
    }
}
