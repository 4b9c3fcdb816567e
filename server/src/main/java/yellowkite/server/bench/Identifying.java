package yellowkite.server.bench;

import java.io.IOException;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import yellowkite.core.bench.Frames;
import yellowkite.core.bench.Hands;
import yellowkite.core.bench.LightOut;
import yellowkite.core.rig.Output;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.Unit;
import yellowkite.core.rig.UniverseFacts;
import yellowkite.core.wire.rdm.Uid;
import yellowkite.core.wire.sacn.SacnPacket;
import yellowkite.output.Command;
import yellowkite.output.Destination;
import yellowkite.output.RdmLine;
import yellowkite.server.rigs.RigTaking;
import yellowkite.server.web.Refusal;

/** Lights up one unit of a rig among all others, so that it can be found. */
@Service
class Identifying {
    private static final Logger LOG = LoggerFactory.getLogger(Identifying.class);
    private static final String HOLDER = "identify";
    private final RigTaking rigs;
    private final Addresses addresses;
    private final LiveOutput live;
    private List<Integer> universes = List.of();
    private @Nullable Asked asked;

    /** A fixture that shows itself. */
    private record Asked(Destination.ArtNet at, Uid device) {}

    Identifying(RigTaking rigs, Addresses addresses, LiveOutput live) {
        this.rigs = rigs;
        this.addresses = addresses;
        this.live = live;
    }

    /** By what a unit is found. */
    enum By {
        /** Its highlight values, all others of its universes at their start values without light. */
        LIGHT,
        /** The fixture itself, which is asked over RDM. */
        RDM
    }

    /** @param destination where universes go whose way the rig does not say. @throws Refusal 422 with what does not fit */
    synchronized void identify(String rigId, String uuid, By by, String destination, String author) {
        var rig = rigs.require(rigId).rig();
        var unit = rig.find(uuid).orElseThrow(() -> Refusal.notFound("This unit is not in the rig any more."));
        if (!unit.hasAddress()) {
            throw Refusal.unfit("unit", "Unit " + unit.called() + " has no address.");
        }
        if (by == By.RDM) {
            stop();
            ask(rig, unit, destination);
            return;
        }
        var mode = rigs.compiled(unit.found())
            .orElseThrow(() -> Refusal.unfit("unit", "Nobody knows what unit " + unit.called() + " is made of."));
        var dark = new Frames(unit.addresses());
        var lit = new Frames(unit.addresses());
        for (var each : rig.units()) {
            rigs.compiled(each.found()).ifPresent(of -> {
                dark.lay(each.addresses(), of, LightOut.none(of));
                lit.lay(each.addresses(), of, LightOut.none(of));
            });
        }
        lit.lay(unit.addresses(), mode, Hands.lit(mode).raws());
        stop();
        try {
            for (int universe : dark.universes()) {
                var to = addresses.require(way(rig, universe, destination), universe);
                live.open(
                        new Command.Open(universe, List.of(to.toString()), SacnPacket.USUAL_PRIORITY, dark.of(universe), dark.of(universe)),
                        author, LiveOutput.Holder.ofNothing(HOLDER, "Unit " + unit.called() + " lit up"));
                universes = Stream.concat(universes.stream(), Stream.of(universe)).toList();
                live.send(HOLDER, new Command.Levels(universe, lit.of(universe)));
            }
        } catch (IOException failed) {
            throw Refusal.unfit("destination", "The output cannot be started here.");
        }
    }

    /** As the rig says; where that leaves the address open, as it is asked for. */
    private static String way(Rig rig, int universe, String destination) {
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

    private void ask(Rig rig, Unit unit, String destination) {
        var patch = unit.addresses().getFirst();
        asked = null;
        if (!(addresses.require(way(rig, patch.universe(), destination), patch.universe()) instanceof Destination.ArtNet artNet)) {
            throw Refusal.unfit("destination", "RDM is asked over Art-Net: write where as artnet 127.0.0.1:6454.");
        }
        try (var line = new RdmLine(artNet)) {
            for (var device : line.devices(false)) {
                boolean it = device.info().address() == patch.from();
                line.identify(device.uid(), it);
                asked = it ? new Asked(artNet, device.uid()) : asked;
            }
            if (asked == null) {
                throw Refusal.unfit("unit", "No fixture answers at " + patch.at() + ".");
            }
        } catch (RdmLine.Refused refused) {
            throw Refusal.unfit("device", String.valueOf(refused.getMessage()));
        } catch (IOException away) {
            throw Refusal.unfit("destination", "The network is away: " + away.getMessage() + ".");
        }
    }

    /** Light that was let out goes; a fixture that shows itself is told to stop. */
    synchronized void stop() {
        var last = asked;
        asked = null;
        if (last != null) {
            try (var line = new RdmLine(last.at())) {
                line.identify(last.device(), false);
            } catch (RdmLine.Refused | IOException gone) {
                LOG.debug("{} cannot be told to stop showing itself", last.device(), gone);
            }
        }
        universes.forEach(each -> live.close(each, HOLDER));
        universes = List.of();
    }
}
