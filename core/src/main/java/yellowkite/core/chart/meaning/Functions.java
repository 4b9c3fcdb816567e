package yellowkite.core.chart.meaning;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import yellowkite.core.attribute.Catalogue;
import yellowkite.core.attribute.StandardAttribute;
import yellowkite.core.chart.proposal.Doubts;
import yellowkite.core.chart.proposal.Proposal.Counts;
import yellowkite.core.chart.proposal.Proposal.FunctionProposal;
import yellowkite.core.chart.proposal.Proposal.RangeProposal;
import yellowkite.core.chart.layout.Charted.Row;
import yellowkite.core.chart.layout.Values;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.PhysicalUnit;

/** The functions of a channel: a new one wherever the meaning changes. */
final class Functions {
    private final String attribute;
    private final int bytes;
    private final boolean exact;
    private final WheelMaker wheels;
    private final List<String> doubts;
    private final List<FunctionProposal> made = new ArrayList<>();

    private Functions(String attribute, int bytes, boolean exact, WheelMaker wheels, List<String> doubts) {
        this.attribute = attribute;
        this.bytes = bytes;
        this.exact = exact;
        this.wheels = wheels;
        this.doubts = doubts;
    }

    /** A row with its place among the values of the channel. */
    private record Piece(long from, long to, String words, List<Counts> counts, RowMeaning meaning, boolean falling) {}

    /** @param doubts gets a sentence for whatever is not sure */
    static List<FunctionProposal> of(String attribute, String channelWords, List<Row> rows, int bytes, WheelMaker wheels,
            List<String> doubts) {
        return of(attribute, channelWords, rows, bytes, false, wheels, doubts);
    }

    /** @param exact whether values are those of the channel's own width for sure */
    static List<FunctionProposal> of(String attribute, String channelWords, List<Row> rows, int bytes, boolean exact, WheelMaker wheels,
            List<String> doubts) {
        var functions = new Functions(attribute, bytes, exact, wheels, doubts);
        var pieces = functions.pieces(channelWords, rows);
        for (int i = 0; i < pieces.size();) {
            int end = i + 1;
            while (end < pieces.size() && together(pieces.get(i), pieces.get(end))) {
                end++;
            }
            functions.make(pieces.subList(i, end), pieces);
            i = end;
        }
        Doubts.sayWhatIsAssumed(functions.made, doubts);
        return functions.made;
    }

    private static boolean together(Piece one, Piece next) {
        return !one.meaning().alone() && !next.meaning().alone() && one.meaning().attribute().equals(next.meaning().attribute())
                && one.counts().equals(next.counts());
    }

    private List<Piece> pieces(String channelWords, List<Row> rows) {
        var valued = valued(rows);
        boolean coarse = !exact && bytes > 1
                && valued.stream().allMatch(row -> row.values() == null || row.values().percent() || row.values().to() <= 255);
        var pieces = new ArrayList<Piece>();
        List<Counts> carried = List.of();
        var slots = new ArrayList<>(wheels.slots(WheelMaker.nameFor(attribute)));
        for (var row : valued) {
            var conditions = Conditions.of(row.meaning());
            if (conditions.stretches().isEmpty() && Conditions.isHidden(row.meaning())) {
                doubts.add(row.begins() + " speaks of a condition that is not understood: '" + row.meaning() + "'.");
            }
            var words = Phrase.of(conditions.rest()).isEmpty() && valued.size() == 1 ? channelWords : conditions.rest();
            var meaning = onSlot(RowMeaning.of(attribute, words.equals("...") ? "" : words), words, slots);
            if (!meaning.slot().isEmpty()) {
                slots.add(meaning.slot());
            }
            if (meaning.sure() < 0.8) {
                doubts.add(row.begins() + " may mean something else than " + Catalogue.STANDARD.pretty(meaning.attribute()) + ": '" + words
                        + "'.");
            }
            long from = row.values() == null ? 0 : raw(row.values(), row.values().from(), coarse, false);
            long to = row.values() == null ? DmxValue.max(bytes) : raw(row.values(), row.values().to(), coarse, true);
            if (from > DmxValue.max(bytes) || to > DmxValue.max(bytes)) {
                doubts.add(row.begins() + " names values that the channel does not have.");
                continue;
            }
            // a condition holds for the rows below it that go on with the values
            boolean goesOn = !pieces.isEmpty() && pieces.getLast().to() + 1 == from && conditions.stretches().isEmpty();
            carried = goesOn ? carried : conditions.stretches();
            pieces.add(new Piece(from, to, words, carried, meaning, row.values() != null && row.values().falling()));
        }
        if (coarse && valued.size() > 1) {
            doubts.add("Its values up to 255 are taken for those of the coarse byte.");
        }
        return inOrder(pieces);
    }

    /** "Reeds shake", where a row above selects "Reeds", shakes that slot. */
    private static RowMeaning onSlot(RowMeaning meaning, String words, List<String> slots) {
        if (!meaning.attribute().endsWith("WheelShake") || !meaning.slot().isEmpty()) {
            return meaning;
        }
        var said = words.toLowerCase(Locale.ROOT);
        return slots.stream()
            .filter(each -> said.startsWith(each.toLowerCase(Locale.ROOT) + " "))
            .max(java.util.Comparator.comparingInt(String::length))
            .map(each -> new RowMeaning(meaning.attribute().replace("WheelShake", "SelectShake"), each, false, Double.NaN, meaning.sure()))
            .orElse(meaning);
    }

    /** A row of dots goes on as its neighbours; one without values counts only if it is alone. */
    private List<Row> valued(List<Row> rows) {
        var valued = PassedOver.filled(rows, doubts).stream().filter(row -> row.values() != null).toList();
        return valued.isEmpty() ? rows.stream().filter(row -> !row.meaning().equals("...")).limit(1).toList() : valued;
    }

    private long raw(Values values, double value, boolean coarse, boolean last) {
        long max = DmxValue.max(bytes);
        if (values.percent()) {
            return Math.round(Math.min(100, value) / 100 * max);
        }
        int shift = coarse ? 8 * (bytes - 1) : 0;
        return last ? (((long) value + 1) << shift) - 1 : (long) value << shift;
    }

    /** By their values; what lies over another in the same situation is a doubt. */
    private List<Piece> inOrder(List<Piece> pieces) {
        var sorted = new ArrayList<>(pieces);
        sorted.sort(java.util.Comparator.comparing((Piece each) -> each.counts().toString().isEmpty()).thenComparingLong(Piece::from));
        var conditional = sorted.stream().map(Piece::counts).distinct().toList();
        var result = new ArrayList<Piece>();
        for (var counts : conditional) {
            Piece before = null;
            for (var piece : sorted.stream().filter(each -> each.counts().equals(counts)).toList()) {
                if (before != null && piece.from() <= before.to()) {
                    doubts.add("The values " + before.from() + " to " + before.to() + " ('" + before.words() + "') lie over " + piece.from()
                            + " to " + piece.to() + " ('" + piece.words() + "').");
                    if (piece.from() == before.from()) {
                        continue;
                    }
                    result.set(result.size() - 1, new Piece(before.from(), piece.from() - 1, before.words(), before.counts(),
                            before.meaning(), before.falling()));
                }
                result.add(piece);
                before = piece;
            }
        }
        return result;
    }

    private void make(List<Piece> pieces, List<Piece> all) {
        var first = pieces.getFirst();
        var name = first.meaning().attribute();
        var usual = Catalogue.STANDARD.find(name).orElse(null);
        if (usual == null) {
            doubts.add("'" + first.words() + "' would be " + name + ", which the standard does not have.");
            return;
        }
        var ends = first.meaning().alone() || pieces.size() == 1 && first.meaning().slot().isEmpty() ? ends(first, usual, all)
                : new Ends(usual.physicalFrom(), usual.physicalTo(), usual.unit(), usual.unit() != PhysicalUnit.None);
        var ranges = ranges(pieces, usual);
        boolean selects = pieces.stream().anyMatch(each -> !each.meaning().slot().isEmpty());
        var wheel = selects || wheels.has(WheelMaker.nameFor(name)) && !name.contains("Pos") ? WheelMaker.nameFor(name) : "";
        for (var counts : first.counts().isEmpty() ? java.util.Collections.<@Nullable Counts>singletonList(null) : first.counts()) {
            made.add(new FunctionProposal(name, pieces.size() == 1 ? first.words() : Catalogue.STANDARD.pretty(name), first.from(),
                    pieces.getLast().to(), ends.from(), ends.to(), ends.unit(), ends.assumed(),
                    wheel.isEmpty() ? null : wheel, snaps(name), counts, ranges));
        }
    }

    private Ends ends(Piece piece, StandardAttribute usual, List<Piece> all) {
        double still = piece.meaning().still();
        if (!Double.isNaN(still)) {
            boolean speed = usual.unit() == PhysicalUnit.AngularSpeed;
            double value = speed ? 0
                    : still == 0 ? Math.min(usual.physicalFrom(), usual.physicalTo()) : Math.max(usual.physicalFrom(), usual.physicalTo());
            return new Ends(value, value, usual.unit(), false);
        }
        var ends = Ends.of(piece.words(), usual);
        if (ends.assumed() && usual.unit() == PhysicalUnit.AngularSpeed) {
            ends = mirrored(piece, usual, all, ends);
        } else if (ends.assumed() && usual.pattern().endsWith("MSpeed")) {
            ends = quickest(piece, usual, all, ends);
        }
        return piece.falling() ? new Ends(ends.to(), ends.from(), ends.unit(), ends.assumed()) : ends;
    }

    /** Beside a stretch of stated times, "tracking" and "off" are as quick as it goes. */
    private static Ends quickest(Piece piece, StandardAttribute usual, List<Piece> all, Ends assumed) {
        return all.stream()
            .filter(other -> other != piece)
            .map(other -> Ends.of(other.words(), usual))
            .filter(each -> !each.assumed())
            .findFirst()
            .map(stated -> new Ends(quickest(stated), quickest(stated), stated.unit(), true))
            .orElse(assumed);
    }

    private static double quickest(Ends stated) {
        return stated.unit() == PhysicalUnit.Time ? Math.min(stated.from(), stated.to()) : Math.max(stated.from(), stated.to());
    }

    /** A rotation without numbers is as quick as the one the other way round, of which the chart has them. */
    private static Ends mirrored(Piece piece, StandardAttribute usual, List<Piece> all, Ends assumed) {
        for (var other : all) {
            if (other != piece && other.meaning().attribute().equals(piece.meaning().attribute())
                    && Double.isNaN(other.meaning().still())) {
                var stated = Ends.of(other.words(), usual);
                if (!stated.assumed()) {
                    double slow = Math.min(Math.abs(stated.from()), Math.abs(stated.to()));
                    double fast = Math.max(Math.abs(stated.from()), Math.abs(stated.to()));
                    double sign = Math.signum(assumed.from() + assumed.to());
                    boolean falls = Math.abs(assumed.from()) > Math.abs(assumed.to());
                    return new Ends(sign * (falls ? fast : slow), sign * (falls ? slow : fast), assumed.unit(), true);
                }
            }
        }
        return assumed;
    }

    private List<RangeProposal> ranges(List<Piece> pieces, StandardAttribute usual) {
        var ranges = new ArrayList<RangeProposal>();
        for (var piece : pieces) {
            var slotWords = piece.meaning().slot();
            int slot = slotWords.isEmpty() ? 0 : wheels.slot(WheelMaker.nameFor(piece.meaning().attribute()), slotWords);
            boolean runs = slot > 0 && usual.unit() != PhysicalUnit.None;
            var ends = runs ? Ends.of(piece.words(), usual) : null;
            if (!piece.words().isBlank() && (pieces.size() > 1 || slot > 0 || !Double.isNaN(piece.meaning().still()))) {
                ranges.add(new RangeProposal(piece.words(), piece.from(), piece.to(), slot, ends == null ? null : ends.from(),
                        ends == null ? null : ends.to()));
            }
        }
        return ranges;
    }

    private static final Set<String> FADES_NEVER = Set.of("Gobo", "Color", "Prism", "AnimationWheel", "Control", "ColorMacro", "Effects",
            "Function", "NoFeature", "LampControl", "FanMode", "DimmerCurve");

    /** {@return whether a fade makes no sense: what is brought in, and commands} */
    static boolean snaps(String attribute) {
        return FADES_NEVER.contains(attribute.replaceAll("\\d+$", "")) || attribute.endsWith("Reset") || attribute.endsWith("Mode")
                || attribute.contains("Select");
    }
}
