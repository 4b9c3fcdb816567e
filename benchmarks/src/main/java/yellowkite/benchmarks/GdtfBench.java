package yellowkite.benchmarks;

import com.ctc.wstx.stax.WstxInputFactory;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.util.concurrent.TimeUnit;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import org.apache.commons.compress.archivers.zip.ZipFile;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import yellowkite.core.gdtf.GdtfFile;

/** Reading and writing a typical file (8 modes of 60 channels), beside merely unzipping and tokenising it, and merely zipping it. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
public class GdtfBench {
    private final GdtfFile file = Lamps.file(Lamps.lamp(8, 60));
    private final byte[] packed = file.write();
    private final byte[] description = file.description().write();
    private final XMLInputFactory tokens = tokens();

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
            var entry = zip.getEntry("description.xml");
            try (var in = zip.getInputStream(entry)) {
                var reader = tokens.createXMLStreamReader(new ByteArrayInputStream(in.readAllBytes()));
                while (reader.hasNext()) {
                    if (reader.next() == XMLStreamConstants.START_ELEMENT) {
                        for (int i = 0; i < reader.getAttributeCount(); i++) {
                            seen += reader.getAttributeValue(i).length();
                        }
                    }
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
            zip.putNextEntry(new ZipEntry("description.xml"));
            zip.write(description);
        }
        return out.toByteArray();
    }

    @Benchmark
    public byte[] write() {
        return file.write();
    }
}
