package yellowkite.server.drafts;

import java.util.Map;
import java.util.function.Supplier;
import yellowkite.core.dmx.Probe;
import yellowkite.server.web.Refusal;

/** Values that the editor looks at. */
final class Probes {
    private Probes() {}

    /**
     * @param values raw values by channel id; a channel that is not named stands at its start value
     * @throws Refusal 404 if the mode is gone; 422 if a value is outside of its channel
     */
    static Probe of(LoadedDraft draft, int modeId, Map<Integer, Long> values) {
        var type = draft.history().current();
        var mode = type.findMode(modeId).orElseThrow(() -> Refusal.notFound("That mode is not in this profile any more."));
        return within(() -> Probe.atStart(CompiledModes.of(type, mode)).with(values));
    }

    /** @throws Refusal 422 if a value is outside of its channel */
    static Probe within(Supplier<Probe> put) {
        try {
            return put.get();
        } catch (IllegalArgumentException outside) {
            throw Refusal.unfit("values", String.valueOf(outside.getMessage()));
        }
    }
}
