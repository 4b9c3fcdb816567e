package yellowkite.server.bench;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import yellowkite.core.bench.rdm.DeviceDifference;
import yellowkite.core.bench.rdm.DeviceMatch;
import yellowkite.core.bench.rdm.ToldDevice;
import yellowkite.core.library.Synopsis;
import yellowkite.core.profile.Mode;
import yellowkite.core.rig.Patch;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.Unit;
import yellowkite.core.rig.edit.MoveUnits;
import yellowkite.core.rig.edit.ReplaceFixture;
import yellowkite.core.rig.edit.RigEdit;
import yellowkite.core.wire.rdm.Uid;
import yellowkite.output.Destination;
import yellowkite.output.RdmLine;
import yellowkite.server.library.LibraryShelves;
import yellowkite.server.revisions.RevisionReader;
import yellowkite.server.revisions.RevisionRepository;
import yellowkite.server.revisions.StoredRevision;
import yellowkite.server.rigs.RigTaking;
import yellowkite.server.web.Refusal;

/** Fixtures that answer RDM: what they say, which profile and which unit of a rig they are, and what differs. Sets them, too. */
@Service
class Devices {
    private static final int MOST_PROFILES = 12;
    private final Addresses addresses;
    private final LibraryShelves library;
    private final RevisionRepository revisions;
    private final RevisionReader reader;
    private final RigTaking rigs;
    private final Modes modes;

    Devices(Addresses addresses, LibraryShelves library, RevisionRepository revisions, RevisionReader reader, RigTaking rigs,
            Modes modes) {
        this.modes = modes;
        this.addresses = addresses;
        this.library = library;
        this.revisions = revisions;
        this.reader = reader;
        this.rigs = rigs;
    }

    /** A profile that a device is one of. @param mode that its personality is; null where none fits */
    record DeviceProfile(String pin, String profileId, String manufacturer, String profile, int revision, @Nullable String mode,
            DeviceMatch.Sure sure) {}

    /** What mends a difference. @param address that the fixture is set to; null = it stays, as is personality. @param edit of the rig */
    record DeviceCure(String says, @Nullable Integer address, @Nullable Integer personality, @Nullable RigEdit edit) {}

    record DeviceDiffers(String says, List<DeviceCure> cures) {}

    /** The unit of a rig that a device is. */
    record DeviceUnit(String uuid, String called, List<DeviceDiffers> differs) {}

    /** @param differs what it says of itself and the first of these profiles does not, in sentences */
    record FoundDevice(ToldDevice device, List<DeviceProfile> profiles, List<String> differs, @Nullable DeviceUnit unit) {}

    /** {@return who answers at a port} @param rigId null where no rig is looked at */
    List<FoundDevice> find(String destination, int universe, boolean anew, @Nullable String rigId) {
        var rig = rigId == null ? Rig.EMPTY : rigs.require(rigId).rig();
        try (var line = line(destination, universe)) {
            return line.devices(anew).stream().map(each -> found(each, rig, universe)).toList();
        } catch (IOException away) {
            throw away(away);
        }
    }

    private FoundDevice found(ToldDevice device, Rig rig, int universe) {
        var profiles = profiles(device);
        return new FoundDevice(device, profiles, profiles.stream().findFirst().map(each -> differs(device, each)).orElse(List.of()),
                unit(device, rig, universe).map(each -> unit(device, each, universe)).orElse(null));
    }

    private List<DeviceProfile> profiles(ToldDevice device) {
        var words = new LinkedHashSet<>(library.found(Synopsis.rdm(device.uid().maker(), device.info().model()), MOST_PROFILES));
        words.addAll(library.found(device.manufacturer() + " " + device.model(), MOST_PROFILES));
        words.addAll(library.found(device.model(), MOST_PROFILES));
        var all = new ArrayList<DeviceProfile>();
        revisions.newestOf(words).values().forEach(each -> profile(device, each).ifPresent(all::add));
        return all.stream().sorted(Comparator.comparing(DeviceProfile::sure)).toList();
    }

    private List<String> differs(ToldDevice device, DeviceProfile profile) {
        return profile.mode() == null ? List.of()
                : DeviceDifference.of(device, modes.mode(modes.revision(profile.pin()), profile.mode()), 0)
                    .stream()
                    .map(DeviceDifference::says)
                    .toList();
    }

    private Optional<DeviceProfile> profile(ToldDevice device, StoredRevision revision) {
        var type = reader.description(revision).type();
        return DeviceMatch.of(device, type)
            .map(sure -> new DeviceProfile(revision.id(), revision.profileId(), type.manufacturer(), type.name(), revision.number(),
                    DeviceMatch.modeOf(type, device, device.info().personality()).map(Mode::name).orElse(null), sure));
    }

    /** By its label, which people set to the unit's id; else by where it stands. */
    private static Optional<Unit> unit(ToldDevice device, Rig rig, int universe) {
        return rig.units()
            .stream()
            .filter(each -> !device.label().isBlank() && each.id().equals(device.label().strip()))
            .findFirst()
            .or(() -> rig.units()
                .stream()
                .filter(each -> patch(each, universe).filter(at -> at.from() == device.info().address()).isPresent())
                .findFirst());
    }

    private static Optional<Patch> patch(Unit unit, int universe) {
        return unit.addresses().stream().filter(each -> each.universe() == universe).findFirst();
    }

    private DeviceUnit unit(ToldDevice device, Unit unit, int universe) {
        var differs = rigs.compiled(unit.found())
            .map(mode -> DeviceDifference.of(device, mode, patch(unit, universe).map(Patch::from).orElse(0)))
            .orElse(List.of());
        return new DeviceUnit(unit.uuid(), unit.called(), differs.stream()
            .map(each -> new DeviceDiffers(each.says(),
                    each.cures().stream().flatMap(cure -> cure(cure, unit, universe).stream()).toList()))
            .toList());
    }

    private Optional<DeviceCure> cure(DeviceDifference.Cure cure, Unit unit, int universe) {
        return switch (cure) {
            case DeviceDifference.Cure.SetPersonality(int number) ->
                Optional.of(new DeviceCure("Set fixture to personality " + number, null, number, null));
            case DeviceDifference.Cure.SetAddress(int address) ->
                Optional.of(new DeviceCure("Set fixture to address " + address, address, null, null));
            case DeviceDifference.Cure.ChangeAddress(int address) -> Optional.of(new DeviceCure("Move unit to address " + address, null,
                    null, new MoveUnits(List.of(unit.uuid()), universe + "." + address)));
            case DeviceDifference.Cure.ChangeMode(String mode) -> rigs.revision(unit.found().pin())
                .flatMap(revision -> rigs.mode(revision, mode))
                .map(found -> new DeviceCure("Change unit to '" + mode + "'", null, null,
                        new ReplaceFixture(List.of(unit.uuid()), found)));
        };
    }

    /** Sets a fixture; what is null stays. @throws Refusal 422 with what it refuses */
    void set(String uid, String destination, int universe, @Nullable Integer address, @Nullable Integer personality,
            @Nullable String label, @Nullable Boolean identify) {
        var device = Uid.parse(uid).filter(each -> !each.isBroadcast()).orElseThrow(() -> Refusal.notFound("There is no such fixture."));
        try (var line = line(destination, universe)) {
            if (personality != null) {
                line.setPersonality(device, personality);
            }
            if (address != null) {
                line.setAddress(device, address);
            }
            if (label != null) {
                line.setLabel(device, label);
            }
            if (identify != null) {
                line.identify(device, identify);
            }
        } catch (RdmLine.Refused refused) {
            throw Refusal.unfit("device", String.valueOf(refused.getMessage()));
        } catch (IOException away) {
            throw away(away);
        }
    }

    private static Refusal away(IOException away) {
        return Refusal.unfit("destination", "The network is away: " + away.getMessage() + ".");
    }

    private RdmLine line(String destination, int universe) throws IOException {
        if (addresses.require(destination, universe) instanceof Destination.ArtNet artNet) {
            return new RdmLine(artNet);
        }
        throw Refusal.unfit("destination", "RDM is asked over Art-Net: write where as artnet 127.0.0.1:6454.");
    }
}
