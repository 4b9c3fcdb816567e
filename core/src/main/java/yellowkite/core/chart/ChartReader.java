package yellowkite.core.chart;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import yellowkite.core.chart.correct.Corrections;
import yellowkite.core.chart.proposal.Proposal;
import yellowkite.core.chart.proposal.Proposal.ChannelProposal;
import yellowkite.core.chart.proposal.Proposal.ModeProposal;
import yellowkite.core.chart.layout.ChartLayout;
import yellowkite.core.chart.layout.Charted;
import yellowkite.core.chart.layout.Repeats;
import yellowkite.core.chart.layout.Widths;
import yellowkite.core.chart.meaning.ModeMeaning;
import yellowkite.core.chart.source.Sheet;

/** Reads a manufacturer's chart for what it means: its layout first, then its words. */
public final class ChartReader {
    private static final Pattern COUNT = Pattern.compile("(?i)\\b(\\d{1,3})\\s*-?\\s*(?:ch|chn|channels?)\\b");
    /** From there on a title speaks of the chart itself. */
    private static final Pattern OF_THE_CHART = Pattern
        .compile("(?i)[\\s|:,-]*(?:\\(.*|\\b(?:dmx|protocol|chart|user|manual|instructions|datasheet|firmware|version)\\b.*)$");
    private static final Pattern DASH = Pattern.compile("\\s+[-\\u2010-\\u2015|]\\s+");

    private ChartReader() {}

    /** @param manufacturer null = as the chart says, if it does. @param model likewise */
    public static Proposal read(List<Sheet> sheets, @Nullable String manufacturer, @Nullable String model) {
        return read(sheets, manufacturer, model, Corrections.NONE).proposal();
    }

    /** {@return the chart with what a person said of it} */
    public static Reading read(List<Sheet> sheets, @Nullable String manufacturer, @Nullable String model, Corrections corrections) {
        var charted = corrections.laid(ChartLayout.read(sheets));
        var meanings = new ModeMeaning(corrections.attributes());
        var modes = new ArrayList<ModeProposal>();
        for (var mode : charted.modes()) {
            modes.add(mode(mode, modes.size(), meanings, corrections));
        }
        var title = title(charted, manufacturer);
        int dash = title == null ? -1 : title.indexOf(" - ");
        var named = manufacturer == null && dash > 0 ? Objects.requireNonNull(title).substring(0, dash) : manufacturer;
        var proposal = new Proposal(named, model != null ? model : dash > 0 && title != null ? title.substring(dash + 3) : title, modes,
                meanings.wheels(), charted.unplaced());
        var leftOut = Pages.leftOut(proposal);
        return new Reading(proposal, Pages.open(proposal, leftOut), leftOut, corrections.aside(), corrections.settled());
    }

    private static ModeProposal mode(Charted.Mode mode, int index, ModeMeaning meanings, Corrections corrections) {
        var found = corrections.addressed(index, Repeats.found(Widths.together(mode.entries())));
        var channels = meanings.of(found).stream().map(corrections::said).toList();
        int footprint = channels.stream().mapToInt(channel -> {
            int last = channel.addresses().stream().mapToInt(Integer::intValue).max().orElse(0);
            return channel.cell() == null ? last
                    : channel.cell().first() - 1 + last + channel.cell().spacing() * (channel.cell().count() - 1);
        }).max().orElse(0);
        return new ModeProposal(mode.name().isBlank() ? footprint + " channels" : mode.name(), footprint,
                counted(mode.name(), footprint, channels));
    }

    /** A mode that is called after more or fewer addresses than were found lacks some, or has one twice: its last channel says so. */
    private static List<ChannelProposal> counted(String name, int footprint, List<ChannelProposal> channels) {
        var count = COUNT.matcher(name);
        if (channels.isEmpty() || !count.find() || Integer.parseInt(count.group(1)) == footprint) {
            return channels;
        }
        var said = new ArrayList<>(channels);
        var last = said.removeLast();
        var doubts = new ArrayList<>(last.doubts());
        doubts.add("The mode is called '" + name + "', and its last address here is " + footprint + ".");
        said.add(last.withDoubts(doubts));
        return said;
    }

    /** {@return the first words above the table, up to where they speak of the chart itself, without the manufacturer} */
    private static @Nullable String title(Charted charted, @Nullable String manufacturer) {
        return charted.title()
            .stream()
            .map(line -> manufacturer == null ? line : line.replaceFirst("(?i)^" + Pattern.quote(manufacturer) + "\\s+", ""))
            .map(line -> OF_THE_CHART.matcher(DASH.matcher(line).replaceAll(" - ")).replaceFirst("").strip())
            .filter(line -> !line.isEmpty())
            .findFirst()
            .orElse(null);
    }
}
