package yellowkite.core.library;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WantedFixtureTest {
    @ParameterizedTest
    @CsvSource({"Tidewick, Petrel Spot, true", "TIDEWICK Lighting, petrel spot mark two, true", "Tidewick, Petrel Wash, false",
            "Lumbrook, Petrel Spot, false"})
    void isMetByAProfileInWhoseNameBothStand(String manufacturer, String model, boolean met) {
        assertThat(new WantedFixture("Tidewick", "Petrel Spot").isMetBy(manufacturer, model)).isEqualTo(met);
    }
}
