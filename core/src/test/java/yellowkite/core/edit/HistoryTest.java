package yellowkite.core.edit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Random;
import org.junit.jupiter.api.Test;
import yellowkite.core.Fixtures;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.history.History;
import yellowkite.core.profile.FixtureType;

class HistoryTest {
    private final History<FixtureType, Edit> history = History.of(Fixtures.spot());

    private static History<FixtureType, Edit> changed(History<FixtureType, Edit> before, Edit edit) {
        return switch (before.apply(edit)) {
            case History.Result.Changed changed -> changed.history();
            case History.Result.Refused refused -> throw new AssertionError(refused.why().reason());
        };
    }

    @Test
    void undoAndRedoWalkOverTheEdits() {
        var two = changed(changed(history, new RenameProfile("A")), new RenameProfile("B"));

        var one = two.undo().orElseThrow();

        assertThat(one.current().name()).isEqualTo("A");
        assertThat(one.undo().orElseThrow().current()).isSameAs(history.base());
        assertThat(one.redo().orElseThrow()).isEqualTo(two);
        assertThat(history.undo()).isEmpty();
        assertThat(two.redo()).isEmpty();
    }

    @Test
    void aNewEditForgetsWhatWasUndone() {
        var undone = changed(history, new RenameProfile("A")).undo().orElseThrow();

        var after = changed(undone, new RenameProfile("C"));

        assertThat(after.counting()).extracting(History.Step::sentence).containsExactly("Profile is called 'C', was 'Spot'");
        assertThat(after.redo()).isEmpty();
    }

    @Test
    void anEarlierEditIsUndoneAloneWhereNothingFollowedUponIt() {
        var channel = history.base().modes().getFirst().channels().getLast();
        var three = changed(changed(changed(history, new RenameProfile("A")), new SetStartValue(channel.id(), 9)),
                new DescribeMode(history.base().modes().getFirst().id(), "d"));

        var undone = three.lastly(1).orElseThrow().undo().orElseThrow();

        assertThat(undone.counting()).extracting(History.Step::edit)
            .containsExactly(new RenameProfile("A"), new DescribeMode(history.base().modes().getFirst().id(), "d"));
        assertThat(undone.current().modes().getFirst().channels().getLast()).isEqualTo(channel);
        assertThat(undone.redo().orElseThrow().current()).isEqualTo(three.current());
        assertThat(three.lastly(2)).contains(three);
    }

    @Test
    void anEditThatAnotherFollowedUponIsNotUndoneAlone() {
        var two = changed(changed(history, new RenameProfile("A")), new RenameProfile("B"));

        assertThat(two.lastly(0)).isEmpty();
    }

    @Test
    void aRefusedEditChangesNothing() {
        assertThat(history.apply(new RenameProfile(""))).isInstanceOf(History.Result.Refused.class);
    }

    @Test
    void aWalkOfRandomEditsUndoneIsTheStartAndEveryStepCanBeWritten() {
        long seed = 20_260_101;
        var random = new Random(seed);
        var walk = history;
        var sentences = new ArrayList<String>();
        for (int i = 0; i < 1_500; i++) {
            if (walk.apply(randomEdit(random)) instanceof History.Result.Changed changed) {
                walk = changed.history();
                sentences.add(walk.counting().getLast().sentence());
                var xml = GdtfDescription.of(walk.current()).write();
                assertThat(GdtfDescription.read(xml).write()).as("seed %d, after %s", seed, sentences).isEqualTo(xml);
            }
        }
        assertThat(sentences).as("edits that were applied").hasSizeGreaterThan(40);
        while (walk.done() > 0) {
            walk = walk.undo().orElseThrow();
        }
        assertThat(walk.current()).as("seed %d", seed).isEqualTo(history.base());
    }

    private static Edit randomEdit(Random random) {
        int id = random.nextInt(60);
        int value = random.nextInt(260);
        return switch (random.nextInt(10)) {
            case 0 -> new AddRange(id, "R" + value, value);
            case 1 -> new RemoveRange(id);
            case 2 -> new MoveRangeStart(id, value);
            case 3 -> new AddFunction(id, "F" + value, "Pan", value);
            case 4 -> new RemoveFunction(id);
            case 5 -> new MoveFunctionStart(id, value);
            case 6 -> new SetStartValue(id, value);
            case 7 -> new ChangeWidth(id, 1 + random.nextInt(4));
            case 8 -> new RenameFunction(id, "N" + value);
            default -> new SetFunctionPhysical(id, 1.0 * value, -1.0 * value);
        };
    }
}
