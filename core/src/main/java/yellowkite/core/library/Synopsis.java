package yellowkite.core.library;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.dmx.CompiledType;
import yellowkite.core.dmx.PlacedChannel;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry.BeamDetails;
import yellowkite.core.profile.Geometry;
import yellowkite.core.profile.House;
import yellowkite.core.profile.Protocols;
import yellowkite.core.text.HexId;

/**
 * What a list knows of a revision, and what it is found by.
 *
 * @param picture path of the fixture's picture in the archive
 * @param attributes by name
 * @param kinds words for the kind of fixture: its category, its source of light, the shape of its beam
 * @param watts of its sources of light, each and together; empty if the file leaves that open
 * @param placeholder whether it is a footprint and nothing else
 * @param rdm manufacturer's and model's id as a fixture says them over RDM, {@code 7FF0:00A1}; empty if the profile leaves them open
 */
public record Synopsis(String shortName, String longName, String description, String picture, House.Category category, List<ModeLine> modes,
        List<Attribute> attributes, List<String> kinds, List<Integer> watts,
        boolean placeholder, String rdm) {
    public static final Synopsis NONE = new Synopsis("", "", "", "", House.Category.NONE, List.of(), List.of(), List.of(), List.of(),
            false, "");
    /** What a list keeps of a text; the whole of it stays in the description. */
    private static final int LONGEST = 200;
    /** The standard has about 250 attributes; numbered ones make it a few more. */
    private static final int MOST_ATTRIBUTES = 1_000;
    private static final int MOST_WATTS = 1_000_000;
    /** As many as a sum of watts holds. */
    private static final int MOST_BEAMS = 2_000;

    public Synopsis {
        modes = List.copyOf(modes);
        attributes = List.copyOf(attributes);
        kinds = List.copyOf(kinds);
        watts = List.copyOf(watts);
    }

    /** @param cells repeated light sources; 0 in a fixture without */
    public record ModeLine(String name, int footprint, int cells) {}

    /** @param pretty what the profile calls it; may be empty. @param bytes widest channel that drives it */
    public record Attribute(String name, String pretty, int bytes) {}

    public static Synopsis of(FixtureType type) {
        return of(CompiledType.of(type));
    }

    public static Synopsis of(CompiledType compiled) {
        var type = compiled.type();
        var beams = type.geometries().stream().flatMap(Geometry::walk).flatMap(Synopsis::beam).toList();
        return new Synopsis(cut(type.shortName()), cut(type.longName()), cut(type.description()), type.thumbnail() + ".png",
                type.house().category(), compiled.modes().stream().map(Synopsis::line).toList(),
                attributes(type), kinds(type, beams), watts(beams), Placeholder.is(type), rdm(type.protocols().rdm()));
    }

    private static String rdm(Protocols.@Nullable Rdm rdm) {
        return rdm == null || rdm.manufacturerId() == 0 ? "" : rdm(rdm.manufacturerId(), rdm.deviceModelId());
    }

    /** {@return ids of ANSI E1.20 as lists find them} @param manufacturer in [0, 0xFFFF], as is {@code model} */
    public static String rdm(int manufacturer, int model) {
        return HexId.of(manufacturer) + ":" + HexId.of(model);
    }

    private static ModeLine line(CompiledMode mode) {
        var map = mode.map();
        var times = map.channels()
            .stream()
            .collect(Collectors.groupingBy((PlacedChannel placed) -> placed.channel().id(), Collectors.counting()));
        long most = times.values().stream().mapToLong(Long::longValue).max().orElse(1);
        return new ModeLine(cut(mode.mode().name()), map.totalFootprint(), most > 1 ? (int) most : 0);
    }

    private static List<Attribute> attributes(FixtureType type) {
        var bytes = new TreeMap<String, Integer>();
        type.modes()
            .forEach(mode -> mode.channels()
                .forEach(
                        channel -> channel.functions().forEach(function -> bytes.merge(function.attribute(), channel.bytes(), Math::max))));
        var pretty = type.attributeDefinitions()
            .attributes()
            .stream()
            .collect(Collectors.toMap(each -> each.name(), each -> each.pretty(), (first, second) -> first));
        return bytes.entrySet()
            .stream()
            .limit(MOST_ATTRIBUTES)
            .map(each -> new Attribute(cut(each.getKey()), cut(pretty.getOrDefault(each.getKey(), "")), each.getValue()))
            .toList();
    }

    private static List<String> kinds(FixtureType type, List<BeamDetails> beams) {
        var kinds = new ArrayList<String>();
        if (type.house().category() != House.Category.NONE) {
            kinds.addAll(List.of(type.house().category().name().toLowerCase(Locale.ROOT).split("_")));
        }
        beams.forEach(
                beam -> kinds.addAll(List.of(beam.lampType().toLowerCase(Locale.ROOT), beam.beamType().name().toLowerCase(Locale.ROOT))));
        kinds.removeIf(kind -> kind.isBlank() || kind.equals("none"));
        return kinds.stream().map(Synopsis::cut).distinct().sorted().toList();
    }

    private static List<Integer> watts(List<BeamDetails> beams) {
        var said = beams.stream()
            .mapToDouble(BeamDetails::powerConsumption)
            .filter(each -> each > 0 && each != BeamDetails.DEFAULT.powerConsumption())
            .mapToInt(each -> (int) Math.min(MOST_WATTS, Math.round(each)))
            .boxed()
            .toList();
        var watts = new TreeSet<>(said);
        if (!said.isEmpty()) {
            watts.add(said.stream().mapToInt(Integer::intValue).limit(MOST_BEAMS).sum());
        }
        return List.copyOf(watts);
    }

    private static Stream<BeamDetails> beam(Geometry geometry) {
        return geometry instanceof Geometry.Part part && part.details() instanceof BeamDetails beam ? Stream.of(beam) : Stream.empty();
    }

    private static String cut(String text) {
        return text.length() <= LONGEST ? text : text.substring(0, LONGEST - 3) + "...";
    }
}
