package yellowkite.core.chart.correct;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import yellowkite.core.chart.correct.Correction.ChooseAddresses;
import yellowkite.core.chart.correct.Correction.ChooseAttribute;
import yellowkite.core.chart.correct.Correction.MakeChannel;
import yellowkite.core.chart.correct.Correction.PlaceLine;
import yellowkite.core.chart.correct.Correction.SetAside;
import yellowkite.core.chart.correct.Correction.Settle;
import yellowkite.core.chart.correct.Correction.TakeBack;
import yellowkite.core.chart.layout.Charted;
import yellowkite.core.chart.layout.Charted.Entry;
import yellowkite.core.chart.layout.Charted.Mode;
import yellowkite.core.chart.layout.Charted.Row;
import yellowkite.core.chart.layout.Repeats.Found;
import yellowkite.core.chart.layout.Values;
import yellowkite.core.chart.proposal.Proposal.ChannelProposal;

/** All that was said of one chart, in order. */
public record Corrections(List<Correction> all) {
    public static final Corrections NONE = new Corrections(List.of());

    public Corrections {
        all = List.copyOf(all);
    }

    public Corrections and(Correction next) {
        var more = new ArrayList<>(all);
        more.add(next);
        return new Corrections(more);
    }

    /** {@return without the last one} */
    public Corrections undone() {
        return all.isEmpty() ? this : new Corrections(all.subList(0, all.size() - 1));
    }

    /** {@return the reasons of what is set aside, by line} */
    public Map<String, String> aside() {
        var aside = new LinkedHashMap<String, String>();
        for (var each : all) {
            if (each instanceof SetAside(var lines, var reason)) {
                lines.forEach(line -> aside.put(line, reason));
            } else if (each instanceof TakeBack(var line)) {
                aside.remove(line);
            }
        }
        return aside;
    }

    /** {@return channels of which somebody said that they are right as they are} */
    public Set<String> settled() {
        var settled = new HashSet<String>();
        for (var each : all) {
            if (each instanceof Settle(var channel)) {
                settled.add(channel);
            }
        }
        return settled;
    }

    /** {@return attributes by channel} */
    public Map<String, String> attributes() {
        var chosen = new HashMap<String, String>();
        all.forEach(each -> {
            if (each instanceof ChooseAttribute(var channel, var attribute)) {
                chosen.put(channel, attribute);
            }
        });
        return chosen;
    }

    /** {@return the rows as a person laid them} */
    public Charted laid(Charted charted) {
        var modes = new ArrayList<>(charted.modes());
        var unplaced = new ArrayList<>(charted.unplaced());
        int number = modes.stream().flatMap(mode -> mode.entries().stream()).mapToInt(Entry::number).max().orElse(0);
        for (var each : all) {
            if (each instanceof PlaceLine place) {
                unplaced.removeIf(line -> line.place().equals(place.line()));
                modes.replaceAll(mode -> new Mode(mode.name(),
                        mode.entries().stream().map(entry -> isAt(entry.places(), place.channel()) ? with(entry, place) : entry).toList()));
            } else if (each instanceof MakeChannel made) {
                unplaced.removeIf(line -> line.place().equals(made.line()));
                var entry = new Entry(made.addresses(), made.words(), List.of(new Row(null, "", "", "", made.line())), List.of(made.line()),
                        ++number, List.of());
                if (modes.isEmpty()) {
                    modes.add(new Mode("", List.of()));
                }
                int index = Math.clamp(made.mode(), 0, modes.size() - 1);
                modes.set(index, new Mode(modes.get(index).name(), inserted(modes.get(index).entries(), entry)));
            }
        }
        var aside = aside().keySet();
        modes.replaceAll(mode -> new Mode(mode.name(),
                mode.entries().stream().filter(entry -> entry.places().isEmpty() || !aside.contains(entry.places().getFirst())).toList()));
        return new Charted(charted.title(), modes, unplaced.stream().filter(line -> !aside.contains(line.place())).toList());
    }

    private static boolean isAt(List<String> places, String channel) {
        return !places.isEmpty() && places.getFirst().equals(channel);
    }

    private static Entry with(Entry entry, PlaceLine place) {
        var rows = new ArrayList<>(entry.rows());
        var values = Values.of(place.values());
        if (values.isEmpty() && !rows.isEmpty()) {
            var last = rows.removeLast();
            rows.add(last.withMeaning((last.meaning() + " " + place.words()).strip()));
        } else {
            rows.add(new Row(values.orElse(null), place.words(), "", "", place.line()));
        }
        var places = new ArrayList<>(entry.places());
        places.add(place.line());
        return entry.withRows(rows).withPlaces(places);
    }

    private static List<Entry> inserted(Collection<Entry> entries, Entry fresh) {
        var all = new ArrayList<>(entries);
        int index = 0;
        while (index < all.size() && all.get(index).addresses().getFirst() <= fresh.addresses().getFirst()) {
            index++;
        }
        all.add(index, fresh);
        return all;
    }

    /** {@return the channels of a mode at the addresses that a person chose} */
    public List<Found> addressed(int mode, List<Found> channels) {
        var chosen = new HashMap<String, List<Integer>>();
        all.forEach(each -> {
            if (each instanceof ChooseAddresses(var channel, var where, var addresses) && where == mode) {
                chosen.put(channel, addresses);
            }
        });
        return channels.stream().map(each -> {
            var entry = each.entry();
            var to = entry.places().isEmpty() ? null : chosen.get(entry.places().getFirst());
            return to == null ? each : new Found(entry.withAddresses(to), each.cell());
        }).toList();
    }

    /** {@return the channel with what a person said of its functions} */
    public ChannelProposal said(ChannelProposal channel) {
        var after = channel;
        int chosen = -1;
        for (int i = 0; i < all.size(); i++) {
            chosen = all.get(i) instanceof ChooseAttribute(var at, var attribute) && at.equals(channel.key()) ? i : chosen;
        }
        for (var each : all.subList(chosen + 1, all.size())) {
            after = FunctionCorrections.said(after, each);
        }
        return after;
    }
}
