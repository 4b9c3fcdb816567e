package yellowkite.core.edit;

import java.util.TreeSet;
import java.util.stream.Collectors;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.DmxBreak;
import yellowkite.core.profile.FixtureType;

/** Moves the channels and cells of a mode down, so that none of its addresses up to the last is without use. */
public record CloseGaps(int mode) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return Modes.on(before, mode, was -> {
            var type = before;
            for (int dmxBreak : new TreeSet<>(AddressMap.of(before, was).footprint().keySet())) {
                for (int gap = gap(type, dmxBreak, 1); gap > 0;) {
                    var space = Addresses.of(type, type.findMode(mode).orElseThrow(), was.geometry(), new DmxBreak.Number(dmxBreak));
                    if (space.movesCellsOfOthers(gap)) {
                        return Located.rejected("mode",
                                "Cells stand behind address " + gap + " that another mode uses too; they cannot move for this mode alone.");
                    }
                    int next = used(type, dmxBreak).higher(gap);
                    var closed = space.shift(next, gap - next);
                    boolean within = !used(closed, dmxBreak).contains(gap) || overlaps(closed) > overlaps(type); // a cell's own gap stays
                    type = within ? type : closed;
                    gap = gap(type, dmxBreak, within ? next : gap);
                }
            }
            return Located.applied(type);
        });
    }

    private TreeSet<Integer> used(FixtureType type, int dmxBreak) {
        return AddressMap.of(type, type.findMode(mode).orElseThrow())
            .channels()
            .stream()
            .filter(each -> Integer.valueOf(dmxBreak).equals(each.dmxBreak()))
            .flatMap(each -> each.addresses().stream())
            .collect(Collectors.toCollection(TreeSet::new));
    }

    private int overlaps(FixtureType type) {
        return AddressMap.of(type, type.findMode(mode).orElseThrow()).overlaps().size();
    }

    /** {@return the first address without use from {@code from} on, below one that is used; 0 if there is none} */
    private int gap(FixtureType type, int dmxBreak, int from) {
        int expected = from;
        for (int address : used(type, dmxBreak).tailSet(from, true)) {
            if (address > expected) {
                return expected;
            }
            expected = address + 1;
        }
        return 0;
    }

    @Override
    public String describe(FixtureType before) {
        return "Gaps of " + Modes.called(before, mode) + " closed";
    }
}
