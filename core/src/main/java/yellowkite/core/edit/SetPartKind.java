package yellowkite.core.edit;

import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;

/** Makes a part one of another kind; what only the kind before had goes. */
public record SetPartKind(String part, Geometry.Kind kind) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return BodyParts.on(before, part, was -> switch (was) {
            case Geometry.Reference reference -> Located.rejected("kind", "'" + part + "' repeats '" + reference.geometry()
                    + "'; change that one.");
            case Geometry.Part same when same.kind() == kind -> Located.applied(before);
            case Geometry.Part other -> Located.applied(BodyParts.change(before, part,
                    each -> new Geometry.Part(kind, part, other.model(), other.position(), kind.blank(), each.children(), other.source())));
        });
    }

    @Override
    public String describe(FixtureType before) {
        return "Part '" + part + "' is of kind " + kind;
    }
}
