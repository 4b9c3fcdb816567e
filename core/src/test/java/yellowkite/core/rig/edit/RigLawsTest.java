package yellowkite.core.rig.edit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.jspecify.annotations.Nullable;
import yellowkite.core.Choices;
import yellowkite.core.curve.Smooth.Knot;
import yellowkite.core.history.History;
import yellowkite.core.history.Outcome;
import yellowkite.core.rig.Adjustments.ChannelAdjustment;
import yellowkite.core.rig.Asked;
import yellowkite.core.rig.Collisions;
import yellowkite.core.rig.Found;
import yellowkite.core.rig.Patch;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.Rigs;
import yellowkite.core.rig.Unit;
import yellowkite.core.rig.edit.Describe.Column;
import yellowkite.core.rig.edit.PutCells.Cell;
import yellowkite.core.rig.file.RigJson;
import yellowkite.core.rig.file.RigTable;

/** What holds for every rig, whatever was done to it. */
class RigLawsTest {
    @Provide
    Arbitrary<Random> choices() {
        return Choices.any(160);
    }

    private static int below(Random random, int bound) {
        return Math.floorMod(random.nextInt(), bound);
    }

    private static Found fixture(Random random) {
        return switch (below(random, 5)) {
            case 0 -> Rigs.SPOT;
            case 1 -> Rigs.BATTEN;
            case 2 -> Found.placeholder(1 + below(random, 300));
            case 3 -> Found.chosen("wide", "Hollin Optical", "Sluice", "All", new TreeMap<>(Map.of(1, 1 + below(random, 512), 3, 200)));
            default -> Rigs.PAR;
        };
    }

    private static List<String> some(Rig rig, Random random) {
        return rig.units().stream().filter(each -> below(random, 2) == 0).map(Unit::uuid).toList();
    }

    private static AddUnits adding(Random random, @Nullable String at) {
        return new AddUnits(new UUID(0, random.nextInt()).toString(), fixture(random), 1 + below(random, 40), at, null, null, "Floor",
                List.of(),
                null, null, false);
    }

    private static RigEdit edit(Rig rig, Random random) {
        var units = some(rig, random);
        var at = (1 + below(random, 4)) + "." + (1 + below(random, 512));
        return switch (below(random, 14)) {
            case 10 -> new CopyUnits(new UUID(1, random.nextInt()).toString(), units);
            case 0 -> new PutUnit(units.isEmpty() ? "" : units.getFirst(), null, at);
            case 1 -> new ShiftUnits(units, below(random, 3) - 1, below(random, 40) - 20);
            case 2 -> new Readdress(units, at, below(random, 2) == 0);
            case 3 -> new ReplaceFixture(units, fixture(random));
            case 4 -> new RemoveUnits(units);
            case 5 -> new Describe(units, Column.values()[below(random, Column.values().length)], String.valueOf(below(random, 30)), true);
            case 6 -> new Renumber(units, String.valueOf(below(random, 300)));
            case 7 -> new ShareAddresses(units, below(random, 3) > 0);
            case 8 -> new AdjustChannel(units, "Pan",
                    new ChannelAdjustment(true, List.of(new Knot(0, 0.1), new Knot(0.7, 0.9)), 1.5, 0.1, 0.9, true, true, 0.3));
            case 11 -> new PutCells(units, List.of(Cell.ID, Cell.ADDRESS, Cell.POSITION), units.stream()
                .map(each -> List.of(String.valueOf(below(random, 300)), below(random, 3) == 0 ? "" : at, "Rail"))
                .toList());
            case 12 -> new MoveUnits(units, at);
            case 9 -> new HangOn(units, rig.units().isEmpty() ? null : rig.units().getFirst().uuid());
            default -> adding(random, below(random, 2) == 0 ? null : at);
        };
    }

    private static Rig walked(Random random, int steps) {
        var rig = Rigs.of();
        for (int i = 0; i < steps; i++) {
            rig = edit(rig, random).acceptedOn(rig) instanceof Outcome.Applied<Rig>(var after) ? after : rig;
        }
        return rig;
    }

    @Property(tries = 200)
    void unitsThatAreAddedNeverCollide(@ForAll("choices") Random random) {
        var rig = Rigs.of();
        for (int i = 0; i < 6; i++) {
            var at = below(random, 3) == 0 ? (1 + below(random, 3)) + "." + (1 + below(random, 512)) : null;
            rig = adding(random, at).acceptedOn(rig) instanceof Outcome.Applied<Rig>(var after) ? after : rig;
        }

        assertThat(Collisions.of(rig.units())).isEmpty();
        assertThat(rig.units().stream().flatMap(each -> each.addresses().stream())).noneMatch(Patch::overruns);
        assertThat(rig.units().stream().map(Unit::id)).doesNotHaveDuplicates();
    }

    @Property(tries = 200)
    void addressingAnewKeepsTheOrderAndCrossesNoUniverse(@ForAll("choices") Random random) {
        var rig = walked(random, 6);
        var units = rig.units().stream().filter(each -> !each.found().breaks().isEmpty()).map(Unit::uuid).toList();

        if (new Readdress(units, "1.1", false).acceptedOn(rig) instanceof Outcome.Applied<Rig>(var after)) {
            var firsts = after.units().stream().map(each -> each.addresses().getFirst().at().absolute()).toList();
            assertThat(firsts).isSorted();
            assertThat(Collisions.of(after.units())).isEmpty();
            assertThat(after.units().stream().flatMap(each -> each.addresses().stream())).noneMatch(Patch::overruns);
        }
    }

    @Property(tries = 200)
    void undoRestoresAndEditsAreDeterministic(@ForAll("choices") Random random) {
        var history = History.<Rig, RigEdit>of(Rigs.of());
        var states = new ArrayList<Rig>(List.of(history.current()));
        for (int i = 0; i < 8; i++) {
            if (history.apply(edit(history.current(), random)) instanceof History.Result.Changed<Rig, RigEdit>(var changed)
                    && changed.done() > history.done()) {
                history = changed;
                states.add(changed.current());
            }
        }

        assertThat(history.counting().stream().map(step -> step.edit().describe(Rigs.of()))).noneMatch(String::isBlank);
        for (int i = states.size() - 1; i >= 0; i--) {
            assertThat(history.current()).isEqualTo(states.get(i));
            history = history.undo().orElse(history);
        }
        for (var step : history.steps()) {
            history = history.replay(step.edit()) instanceof History.Result.Changed<Rig, RigEdit>(var again) ? again : history;
        }
        assertThat(history.current()).isEqualTo(states.getLast());
    }

    /** Of a table what units are is asked for, not found; everything else comes back as it was. */
    @Property(tries = 200)
    void aTableHoldsEveryUnit(@ForAll("choices") Random random) {
        var rig = walked(random, 8);
        var bare = Found.NOTHING;

        var read = RigTable.read(RigTable.write(rig));

        assertThat(read.doubts()).isEmpty();
        assertThat(read.units()).extracting(unit -> seen(unit, bare))
            .isEqualTo(rig.units().stream().map(unit -> seen(unit, bare)).toList());
        assertThat(read.units()).extracting(unit -> unit.addresses().stream().map(each -> each.dmxBreak() + " " + each.at()).toList())
            .isEqualTo(rig.units()
                .stream()
                .map(unit -> unit.addresses().stream().map(each -> each.dmxBreak() + " " + each.at()).toList())
                .toList());
    }

    private static Unit seen(Unit unit, Found as) {
        var words = unit.found().hasProfile()
                ? Asked.of(unit.found().manufacturer(), unit.found().model(), unit.found().mode(), null)
                : unit.asked();
        return unit.with(f -> {
            f.asked = new Asked(words.spec(), words.mode(), null);
            f.found = as;
            f.addresses = List.of();
        });
    }

    @Property(tries = 200)
    void jsonHoldsTheWholeRig(@ForAll("choices") Random random) {
        var rig = walked(random, 8);

        assertThat(RigJson.read(RigJson.write("rig.json", rig))).isEqualTo(rig);
    }

    @Property(tries = 100)
    void collisionsAreTheAddressesThatSeveralHold(@ForAll("choices") Random random) {
        var rig = walked(random, 8);
        var counts = new TreeMap<Integer, List<String>>();
        for (var unit : rig.units()) {
            for (var patch : unit.addresses()) {
                for (int at = patch.from(); at <= Math.min(512, patch.to()); at++) {
                    counts.computeIfAbsent(patch.universe() * 1_000 + at, none -> new ArrayList<>()).add(unit.uuid());
                }
            }
        }

        var expected = counts.entrySet().stream().filter(each -> each.getValue().size() > 1).map(Map.Entry::getKey).toList();
        var told = Collisions.of(rig.units())
            .stream()
            .flatMap(each -> java.util.stream.IntStream.rangeClosed(each.from(), each.to()).mapToObj(at -> each.universe() * 1_000 + at))
            .sorted()
            .collect(Collectors.toList());
        assertThat(told).isEqualTo(expected);
    }
}
