package yellowkite.core.edit;

import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.DmxBreak;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;
import yellowkite.core.profile.Mode;
import yellowkite.core.profile.Trees;

/**
 * The addresses of one space of a mode: those of its shared channels, or those within a cell. Channels are in one space if their parts hang
 * under the same top-level geometry and they have the same break.
 */
record Addresses(FixtureType type, Mode mode, Set<String> parts, DmxBreak dmxBreak) {

    static Addresses of(FixtureType type, Mode mode, String geometry, DmxBreak dmxBreak) {
        var parts = type.geometries()
            .stream()
            .filter(top -> top.walk().anyMatch(each -> each.name().equals(geometry)))
            .findFirst()
            .map(top -> top.walk().map(Geometry::name).collect(Collectors.toSet()))
            .orElse(Set.of(geometry));
        return new Addresses(type, mode, parts, dmxBreak);
    }

    boolean holds(Channel channel) {
        return parts.contains(channel.geometry()) && channel.dmxBreak().equals(dmxBreak);
    }

    boolean isShared() {
        return parts.contains(mode.geometry());
    }

    Set<Integer> used() {
        return mode.channels()
            .stream()
            .filter(this::holds)
            .flatMap(each -> each.offsets().stream())
            .collect(Collectors.toCollection(HashSet::new));
    }

    /** {@return the first address behind all that are in use, cells included} */
    int next() {
        int own = used().stream().mapToInt(Integer::intValue).max().orElse(0);
        return 1 + (isShared() ? Math.max(own, AddressMap.of(type, mode).footprint().getOrDefault(number(), 0)) : own);
    }

    private int number() {
        return dmxBreak instanceof DmxBreak.Number number ? number.number() : 1;
    }

    /**
     * {@return the document in which every address of this space from {@code first} on has moved by {@code by}, cells that start there
     * included}
     */
    FixtureType shift(int first, int by) {
        var moved = type.mapModes(each -> each.id() != mode.id() ? each
                : each.mapChannels(channel -> !holds(channel) || channel.offsets().stream().noneMatch(offset -> offset >= first) ? channel
                        : channel.withOffsets(channel.offsets().stream().map(offset -> offset >= first ? offset + by : offset).toList())));
        return isShared() ? moved.with(f -> f.geometries = Trees.map(f.geometries,
                top -> top.name().equals(mode.geometry()) ? shiftReferences(top, first, by) : top)) : moved;
    }

    private Geometry shiftReferences(Geometry geometry, int first, int by) {
        return switch (geometry) {
            case Geometry.Reference reference ->
                new Geometry.Reference(reference.name(), reference.model(), reference.position(), reference.geometry(),
                        Trees.map(reference.breaks(),
                                each -> each.dmxBreak() == number() && each.dmxOffset() >= first
                                        ? new Geometry.Break(each.dmxOffset() + by, each.dmxBreak(), each.source())
                                        : each),
                        reference.source());
            case Geometry.Part part -> {
                var children = Trees.map(part.children(), child -> shiftReferences(child, first, by));
                yield children == part.children() ? part : part.withChildren(children);
            }
        };
    }

    /** {@return whether moving addresses from {@code first} on would move the cells of another mode, too} */
    boolean movesCellsOfOthers(int first) {
        boolean cells = isShared() && type.geometries()
            .stream()
            .filter(top -> top.name().equals(mode.geometry()))
            .flatMap(Geometry::walk)
            .anyMatch(each -> each instanceof Geometry.Reference reference
                    && reference.breaks().stream().anyMatch(start -> start.dmxBreak() == number() && start.dmxOffset() >= first));
        return cells && type.modes().stream().anyMatch(other -> other.id() != mode.id() && other.geometry().equals(mode.geometry()));
    }

    static List<Integer> run(int first, int count) {
        return IntStream.range(first, first + count).boxed().toList();
    }

    /** {@return where a channel on these addresses stands in the list: in front of the first one on a higher address} */
    static int position(Mode mode, List<Integer> addresses) {
        if (!addresses.isEmpty()) {
            for (int i = 0; i < mode.channels().size(); i++) {
                var other = mode.channels().get(i).offsets();
                if (!other.isEmpty() && other.getFirst() > addresses.getFirst()) {
                    return i;
                }
            }
        }
        return mode.channels().size();
    }

    /** {@return the document, from which the channel is gone already, with the addresses closed that it has left} */
    static FixtureType closedUp(FixtureType type, Located.InMode at) {
        var closed = type;
        // the highest first, so that the lower ones stay what they were
        for (int address : at.channel().offsets().stream().sorted(Comparator.reverseOrder()).toList()) {
            var space = of(closed, closed.findMode(at.mode().id()).orElseThrow(), at.channel().geometry(), at.channel().dmxBreak());
            closed = space.used().contains(address) ? closed : space.shift(address + 1, -1);
        }
        return closed;
    }
}
