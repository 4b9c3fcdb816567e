package yellowkite.core.library;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class ManufacturerFactsTest {
    private static String unfit(ManufacturerFacts facts) {
        return facts.unfit().map(ManufacturerFacts.Unfit::field).orElse("");
    }

    @Test
    void factsThatCanBeAreTaken() {
        assertThat(unfit(ManufacturerFacts.NONE)).isEmpty();
        assertThat(unfit(new ManufacturerFacts("TW", 0xFFFF, "https://tidewick.example/support", "Ask for Ines\n+00 0"))).isEmpty();
    }

    @Test
    void whatCannotBeIsNamed() {
        assertThat(unfit(new ManufacturerFacts("x".repeat(41), null, "", ""))).isEqualTo("shortName");
        assertThat(unfit(new ManufacturerFacts("", 0, "", ""))).isEqualTo("rdmId");
        assertThat(unfit(new ManufacturerFacts("", 0x10000, "", ""))).isEqualTo("rdmId");
        assertThat(unfit(new ManufacturerFacts("", null, "javascript:alert(1)", ""))).isEqualTo("website");
        assertThat(unfit(new ManufacturerFacts("", null, "https:///nowhere", ""))).isEqualTo("website");
        assertThat(unfit(new ManufacturerFacts("", null, "", "x".repeat(501)))).isEqualTo("contact");
    }
}
