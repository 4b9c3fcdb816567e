package yellowkite.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import yellowkite.core.archive.Sha256;
import yellowkite.core.check.Checks;
import yellowkite.core.gdtf.GdtfFile;

/** Findings are kept with revisions: whoever changes what a rule says raises the edition, so that they are found anew. */
class EditionTest {
    /** By edition, what its rules say of everything in the demo house and among the samples. */
    private static final Map<Integer, String> SUMS = Map.of(1, "36635c312ae4f7683e641440b8c0b083e7118acc7d1cdf998d379bcc50fbf5ae", 2,
            "36635c312ae4f7683e641440b8c0b083e7118acc7d1cdf998d379bcc50fbf5ae");

    @Test
    void whatTheRulesSayIsThatOfTheirEdition() {
        var said = Stream
            .concat(DemoHouse.files().stream(),
                    Samples.samples().entrySet().stream().sorted(Map.Entry.comparingByKey()).map(Map.Entry::getValue))
            .map(EditionTest::findings)
            .collect(Collectors.joining("\n"));

        assertThat(Sha256.of(said.getBytes(StandardCharsets.UTF_8)))
            .as("the rules say something else than before: raise Checks.EDITION and add its sum here")
            .isEqualTo(SUMS.get(Checks.EDITION));
    }

    private static String findings(GdtfFile file) {
        return Checks.of(file)
            .stream()
            .map(each -> each.rule() + " " + each.severity() + " " + each.place().words() + " " + each.says() + " " + each.fixSays())
            .collect(Collectors.joining("\n"));
    }
}
