package yellowkite.core.edit;

import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;

/**
 * Lets a function run through a curve of the profile.
 *
 * @param curve name; empty = straight
 * @param pieces that the curve is made of first, in the profile; null = it is there already
 */
public record LayCurve(int function, String curve, @Nullable List<PutCurve.Piece> pieces) implements Edit {
    public LayCurve {
        pieces = pieces == null ? null : List.copyOf(pieces);
    }

    /** Through a curve that the profile has. */
    public LayCurve(int function, String curve) {
        this(function, curve, null);
    }

    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        if (pieces == null) {
            return lay(before);
        }
        return switch (new PutCurve(curve, pieces).applyTo(before)) {
            case Outcome.Applied(var type) -> lay(type);
            case Outcome.Rejected<FixtureType> refused ->
                refused.field().equals("name") ? Located.rejected("curve", refused.reason()) : refused;
        };
    }

    private Outcome<FixtureType> lay(FixtureType before) {
        if (!curve.isEmpty() && before.physicalDescriptions().findDmxProfile(curve).isEmpty()) {
            return Located.rejected("curve", "This profile has no curve called '" + curve + "'.");
        }
        return Located.onFunction(before, function, at -> Located.applied(at.replace(at.function().with(f -> f.dmxProfile = curve))));
    }

    @Override
    public String describe(FixtureType before) {
        var runs = "'" + Located.function(before, function).map(Located.InChannel::name).orElse("A function") + "' runs ";
        if (pieces != null) {
            return new PutCurve(curve, pieces).describe(before) + "; " + runs + "through it";
        }
        return runs + (curve.isEmpty() ? "straight" : "through the curve '" + curve + "'");
    }
}
