package yellowkite.core.bench;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowkite.core.dmx.Spans;

/**
 * Where an end of a named range shows another one while its middle does not, the boundary is elsewhere: it is looked for between the two by
 * halves. Steps at the ends alone cannot say by how much.
 */
final class Boundaries {
    /** Of one channel: all others lie as far from where they should. */
    private static final int MOST = 2;
    private final Walk walk;
    private final List<Answer> answers;
    private final Proof.AtHand fixture;
    private final Proof.Told told;
    private final List<Answer> found = new ArrayList<>();

    Boundaries(Walk walk, List<Answer> answers, Proof.AtHand fixture, Proof.Told told) {
        this.told = told;
        this.walk = walk;
        this.answers = List.copyOf(answers);
        this.fixture = fixture;
    }

    /** {@return what was seen between} */
    List<Answer> find() throws Proof.Gone {
        var looked = new HashMap<String, Integer>();
        for (var end : answers) {
            boolean isEnd = end.step().kind() == Step.Kind.FIRST || end.step().kind() == Step.Kind.LAST;
            var middle = isEnd && end.verdict() == Walk.Verdict.DIFFERS ? middleOf(end.step()) : null;
            if (middle != null && looked.merge(end.step().channel(), 1, Integer::sum) <= MOST) {
                between(end.step(), middle);
            }
        }
        return found;
    }

    /** {@return the middle of the same range, if it agrees} */
    private @Nullable Step middleOf(Step end) {
        var span = span(end);
        var range = span == null ? null : span.rangeAt(end.dmx());
        return range == null ? null
                : answers.stream()
                    .filter(each -> each.verdict() == Walk.Verdict.AGREES && each.step().kind() == Step.Kind.MIDDLE
                            && each.step().channel().equals(end.channel()) && range.contains(each.step().dmx()))
                    .map(Answer::step)
                    .findFirst()
                    .orElse(null);
    }

    private Spans.@Nullable FunctionSpan span(Step step) {
        int index = index(step);
        return index < 0 ? null
                : walk.mode()
                    .spans(walk.mode().map().channels().get(index).channel())
                    .stream()
                    .filter(each -> each.name().equals(step.function()))
                    .findFirst()
                    .orElse(null);
    }

    private int index(Step step) {
        var channels = walk.mode().map().channels();
        for (int i = 0; i < channels.size(); i++) {
            if (channels.get(i).name().equals(step.channel())) {
                return i;
            }
        }
        return -1;
    }

    private void between(Step wrong, Step right) throws Proof.Gone {
        long differs = wrong.dmx();
        long agrees = right.dmx();
        while (Math.abs(agrees - differs) > 1) {
            long middle = Math.min(agrees, differs) + Math.abs(agrees - differs) / 2;
            var step = walk.between(wrong, answers.size() + found.size() + 1, middle);
            var answer = Proof.ask(walk, step, fixture);
            found.add(answer);
            told.take(answer);
            if (answer.verdict() == Walk.Verdict.DIFFERS) {
                differs = middle;
            } else {
                agrees = middle;
            }
        }
    }
}
