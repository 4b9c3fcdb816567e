package yellowkite.core.edit;

import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;

/**
 * Makes a profile of one's own of another one's revision: new identity, and a note of where it comes from.
 *
 * @param id GUID of the new fixture type
 * @param mode the only mode that is kept; null = all
 */
public record BecomeCopy(String manufacturer, String name, String id, @Nullable Integer mode) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        if (mode != null && before.findMode(mode).isEmpty()) {
            return Located.missing("mode");
        }
        return Names.refusalOfManufacturer("manufacturer", manufacturer)
            .or(() -> Names.refusalOfRequired("name", name, "A profile"))
            .orElseGet(() -> Located.applied(before.with(f -> {
                Begin.identify(f, manufacturer, name, id);
                f.revisions = List.of();
                f.modes = mode == null ? f.modes : f.modes.stream().filter(each -> each.id() == mode).toList();
            })));
    }

    @Override
    public boolean begins() {
        return true;
    }

    @Override
    public String describe(FixtureType before) {
        return "Begun as a copy of " + before.manufacturer() + " " + before.name();
    }
}
