package yellowkite.core.chart.meaning;

import java.util.regex.Pattern;

/**
 * What one row of a channel does: which attribute its values are, whether it stands alone, and what it brings in.
 *
 * @param attribute of the row's values
 * @param slot words of the wheel's slot that it brings in; empty if it brings in none
 * @param alone whether it never shares a function with its neighbours: it has physical ends of its own
 * @param still the one physical value that all its values have; NaN if they run
 * @param sure in [0, 1]
 */
record RowMeaning(String attribute, String slot, boolean alone, double still, double sure) {
    private static final Pattern DASH = Pattern.compile("\\s*[-\u2010-\u2015]+\\s*");
    private static final Pattern FAMILY = Pattern.compile("^(Gobo|Color|Prism|AnimationWheel)(\\d+)$");
    private static final Pattern TURNED = Pattern.compile("^(Gobo|Prism|AnimationWheel)(\\d+)Pos$");
    /** What a row says beside the slot that it brings in. */
    private static final Pattern SLOT_EXTRAS = Pattern.compile(
            "(?i)\\b(?:shak(?:e|ing)|index(?:ing|ed)?|rotat(?:ion|e)|spin(?:ning)?|scroll(?:ing)?|slow|fast|continuous|speed|select|position|jitter|bounce|c?cw|clockwise|min|max)\\b|[,;:>\\u2192\\u2026\\u2013~]|->|\\.{2,}|\\d+(?:[.,]\\d+)?\\s*(?:hz|rpm|\u00B0|deg)|\\bto\\b(?!\\s*\\d)");

    /** Words for whatever the wheel holds, which name none of it. */
    private static final Pattern GENERAL = Pattern
        .compile("(?i)(?:(?:static|rotating|fixed|colou?r|gobo)s? ?)?(?:gobos?|colou?rs?|wheel|selection|prisms?|effects?)");

    static RowMeaning of(String attribute, String words) {
        var p = Phrase.of(Ends.withoutHold(words));
        var base = attribute;
        if (p.has("no function", "no effect", "reserved", "unused", "not used", "no use", "nothing", "no functions")
                && !p.has("open", "closed")) {
            return new RowMeaning("NoFeature", "", true, 0, 0.95);
        }
        if (DASH.matcher(words).matches() || p.text().equals(" no ")
                || base.matches("CT[OBC]") && p.text().strip().matches("off|none|native")) {
            return new RowMeaning("NoFeature", "", true, 0, 0.85);
        }
        var family = FAMILY.matcher(base);
        var turned = TURNED.matcher(base);
        if (base.startsWith("Shutter")) {
            return shutter(base, p);
        }
        if (family.matches()) {
            return wheel(base, family.group(1), p, words);
        }
        if (turned.matches()) {
            return turned(base, p);
        }
        if (base.equals("Iris") || base.startsWith("Frost")) {
            return pulsing(base, p);
        }
        if (base.equals("Pan") || base.equals("Tilt")) {
            return p.has("rotation", "continuous", "spin", "endless") ? running(base + "Rotate") : running(base);
        }
        if (base.startsWith("Control") || base.equals("Function")) {
            return control(base, p);
        }
        if (base.startsWith("Effects") || base.startsWith("ColorMacro") || base.equals("PositionEffect") || base.endsWith("Mode")
                || base.equals("DimmerCurve")) {
            return base.endsWith("Rate") ? running(base) : new RowMeaning(base, "", false, Double.NaN, 0.9);
        }
        return linear(base, p);
    }

    private static RowMeaning running(String attribute) {
        return new RowMeaning(attribute, "", true, Double.NaN, 0.95);
    }

    private static RowMeaning still(String attribute, double value) {
        return new RowMeaning(attribute, "", true, value, 0.95);
    }

    private static RowMeaning shutter(String base, Phrase p) {
        boolean random = p.begins("random", "lightning");
        boolean opening = p.has("opening", "pulse open", "open pulse", "ramp up", "fade in");
        boolean closing = p.has("closing", "pulse close", "close pulse", "pulse closed", "ramp down", "fade out");
        if (p.begins("puls", "ramp") || opening && p.has("speed", ">") || closing && p.has("speed", ">")) {
            return running(base + "Strobe" + (random ? "Random" : "") + "Pulse"
                    + (opening && !closing ? "Open" : closing && !opening ? "Close" : ""));
        }
        boolean no = p.has("no strobe", "strobe off", "without strobe", "off") && !p.has("shutter off", "light off", "blackout");
        if (!no && (random || p.begins("strob", "flash", "hz", "sync") || p.text().contains("hz ") || p.runs("slow", "fast")
                || p.runs("fast", "slow"))) {
            return running(base + (random ? "StrobeRandom" : p.has("effect") && !p.has("strobe effect") ? "StrobeEffect" : "Strobe"));
        }
        if (p.has("closed", "close", "blackout", "shut", "black out", "light off", "shutter off", "dark")) {
            return still(base, 0);
        }
        if (no || p.has("open", "opened", "on", "full", "light on")) {
            return still(base, 1);
        }
        return p.isEmpty() || p.text().contains("%") || p.text().contains(" > ") ? running(base + "Strobe")
                : new RowMeaning(base, "", true, 1, 0.5);
    }

    private static RowMeaning wheel(String base, String kind, Phrase p, String words) {
        if (p.has("stop", "stopped", "no rotation", "standstill")) {
            return still(base + "WheelSpin", 0);
        }
        boolean slotNamed = p.text().matches(".* (?:gobo|prism|color|slot|position|pos|facet)s? \\d{1,2} .*");
        if (p.begins("shak", "jitter", "bounc")) {
            return new RowMeaning(
                    base + (slotNamed ? "SelectShake" : "WheelShake").replace("WheelShake",
                            kind.equals("Gobo") ? "WheelShake" : "SelectShake"),
                    slotNamed ? slotWords(words) : "", !slotNamed, Double.NaN, 0.95);
        }
        if (p.has("random")) {
            return running(base + (kind.equals("Prism") ? "Macro" : kind.equals("AnimationWheel") ? "Random" : "WheelRandom"));
        }
        if (p.has("audio", "sound", "music") && !kind.equals("Prism")) {
            return running(base + (kind.equals("AnimationWheel") ? "Audio" : "WheelAudio"));
        }
        if (p.begins("continu", "linear", "proportional") && !p.begins("rotat", "spin", "scroll") && !p.has("fast", "slow", "speed")
                && !kind.equals("Prism")) {
            return new RowMeaning(base + (kind.equals("AnimationWheel") ? "Pos" : "WheelIndex"), "", true, Double.NaN, 0.7);
        }
        boolean turns = p.begins("scroll", "rainbow", "spin", "rotation", "rotate", "continu", "rot ", "cw", "ccw")
                || Ends.turns(p) && !p.has("open") || p.runs("slow", "fast") || p.runs("fast", "slow");
        if (turns && !p.has("no rotation")) {
            if (kind.equals("Prism") || kind.equals("AnimationWheel")) {
                return new RowMeaning(base + "SelectSpin", "", true, Double.NaN, 0.85);
            }
            return slotNamed && !p.has("scroll", "rainbow")
                    ? new RowMeaning(base + (kind.equals("Gobo") ? "SelectSpin" : "WheelSpin"), slotWords(words), !kind.equals("Gobo"),
                            Double.NaN, 0.9)
                    : running(base + "WheelSpin");
        }
        if (p.begins("index") && !slotNamed && !kind.equals("Prism") || p.text().contains("\u00B0") && p.text().contains(">")) {
            return running(base + (kind.equals("Gobo") || kind.equals("Color") ? "WheelIndex" : "Pos"));
        }
        return new RowMeaning(base, slotWords(words), false, Double.NaN, p.isEmpty() ? 0.5 : 0.95);
    }

    /** {@return the words of a slot without what is done to it} */
    static String slotWords(String words) {
        var bare = SLOT_EXTRAS.matcher(words).replaceAll(" ").replaceAll("\\s+", " ").strip();
        return GENERAL.matcher(bare).matches() ? "" : bare.isEmpty() ? words.strip() : bare;
    }

    private static RowMeaning turned(String base, Phrase p) {
        if (p.has("stop", "stopped", "no rotation", "standstill", "off")) {
            return still(base + "Rotate", 0);
        }
        if (p.begins("shak", "jitter")) {
            return running(base.startsWith("Prism") ? base + "Rotate" : base + "Shake");
        }
        boolean index = p.begins("index", "position", "angle") || p.text().contains("\u00B0 ") && !p.begins("rotat", "spin");
        boolean turns = p.begins("rotat", "spin", "scroll", "continu", "forward", "backward") || Ends.turns(p) || p.runs("slow", "fast")
                || p.runs("fast", "slow") || p.has("rpm");
        return turns && !index ? running(base + "Rotate") : new RowMeaning(base, "", true, Double.NaN, index ? 0.95 : 0.7);
    }

    private static RowMeaning pulsing(String base, Phrase p) {
        boolean random = p.begins("random");
        var kind = base.equals("Iris") && random ? "Random" : "";
        if (p.begins("puls", "ramp") && p.begins("clos") || p.has("closing")) {
            return running(base + kind + "PulseClose");
        }
        if (p.begins("puls", "ramp") || p.has("opening")) {
            return running(base + kind + "PulseOpen");
        }
        if (base.equals("Iris") && p.begins("strob")) {
            return running("IrisStrobe" + kind);
        }
        return linear(base, p);
    }

    private static RowMeaning linear(String base, Phrase p) {
        if (p.text().contains(">")) {
            return running(base);
        }
        if (p.has("off", "none", "no " + base.replaceAll("\\d+$", "").toLowerCase(java.util.Locale.ROOT), "closed", "0 %", "0%", "min",
                "minimum", "out") && !p.has("on")) {
            return still(base, 0);
        }
        if (p.has("100 %", "100%", "full", "max", "maximum", "on") || p.has("open") && base.equals("Iris")) {
            return still(base, 1);
        }
        return running(base);
    }

    private static RowMeaning control(String base, Phrase p) {
        if (p.text().matches(" (?:normal|normal operation|idle|safe|default|operation|off)(?: .*)?") && !p.begins("reset")) {
            return new RowMeaning("NoFeature", "", true, 0, 0.85);
        }
        boolean lamp = p.text().startsWith(" lamp ") && p.has("on", "off");
        var attribute = p.begins("reset", "home") && !lamp ? reset(p)
                : p.has("lamp", "strike", "ignite") && p.has("on", "off", "strike", "ignite") ? "LampControl"
                        : p.begins("fan", "silent", "quiet") || p.has("cooling") ? "FanMode"
                                : p.has("dimmer curve", "linear", "square law", "s curve", "inverse square") || p.has("curve")
                                        ? "DimmerCurve"
                                        : p.has("display") ? "DisplayIntensity"
                                                : p.has("blackout while", "blackout during", "black out while", "blackout on")
                                                        ? "BlackoutMode"
                                                        : base;
        return new RowMeaning(attribute, "", false, Double.NaN, 0.9);
    }

    private static String reset(Phrase p) {
        return p.has("pan", "tilt", "pan tilt", "p t", "position", "movement") ? "PositionReset"
                : p.has("zoom") ? "ZoomReset"
                        : p.has("iris") ? "IrisReset"
                                : p.has("focus") ? "FocusReset"
                                        : p.has("shutter", "strobe") ? "ShutterReset"
                                                : p.has("dimmer") ? "DimmerReset"
                                                        : p.has("gobo", "gobos") ? "GoboWheelReset"
                                                                : p.has("color", "colors", "cmy") ? "ColorWheelReset"
                                                                        : p.has("frame", "framing", "shaper", "blades") ? "FrameReset"
                                                                                : p.has("effect", "effects", "beam", "others") ? "BeamReset"
                                                                                        : "FixtureGlobalReset";
    }
}
