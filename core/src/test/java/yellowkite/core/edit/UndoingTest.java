package yellowkite.core.edit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import yellowkite.core.Fixtures;
import yellowkite.core.history.History;
import yellowkite.core.history.Undoing;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.FixtureType;

class UndoingTest {
    private final List<Channel> channels = Fixtures.spot().modes().getFirst().channels();
    private final History<FixtureType, Edit> base = History.of(Fixtures.spot());

    private static History<FixtureType, Edit> with(History<FixtureType, Edit> history, Edit edit) {
        return ((History.Result.Changed<FixtureType, Edit>) history.apply(edit)).history();
    }

    private Edit start(int channel, int to) {
        return new SetStartValue(channels.get(channel).id(), to);
    }

    @Test
    void theLastOneIsTakenBackWhereNobodyHasEditedSince() {
        var history = with(with(base, start(0, 3)), start(1, 4));

        assertThat(Undoing.lastOf(history, index -> true)).isInstanceOfSatisfying(Undoing.TakenBack.class, back -> {
            assertThat(back.index()).isEqualTo(1);
            assertThat(back.wasLast()).isTrue();
            assertThat(back.after()).isEqualTo(history.undo().orElseThrow());
        });
    }

    @Test
    void myOwnIsTakenBackBelowThoseOfOthers() {
        var history = with(with(base, start(0, 3)), start(1, 4));

        assertThat(Undoing.lastOf(history, index -> index == 0)).isInstanceOfSatisfying(Undoing.TakenBack.class, back -> {
            assertThat(back.wasLast()).isFalse();
            assertThat(back.after().current()).as("the other one stands").isEqualTo(with(base, start(1, 4)).current());
        });
    }

    @Test
    void whatOthersHaveBuiltUponStays() {
        var history = with(with(base, new ChangeWidth(channels.get(1).id(), 2)), start(1, 40_000));

        assertThat(Undoing.lastOf(history, index -> index == 0)).isInstanceOfSatisfying(Undoing.Refused.class,
                refused -> assertThat(refused.why()).contains("others have built upon it"));
    }

    @Test
    void whoHasDoneNothingTakesNothingBack() {
        assertThat(Undoing.lastOf(base, index -> true)).isEqualTo(new Undoing.Refused("There is nothing to undo."));
        assertThat(Undoing.lastOf(with(base, start(0, 3)), index -> false)).isInstanceOfSatisfying(Undoing.Refused.class,
                refused -> assertThat(refused.why()).startsWith("None of these edits is yours."));
    }

    @Test
    void aBeginningIsNoEditOfAnybody() {
        var begun = with(base, new BecomeCopy("Tidewick", "Copy", "0A0A0A0A-0000-0000-0000-0000000000F1", null));

        assertThat(begun.floor()).isEqualTo(1);
        assertThat(Undoing.lastOf(begun, index -> true)).isEqualTo(new Undoing.Refused("There is nothing to undo."));
    }
}
