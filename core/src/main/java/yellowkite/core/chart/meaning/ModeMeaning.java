package yellowkite.core.chart.meaning;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import yellowkite.core.attribute.Catalogue;
import yellowkite.core.chart.proposal.Proposal.CellProposal;
import yellowkite.core.chart.proposal.Proposal.ChannelProposal;
import yellowkite.core.chart.proposal.Proposal.Counts;
import yellowkite.core.chart.proposal.Proposal.FunctionProposal;
import yellowkite.core.chart.proposal.Proposal.WheelProposal;
import yellowkite.core.chart.layout.Charted.Entry;
import yellowkite.core.chart.layout.Charted.Row;
import yellowkite.core.chart.layout.Repeats;
import yellowkite.core.chart.layout.Values;
import yellowkite.core.chart.layout.Widths;
import yellowkite.core.profile.DmxValue;

/** The channels of one mode after the other; they share the chart's wheels. Not for several threads. */
public final class ModeMeaning {
    private static final int MOST_OF_A_KIND = 20;
    private static final double TWICE = 0.6;

    private final Map<String, String> chosen;
    private final WheelMaker wheels = new WheelMaker();
    /** Where each channel of the chart stands in the first mode that has it: conditions name addresses of that mode. */
    private final Map<Integer, Integer> numbers = new HashMap<>();

    /** @param chosen attributes that a person has chosen, by the first line of the channel */
    public ModeMeaning(Map<String, String> chosen) {
        this.chosen = Map.copyOf(chosen);
    }

    public List<WheelProposal> wheels() {
        return wheels.wheels();
    }

    /** @param entries with their bytes together and their cells found */
    public List<ChannelProposal> of(List<Repeats.Found> entries) {
        var phrases = entries.stream().map(each -> Phrase.of(Widths.plain(each.entry().words()))).toList();
        var neighbours = new Neighbours(phrases);
        boolean hasDimmer = phrases.stream().anyMatch(each -> each.has("dimmer", "intensity", "brightness", "master"));
        entries.forEach(each -> each.entry().addresses().forEach(address -> numbers.putIfAbsent(address, each.entry().number())));
        var channels = new ArrayList<ChannelProposal>();
        for (var each : entries) {
            channels.add(channel(each, entries, neighbours, hasDimmer));
        }
        return overlaps(channels);
    }

    private ChannelProposal channel(Repeats.Found found, List<Repeats.Found> all, Neighbours neighbours, boolean hasDimmer) {
        var entry = found.entry();
        var words = Widths.plain(entry.words());
        var rows = entry.rows().stream().map(row -> Phrase.of(row.meaning())).toList();
        var byHand = entry.places().isEmpty() ? null : chosen.get(entry.places().getFirst());
        var guess = byHand != null ? new Guess(byHand, 1, Catalogue.STANDARD.pretty(byHand) + " was chosen by hand.")
                : once(ChannelMeaning.of(words.isEmpty() ? entry.words() : words, rows, neighbours), found.cell() != null, neighbours);
        var doubts = new ArrayList<>(entry.doubts());
        if (guess.sure() < yellowkite.core.chart.proposal.Proposal.SURE) {
            doubts.add(guess.why());
        }
        int bytes = Math.min(entry.addresses().size(), DmxValue.MAX_BYTES);
        var addresses = entry.addresses().subList(0, bytes);
        var cell = found.cell() == null ? null
                : new CellProposal(found.cell().name(), found.cell().count(), found.cell().first(), found.cell().spacing());
        var attribute = guess.attribute();
        neighbours.add(attribute, words, Phrase.of(words).begins("rot") || rows.stream().anyMatch(row -> row.begins("index", "rotating")));
        if (attribute == null) {
            return new ChannelProposal(addresses, cell, words, null, 0, guess.why(), null, false, null, List.of(), doubts, entry.places());
        }
        var functions = here(Functions.of(attribute, words, entry.rows(), bytes, wheels, doubts), all, doubts);
        var led = byHand != null ? attribute : led(attribute, functions);
        var start = Starts.of(led, entry.rows(), functions, bytes, neighbours.isAdditive(), hasDimmer);
        var highlight = entry.rows()
            .stream()
            .map(Row::highlight)
            .filter(each -> !each.isEmpty())
            .findFirst()
            .flatMap(Values::of)
            .map(values -> (long) values.from())
            .orElse(null);
        var why = start.why().isEmpty() ? guess.why() : guess.why().replaceFirst("\\.$", "") + "; " + start.why() + ".";
        return new ChannelProposal(addresses, cell, words, led, guess.sure(), why, start.value(), start.why().isEmpty(), highlight,
                functions, doubts, entry.places());
    }

    /** Two channels of one attribute are seldom meant: the second is another one of its kind, or a doubt. */
    private static Guess once(Guess guess, boolean ofCell, Neighbours neighbours) {
        var attribute = guess.attribute();
        if (attribute == null || ofCell || !neighbours.has(attribute) || attribute.equals("NoFeature")) {
            return guess;
        }
        var standard = Catalogue.STANDARD.find(attribute).orElse(null);
        var why = "'" + neighbours.wordsOf(attribute) + "' is " + Catalogue.STANDARD.pretty(attribute) + " already.";
        for (int n = 2; standard != null && standard.isNumbered() && n < MOST_OF_A_KIND; n++) {
            if (!neighbours.has(standard.name(n, 1))) {
                return new Guess(standard.name(n, 1), Math.min(guess.sure(), TWICE), why);
            }
        }
        return new Guess(attribute, Math.min(guess.sure(), TWICE), why);
    }

    /** A channel of nothing but strobe is that, not a shutter. */
    private static String led(String attribute, List<FunctionProposal> functions) {
        var kinds = functions.stream().map(FunctionProposal::attribute).filter(each -> !each.equals("NoFeature")).distinct().toList();
        boolean one = kinds.size() == 1 && !kinds.getFirst().equals(attribute) && (kinds.getFirst().startsWith(attribute));
        return one ? kinds.getFirst() : attribute;
    }

    /** Conditions are stated by the first mode's addresses; in another mode the same channel stands elsewhere. */
    private List<FunctionProposal> here(List<FunctionProposal> functions, List<Repeats.Found> all, List<String> doubts) {
        var result = new ArrayList<FunctionProposal>();
        for (var each : functions) {
            var counts = each.counts();
            if (counts == null) {
                result.add(each);
                continue;
            }
            var number = numbers.get(counts.address());
            var master = all.stream()
                .map(Repeats.Found::entry)
                .filter(entry -> number != null && entry.number() == number)
                .map(Entry::addresses)
                .findFirst();
            if (master.isEmpty()) {
                doubts.add("'" + each.name() + "' is active while channel " + counts.address() + " is " + counts.from() + " to "
                        + counts.to() + ", which this mode does not have.");
            }
            result.add(each.withCounts(master.map(found -> new Counts(found.getFirst(), counts.from(), counts.to())).orElse(null)));
        }
        return result;
    }

    private static List<ChannelProposal> overlaps(List<ChannelProposal> channels) {
        var users = new HashMap<Integer, String>();
        var result = new ArrayList<ChannelProposal>();
        for (var each : channels) {
            var doubts = new ArrayList<>(each.doubts());
            for (int address : each.cell() == null ? each.addresses() : List.<Integer>of()) {
                var other = users.putIfAbsent(address, each.words());
                if (other != null) {
                    doubts.add("Address " + address + " is used by '" + other + "' already.");
                }
            }
            result.add(doubts.size() > each.doubts().size() ? each.withDoubts(doubts).withSure(Math.min(each.sure(), 0.5)) : each);
        }
        return result;
    }
}
