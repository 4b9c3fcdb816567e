package yellowkite.demo;

import static java.util.Objects.requireNonNull;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import yellowkite.core.check.Checks;
import yellowkite.core.check.Finding;
import yellowkite.core.check.Severity;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.library.Placeholder;
import yellowkite.core.profile.FixtureType;

class DemoHouseTest {

    static Stream<GdtfFile> files() {
        return DemoHouse.files().stream();
    }

    @ParameterizedTest
    @MethodSource("files")
    void eachProfileIsWrittenAndReadBackElementForElement(GdtfFile file) {
        var written = file.write();

        var back = GdtfFile.read(written);

        assertThat(back.description().notes()).isEmpty();
        assertThat(back.write()).isEqualTo(written);
        assertThat(new GdtfFile(GdtfDescription.of(back.description().type()), back.others()).write()).isEqualTo(written);
        assertThat(back.others().keySet()).isEqualTo(file.others().keySet());
    }

    @ParameterizedTest
    @MethodSource("files")
    void noProfileOfTheHouseHasAnError(GdtfFile file) {
        assertThat(Checks.of(file.description().type())).filteredOn(each -> each.severity() == Severity.ERROR).isEmpty();
    }

    @Test
    void footprintsAreThoseOfTheCharts() {
        assertThat(footprints(PetrelSpot.profile())).containsExactly(22, 13);
        assertThat(footprints(Reedline10.profile())).containsExactly(43, 7); // 3 shared + 10 x 4; 3 + 4
        assertThat(footprints(Moth.profile())).containsExactly(9, 6);
        assertThat(footprints(PetrelWash.profile())).containsExactly(17, 8);
        assertThat(footprints(Candle.profile())).containsExactly(1, 2);
        assertThat(footprints(Fathom.profile())).containsExactly(2, 1);
        assertThat(footprints(Sluice.profile())).containsExactly(4, 2);
        assertThat(footprints(Fen.profile())).containsExactly(2, 1);
        assertThat(footprints(Thrum.profile())).containsExactly(4, 2);
    }

    private static int[] footprints(FixtureType type) {
        return type.modes().stream().mapToInt(mode -> AddressMap.of(type, mode).totalFootprint()).toArray();
    }

    @Test
    void theSpotWaitsWithAWheelOffByOne() {
        assertThat(Checks.of(PetrelSpot.profile())).extracting(Finding::rule).contains("wheel-off-by-one");
    }

    @Test
    void theRestOfTheHouseIsInOrder() {
        assertThat(DemoHouse.files().stream().filter(file -> !file.description().type().name().equals("Petrel Spot")))
            .allSatisfy(file -> assertThat(Checks.of(file.description().type())).as(file.description().type().name())
                .filteredOn(each -> each.severity() != Severity.REMARK)
                .isEmpty());
    }

    @Test
    void oneSampleHasExactlyThreeMistakes() {
        var flawed = requireNonNull(Samples.samples().get("Tidewick@Petrel Spot trial@three mistakes.gdtf"));

        assertThat(Checks.of(flawed.description().type())).filteredOn(each -> each.severity() == Severity.ERROR)
            .extracting(Finding::rule)
            .containsExactlyInAnyOrder("address-overlap", "unknown-wheel", "unknown-slot");
    }

    @Test
    void madeUpFixturesAreAlwaysTheSameAndHaveNoError() {
        assertThat(GeneratedFixtures.file(7).write()).isEqualTo(GeneratedFixtures.file(7).write());
        assertThat(IntStream.range(1, 200).mapToObj(GeneratedFixtures::file))
            .allSatisfy(file -> assertThat(Checks.of(file.description().type())).as(file.description().type().name())
                .filteredOn(each -> each.severity() == Severity.ERROR)
                .isEmpty());
        assertThat(Placeholder.is(GeneratedFixtures.file(200).description().type())).isTrue();
    }
}
