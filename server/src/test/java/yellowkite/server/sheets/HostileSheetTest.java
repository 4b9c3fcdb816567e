package yellowkite.server.sheets;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.core.build.ModeBuilder.at;
import static yellowkite.core.build.ProfileBuilder.part;
import static yellowkite.core.build.ProfileBuilder.profile;

import java.nio.charset.StandardCharsets;
import java.util.Collections;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry.Kind;
import yellowkite.server.RunningKite;

class HostileSheetTest {
    private static FixtureType named(String name, String range) {
        return profile("Bargepole Signs", name).id(UUID.randomUUID().toString().toUpperCase(java.util.Locale.ROOT))
            .body(part(Kind.Beam, "Beam"))
            .mode("Main", "Beam",
                    mode -> mode.channel("Dimmer", "Beam", at(1), channel -> channel.function("Dim", 0, f -> f.range(range, 0))))
            .build();
    }

    private static String takenIn(FixtureType type) {
        return RunningKite.takeIn(new GdtfFile(GdtfDescription.of(type), Map.of()));
    }

    private static String sheet(String profile, String form) {
        return "/api/profiles/" + profile + "/revisions/1/modes/0/chart." + form;
    }

    @ParameterizedTest
    @ValueSource(strings = {"-1+cmd|' /C calc'!A0", "+1+cmd|' /C calc'!A0", "=1+1", "@SUM(A1)", "\uFF1Dcmd", "-2 to 3 furlongs+1"})
    void noNameBecomesAFormula(String name) {
        var csv = new String(RunningKite.get(sheet(takenIn(named("Signpost", name)), "csv")).body(), StandardCharsets.UTF_8);

        assertThat(csv).contains("'" + name).doesNotContain("," + name).doesNotContain("\"" + name);
    }

    @ParameterizedTest
    @ValueSource(strings = {"pdf", "csv", "xlsx"})
    void aNameOfAnyLengthIsPrinted(String form) {
        var longest = "m".repeat(200_000);
        var id = takenIn(named(longest, "mm ".repeat(60_000)));

        assertThat(RunningKite.get(sheet(id, form)).status()).isEqualTo(200);
    }

    @Test
    void aFileThatHoldsMoreThanAnyFixtureIsRefused() {
        var type = named("Endless", "Open").mapModes(mode -> mode.withChannels(Collections.nCopies(9_000, mode.channels().getFirst())));

        var answer = RunningKite.upload(Map.of("endless.gdtf", new GdtfFile(GdtfDescription.of(type), Map.of()).write()));

        assertThat(answer.json().at("/0/refused").asString()).contains("9000 channels in its modes; 8192 are the limit");
    }
}
