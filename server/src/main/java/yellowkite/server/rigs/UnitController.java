package yellowkite.server.rigs;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.mvr.SceneUnits;
import yellowkite.core.rig.Adjustments.ChannelAdjustment;
import yellowkite.core.rig.Adjustments;
import yellowkite.core.rig.DipSwitches;
import yellowkite.core.rig.PathReading;
import yellowkite.core.rig.Unit;
import yellowkite.core.rig.UnitChannels;
import yellowkite.core.rig.UnitCurves;
import yellowkite.core.rig.file.RigJson;
import yellowkite.server.web.Refusal;

/** A unit by itself over HTTP: its path from level to DMX, its channels, its switches. */
@RestController
class UnitController {
    private final Rigs rigs;
    private final RigFixtures fixtures;

    UnitController(Rigs rigs, RigFixtures fixtures) {
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
        var unit = unit(rigId, uuid);
        var mode = mode(unit);
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

    private Unit unit(String rigId, String uuid) {
        return rigs.require(rigId).rig().find(uuid).orElseThrow(() -> Refusal.notFound("This unit is not in the rig any more."));
    }

    private CompiledMode mode(Unit unit) {
        return fixtures.compiled(unit.found())
            .orElseThrow(() -> Refusal.unfit("unit", "Nobody knows what unit " + unit.called() + " is made of."));
    }

    /** Address switches of one break. @param at as {@code U.A} */
    record SwitchLine(int dmxBreak, String at, DipSwitches switches) {}

    /**
     * @param fromZero whether its switches show 0 for address 1, as the house keeps it of the profile
     * @param focus what its scene says that it is focused on; may be empty
     */
    record UnitDetails(List<UnitChannels.UnitChannel> channels, List<SwitchLine> switches, boolean fromZero, String focus) {}

    /** 200 with the channels where they really are, and the switches; 404 if there is no such unit; 422 if nobody knows what it is. */
    @GetMapping("/api/rigs/{rigId}/units/{uuid}")
    UnitDetails details(@PathVariable String rigId, @PathVariable String uuid) {
        var unit = unit(rigId, uuid);
        boolean fromZero = fixtures.switchesCountFromZero(unit.found());
        return new UnitDetails(UnitChannels.of(unit, mode(unit)), unit.addresses()
            .stream()
            .map(each -> new SwitchLine(each.dmxBreak(), each.at().toString(), DipSwitches.of(each.from(), fromZero, unit.dipOffset())))
            .toList(), fromZero, RigJson.said(unit.extra(), SceneUnits.FOCUS));
    }

    /** 200 with the curves that can be laid on its channels. */
    @GetMapping("/api/rigs/{rigId}/units/{uuid}/curves")
    List<UnitCurves.UnitCurve> curves(@PathVariable String rigId, @PathVariable String uuid) {
        return UnitCurves.of(mode(unit(rigId, uuid)).type());
    }
}
