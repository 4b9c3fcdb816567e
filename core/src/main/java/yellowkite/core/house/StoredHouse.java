package yellowkite.core.house;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.House.Care;
import yellowkite.core.profile.House.Category;
import yellowkite.core.profile.House.Mark;
import yellowkite.core.profile.House;
import yellowkite.core.profile.WheelCare;

/**
 * The house part with names instead of ids, so that it can be kept beside a revision, whose nodes get other ids when it is read again, and
 * laid onto a newer one.
 *
 * @param chartCounts by mode name
 * @param wheels by wheel name; what was stored before there were any has none. {@code assumed} and {@code meant} likewise
 * @param dipFromZero whether its address switches show 0 for address 1, else 1
 */
public record StoredHouse(String notes, Category category, Map<String, Integer> chartCounts, List<ChannelCare> channels,
        List<RangeMark> marks,
        @Nullable Map<String, WheelCare> wheels, @Nullable List<AssumedFunction> assumed, @Nullable List<House.Meant> meant,
        boolean dipFromZero) {
    public static final StoredHouse NONE = new StoredHouse("", Category.NONE, Map.of(), List.of(), List.of(), Map.of(), List.of(),
            List.of(), false);

    public record ChannelCare(String mode, String channel, Care care) {}

    /** @param from first value of the range, raw */
    public record RangeMark(String mode, String channel, String function, long from, Mark mark) {}

    /** A function whose physical ends nobody stated. */
    public record AssumedFunction(String mode, String channel, String function) {}

    public StoredHouse {
        chartCounts = Map.copyOf(chartCounts);
        channels = List.copyOf(channels);
        marks = List.copyOf(marks);
        wheels = wheels == null ? Map.of() : Map.copyOf(wheels);
        assumed = assumed == null ? List.of() : List.copyOf(assumed);
        meant = meant == null ? List.of() : List.copyOf(meant);
    }

    public static StoredHouse of(FixtureType type) {
        var house = type.house();
        var counts = new TreeMap<String, Integer>();
        var channels = new ArrayList<ChannelCare>();
        var marks = new ArrayList<RangeMark>();
        for (var mode : type.modes()) {
            if (house.chartCounts().containsKey(mode.id())) {
                counts.put(mode.name(), house.chartCounts().get(mode.id()));
            }
        }
        var here = Places.of(type);
        here.channels().forEach((place, id) -> {
            if (house.channels().containsKey(id)) {
                channels.add(new ChannelCare(place.mode(), place.channel(), house.care(id)));
            }
        });
        here.ranges().forEach((place, id) -> {
            if (house.marks().containsKey(id)) {
                marks.add(new RangeMark(place.mode(), place.channel(), place.function(), place.from(), house.marks().get(id)));
            }
        });
        var assumed = new ArrayList<AssumedFunction>();
        here.functions().forEach((place, id) -> {
            if (house.assumed().contains(id)) {
                assumed.add(place);
            }
        });
        var wheels = new TreeMap<String, WheelCare>();
        type.wheels()
            .stream()
            .filter(wheel -> house.wheels().containsKey(wheel.id()))
            .forEach(wheel -> wheels.put(wheel.name(), house.wheel(wheel.id())));
        return new StoredHouse(house.notes(), house.category(), counts, channels, marks, wheels, assumed, house.meant(),
                house.dipFromZero());
    }

    /** {@return the document with this as its house part; what has no counterpart in it is left out} */
    public FixtureType laidOnto(FixtureType type) {
        var house = House.NONE.withNotes(notes).withCategory(category).withDipFromZero(dipFromZero);
        for (var mode : type.modes()) {
            house = house.withChartCount(mode.id(), chartCounts.get(mode.name()));
        }
        for (var wheel : type.wheels()) {
            house = house.withWheel(wheel.id(), Objects.requireNonNull(wheels).getOrDefault(wheel.name(), WheelCare.NONE));
        }
        var here = Places.of(type);
        for (var each : channels) {
            var id = here.channels().get(new Places.InMode(each.mode(), each.channel()));
            house = id == null ? house : house.withCare(id, each.care());
        }
        for (var each : marks) {
            var id = here.ranges().get(new Places.InFunction(each.mode(), each.channel(), each.function(), each.from()));
            house = id == null ? house : house.withMark(id, each.mark());
        }
        for (var each : Objects.requireNonNull(assumed)) {
            var id = here.functions().get(each);
            house = id == null ? house : house.withAssumed(id, true);
        }
        for (var each : Objects.requireNonNull(meant)) {
            house = house.withMeant(each.rule(), each.place(), each.reason());
        }
        var done = house;
        return type.with(f -> f.house = done);
    }
}
