package yellowkite.core.edit;

import java.util.ArrayList;
import java.util.List;
import yellowkite.core.body.Parts;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Mode;
import yellowkite.core.profile.Relation;
import yellowkite.core.xml.Source;

/**
 * Gives a mode without a dimmer a virtual one, and Multiply relations from it to every emitter: what mixes colour by adding light. Source:
 * GDTF, relations.
 */
public record AddVirtualDimmer(int mode) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return Modes.on(before, mode, was -> {
            if (was.channels().stream().anyMatch(each -> each.attribute().equals("Dimmer"))) {
                return Located.rejected("mode", "Mode '" + was.name() + "' has a dimmer already.");
            }
            var emitters = emitters(was);
            if (emitters.isEmpty()) {
                return Located.rejected("mode", "Mode '" + was.name() + "' has no emitter that a dimmer could scale.");
            }
            var part = Parts.shared(before, was).stream().findFirst().map(each -> each.name()).orElse(emitters.getFirst().geometry());
            return switch (new AddChannels(mode, List.of(new NewChannel("Dimmer", "Dimmer", 0, part, null, null)), null).applyTo(before)) {
                case Outcome.Rejected<FixtureType> rejected -> rejected;
                case Outcome.Applied<FixtureType> applied ->
                    Located.applied(applied.after().mapModes(each -> each.id() == mode ? each.withRelations(relations(each)) : each));
            };
        });
    }

    /** {@return the channels that a virtual dimmer scales} */
    static List<Channel> emitters(Mode mode) {
        return mode.channels().stream().filter(each -> each.attribute().startsWith("ColorAdd_")).toList();
    }

    private static List<Relation> relations(Mode mode) {
        var dimmer = mode.channels().stream().filter(each -> each.attribute().equals("Dimmer")).findFirst().orElseThrow();
        var relations = new ArrayList<>(mode.relations());
        for (var emitter : emitters(mode)) {
            emitter.logicalChannels()
                .stream()
                .findFirst()
                .flatMap(logical -> logical.functions().stream().findFirst().map(function -> emitter.linkTo(logical, function)))
                .ifPresent(link -> relations
                    .add(new Relation("Dimmer to " + emitter.name(), dimmer.name(), link, Relation.Type.MULTIPLY, Source.NONE)));
        }
        return relations;
    }

    @Override
    public String describe(FixtureType before) {
        return "Virtual dimmer for " + Modes.called(before, mode)
                + before.findMode(mode).map(was -> ", scaling " + emitters(was).size() + " channels").orElse("");
    }
}
