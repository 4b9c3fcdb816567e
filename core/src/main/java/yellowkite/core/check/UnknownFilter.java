package yellowkite.core.check;

import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import yellowkite.core.profile.Filter;
import yellowkite.core.profile.FixtureType;

/** A slot or a function whose filter the profile does not have. */
final class UnknownFilter implements Rule.OfType {
    @Override
    public String id() {
        return "unknown-filter";
    }

    @Override
    public Severity severity() {
        return Severity.ERROR;
    }

    @Override
    public Stream<Finding> check(FixtureType type) {
        var filters = type.physicalDescriptions().filters().stream().map(Filter::name).collect(Collectors.toSet());
        var slots = type.wheels()
            .stream()
            .flatMap(wheel -> wheel.slots()
                .stream()
                .filter(slot -> isUnknown(filters, slot.filter()))
                .map(slot -> found(Finding.Place.of(wheel, slot),
                        "The filter '" + slot.filter() + "' of this slot is not among the profile's filters.")));
        var functions = type.modes()
            .stream()
            .flatMap(mode -> mode.channels()
                .stream()
                .flatMap(channel -> channel.functions()
                    .filter(function -> isUnknown(filters, function.filter()))
                    .map(function -> found(Finding.Place.of(mode, channel, function),
                            "The filter '" + function.filter() + "' of '" + function.name() + "' is not among the profile's filters."))));
        return Stream.concat(slots, functions);
    }

    private static boolean isUnknown(Set<String> filters, String filter) {
        return !filter.isEmpty() && !filters.contains(filter);
    }
}
