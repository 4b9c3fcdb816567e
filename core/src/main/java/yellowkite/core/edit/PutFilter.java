package yellowkite.core.edit;

import java.util.List;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.Filter;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Trees;
import yellowkite.core.xml.Source;

/**
 * Puts a filter into the profile, or says anew what one of that name does to white light; its measurements stay. @param luminance what
 * passes, in percent
 */
public record PutFilter(String name, double x, double y, double luminance) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return Colours.on(name, "A filter", x, y, luminance, color -> Located.applied(before.with(f -> {
            var filters = f.physicalDescriptions.filters();
            var was = f.physicalDescriptions.findFilter(name);
            var fresh = was.map(old -> new Filter(name, color, old.measurements(), old.source()))
                .orElseGet(() -> new Filter(name, color, List.of(), Source.NONE));
            f.physicalDescriptions = f.physicalDescriptions
                .withFilters(was.isPresent() ? Trees.map(filters, each -> each == was.get() ? fresh : each)
                        : Trees.insert(filters, filters.size(), fresh));
        })));
    }

    @Override
    public String describe(FixtureType before) {
        return "Filter '" + name + "' " + (before.physicalDescriptions().findFilter(name).isPresent() ? "changed" : "added");
    }
}
