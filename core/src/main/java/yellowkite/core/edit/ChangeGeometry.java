package yellowkite.core.edit;

import yellowkite.core.profile.FixtureType;

/** Says which part of the body a channel moves or lights; links to the channel follow. */
public record ChangeGeometry(int channel, String geometry) implements Edit {
    @Override
    public Outcome applyTo(FixtureType before) {
        return Located.onChannel(before, channel, at -> {
            var was = at.channel();
            if (before.allGeometries().noneMatch(each -> each.name().equals(geometry))) {
                return Located.rejected("geometry", "The body has no part called '" + geometry + "'.");
            }
            var name = geometry + "_" + was.attribute();
            if (at.mode().channels().stream().anyMatch(other -> other.id() != channel && other.name().equals(name))) {
                return Located.rejected("geometry", "Mode '" + at.mode().name() + "' already has the channel '" + name + "'.");
            }
            return Located.applied(was.geometry().equals(geometry) ? before : Relink.follow(before, at.replace(was.withGeometry(geometry))));
        });
    }

    @Override
    public String describe(FixtureType before) {
        return "Part of " + Located.channel(before, channel).map(Located.InMode::called).orElse("a channel") + " is '" + geometry + "'";
    }
}
