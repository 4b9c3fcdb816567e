package yellowkite.core.edit;

import java.util.HashMap;
import java.util.Map;
import java.util.function.UnaryOperator;
import yellowkite.core.dmx.LinkTargets;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Macro;
import yellowkite.core.profile.Mode;
import yellowkite.core.profile.Trees;

/** Links are texts made of names: when a name changes, every link that led to the thing follows it. */
final class Relink {
    private Relink() {}

    /** {@return {@code after} with the links of each mode leading to what they led to in {@code before}} */
    static FixtureType follow(FixtureType before, FixtureType after) {
        return after.mapModes(mode -> before.findMode(mode.id()).map(was -> was == mode ? mode : follow(was, mode)).orElse(mode));
    }

    private static Mode follow(Mode before, Mode after) {
        var targets = LinkTargets.of(before);
        var names = namesById(after);
        UnaryOperator<String> link = text -> {
            var target = text.isEmpty() ? null : targets.find(text);
            if (target == null) {
                return text;
            }
            int id = target.function() == null ? target.channel().id() : target.function().id();
            return names.getOrDefault(id, text);
        };
        return after.mapChannels(channel -> followChannel(channel, link))
            .withRelations(Trees.map(after.relations(), each -> each.withLinks(link.apply(each.master()), link.apply(each.follower()))))
            .withMacros(Trees.map(after.macros(), macro -> followMacro(macro, link)));
    }

    private static Map<Integer, String> namesById(Mode mode) {
        var names = new HashMap<Integer, String>();
        for (var channel : mode.channels()) {
            names.put(channel.id(), channel.name());
            channel.logicalChannels()
                .forEach(logical -> logical.functions()
                    .forEach(function -> names.put(function.id(), channel.linkTo(logical, function))));
        }
        return names;
    }

    private static Channel followChannel(Channel channel, UnaryOperator<String> link) {
        var initial = link.apply(channel.initialFunction());
        var after = initial.equals(channel.initialFunction()) ? channel : channel.withInitialFunction(initial);
        return after.mapFunctions(function -> {
            var master = link.apply(function.modeMaster());
            return master.equals(function.modeMaster()) ? function : function.with(f -> f.modeMaster = master);
        });
    }

    private static Macro followMacro(Macro macro, UnaryOperator<String> link) {
        var steps = Trees.map(macro.steps(), step -> {
            var values = Trees.map(step.values(), value -> {
                var channel = link.apply(value.channel());
                return channel.equals(value.channel()) ? value : new Macro.Value(value.value(), channel, value.source());
            });
            return values == step.values() ? step : new Macro.Step(step.duration(), values, step.source());
        });
        var function = link.apply(macro.channelFunction());
        return steps == macro.steps() && function.equals(macro.channelFunction()) ? macro
                : new Macro(macro.name(), function, steps, macro.source());
    }
}
