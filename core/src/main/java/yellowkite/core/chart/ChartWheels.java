package yellowkite.core.chart;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import yellowkite.core.colour.ColourNames;
import yellowkite.core.chart.proposal.Proposal.FunctionProposal;
import yellowkite.core.chart.proposal.Proposal.ModeProposal;
import yellowkite.core.chart.proposal.Proposal.WheelProposal;
import yellowkite.core.colour.Srgb;
import yellowkite.core.profile.ColorCie;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Trees;
import yellowkite.core.profile.Wheel;
import yellowkite.core.text.StandardName;
import yellowkite.core.xml.Source;

/**
 * The wheels that a chart's mode selects from. One that the profile has already, slot for slot, is used, and gets the slots that it lacks
 * at its end; another one is added.
 *
 * @param names what each wheel of the chart is called in the profile
 */
record ChartWheels(FixtureType type, Map<String, String> names) {
    private static final int LONGEST_NAME = 80;

    static ChartWheels laidOnto(FixtureType type, List<WheelProposal> wheels, ModeProposal mode) {
        var needed = mode.channels()
            .stream()
            .flatMap(each -> each.functions().stream())
            .map(FunctionProposal::wheel)
            .collect(Collectors.toSet());
        var names = new HashMap<String, String>();
        var after = type;
        for (var wheel : wheels) {
            if (needed.contains(wheel.name())) {
                var known = known(after, wheel);
                after = known.isPresent() ? longer(after, known.get(), wheel) : with(after, wheel);
                names.put(wheel.name(), known.isPresent() ? known.get().name() : after.wheels().getLast().name());
            }
        }
        return new ChartWheels(after, names);
    }

    /** Slot for slot the same words, as far as it has slots, whatever the wheel is called; of several the one of that name. */
    private static Optional<Wheel> known(FixtureType type, WheelProposal wheel) {
        var words = wheel.slots().stream().map(ChartWheels::key).toList();
        var alike = type.wheels()
            .stream()
            .filter(each -> !each.slots().isEmpty() && each.slots().size() <= words.size()
                    && each.slots().stream().map(slot -> key(slot.name())).toList().equals(words.subList(0, each.slots().size())))
            .toList();
        return alike.stream().filter(each -> each.name().equals(wheel.name())).findFirst().or(() -> alike.stream().findFirst());
    }

    private static FixtureType longer(FixtureType type, Wheel known, WheelProposal wheel) {
        if (known.slots().size() == wheel.slots().size()) {
            return type;
        }
        var slots = new ArrayList<>(known.slots());
        int id = type.nextId();
        for (var slot : wheel.slots().subList(known.slots().size(), wheel.slots().size())) {
            slots.add(Wheel.Slot.of(id++, StandardName.of(slot, LONGEST_NAME), wheel.holdsColours() ? colour(slot) : ColorCie.WHITE, ""));
        }
        var grown = new Wheel(known.id(), known.name(), slots, known.source());
        int next = id;
        return type.with(f -> {
            f.wheels = Trees.map(f.wheels, each -> each.id() == known.id() ? grown : each);
            f.nextId = next;
        });
    }

    private static String key(String slot) {
        return StandardName.of(slot, LONGEST_NAME).toLowerCase(Locale.ROOT);
    }

    private static FixtureType with(FixtureType type, WheelProposal wheel) {
        var name = ChartBody.fresh(new HashSet<>(type.wheels().stream().map(Wheel::name).toList()),
                StandardName.of(wheel.name(), LONGEST_NAME));
        boolean colours = wheel.holdsColours();
        var taken = new HashSet<String>();
        var slots = new ArrayList<Wheel.Slot>();
        int id = type.nextId() + 1;
        for (var slot : wheel.slots()) {
            slots.add(Wheel.Slot.of(id++, ChartBody.fresh(taken, StandardName.of(slot, LONGEST_NAME)),
                    colours ? colour(slot) : ColorCie.WHITE, ""));
        }
        var made = new Wheel(type.nextId(), name, slots, Source.NONE);
        int next = id;
        return type.with(f -> {
            f.wheels = Trees.insert(f.wheels, f.wheels.size(), made);
            f.nextId = next;
        });
    }

    private static ColorCie colour(String words) {
        return ColourNames.of(words).map(Srgb::toCie).orElse(ColorCie.WHITE);
    }
}
