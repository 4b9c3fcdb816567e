package yellowkite.server.rigs;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.dmx.PlacedChannel;
import yellowkite.core.dmx.Tail;
import yellowkite.core.rig.Collisions;
import yellowkite.core.rig.Differing;
import yellowkite.core.rig.Found;
import yellowkite.core.rig.Occupancy;
import yellowkite.core.rig.Patch;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.RigFindings;
import yellowkite.core.rig.Unit;
import yellowkite.core.rig.UnitField;
import yellowkite.core.rig.UniverseFacts;
import yellowkite.core.rig.edit.Cures;
import yellowkite.server.library.ListedRepository;
import yellowkite.server.revisions.RevisionRepository;
import yellowkite.server.revisions.StoredRevision;
import yellowkite.server.rigs.RigView.CollisionLine;
import yellowkite.server.rigs.RigView.CureLine;
import yellowkite.server.rigs.RigView.FindingLine;
import yellowkite.server.rigs.RigView.KindAddress;
import yellowkite.server.rigs.RigView.PatchLine;
import yellowkite.server.rigs.RigView.RigHistoryLine;
import yellowkite.server.rigs.RigView.RigKind;
import yellowkite.server.rigs.RigView.StretchLine;
import yellowkite.server.rigs.RigView.UnitAside;
import yellowkite.server.rigs.RigView.UnitLine;
import yellowkite.server.rigs.RigView.UniverseLine;
import yellowkite.server.stored.StoredForm;
import yellowkite.server.stored.StoredForms;

/** Makes what a page shows of a rig. */
@Component
class RigShaper {
    private static final int MOST_HISTORY = 200;
    private static final int MOST_CURED = 100;
    private static final int MOST_FINDINGS = 500;
    private static final int MOST_MODES = 1_000;
    private final RevisionRepository revisionRows;
    private final ListedRepository listed;
    private final RigFixtures fixtures;

    RigShaper(RevisionRepository revisionRows, ListedRepository listed, RigFixtures fixtures) {
        this.revisionRows = revisionRows;
        this.fixtures = fixtures;
        this.listed = listed;
    }

    RigView shape(LoadedRig loaded) {
        var rig = loaded.rig();
        var kinds = new LinkedHashMap<Found, Integer>();
        rig.units().forEach(unit -> kinds.putIfAbsent(bare(unit.found()), kinds.size()));
        var occupancy = Occupancy.of(rig.units());
        var collisions = Collisions.of(rig.units());
        var universes = universes(rig, occupancy);
        int used = universes.stream().mapToInt(UniverseLine::used).sum();
        var row = loaded.row();
        return new RigView(row.id(), row.version(), rig.name(), rig.production(), rig.from(), rig.to(), rig.notes(), rig.console(),
                row.binnedAt() != null, kinds(List.copyOf(kinds.keySet())), rig.units()
                    .stream()
                    .map(unit -> unit(unit, kinds.getOrDefault(bare(unit.found()), 0)))
                    .toList(),
                universes, collisions(rig, collisions),
                RigFindings.of(rig, collisions)
                    .stream()
                    .limit(MOST_FINDINGS)
                    .map(each -> new FindingLine(each.severity(), each.where(), each.unit(), each.says()))
                    .toList(),
                history(loaded), loaded.history().done() > loaded.history().floor(),
                loaded.history().done() < loaded.history().steps().size(), used, universes.size() * AddressMap.UNIVERSE - used,
                rig.aside()
                    .stream()
                    .map(unit -> new UnitAside(unit.uuid(), unit.id(), unit.name(), UnitField.FIXTURE.words(unit), unit.addressWords()))
                    .toList());
    }

    /** What units are, however it was found. */
    private static Found bare(Found found) {
        return new Found(found.how(), found.pin(), found.manufacturer(), found.model(), found.mode(), found.breaks(), 0, "");
    }

    private List<RigKind> kinds(List<Found> all) {
        var pins = all.stream().map(Found::pin).filter(pin -> !pin.isEmpty()).distinct().toList();
        var revisions = revisionRows.allOf(pins);
        var newest = revisionRows.newestOf(revisions.values().stream().map(StoredRevision::profileId).distinct().toList());
        var tails = new HashMap<String, List<Tail.Bundle>>();
        listed.modes(pins, MOST_MODES)
            .forEach((pin, modes) -> modes.forEach(mode -> tails.putIfAbsent(pin + "\n" + mode.name(), tail(mode.tail()))));
        return all.stream().map(each -> {
            var revision = revisions.get(each.pin());
            var last = revision == null ? null : newest.get(revision.profileId());
            return new RigKind(each.manufacturer(), each.model(), each.mode(), each.footprint(), each.breaks().size(),
                    revision == null ? null : revision.profileId(), revision == null ? 0 : revision.number(),
                    last == null ? 0 : last.number(),
                    tails.getOrDefault(each.pin() + "\n" + each.mode(), List.of()), addresses(revision, each.mode()), each.pin());
        }).toList();
    }

    private List<KindAddress> addresses(@Nullable StoredRevision revision, String mode) {
        return revision == null ? List.of()
                : fixtures.compiled(revision, mode)
                    .stream()
                    .flatMap(compiled -> compiled.map().channels().stream())
                    .filter(placed -> placed.dmxBreak() != null)
                    .flatMap(RigShaper::addresses)
                    .toList();
    }

    private static Stream<KindAddress> addresses(PlacedChannel placed) {
        int dmxBreak = Objects.requireNonNull(placed.dmxBreak());
        return IntStream.range(0, placed.addresses().size()).mapToObj(i -> {
            var which = placed.byteWord(i);
            return new KindAddress(dmxBreak, placed.addresses().get(i),
                    placed.channel().attribute() + ", " + placed.geometry() + (which.isEmpty() ? "" : ", " + which));
        });
    }

    private static List<Tail.Bundle> tail(String kept) {
        try {
            return StoredForms.TAIL.read(kept);
        } catch (StoredForm.Unreadable damaged) { // a mode without a picture
            return List.of();
        }
    }

    private static UnitLine unit(Unit unit, int kind) {
        return new UnitLine(unit.uuid(), unit.id(), unit.name(), unit.number(), unit.layer(), unit.groups(), unit.position(),
                unit.unitClass(), kind, unit.addresses().stream().map(RigShaper::patch).toList(), unit.addressWords(), unit.note(),
                unit.colour(), unit.dipOffset(), unit.hangsOn(), !unit.sharedAs().isEmpty(), Differing.of(unit.adjustments()),
                unit.place() == null ? "" : unit.place().words());
    }

    static PatchLine patch(Patch patch) {
        return new PatchLine(patch.dmxBreak(), patch.universe(), patch.from(), patch.to());
    }

    private static List<UniverseLine> universes(Rig rig, Occupancy occupancy) {
        Map<Integer, UniverseFacts> facts = rig.universes().stream().collect(Collectors.toMap(UniverseFacts::universe, each -> each));
        var all = new TreeSet<>(occupancy.universes());
        all.addAll(facts.keySet());
        return all.stream()
            .map(universe -> new UniverseLine(universe, occupancy.used(universe), occupancy.free(universe)
                .stream()
                .map(each -> new StretchLine(each.from(), each.to()))
                .toList(), facts.get(universe)))
            .toList();
    }

    private static List<CollisionLine> collisions(Rig rig, List<Collisions.Collision> all) {
        var lines = new ArrayList<CollisionLine>();
        for (var each : all) {
            var cures = each.meant() || lines.size() >= MOST_CURED ? List.<CureLine>of()
                    : Cures.of(rig, each).stream().map(cure -> new CureLine(cure.says(), cure.edit())).toList();
            lines.add(
                    new CollisionLine(each.universe(), each.from(), each.to(), each.units().stream().map(Unit::uuid).toList(), each.meant(),
                            each.says(), cures));
        }
        return lines;
    }

    private static List<RigHistoryLine> history(LoadedRig loaded) {
        int count = loaded.edits().size();
        return IntStream.range(Math.max(0, count - MOST_HISTORY), count).mapToObj(i -> {
            var step = loaded.edits().get(i);
            return new RigHistoryLine(step.sentence(), step.author(), step.createdAt(), i >= loaded.history().done());
        }).toList().reversed();
    }
}
