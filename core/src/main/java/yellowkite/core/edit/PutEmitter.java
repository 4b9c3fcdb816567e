package yellowkite.core.edit;

import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.Emitter;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Trees;
import yellowkite.core.xml.Source;

/**
 * Puts an emitter into the profile, or says anew what one of that name is; its measurements stay.
 *
 * @param luminance in percent, beside the profile's other emitters
 * @param nanometres dominant wavelength; null = not known
 */
public record PutEmitter(String name, double x, double y, double luminance, @Nullable Double nanometres) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        if (nanometres != null && !(nanometres >= 300 && nanometres <= 1_000)) {
            return Located.rejected("nanometres", "A dominant wavelength lies from 300 to 1000 nm.");
        }
        return Colours.on(name, "An emitter", x, y, luminance, color -> Located.applied(before.with(f -> {
            var emitters = f.physicalDescriptions.emitters();
            var was = f.physicalDescriptions.findEmitter(name);
            var fresh = was.map(old -> new Emitter(name, color, nanometres, old.diodePart(), old.measurements(), old.source()))
                .orElseGet(() -> new Emitter(name, color, nanometres, "", List.of(), Source.NONE));
            f.physicalDescriptions = f.physicalDescriptions
                .withEmitters(was.isPresent() ? Trees.map(emitters, each -> each == was.get() ? fresh : each)
                        : Trees.insert(emitters, emitters.size(), fresh));
        })));
    }

    @Override
    public String describe(FixtureType before) {
        return "Emitter '" + name + "' " + (before.physicalDescriptions().findEmitter(name).isPresent() ? "changed" : "added");
    }
}
