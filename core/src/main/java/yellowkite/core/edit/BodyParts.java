package yellowkite.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import yellowkite.core.body.BodyTree;
import yellowkite.core.body.Place;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;
import yellowkite.core.profile.Model;
import yellowkite.core.profile.PhysicalDescriptions;
import yellowkite.core.profile.Properties;
import yellowkite.core.profile.Trees;

/** What edits of the body share. */
final class BodyParts {
    static final int MOST = 2_000;
    /** Metres: no part of a fixture is as far from what it stands on. */
    private static final double FARTHEST = 100;
    private static final double FULL_TURN = 360;

    private BodyParts() {}

    static Outcome<FixtureType> on(FixtureType type, String part, Function<Geometry, Outcome<FixtureType>> change) {
        return BodyTree.find(type, part)
            .map(change)
            .orElseGet(() -> Located.rejected("part", "The body has no part called '" + part + "' any more."));
    }

    /** {@return the facts with another weight; a fixture whose weight nobody said stays without one} @param by kg; below 0 = less */
    static PhysicalDescriptions heavier(PhysicalDescriptions facts, double by) {
        var was = facts.properties();
        var weight = was.weight();
        return by == 0 || weight == null || weight.value() + by < 0 ? facts
                : facts.withProperties(new Properties(was.operatingTemperature(),
                        new Properties.Amount(Math.round((weight.value() + by) * 1e3) / 1e3, weight.source()), was.powerConsumptions(),
                        was.legHeight(), was.source()));
    }

    static FixtureType change(FixtureType type, String part, UnaryOperator<Geometry> change) {
        return type.with(f -> f.geometries = BodyTree.change(f.geometries, part, change));
    }

    static Optional<Outcome<FixtureType>> refusalOfNew(FixtureType type, String name) {
        if (BodyTree.find(type, name).isPresent()) {
            return Optional.of(Located.rejected("name", "The body has a part called '" + name + "' already."));
        }
        if (type.allGeometries().limit(MOST).count() == MOST) {
            return Optional.of(Located.rejected("name", "A body has at most " + MOST + " parts."));
        }
        return Names.refusalOfRequired("name", name, "A part");
    }

    /** {@return why nothing can stand in {@code parent}; none if something can, or it is the top level} */
    static Optional<Outcome<FixtureType>> refusalOfParent(FixtureType type, String parent) {
        if (parent.isEmpty()) {
            return Optional.empty();
        }
        var found = BodyTree.find(type, parent);
        if (found.isEmpty()) {
            return Optional.of(Located.rejected("parent", "The body has no part called '" + parent + "'."));
        }
        return found.get() instanceof Geometry.Reference
                ? Optional.of(Located.rejected("parent", "'" + parent + "' repeats another part; nothing can stand in it."))
                : Optional.empty();
    }

    static Optional<Outcome<FixtureType>> refusalOf(Place place) {
        for (double metres : new double[]{place.x(), place.y(), place.z()}) {
            if (!(Math.abs(metres) <= FARTHEST)) {
                return Optional.of(Located.rejected("place", "A part stands at most " + (int) FARTHEST + " metres from its parent."));
            }
        }
        for (double degrees : new double[]{place.turnX(), place.turnY(), place.turnZ()}) {
            if (!(Math.abs(degrees) <= FULL_TURN)) {
                return Optional.of(Located.rejected("place", "A part is turned by -360 to 360 degrees."));
            }
        }
        return Optional.empty();
    }

    static Optional<Outcome<FixtureType>> refusalOfModel(FixtureType type, String model) {
        return model.isEmpty() || type.models().stream().anyMatch(each -> each.name().equals(model)) ? Optional.empty()
                : Optional.of(Located.rejected("model", "The profile has no model called '" + model + "'."));
    }

    /** {@return the models with one more; one of its name gives way} */
    static List<Model> with(List<Model> models, Model model) {
        boolean known = models.stream().anyMatch(each -> each.name().equals(model.name()));
        if (known) {
            return Trees.map(models, each -> each.name().equals(model.name()) ? model : each);
        }
        var all = new ArrayList<>(models);
        all.add(model);
        return all;
    }
}
