package yellowkite.core.chart.source;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import yellowkite.core.chart.source.Aligned.Piece;
import yellowkite.core.chart.source.Sheet.Line;
import yellowkite.core.text.Delimited;

/** A chart as text: cells parted by tabs, bars, semicolons or commas, or columns of spaces. */
public final class TextSheets {
    static final int MOST_LINES = 20_000;
    private static final int LONGEST_LINE = 2_000;
    private static final int MOST_CELLS = 64;
    private static final Pattern SPACES = Pattern.compile("\\S+(?: \\S+)*");
    /** Spaces of a fixed width, and marks that nobody sees. */
    private static final Pattern TYPOGRAPHIC = Pattern.compile("[\\u00A0\\u2000-\\u200A\\u202F\\u205F\\u3000]");
    private static final Pattern UNSEEN = Pattern.compile("[\\u200B-\\u200F\\u202A-\\u202E\\u2060\\uFEFF\\u00AD]");

    /** Lines that are drawn, not written: below the heading of a table of bars. */
    private static final Pattern RULE = Pattern.compile("[\\s|+:=_\\u2500-\\u257F-]*[-=_\\u2500]{3}[\\s|+:=_\\u2500-\\u257F-]*");

    private TextSheets() {}

    /** {@return the lines that hold anything} Lines and cells beyond what a chart has are left out. */
    public static Sheet read(String text) {
        var lines = new ArrayList<String>();
        var places = new ArrayList<String>();
        int number = 0;
        for (var line : joined(plain(text).lines().limit(MOST_LINES).toList())) {
            number += 1 + (int) line.chars().filter(c -> c == '\n').count();
            if (!line.isBlank() && !RULE.matcher(line).matches()) {
                lines.add(line.length() > LONGEST_LINE ? line.substring(0, LONGEST_LINE) : line);
                places.add("line " + number);
            }
        }
        var cells = cells(lines);
        var result = new ArrayList<Line>();
        for (int i = 0; i < lines.size(); i++) {
            result.add(new Line(places.get(i), cells.get(i).stream().limit(MOST_CELLS).map(TextSheets::stripped).toList()));
        }
        return new Sheet("", result);
    }

    /** {@return the text with plain spaces and nothing that nobody sees} */
    public static String plain(String text) {
        return UNSEEN.matcher(TYPOGRAPHIC.matcher(text).replaceAll(" ")).replaceAll("");
    }

    private static String stripped(String cell) {
        return cell.strip().replaceAll("\\s+", " ");
    }

    /** A quoted cell may hold ends of lines. */
    private static List<String> joined(List<String> lines) {
        var joined = new ArrayList<String>();
        var open = new StringBuilder();
        int waiting = 0;
        for (var line : lines) {
            boolean odd = line.chars().filter(c -> c == '"').count() % 2 == 1;
            if (open.isEmpty() && (!odd || !line.matches("(?s).*(^|[\\t;,|])\\s*\"[^\"]*$"))) {
                joined.add(line);
                continue;
            }
            open.append(open.isEmpty() ? "" : "\n").append(line);
            if (odd && waiting > 0 || ++waiting > 20) {
                joined.add(open.toString());
                open.setLength(0);
                waiting = 0;
            }
        }
        if (!open.isEmpty()) {
            joined.add(open.toString());
        }
        return joined;
    }

    private static List<List<String>> cells(List<String> lines) {
        for (char separator : new char[]{'\t', '|', ';'}) {
            if (2 * lines.stream().filter(line -> line.indexOf(separator) >= 0).count() >= lines.size()) {
                return lines.stream().map(line -> Delimited.cells(line, separator)).toList();
            }
        }
        if (isCommas(lines)) {
            return lines.stream().map(line -> Delimited.cells(line, ',')).toList();
        }
        return Aligned.cells(lines.stream().map(TextSheets::pieces).toList(), 1);
    }

    /** Commas stand in sentences too: they part cells only where most lines have as many of them. */
    private static boolean isCommas(List<String> lines) {
        var counts = lines.stream().map(line -> Delimited.cells(line, ',').size()).toList();
        long most = counts.stream()
            .filter(count -> count > 2)
            .mapToLong(count -> counts.stream().limit(200).filter(count::equals).count())
            .limit(200)
            .max()
            .orElse(0);
        return 2 * most > Math.min(200, lines.size());
    }

    private static List<Piece> pieces(String line) {
        return SPACES.matcher(line.replace("\t", "    "))
            .results()
            .map(found -> new Piece(found.start(), found.end(), found.group()))
            .toList();
    }
}
