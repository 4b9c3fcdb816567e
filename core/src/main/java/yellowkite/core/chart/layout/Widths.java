package yellowkite.core.chart.layout;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import yellowkite.core.chart.layout.Charted.Entry;
import yellowkite.core.profile.DmxValue;

/** Brings the bytes of a channel together: "Pan fine" behind "Pan", "Dimmer LSB" behind "Dimmer MSB", "Zoom 16 bit" of one address. */
public final class Widths {
    private static final Pattern FINE = Pattern.compile(
            "(?i)[(\\[]?\\b(?:ultra[- ]?fine|fine(?: adjust(?:ment)?)?|lsb|low(?:er)?[- ]byte|lo(?: byte)?|least significant(?: byte)?|16[- ]?bit fine|fein)\\b[)\\]]?");
    private static final Pattern COARSE = Pattern
        .compile("(?i)[(\\[]?\\b(?:coarse|msb|high(?:er)?[- ]byte|hi(?: byte)?|most significant(?: byte)?|grob)\\b[)\\]]?");
    private static final Pattern BITS = Pattern.compile("(?i)[(\\[]?\\b(8|16|24|32)[- ]?bits?\\b[)\\]]?");
    private static final Pattern JOINED = Pattern.compile("(?i)^(.+?)\\s*(?:/|&|\\+|,|and)\\s*(.*\\b(?:fine|lsb)\\b.*)$");

    /** How many channels may stand between the bytes of one. */
    private static final int FAR = 8;

    private Widths() {}

    /** {@return the channels of a mode with the bytes that belong to them} */
    public static List<Entry> together(List<Entry> entries) {
        var joined = new ArrayList<Entry>();
        for (var entry : entries) {
            int at = coarse(joined, entry);
            if (at >= 0) {
                var before = joined.get(at);
                joined.set(at, before.withAddresses(both(before.addresses(), entry.addresses()))
                    .withPlaces(both(before.places(), entry.places())));
            } else {
                joined.add(stated(entry));
            }
        }
        return joined;
    }

    /**
     * {@return which channel it is the next byte of; -1 if of none} Mostly the one before; or, by name, one a few before: "Pan, Tilt, Pan
     * fine, Tilt fine".
     */
    private static int coarse(List<Entry> joined, Entry entry) {
        for (int at = joined.size() - 1; at >= Math.max(0, joined.size() - FAR); at--) {
            var before = joined.get(at);
            boolean named = at == joined.size() - 1 || !bare(entry.words()).isEmpty() && bare(entry.words()).equals(bare(before.words()));
            if (named && isFineOf(entry, before) && before.addresses().size() + entry.addresses().size() <= DmxValue.MAX_BYTES) {
                return at;
            }
        }
        return -1;
    }

    /** "Pan 16 bit" at one address has the next one, too. */
    private static Entry stated(Entry entry) {
        var bits = BITS.matcher(entry.words());
        int bytes = bits.find() ? Integer.parseInt(bits.group(1)) / 8 : 1;
        int first = entry.addresses().getFirst();
        boolean fits = bytes > entry.addresses().size() && entry.addresses().size() == 1 && !COARSE.matcher(entry.words()).find()
                && !FINE.matcher(entry.words()).find();
        return fits ? entry.withAddresses(IntStream.range(first, first + bytes).boxed().toList()) : entry;
    }

    private static boolean isFineOf(Entry entry, Entry before) {
        if (!FINE.matcher(entry.words()).find()) {
            return false;
        }
        var name = bare(entry.words());
        var coarse = bare(before.words());
        return name.isEmpty() || coarse.equals(name) || coarse.startsWith(name + " ") || name.startsWith(coarse + " ")
                || coarse.startsWith(name);
    }

    /** {@return a channel's words without what they say of its width, as they stood otherwise} */
    public static String plain(String words) {
        var pair = JOINED.matcher(words);
        var first = pair.matches() && FINE.matcher(pair.group(2)).find() && !bare(pair.group(1)).isEmpty() ? pair.group(1) : words;
        return BITS.matcher(COARSE.matcher(FINE.matcher(first).replaceAll(" ")).replaceAll(" "))
            .replaceAll(" ")
            .replaceAll("\\s+", " ")
            .replaceAll("[\\s,;:/()-]+$", "")
            .strip();
    }

    private static String bare(String words) {
        return plain(words).toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]+", " ").strip();
    }

    private static <T> List<T> both(List<T> one, List<T> other) {
        var all = new ArrayList<>(one);
        all.addAll(other);
        return all;
    }
}
