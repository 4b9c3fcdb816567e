package yellowkite.core.dmx;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import yellowkite.core.profile.DmxValue;

/**
 * DMX values as people type them: {@code 200}, {@code 50 %}, {@code 0x80} or {@code 80h}, and bytes from the coarse one on: {@code 128:0};
 * {@code 128/1} is a file's way to say a value and its width, and no way to type one. A percentage is rounded half up in the channel's own
 * width.
 */
public final class ValueText {
    private static final Pattern PERCENT = Pattern.compile("(\\d{1,3}(?:[.,]\\d{1,12})?) ?%");
    private static final Pattern HEX = Pattern.compile("0[xX]([0-9a-fA-F]{1,8})|([0-9a-fA-F]{1,8})[hH]");
    private static final Pattern BYTES = Pattern.compile("\\d{1,3}(?::\\d{1,3}){1,3}");
    private static final Pattern NUMBER = Pattern.compile("\\d{1,10}");

    private ValueText() {}

    /** How a number without a sign of its own is meant. */
    public enum Form {
        VALUE, BYTES, PERCENT, HEX
    }

    /**
     * What was typed.
     *
     * @param raw in the channel's own width; -1 if it is none
     * @param reason why it is none, and what would be; null if it is one
     */
    public record Read(long raw, @Nullable String reason) {}

    /** @param bytes width of the channel, in [1, 4] */
    public static Read read(String text, int bytes, Form form) {
        var typed = text.strip();
        if (PERCENT.matcher(typed).matches()) {
            return percent(PERCENT.matcher(typed).replaceFirst("$1"), bytes);
        }
        if (BYTES.matcher(typed).matches()) {
            return bytes(typed, bytes);
        }
        var hex = HEX.matcher(typed);
        if (hex.matches()) {
            return within(Long.parseLong(hex.group(1) == null ? hex.group(2) : hex.group(1), 16), bytes);
        }
        return switch (form) {
            case VALUE -> NUMBER.matcher(typed).matches() ? within(Long.parseLong(typed), bytes) : unknown(bytes);
            case BYTES -> NUMBER.matcher(typed).matches() ? bytes(typed, bytes) : unknown(bytes);
            case PERCENT -> PERCENT.matcher(typed + "%").matches() ? percent(typed, bytes) : unknown(bytes);
            case HEX -> HEX.matcher(typed + "h").matches() ? within(Long.parseLong(typed, 16), bytes) : unknown(bytes);
        };
    }

    private static Read percent(String number, int bytes) {
        var percent = new BigDecimal(number.replace(',', '.'));
        return percent.compareTo(BigDecimal.valueOf(100)) > 0 ? new Read(-1, "A percentage lies from 0 to 100.")
                : new Read(percent.multiply(BigDecimal.valueOf(DmxValue.max(bytes)))
                    .divide(BigDecimal.valueOf(100), 0, RoundingMode.HALF_UP)
                    .longValueExact(), null);
    }

    /** Bytes that are not said are 0. */
    private static Read bytes(String text, int bytes) {
        var parts = text.split(":");
        if (parts.length > bytes) {
            return new Read(-1, "This channel has " + (bytes == 1 ? "one byte" : bytes + " bytes") + "; " + parts.length + " were given.");
        }
        long raw = 0;
        for (int i = 0; i < bytes; i++) {
            int part = i < parts.length ? Integer.parseInt(parts[i]) : 0;
            if (part > 255) {
                return new Read(-1, "A byte lies from 0 to 255; " + part + " is outside.");
            }
            raw = raw << 8 | part;
        }
        return new Read(raw, null);
    }

    private static Read within(long raw, int bytes) {
        return raw <= DmxValue.max(bytes) ? new Read(raw, null)
                : new Read(-1, "Values of this channel lie from 0 to " + DmxValue.max(bytes) + "; " + raw + " is outside.");
    }

    private static Read unknown(int bytes) {
        return new Read(-1, "Type a value from 0 to " + DmxValue.max(bytes) + (bytes > 1 ? ", bytes such as 128:0" : "")
                + ", a percentage such as 50 %, or hex such as 0x80.");
    }
}
