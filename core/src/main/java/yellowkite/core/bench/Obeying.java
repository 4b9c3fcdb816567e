package yellowkite.core.bench;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Objects;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.dmx.Meaning;
import yellowkite.core.dmx.PlacedChannel;
import yellowkite.core.profile.DmxValue;

/**
 * A fixture that does what a mode says, but for its flaws.
 *
 * @param mode that it really is in. @param said the mode that it is driven as: what differs is told against that one
 */
public record Obeying(CompiledMode mode, CompiledMode said, List<Flaw> flaws) {

    public Obeying {
        flaws = List.copyOf(flaws);
    }

    /** {@return a fixture of that mode; of another one, if a flaw says so} */
    public static Obeying of(CompiledMode said, List<Flaw> flaws) {
        var other = Flaw.first(flaws, Flaw.OtherPersonality.class)
            .map(Flaw.OtherPersonality::number)
            .filter(number -> number <= said.type().modes().size())
            .map(number -> said.type().modes().get(number - 1))
            .filter(mode -> mode.id() != said.mode().id());
        return new Obeying(other.map(mode -> CompiledMode.of(said.type(), mode)).orElse(said), said, flaws);
    }

    /** {@return how many addresses it has} */
    public int footprint() {
        return Flaw.first(flaws, Flaw.Footprint.class).map(Flaw.Footprint::addresses).orElseGet(() -> Slots.of(mode).count());
    }

    /** {@return what is seen of it before the first frame} */
    public Seen atFirst() {
        return look(meaningsAtFirst());
    }

    /** {@return what is seen of it once everything has come to rest} @param slots of its addresses, from the first */
    public Seen at(byte[] slots) {
        return look(meanings(slots));
    }

    /** {@return what its channels do at some levels, flaws and all} */
    public List<Meaning> meanings(byte[] slots) {
        return differ(mode.resolve(raws(slots)));
    }

    /** {@return what its channels do before the first frame} */
    public List<Meaning> meaningsAtFirst() {
        return differ(mode.resolve(startingRaws()));
    }

    private Seen look(List<Meaning> meanings) {
        return Instruments.look(mode, meanings);
    }

    private long[] startingRaws() {
        var raws = mode.startValues();
        each((flaw, i, placed) -> {
            if (flaw instanceof Flaw.Starting starting && Flaw.names(starting.channel(), placed)) {
                raws[i] = Math.min(starting.at(), placed.channel().max());
            }
        });
        return raws;
    }

    /** Does something with every channel for every flaw. */
    private interface Each {
        void take(Flaw flaw, int index, PlacedChannel placed);
    }

    private void each(Each each) {
        var channels = mode.map().channels();
        for (var flaw : flaws) {
            for (int i = 0; i < channels.size(); i++) {
                each.take(flaw, i, channels.get(i));
            }
        }
    }

    private long[] raws(byte[] slots) {
        var all = Slots.of(mode);
        var raws = mode.startValues();
        int heard = Math.min(slots.length, footprint());
        for (int i = 0; i < raws.length; i++) {
            var placed = mode.map().channels().get(i);
            int size = placed.addresses().size();
            boolean fineFirst = hasAttribute(placed, Flaw.FineFirst.class);
            for (int at = 0; at < size; at++) {
                int index = all.index(placed, at);
                int shift = 8 * (fineFirst ? at : size - 1 - at);
                raws[i] = index < heard ? raws[i] & ~(0xffL << shift) | (long) (slots[index] & 0xff) << shift : raws[i];
            }
        }
        for (var flaw : flaws) {
            exchange(flaw, raws);
        }
        each((flaw, i, placed) -> {
            if (flaw instanceof Flaw.Shifted shifted && Flaw.names(shifted.channel(), placed)) {
                raws[i] = Math.clamp(raws[i] - shifted.by(), 0, placed.channel().max());
            } else if (flaw instanceof Flaw.Deaf deaf && Flaw.names(deaf.channel(), placed)) {
                raws[i] = placed.channel().start();
            }
        });
        return raws;
    }

    private boolean hasAttribute(PlacedChannel placed, Class<Flaw.FineFirst> kind) {
        return flaws.stream().filter(kind::isInstance).map(kind::cast).anyMatch(each -> placed.channel().carries(each.attribute()));
    }

    private void exchange(Flaw flaw, long[] raws) {
        if (flaw instanceof Flaw.Swapped(var one, var other)) {
            var ones = carrying(one);
            var others = carrying(other);
            for (int i = 0; i < Math.min(ones.size(), others.size()); i++) {
                swap(raws, ones.get(i), others.get(i));
            }
        } else if (flaw instanceof Flaw.CellsReversed) {
            var byChannel = new HashMap<Integer, List<Integer>>();
            for (int i = 0; i < raws.length; i++) {
                byChannel.computeIfAbsent(mode.map().channels().get(i).channel().id(), none -> new ArrayList<>()).add(i);
            }
            for (var places : byChannel.values()) {
                for (int i = 0; i < places.size() / 2; i++) {
                    swap(raws, places.get(i), places.get(places.size() - 1 - i));
                }
            }
        }
    }

    private List<Integer> carrying(String attribute) {
        var channels = mode.map().channels();
        var found = new ArrayList<Integer>();
        for (int i = 0; i < channels.size(); i++) {
            if (channels.get(i).channel().carries(attribute)) {
                found.add(i);
            }
        }
        return found;
    }

    private void swap(long[] raws, int one, int other) {
        var channels = mode.map().channels();
        int bytes = channels.get(one).channel().bytes();
        int others = channels.get(other).channel().bytes();
        long was = raws[one];
        raws[one] = new DmxValue(raws[other], others).at(bytes);
        raws[other] = new DmxValue(was, bytes).at(others);
    }

    private List<Meaning> differ(List<Meaning> meanings) {
        if (flaws.stream().noneMatch(each -> each instanceof Flaw.Reversed || each instanceof Flaw.Bent || each instanceof Flaw.WheelOff)) {
            return meanings;
        }
        return meanings.stream().map(this::differ).toList();
    }

    private Meaning differ(Meaning meaning) {
        var function = meaning.function();
        if (function == null || meaning.physical() == null) {
            return meaning;
        }
        double from = function.function().physicalFrom();
        double to = function.function().physicalTo();
        double physical = meaning.physical();
        var slot = meaning.slot();
        for (var flaw : flaws) {
            if (flaw instanceof Flaw.Reversed(var attribute) && attribute.equals(meaning.attribute())) {
                physical = from + to - physical;
            } else if (flaw instanceof Flaw.Bent(var attribute) && attribute.equals(meaning.attribute()) && to != from) {
                double share = (physical - from) / (to - from);
                physical = from + share * share * (to - from);
            } else if (flaw instanceof Flaw.WheelOff(var wheel, var by) && wheel.equals(function.function().wheel()) && slot != null) {
                var slots = mode.type().findWheel(wheel).orElseThrow().slots();
                int at = Objects.requireNonNull(meaning.range()).range().slot() - 1;
                slot = slots.get(Math.floorMod(at + by, slots.size()));
            }
        }
        return new Meaning(meaning.channel(), meaning.raw(), function, meaning.range(), slot, physical, meaning.unit(), meaning.scale());
    }
}
