package yellowkite.server.bench;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import yellowkite.core.bench.Hands;
import yellowkite.core.bench.LightOut;
import yellowkite.core.bench.Slots;
import yellowkite.core.bench.rdm.SlotIds;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.rig.Found;
import yellowkite.core.rig.Output;
import yellowkite.core.rig.Patch;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.RigLevels;
import yellowkite.core.rig.Unit;
import yellowkite.core.rig.UniverseFacts;
import yellowkite.core.wire.sacn.SacnPacket;
import yellowkite.output.Command;
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
    }

    /**
     * What goes out.
     *
     * @param destination of universes whose way the rig does not say. @param levels as they are played. @param dark without light
     * @param lent whether it goes out for as long as a unit is lit up, and no longer. @param moved units that hands moved
     */
    private record Shown(String rigId, int version, String destination, RigLevels levels, RigLevels dark, boolean lent,
            Set<String> moved) {

        String holder() {
            return "rig " + rigId;
        }

        Collection<Integer> universes() {
            return levels.frames().keySet();
        }
    }

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
        return is != null && is.rigId().equals(rigId) && isOut(is) ? is : null;
    }

    private boolean isOut(Shown is) {
        return is.universes().stream().anyMatch(each -> live.isHeldBy(each, is.holder()));
    }

    synchronized boolean isLive(String rigId) {
        return showing(rigId) != null;
    }

    /** It goes live as it is now; what is played goes on. @throws Refusal 422 if a universe of it cannot */
    synchronized void goLive(String rigId, String destination, String author) {
        var is = open(rigs.require(rigId), destination, author, false);
        send(is.levels(), is, is.universes(), 0);
    }

    private Shown open(RigState state, String destination, String author, boolean lent) {
        var before = shown;
        if (before != null && !before.rigId().equals(state.id()) && isOut(before)) {
            throw Refusal.unfit("rig", "Another rig is live. End that first.");
        }
        var goesOn = showing(state.id());
        var modes = modes();
        var next = new Shown(state.id(), state.version(), destination, played(state.rig(), modes, goesOn), dark(state.rig(), modes),
                lent && (goesOn == null || goesOn.lent()), goesOn == null ? new HashSet<>() : goesOn.moved());
        if (next.universes().isEmpty()) {
            throw Refusal.unfit("rig", "No unit of this rig has an address: there is nothing to send.");
        }
        var to = new TreeMap<Integer, String>();
        next.universes().forEach(each -> to.put(each, addresses.require(way(state.rig(), each, destination), each).toString()));
        shown = next;
        if (goesOn != null) {
            goesOn.universes().stream().filter(each -> !to.containsKey(each)).forEach(each -> live.close(each, goesOn.holder()));
        }
        try {
            open(next, state, RigLevels.of(state.rig().units(), modes), to, author);
        } catch (IOException failed) {
            throw Refusal.unfit("destination", "The output cannot be started here.");
        }
        return next;
    }

    private void open(Shown next, RigState state, RigLevels rest, Map<Integer, String> to, String author) throws IOException {
        next.dark().send(1);
        rest.send(1);
        try {
            for (int each : next.universes()) {
                live.open(
                        new Command.Open(each, List.of(to.get(each)), SacnPacket.USUAL_PRIORITY, frame(rest, each),
                                frame(next.dark(), each)),
                        author, new LiveOutput.Holder(next.holder(), "Rig " + state.name(), owners(rest, each)));
            }
        } catch (IOException | Refusal refused) { // none of it, where one of them cannot
            close(next);
            throw refused;
        }
    }

    private static byte[] frame(RigLevels levels, int universe) {
        return levels.frames().getOrDefault(universe, new byte[AddressMap.UNIVERSE]).clone();
    }

    /** {@return what a unit is, each looked up once} */
    private Function<Unit, @Nullable CompiledMode> modes() {
        var known = new HashMap<Found, Optional<CompiledMode>>();
        return unit -> known.computeIfAbsent(unit.found(), rigs::compiled).orElse(null);
    }

    /** At the start values, or where hands moved it. */
    private static RigLevels played(Rig rig, Function<Unit, @Nullable CompiledMode> modes, @Nullable Shown before) {
        var levels = RigLevels.of(rig.units(), modes);
        if (before != null) {
            for (var uuid : before.moved()) {
                levels.find(uuid)
                    .ifPresent(line -> before.levels()
                        .find(uuid)
                        .filter(each -> each.unit().found().equals(line.unit().found()))
                        .ifPresent(each -> System.arraycopy(each.levels(), 0, line.levels(), 0, each.levels().length)));
            }
        }
        return levels;
    }

    private static RigLevels dark(Rig rig, Function<Unit, @Nullable CompiledMode> modes) {
        var dark = RigLevels.of(rig.units().stream().map(each -> each.with(f -> f.adjustments = each.adjustments().turns())).toList(),
                modes);
        dark.lines().forEach(each -> each.play(LightOut.none(each.path().mode())));
        return dark;
    }

    private static List<String> owners(RigLevels levels, int universe) {
        var owners = new ArrayList<>(Collections.nCopies(AddressMap.UNIVERSE, ""));
        for (var line : levels.lines()) {
            var slots = Slots.of(line.path().mode());
            for (var patch : line.unit().addresses()) {
                int begin = slots.begins().getOrDefault(patch.dmxBreak(), 0);
                for (int i = 0; patch.universe() == universe && i < patch.footprint() && patch.from() + i <= AddressMap.UNIVERSE; i++) {
                    owners.set(patch.from() - 1 + i,
                            (line.unit().id() + " " + SlotIds.describe(line.path().mode(), begin + i).orElse("")).strip());
                }
            }
        }
        return owners;
    }

    private void send(RigLevels levels, Shown as, Collection<Integer> universes, double seconds) {
        levels.send(1);
        for (int each : universes) {
            live.send(as.holder(),
                    seconds > 0 ? new Command.Levels(each, frame(levels, each), seconds, levels.wide(each), levels.jumps(each))
                            : new Command.Levels(each, frame(levels, each)));
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
        send(is.levels(), is, lines.stream().flatMap(each -> each.unit().addresses().stream()).map(Patch::universe).distinct().toList(),
                seconds);
    }

    private static RigLevels.Line line(Shown is, Unit unit) {
        return is.levels()
            .find(unit.uuid())
            .filter(each -> each.unit().found().equals(unit.found()))
            .orElseThrow(() -> Refusal.unfit("unit", "Unit " + unit.called() + " was changed in the rig. Take it in hand again."));
    }

    /** One unit lets its light out, all others keep theirs in. @throws Refusal 422 with what does not fit */
    synchronized void light(String rigId, String uuid, String destination, String author) {
        var state = rigs.require(rigId);
        var before = showing(rigId);
        boolean goesOn = before != null && before.version() == state.version()
                && (!before.lent() || before.destination().equals(destination));
        var is = before != null && goesOn ? before : open(state, destination, author, true);
        var lit = dark(state.rig(), modes());
        var line = lit.find(uuid).orElseThrow(() -> Refusal.unfit("unit", "Nobody knows what this unit is made of."));
        line.play(Hands.lit(line.path().mode()).raws());
        send(lit, is, is.universes(), 0);
    }

    /** What was played is shown again; a rig that went live to light a unit up ends. */
    synchronized void lightOut() {
        var is = shown;
        if (is == null || !isOut(is)) {
            return;
        } else if (is.lent()) {
            close(is);
        } else {
            send(is.levels(), is, is.universes(), 0);
        }
    }

    synchronized void end(String rigId) {
        var is = showing(rigId);
        if (is != null) {
            close(is);
        }
    }

    private void close(Shown is) {
        is.universes().forEach(each -> live.close(each, is.holder()));
        shown = null;
    }
}
