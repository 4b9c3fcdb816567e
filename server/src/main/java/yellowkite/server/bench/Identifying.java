package yellowkite.server.bench;

import java.io.IOException;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.Unit;
import yellowkite.core.wire.rdm.Uid;
import yellowkite.output.Destination;
import yellowkite.output.RdmLine;
import yellowkite.server.rigs.RigTaking;
import yellowkite.server.web.Refusal;

/** Lights up one unit of a rig among all others, so that it can be found. */
@Service
class Identifying {
    private static final Logger LOG = LoggerFactory.getLogger(Identifying.class);
    private final RigTaking rigs;
    private final Addresses addresses;
    private final RigShow show;
    private @Nullable Asked asked;

    /** A fixture that shows itself. */
    private record Asked(Destination.ArtNet at, Uid device) {}

    Identifying(RigTaking rigs, Addresses addresses, RigShow show) {
        this.rigs = rigs;
        this.addresses = addresses;
        this.show = show;
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
        } else {
            askNoMore();
            show.light(rigId, uuid, destination, author);
        }
    }

    private void ask(Rig rig, Unit unit, String destination) {
        var patch = unit.addresses().getFirst();
        asked = null;
        if (!(addresses.require(RigShow.way(rig, patch.universe(), destination), patch.universe()) instanceof Destination.ArtNet artNet)) {
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
        askNoMore();
        show.lightOut();
    }

    private void askNoMore() {
        var last = asked;
        asked = null;
        if (last != null) {
            try (var line = new RdmLine(last.at())) {
                line.identify(last.device(), false);
            } catch (RdmLine.Refused | IOException gone) {
                LOG.debug("{} cannot be told to stop showing itself", last.device(), gone);
            }
        }
    }
}
