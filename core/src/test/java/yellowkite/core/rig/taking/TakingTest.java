package yellowkite.core.rig.taking;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.groups.Tuple.tuple;

import java.util.List;
import org.junit.jupiter.api.Test;
import yellowkite.core.rig.Asked;
import yellowkite.core.rig.Found;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.Rigs;
import yellowkite.core.rig.Unit;
import yellowkite.core.rig.taking.Taking.Decision;
import yellowkite.core.rig.taking.Taking.Twice;

class TakingTest {
    private static final Asked PAR = Asked.of("Lumbrook", "Moth", "Nine", null);
    private static final Asked LAMP = Asked.of("", "Old lamp", "", 1);
    private final Rig rig = Rigs.of(Rigs.unit("1", Rigs.SPOT, "1.1"), Rigs.unit("7", Rigs.SPOT, "1.23"));
    private final List<Unit> read = List.of(Rigs.unit("7", Rigs.PAR, f -> f.uuid = "a", "2.1"),
            Rigs.unit("8", Found.placeholder(1), f -> f.asked = LAMP, "2.20"),
            Rigs.unit("8a", Rigs.PAR, f -> f.hangsOn = "8", "2.30"), Rigs.unit("1", Rigs.PAR, f -> f.uuid = "d", "2.40"));

    private static List<String> ids(List<Unit> units) {
        return units.stream().map(Unit::id).toList();
    }

    @Test
    void kindsAreWhatIsAskedForAlike() {
        assertThat(Taking.kinds(read)).extracting(Taking.Kind::asked, Taking.Kind::units)
            .containsExactly(tuple(PAR, List.of("7", "8a", "1")),
                    tuple(LAMP, List.of("8")));
        assertThat(Taking.twice(rig, read)).containsExactly("1", "7");
    }

    @Test
    void unitsThatTheRigHasGetTheNextNumbersOrStayOutside() {
        assertThat(ids(Taking.taken(rig, read, List.of(), Twice.RENUMBER))).containsExactly("9", "8", "8a", "10");
        assertThat(ids(Taking.taken(rig, read, List.of(), Twice.LEAVE_OUT))).containsExactly("8", "8a");
        assertThat(ids(Taking.taken(rig, read, List.of(), Twice.KEEP))).containsExactly("7", "8", "8a", "1");
    }

    @Test
    void whatMostOfARigAreIsWhatItHasForAKind() {
        var mixed = Rigs.of(Rigs.unit("1", Rigs.PAR, f -> f.found = Rigs.SPOT), Rigs.unit("2", Rigs.PAR), Rigs.unit("3", Rigs.PAR),
                Rigs.unit("4", Found.placeholder(1), f -> f.asked = LAMP));

        assertThat(Taking.inRig(mixed, PAR)).contains(Rigs.PAR);
        assertThat(Taking.inRig(mixed, new Asked(PAR.spec(), PAR.mode(), 9))).as("by its names").contains(Rigs.PAR);
        assertThat(Taking.inRig(mixed, Asked.of("Nobody", "Nothing", "", null))).isEmpty();
    }

    @Test
    void aWholeKindBecomesSomethingElse() {
        var taken = Taking.taken(rig, read, List.of(new Decision(LAMP, false, Rigs.PAR)), Twice.LEAVE_OUT);

        assertThat(taken.getFirst().found()).isEqualTo(Rigs.PAR);
        assertThat(taken.getFirst().addresses().getFirst().footprint()).isEqualTo(9);
        assertThat(taken.getLast().hangsOn()).isEqualTo(taken.getFirst().uuid());
    }

    @Test
    void aKindIsLeftOutAndWhatHungOnItStandsForItself() {
        var taken = Taking.taken(rig, read, List.of(new Decision(LAMP, true, null)), Twice.LEAVE_OUT);

        assertThat(ids(taken)).containsExactly("8a");
        assertThat(taken.getFirst().hangsOn()).isNull();
    }

    @Test
    void aSheetOfThisVeryRigCollidesWithNoUuid() {
        assertThat(Taking.taken(rig, rig.units(), List.of(), Twice.RENUMBER)).extracting(Unit::uuid)
            .doesNotContain("1", "7")
            .doesNotHaveDuplicates();
    }
}
