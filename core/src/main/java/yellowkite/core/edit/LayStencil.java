package yellowkite.core.edit;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import yellowkite.core.dmx.LinkTargets;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.LogicalChannel;
import yellowkite.core.profile.Wheel;
import yellowkite.core.xml.Source;

/**
 * Lays functions and named ranges from elsewhere onto a channel, instead of its own. The channel keeps its attribute, its addresses, its
 * width and its part; functions that carried the stencil's attribute carry the channel's. A wheel comes along by its name where the profile
 * has one with slots enough.
 */
public record LayStencil(int channel, Stencil stencil) implements Edit {
    private static final int MOST = 200;

    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return Located.onChannel(before, channel, at -> {
            if (!stencil.fitsItsWidth() || stencil.functions().isEmpty() || stencil.functions().size() > MOST) {
                return Located.rejected("stencil", stencil.functions().isEmpty() ? "There is no function to apply to this channel."
                        : "These functions do not fit their own width; nothing was applied.");
            }
            if (isAwaited(at)) {
                return Located.rejected("channel", "Functions of other channels wait for those of " + at.called() + "; change that first.");
            }
            Outcome<FixtureType> so = Located.applied(before);
            for (var attribute : stencil.functions().stream().map(Stencil.Part::attribute).distinct().toList()) {
                so = so instanceof Outcome.Applied<FixtureType> applied ? Attributes.using(applied.after(), attribute, Located::applied)
                        : so;
            }
            return so instanceof Outcome.Applied<FixtureType> applied ? lay(Located.channel(applied.after(), channel).orElseThrow()) : so;
        });
    }

    /** Whether something outside the channel refers to one of its functions, which are about to go. */
    private boolean isAwaited(Located.InMode at) {
        var targets = LinkTargets.of(at.mode());
        var links = new ArrayList<String>();
        at.mode()
            .channels()
            .stream()
            .filter(each -> each.id() != channel)
            .flatMap(each -> each.functions())
            .forEach(each -> links.add(each.modeMaster()));
        at.mode().relations().forEach(each -> links.addAll(List.of(each.master(), each.follower())));
        at.mode().macros().forEach(each -> links.add(each.channelFunction()));
        return links.stream()
            .map(link -> link.isEmpty() ? null : targets.find(link))
            .anyMatch(target -> target != null && target.function() != null && target.channel().id() == channel);
    }

    private Outcome<FixtureType> lay(Located.InMode at) {
        int bytes = at.channel().bytes();
        var fitted = stencil.at(bytes);
        var now = at.channel().logicalChannels().isEmpty() ? fitted.attribute() : at.channel().attribute();
        int next = at.type().nextId();
        var logical = at.channel().logicalChannels().isEmpty()
                ? new LogicalChannel(next++, now, stencil.snap(), stencil.master(), 0, 0, List.of(), Source.NONE)
                : at.channel().logicalChannels().getFirst();
        var functions = new ArrayList<ChannelFunction>();
        var names = new HashSet<String>();
        for (var part : fitted.functions()) {
            var refusal = Names.refusalOfRequired("stencil", part.name(), "A function");
            if (refusal.isPresent() || !names.add(part.name())) {
                return refusal.orElseGet(() -> Located.rejected("stencil", "Two functions are called '" + part.name() + "'."));
            }
            functions.add(ChannelFunction.of(next++, f -> {
                f.name = part.name();
                f.attribute = part.attribute().equals(fitted.attribute()) ? now : part.attribute();
                f.dmxFrom = new DmxValue(part.from(), bytes);
                f.defaultValue = part.start() == null ? null : new DmxValue(part.start(), bytes);
                f.physicalFrom = part.physicalFrom();
                f.physicalTo = part.physicalTo();
                f.realFade = part.realFade();
                f.realAcceleration = part.realAcceleration();
                f.min = part.min();
                f.max = part.max();
                f.wheel = at.type().findWheel(part.wheel()).map(Wheel::name).orElse("");
            }));
        }
        var kept = new ArrayList<>(at.channel().logicalChannels());
        var laid = logical.withFunctions(functions);
        if (kept.isEmpty()) {
            kept.add(laid);
        } else {
            kept.set(0, laid);
        }
        int nextId = next;
        Outcome<FixtureType> so = Located
            .applied(at.replace(at.channel().withLogicalChannels(kept).withInitialFunction("")).with(f -> f.nextId = nextId));
        for (int i = 0; i < functions.size() && so instanceof Outcome.Applied<FixtureType> applied; i++) {
            var function = functions.get(i);
            int slots = at.type().findWheel(function.wheel()).map(each -> each.slots().size()).orElse(0);
            var rows = fitted.functions()
                .get(i)
                .ranges()
                .stream()
                .map(row -> row.slot() <= slots ? row : new SetRanges.Row(row.from(), row.name(), row.physicalFrom(), row.physicalTo(), 0))
                .toList();
            so = rows.isEmpty() ? so : new SetRanges(function.id(), rows).applyTo(applied.after());
        }
        return so;
    }

    @Override
    public String describe(FixtureType before) {
        return "Functions '" + Texts.shortened(String.join("', '", stencil.functions().stream().map(Stencil.Part::name).toList()))
                + "' applied to " + Located.called(before, List.of(channel));
    }
}
