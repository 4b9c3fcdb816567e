package yellowkite.core.edit;

import yellowkite.core.attribute.EndWords;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;

/** Lets a function run the other way: its physical ends change places. */
public record InvertFunction(int function) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return Located.onFunction(before, function, at -> at.function().physicalFrom() == at.function().physicalTo()
                ? Located.rejected("function", "Both ends of '" + at.name() + "' are the same; there is nothing to turn round.")
                : new SetFunctionPhysical(function, at.function().physicalTo(), at.function().physicalFrom()).applyTo(before));
    }

    @Override
    public String describe(FixtureType before) {
        return Located.function(before, function)
            .map(at -> "'" + at.name() + "' reversed: " + at.span().to() + " is now "
                    + EndWords.of(at.function().attribute(), at.function().physicalFrom(), before.unitOf(at.function().attribute())))
            .orElse("A function reversed");
    }
}
