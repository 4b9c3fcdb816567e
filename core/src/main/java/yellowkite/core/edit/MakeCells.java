package yellowkite.core.edit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import yellowkite.core.body.Parts;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.dmx.CellGrid;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.DmxBreak;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;
import yellowkite.core.profile.Matrix;
import yellowkite.core.profile.Mode;
import yellowkite.core.profile.Trees;
import yellowkite.core.xml.Source;

/**
 * Turns shared channels of a mode into the channels of a cell that is repeated: they move to a top-level geometry of their own, and the
 * mode's body refers to it once for each cell, in the place of the part that they acted on. What else acted on that part acts on the part
 * around the cells, so that it reaches all of them. Channels behind the block make room. A cell that another mode repeats is shared with it
 * when it is called by its name.
 *
 * @param channels the channels of one cell, which keep their order
 * @param name of the cell's geometry; references are called after it with a number
 * @param count how many cells
 * @param first address at which the first cell begins
 * @param spacing addresses from one cell to the next, at least what a cell needs
 * @param columns cells in a row of the grid
 * @param order how addresses run through the grid
 */
public record MakeCells(int mode, List<Integer> channels, String name, int count, int first, int spacing, int columns,
        Order order) implements Edit {
    /** Metres from one cell to the next in the drawing of the body. */
    private static final double PITCH = 0.1;

    /** How addresses run through the grid. */
    public enum Order {
        ROWS, COLUMNS, SERPENTINE
    }

    public MakeCells {
        channels = List.copyOf(channels);
    }

    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return Modes.on(before, mode, was -> {
            var chosen = was.channels()
                .stream()
                .filter(each -> channels.contains(each.id()))
                .sorted(Comparator.comparingInt(MakeCells::address))
                .toList();
            int size = chosen.stream().mapToInt(each -> each.offsets().size()).sum();
            var shared = Parts.shared(before, was).stream().map(Geometry::name).toList();
            if (chosen.isEmpty() || chosen.size() != channels.size()
                    || chosen.stream().anyMatch(each -> each.isVirtual() || !shared.contains(each.geometry()))) {
                return Located.rejected("channels", "A cell is made of shared channels of this mode that have addresses.");
            }
            if (count < 2 || count > AddressMap.UNIVERSE) {
                return Located.rejected("count", "A block has 2 to " + AddressMap.UNIVERSE + " cells, not " + count + ".");
            }
            if (columns < 1 || columns > count) {
                return Located.rejected("columns", "A grid of " + count + " cells has 1 to " + count + " columns, not " + columns + ".");
            }
            if (spacing < size) {
                return Located.rejected("spacing",
                        "A cell needs " + size + " addresses; " + spacing + " from one to the next are too few.");
            }
            if (first < 1 || first + (count - 1L) * spacing + size - 1 > AddressMap.UNIVERSE) {
                return Located.rejected("first", "From address " + first + " on, " + count + " cells of " + spacing + " would end at "
                        + (first + (count - 1L) * spacing + size - 1) + "; a universe has " + AddressMap.UNIVERSE + ".");
            }
            if (before.allGeometries().anyMatch(each -> each.name().equals(name) || each.name().startsWith(name + " "))
                    && !isShared(before, was)) {
                return Located.rejected("name", "The body has a part called '" + name + "' already.");
            }
            if (before.modes().stream().anyMatch(other -> other != was && other.geometry().equals(was.geometry()))) {
                return Names.refusalOfRequired("name", name, "A cell").orElseGet(() -> made(before, withOwnBody(before, was), size));
            }
            return Names.refusalOfRequired("name", name, "A cell").orElseGet(() -> made(before, before, size));
        });
    }

    /** {@return whether the cell exists as one of other modes, and this mode does not use it yet} */
    private boolean isShared(FixtureType type, Mode was) {
        return !Parts.reaches(type, was, name)
                && type.modes().stream().anyMatch(other -> Parts.repeated(type, other).stream().anyMatch(each -> each.name().equals(name)));
    }

    /** Other modes work on the same body and have no cells there: this mode gets a body of its own. */
    private FixtureType withOwnBody(FixtureType type, Mode was) {
        var body = type.geometries().stream().filter(each -> each.name().equals(was.geometry())).findFirst().orElseThrow();
        var copy = renamed(body, " of " + was.name().replace('.', ' '));
        return type.with(f -> f.geometries = Trees.insert(f.geometries, f.geometries.size(), copy))
            .mapModes(each -> each.id() != mode ? each
                    : new Mode(each.id(), each.name(), each.description(), copy.name(),
                            each.channels()
                                .stream()
                                .map(channel -> channel.withGeometry(channel.geometry() + suffix(type, channel, body, was)))
                                .toList(),
                            each.relations(), each.macros(), each.source()));
    }

    private static String suffix(FixtureType type, Channel channel, Geometry body, Mode was) {
        return body.walk().anyMatch(each -> each.name().equals(channel.geometry())) ? " of " + was.name().replace('.', ' ') : "";
    }

    private static Geometry renamed(Geometry geometry, String suffix) {
        return switch (geometry) {
            case Geometry.Part part -> new Geometry.Part(part.kind(), part.name() + suffix, part.model(), part.position(), part.details(),
                    part.children().stream().map(each -> renamed(each, suffix)).toList(), part.source());
            case Geometry.Reference reference -> new Geometry.Reference(reference.name() + suffix, reference.model(), reference.position(),
                    reference.geometry(), reference.breaks(), reference.source());
        };
    }

    private Outcome<FixtureType> made(FixtureType before, FixtureType type, int size) {
        var was = type.findMode(mode).orElseThrow();
        var chosen = was.channels()
            .stream()
            .filter(each -> channels.contains(each.id()))
            .sorted(Comparator.comparingInt(MakeCells::address))
            .toList();
        boolean exists = before.geometries().stream().anyMatch(each -> each.name().equals(name));
        var cell = new Geometry.Part(Geometry.Kind.Beam, name, "", Matrix.IDENTITY, Geometry.BeamDetails.DEFAULT, List.of(), Source.NONE);
        var moved = new ArrayList<Channel>();
        int next = 1;
        for (var channel : chosen) {
            moved.add(channel.withGeometry(name).withOffsets(Addresses.run(next, channel.offsets().size())));
            next += channel.offsets().size();
        }
        // the shared channels close up where the cell's were, then make room for the block
        var without = type;
        for (var channel : chosen) {
            var at = Located.channel(without, channel.id()).orElseThrow();
            without = Addresses.closedUp(Located.without(without, at), at);
        }
        int length = (count - 1) * spacing + size;
        var space = Addresses.of(without, without.findMode(mode).orElseThrow(), was.geometry(), DmxBreak.FIRST);
        int last = space.used().stream().mapToInt(Integer::intValue).max().orElse(0);
        if (last >= first && last + length > AddressMap.UNIVERSE) {
            return Located.rejected("first", "The channels behind the cells would be pushed past address " + AddressMap.UNIVERSE + ".");
        }
        var opened = space.shift(first, length);
        int place = Addresses.position(opened.findMode(mode).orElseThrow(), List.of(first));
        var placed = opened.mapModes(each -> each.id() == mode ? each.withChannels(inserted(each.channels(), place, moved)) : each)
            .with(f -> f.geometries = exists ? f.geometries : Trees.insert(f.geometries, f.geometries.size(), cell));
        return Located.applied(Relink.follow(before, inPlaceOf(chosen.getFirst().geometry(), placed)));
    }

    /** The cells stand where the part stood; it stays only where something of another mode, or of the same name, still acts on it. */
    private FixtureType inPlaceOf(String part, FixtureType type) {
        var mine = type.findMode(mode).orElseThrow();
        var top = (Geometry.Part) type.geometries().stream().filter(each -> each.name().equals(mine.geometry())).findFirst().orElseThrow();
        var around = top.name().equals(part) ? top.name() : parent(top, part).name();
        var taken = mine.channels().stream().map(Channel::name).collect(Collectors.toSet());
        var lifted = type.mapModes(each -> each.id() != mode ? each
                : each.mapChannels(channel -> channel.geometry().equals(part) && !taken.contains(around + "_" + channel.attribute())
                        ? channel.withGeometry(around)
                        : channel));
        boolean stays = around.equals(part)
                || lifted.modes().stream().flatMap(each -> each.channels().stream()).anyMatch(channel -> channel.geometry().equals(part));
        return lifted.with(f -> f.geometries = Trees.map(f.geometries,
                each -> each.name().equals(top.name()) ? withReferences((Geometry.Part) each, around, part, stays, references(type))
                        : each));
    }

    private static Geometry parent(Geometry.Part top, String part) {
        return top.walk().filter(each -> each.children().stream().anyMatch(child -> child.name().equals(part))).findFirst().orElse(top);
    }

    private Geometry.Part withReferences(Geometry.Part here, String around, String part, boolean stays, List<Geometry> references) {
        if (!here.name().equals(around)) {
            return here.withChildren(Trees.map(here.children(),
                    child -> child instanceof Geometry.Part inner ? withReferences(inner, around, part, stays, references) : child));
        }
        var children = new ArrayList<Geometry>();
        for (var child : here.children()) {
            boolean goes = child.name().equals(part) && !stays && child.children().isEmpty();
            if (!goes) {
                children.add(child);
            }
            if (child.name().equals(part)) {
                children.addAll(references);
            }
        }
        if (here.children().stream().noneMatch(child -> child.name().equals(part))) {
            children.addAll(references);
        }
        // the light leaves by the cells now
        return around.equals(part) && here.kind() == Geometry.Kind.Beam
                ? new Geometry.Part(Geometry.Kind.Geometry, here.name(), here.model(), here.position(), Geometry.NoDetails.NONE, children,
                        here.source())
                : (Geometry.Part) here.withChildren(children);
    }

    private List<Geometry> references(FixtureType type) {
        boolean taken = type.allGeometries().anyMatch(each -> each.name().startsWith(name + " "));
        var suffix = taken ? " of " + type.findMode(mode).orElseThrow().name().replace('.', ' ') : "";
        return IntStream.range(0, count)
            .<Geometry>mapToObj(i -> new Geometry.Reference(name + " " + (i + 1) + suffix, "", position(i), name,
                    List.of(new Geometry.Break(first + i * spacing, 1, Source.NONE)), Source.NONE))
            .toList();
    }

    private static List<Channel> inserted(List<Channel> channels, int place, List<Channel> fresh) {
        var all = new ArrayList<>(channels);
        all.addAll(place, fresh);
        return all;
    }

    private Matrix position(int index) {
        var place = grid(count, columns, order).get(index);
        var cells = new ArrayList<>(Matrix.IDENTITY.cells());
        cells.set(3, place.column() * PITCH);
        cells.set(11, -place.row() * PITCH);
        return new Matrix(cells);
    }

    /** {@return where each cell of a block stands, in the order of their addresses} */
    public static List<CellGrid.GridCell> grid(int count, int columns, Order order) {
        int rows = (count + columns - 1) / columns;
        return IntStream.range(0, count).mapToObj(index -> switch (order) {
            case ROWS -> new CellGrid.GridCell(index % columns, index / columns);
            case COLUMNS -> new CellGrid.GridCell(index / rows, index % rows);
            case SERPENTINE ->
                new CellGrid.GridCell(index / columns % 2 == 0 ? index % columns : columns - 1 - index % columns, index / columns);
        }).toList();
    }

    private static int address(Channel channel) {
        return channel.offsets().stream().findFirst().orElse(0);
    }

    @Override
    public String describe(FixtureType before) {
        return "Cells of " + Modes.called(before, mode) + ": " + count + " of '" + name + "' with " + channels.size()
                + (channels.size() == 1 ? " channel" : " channels") + " each, from address " + first;
    }
}
