package yellowkite.core.edit;

import org.jspecify.annotations.Nullable;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;

/** Says which emitter a function drives, or which filter; null leaves what is there, empty is none. */
public record SetLightPart(int function, @Nullable String emitter, @Nullable String filter) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        if (emitter != null && !emitter.isEmpty() && before.physicalDescriptions().findEmitter(emitter).isEmpty()) {
            return Located.rejected("emitter", "This profile has no emitter called '" + emitter + "'.");
        }
        if (filter != null && !filter.isEmpty() && before.physicalDescriptions().findFilter(filter).isEmpty()) {
            return Located.rejected("filter", "This profile has no filter called '" + filter + "'.");
        }
        return Located.onFunction(before, function, at -> Located.applied(at.replace(at.function().with(f -> {
            f.emitter = emitter == null ? f.emitter : emitter;
            f.filter = filter == null ? f.filter : filter;
        }))));
    }

    @Override
    public String describe(FixtureType before) {
        return "'" + Located.function(before, function).map(Located.InChannel::name).orElse("A function") + "' drives "
                + (emitter != null && !emitter.isEmpty() ? "the emitter '" + emitter + "'"
                        : filter != null && !filter.isEmpty() ? "the filter '" + filter + "'" : "no emitter or filter of its own");
    }
}
