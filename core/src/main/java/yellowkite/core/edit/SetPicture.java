package yellowkite.core.edit;

import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;

/** Gives the profile a picture that is among its files. @param name in the archive, without the ending; empty = none */
public record SetPicture(String name) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return Names.refusal("name", name).orElseGet(() -> Located.applied(before.with(f -> {
            f.thumbnail = name;
            f.thumbnailOffsetX = name.equals(before.thumbnail()) ? f.thumbnailOffsetX : 0;
            f.thumbnailOffsetY = name.equals(before.thumbnail()) ? f.thumbnailOffsetY : 0;
        })));
    }

    @Override
    public String describe(FixtureType before) {
        return name.isEmpty() ? "Picture removed" : before.thumbnail().isEmpty() ? "Picture added" : "Another picture";
    }
}
