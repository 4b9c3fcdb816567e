package yellowkite.server.drafts;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import yellowkite.core.dmx.Light;
import yellowkite.core.dmx.Meaning;
import yellowkite.server.web.Refusal;

/** Reads a draft at a probe. */
@Component
class Readouts {
    private static final List<String> BYTE_NAMES = List.of("coarse", "fine", "finer", "finest");
    private final DraftBases bases;

    Readouts(DraftBases bases) {
        this.bases = bases;
    }

    /** @param values raw values by channel id; a channel that is not named stands at its start value, and in the picture of the beam at its highlight value */
    ReadoutView read(LoadedDraft draft, int modeId, int channelId, Map<Integer, Long> values) {
        var probe = Probe.of(draft, modeId, values);
        var meanings = probe.resolver().resolve(probe.raws());
        var here = meanings.stream().filter(each -> each.channel().channel().id() == channelId).findFirst()
                .orElseThrow(() -> Refusal.notFound("That channel is not in this mode any more."));
        return view(here, Light.of(probe.type(), probe.resolver().resolve(probe.lit(values, channelId))), bases.media(draft));
    }

    private static ReadoutView view(Meaning here, Light light, DraftMedia media) {
        var channel = here.channel().channel();
        var bytes = new ArrayList<ReadoutView.Byte>();
        var addresses = here.channel().addresses();
        for (int i = 0; i < channel.bytes(); i++) {
            bytes.add(new ReadoutView.Byte(i < addresses.size() ? addresses.get(i) : null, BYTE_NAMES.get(i), (int) (here.raw() >>> 8 * (channel.bytes() - 1 - i)) & 0xFF));
        }
        var function = here.function();
        var slot = here.slot() == null ? null : DraftShaper.slot(here.range().range().slot(), here.slot(), media);
        var physical = here.physical() == null ? null : number(here.physical());
        return new ReadoutView(channel.id(), here.raw(), String.format(Locale.ROOT, "0x%0" + 2 * channel.bytes() + "X", here.raw()),
                Math.round(1000.0 * here.raw() / channel.max()) / 10.0, bytes,
                function == null ? null : function.name(), function == null ? null : function.function().attribute(),
                here.range() == null ? null : here.range().range().name(), slot, physical, here.unit().symbol(),
                doing(here, physical), beam(light, media));
    }

    private static String doing(Meaning here, @Nullable String physical) {
        var function = here.function();
        if (function == null) {
            return "No function is active at this value: the lamp does nothing here.";
        }
        var what = here.range() != null && !here.range().range().name().isBlank() ? here.range().range().name() : function.name();
        boolean moves = function.function().physicalFrom() != function.function().physicalTo() && !here.unit().symbol().isEmpty();
        return moves ? what + ", at " + physical + " " + here.unit().symbol() + "." : what + ".";
    }

    private static ReadoutView.Beam beam(Light light, DraftMedia media) {
        return new ReadoutView.Beam(light.level(), HueView.of(light.color()), light.gobo() == null ? null : DraftShaper.picture(light.gobo(), media),
                light.panDegrees(), light.tiltDegrees(), light.strobeHz());
    }

    private static String number(double value) {
        var rounded = new BigDecimal(value).round(new MathContext(5, RoundingMode.HALF_UP));
        return (rounded.scale() > 3 ? rounded.setScale(3, RoundingMode.HALF_UP) : rounded).stripTrailingZeros().toPlainString();
    }
}
