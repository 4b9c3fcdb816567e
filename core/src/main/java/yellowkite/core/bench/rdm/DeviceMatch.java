package yellowkite.core.bench.rdm;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import yellowkite.core.bench.Slots;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Mode;
import yellowkite.core.profile.Protocols;
import yellowkite.core.wire.rdm.Personality;

/** Which profile a device is one of, and which mode its personality is. */
public final class DeviceMatch {
    private DeviceMatch() {}

    /** How sure it is that a device is one of a profile. */
    public enum Sure {
        /** The profile states the manufacturer's and the model's id. */
        BY_ID,
        /** Manufacturer and model are called alike. */
        BY_NAME
    }

    /** {@return whether a device is one of a profile} */
    public static Optional<Sure> of(ToldDevice device, FixtureType type) {
        var rdm = type.protocols().rdm();
        if (rdm != null && rdm.manufacturerId() == device.uid().maker() && rdm.deviceModelId() == device.info().model()) {
            return Optional.of(Sure.BY_ID);
        }
        return alike(device.model(), type.name()) && (device.manufacturer().isBlank() || alike(device.manufacturer(), type.manufacturer()))
                ? Optional.of(Sure.BY_NAME)
                : Optional.empty();
    }

    private static boolean alike(String one, String other) {
        return !one.isBlank() && plain(one).equals(plain(other));
    }

    /** RDM cuts names after 32 bytes, and makers write them as they like. */
    private static String plain(String name) {
        var letters = name.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]", "");
        return letters.substring(0, Math.min(letters.length(), 24));
    }

    /**
     * {@return the mode that a personality is} As the profile says for the device's software, else for any; else the mode of that footprint
     * that is called so, else the only one of that footprint.
     *
     * @param number from 1
     */
    public static Optional<Mode> modeOf(FixtureType type, ToldDevice device, int number) {
        var said = said(type, device, number);
        if (said.isPresent()) {
            return said;
        }
        var described = device.personalities().stream().filter(each -> each.number() == number).findFirst();
        int footprint = described.map(Personality::footprint)
            .orElse(number == device.info().personality() ? device.info().footprint() : -1);
        var sized = type.modes().stream().filter(each -> Slots.of(CompiledMode.of(type, each)).count() == footprint).toList();
        return described.flatMap(each -> sized.stream().filter(mode -> alike(each.text(), mode.name())).findFirst())
            .or(() -> sized.size() == 1 ? Optional.of(sized.getFirst()) : Optional.empty());
    }

    private static Optional<Mode> said(FixtureType type, ToldDevice device, int number) {
        var rdm = type.protocols().rdm();
        var versions = rdm == null ? List.<Protocols.SoftwareVersion>of() : rdm.versions();
        return versions.stream()
            .sorted(Comparator.comparing(each -> each.value() != device.info().software())) // the device's own first
            .flatMap(each -> each.personalities().stream())
            .filter(each -> each.value() == number)
            .flatMap(each -> type.modes().stream().filter(mode -> mode.name().equals(each.mode())))
            .findFirst();
    }

    /** {@return the number of the personality that is a mode} */
    public static Optional<Integer> personalityOf(FixtureType type, ToldDevice device, Mode mode) {
        for (int number = 1; number <= device.info().personalities(); number++) {
            if (modeOf(type, device, number).filter(each -> each.id() == mode.id()).isPresent()) {
                return Optional.of(number);
            }
        }
        return Optional.empty();
    }
}
