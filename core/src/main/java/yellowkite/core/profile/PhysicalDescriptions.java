package yellowkite.core.profile;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import yellowkite.core.xml.Source;

/**
 * What a fixture type says of its light and its body: GDTF {@code PhysicalDescriptions}.
 *
 * @param colorSpace null if the file gives none
 * @param additionalColorSpaces found by name
 */
public record PhysicalDescriptions(@Nullable ColorSpace colorSpace, List<ColorSpace> additionalColorSpaces, List<Gamut> gamuts,
        List<Filter> filters, List<Emitter> emitters, List<DmxProfile> dmxProfiles, List<CriGroup> criGroups,
        List<Connector> connectors, Properties properties, Source source) {

    public static final PhysicalDescriptions EMPTY = new PhysicalDescriptions(null, List.of(), List.of(), List.of(), List.of(),
            List.of(), List.of(), List.of(), Properties.EMPTY, Source.NONE);

    public PhysicalDescriptions {
        additionalColorSpaces = List.copyOf(additionalColorSpaces);
        gamuts = List.copyOf(gamuts);
        filters = List.copyOf(filters);
        emitters = List.copyOf(emitters);
        dmxProfiles = List.copyOf(dmxProfiles);
        criGroups = List.copyOf(criGroups);
        connectors = List.copyOf(connectors);
    }

    public PhysicalDescriptions withDmxProfiles(List<DmxProfile> to) {
        return new PhysicalDescriptions(colorSpace, additionalColorSpaces, gamuts, filters, emitters, to, criGroups, connectors, properties,
                source);
    }

    public PhysicalDescriptions withConnectors(List<Connector> to) {
        return new PhysicalDescriptions(colorSpace, additionalColorSpaces, gamuts, filters, emitters, dmxProfiles, criGroups, to,
                properties, source);
    }

    public PhysicalDescriptions withProperties(Properties to) {
        return new PhysicalDescriptions(colorSpace, additionalColorSpaces, gamuts, filters, emitters, dmxProfiles, criGroups, connectors,
                to, source);
    }

    public PhysicalDescriptions withEmitters(List<Emitter> to) {
        return new PhysicalDescriptions(colorSpace, additionalColorSpaces, gamuts, filters, to, dmxProfiles, criGroups, connectors,
                properties, source);
    }

    public PhysicalDescriptions withFilters(List<Filter> to) {
        return new PhysicalDescriptions(colorSpace, additionalColorSpaces, gamuts, to, emitters, dmxProfiles, criGroups, connectors,
                properties, source);
    }

    public Optional<DmxProfile> findDmxProfile(String name) {
        return dmxProfiles.stream().filter(profile -> profile.name().equals(name)).findFirst();
    }

    public Optional<Emitter> findEmitter(String name) {
        return emitters.stream().filter(emitter -> emitter.name().equals(name)).findFirst();
    }

    public Optional<Filter> findFilter(String name) {
        return filters.stream().filter(filter -> filter.name().equals(name)).findFirst();
    }
}
