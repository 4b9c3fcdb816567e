package yellowkite.core.dmx;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import yellowkite.core.Fixtures;
import yellowkite.core.profile.FixtureType;

class FootprintSumTest {
    private static String words(FixtureType type) {
        return FootprintSum.of(AddressMap.of(type, Fixtures.mode(type))).words();
    }

    @Test
    void spellsOutCellsAndSaysNothingWithoutThemOrWhereTheSumIsAnother() {
        // a dimmer, four cells that use two of their three addresses: gaps, so the sum is not the footprint
        assertThat(words(Fixtures.nestedCells())).isEmpty();
        var dense = Fixtures.nestedCells()
            .mapModes(mode -> mode
                .mapChannels(channel -> channel.attribute().equals("ColorAdd_R") ? channel.withOffsets(List.of(1, 2, 3)) : channel));
        assertThat(words(dense)).isEqualTo("1 shared + 4 x 3 = 13");
        assertThat(words(Fixtures.spot())).isEmpty();
    }
}
