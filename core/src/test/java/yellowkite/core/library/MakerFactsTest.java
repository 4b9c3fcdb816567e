package yellowkite.core.library;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class MakerFactsTest {
    private static String unfit(MakerFacts facts) {
        return facts.unfit().map(MakerFacts.Unfit::field).orElse("");
    }

    @Test
    void factsThatCanBeAreTaken() {
        assertThat(unfit(MakerFacts.NONE)).isEmpty();
        assertThat(unfit(new MakerFacts("TW", 0xFFFF, "https://tidewick.example/support", "Ask for Ines\n+00 0"))).isEmpty();
    }

    @Test
    void whatCannotBeIsNamed() {
        assertThat(unfit(new MakerFacts("x".repeat(41), null, "", ""))).isEqualTo("shortName");
        assertThat(unfit(new MakerFacts("", 0, "", ""))).isEqualTo("rdmId");
        assertThat(unfit(new MakerFacts("", 0x10000, "", ""))).isEqualTo("rdmId");
        assertThat(unfit(new MakerFacts("", null, "javascript:alert(1)", ""))).isEqualTo("website");
        assertThat(unfit(new MakerFacts("", null, "https:///nowhere", ""))).isEqualTo("website");
        assertThat(unfit(new MakerFacts("", null, "", "x".repeat(501)))).isEqualTo("contact");
    }
}
