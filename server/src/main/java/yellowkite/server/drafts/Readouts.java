package yellowkite.server.drafts;

import java.util.HashSet;
import java.util.Map;
import java.util.Objects;
import org.springframework.stereotype.Component;
import yellowkite.core.dmx.Readout;
import yellowkite.core.light.Light;
import yellowkite.server.web.BeamView;
import yellowkite.server.web.Refusal;

/** Reads a draft at a probe. */
@Component
class Readouts {
    private final DraftBases bases;

    Readouts(DraftBases bases) {
        this.bases = bases;
    }

    /**
     * @param values raw values by channel id; a channel that is not named stands at its start value, and in the picture of the beam at its
     * highlight value
     */
    ReadoutView read(LoadedDraft draft, int modeId, int channelId, Map<Integer, Long> values) {
        var probe = Probes.of(draft, modeId, values);
        var here = probe.readout(channelId).orElseThrow(() -> Refusal.notFound("That channel is not in this mode any more."));
        var moved = new HashSet<>(values.keySet());
        moved.add(channelId);
        boolean assumed = here.meaning().function() != null
                && draft.history().current().house().assumed().contains(here.meaning().function().function().id());
        return view(here, assumed, Light.of(probe.mode(), probe.lit(moved).meanings()), bases.media(draft));
    }

    private static ReadoutView view(Readout readout, boolean assumed, Light light, DraftMedia media) {
        var here = readout.meaning();
        var function = here.function();
        var slot = here.slot() == null ? null : DraftShaper.slot(Objects.requireNonNull(here.range()).range().slot(), here.slot(), media);
        return new ReadoutView(here.channel().channel().id(), here.raw(), readout.hex(), readout.percent(),
                readout.bytes().stream().map(each -> new ReadoutView.Byte(each.address(), each.name(), each.value())).toList(),
                function == null ? null : function.name(), function == null ? null : function.function().id(),
                function == null ? null : function.function().attribute(),
                here.range() == null ? null : here.range().range().name(), slot, readout.physical(), here.unit().symbol(), assumed,
                readout.says(), BeamView.of(light, media.contents()));
    }
}
