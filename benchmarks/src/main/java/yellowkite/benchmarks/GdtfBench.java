package yellowkite.benchmarks;

import com.ctc.wstx.stax.WstxInputFactory;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import org.apache.commons.compress.archivers.zip.ZipFile;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import yellowkite.core.gdtf.GdtfFile;

/**
 * Reading and writing a typical file (8 modes of 60 channels), and a heavy one (300 channels with cells, 40 pictures), beside merely
 * unzipping and tokenising it, and merely zipping it.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
public class GdtfBench {
    @Param({"typical", "heavy"})
    public String size = "";

    private GdtfFile file = Fixtures.typicalFile();
    private byte[] packed = {};
    private Map<String, byte[]> entries = Map.of();
    private final XMLInputFactory tokens = tokens();

    @Setup
    public void make() {
        file = size.equals("heavy") ? Fixtures.heavyFile() : Fixtures.typicalFile();
        packed = file.write();
        entries = new LinkedHashMap<>(Map.of("description.xml", file.description().write()));
        entries.putAll(file.others());
    }

    private static XMLInputFactory tokens() {
        var factory = new WstxInputFactory();
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_NAMESPACE_AWARE, false);
        return factory;
    }

    @Benchmark
    public int unzipAndTokenise() throws Exception {
        int seen = 0;
        try (var zip = ZipFile.builder().setByteArray(packed).get()) {
            for (var entry : Collections.list(zip.getEntries())) {
                try (var in = zip.getInputStream(entry)) {
                    var bytes = in.readAllBytes();
                    seen += entry.getName().equals("description.xml") ? tokenise(bytes) : bytes.length;
                }
            }
        }
        return seen;
    }

    private int tokenise(byte[] description) throws XMLStreamException {
        int seen = 0;
        var reader = tokens.createXMLStreamReader(new ByteArrayInputStream(description));
        while (reader.hasNext()) {
            if (reader.next() == XMLStreamConstants.START_ELEMENT) {
                for (int i = 0; i < reader.getAttributeCount(); i++) {
                    seen += reader.getAttributeValue(i).length();
                }
            }
        }
        return seen;
    }

    @Benchmark
    public GdtfFile read() {
        return GdtfFile.read(packed);
    }

    @Benchmark
    public byte[] zip() throws Exception {
        var out = new ByteArrayOutputStream();
        try (var zip = new ZipOutputStream(out)) {
            for (var entry : entries.entrySet()) {
                zip.putNextEntry(new ZipEntry(entry.getKey()));
                zip.write(entry.getValue());
            }
        }
        return out.toByteArray();
    }

    @Benchmark
    public byte[] write() {
        return file.write();
    }
}
