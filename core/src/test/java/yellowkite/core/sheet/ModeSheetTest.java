package yellowkite.core.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import static yellowkite.core.build.ModeBuilder.at;
import static yellowkite.core.build.ProfileBuilder.part;

import org.junit.jupiter.api.Test;
import yellowkite.core.profile.Geometry.Kind;
import yellowkite.core.dmx.FootprintSum;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.build.ProfileBuilder;
import yellowkite.core.Fixtures;
import yellowkite.core.dmx.CompiledMode;

class ModeSheetTest {
    private final ModeSheet sheet = ModeSheet.of(CompiledMode.of(Fixtures.spot(), Fixtures.mode(Fixtures.spot())));

    private ModeSheet.ChannelLine line(String attribute) {
        return sheet.lines().stream().filter(each -> each.attribute().equals(attribute)).findFirst().orElseThrow();
    }

    @Test
    void linesStandInTheOrderOfAddresses() {
        assertThat(sheet.lines()).extracting(ModeSheet.ChannelLine::first).isSorted();
        assertThat(line("Pan").addresses()).isEqualTo("1–2");
        assertThat(line("Pan").bytes()).isEqualTo(2);
    }

    @Test
    void rangesSayWhatTheyBringInAndMean() {
        var still = line("Gobo1").functions().getFirst();

        assertThat(still.parts()).extracting(part -> part.from() + "-" + part.to() + " " + part.name() + " " + part.slot())
            .containsExactly("0-19 Open 1 Open", "20-39 Dots 2 Dots", "40-99 Bars 3 Bars");
        assertThat(line("Gobo1").functions().getLast().parts().getFirst().meaning()).isEqualTo("0.5 Hz to 6 Hz");
    }

    @Test
    void conditionsAreSaidInTheMastersOwnWidth() {
        assertThat(line("Shutter1").functions())
            .anySatisfy(function -> assertThat(function.when()).isEqualTo("while address 5, Mode, is 128–255"));
    }

    @Test
    void repeatedChannelsHaveOneLineWithTheirCells() {
        var type = Fixtures.nestedCells();

        assertThat(ModeSheet.of(CompiledMode.of(type, Fixtures.mode(type))).lines())
            .anySatisfy(each -> assertThat(each.cells()).containsExactly(2, 5, 8, 11));
    }

    /** Two universes: the second break begins again at 1, and its channels stand behind those of the first. */
    @Test
    void breaksStandBehindEachOtherAndAreNamed() {
        var type = ProfileBuilder.profile("Testers", "Twin")
            .body(part(Kind.Geometry, "Base"))
            .mode("Main", "Base", mode -> mode
                .channel("Control1", "Base", at(1), c -> c.onBreak(2).function("", 0, f -> {}))
                .channel("Pan", "Base", at(1, 2), c -> c.function("", 0, f -> {}))
                .channel("Tilt", "Base", at(3), c -> c.function("", 0, f -> {})))
            .build();

        assertThat(ModeSheet.of(CompiledMode.of(type, Fixtures.mode(type))).lines()).extracting(ModeSheet.ChannelLine::addresses)
            .containsExactly("break 1: 1–2", "break 1: 3", "break 2: 1");
        assertThat(FootprintSum.of(AddressMap.of(type, Fixtures.mode(type))).free()).isEqualTo("509 on break 1, 511 on break 2");
    }

    @Test
    void flatRowsAreAsWideAsTheirHeader() {
        assertThat(SheetRows.of(sheet)).allSatisfy(row -> assertThat(row).hasSameSizeAs(SheetRows.HEADER));
        assertThat(SheetRows.of(sheet)).anySatisfy(row -> assertThat(row).startsWith("1–2", "Pan"));
    }
}
