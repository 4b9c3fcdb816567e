package yellowkite.core.compare;

import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import yellowkite.core.compare.Difference.Kind;
import yellowkite.core.compare.Difference.Place;
import yellowkite.core.edit.Edit;
import yellowkite.core.edit.PutCurve;
import yellowkite.core.edit.RenameProfile;
import yellowkite.core.edit.SetAttributeUnit;
import yellowkite.core.edit.SetIdentity;
import yellowkite.core.gdtf.Media;
import yellowkite.core.profile.AttributeDefinitions.Attribute;
import yellowkite.core.profile.DmxProfile;
import yellowkite.core.profile.Emitter;
import yellowkite.core.profile.Filter;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Wheel;

/** Profiles as a whole: who they are, their attributes, wheels, lights, curves and bodies. */
final class ProfileDiff {
    private static final Set<String> TOLD = Set.of("name", "manufacturer", "shortName", "longName", "description", "thumbnail",
            "attributeDefinitions", "wheels", "physicalDescriptions", "models", "geometries", "modes", "protocols");

    private ProfileDiff() {}

    static void compare(Side leftSide, Side rightSide, Found found) {
        var left = leftSide.type();
        var right = rightSide.type();
        found.changed(Rank.COSMETIC, Kind.IDENTITY, Place.PROFILE, "The name", left.name(), right.name(), new RenameProfile(right.name()));
        identity(SetIdentity.Field.MANUFACTURER, "The manufacturer", left.manufacturer(), right.manufacturer(), found);
        identity(SetIdentity.Field.SHORT_NAME, "The short name", left.shortName(), right.shortName(), found);
        identity(SetIdentity.Field.LONG_NAME, "The long name", left.longName(), right.longName(), found);
        identity(SetIdentity.Field.DESCRIPTION, "The description", left.description(), right.description(), found);
        picture(leftSide, rightSide, found);
        units(left, right, found);
        var wheels = Pairs.<Wheel>by(left.wheels(), right.wheels(), Wheel::name);
        wheels.both().forEach(pair -> WheelDiff.compare(leftSide, pair.left(), rightSide, pair.right(), found));
        wheels.left()
            .forEach(wheel -> found.add(Rank.SHIFTS, Kind.WHEEL_REMOVED, Place.profile("Wheel '" + wheel.name() + "'"),
                    "This wheel is gone.", wheel.name(), ""));
        wheels.right()
            .forEach(wheel -> found.add(Rank.ADDS, Kind.WHEEL_ADDED, Place.profile("Wheel '" + wheel.name() + "'"), "This wheel is new.",
                    "", wheel.name()));
        parts(Kind.CURVE, "Curve", left.physicalDescriptions().dmxProfiles(), right.physicalDescriptions().dmxProfiles(), DmxProfile::name,
                ProfileDiff::put, found);
        parts(Kind.EMITTER, "Emitter", left.physicalDescriptions().emitters(), right.physicalDescriptions().emitters(), Emitter::name,
                each -> List.of(), found);
        parts(Kind.FILTER, "Filter", left.physicalDescriptions().filters(), right.physicalDescriptions().filters(), Filter::name,
                each -> List.of(), found);
        Rest.order("wheels", wheels.both(), right.wheels(), Place.PROFILE, found);
        PhysicalDiff.compare(left, right, found);
        BodyDiff.compare(left, right, found);
        if (!Content.same(left.protocols(), right.protocols())) {
            found.add(Rank.COSMETIC, Kind.OTHER, Place.PROFILE, "What it says of protocols (RDM among them) differs.", "", "");
        }
        Rest.compare(left, right, TOLD, Place.PROFILE, found);
        files(leftSide, rightSide, found);
        if (!leftSide.version().isEmpty() && !rightSide.version().isEmpty()) {
            found.changed(Rank.COSMETIC, Kind.OTHER, Place.PROFILE, "The standard's version", leftSide.version(), rightSide.version());
        }
        if (!Carried.by(left).equals(Carried.by(right))) {
            found.add(Rank.COSMETIC, Kind.OTHER, Place.PROFILE, "What the file holds beyond the standard differs.", "", "");
        }
    }

    private static void identity(SetIdentity.Field field, String what, String before, String after, Found found) {
        found.changed(Rank.COSMETIC, Kind.IDENTITY, Place.PROFILE, what, before, after, new SetIdentity(field, after));
    }

    private static void picture(Side left, Side right, Found found) {
        var before = left.files().getOrDefault(left.type().thumbnail() + ".png", left.type().thumbnail());
        var after = right.files().getOrDefault(right.type().thumbnail() + ".png", right.type().thumbnail());
        if (!before.equals(after)) {
            found.add(Rank.COSMETIC, Kind.PICTURE, Place.PROFILE, "The fixture's picture is another one.", before, after);
        }
    }

    /** Models and whatever else lies in the archive; pictures of slots and of the fixture are told where they are used. */
    private static void files(Side left, Side right, Found found) {
        if (left.files().isEmpty() || right.files().isEmpty()) {
            return; // they are not at hand
        }
        var paths = new TreeSet<>(left.files().keySet());
        paths.addAll(right.files().keySet());
        paths.removeIf(path -> path.startsWith(Media.WHEELS) || path.equals(left.type().thumbnail() + ".png")
                || path.equals(right.type().thumbnail() + ".png"));
        for (var path : paths) {
            var before = left.files().get(path);
            var after = right.files().get(path);
            if (!Objects.equals(before, after)) {
                found.add(Rank.COSMETIC, Kind.OTHER, Place.profile("File '" + path + "'"),
                        before == null ? "It is new." : after == null ? "It is gone." : "It holds something else.",
                        before == null ? "" : path, after == null ? "" : path);
            }
        }
    }

    private static void units(FixtureType left, FixtureType right, Found found) {
        var before = left.attributeDefinitions();
        var after = right.attributeDefinitions();
        var pairs = Pairs.<Attribute>by(before.attributes(), after.attributes(), Attribute::name);
        pairs.both().forEach(pair -> {
            var place = Place.profile("Attribute '" + pair.left().name() + "'");
            found.changed(Rank.SHIFTS, Kind.UNIT, place, "The unit", pair.left().physicalUnit(), pair.right().physicalUnit(),
                    new SetAttributeUnit(pair.left().name(), pair.right().physicalUnit()));
            Rest.compare(pair.left(), pair.right(), Set.of("name", "physicalUnit", "color"), place, found);
            if (!Content.same(pair.left().color(), pair.right().color())) {
                found.add(Rank.COSMETIC, Kind.OTHER, place, "Its colour on a console differs.", "", "");
            }
        });
        pairs.left()
            .forEach(each -> found.add(Rank.COSMETIC, Kind.OTHER, Place.profile("Attribute '" + each.name() + "'"),
                    "It is not defined any more.", each.name(), ""));
        pairs.right()
            .forEach(each -> found.add(Rank.COSMETIC, Kind.OTHER, Place.profile("Attribute '" + each.name() + "'"), "It is defined now.",
                    "", each.name()));
        Rest.order("attributes", pairs.both(), after.attributes(), Place.PROFILE, found);
        Rest.compare(before, after, Set.of("attributes"), Place.profile("Attributes"), found);
    }

    private static List<Edit> put(DmxProfile curve) {
        return List.of(new PutCurve(curve.name(), curve.points().stream().map(PutCurve.Piece::of).toList()));
    }

    private static <T> void parts(Kind kind, String what, List<T> left, List<T> right, Function<T, Object> name,
            Function<T, List<Edit>> put, Found found) {
        var pairs = Pairs.by(left, right, name);
        pairs.both()
            .stream()
            .filter(pair -> !Content.same(pair.left(), pair.right()))
            .forEach(pair -> found.differences.add(new Difference(Rank.SHIFTS, kind,
                    Place.profile(what + " '" + name.apply(pair.left()) + "'"), "It is measured or drawn otherwise.", "", "",
                    put.apply(pair.right()))));
        pairs.left()
            .forEach(each -> found.add(Rank.SHIFTS, kind, Place.profile(what + " '" + name.apply(each) + "'"), "It is gone.",
                    String.valueOf(name.apply(each)), ""));
        Rest.order(what.toLowerCase(Locale.ROOT) + "s", pairs.both(), right, Place.PROFILE, found);
        pairs.right()
            .forEach(each -> found.differences.add(new Difference(Rank.ADDS, kind, Place.profile(what + " '" + name.apply(each) + "'"),
                    "It is new.", "", String.valueOf(name.apply(each)), put.apply(each))));
    }
}
