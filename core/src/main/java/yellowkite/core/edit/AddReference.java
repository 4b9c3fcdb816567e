package yellowkite.core.edit;

import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import yellowkite.core.body.BodyTree;
import yellowkite.core.body.Frames;
import yellowkite.core.body.Parts;
import yellowkite.core.body.Place;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.DmxBreak;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;
import yellowkite.core.xml.Source;

/**
 * Repeats a top-level part in one more place. Its channels begin there behind all that the modes use: as far behind the last reference as
 * that stands behind the one before, where there are two.
 *
 * @param geometry the top-level part that is repeated
 */
public record AddReference(String parent, String name, String geometry, Place place) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        if (before.geometries().stream().noneMatch(each -> each.name().equals(geometry))) {
            return Located.rejected("geometry", "'" + geometry + "' is no top-level part; only such a part can be repeated.");
        }
        if (Parts.within(before, geometry, parent)) {
            return Located.rejected("geometry", "'" + geometry + "' would stand in itself.");
        }
        if (parent.isEmpty()) {
            return Located.rejected("parent", "What is repeated stands in a part.");
        }
        return BodyParts.refusalOfParent(before, parent)
            .or(() -> BodyParts.refusalOfNew(before, name))
            .or(() -> BodyParts.refusalOf(place))
            .orElseGet(() -> {
                var breaks = breaks(before);
                return breaks.stream().anyMatch(each -> each.dmxOffset() > AddressMap.UNIVERSE)
                        ? Located.rejected("geometry", "The channels of one more '" + geometry + "' find no addresses any more.")
                        : Located.applied(before.with(f -> f.geometries = BodyTree.insert(f.geometries, parent, -1,
                                new Geometry.Reference(name, "", Frames.matrix(place), geometry, breaks, Source.NONE))));
            });
    }

    private List<Geometry.Break> breaks(FixtureType type) {
        var others = BodyTree.references(type, geometry).toList();
        if (!others.isEmpty()) {
            var last = others.getLast().breaks();
            var before = others.size() > 1 ? others.get(others.size() - 2).breaks() : List.<Geometry.Break>of();
            return IntStream.range(0, last.size()).mapToObj(i -> {
                int step = i < before.size() ? Math.max(1, last.get(i).dmxOffset() - before.get(i).dmxOffset()) : Math.max(1, size(type));
                return new Geometry.Break(last.get(i).dmxOffset() + step, last.get(i).dmxBreak(), Source.NONE);
            }).toList();
        }
        return numbers(type).map(number -> new Geometry.Break(1 + used(type, number), number, Source.NONE)).toList();
    }

    /** {@return the breaks that the channels of the repeated part are in; the first where it has none yet} */
    private Stream<Integer> numbers(FixtureType type) {
        var numbers = type.modes()
            .stream()
            .flatMap(mode -> mode.channels().stream())
            .filter(each -> Parts.within(type, geometry, each.geometry()))
            .map(each -> each.dmxBreak() instanceof DmxBreak.Number number ? number.number() : 1)
            .distinct()
            .sorted()
            .toList();
        return numbers.isEmpty() ? Stream.of(1) : numbers.stream();
    }

    private static int used(FixtureType type, int dmxBreak) {
        return type.modes()
            .stream()
            .flatMap(mode -> AddressMap.of(type, mode).channels().stream())
            .filter(each -> Integer.valueOf(dmxBreak).equals(each.dmxBreak()))
            .flatMap(each -> each.addresses().stream())
            .max(Integer::compare)
            .orElse(0);
    }

    /** {@return the addresses that the channels of the repeated part use} */
    private int size(FixtureType type) {
        return type.modes()
            .stream()
            .flatMap(mode -> mode.channels().stream())
            .filter(each -> each.geometry().equals(geometry))
            .flatMap(each -> each.offsets().stream())
            .max(Integer::compare)
            .orElse(1);
    }

    @Override
    public String describe(FixtureType before) {
        return "'" + geometry + "' repeated as '" + name + "'";
    }
}
