package yellowkite.core.release;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import yellowkite.core.compare.Comparison;
import yellowkite.core.compare.Difference;
import yellowkite.core.compare.Rank;
import yellowkite.core.compare.Side;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Mode;

/**
 * What a release does to one profile.
 *
 * @param worst the worst rank of what differs; null unless it is {@code CHANGED} and something differs that is compared
 * @param counts how many differences there are of each rank
 * @param says the first of them, the worst first, or what there is to say of a new or a withdrawn one
 */
public record ProfileChange(Kind kind, @Nullable Rank worst, Map<Rank, Long> counts, List<String> says) {
    private static final int SHOWN = 6;
    private static final int IN_A_NOTE = 3;
    private static final int LONGEST_NOTE = 1_000;

    /** The worse for a show, the earlier. */
    public enum Kind {
        WITHDRAWN, CHANGED, NEW, SAME
    }

    public ProfileChange {
        counts = Map.copyOf(counts);
        says = List.copyOf(says);
    }

    /** {@return what it is to go from one content to another} */
    public static ProfileChange between(Side before, Side after) {
        return of(Comparison.of(before, after));
    }

    public static ProfileChange of(Comparison comparison) {
        var counts = new EnumMap<Rank, Long>(Rank.class);
        Arrays.stream(Rank.values()).forEach(rank -> counts.put(rank, comparison.count(rank)));
        var worst = comparison.differences().isEmpty() ? null : comparison.worst(Rank.COSMETIC);
        return new ProfileChange(Kind.CHANGED, worst, counts,
                comparison.byRank().stream().limit(SHOWN).map(ProfileChange::sentence).toList());
    }

    private static String sentence(Difference each) {
        return (each.place().mode().isEmpty() ? "" : each.place().mode() + ", ") + each.place().words() + ": " + each.says();
    }

    /** {@return the change of a profile that was not there before} */
    public static ProfileChange fresh(FixtureType type) {
        var modes = type.modes().stream().limit(SHOWN).map(mode -> mode(type, mode)).collect(Collectors.joining(", "));
        return new ProfileChange(Kind.NEW, null, Map.of(),
                modes.isEmpty() ? List.of() : List.of((type.modes().size() == 1 ? "Mode " : "Modes ") + modes + "."));
    }

    private static String mode(FixtureType type, Mode mode) {
        return mode.name() + " (" + AddressMap.of(type, mode).totalFootprint() + ")";
    }

    public static ProfileChange same() {
        return new ProfileChange(Kind.SAME, null, Map.of(), List.of());
    }

    /** {@return the change of a profile that is not part of it any more} */
    public static ProfileChange withdrawn() {
        return new ProfileChange(Kind.WITHDRAWN, null, Map.of(), List.of());
    }

    /** {@return how many profiles of each kind there are: "2 new; 3 changed, of which 1 breaks; 40 unchanged"; empty for none} */
    public static String counted(List<ProfileChange> changes) {
        long breaks = changes.stream().filter(each -> each.kind() == Kind.CHANGED && each.worst() == Rank.BREAKS).count();
        return Stream.of(count(changes, Kind.NEW, " new"),
                count(changes, Kind.CHANGED,
                        " changed" + (breaks > 0 ? ", of which " + breaks + (breaks == 1 ? " breaks" : " break") : "")),
                count(changes, Kind.WITHDRAWN, " withdrawn"), count(changes, Kind.SAME, " unchanged"))
            .filter(part -> !part.isEmpty())
            .collect(Collectors.joining("; "));
    }

    private static String count(List<ProfileChange> changes, Kind kind, String word) {
        long count = changes.stream().filter(each -> each.kind() == kind).count();
        return count == 0 ? "" : count + word;
    }

    public long total() {
        return counts.values().stream().mapToLong(Long::longValue).sum();
    }

    /** {@return what a release's notes may say of it: a proposal, to be put into words by a person} */
    public String proposedNote() {
        if (kind == Kind.CHANGED && says.isEmpty()) {
            return "Nothing differs that a show would notice.";
        }
        var sentences = says.stream().limit(IN_A_NOTE).collect(Collectors.joining(" "));
        long more = Math.max(0, total() - IN_A_NOTE);
        var note = sentences + (more > 0 ? " And " + more + " more." : "");
        return note.length() <= LONGEST_NOTE ? note : note.substring(0, LONGEST_NOTE - 3) + "...";
    }

    /**
     * {@return how urgent it is for someone who uses the profile, 0 = most} What breaks a show and what is withdrawn comes first, then by
     * rank, then what is new; what stays as it is comes last.
     */
    public int urgency() {
        return switch (kind) {
            case WITHDRAWN -> 0;
            case CHANGED -> worst == null ? Rank.values().length : worst.ordinal();
            case NEW -> Rank.values().length + 1;
            case SAME -> Rank.values().length + 2;
        };
    }
}
