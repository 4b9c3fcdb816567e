package yellowkite.core.profile;

import java.util.List;
import java.util.Optional;

/** What a fixture type says of its light and its body: GDTF {@code PhysicalDescriptions}; what is not named here is carried along. */
public record PhysicalDescriptions(List<DmxProfile> dmxProfiles, Source source) {
    public static final PhysicalDescriptions EMPTY = new PhysicalDescriptions(List.of(), Source.NONE);

    public PhysicalDescriptions {
        dmxProfiles = List.copyOf(dmxProfiles);
    }

    public Optional<DmxProfile> findDmxProfile(String name) {
        return dmxProfiles.stream().filter(profile -> profile.name().equals(name)).findFirst();
    }
}
