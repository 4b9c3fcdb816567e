package yellowkite.core.profile;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * What a house keeps beside a profile, because the standard has no place for it. Nodes are named by their ids; what stands under the id of
 * a node that is gone means nothing.
 *
 * @param notes for colleagues; may be empty
 * @param chartCounts by mode: how many addresses the manufacturer's chart names for it
 * @param channels by channel
 * @param marks by named range
 * @param wheels by wheel
 * @param meant findings of the checks that are set aside, since what they find is meant
 * @param assumed functions whose physical ends are the usual ones, which nobody stated or confirmed
 * @param dipFromZero whether its address switches show 0 for address 1, else 1
 */
public record House(String notes, Category category, Map<Integer, Integer> chartCounts, Map<Integer, Care> channels,
        Map<Integer, Mark> marks, Map<Integer, WheelCare> wheels,
        Set<Integer> assumed, List<Meant> meant, boolean dipFromZero) {
    public static final House NONE = new House("", Category.NONE, Map.of(), Map.of(), Map.of(), Map.of(), Set.of(), List.of(), false);

    /** What kind of fixture it is, as a store sorts them. */
    public enum Category {
        NONE("No category"), MOVING_SPOT("Moving spot"), MOVING_WASH("Moving wash"), SPOT("Spot"), PAR("Par"), BATTEN("Batten"), STROBE(
                "Strobe"),
        DIMMER("Dimmer"), SCROLLER("Scroller"), GOBO_ROTATOR("Gobo rotator"), HAZE("Haze"), OTHER("Other");

        private final String text;

        Category(String text) {
            this.text = text;
        }

        /** {@return what people call it} */
        public String text() {
            return text;
        }
    }

    /** A colour that a technician gives a channel to find it again. */
    public enum Tint {
        NONE, RED, ORANGE, YELLOW, GREEN, BLUE, VIOLET
    }

    /**
     * What a named range is known by at a glance. {@code COLOR} shows one colour, {@code SPLIT} two, {@code SLOT} the picture of its wheel
     * slot; the others are drawn signs.
     */
    public enum Sign {
        COLOR, SPLIT, SLOT, OPEN, CLOSED, SPIN_LEFT, SPIN_RIGHT, STOP, SHAKE, RANDOM, PULSE, RESET, LAMP_ON, LAMP_OFF
    }

    /**
     * What is kept of one channel.
     *
     * @param note may be empty
     * @param blackout value that it is to have at a blackout, in the width it was given for; null = nothing of its own
     * @param source file and place of the chart that it was read from; null = it was not read from one
     */
    public record Care(Tint tint, String note, @Nullable DmxValue blackout, @Nullable String source) {
        public static final Care NONE = new Care(Tint.NONE, "", null, null);

        public Care withTint(Tint to) {
            return new Care(to, note, blackout, source);
        }

        public Care withNote(String to) {
            return new Care(tint, to, blackout, source);
        }

        public Care withBlackout(@Nullable DmxValue to) {
            return new Care(tint, note, to, source);
        }

        public Care withSource(@Nullable String to) {
            return new Care(tint, note, blackout, to);
        }
    }

    /** A finding that is meant. @param rule id of the check. @param place where, in its words. @param reason why it is right as it is */
    public record Meant(String rule, String place, String reason) {}

    /** @param color {@code #rrggbb} where the sign shows colours, else empty; {@code second} likewise for a split */
    public record Mark(Sign sign, String color, String second) {}

    public House {
        chartCounts = Map.copyOf(chartCounts);
        channels = Map.copyOf(channels);
        marks = Map.copyOf(marks);
        wheels = Map.copyOf(wheels);
        assumed = Set.copyOf(assumed);
        meant = List.copyOf(meant);
    }

    public Care care(int channel) {
        return channels.getOrDefault(channel, Care.NONE);
    }

    public House withNotes(String to) {
        return new House(to, category, chartCounts, channels, marks, wheels, assumed, meant, dipFromZero);
    }

    public House withCategory(Category to) {
        return new House(notes, to, chartCounts, channels, marks, wheels, assumed, meant, dipFromZero);
    }

    public House withDipFromZero(boolean to) {
        return new House(notes, category, chartCounts, channels, marks, wheels, assumed, meant, to);
    }

    /** @param to null = the chart names none */
    public House withChartCount(int mode, @Nullable Integer to) {
        return new House(notes, category, put(chartCounts, mode, to), channels, marks, wheels, assumed, meant, dipFromZero);
    }

    public House withCare(int channel, Care to) {
        return new House(notes, category, chartCounts, put(channels, channel, to.equals(Care.NONE) ? null : to), marks, wheels, assumed,
                meant, dipFromZero);
    }

    /** @param to null = none */
    public House withMark(int range, @Nullable Mark to) {
        return new House(notes, category, chartCounts, channels, put(marks, range, to), wheels, assumed, meant, dipFromZero);
    }

    public WheelCare wheel(int wheel) {
        return wheels.getOrDefault(wheel, WheelCare.NONE);
    }

    public House withWheel(int wheel, WheelCare to) {
        return new House(notes, category, chartCounts, channels, marks, put(wheels, wheel, to.equals(WheelCare.NONE) ? null : to), assumed,
                meant, dipFromZero);
    }

    /** {@return why a finding is meant; null if nobody said so} */
    public @Nullable String meant(String rule, String place) {
        return meant.stream()
            .filter(each -> each.rule().equals(rule) && each.place().equals(place))
            .map(Meant::reason)
            .findFirst()
            .orElse(null);
    }

    /** @param reason null = the finding counts again */
    public House withMeant(String rule, String place, @Nullable String reason) {
        var after = new ArrayList<>(meant);
        after.removeIf(each -> each.rule().equals(rule) && each.place().equals(place));
        if (reason != null) {
            after.add(new Meant(rule, place, reason));
        }
        return new House(notes, category, chartCounts, channels, marks, wheels, assumed, after, dipFromZero);
    }

    /** {@return this part in which a function's physical ends count as assumed, or as stated} */
    public House withAssumed(int function, boolean to) {
        if (assumed.contains(function) == to) {
            return this;
        }
        var after = new HashSet<>(assumed);
        if (to) {
            after.add(function);
        } else {
            after.remove(function);
        }
        return new House(notes, category, chartCounts, channels, marks, wheels, after, meant, dipFromZero);
    }

    /**
     * {@return this part in which copies of nodes are kept as those that they were copied from} @param copies ids by the id of what was
     * copied
     */
    public House alsoFor(Map<Integer, Integer> copies) {
        if (channels.isEmpty() && marks.isEmpty() && assumed.isEmpty()) {
            return this;
        }
        var assumedToo = new HashSet<>(assumed);
        copies.forEach((id, copy) -> {
            if (assumed.contains(id)) {
                assumedToo.add(copy);
            }
        });
        return new House(notes, category, chartCounts, doubled(channels, copies::get), doubled(marks, copies::get), wheels, assumedToo,
                meant, dipFromZero);
    }

    private static <T> Map<Integer, T> doubled(Map<Integer, T> was, Function<Integer, @Nullable Integer> copies) {
        var after = new HashMap<>(was);
        was.forEach((id, kept) -> {
            var copy = copies.apply(id);
            if (copy != null) {
                after.put(copy, kept);
            }
        });
        return after;
    }

    private static <T> Map<Integer, T> put(Map<Integer, T> was, int id, @Nullable T to) {
        var after = new HashMap<>(was);
        if (to == null) {
            after.remove(id);
        } else {
            after.put(id, to);
        }
        return after;
    }
}
