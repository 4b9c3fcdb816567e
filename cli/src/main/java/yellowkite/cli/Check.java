package yellowkite.cli;

import picocli.CommandLine.Parameters;
import picocli.CommandLine.Option;
import picocli.CommandLine.Command;
import java.util.List;
import java.util.Locale;
import yellowkite.core.check.Checks;
import yellowkite.core.check.Finding;
import yellowkite.core.check.Severity;
import yellowkite.core.gdtf.GdtfFile;

/** {@code check}: what is wrong with a file. */
@Command(name = "check", description = "What is wrong with each file: a report on a terminal, JSON when piped or asked for.")
final class Check extends Verb {
    @Parameters(paramLabel = "FILE", arity = "1..*", description = "GDTF files.")
    private List<String> files = List.of();

    @Option(names = "--json", description = "JSON, on a terminal, too.")
    private boolean json;

    Check(Streams streams) {
        super(streams);
    }

    @Override
    public Integer call() {
        return Files.each(files, streams(), (name, file) -> {
            var findings = Checks.of(file);
            if (json || !streams().terminal()) {
                print(name, findings, streams());
            } else {
                report(name, file, findings, streams());
            }
            return count(findings, Severity.ERROR) > 0 ? ERRORS : WELL;
        });
    }

    private static long count(List<Finding> findings, Severity severity) {
        return findings.stream().filter(each -> each.severity() == severity).count();
    }

    private static void print(String name, List<Finding> findings, Streams streams) {
        Json.line(streams.out(), json -> {
            json.writeStringProperty("file", name);
            json.writeNumberProperty("errors", count(findings, Severity.ERROR));
            json.writeNumberProperty("warnings", count(findings, Severity.WARNING));
            json.writeNumberProperty("remarks", count(findings, Severity.REMARK));
            json.writeArrayPropertyStart("problems");
            for (var finding : findings) {
                json.writeStartObject();
                json.writeStringProperty("rule", finding.rule());
                json.writeStringProperty("severity", finding.severity().name().toLowerCase(Locale.ROOT));
                json.writeStringProperty("where", finding.place().words());
                json.writeStringProperty("says", finding.says());
                Json.textOrNull(json, "fix", finding.fix() == null ? null : finding.fixSays());
                json.writeEndObject();
            }
            json.writeEndArray();
        });
    }

    private static void report(String name, GdtfFile file, List<Finding> findings, Streams streams) {
        var type = file.description().type();
        streams.out().println(name + ": " + type.manufacturer() + " " + type.name());
        for (var finding : findings) {
            streams.out().println("  " + finding.severity().name().toLowerCase(Locale.ROOT) + "  " + finding.says());
            streams.out().println("         " + finding.place().words() + (finding.fix() == null ? "" : ". Fix: " + finding.fixSays()));
        }
        streams.out()
            .println(findings.isEmpty() ? "  Nothing is wrong with it."
                    : "  " + counted(findings, Severity.ERROR) + ", "
                            + counted(findings, Severity.WARNING) + ", " + counted(findings, Severity.REMARK));
    }

    private static String counted(List<Finding> findings, Severity severity) {
        long count = count(findings, severity);
        return count + " " + severity.name().toLowerCase(Locale.ROOT) + (count == 1 ? "" : "s");
    }
}
