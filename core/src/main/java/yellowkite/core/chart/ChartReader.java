package yellowkite.core.chart;

import java.util.List;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import yellowkite.core.chart.proposal.Proposal;
import yellowkite.core.chart.proposal.Proposal.ModeProposal;
import yellowkite.core.chart.layout.ChartLayout;
import yellowkite.core.chart.layout.Charted;
import yellowkite.core.chart.layout.Repeats;
import yellowkite.core.chart.layout.Widths;
import yellowkite.core.chart.meaning.ModeMeaning;
import yellowkite.core.chart.source.Sheet;

/** Reads a maker's chart for what it means: its layout first, then its words. */
public final class ChartReader {
    private ChartReader() {}

    /** @param maker null = as the chart says, if it does. @param model likewise */
    public static Proposal read(List<Sheet> sheets, @Nullable String maker, @Nullable String model) {
        var charted = ChartLayout.read(sheets);
        var meanings = new ModeMeaning();
        var modes = charted.modes().stream().map(mode -> mode(mode, meanings)).toList();
        return new Proposal(maker, model == null ? title(charted, maker) : model, modes, meanings.wheels(), charted.unplaced());
    }

    private static ModeProposal mode(Charted.Mode mode, ModeMeaning meanings) {
        var channels = meanings.of(Repeats.found(Widths.together(mode.entries())));
        int footprint = channels.stream().mapToInt(channel -> {
            int last = channel.addresses().stream().mapToInt(Integer::intValue).max().orElse(0);
            return channel.cell() == null ? last : channel.cell().first() - 1 + last + channel.cell().spacing() * (channel.cell().count() - 1);
        }).max().orElse(0);
        return new ModeProposal(mode.name().isBlank() ? footprint + " channels" : mode.name(), footprint, channels);
    }

    /** {@return the first words above the table, up to where they speak of the chart itself, without the maker} */
    private static @Nullable String title(Charted charted, @Nullable String maker) {
        return charted.title().stream().map(line -> maker == null ? line : line.replaceFirst("(?i)^" + Pattern.quote(maker) + "\\s+", "")).map(line -> line.replaceFirst("(?i)\\s*(?:[-\\u2010-\\u2015|:,(].*|\\bdmx\\b.*|\\bprotocol\\b.*|\\bchart\\b.*|\\buser\\b.*|\\b(?:manual|instructions|datasheet)\\b.*)$", "").strip()).filter(line -> !line.isEmpty()).findFirst().orElse(null);
    }
}
