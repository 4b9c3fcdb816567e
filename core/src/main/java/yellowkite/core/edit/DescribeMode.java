package yellowkite.core.edit;

import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;

/** Says in words what a mode is for. */
public record DescribeMode(int mode, String to) implements Edit {
    private static final int LONGEST = 500;

    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return Modes.on(before, mode, was -> Texts.refusal("to", to, LONGEST)
            .orElseGet(() -> Located.applied(
                    was.description().equals(to) ? before : before.mapModes(each -> each == was ? each.withDescription(to) : each))));
    }

    @Override
    public String describe(FixtureType before) {
        return "Description of " + Modes.called(before, mode) + " is '" + to + "'";
    }
}
