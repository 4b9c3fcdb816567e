package yellowkite.core.compare;

import java.util.List;
import java.util.function.Function;
import yellowkite.core.compare.Difference.Kind;
import yellowkite.core.compare.Difference.Place;
import yellowkite.core.edit.Edit;
import yellowkite.core.edit.PutCurve;
import yellowkite.core.edit.RenameProfile;
import yellowkite.core.edit.SetAttributeUnit;
import yellowkite.core.edit.SetIdentity;
import yellowkite.core.profile.AttributeDefinitions.Attribute;
import yellowkite.core.profile.DmxProfile;
import yellowkite.core.profile.Emitter;
import yellowkite.core.profile.Filter;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;
import yellowkite.core.profile.Wheel;

/** Profiles as a whole: who they are, their attributes, wheels, lights, curves and bodies. */
final class ProfileDiff {
    private ProfileDiff() {}

    static void compare(Side leftSide, Side rightSide, Found found) {
        var left = leftSide.type();
        var right = rightSide.type();
        found.changed(Rank.COSMETIC, Kind.IDENTITY, Place.PROFILE, "The name", left.name(), right.name(), new RenameProfile(right.name()));
        identity(SetIdentity.Field.MANUFACTURER, "The maker", left.manufacturer(), right.manufacturer(), found);
        identity(SetIdentity.Field.SHORT_NAME, "The short name", left.shortName(), right.shortName(), found);
        identity(SetIdentity.Field.LONG_NAME, "The long name", left.longName(), right.longName(), found);
        identity(SetIdentity.Field.DESCRIPTION, "The description", left.description(), right.description(), found);
        picture(leftSide, rightSide, found);
        units(left, right, found);
        var wheels = Pairs.<Wheel>by(left.wheels(), right.wheels(), Wheel::name);
        wheels.both().forEach(pair -> WheelDiff.compare(leftSide, pair.left(), rightSide, pair.right(), found));
        wheels.left().forEach(wheel -> found.add(Rank.SHIFTS, Kind.WHEEL_REMOVED, Place.profile("Wheel '" + wheel.name() + "'"), "This wheel is gone.", wheel.name(), ""));
        wheels.right().forEach(wheel -> found.add(Rank.ADDS, Kind.WHEEL_ADDED, Place.profile("Wheel '" + wheel.name() + "'"), "This wheel is new.", "", wheel.name()));
        parts(Kind.CURVE, "Curve", left.physicalDescriptions().dmxProfiles(), right.physicalDescriptions().dmxProfiles(), DmxProfile::name, ProfileDiff::put, found);
        parts(Kind.EMITTER, "Emitter", left.physicalDescriptions().emitters(), right.physicalDescriptions().emitters(), Emitter::name, each -> List.of(), found);
        parts(Kind.FILTER, "Filter", left.physicalDescriptions().filters(), right.physicalDescriptions().filters(), Filter::name, each -> List.of(), found);
        body(left, right, found);
        if (!Content.same(left.protocols(), right.protocols())) {
            found.add(Rank.COSMETIC, Kind.OTHER, Place.PROFILE, "What it says of protocols (RDM among them) differs.", "", "");
        }
    }

    private static void identity(SetIdentity.Field field, String what, String before, String after, Found found) {
        found.changed(Rank.COSMETIC, Kind.IDENTITY, Place.PROFILE, what, before, after, new SetIdentity(field, after));
    }

    private static void picture(Side left, Side right, Found found) {
        var before = left.files().getOrDefault(left.type().thumbnail() + ".png", left.type().thumbnail());
        var after = right.files().getOrDefault(right.type().thumbnail() + ".png", right.type().thumbnail());
        if (!before.equals(after)) {
            found.add(Rank.COSMETIC, Kind.PICTURE, Place.PROFILE, "The lamp's picture is another one.", before, after);
        }
    }

    private static void units(FixtureType left, FixtureType right, Found found) {
        Pairs.<Attribute>by(left.attributeDefinitions().attributes(), right.attributeDefinitions().attributes(), Attribute::name).both().forEach(pair ->
                found.changed(Rank.SHIFTS, Kind.UNIT, Place.profile("Attribute '" + pair.left().name() + "'"), "The unit", pair.left().physicalUnit(), pair.right().physicalUnit(),
                        new SetAttributeUnit(pair.left().name(), pair.right().physicalUnit())));
    }

    private static List<Edit> put(DmxProfile curve) {
        return List.of(new PutCurve(curve.name(), curve.points().stream().map(PutCurve.Piece::of).toList()));
    }

    private static <T> void parts(Kind kind, String what, List<T> left, List<T> right, Function<T, Object> name, Function<T, List<Edit>> put, Found found) {
        var pairs = Pairs.by(left, right, name);
        pairs.both().stream().filter(pair -> !Content.same(pair.left(), pair.right())).forEach(pair -> found.differences.add(new Difference(Rank.SHIFTS, kind,
                Place.profile(what + " '" + name.apply(pair.left()) + "'"), "It is measured or drawn otherwise.", "", "", put.apply(pair.right()))));
        pairs.left().forEach(each -> found.add(Rank.SHIFTS, kind, Place.profile(what + " '" + name.apply(each) + "'"), "It is gone.", String.valueOf(name.apply(each)), ""));
        pairs.right().forEach(each -> found.differences.add(new Difference(Rank.ADDS, kind, Place.profile(what + " '" + name.apply(each) + "'"), "It is new.", "", String.valueOf(name.apply(each)), put.apply(each))));
    }

    /** What shines differently matters to a show; how the body is built hardly does. */
    private static void body(FixtureType left, FixtureType right, Found found) {
        if (Content.same(left.geometries(), right.geometries()) && Content.same(left.models(), right.models())) {
            return;
        }
        boolean shines = !Content.same(beams(left), beams(right));
        found.add(shines ? Rank.SHIFTS : Rank.COSMETIC, Kind.BODY, Place.profile("Body"), shines ? "The light leaves it otherwise: its beams are described anew." : "The body is built or drawn otherwise.", "", "");
    }

    private static List<Geometry.Details> beams(FixtureType type) {
        return type.allGeometries().filter(Geometry.Part.class::isInstance).map(Geometry.Part.class::cast).filter(each -> each.kind() == Geometry.Kind.Beam).map(Geometry.Part::details).toList();
    }
}
