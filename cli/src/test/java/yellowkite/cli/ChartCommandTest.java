package yellowkite.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class ChartCommandTest {
    private static final String CHART = """
            Tidewick Ketch 4 - DMX chart
            Channel\tFunction\tValue\tMeaning\tDefault
            1/2\tPan\t0-65535\t0 to 540 °\t32768
            3\tShutter\t0-19\tClosed\t20
            \t\t20-49\tOpen
            \t\t50-255\tStrobe 0.5 Hz to 20 Hz
            4\tDimmer\t0-255\t0 to 100 %\t0
            A line of no use
            """;

    @TempDir
    private Path folder;

    private static Called run(String... arguments) {
        return Called.of(false, "chart", arguments);
    }

    private String file(String name, String text) throws IOException {
        return Files.writeString(folder.resolve(name), text).toString();
    }

    @Test
    void aChartIsOneLineOfItsModesChannelsAndFunctions() throws IOException {
        var chart = file("ketch.txt", CHART);

        var ran = run("read", chart, "--maker", "Tidewick");

        assertThat(ran.status()).isZero();
        var line = ran.lines().getFirst();
        assertThat(List.of(line.path("file").asString(), line.path("maker").asString(), line.path("model").asString()))
            .containsExactly(chart, "Tidewick", "Ketch 4");
        assertThat(line.at("/modes/0/footprint").asInt()).isEqualTo(4);
        assertThat(line.at("/modes/0/channels/0/functions/0").toString()).isEqualTo(
                """
                        {"attribute":"Pan","from":0,"to":65535,"physicalFrom":-270.0,"physicalTo":270.0,"unit":"Angle","wheel":null,"snap":false,"counts":null,"ranges":[]}""");
        assertThat(line.at("/modes/0/channels/1/start").asInt()).isEqualTo(20);
        assertThat(line.at("/modes/0/channels/1/functions/2/attribute").asString()).isEqualTo("Shutter1Strobe");
        assertThat(line.at("/unplaced").toString()).isEqualTo("[{\"place\":\"line 8\",\"text\":\"A line of no use\"}]");
    }

    @Test
    void aChannelWithoutAnAttributeEndsWithOne() throws IOException {
        assertThat(run("read", file("odd.txt", "1\tDimmer\t0-255\n2\tQuorzle drift\t0-255\n")).status()).isEqualTo(Verb.ERRORS);
    }

    @Test
    void theProfileOfAChartPassesTheChecks() throws IOException {
        var target = folder.resolve("ketch.gdtf").toString();

        var ran = run("write", file("ketch.txt", CHART), target, "--maker", "Tidewick");

        assertThat(ran.status()).isZero();
        assertThat(ran.lines().getFirst().toString()).contains("\"wrote\":\"" + target + "\",\"modes\":1,\"channels\":3");
        assertThat(Kite.run(List.of("profile", "check", target),
                new Streams(new PrintStream(new ByteArrayOutputStream()), System.err, false)))
            .isZero();
    }

    @Test
    void filesAndCallsThatAreRefusedSaySo() throws IOException {
        var locked = file("cut.pdf", "%PDF-1.4 nothing");

        var ran = run("read", locked, folder.resolve("missing.txt").toString());

        assertThat(ran.status()).isEqualTo(Verb.REFUSED);
        assertThat(ran.lines()).extracting(line -> line.path("refused").asString())
            .containsExactly("'" + locked + "' was refused: it is a PDF that is cut short or damaged.",
                    "'" + folder.resolve("missing.txt") + "' does not exist.");
        assertThat(run("read").err()).startsWith("Missing required parameter: 'FILE'.");
        assertThat(run("read", "a", "--maker").err()).startsWith("Missing required parameter for option '--maker' (NAME).");
        assertThat(run("draw").err()).startsWith("'draw' is no verb; there are read, write.");
        assertThat(run("write", "a").status()).isEqualTo(Verb.REFUSED);
    }
}
