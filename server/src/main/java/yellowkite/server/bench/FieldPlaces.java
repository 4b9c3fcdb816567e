package yellowkite.server.bench;

import java.io.IOException;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.stream.IntStream;
import yellowkite.core.bench.Hands;
import yellowkite.core.bench.Slots;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.rig.At;
import yellowkite.core.rig.Patch;
import yellowkite.core.rig.Placing;
import yellowkite.core.rig.Unit;
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
        private final CompiledMode mode;
        private final LiveUnits units;
        private final String destination;
        private final Addresses addresses;

        /** @param fixtures how many. @param at of the first. @throws Refusal 422 if they do not fit there */
        Straight(CompiledMode mode, int fixtures, At at, String destination, Addresses addresses, LiveOutput live) {
            this.mode = mode;
            this.units = new LiveUnits(live, "picture", placed(mode, fixtures, at), unit -> mode);
            this.destination = destination;
            this.addresses = addresses;
        }

        private static List<Unit> placed(CompiledMode mode, int fixtures, At at) {
            try {
                var one = new TreeMap<>(Map.of(1, Slots.of(mode).count()));
                var places = Placing.straight(Collections.<SortedMap<Integer, Integer>>nCopies(fixtures, one), at);
                return IntStream.range(0, fixtures).mapToObj(i -> unit(mode, i + 1, places.get(i).getFirst().at())).toList();
            } catch (IllegalArgumentException unfit) {
                throw Refusal.unfit("address", String.valueOf(unfit.getMessage()));
            }
        }

        /** Its breaks stand one after the other. */
        private static Unit unit(CompiledMode mode, int number, At at) {
            return Unit.of(f -> {
                f.uuid = "fixture " + number;
                f.id = f.uuid;
                f.addresses = Slots.of(mode)
                    .begins()
                    .entrySet()
                    .stream()
                    .map(each -> new Patch(each.getKey(), new At(at.universe(), at.address() + each.getValue()),
                            Objects.requireNonNull(mode.map().footprint().get(each.getKey()))))
                    .toList();
            });
        }

        @Override
        public void open(String author) throws IOException {
            var to = new TreeMap<Integer, String>();
            units.universes().forEach(each -> to.put(each, addresses.require(destination, each).toString()));
            units.open(to, "Picture on " + mode.type().name(), author);
        }

        @Override
        public boolean isLive() {
            return units.isOut();
        }

        @Override
        public boolean send(List<Hands> fixtures) {
            for (int i = 0; i < fixtures.size(); i++) {
                units.levels().lines().get(i).play(fixtures.get(i).raws());
            }
            return units.send();
        }

        @Override
        public void end() {
            units.close();
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
            lent = show.goLive(rigId, others, author);
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
