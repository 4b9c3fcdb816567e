package yellowkite.core.edit;

import java.util.List;
import yellowkite.core.body.Parts;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;

/**
 * Says which part of the body a channel moves or lights; links to the channel follow. Where its addresses are taken there, it goes behind
 * the last one.
 */
public record ChangeGeometry(int channel, String geometry) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return Located.onChannel(before, channel, at -> {
            var was = at.channel();
            if (was.geometry().equals(geometry)) {
                return Located.applied(before);
            }
            if (!Parts.reaches(before, at.mode(), geometry)) {
                return Located.rejected("geometry", "The body of mode '" + at.mode().name() + "' has no part called '" + geometry + "'.");
            }
            var name = geometry + "_" + was.attribute();
            if (at.mode().channels().stream().anyMatch(other -> other.id() != channel && other.name().equals(name))) {
                return Located.rejected("geometry", "Mode '" + at.mode().name() + "' already has the channel '" + name + "'.");
            }
            var moved = moved(at, was.offsets());
            return moved instanceof Outcome.Applied || was.isVirtual() ? moved
                    : moved(at,
                            Addresses.run(
                                    Addresses
                                        .of(Located.without(before, at), Located.without(before, at).findMode(at.mode().id()).orElseThrow(),
                                                geometry, was.dmxBreak())
                                        .next(),
                                    was.offsets().size()));
        });
    }

    /** Its addresses are counted from where its part begins: between a cell and the rest they may lie on others. */
    private Outcome<FixtureType> moved(Located.InMode at, List<Integer> offsets) {
        return Room.kept(at.type(),
                Located.applied(Relink.follow(at.type(), at.replace(at.channel().withGeometry(geometry).withOffsets(offsets)))),
                "geometry");
    }

    @Override
    public String describe(FixtureType before) {
        return "Part of " + Located.channel(before, channel).map(Located.InMode::called).orElse("a channel") + " is '" + geometry + "'";
    }
}
