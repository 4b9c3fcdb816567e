package yellowkite.server.bench;

import java.io.IOException;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import yellowkite.core.bench.Hands;
import yellowkite.core.bench.RigLight;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.rig.Found;
import yellowkite.core.rig.Output;
import yellowkite.core.rig.Patch;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.RigLevels;
import yellowkite.core.rig.Unit;
import yellowkite.core.rig.UniverseFacts;
import yellowkite.core.wire.sacn.SacnPacket;
import yellowkite.server.rigs.RigTaking;
import yellowkite.server.rigs.RigTaking.RigState;
import yellowkite.server.web.Refusal;

/**
 * A rig that is live: each unit at its start values, through its adjustments, until hands move it or it is lit up among the others. There
 * is one at a time; what it shows is no state that has to survive.
 */
@Service
class RigShow {
    private final RigTaking rigs;
    private final Addresses addresses;
    private final LiveOutput live;
    private @Nullable Shown shown;

    RigShow(RigTaking rigs, Addresses addresses, LiveOutput live) {
        this.rigs = rigs;
        this.addresses = addresses;
        this.live = live;
        live.onBreak(this::rest);
    }

    /**
     * What goes out.
     *
     * @param destination of universes whose way the rig does not say. @param moved units that hands moved
     * @param lent whether it goes out for as long as a unit is lit up, and no longer
     */
    private record Shown(String rigId, int version, String destination, LiveUnits units, Set<String> moved, boolean lent) {}

    /** Where a universe of a rig goes. @param refused why it cannot, a sentence; null if it can */
    record RigWay(int universe, String to, @Nullable String refused) {}

    /** @param live whether it goes out. @param behind whether the rig was changed since. @param ways of each universe with a unit in it */
    record RigLive(boolean live, boolean behind, List<RigWay> ways) {
        RigLive {
            ways = List.copyOf(ways);
        }
    }

    /** @param destination where universes go whose way the rig does not say */
    synchronized RigLive look(String rigId, String destination) {
        var state = rigs.require(rigId);
        var is = showing(rigId);
        return new RigLive(is != null && !is.lent(), is != null && is.version() != state.version(),
                state.rig()
                    .units()
                    .stream()
                    .flatMap(each -> each.addresses().stream())
                    .map(Patch::universe)
                    .distinct()
                    .sorted()
                    .map(each -> rigWay(state.rig(), each, destination))
                    .toList());
    }

    private RigWay rigWay(Rig rig, int universe, String destination) {
        var way = way(rig, universe, destination);
        try {
            return new RigWay(universe, addresses.require(way, universe).toString(), null);
        } catch (Refusal refused) {
            return new RigWay(universe, way, refused.getMessage());
        }
    }

    /** As the rig says; where that leaves the address open, as it is asked for. */
    static String way(Rig rig, int universe, String destination) {
        var output = rig.universes()
            .stream()
            .filter(each -> each.universe() == universe)
            .findFirst()
            .map(UniverseFacts::output)
            .orElse(Output.NONE);
        return switch (output.kind()) {
            case SACN_MULTICAST -> "sacn multicast";
            case SACN_UNICAST -> output.to().isEmpty() ? destination : "sacn " + output.to() + ":" + SacnPacket.PORT;
            case ART_NET -> destination.startsWith("artnet") && !output.to().isEmpty() ? destination + " " + output.to() : destination;
            case NONE, DMX -> destination;
        };
    }

    /** {@return what goes out of a rig; null while nothing does} */
    private @Nullable Shown showing(String rigId) {
        var is = shown;
        return is != null && is.rigId().equals(rigId) && is.units().isOut() ? is : null;
    }

    synchronized boolean isLive(String rigId) {
        return showing(rigId) != null;
    }

    /**
     * It goes live as it is now; what is played goes on. {@return whether it was not live before, but to light a unit up}
     *
     * @throws Refusal 422 if a universe of it cannot
     */
    synchronized boolean goLive(String rigId, String destination, String author) {
        var before = showing(rigId);
        open(rigs.require(rigId), destination, author, false).units().send();
        return before == null || before.lent();
    }

    private Shown open(RigState state, String destination, String author, boolean lent) {
        var before = shown;
        if (before != null && !before.rigId().equals(state.id()) && before.units().isOut()) {
            throw Refusal.unfit("rig", "Another rig is live. End that first.");
        }
        var goesOn = showing(state.id());
        var next = new Shown(state.id(), state.version(), destination,
                new LiveUnits(live, "rig " + state.id(), state.rig().units(), modes()), goesOn == null ? new HashSet<>() : goesOn.moved(),
                lent && (goesOn == null || goesOn.lent()));
        if (next.units().universes().isEmpty()) {
            throw Refusal.unfit("rig", "No unit of this rig has an address: there is nothing to send.");
        }
        var to = new TreeMap<Integer, String>();
        next.units()
            .universes()
            .forEach(each -> to.put(each, addresses.require(way(state.rig(), each, destination), each).toString()));
        if (goesOn != null) {
            playOn(goesOn, next);
            goesOn.units().universes().stream().filter(each -> !to.containsKey(each)).forEach(goesOn.units()::close);
        }
        try {
            next.units().open(to, "Rig " + state.name(), author);
        } catch (IOException failed) {
            throw Refusal.unfit("destination", "The output cannot be started here.");
        }
        shown = next;
        return next;
    }

    /** {@return what a unit is, each looked up once} */
    private Function<Unit, @Nullable CompiledMode> modes() {
        var known = new HashMap<Found, Optional<CompiledMode>>();
        return unit -> known.computeIfAbsent(unit.found(), rigs::compiled).orElse(null);
    }

    /** Units that hands moved stay where they are. */
    private static void playOn(Shown before, Shown next) {
        for (var uuid : before.moved()) {
            next.units()
                .levels()
                .find(uuid)
                .ifPresent(line -> before.units()
                    .levels()
                    .find(uuid)
                    .filter(each -> each.unit().found().equals(line.unit().found()))
                    .ifPresent(each -> System.arraycopy(each.levels(), 0, line.levels(), 0, each.levels().length)));
        }
    }

    /** What a unit shows. @param unit as it was when it was taken */
    record Played(Unit unit, Hands hands) {}

    /** Units show that; while their rig is not live, nobody sees it. @throws Refusal 422 if one is something else by now: then none does */
    synchronized void play(String rigId, List<Played> all, double seconds) {
        var is = showing(rigId);
        if (is == null) {
            return;
        }
        var lines = all.stream().map(each -> line(is, each.unit())).toList();
        for (int i = 0; i < lines.size(); i++) {
            lines.get(i).play(all.get(i).hands().raws());
            is.moved().add(all.get(i).unit().uuid());
        }
        is.units()
            .show(is.units().levels(),
                    lines.stream().flatMap(each -> each.unit().addresses().stream()).map(Patch::universe).distinct().toList(), seconds);
    }

    private static RigLevels.Line line(Shown is, Unit unit) {
        return is.units()
            .levels()
            .find(unit.uuid())
            .filter(each -> each.unit().found().equals(unit.found()))
            .orElseThrow(() -> Refusal.unfit("unit", "Unit " + unit.called() + " was changed in the rig. Take it in hand again."));
    }

    /** One unit lets its light out, all others keep theirs in. @throws Refusal 422 with what does not fit: then nothing changes */
    synchronized void light(String rigId, String uuid, String destination, String author) {
        var state = rigs.require(rigId);
        var lit = RigLight.dark(state.rig().units(), modes());
        var line = lit.find(uuid).orElseThrow(() -> Refusal.unfit("unit", "Nobody knows what this unit is made of."));
        line.play(Hands.lit(line.path().mode()).raws());
        var before = showing(rigId);
        boolean goesOn = before != null && before.version() == state.version()
                && (!before.lent() || before.destination().equals(destination));
        var is = before != null && goesOn ? before : open(state, destination, author, true);
        is.units().show(lit, is.units().universes(), 0);
    }

    /** What was played is shown again; a rig that went live to light a unit up ends. */
    synchronized void lightOut() {
        var is = shown;
        if (is != null && is.lent()) {
            end(is.rigId());
        } else if (is != null) {
            is.units().send();
        }
    }

    /** What hands had moved does not come back by itself. */
    private synchronized void rest() {
        var is = shown;
        if (is != null && is.units().isOut()) {
            is.units().rest();
            is.moved().clear();
        }
    }

    synchronized void end(String rigId) {
        var is = showing(rigId);
        if (is != null) {
            is.units().close();
            shown = null;
        }
    }
}
