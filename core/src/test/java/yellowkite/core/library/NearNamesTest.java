package yellowkite.core.library;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class NearNamesTest {
    @Test
    void pointsOutWhatDiffersInSpacesCapitalsOrASlip() {
        assertThat(NearNames.areNear("Tidewick", "Tide Wick")).isTrue();
        assertThat(NearNames.areNear("Tidewick", "tidewik")).isTrue();
        assertThat(NearNames.areNear("Osier & Vane", "Osier and Vane")).isTrue();
        assertThat(NearNames.areNear("Osier & Vane", "Osier & Vane Ltd.")).isTrue();
        assertThat(NearNames.areNear("Sandbank", "Sbank")).as("'and' within a word is of the word").isFalse();
        assertThat(NearNames.areNear("Osier & Vane", "Osier-Vane")).isTrue();
        assertThat(NearNames.areNear("Tidewick", "Tidewick")).as("the same is not near").isFalse();
        assertThat(NearNames.areNear("Moth", "Both")).as("too short to tell").isFalse();
        assertThat(NearNames.areNear("Tidewick", "")).isFalse();
    }
}
