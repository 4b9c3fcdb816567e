package yellowkite.server.bench;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.stream.IntStream;
import yellowkite.core.bench.Frames;
import yellowkite.core.bench.Hands;
import yellowkite.core.bench.LightOut;
import yellowkite.core.bench.Slots;
import yellowkite.core.bench.rdm.SlotIds;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.rig.At;
import yellowkite.core.rig.Patch;
import yellowkite.core.rig.Placing;
import yellowkite.core.rig.Unit;
import yellowkite.core.wire.sacn.SacnPacket;
import yellowkite.output.Command;
import yellowkite.server.web.Refusal;

/** Where the fixtures of a field are, and how what they show gets there. */
sealed interface FieldPlaces {
    /** @throws Refusal 422 if one of their universes cannot go live: then none does */
    void open(String author) throws IOException;

    boolean isLive();

    /** {@return whether they are still live} @param fixtures what each shows */
    boolean send(List<Hands> fixtures);

    /** They end at their start values. */
    void end();

    /** One behind the other, in universes of their own. */
    final class Straight implements FieldPlaces {
        static final String HOLDER = "picture";
        private final CompiledMode mode;
        private final List<Patch> patches;
        private final String destination;
        private final Addresses addresses;
        private final LiveOutput live;

        /** @param fixtures how many. @param at of the first. @throws Refusal 422 if they do not fit there */
        Straight(CompiledMode mode, int fixtures, At at, String destination, Addresses addresses, LiveOutput live) {
            this.mode = mode;
            this.destination = destination;
            this.addresses = addresses;
            this.live = live;
            try {
                var one = new TreeMap<>(Map.of(1, Slots.of(mode).count()));
                patches = Placing.straight(Collections.<SortedMap<Integer, Integer>>nCopies(fixtures, one), at)
                    .stream()
                    .map(List::getFirst)
                    .toList();
            } catch (IllegalArgumentException unfit) {
                throw Refusal.unfit("address", String.valueOf(unfit.getMessage()));
            }
        }

        @Override
        public void open(String author) throws IOException {
            var rest = frames(Collections.nCopies(patches.size(), Hands.atStart(mode)));
            var dark = frames(Collections.nCopies(patches.size(), new Hands(mode, LightOut.none(mode))));
            try {
                for (int each : rest.universes()) {
                    var to = addresses.require(destination, each);
                    live.open(new Command.Open(each, List.of(to.toString()), SacnPacket.USUAL_PRIORITY, rest.of(each), dark.of(each)),
                            author, new LiveOutput.Holder(HOLDER, "Picture on " + mode.type().name(), owners(each)));
                }
            } catch (IOException | Refusal refused) {
                end();
                throw refused;
            }
        }

        @Override
        public boolean isLive() {
            return patches.stream().anyMatch(each -> live.isHeldBy(each.universe(), HOLDER));
        }

        private Frames frames(List<Hands> fixtures) {
            var frames = new Frames(patches);
            for (int i = 0; i < fixtures.size(); i++) {
                frames.lay(List.of(patches.get(i)), mode, fixtures.get(i).raws());
            }
            return frames;
        }

        private List<String> owners(int universe) {
            var owners = new ArrayList<>(Collections.nCopies(AddressMap.UNIVERSE, ""));
            for (int fixture = 0; fixture < patches.size(); fixture++) {
                var patch = patches.get(fixture);
                for (int i = 0; patch.universe() == universe && i < Slots.of(mode).count(); i++) {
                    owners.set(patch.from() - 1 + i, "fixture " + (fixture + 1) + " " + SlotIds.describe(mode, i).orElse(""));
                }
            }
            return owners;
        }

        @Override
        public boolean send(List<Hands> fixtures) {
            var frames = frames(fixtures);
            return frames.universes().stream().allMatch(each -> live.send(HOLDER, new Command.Levels(each, frames.of(each))));
        }

        @Override
        public void end() {
            patches.stream().map(Patch::universe).distinct().forEach(each -> live.close(each, HOLDER));
        }
    }

    /** Units of a rig, which goes live with them if it is not. */
    final class InRig implements FieldPlaces {
        private final String rigId;
        private final List<Unit> units;
        private final List<Hands> starts;
        private final String others;
        private final RigShow show;
        private boolean lent;

        /** @param starts what each shows when it is over. @param others where universes go whose way the rig does not say */
        InRig(String rigId, List<Unit> units, List<Hands> starts, String others, RigShow show) {
            this.rigId = rigId;
            this.units = List.copyOf(units);
            this.starts = List.copyOf(starts);
            this.others = others;
            this.show = show;
        }

        @Override
        public void open(String author) {
            lent = !show.isLive(rigId);
            show.goLive(rigId, others, author);
        }

        @Override
        public boolean isLive() {
            return show.isLive(rigId);
        }

        @Override
        public boolean send(List<Hands> fixtures) {
            if (!isLive()) {
                return false;
            }
            show.play(rigId, IntStream.range(0, units.size()).boxed().map(i -> new RigShow.Played(units.get(i), fixtures.get(i))).toList(),
                    0);
            return true;
        }

        @Override
        public void end() {
            if (lent) {
                show.end(rigId);
                return;
            }
            try {
                send(starts);
            } catch (Refusal changed) {
                // one of them is something else by now: the rest goes on as it is, and the rig is sent anew when it is asked to be
            }
        }
    }
}
