package yellowkite.core.chart;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import yellowkite.core.chart.Reading.LeftOut;
import yellowkite.core.chart.layout.Charted.Unplaced;
import yellowkite.core.chart.proposal.Proposal;

/** Tells pages and tables that are no chart from lines that a person has to place. */
final class Pages {
    /** Behind it stands where on the page a line is. */
    private static final Pattern LINE = Pattern.compile(",? ?(?:line|row) \\d+$");
    /** What only a chart says: a stretch of values with its end. */
    private static final Pattern VALUES = Pattern
        .compile("(?<!\\d)\\d{1,3}\\s*(?:[-\\u2010-\\u2015~]|\\.{2,}|\\u2026)\\s*(?:255|\\d{1,3}(?![\\d.,]*\\s*(?:V|W|mm|kg|Hz|A|m)\\b))");
    private static final int LONGEST = 60;

    private Pages() {}

    static List<LeftOut> leftOut(Proposal proposal) {
        var charts = new HashSet<String>();
        proposal.modes().forEach(mode -> mode.channels().forEach(channel -> channel.places().forEach(place -> charts.add(page(place)))));
        var others = new LinkedHashMap<String, List<Unplaced>>();
        proposal.unplaced().forEach(line -> {
            if (!charts.contains(page(line.place()))) {
                others.computeIfAbsent(page(line.place()), none -> new ArrayList<>()).add(line);
            }
        });
        return others.entrySet()
            .stream()
            .filter(page -> !page.getKey().isEmpty() && page.getValue().stream().noneMatch(line -> VALUES.matcher(line.text()).find()))
            .map(page -> new LeftOut(page.getKey(), page.getValue().size(), shortened(page.getValue().getFirst().text())))
            .toList();
    }

    static List<Unplaced> open(Proposal proposal, List<LeftOut> leftOut) {
        Set<String> pages = new HashSet<>(leftOut.stream().map(LeftOut::page).toList());
        return proposal.unplaced().stream().filter(line -> !pages.contains(page(line.place()))).toList();
    }

    /** {@return the page, sheet or table of a place; empty if the chart has only one} */
    private static String page(String place) {
        return LINE.matcher(place).replaceFirst("");
    }

    private static String shortened(String text) {
        return text.length() <= LONGEST ? text : text.substring(0, LONGEST).strip() + " ...";
    }
}
