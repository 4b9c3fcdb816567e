package yellowkite.cli;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowkite.cli.Command.WrongCall;
import yellowkite.core.archive.FormatException;
import yellowkite.core.chart.ChartReader;
import yellowkite.core.chart.proposal.Proposal;
import yellowkite.media.chart.ChartFile;

/** What a call about charts names. */
record ChartCall(List<String> files, @Nullable String maker, @Nullable String model) {

    static ChartCall of(List<String> arguments) {
        var files = new ArrayList<String>();
        String maker = null;
        String model = null;
        for (int i = 0; i < arguments.size(); i++) {
            var word = arguments.get(i);
            if (word.equals("--maker") || word.equals("--model")) {
                if (i + 1 == arguments.size()) {
                    throw new WrongCall(word + " needs a name behind it.");
                }
                var name = arguments.get(++i);
                maker = word.equals("--maker") ? name : maker;
                model = word.equals("--model") ? name : model;
            } else if (word.startsWith("--")) {
                throw new WrongCall("'" + word + "' is no option here.");
            } else {
                files.add(word);
            }
        }
        return new ChartCall(files, maker, model);
    }

    Proposal read(String name) throws Files.Refused {
        try {
            return ChartReader.read(ChartFile.read(Files.bytes(name, ChartFile.MAX_BYTES)), maker, model);
        } catch (FormatException refused) {
            throw new Files.Refused(refused.sentence(name));
        }
    }
}
