package yellowkite.demo.charts;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.BiFunction;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Charts of invented fixtures in the layouts that charts come in, each with the truth beside it. */
public final class ChartCorpus {
    private ChartCorpus() {}

    /** Values of one meaning. @param ends physical ends where the words state them; null = they do not */
    public record Row(int from, int to, String words, String attribute, double @Nullable [] ends) {}

    /** @param words as the chart prints them. @param bytes as many addresses */
    public record Channel(String words, int bytes, String attribute, List<Row> rows) {}

    public record Fixture(String name, List<Channel> channels) {}

    /** @param chart the text. @param fixture what it says */
    public record Case(String layout, Fixture fixture, String chart) {
        @Override
        public String toString() {
            return fixture.name() + " as " + layout;
        }
    }

    private static Row row(int from, int to, String words, String attribute, double... ends) {
        return new Row(from, to, words, attribute, ends.length == 0 ? null : ends);
    }

    private static Channel channel(String words, int bytes, String attribute, Row... rows) {
        return new Channel(words, bytes, attribute, List.of(rows));
    }

    public static List<Fixture> fixtures() {
        return List.of(
                new Fixture("Sallow 60", List.of(
                        channel("Pan", 2, "Pan", row(0, 255, "0 to 540 °", "Pan", -270, 270)),
                        channel("Tilt", 2, "Tilt", row(0, 255, "0 to 260 °", "Tilt", -130, 130)),
                        channel("Pan/tilt speed", 1, "PositionMSpeed", row(0, 255, "fast to slow", "PositionMSpeed")),
                        channel("Dimmer", 2, "Dimmer", row(0, 255, "0 to 100 %", "Dimmer", 0, 1)),
                        channel("Shutter", 1, "Shutter1", row(0, 15, "Shutter closed", "Shutter1", 0, 0),
                                row(16, 95, "Strobe, 0.5 Hz to 18 Hz", "Shutter1Strobe", 0.5, 18), row(96, 127, "Open", "Shutter1", 1, 1),
                                row(128, 191, "Random strobe, slow to fast", "Shutter1StrobeRandom"),
                                row(192, 255, "Open", "Shutter1", 1, 1)),
                        channel("Color wheel", 1, "Color1", row(0, 9, "Open", "Color1"), row(10, 19, "Red", "Color1"),
                                row(20, 29, "Blue", "Color1"), row(30, 39, "Green", "Color1"),
                                row(40, 127, "Rainbow cw, fast to slow (10 rpm to 1 rpm)", "Color1WheelSpin", 60, 6),
                                row(128, 255, "Rainbow ccw, slow to fast (1 rpm to 10 rpm)", "Color1WheelSpin", -6, -60)),
                        channel("Gobo wheel", 1, "Gobo1", row(0, 9, "Open", "Gobo1"), row(10, 19, "Gobo 1", "Gobo1"),
                                row(20, 29, "Gobo 2", "Gobo1"), row(30, 39, "Gobo 3", "Gobo1"),
                                row(40, 59, "Gobo 1 shake, slow to fast", "Gobo1SelectShake"),
                                row(60, 79, "Gobo 2 shake, slow to fast", "Gobo1SelectShake"),
                                row(80, 99, "Gobo 3 shake, slow to fast", "Gobo1SelectShake"),
                                row(100, 255, "Scroll cw, slow to fast", "Gobo1WheelSpin")),
                        channel("Gobo rotation", 1, "Gobo1Pos", row(0, 127, "Index 0 to 360 °", "Gobo1Pos", 0, 360),
                                row(128, 189, "Forwards rotation, fast to slow", "Gobo1PosRotate"),
                                row(190, 193, "Stop", "Gobo1PosRotate", 0, 0),
                                row(194, 255, "Backwards rotation, slow to fast", "Gobo1PosRotate")),
                        channel("Prism", 1, "Prism1", row(0, 127, "Open", "Prism1"), row(128, 255, "3-facet prism", "Prism1")),
                        channel("Zoom", 1, "Zoom", row(0, 255, "6 ° to 38 °", "Zoom", 6, 38)),
                        channel("Focus", 1, "Focus1", row(0, 255, "near to far", "Focus1")),
                        channel("Control", 1, "Control1", row(0, 9, "No function", "NoFeature"),
                                row(10, 19, "Pan/tilt reset", "PositionReset"), row(20, 199, "No function", "NoFeature"),
                                row(200, 255, "Total reset", "FixtureGlobalReset")))),
                new Fixture("Tern Row Par", List.of(
                        channel("Master dimmer", 1, "Dimmer", row(0, 255, "0 to 100 %", "Dimmer", 0, 1)),
                        channel("Red", 1, "ColorAdd_R", row(0, 255, "0 to 100 %", "ColorAdd_R", 0, 1)),
                        channel("Green", 1, "ColorAdd_G", row(0, 255, "0 to 100 %", "ColorAdd_G", 0, 1)),
                        channel("Blue", 1, "ColorAdd_B", row(0, 255, "0 to 100 %", "ColorAdd_B", 0, 1)),
                        channel("White", 1, "ColorAdd_W", row(0, 255, "0 to 100 %", "ColorAdd_W", 0, 1)),
                        channel("Strobe", 1, "Shutter1", row(0, 7, "Strobe off", "Shutter1", 1, 1),
                                row(8, 255, "Strobe, 1 Hz to 25 Hz", "Shutter1Strobe", 1, 25)),
                        channel("Color macro", 1, "ColorMacro1", row(0, 15, "No function", "NoFeature"),
                                row(16, 127, "Macros 1 to 8", "ColorMacro1"), row(128, 255, "Rainbow", "ColorMacro1")),
                        channel("Color temperature", 1, "CTC", row(0, 255, "2700 K to 6500 K", "CTC", 2700, 6500)),
                        channel("Dimmer curve", 1, "DimmerCurve", row(0, 63, "Linear", "DimmerCurve"),
                                row(64, 127, "S curve", "DimmerCurve"), row(128, 255, "Square law", "DimmerCurve")))),
                new Fixture("Brack Wash", List.of(
                        channel("Pan", 2, "Pan", row(0, 255, "0 to 530 °", "Pan", -265, 265)),
                        channel("Tilt", 2, "Tilt", row(0, 255, "0 to 280 °", "Tilt", -140, 140)),
                        channel("Intensity", 1, "Dimmer", row(0, 255, "0 to 100 %", "Dimmer", 0, 1)),
                        channel("Cyan", 1, "ColorSub_C", row(0, 255, "0 to 100 %", "ColorSub_C", 0, 1)),
                        channel("Magenta", 1, "ColorSub_M", row(0, 255, "0 to 100 %", "ColorSub_M", 0, 1)),
                        channel("Yellow", 1, "ColorSub_Y", row(0, 255, "0 to 100 %", "ColorSub_Y", 0, 1)),
                        channel("CTO", 1, "CTO", row(0, 255, "6500 K to 2800 K", "CTO", 6500, 2800)),
                        channel("Frost", 1, "Frost1", row(0, 191, "0 to 100 %", "Frost1", 0, 100),
                                row(192, 255, "100 % frost", "Frost1", 100, 100)),
                        channel("Iris", 1, "Iris", row(0, 191, "Open to closed", "Iris"),
                                row(192, 223, "Pulse closing, slow to fast (0.5 Hz to 5 Hz)", "IrisPulseClose", 0.5, 5),
                                row(224, 255, "Pulse opening, fast to slow (5 Hz to 0.5 Hz)", "IrisPulseOpen", 5, 0.5)),
                        channel("Zoom", 2, "Zoom", row(0, 255, "48 ° to 9 °", "Zoom", 48, 9)),
                        channel("Reserved", 1, "NoFeature", row(0, 255, "no function", "NoFeature")))));
    }

    /** {@return each fixture in each layout} */
    public static List<Case> cases() {
        var cases = new ArrayList<Case>();
        for (var fixture : fixtures()) {
            cases.add(new Case("tabs with a heading", fixture,
                    table(fixture, "\t", "Channel\tFunction\tValue\tDescription", ChartCorpus::dashed)));
            cases.add(new Case("CH and tildes, bytes apart", fixture, apart(fixture)));
            cases.add(new Case("CSV in quotes", fixture, csv(fixture)));
            cases.add(new Case("semicolons and dots", fixture,
                    table(fixture, ";", "No.;Parameter;Range;Effect", (row, x) -> row.from() + ".." + row.to())));
            cases.add(new Case("columns of spaces", fixture, spaces(fixture)));
            cases.add(new Case("hexadecimal with a sign", fixture, table(fixture, "\t", "Ch\tName\tDMX value\tMeaning",
                    (row, x) -> String.format(Locale.ROOT, "0x%02X..0x%02X", row.from(), row.to()))));
            cases.add(new Case("bars, decimal and hexadecimal", fixture, bars(fixture)));
            cases.add(new Case("first and last value in two columns", fixture, twoColumns(fixture)));
            cases.add(new Case("percent alone", fixture, table(fixture, "\t", "Channel\tFunction\t%\tDescription",
                    (row, x) -> String.format(Locale.ROOT, "%.1f - %.1f %%", row.from() / 2.55, row.to() / 2.55))));
            cases.add(new Case("a column for each of two modes", fixture, twoModes(fixture)));
            cases.add(new Case("blocks of modes", fixture, blocks(fixture)));
            cases.add(new Case("a column of modes", fixture, modeColumn(fixture)));
            cases.add(new Case("sentences", fixture, sentences(fixture)));
            cases.add(new Case("the name behind the values", fixture,
                    table(fixture, "\t", "Address\tParameter\tDMX\tFunction", (row, x) -> row.from() + "\u2026" + row.to())));
        }
        return cases;
    }

    private static String dashed(Row row, int at) {
        return row.from() + "-" + row.to();
    }

    private static String addresses(int first, int bytes) {
        return bytes == 1 ? String.valueOf(first) : first + "-" + (first + bytes - 1);
    }

    private static String table(Fixture fixture, String separator, String heading, BiFunction<Row, Integer, String> values) {
        var text = new StringBuilder(fixture.name()).append(" DMX chart\n").append(heading).append('\n');
        int next = 1;
        for (var channel : fixture.channels()) {
            for (int i = 0; i < channel.rows().size(); i++) {
                var row = channel.rows().get(i);
                text.append(i == 0 ? addresses(next, channel.bytes()) + separator + channel.words() : separator)
                    .append(separator)
                    .append(values.apply(row, i))
                    .append(separator)
                    .append(row.words())
                    .append('\n');
            }
            next += channel.bytes();
        }
        return text.toString();
    }

    private static String apart(Fixture fixture) {
        var text = new StringBuilder("Channel\tFunction\tDMX\tDescription\n");
        int next = 1;
        for (var channel : fixture.channels()) {
            for (int i = 0; i < channel.rows().size(); i++) {
                var row = channel.rows().get(i);
                text.append(i == 0 ? "CH" + next + "\t" + channel.words() + (channel.bytes() > 1 ? " (MSB)" : "") : "\t")
                    .append(String.format(Locale.ROOT, "\t%03d~%03d\t", row.from(), row.to()))
                    .append(row.words().replace(" to ", " → "))
                    .append('\n');
            }
            for (int b = 1; b < channel.bytes(); b++) {
                text.append("CH").append(next + b).append('\t').append(channel.words()).append(" LSB\t000~255\tfine\n");
            }
            next += channel.bytes();
        }
        return text.toString();
    }

    private static String csv(Fixture fixture) {
        return table(fixture, "\t", "Channel\tFunction\tDMX value\tDescription", ChartCorpus::dashed).lines()
            .skip(1)
            .map(line -> java.util.Arrays.stream(line.split("\t", -1)).map(cell -> "\"" + cell + "\"").collect(Collectors.joining(",")))
            .collect(Collectors.joining("\r\n"));
    }

    private static String spaces(Fixture fixture) {
        var text = new StringBuilder(String.format("%-8s%-20s%-12s%s%n", "Channel", "Function", "Value", "Description"));
        int next = 1;
        for (var channel : fixture.channels()) {
            for (int i = 0; i < channel.rows().size(); i++) {
                var row = channel.rows().get(i);
                text.append(String.format("%-8s%-20s%-12s%s%n", i == 0 ? addresses(next, channel.bytes()) : "",
                        i == 0 ? channel.words() : "", row.from() + " - " + row.to(), row.words()));
            }
            next += channel.bytes();
        }
        return text.toString();
    }

    private static String bars(Fixture fixture) {
        return table(fixture, " | ", "CH | Function | Decimal | Hex | Description",
                (row, i) -> String.format(Locale.ROOT, "%d-%d | %02X-%02X", row.from(), row.to(), row.from(), row.to()));
    }

    private static String twoColumns(Fixture fixture) {
        return table(fixture, "\t", "Channel\tFunction\tFrom\tTo\tDescription", (row, i) -> row.from() + "\t" + row.to());
    }

    /** The second mode has no second bytes. */
    private static String twoModes(Fixture fixture) {
        var text = new StringBuilder("Extended\tBasic\tFunction\tDMX\tDescription\n");
        int next = 1;
        int basic = 1;
        for (var channel : fixture.channels()) {
            for (int i = 0; i < channel.rows().size(); i++) {
                var row = channel.rows().get(i);
                text.append(i == 0 ? next + "\t" + basic + "\t" + channel.words() : "\t\t")
                    .append('\t')
                    .append(row.from())
                    .append('-')
                    .append(row.to())
                    .append('\t')
                    .append(row.words())
                    .append('\n');
            }
            for (int b = 1; b < channel.bytes(); b++) {
                text.append(next + b).append("\t-\t").append(channel.words()).append(" fine\t0-255\t\n");
            }
            next += channel.bytes();
            basic++;
        }
        return text.toString();
    }

    private static String blocks(Fixture fixture) {
        int footprint = fixture.channels().stream().mapToInt(Channel::bytes).sum();
        var rows = table(fixture, "\t", "Channel\tFunction\tValue\tDescription", ChartCorpus::dashed).lines()
            .skip(1)
            .collect(Collectors.joining("\n"));
        return fixture.name() + " DMX protocol\nMode 1: " + footprint + " channels\n" + rows
                + "\nMode 2: 1 channel\nChannel\tFunction\tValue\tDescription\n1\tDimmer\t0-255\t0 to 100 %\n";
    }

    private static String modeColumn(Fixture fixture) {
        var lines = table(fixture, "\t", "Channel\tFunction\tValue\tDescription", ChartCorpus::dashed).lines().skip(1).toList();
        var text = new StringBuilder("Mode\t").append(lines.getFirst()).append('\n');
        lines.stream().skip(1).forEach(line -> text.append(line.startsWith("\t") ? "" : "Standard").append('\t').append(line).append('\n'));
        return text.toString();
    }

    private static String sentences(Fixture fixture) {
        var text = new StringBuilder();
        int next = 1;
        for (var channel : fixture.channels()) {
            text.append("Channel ").append(addresses(next, channel.bytes())).append(": ").append(channel.words()).append(". ");
            text.append(channel.rows()
                .stream()
                .map(row -> row.from() + " to " + row.to() + " = " + row.words())
                .collect(Collectors.joining("; "))).append(".\n");
            next += channel.bytes();
        }
        return text.toString();
    }
}
