package yellowkite.core.edit;

import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;

/** Gives a named range another name; it may be empty, and several may share one. */
public record RenameRange(int range, String to) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return Located.onRange(before, range, at -> Names.refusal("to", to)
            .orElseGet(() -> Located.applied(at.range().name().equals(to) ? before : at.replace(at.range().withName(to)))));
    }

    @Override
    public String describe(FixtureType before) {
        return "Range is called '" + to + "'" + Located.range(before, range).map(at -> ", was " + at.called()).orElse("");
    }
}
