package yellowkite.core.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * What a walk found out.
 *
 * @param answers one for each step, then those of steps that were made on the way. @param footprint that the fixture says; null = none
 * @param causes that explain what differs, the one that explains most first
 */
public record Proof(Walk walk, List<Answer> answers, @Nullable Integer footprint, List<Causes.Cause> causes) {

    public Proof {
        answers = List.copyOf(answers);
        causes = List.copyOf(causes);
    }

    /** A fixture that can be driven and looked at. */
    public interface AtHand {
        /** {@return what is seen of it now} Empty where nobody looks. @throws Gone if it does not answer any more */
        Optional<Seen> look() throws Gone;

        /**
         * Sends its levels, and waits until what is seen is what was hoped for, or for as long as its slowest part may take.
         *
         * @param slots from its first address. @param patience s
         */
        Optional<Seen> send(byte[] slots, Hoped hoped, double patience) throws Gone;

        /** {@return how many addresses it says that it has} */
        Optional<Integer> footprint() throws Gone;
    }

    /** Whether a look shows what the profile says: then there is nothing to wait for. */
    public interface Hoped {
        boolean isSeen(Seen seen);
    }

    /** It does not answer any more. The message is a sentence. */
    public static final class Gone extends Exception {
        private static final long serialVersionUID = 1;

        public Gone(String says) {
            super(says, null, false, false);
        }
    }

    /** {@return how many steps agree, differ, or cannot be told} */
    public long count(Walk.Verdict verdict) {
        return answers.stream().filter(each -> each.verdict() == verdict).count();
    }

    /** Who is told of each answer as it comes; may end the walk by {@link Gone}. */
    public interface Told {
        void take(Answer answer) throws Gone;
    }

    /** Goes through a walk by itself. */
    public static Proof of(Walk walk, AtHand fixture, Told told) throws Gone {
        var answers = new ArrayList<Answer>();
        for (var step : walk.steps()) {
            answers.add(ask(walk, step, fixture));
            told.take(answers.getLast());
        }
        answers.addAll(new Boundaries(walk, answers, fixture, told).find());
        return of(walk, answers, fixture.footprint().orElse(null));
    }

    /** {@return what a walk found out that was answered already} @param footprint that the fixture says it has; null = it says nothing */
    public static Proof of(Walk walk, List<Answer> answers, @Nullable Integer footprint) {
        return new Proof(walk, answers, footprint, Causes.of(walk, answers, footprint));
    }

    static Answer ask(Walk walk, Step step, AtHand fixture) throws Gone {
        var wanted = walk.wanted(step);
        var seen = step.raws().length == 0
                ? fixture.look().filter(each -> each.frames() == 0) // once it has heard anybody, this cannot be seen any more
                : fixture.send(Slots.of(walk.mode()).bytes(step.raws()), each -> Walk.judge(step, wanted, each) != Walk.Verdict.DIFFERS,
                        walk.patience(step));
        return Answer.of(step, wanted, seen.orElse(null));
    }
}
