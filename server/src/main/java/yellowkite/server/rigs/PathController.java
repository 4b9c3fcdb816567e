package yellowkite.server.rigs;

import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import yellowkite.core.rig.Adjustments.ChannelAdjustment;
import yellowkite.core.rig.Adjustments;
import yellowkite.core.rig.PathReading;
import yellowkite.server.web.Refusal;

/** A unit's path from level to DMX, over HTTP. */
@RestController
class PathController {
    private final Rigs rigs;
    private final RigFixtures fixtures;

    PathController(Rigs rigs, RigFixtures fixtures) {
        this.rigs = rigs;
        this.fixtures = fixtures;
    }

    /**
     * @param level that was asked for
     * @param key by which the shown channel is adjusted: its attribute, or its name
     * @param own what the shown channel does differently
     */
    record PathView(String unit, double level, PathReading reading, String key, ChannelAdjustment own, Adjustments adjustments) {}

    /**
     * 200 with the path of one channel; 404 if there is no such unit; 422 if nobody knows what it is. @param level null = where it begins
     */
    @GetMapping("/api/rigs/{rigId}/units/{uuid}/path")
    PathView path(@PathVariable String rigId, @PathVariable String uuid, @RequestParam(defaultValue = "0") int channel,
            @RequestParam(required = false) @Nullable Double level, @RequestParam(defaultValue = "1") double master) {
        var unit = rigs.require(rigId).rig().find(uuid).orElseThrow(() -> Refusal.notFound("This unit is not in the rig any more."));
        var mode = fixtures.compiled(unit.found())
            .orElseThrow(() -> Refusal.unfit("unit", "Nobody knows what unit " + unit.called() + " is made of."));
        var channels = mode.map().channels();
        if (channel < 0 || channel >= Math.max(1, channels.size())) {
            throw Refusal.unfit("channel", "This mode has " + channels.size() + " channels.");
        }
        if (level != null && !(level >= 0 && level <= 1) || !(master >= 0 && master <= 1)) {
            throw Refusal.unfit("level", "A level is from 0 to 1.");
        }
        var adjustments = unit.adjustments();
        var start = PathReading.of(mode, adjustments, channel, 0, master);
        double asked = level != null ? level : start.channels().isEmpty() ? 0 : start.channels().get(channel).start();
        if (channels.isEmpty()) {
            return new PathView(uuid, asked, start, "", ChannelAdjustment.NONE, adjustments);
        }
        var placed = channels.get(channel);
        var attribute = placed.channel().attribute();
        return new PathView(uuid, asked, PathReading.of(mode, adjustments, channel, asked, master),
                adjustments.channels().containsKey(placed.name()) ? placed.name() : attribute, adjustments.of(placed.name(), attribute),
                adjustments);
    }
}
