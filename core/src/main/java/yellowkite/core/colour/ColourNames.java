package yellowkite.core.colour;

import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/**
 * Our own table of colour words, by what a screen shows of them (sRGB). A glass of a wheel is nobody's standard: these are middle values,
 * there to be seen as red or blue until somebody measures.
 */
public final class ColourNames {
    /** Longer words first, so that "light blue" is not blue. */
    private static final Map<String, Integer> WORDS = new LinkedHashMap<>();

    static {
        put("deep blue", 0x0018b0);
        put("dark blue", 0x0020a0);
        put("light blue", 0x60b0ff);
        put("sky blue", 0x60b8ff);
        put("deep red", 0xb00010);
        put("dark red", 0xa00010);
        put("light red", 0xff6050);
        put("dark green", 0x007030);
        put("light green", 0x70e060);
        put("yellow green", 0xa8e000);
        put("light yellow", 0xfff080);
        put("light pink", 0xffb0c8);
        put("light magenta", 0xff70d0);
        put("warm white", 0xffd8a0);
        put("cold white", 0xe8f0ff);
        put("cool white", 0xe8f0ff);
        put("3200", 0xffc078);
        put("2700", 0xffb060);
        put("5600", 0xfff0e0);
        put("6000", 0xfff6ee);
        put("ultraviolet", 0x4000d0);
        put("turquoise", 0x20d0c0);
        put("aquamarine", 0x40e0c0);
        put("lavender", 0xb090ff);
        put("magenta", 0xff00a8);
        put("orange", 0xff7000);
        put("yellow", 0xffe000);
        put("purple", 0x8010d0);
        put("violet", 0x6000e0);
        put("indigo", 0x3000c8);
        put("salmon", 0xff8068);
        put("amber", 0xffa000);
        put("green", 0x00c030);
        put("cyan", 0x00c8ff);
        put("blue", 0x0030ff);
        put("pink", 0xff70b0);
        put("lime", 0xa0f000);
        put("mint", 0x80ffc0);
        put("rose", 0xff4080);
        put("aqua", 0x30e0e0);
        put("congo", 0x2800a0);
        put("white", 0xffffff);
        put("red", 0xff0010);
        put("cto", 0xffc078);
        put("ctb", 0xb0d0ff);
        put("uv", 0x4000d0);
        put("open", 0xffffff);
    }

    private ColourNames() {}

    private static void put(String word, int rgb) {
        WORDS.put(word, rgb);
    }

    /** {@return the colour that words name; of a split colour the middle of both} */
    public static Optional<Srgb> of(String words) {
        var plain = " " + words.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]+", " ").strip() + " ";
        Integer first = null;
        int at = Integer.MAX_VALUE;
        Integer second = null;
        for (var each : WORDS.entrySet()) {
            int found = plain.indexOf(" " + each.getKey() + " ");
            if (found >= 0) {
                plain = plain.replace(" " + each.getKey() + " ", " " + "_".repeat(each.getKey().length()) + " ");
                second = first == null ? null : found < at ? first : each.getValue();
                first = first == null || found < at ? each.getValue() : first;
                at = Math.min(at, found);
            }
        }
        if (first == null) {
            return Optional.empty();
        }
        boolean split = second != null && plain.contains("split") || second != null && words.matches(".*[/+&].*");
        return Optional.of(Srgb.ofRgb(split ? middle(first, Objects.requireNonNull(second)) : first));
    }

    private static int middle(int one, int other) {
        int mixed = 0;
        for (int shift = 16; shift >= 0; shift -= 8) {
            mixed |= ((one >> shift & 0xFF) + (other >> shift & 0xFF)) / 2 << shift;
        }
        return mixed;
    }
}
