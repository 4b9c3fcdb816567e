package yellowkite.core.edit;

import java.util.List;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.AttributeDefinitions;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;
import yellowkite.core.profile.Matrix;
import yellowkite.core.xml.Source;

/**
 * Begins a profile from an empty page: identity, a body. Modes come after it.
 *
 * @param id GUID of the new fixture type
 */
public record Begin(String manufacturer, String name, String id, Body body) implements Edit {

    /** What the fixture is built like. */
    public enum Body {
        /** Does not move: one part that shines. */
        FIXED,
        /** Turns in a yoke. */
        MOVING_HEAD
    }

    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        if (!before.modes().isEmpty() || !before.name().isEmpty()) {
            return Located.rejected("name", "This profile has begun already.");
        }
        return Names.refusalOfManufacturer("manufacturer", manufacturer)
            .or(() -> Names.refusalOfRequired("name", name, "A profile"))
            .orElseGet(() -> Located.applied(before.with(f -> {
                identify(f, manufacturer, name, id);
                f.geometries = List.of(geometry());
                f.attributeDefinitions = AttributeDefinitions.EMPTY;
            })));
    }

    /** Gives a profile the identity of a new one. */
    static void identify(FixtureType.Fields f, String manufacturer, String name, String id) {
        f.manufacturer = manufacturer;
        f.name = name;
        f.shortName = ShortName.of(name);
        f.longName = manufacturer + " " + name;
        f.fixtureTypeId = id;
    }

    private Geometry geometry() {
        var beam = part(Geometry.Kind.Beam, "Beam");
        return switch (body) {
            case FIXED -> part(Geometry.Kind.Geometry, "Base", beam);
            case MOVING_HEAD ->
                part(Geometry.Kind.Geometry, "Base", part(Geometry.Kind.Axis, "Yoke", part(Geometry.Kind.Axis, "Head", beam)));
        };
    }

    private static Geometry part(Geometry.Kind kind, String name, Geometry... children) {
        return new Geometry.Part(kind, name, "", Matrix.IDENTITY, kind.blank(), List.of(children), Source.NONE);
    }

    @Override
    public boolean begins() {
        return true;
    }

    @Override
    public String describe(FixtureType before) {
        return "Begun: " + manufacturer + " " + name;
    }
}
