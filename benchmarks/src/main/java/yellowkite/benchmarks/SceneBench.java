package yellowkite.benchmarks;

import com.ctc.wstx.stax.WstxInputFactory;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import org.apache.commons.compress.archivers.zip.ZipArchiveOutputStream;
import org.apache.commons.compress.archivers.zip.ZipFile;
import org.apache.commons.compress.utils.SeekableInMemoryByteChannel;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import yellowkite.core.archive.Archive;
import yellowkite.core.history.Outcome;
import yellowkite.core.mvr.FreshScene;
import yellowkite.core.mvr.MvrFile;
import yellowkite.core.mvr.Scene;
import yellowkite.core.mvr.SceneEditing;
import yellowkite.core.mvr.SceneUnits;
import yellowkite.core.rig.Asked;
import yellowkite.core.rig.Found;
import yellowkite.core.rig.Matching.Candidate;
import yellowkite.core.rig.Matching;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.Unit;
import yellowkite.core.rig.edit.AddUnits;

/** A scene of 2,000 fixtures with 100 MB of models: read beside merely tokenising it, written changed beside merely copying its entries. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
public class SceneBench {
    private static final int FIXTURES = 2_000;
    private static final int MODEL = 1 << 20;
    private static final int MODELS = 100;
    private static final int KINDS = 60;
    private static final int CANDIDATES = 20;
    private final byte[] xml = FreshScene.of(rig(), Map.of()).write();
    private final byte[] packed = packed(xml);
    private final XMLInputFactory tokens = tokens();
    private final MvrFile file = MvrFile.open(packed);
    private final Scene changed = changed(file.scene());
    private final List<Candidate> candidates = candidates();

    private static Rig rig() {
        var found = Found.chosen("x", "Tidewick", "Petrel Spot", "Ten", new TreeMap<>(Map.of(1, 10)));
        var add = new AddUnits(new UUID(0, 1).toString(), found, FIXTURES, "1.1", "1", "Unit 1", "Rail", List.of("Left"), "Mast", null,
                false);
        return ((Outcome.Applied<Rig>) add.applyTo(Rig.EMPTY)).after();
    }

    private static byte[] packed(byte[] scene) {
        var entries = new LinkedHashMap<String, byte[]>();
        entries.put(Scene.ENTRY, scene);
        var random = new Random(1);
        for (int i = 0; i < MODELS; i++) {
            var model = new byte[MODEL];
            random.nextBytes(model);
            entries.put("model" + i + ".glb", model);
        }
        return Archive.write(entries);
    }

    private static Scene changed(Scene scene) {
        var units = SceneUnits.of(scene).units().stream().map(unit -> unit.with(f -> f.name = f.name + " anew")).toList();
        return SceneEditing.edited(scene, Rig.EMPTY.withUnits(units), Map.of());
    }

    private static List<Candidate> candidates() {
        var all = new ArrayList<Candidate>();
        for (int i = 0; i < CANDIDATES; i++) {
            all.add(Candidate.of("pin " + i, Fixtures.fixture(i + 1, 20)));
        }
        return all;
    }

    private static XMLInputFactory tokens() {
        var factory = new WstxInputFactory();
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_NAMESPACE_AWARE, false);
        return factory;
    }

    @Benchmark
    public int tokeniseScene() throws XMLStreamException {
        int seen = 0;
        var reader = tokens.createXMLStreamReader(new ByteArrayInputStream(xml));
        while (reader.hasNext()) {
            int event = reader.next();
            if (event == XMLStreamConstants.START_ELEMENT) {
                for (int i = 0; i < reader.getAttributeCount(); i++) {
                    seen += reader.getAttributeValue(i).length();
                }
            } else if (event == XMLStreamConstants.CHARACTERS) {
                seen += reader.getText().length();
            }
        }
        return seen;
    }

    @Benchmark
    public Scene readScene() {
        return Scene.read(xml);
    }

    @Benchmark
    public List<Unit> unitsOfScene() {
        return SceneUnits.of(file.scene()).units();
    }

    @Benchmark
    public int copyEntries() throws IOException {
        var out = new ByteArrayOutputStream(packed.length);
        try (var zip = ZipFile.builder().setSeekableByteChannel(new SeekableInMemoryByteChannel(packed)).get();
                var to = new ZipArchiveOutputStream(out)) {
            for (var entry : Collections.list(zip.getEntries())) {
                try (var in = zip.getRawInputStream(entry)) {
                    to.addRawArchiveEntry(entry, in);
                }
            }
        }
        return out.size();
    }

    @Benchmark
    public int writeChangedScene() throws IOException {
        var out = new ByteArrayOutputStream(packed.length);
        file.write(out, changed, Map.of());
        return out.size();
    }

    @Benchmark
    public int match60Kinds() {
        int found = 0;
        for (int i = 0; i < KINDS; i++) { // what a library's search leaves of twenty thousand
            found += Matching.among(candidates).find(Asked.of("Tidewick", "Petrel " + i, "Mode " + i, 20), "").footprint();
        }
        return found;
    }
}
