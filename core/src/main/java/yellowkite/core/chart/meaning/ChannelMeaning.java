package yellowkite.core.chart.meaning;

import java.util.List;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import yellowkite.core.attribute.Catalogue;

/** What attribute a channel's words name, with the channels before it as evidence. */
final class ChannelMeaning {
    private static final double PLAIN = 0.97;
    private static final double USUAL = 0.93;
    private static final double BY_NEIGHBOUR = 0.88;
    private static final double LIKELY = 0.82;
    private static final double ALIKE = 0.6;
    private static final Pattern KELVINS = Pattern.compile("\\d k .*> .*\\d k ");
    /** "Red dimmer" is the red, not another dimmer. */
    private static final Pattern LEVEL = Pattern.compile("(?i)\\b(?:dimmer|intensity|brightness|level|led|leds|control)\\b");

    private static final Pattern BLADE = Pattern
        .compile(" (?:framing |shaper |frame )?(?:blade|shaper|frame|shutter blade) ([1-4]) ?(a|b|rot(?:ation)?) ");

    private ChannelMeaning() {}

    static Guess of(String words, List<Phrase> rows, Neighbours before) {
        var phrase = Phrase.of(words);
        var ruled = ruled(phrase, words, rows, before);
        return ruled != null ? ruled : byCatalogue(phrase, words, before);
    }

    private static @Nullable Guess ruled(Phrase p, String words, List<Phrase> rows, Neighbours before) {
        if (p.has("reserved", "no function", "not used", "unused", "no feature", "n a", "spare")) {
            return said("NoFeature", words);
        }
        boolean pan = p.begins("pan ") || p.has("x axis", "horizontal movement");
        boolean tilt = p.begins("tilt ") || p.has("y axis", "vertical movement");
        boolean speed = p.has("speed", "time", "rate", "velocity");
        if ((pan && tilt || p.has("p t", "pt", "movement", "motor", "vector", "x y", "position", "moving")) && speed
                && !p.has("macro", "effect", "pattern", "program")) {
            return said("PositionMSpeed", words);
        }
        if (p.has("movement", "pan tilt", "motion", "position")
                && p.has("macro", "macros", "effect", "effects", "pattern", "patterns", "program", "programs")) {
            return said(speed ? "PositionEffectRate" : "PositionEffect", words);
        }
        if (pan != tilt && !speed && !p.has("macro", "reset", "mode")) {
            var turned = pan ? "Pan" : "Tilt";
            return said(p.has("rotation", "rotate", "continuous", "endless", "infinite", "spin") ? turned + "Rotate" : turned, words);
        }
        if (p.has("macro", "macros", "program", "programs", "auto", "effect", "effects", "chase", "show", "preset", "presets")
                && !p.has("wheel", "strobe")) {
            return macros(p, words, speed, before);
        }
        if (speed && before.lastAttribute() != null && p.text().strip().matches("(?:speed|rate|time)")) {
            return speedOf(before);
        }
        if (rows.stream().anyMatch(row -> KELVINS.matcher(row.text()).find()) && !p.has("wheel", "macro", "dimmer", "intensity", "control")
                && (p.begins("warm", "cold", "cool", "white", "temp", "color temp", "cc") || p.has("ct"))) {
            return new Guess(before.isSubtractive() ? "CTO" : "CTC", LIKELY, quoted(words) + " runs over colour temperatures.");
        }
        if (rows.stream().anyMatch(row -> row.has("minus green", "plus green", "+green")) && !p.has("wheel", "macro")) {
            return new Guess("Tint", LIKELY, quoted(words) + " runs between minus and plus green.");
        }
        var colour = LEVEL.matcher(words).find() ? Catalogue.STANDARD.called(LEVEL.matcher(words).replaceAll(" ").strip())
            .stream()
            .filter(each -> each.startsWith("ColorAdd_"))
            .findFirst() : java.util.Optional.<String>empty();
        if (colour.isPresent()) {
            return said(colour.get(), words);
        }
        var axis = axis(p, words, before);
        if (axis != null) {
            return axis;
        }
        if (p.has("dimmer", "dimming", "intensity", "brightness", "master")
                && !p.has("curve", "mode", "speed", "display", "response", "frequency")) {
            return said("Dimmer", words);
        }
        if (p.has("dimmer", "dimming") && p.has("curve", "response")) {
            return said("DimmerCurve", words);
        }
        var blade = BLADE.matcher(p.text());
        if (blade.find()) {
            return said("Blade" + blade.group(1)
                    + (blade.group(2).startsWith("rot") ? "Rot" : blade.group(2).toUpperCase(java.util.Locale.ROOT)), words);
        }
        if (p.has("gobo", "gobos", "pattern")) {
            return turned("Gobo", p, words, rows, before);
        }
        if (p.has("prism", "prisms")) {
            return turned("Prism", p, words, rows, before);
        }
        if (p.begins("animation")) {
            return turned("AnimationWheel", p, words, rows, before);
        }
        if (p.has("iris")) {
            return p.has("strobe") ? said("IrisStrobe", words) : said("Iris", words);
        }
        if (p.has("shutter", "strobe", "flash", "stroboscope")) {
            int number = Math.max(1, p.number());
            if (p.has("mode", "type", "rhythm")) {
                return said("StrobeMode", words);
            }
            if (p.has("duration", "length")) {
                return said("StrobeDuration", words);
            }
            return said("Shutter" + number, words);
        }
        return colours(p, words, before);
    }

    /** A letter alone: X and Y are the axes where they follow each other, and Y is yellow behind magenta. */
    private static @Nullable Guess axis(Phrase p, String words, Neighbours before) {
        return switch (p.text().strip()) {
            case "x" -> new Guess("Pan", ALIKE, quoted(words) + " may stand for pan.");
            case "y" -> before.has("ColorSub_M") ? null
                    : new Guess(before.has("Pan") ? "Tilt" : "ColorSub_Y", ALIKE,
                            quoted(words) + (before.has("Pan") ? " behind pan may stand for tilt." : " may stand for yellow."));
            default -> null;
        };
    }

    private static @Nullable Guess colours(Phrase p, String words, Neighbours before) {
        if (p.has("color temperature", "cct", "color temp", "kelvin", "white temperature")) {
            return before.isSubtractive() || p.has("cto") ? said("CTO", words) : said("CTC", words);
        }
        for (var each : List.of("CTO", "CTB", "CTC")) {
            if (p.has(each.toLowerCase(java.util.Locale.ROOT)) && !p.has("wheel", "speed")) {
                return said(each, words);
            }
        }
        if (p.has("green magenta", "magenta green", "plus minus green", "tint", "+ green", "duv")) {
            return said("Tint", words);
        }
        if (p.has("color", "colors") && p.has("virtual", "electronic")) {
            return said("ColorMacro1", words);
        }
        if (p.has("color", "colors") && (p.has("wheel", "changer", "scroller", "disc") || p.text().strip().matches("colors?(?: \\d)?"))) {
            int number = before.nextNumber("Color", p.number());
            return new Guess("Color" + number, PLAIN, quoted(words) + " is the mode's " + ordinal(number) + " colour wheel.");
        }
        for (var flag : List.of("cyan", "magenta", "yellow")) {
            if (p.has(flag) && !p.has("led", "emitter") && !before.isAdditive()) {
                return said("ColorSub_" + flag.substring(0, 1).toUpperCase(java.util.Locale.ROOT), words);
            }
            if (p.has(flag) && before.isAdditive()) {
                return new Guess("ColorAdd_" + flag.substring(0, 1).toUpperCase(java.util.Locale.ROOT), LIKELY,
                        quoted(words) + " stands beside red, green and blue, so it is a lamp of its own.");
            }
        }
        if (p.has("hue", "saturation", "sat")) {
            boolean ofOne = p.has("red", "green", "blue", "amber", "white", "cyan", "magenta", "yellow");
            return new Guess(p.has("hue") ? "HSB_Hue" : "HSB_Saturation", ofOne ? ALIKE : PLAIN,
                    ofOne ? quoted(words) + " speaks of one colour only." : quoted(words) + " is what the chart calls it.");
        }
        if (p.text().strip().matches("(?:fixture |unit )?reset(?: channel)?|reset and lamp|lamp and reset|reset lamp")) {
            return said("Control" + before.nextNumber("Control", p.number()), words);
        }
        if (p.has("control", "control channel", "special function", "special functions", "special", "maintenance", "service",
                "device settings", "fixture settings", "lamp control reset") && !p.has("color", "fan", "lamp")) {
            return said("Control" + before.nextNumber("Control", p.number()), words);
        }
        return null;
    }

    private static Guess macros(Phrase p, String words, boolean speed, Neighbours before) {
        var family = p.has("color", "colors", "rgb") ? "ColorMacro1" : p.has("gobo") ? "Gobo1SelectEffects" : "Effects1";
        if (speed) {
            boolean afterColour = before.has("ColorMacro1") && (!before.has("Effects1") || "ColorMacro1".equals(before.lastAttribute()));
            var of = p.has("color", "colors") || afterColour ? "ColorMacro1" : "Effects1";
            return new Guess(of + "Rate", before.has(of) ? PLAIN : LIKELY,
                    before.has(of) ? quoted(words) + " follows " + quoted(String.valueOf(before.wordsOf(of))) + "."
                            : quoted(words) + " is what the chart calls it.");
        }
        return p.has("fade") ? new Guess("Effects1Fade", LIKELY, quoted(words) + " is what the chart calls it.")
                : new Guess(family, p.has("macro", "macros", "effect", "effects") ? PLAIN : LIKELY,
                        quoted(words) + " is what the chart calls it.");
    }

    private static @Nullable Guess speedOf(Neighbours before) {
        var last = String.valueOf(before.lastAttribute());
        if (last.equals("Pan") || last.equals("Tilt")) {
            return new Guess("PositionMSpeed", LIKELY, "A speed behind pan and tilt is theirs.");
        }
        var rate = last.startsWith("Effects") || last.startsWith("ColorMacro") || last.equals("PositionEffect") ? last + "Rate" : null;
        return rate == null ? null
                : new Guess(rate, BY_NEIGHBOUR, "A speed behind " + quoted(String.valueOf(before.wordsOf(last))) + " is its.");
    }

    /** A wheel, or what turns what it has brought in. */
    private static Guess turned(String kind, Phrase p, String words, List<Phrase> rows, Neighbours before) {
        boolean wheel = p.has("wheel", "disc", "selection", "select", "insert");
        boolean turnWords = p.has("rotation", "rotate", "index", "indexing", "rot", "spin", "position", "angle", "speed", "r")
                && !(wheel && !p.has("index", "position")) || p.has("rotating") && p.has("speed");
        boolean slots = rows.stream()
            .filter(row -> row.has("open", "shake") || row.number() > 0 && !row.text().contains("\u00B0"))
            .count() >= 3;
        int number = p.number();
        if (turnWords && !slots) {
            int of = before.turningNumber(kind, number);
            if (of > 0) {
                return new Guess(kind + of + "Pos", BY_NEIGHBOUR + (number > 0 ? 0.07 : 0),
                        quoted(words) + " follows " + quoted(String.valueOf(before.wordsOf(kind + of))) + ".");
            }
            return new Guess(kind + Math.max(1, number) + "Pos", 0.75,
                    quoted(words) + " turns something that no channel before it selects.");
        }
        int next = before.nextNumber(kind, number);
        return new Guess(kind + next, PLAIN, next == 1 ? quoted(words) + " is what the chart calls it."
                : quoted(words) + " is the mode's " + ordinal(next) + " of its kind.");
    }

    private static Guess byCatalogue(Phrase p, String words, Neighbours before) {
        var exact = Catalogue.STANDARD.called(words);
        if (exact.size() == 1) {
            return usual(exact.iterator().next(), p, words, before);
        }
        var matches = Catalogue.STANDARD.search(words);
        if (p.isEmpty() || matches.isEmpty()) {
            return new Guess(null, 0, quoted(words) + " fits no attribute.");
        }
        var best = matches.getFirst();
        if (exact.contains(best.name())) {
            return usual(best.name(), p, words, before);
        }
        return new Guess(best.name(), ALIKE,
                quoted(words) + " only resembles what '" + best.attribute().pretty().replace(" (n)", "") + "' is called.");
    }

    private static Guess usual(String attribute, Phrase p, String words, Neighbours before) {
        var standard = Catalogue.STANDARD.find(attribute).orElseThrow();
        var name = standard.isNumbered() && p.number() == 0 && before.has(attribute) ? standard.name(2, 1) : attribute;
        return new Guess(name, USUAL,
                quoted(words) + " is a usual word for " + standard.pretty().replace(" (n)", "").toLowerCase(java.util.Locale.ROOT) + ".");
    }

    private static Guess said(String attribute, String words) {
        return new Guess(attribute, PLAIN, quoted(words) + " is what the chart calls it.");
    }

    private static String ordinal(int number) {
        return switch (number) {
            case 1 -> "first";
            case 2 -> "second";
            case 3 -> "third";
            default -> number + "th";
        };
    }

    private static String quoted(String words) {
        return "'" + words + "'";
    }
}
