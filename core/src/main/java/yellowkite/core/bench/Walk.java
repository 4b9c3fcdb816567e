package yellowkite.core.bench;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.wire.Bytes;

/**
 * The steps that prove a mode: before any signal, at the start values, then every function and named range of every channel at its first,
 * middle and last value, axes at zero, fine bytes by a step, each cell alone, and the highlight.
 */
public record Walk(CompiledMode mode, List<Step> steps) {
    /** Raised whenever other steps are made of the same mode: answers are kept by the numbers of their steps. */
    public static final int EDITION = 1;
    /** More steps than a fixture is ever walked through. */
    public static final int MOST = 20_000;
    private static final int SECONDS_A_STEP = 4;
    /** Nothing is on its way for longer, whatever a profile says, s. */
    private static final double LONGEST_WAY = 20;

    public Walk {
        steps = List.copyOf(steps);
    }

    /** @param quick the middles of ranges and the ends of functions alone */
    public static Walk of(CompiledMode mode, boolean quick) {
        return new Walk(mode, new WalkMaking(mode, quick).make());
    }

    /**
     * {@return the steps that were not walked like this before: what is sent, or what should be seen, has changed} They are numbered anew.
     */
    public Walk since(Walk earlier) {
        var before = new HashSet<List<Object>>();
        earlier.steps.forEach(each -> before.add(earlier.sameAs(each)));
        var left = new ArrayList<Step>();
        steps.stream().filter(each -> !before.contains(sameAs(each))).forEach(each -> left.add(each.numbered(left.size() + 1)));
        return new Walk(mode, left);
    }

    /** {@return whether a whole walk that went to its end proves its mode: something agrees, and nothing differs} */
    public static boolean proves(Map<Verdict, Integer> counts) {
        return counts.getOrDefault(Verdict.AGREES, 0) > 0 && counts.getOrDefault(Verdict.DIFFERS, 0) == 0;
    }

    /** {@return of these steps those that one of two walks has walked like this} */
    public Walk coveredBy(Walk one, Walk other) {
        return since(since(one).since(other));
    }

    private List<Object> sameAs(Step step) {
        return List.of(step.kind(), step.channel(), step.dmx(), shows(step), Bytes.of(Slots.of(mode).bytes(step.raws())));
    }

    /** {@return what a fixture that obeys is seen to do at a step} */
    public Seen wanted(Step step) {
        return wanted(step, Obeying.of(mode, List.of()));
    }

    /** {@return what a fixture that differs is seen to do at a step} */
    public Seen wanted(Step step, Obeying fixture) {
        return step.raws().length == 0 ? fixture.atFirst() : fixture.at(Slots.of(mode).bytes(step.raws()));
    }

    /** {@return minutes that a person needs: four seconds a step} */
    public int minutes() {
        return (steps.size() * SECONDS_A_STEP + 59) / 60;
    }

    /** {@return what should be seen at a step, in few words} */
    public String shows(Step step) {
        var wanted = wanted(step);
        var words = String.join(", ", step.watched().stream().map(each -> each.named(wanted, step.tolerance())).distinct().toList());
        var range = step.range() == null || step.range().isBlank() ? "" : "'" + step.range() + "'";
        return words.isEmpty() ? range.isEmpty() ? "no instrument sees it: look at the fixture" : range
                : range.isEmpty() ? words : range + ": " + words;
    }

    /** {@return what a fade to a step from the one before would pass over; empty for nothing} @param number of the step, from 1 */
    public Optional<Hands.Passed> passed(int number) {
        var step = steps.get(number - 1);
        var before = number == 1 ? step : steps.get(number - 2);
        return step.raws().length == 0 || before.raws().length == 0 || !before.channel().equals(step.channel()) ? Optional.empty()
                : new Hands(mode, before.raws()).passes(new Hands(mode, step.raws()))
                    .stream()
                    .filter(each -> each.name().equals(step.channel()))
                    .findFirst();
    }

    /** {@return the same step at another value of its channel} */
    public Step between(Step step, int number, long value) {
        var channels = mode.map().channels();
        int index = 0;
        while (!channels.get(index).name().equals(step.channel())) {
            index++;
        }
        return step.between(number, index, value);
    }

    /** {@return how long what a step looks at may be on its way, s: as its functions say} */
    public double patience(Step step) {
        return mode.map()
            .channels()
            .stream()
            .filter(each -> step.function().isEmpty() || each.name().equals(step.channel()))
            .flatMap(each -> each.channel().functions())
            .mapToDouble(each -> Math.max(0, each.realFade()) + Math.max(0, each.realAcceleration()))
            .filter(Double::isFinite)
            .map(each -> Math.min(each, LONGEST_WAY))
            .max()
            .orElse(0);
    }

    /** What a step found. */
    public enum Verdict {
        AGREES, DIFFERS, CANNOT_TELL
    }

    /**
     * {@return whether what is seen is what should be} @param wanted of a fixture that obeys. @param seen null where nothing was measured
     */
    static Verdict judge(Step step, Seen wanted, @Nullable Seen seen) {
        if (seen == null || step.watched().isEmpty()) {
            return Verdict.CANNOT_TELL;
        }
        return step.watched().stream().allMatch(each -> each.agree(wanted, seen, step.tolerance())) ? Verdict.AGREES : Verdict.DIFFERS;
    }
}
