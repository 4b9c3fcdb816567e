package yellowkite.core.compare;

import java.util.List;
import java.util.Set;
import yellowkite.core.body.BodyTree;
import yellowkite.core.body.Frames;
import yellowkite.core.compare.Difference.Kind;
import yellowkite.core.compare.Difference.Place;
import yellowkite.core.edit.Edit;
import yellowkite.core.edit.PlacePart;
import yellowkite.core.edit.PutModel;
import yellowkite.core.edit.SetPartAttribute;
import yellowkite.core.edit.SetPartKind;
import yellowkite.core.edit.SetPartModel;
import yellowkite.core.gdtf.PartAttributes;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;
import yellowkite.core.profile.Matrix;
import yellowkite.core.profile.Model;

/**
 * Bodies, part by part, and the models that give them their shape. What shines differently matters to a show; how it is drawn hardly does.
 */
final class BodyDiff {
    private BodyDiff() {}

    static void compare(FixtureType left, FixtureType right, Found found) {
        if (Content.same(left.geometries(), right.geometries()) && Content.same(left.models(), right.models())) {
            return;
        }
        int before = found.differences.size();
        models(left, right, found);
        var pairs = Pairs.<Geometry>by(left.allGeometries().toList(), right.allGeometries().toList(), Geometry::name);
        pairs.both().forEach(pair -> part(left, pair.left(), right, pair.right(), found));
        pairs.left().forEach(each -> found.add(rank(each), Kind.BODY, place(each.name()), "This part is gone.", each.name(), ""));
        pairs.right().forEach(each -> found.add(rank(each), Kind.BODY, place(each.name()), "This part is new.", "", each.name()));
        if (found.differences.size() == before) {
            found.add(Rank.COSMETIC, Kind.BODY, Place.profile("Body"), "Its parts stand in another order.", "", "");
        }
    }

    private static Place place(String part) {
        return Place.profile("Part '" + part + "'");
    }

    private static Rank rank(Geometry part) {
        return part instanceof Geometry.Part plain && plain.kind() == Geometry.Kind.Beam ? Rank.SHIFTS : Rank.COSMETIC;
    }

    private static void part(FixtureType leftType, Geometry left, FixtureType rightType, Geometry right, Found found) {
        var place = place(left.name());
        var standsIn = BodyTree.parentOf(leftType, left.name()).map(Geometry::name).orElse("");
        found.changed(Rank.COSMETIC, Kind.BODY, place, "What it stands in", standsIn,
                BodyTree.parentOf(rightType, right.name()).map(Geometry::name).orElse(""));
        position(left, right, place, found);
        if (!left.model().equals(right.model())) {
            boolean known = right.model().isEmpty() || leftType.models().stream().anyMatch(each -> each.name().equals(right.model()));
            found.changed(Rank.COSMETIC, Kind.BODY, place, "Its model", left.model(), right.model(),
                    known ? new Edit[]{new SetPartModel(left.name(), right.model())} : new Edit[0]);
        }
        if (left instanceof Geometry.Part one && right instanceof Geometry.Part other) {
            details(one, other, place, found);
        } else if (left instanceof Geometry.Reference one && right instanceof Geometry.Reference other) {
            found.changed(Rank.SHIFTS, Kind.BODY, place, "What it repeats", one.geometry(), other.geometry());
            if (!Content.same(one.breaks(), other.breaks())) {
                found.add(Rank.SHIFTS, Kind.BODY, place, "The addresses of its channels begin elsewhere.", starts(one), starts(other));
            }
        } else {
            found.add(Rank.SHIFTS, Kind.BODY, place, "It repeats another part on one side, and is one on the other.", "", "");
        }
        Rest.compare((Record) left, (Record) right,
                Set.of("name", "kind", "model", "position", "details", "children", "geometry", "breaks"), place,
                found);
    }

    private static String starts(Geometry.Reference of) {
        return String.join(", ", of.breaks().stream().map(each -> each.dmxBreak() + ": " + each.dmxOffset()).toList());
    }

    private static void position(Geometry left, Geometry right, Place place, Found found) {
        if (Content.same(left.position(), right.position())) {
            return;
        }
        var to = Frames.place(right.position());
        boolean plain = same(Frames.matrix(to), right.position());
        var was = Frames.place(left.position()).words();
        if (was.equals(to.words())) {
            found.add(Rank.COSMETIC, Kind.BODY, place, "Its matrix differs by less than is written, or in what is no place.", "", "");
        } else {
            found.changed(Rank.COSMETIC, Kind.BODY, place, "Where it stands", was, to.words(),
                    plain ? new Edit[]{new PlacePart(left.name(), to)} : new Edit[0]);
        }
    }

    private static boolean same(Matrix one, Matrix other) {
        return one.cells().equals(other.cells());
    }

    private static void details(Geometry.Part left, Geometry.Part right, Place place, Found found) {
        if (left.kind() != right.kind()) {
            found.changed(Rank.SHIFTS, Kind.BODY, place, "Its kind", left.kind(), right.kind(),
                    Content.same(right.kind().blank(), right.details()) ? new Edit[]{new SetPartKind(left.name(), right.kind())}
                            : new Edit[0]);
            return;
        }
        if (Content.same(left.details(), right.details())) {
            return;
        }
        int before = found.differences.size();
        PartAttributes.of(left.kind()).forEach(attribute -> {
            var was = PartAttributes.text(left, attribute);
            var is = PartAttributes.text(right, attribute);
            if (!was.equals(is)) {
                found.changed(rank(left), Kind.BODY, place, attribute.label(), said(was, attribute), said(is, attribute),
                        edit(left, attribute, is));
            }
        });
        if (found.differences.size() == before) {
            found.add(Rank.COSMETIC, Kind.BODY, place,
                    left.kind() == Geometry.Kind.WiringObject ? "Its pins lead elsewhere." : "Its protocols differ.",
                    "", "");
        }
    }

    /** A value that no person may type stays a difference that a person has to judge. */
    private static Edit[] edit(Geometry.Part part, PartAttributes.Attribute attribute, String is) {
        try {
            PartAttributes.with(part, attribute.name(), is);
            return new Edit[]{new SetPartAttribute(part.name(), attribute.name(), is)};
        } catch (IllegalArgumentException unfit) {
            return new Edit[0];
        }
    }

    private static String said(String value, PartAttributes.Attribute attribute) {
        var standard = PartAttributes.standard(attribute);
        return value.isEmpty() ? standard.isEmpty() ? "" : with(standard, attribute) + " (standard)" : with(value, attribute);
    }

    private static String with(String value, PartAttributes.Attribute attribute) {
        return attribute.unit().isEmpty() ? value : value + " " + attribute.unit();
    }

    private static void models(FixtureType left, FixtureType right, Found found) {
        var pairs = Pairs.<Model>by(left.models(), right.models(), Model::name);
        pairs.both().stream().filter(pair -> !Content.same(pair.left(), pair.right())).forEach(pair -> {
            var to = pair.right();
            int before = found.differences.size();
            var put = new PutModel(to.name(), to.length(), to.width(), to.height(), to.primitiveType(), to.file());
            var place = Place.profile("Model '" + to.name() + "'");
            found.changed(Rank.COSMETIC, Kind.BODY, place, "Its size", size(pair.left()), size(to), put);
            found.changed(Rank.COSMETIC, Kind.BODY, place, "Its shape", pair.left().primitiveType(), to.primitiveType(), put);
            found.changed(Rank.COSMETIC, Kind.BODY, place, "Its file", pair.left().file(), to.file(), put);
            Rest.compare(pair.left(), to, Set.of("name", "length", "width", "height", "primitiveType", "file"), place, found);
            if (found.differences.size() == before) {
                found.add(Rank.COSMETIC, Kind.BODY, place, "It is drawn otherwise.", "", "");
            }
        });
        pairs.left()
            .forEach(each -> found.add(Rank.COSMETIC, Kind.BODY, Place.profile("Model '" + each.name() + "'"), "This model is gone.",
                    each.name(), ""));
        pairs.right()
            .forEach(each -> found.add(Rank.COSMETIC, Kind.BODY, Place.profile("Model '" + each.name() + "'"), "This model is new.", "",
                    each.name(), new PutModel(each.name(), each.length(), each.width(), each.height(), each.primitiveType(), each.file())));
        Rest.order("models", pairs.both(), right.models(), Place.profile("Body"), found);
    }

    private static String size(Model model) {
        return String.join(" x ",
                List.of(model.length(), model.width(), model.height()).stream().map(yellowkite.core.text.Figures::of).toList())
                + " m";
    }
}
