package yellowkite.core.chart;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import yellowkite.core.build.ProfileBuilder;
import yellowkite.core.chart.proposal.Proposal.CellProposal;
import yellowkite.core.chart.proposal.Proposal.ModeProposal;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;
import yellowkite.core.profile.Geometry.Kind;
import yellowkite.core.text.FreshName;
import yellowkite.core.text.StandardName;

/**
 * The body that a chart's mode works on: axes where it pans and tilts, and one reference for each of its cells.
 *
 * @param type with the body in it
 * @param root the geometry of the mode
 * @param cells by the name of a cell in the chart the part that is repeated
 */
record ChartBody(FixtureType type, String root, Map<String, String> cells) {
    private static final int LONGEST_NAME = 40;

    /**
     * {@return a body for a new mode: the profile's own where it will do} A profile without a channel gets the axes that the mode needs.
     */
    static ChartBody of(FixtureType type, ModeProposal mode) {
        boolean pans = has(mode, "Pan");
        boolean tilts = has(mode, "Tilt");
        var taken = new HashSet<>(type.allGeometries().map(Geometry::name).toList());
        var blocks = blocks(mode);
        if (!blocks.isEmpty()) {
            return ofCells(type, mode, pans, tilts, taken, blocks);
        }
        boolean empty = type.modes().stream().allMatch(each -> each.channels().isEmpty());
        long axes = type.allGeometries().filter(each -> each instanceof Geometry.Part part && part.kind() == Kind.Axis).count();
        if (empty && (type.geometries().isEmpty() || axes < (pans ? 1 : 0) + (tilts ? 1 : 0))) {
            var body = axes("Base", "", pans, tilts, new HashSet<>(), List.of(ProfileBuilder.part(Kind.Beam, "Beam")));
            // modes that were begun and have no channel yet stand on it, too
            var based = type.with(f -> f.geometries = List.of(body)).mapModes(each -> each.withGeometry("Base"));
            return new ChartBody(based, "Base", Map.of());
        }
        var root = type.modes().isEmpty() ? type.geometries().getFirst().name() : type.modes().getFirst().geometry();
        return new ChartBody(type, root, Map.of());
    }

    private static boolean has(ModeProposal mode, String beginning) {
        return mode.channels().stream().anyMatch(each -> each.attribute() != null && each.attribute().startsWith(beginning));
    }

    private static ChartBody ofCells(FixtureType type, ModeProposal mode, boolean pans, boolean tilts, Set<String> taken,
            Map<String, CellProposal> blocks) {
        var of = fresh(taken, "Body of " + StandardName.of(mode.name(), LONGEST_NAME));
        var cells = new LinkedHashMap<String, String>();
        var references = new ArrayList<Geometry>();
        var tops = new ArrayList<>(
                type.modes().stream().allMatch(each -> each.channels().isEmpty()) ? List.<Geometry>of() : type.geometries());
        blocks.forEach((key, cell) -> {
            var name = StandardName.of(cell.name(), LONGEST_NAME);
            var part = fresh(taken, name);
            cells.put(key, part);
            tops.add(ProfileBuilder.part(Kind.Beam, part));
            for (int n = 0; n < cell.count(); n++) {
                references.add(ProfileBuilder.reference(fresh(taken, name + " " + (n + 1)), part, cell.first() + n * cell.spacing()));
            }
        });
        tops.add(axes(of, " of " + StandardName.of(mode.name(), LONGEST_NAME), pans, tilts, taken, references));
        return new ChartBody(type.with(f -> f.geometries = tops).mapModes(each -> each.channels().isEmpty() ? each.withGeometry(of) : each),
                of, cells);
    }

    private static Geometry axes(String root, String suffix, boolean pans, boolean tilts, Set<String> taken, List<Geometry> inside) {
        var within = inside;
        if (tilts) {
            within = List.of(ProfileBuilder.part(Kind.Axis, fresh(taken, "Head" + suffix), within.toArray(Geometry[]::new)));
        }
        if (pans) {
            within = List.of(ProfileBuilder.part(Kind.Axis, fresh(taken, "Yoke" + suffix), within.toArray(Geometry[]::new)));
        }
        return ProfileBuilder.part(Kind.Geometry, root, within.toArray(Geometry[]::new));
    }

    /** {@return the cells of a mode, each once} */
    private static Map<String, CellProposal> blocks(ModeProposal mode) {
        var blocks = new LinkedHashMap<String, CellProposal>();
        mode.channels().forEach(each -> {
            if (each.cell() != null) {
                blocks.putIfAbsent(key(each.cell()), each.cell());
            }
        });
        return blocks;
    }

    static String key(CellProposal cell) {
        return cell.name() + " from " + cell.first();
    }

    static String fresh(Set<String> taken, String wanted) {
        return FreshName.of(taken, wanted.isEmpty() ? "Unnamed" : wanted);
    }
}
