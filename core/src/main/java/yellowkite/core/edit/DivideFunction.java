package yellowkite.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.NamedRange;
import yellowkite.core.profile.Wheel;

/**
 * Divides a function, or one of its named ranges, into named ranges of equal size: part i of N starts at floor(i s / N), so that widths
 * differ by at most one.
 *
 * @param range the only range that is divided; null = the whole function, whose ranges give way
 * @param parts how many; 0 if {@code steps} is given, or if each slot of the wheel gets one, and with {@code splits} each place between two
 * @param steps values in each part, the last one perhaps shorter; 0 if {@code parts} is given
 * @param name of each part; {@code {number}} in it becomes its number, {@code {slot}} the name of its slot: braces cannot stand in a name,
 * so nothing real is hidden
 * @param first number of the first part
 * @param firstSlot wheel slot of the first part, counted on and round the wheel; 0 = none
 * @param eachWhole whether each part runs through the whole physical span of the function, as each slot of a shaken wheel does; null = no
 * @param splits whether every second part stands between two slots, as colours that share the beam do; it brings in the first of the two
 * and is called after both. null = no
 */
public record DivideFunction(int function, @Nullable Integer range, int parts, long steps, String name, int first, int firstSlot,
        @Nullable Boolean eachWhole, @Nullable Boolean splits) implements Edit {
    private static final int MOST = 512;

    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return Located.onFunction(before, function, at -> {
            var span = at.span();
            var only = span.ranges().stream().filter(each -> range != null && each.range().id() == range).findFirst();
            if (range != null && only.isEmpty()) {
                return Located.missing("range");
            }
            long from = only.map(each -> each.from()).orElse(span.from());
            long size = only.map(each -> each.to()).orElse(span.to()) - from + 1;
            int slots = before.findWheel(at.function().wheel()).map(wheel -> wheel.slots().size()).orElse(0);
            long count = count(size, slots);
            if (parts > 0 && steps > 0 || count < 1) {
                return Located.rejected("parts", "Say into how many parts it is divided, or how many values each has.");
            }
            if (count > Math.min(MOST, size)) {
                return Located.rejected("parts", "From " + from + " to " + (from + size - 1) + " there are " + size + " values: 1 to "
                        + Math.min(MOST, size) + " parts are possible, not " + count + ".");
            }
            if (firstSlot < 0 || firstSlot > slots) {
                return Located.rejected("firstSlot", slots == 0 ? "'" + at.name() + "' works on no wheel with slots."
                        : "The wheel has slots 1 to " + slots + "; " + firstSlot + " is not one of them.");
            }
            var wheel = before.findWheel(at.function().wheel());
            for (int i = 0; i < count; i++) {
                var refusal = Names.refusal("name", named(i, wheel));
                if (refusal.isPresent()) {
                    return refusal.get();
                }
            }
            return divided(before, at, from, size, (int) count, wheel);
        });
    }

    private Outcome<FixtureType> divided(FixtureType before, Located.InChannel at, long from, long size, int count, Optional<Wheel> wheel) {
        var kept = new ArrayList<NamedRange>();
        var fresh = new ArrayList<NamedRange>();
        for (int i = 0; i < count; i++) {
            long start = from + (steps > 0 ? i * steps : i * size / count);
            var part = NamedRange.of(before.nextId() + i, named(i, wheel), new DmxValue(start, at.channel().bytes()))
                .withSlot(slot(i, wheel));
            fresh.add(Boolean.TRUE.equals(eachWhole) ? part.withPhysical(at.function().physicalFrom(), at.function().physicalTo()) : part);
        }
        if (range == null) {
            kept.addAll(fresh);
        } else {
            for (var each : at.function().ranges()) {
                kept.addAll(each.id() == range ? fresh : List.of(each));
            }
        }
        return Located.applied(at.replace(at.function().with(f -> f.ranges = kept)).with(f -> f.nextId += count));
    }

    private int slot(long index, Optional<Wheel> wheel) {
        long step = isSplit() ? index / 2 : index;
        return firstSlot == 0 ? 0 : (int) ((firstSlot - 1 + step) % wheel.orElseThrow().slots().size()) + 1;
    }

    private String named(long index, Optional<Wheel> wheel) {
        var slot = called(wheel, slot(index, wheel));
        if (isSplit() && index % 2 == 1) {
            slot += " / " + called(wheel, slot(index + 1, wheel));
        }
        return name.replace("{number}", String.valueOf(first + index)).replace("{slot}", slot).strip();
    }

    private boolean isSplit() {
        return Boolean.TRUE.equals(splits);
    }

    private static String called(Optional<Wheel> wheel, int slot) {
        return wheel.flatMap(each -> each.findSlot(slot)).map(Wheel.Slot::name).orElse("");
    }

    private long count(long size, int slots) {
        if (parts > 0) {
            return parts;
        }
        return steps > 0 ? (size + steps - 1) / steps : isSplit() ? 2L * slots : slots;
    }

    @Override
    public String describe(FixtureType before) {
        return "Divided" + Located.function(before, function).map(at -> ": '" + at.name() + "'").orElse("") + " into "
                + (parts > 0 ? parts + " parts" : steps > 0 ? "parts of " + steps : "its slots");
    }
}
