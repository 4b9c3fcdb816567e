package yellowkite.core.bench;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * The fewest flaws that explain what was seen. Each that might is tried: a fixture that differs so would show at every step what was seen,
 * not only where something is wrong. The one that leaves the fewest steps unexplained is taken, then the next beside it, as long as one
 * helps.
 */
public final class Causes {
    private static final int MOST = 8;
    /** Of those that explain anything, so many are tried on every step. */
    private static final int TRIED = 24;
    /** Of what one would have to explain, so many steps are looked at first. */
    private static final int SAMPLE = 4;

    private final Walk walk;
    private final List<Answer> told;
    private final List<Flaw> taken = new ArrayList<>();

    private Causes(Walk walk, List<Answer> told) {
        this.walk = walk;
        this.told = told;
    }

    /** @param steps how many it explains that nothing before it does. @param fix null where the profile is not what is wrong */
    public record Cause(Flaw flaw, String says, int steps, @Nullable Fix fix) {}

    private record Tried(Flaw flaw, int left) {}

    /** @param footprint that the fixture says it has; null = it says nothing */
    static List<Cause> of(Walk walk, List<Answer> answers, @Nullable Integer footprint) {
        var told = answers.stream().filter(each -> each.verdict() != Walk.Verdict.CANNOT_TELL && each.seen() != null).toList();
        return new Causes(walk, told).find(footprint);
    }

    private List<Cause> find(@Nullable Integer footprint) {
        var causes = new ArrayList<Cause>();
        boolean otherFootprint = false;
        if (footprint != null && footprint != Slots.of(walk.mode()).count()) {
            otherFootprint = true; // where the fixture says so itself, nothing has to be guessed
            var flaw = new Flaw.Footprint(footprint);
            int before = unexplained(taken, told).size();
            taken.add(flaw);
            causes.add(cause(flaw, before - unexplained(taken, told).size()));
        }
        var left = unexplained(taken, told);
        while (!left.isEmpty() && causes.size() < MOST) {
            var best = best(left, footprint != null);
            if (best == null) {
                break;
            }
            taken.add(best.flaw());
            causes.add(cause(best.flaw(), left.size() - best.left()));
            left = unexplained(taken, told);
        }
        if (otherFootprint) {
            causes.stream().filter(each -> each.flaw() instanceof Flaw.OtherPersonality).findFirst().ifPresent(other -> {
                // another personality has another footprint: what that one explained, this one does
                causes.set(causes.indexOf(other), cause(other.flaw(), other.steps() + causes.getFirst().steps()));
                causes.removeFirst();
            });
        }
        causes.sort(Comparator.comparingInt(Cause::steps).reversed());
        return causes;
    }

    private Cause cause(Flaw flaw, int steps) {
        return new Cause(flaw, CauseWords.says(flaw, walk.mode()), steps, Fix.of(flaw, walk.mode()));
    }

    private @Nullable Tried best(List<Answer> left, boolean footprintKnown) {
        var helping = new ArrayList<Tried>();
        var suspects = new Suspects(walk.mode(), left, taken, footprintKnown);
        for (var flaw : suspects.all()) {
            // most are told from the truth by a few steps
            var sample = suspects.concerned(flaw).stream().limit(SAMPLE).toList();
            if (unexplained(with(flaw), sample).size() < sample.size()) {
                int still = unexplained(with(flaw), left).size();
                helping.add(new Tried(flaw, still));
                if (still == 0 && unexplained(with(flaw), told).isEmpty()) {
                    return helping.getLast(); // those that are suspected first explain most by least
                }
            }
        }
        helping.sort(Comparator.comparingInt(Tried::left)); // stable: of equals, the one that is suspected first
        Tried best = null;
        for (var each : helping.subList(0, Math.min(TRIED, helping.size()))) {
            int still = unexplained(with(each.flaw()), told).size();
            if (still < (best == null ? left.size() : best.left())) {
                best = new Tried(each.flaw(), still);
            }
        }
        return best;
    }

    private List<Flaw> with(Flaw flaw) {
        var all = new ArrayList<>(taken);
        all.add(flaw);
        return all;
    }

    /** {@return those of some answers that a fixture with such flaws would not have given} */
    private List<Answer> unexplained(List<Flaw> flaws, List<Answer> of) {
        var fixture = Obeying.of(walk.mode(), flaws);
        return of.stream().filter(each -> {
            var would = walk.wanted(each.step(), fixture);
            var seen = Objects.requireNonNull(each.seen());
            return !each.step().watched().stream().allMatch(reading -> reading.agree(would, seen, each.step().tolerance()));
        }).toList();
    }
}
