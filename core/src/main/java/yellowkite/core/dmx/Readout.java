package yellowkite.core.dmx;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import yellowkite.core.text.Figures;

/**
 * What one channel does at one value, as it is told.
 *
 * @param hex the value in as many digits as its bytes have
 * @param percent of the largest value, in [0, 100], to one decimal
 * @param bytes most significant first
 * @param physical the physical value as text, without its unit; null without a function
 * @param says one sentence on what the fixture does
 */
public record Readout(Meaning meaning, String hex, double percent, List<Byte> bytes, @Nullable String physical, String says) {
    /** What the bytes of a channel are called, the most significant first. */
    static final List<String> BYTES = List.of("coarse", "fine", "finer", "finest");

    public Readout {
        bytes = List.copyOf(bytes);
    }

    /** @param address null for a virtual channel. @param value in [0, 255] */
    public record Byte(@Nullable Integer address, String name, int value) {}

    public static Readout of(Meaning meaning) {
        var channel = meaning.channel().channel();
        var addresses = meaning.channel().addresses();
        var bytes = new ArrayList<Byte>();
        for (int i = 0; i < channel.bytes(); i++) {
            bytes.add(new Byte(i < addresses.size() ? addresses.get(i) : null, BYTES.get(i),
                    (int) (meaning.raw() >>> 8 * (channel.bytes() - 1 - i)) & 0xFF));
        }
        var physical = meaning.physical() == null ? null : Figures.of(meaning.physical());
        return new Readout(meaning, String.format(Locale.ROOT, "0x%0" + 2 * channel.bytes() + "X", meaning.raw()),
                Math.round(1000.0 * meaning.raw() / channel.max()) / 10.0, bytes, physical, says(meaning, physical));
    }

    private static String says(Meaning meaning, @Nullable String physical) {
        var function = meaning.function();
        if (function == null) {
            return "No function is active at this value: the fixture does nothing here.";
        }
        var what = meaning.range() != null && !meaning.range().range().name().isBlank() ? meaning.range().range().name() : function.name();
        boolean moves = function.function().physicalFrom() != function.function().physicalTo() && !meaning.unit().symbol().isEmpty();
        var doing = moves ? what + ", at " + physical + " " + meaning.unit().symbol() : what;
        return meaning.scale() < 1 ? doing + "; another channel lets " + Figures.percent(meaning.scale()) + " of it through." : doing + ".";
    }
}
