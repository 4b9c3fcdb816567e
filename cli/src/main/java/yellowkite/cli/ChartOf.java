package yellowkite.cli;

import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Option;
import yellowkite.core.archive.FormatException;
import yellowkite.core.chart.ChartReader;
import yellowkite.core.chart.proposal.Proposal;
import yellowkite.media.chart.ChartFile;

/** What a call says of the fixture that its charts are of. */
final class ChartOf {
    @Option(names = "--maker", paramLabel = "NAME", description = "Its manufacturer, where the chart does not say it.")
    private @Nullable String maker;
    @Option(names = "--model", paramLabel = "NAME", description = "Its name, where the chart does not say it.")
    private @Nullable String model;

    Proposal read(String name) throws Files.Refused {
        try {
            return ChartReader.read(ChartFile.read(Files.bytes(name, ChartFile.MAX_BYTES)), maker, model);
        } catch (FormatException refused) {
            throw new Files.Refused(refused.sentence(name));
        }
    }
}
