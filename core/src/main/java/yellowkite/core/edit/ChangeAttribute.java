package yellowkite.core.edit;

import java.util.List;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;

/**
 * Gives a channel, and its functions that carried the old attribute, another one; links to the channel follow, and the attribute's
 * definition comes along. A channel without any function gets one over its whole span.
 */
public record ChangeAttribute(int channel, String attribute) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return Located.onChannel(before, channel,
                was -> Attributes.using(before, attribute, type -> change(Located.channel(type, channel).orElseThrow())));
    }

    private Outcome<FixtureType> change(Located.InMode at) {
        boolean empty = at.channel().functions().findAny().isEmpty();
        var was = at.channel().attribute();
        if (was.equals(attribute) && !empty) {
            return Located.applied(at.type());
        }
        var name = at.channel().geometry() + "_" + attribute;
        if (at.mode().channels().stream().anyMatch(other -> other.id() != channel && other.name().equals(name))) {
            return Located.rejected("attribute", "Mode '" + at.mode().name() + "' already has the channel '" + name + "'.");
        }
        if (empty) {
            var usual = Attributes.usual(at.type().nextId(), attribute, Attributes.pretty(at.type(), attribute), "", at.channel().bytes());
            return Located.applied(at.replace(at.channel().withLogicalChannels(List.of(usual))).with(f -> f.nextId += 2));
        }
        var first = at.channel().logicalChannels().getFirst();
        var after = at.channel()
            .mapLogicalChannels(logical -> logical != first ? logical
                    : logical.withAttribute(attribute)
                        .mapFunctions(
                                function -> function.attribute().equals(was) ? function.with(f -> f.attribute = attribute) : function));
        return Located.applied(Relink.follow(at.type(), at.replace(after)));
    }

    @Override
    public String describe(FixtureType before) {
        return Located.channel(before, channel)
            .map(at -> "Attribute of " + at.called() + " is " + attribute)
            .orElse("Attribute is " + attribute);
    }
}
