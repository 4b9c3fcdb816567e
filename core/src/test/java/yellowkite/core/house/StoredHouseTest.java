package yellowkite.core.house;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import yellowkite.core.Fixtures;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.House;

class StoredHouseTest {
    private static final House.Mark OPEN = new House.Mark(House.Sign.OPEN, "", "");
    private final FixtureType plain = Fixtures.spot();
    private final FixtureType cared = cared(plain);

    private static FixtureType cared(FixtureType type) {
        var mode = type.modes().getFirst();
        return type.with(f -> f.house = f.house.withNotes("Fans are loud")
            .withCategory(House.Category.MOVING_SPOT)
            .withChartCount(mode.id(), 20)
            .withCare(Fixtures.channel(type, "Gobo1").id(), new House.Care(House.Tint.BLUE, "Sticks when cold", new DmxValue(12, 1), null))
            .withMark(Fixtures.range(type, "Dots").id(), OPEN));
    }

    @Test
    void itIsLaidOntoTheSameProfileReadAgain() {
        var read = GdtfDescription.read(GdtfDescription.of(cared).write()).type();
        assertThat(read.house()).isEqualTo(House.NONE);

        var again = StoredHouse.of(cared).laidOnto(read);

        assertThat(StoredHouse.of(again)).isEqualTo(StoredHouse.of(cared));
        assertThat(again.house().notes()).isEqualTo("Fans are loud");
        assertThat(again.house().channels()).hasSize(1);
        assertThat(again.house().marks().values()).containsExactly(OPEN);
    }

    @Test
    void whatHasNoCounterpartIsLeftOut() {
        var bare = StoredHouse.of(cared).laidOnto(FixtureType.of(f -> f.name = "Other"));

        assertThat(bare.house()).isEqualTo(House.NONE.withNotes("Fans are loud").withCategory(House.Category.MOVING_SPOT));
    }

    @Test
    void anExportSaysWhatStaysBehind() {
        assertThat(LeftBehind.of(StoredHouse.of(plain))).isEmpty();
        assertThat(LeftBehind.of(StoredHouse.of(cared))).containsExactly("The notes for colleagues stay here.", "The category stays here.",
                "The chart's count of a mode stays here.",
                "The value at blackout of a channel stays here.", "The note on a channel stays here.",
                "The colour mark of a channel stays here.", "The mark on a named range stays here.");
    }
}
