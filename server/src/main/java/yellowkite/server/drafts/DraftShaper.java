package yellowkite.server.drafts;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import yellowkite.core.check.Checks;
import yellowkite.core.check.Finding;
import yellowkite.core.colour.Srgb;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.dmx.LinkTargets;
import yellowkite.core.dmx.PlacedChannel;
import yellowkite.core.dmx.Spans;
import yellowkite.core.dmx.Tail;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.LogicalChannel;
import yellowkite.core.profile.Mode;
import yellowkite.core.profile.Wheel;

/** Shapes a draft for the desk: what the core computes, in the records of {@link DraftView}. */
@Component
class DraftShaper {
    private final Drafts drafts;

    DraftShaper(Drafts drafts) {
        this.drafts = drafts;
    }

    /** @param modeId the mode whose map is wanted; null or unknown = the first */
    DraftView shape(LoadedDraft draft, @Nullable Integer modeId) {
        var type = draft.history().current();
        var media = drafts.media(draft);
        var chosen = type.modes().stream().filter(mode -> modeId != null && mode.id() == modeId).findFirst()
                .or(() -> type.modes().stream().findFirst()).orElse(null);
        var modes = type.modes().stream().map(mode -> {
            var map = AddressMap.of(type, mode);
            return new DraftView.ModeLine(mode.id(), mode.name(), map.totalFootprint(), mode.channels().size(), Tail.of(type, map));
        }).toList();
        return new DraftView(draft.draft().id(), draft.draft().profileId(), draft.draft().version(), draft.draft().openProfileId() != null,
                drafts.base(draft).number(), type.name(), type.manufacturer(), modes,
                type.wheels().stream().map(wheel -> wheel(wheel, media)).toList(),
                type.attributeDefinitions().attributes().stream()
                        .map(each -> new DraftView.AttributeLine(each.name(), each.pretty(), each.featureGroup(), each.physicalUnit().symbol())).toList(),
                chosen == null ? null : map(type, chosen), Checks.of(type).stream().map(DraftShaper::check).toList(), history(draft),
                draft.history().done() > 0, draft.history().done() < draft.history().steps().size());
    }

    private static List<DraftView.HistoryLine> history(LoadedDraft draft) {
        var lines = new ArrayList<DraftView.HistoryLine>();
        for (int i = 0; i < draft.edits().size(); i++) {
            var step = draft.edits().get(i);
            lines.add(new DraftView.HistoryLine(step.sentence(), step.author(), step.createdAt(), i >= draft.history().done()));
        }
        return lines.reversed();
    }

    private static DraftView.WheelLine wheel(Wheel wheel, Map<String, String> media) {
        var slots = new ArrayList<DraftView.SlotLine>();
        for (var slot : wheel.slots()) {
            slots.add(slot(slots.size() + 1, slot, media));
        }
        return new DraftView.WheelLine(wheel.id(), wheel.name(), slots);
    }

    static DraftView.SlotLine slot(int number, Wheel.Slot slot, Map<String, String> media) {
        return new DraftView.SlotLine(number, slot.name(), slot.color() == null ? null : Srgb.hueOf(slot.color()).hex(), picture(slot, media));
    }

    /** {@return the address of a slot's picture; null if the file holds none} */
    static @Nullable String picture(Wheel.Slot slot, Map<String, String> media) {
        if (slot.mediaFile().isEmpty()) {
            return null;
        }
        var sha = media.get("wheels/" + slot.mediaFile() + ".png");
        return sha == null ? null : "/api/media/" + sha;
    }

    private static DraftView.ModeMap map(FixtureType type, Mode mode) {
        var map = AddressMap.of(type, mode);
        var places = new LinkedHashMap<Integer, List<PlacedChannel>>();
        map.channels().forEach(placed -> places.computeIfAbsent(placed.channel().id(), id -> new ArrayList<>()).add(placed));
        var links = LinkTargets.of(mode);
        var rows = new ArrayList<DraftView.ChannelRow>();
        for (var channel : mode.channels()) {
            rows.add(row(type, links, channel, rows.size() + 1, places.getOrDefault(channel.id(), List.of())));
        }
        int footprint = map.totalFootprint();
        return new DraftView.ModeMap(mode.id(), mode.name(), mode.description(), footprint, Math.max(0, AddressMap.UNIVERSE - footprint), rows);
    }

    private static DraftView.ChannelRow row(FixtureType type, LinkTargets links, Channel channel, int number, List<PlacedChannel> places) {
        var logical = channel.logicalChannels().stream().findFirst();
        var definition = type.attributeDefinitions().find(channel.attribute());
        return new DraftView.ChannelRow(channel.id(), number, channel.name(), channel.attribute(),
                definition.map(each -> each.pretty()).filter(pretty -> !pretty.isBlank()).orElse(channel.attribute()),
                definition.map(each -> each.featureGroup()).orElse(""), channel.geometry(), channel.bytes(), channel.max(),
                places.isEmpty() ? List.of() : places.getFirst().addresses(), channel.offsets(), places.size(), channel.start(),
                channel.highlight() == null ? null : channel.highlight().at(channel.bytes()),
                logical.map(each -> each.snap() == LogicalChannel.Snap.YES || each.snap() == LogicalChannel.Snap.ON).orElse(false),
                logical.map(each -> each.master() == LogicalChannel.Master.NONE ? "" : each.master().name().toLowerCase(Locale.ROOT)).orElse(""),
                Spans.of(type, channel).stream().map(span -> function(type, links, span)).toList());
    }

    private static DraftView.FunctionBar function(FixtureType type, LinkTargets links, Spans.FunctionSpan span) {
        var function = span.function();
        var wheel = type.findWheel(function.wheel());
        return new DraftView.FunctionBar(function.id(), span.name(), function.attribute(), span.from(), span.to(), function.physicalFrom(), function.physicalTo(),
                type.unitOf(function.attribute()).symbol(), function.wheel(), when(function, links),
                span.ranges().stream().map(range -> new DraftView.RangeBar(range.range().id(), range.range().name(), range.from(), range.to(), range.range().slot(),
                        wheel.flatMap(each -> each.findSlot(range.range().slot())).map(Wheel.Slot::name).orElse(""),
                        range.physicalFrom(), range.physicalTo(), range.hasOwnPhysical())).toList());
    }

    /** In the master's own width, as its row shows its values. */
    private static String when(ChannelFunction function, LinkTargets links) {
        if (function.modeMaster().isEmpty()) {
            return "";
        }
        var target = links.find(function.modeMaster());
        return target == null ? "never: its mode master '" + function.modeMaster() + "' is not in this mode"
                : "while " + function.modeMaster() + " is " + function.modeFrom().at(target.channel().bytes()) + " to " + function.modeTo().at(target.channel().bytes());
    }

    private static DraftView.Check check(Finding finding) {
        return new DraftView.Check(finding.rule(), finding.severity().name().toLowerCase(Locale.ROOT), finding.place().words(), finding.says(),
                finding.place().mode(), finding.place().channel(), finding.fix(), finding.fixSays());
    }
}
