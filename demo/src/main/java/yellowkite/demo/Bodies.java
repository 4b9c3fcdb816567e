package yellowkite.demo;

import yellowkite.core.body.BodyTemplate;
import yellowkite.core.edit.Edit;
import yellowkite.core.edit.LayBody;
import yellowkite.core.edit.PutModel;
import yellowkite.core.edit.SetPartAttribute;
import yellowkite.core.edit.SetPartModel;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;
import yellowkite.core.profile.Model;

/** Bodies and lights of the demo's fixtures, made as a technician makes them. */
final class Bodies {
    private Bodies() {}

    /** What a lens gives. @param type by the standard's words. Lumens, kelvin, watts and degrees */
    record Lens(String type, int lumens, int kelvin, int watts, int beam, int field) {}

    static FixtureType built(FixtureType type, BodyTemplate template, double length, double width, double height) {
        return builtAt(type, "", template, length, width, height, 1);
    }

    /** @param body name of the top-level part. @param cells that it has */
    static FixtureType builtAt(FixtureType type, String body, BodyTemplate template, double length, double width, double height,
            int cells) {
        return after(type, new LayBody(template, body, length, width, height, Math.max(2, cells), Math.max(2, cells), 1));
    }

    /** Gives one part a shape of its own. */
    static FixtureType shaped(FixtureType type, String part, Model.Primitive primitive, double across, double height) {
        return after(after(type, new PutModel(part, across, across, height, primitive, "")), new SetPartModel(part, part));
    }

    /** Gives every lens the same light. */
    static FixtureType lit(FixtureType type, Lens lens) {
        var so = type;
        for (var each : type.allGeometries().toList()) {
            if (each instanceof Geometry.Part part && part.kind() == Geometry.Kind.Beam) {
                so = set(so, part.name(), "LampType", "LED");
                so = set(so, part.name(), "BeamType", lens.type());
                so = set(so, part.name(), "LuminousFlux", Integer.toString(lens.lumens()));
                so = set(so, part.name(), "ColorTemperature", Integer.toString(lens.kelvin()));
                so = set(so, part.name(), "PowerConsumption", Integer.toString(lens.watts()));
                so = set(so, part.name(), "BeamAngle", Integer.toString(lens.beam()));
                so = set(so, part.name(), "FieldAngle", Integer.toString(lens.field()));
            }
        }
        return so;
    }

    private static FixtureType set(FixtureType type, String part, String attribute, String value) {
        return after(type, new SetPartAttribute(part, attribute, value));
    }

    private static FixtureType after(FixtureType type, Edit edit) {
        return switch (edit.applyTo(type)) {
            case Outcome.Applied(var made) -> made;
            case Outcome.Rejected<FixtureType> refused -> throw new IllegalStateException(refused.reason());
        };
    }
}
