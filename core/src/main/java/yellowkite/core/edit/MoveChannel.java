package yellowkite.core.edit;

import yellowkite.core.dmx.AddressMap;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Trees;

/**
 * Takes a channel to another address; the channels between make room and close up, so that no address is lost.
 *
 * @param to its new first address
 */
public record MoveChannel(int channel, int to) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return Located.onChannel(before, channel, at -> {
            var was = at.channel();
            if (was.isVirtual()) {
                return Located.rejected("channel", "The " + at.called() + " is virtual; it has no address.");
            }
            int size = was.offsets().size();
            if (to < 1 || to + size - 1 > AddressMap.UNIVERSE) {
                return Located.rejected("to", "A channel of " + size + (size == 1 ? " byte" : " bytes") + " starts from 1 to "
                        + (AddressMap.UNIVERSE - size + 1) + "; " + to + " is outside.");
            }
            if (to == was.offsets().getFirst() && was.offsets().equals(Addresses.run(to, size))) {
                return Located.applied(before);
            }
            var space = Addresses.of(before, at.mode(), was.geometry(), was.dmxBreak());
            if (space.movesCellsOfOthers(Math.min(to, was.offsets().getFirst()))) {
                return Located.rejected("to", "Cells stand behind that another mode uses too; they cannot move for this mode alone.");
            }
            return moved(before, at);
        });
    }

    private Outcome<FixtureType> moved(FixtureType before, Located.InMode at) {
        var was = at.channel();
        var out = Addresses.closedUp(Located.without(before, at), at);
        var mode = out.findMode(at.mode().id()).orElseThrow();
        var space = Addresses.of(out, mode, was.geometry(), was.dmxBreak());
        int last = space.used().stream().mapToInt(Integer::intValue).max().orElse(0);
        int target = Math.min(to, last + 1);
        var opened = target <= last ? space.shift(target, was.offsets().size()) : out;
        var placed = was.withOffsets(Addresses.run(target, was.offsets().size()));
        int index = Addresses.position(opened.findMode(at.mode().id()).orElseThrow(), placed.offsets());
        return Located.applied(
                opened.mapModes(each -> each.id() == mode.id() ? each.withChannels(Trees.insert(each.channels(), index, placed)) : each));
    }

    @Override
    public String describe(FixtureType before) {
        return "Moved to address " + to + ": " + Located.channel(before, channel).map(Located.InMode::called).orElse("a channel");
    }
}
