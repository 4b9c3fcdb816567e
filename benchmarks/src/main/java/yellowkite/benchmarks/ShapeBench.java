package yellowkite.benchmarks;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import yellowkite.core.shape.ModelFile;

/** Models of 5 MB: their bounds and counts, and their whole shape, beside merely reading all of their numbers. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
public class ShapeBench {
    private static final int POINTS = 200_000;
    private static final int TRIANGLES = 210_000;
    /** A chunk of a 3ds counts its points in two bytes. */
    private static final int CHUNK_POINTS = 60_000;
    private final byte[] glb = glb();
    private final byte[] threeDs = threeDs();

    private static byte[] glb() {
        var json = ("{\"scenes\":[{\"nodes\":[0]}],\"nodes\":[{\"mesh\":0}],\"meshes\":[{\"primitives\":[{\"attributes\":{\"POSITION\":0},\"indices\":1}]}],"
                + "\"accessors\":[{\"bufferView\":0,\"componentType\":5126,\"count\":" + POINTS
                + ",\"type\":\"VEC3\",\"min\":[0,0,0],\"max\":[1,1,1]},"
                + "{\"bufferView\":1,\"componentType\":5125,\"count\":" + 3 * TRIANGLES
                + ",\"type\":\"SCALAR\"}],\"bufferViews\":[{\"buffer\":0,\"byteLength\":"
                + 12 * POINTS + "},{\"buffer\":0,\"byteOffset\":" + 12 * POINTS + ",\"byteLength\":" + 12 * TRIANGLES
                + "}],\"buffers\":[{\"byteLength\":"
                + 12 * (POINTS + TRIANGLES) + "}]}")
            .getBytes(StandardCharsets.UTF_8);
        int binary = 12 * (POINTS + TRIANGLES);
        var out = ByteBuffer.allocate(28 + json.length + binary).order(ByteOrder.LITTLE_ENDIAN);
        out.putInt(0x46546C67)
            .putInt(2)
            .putInt(out.capacity())
            .putInt(json.length)
            .putInt(0x4E4F534A)
            .put(json)
            .putInt(binary)
            .putInt(0x004E4942);
        for (int i = 0; i < 3 * POINTS; i++) {
            out.putFloat(i % 1_000 / 1_000f);
        }
        for (int i = 0; i < 3 * TRIANGLES; i++) {
            out.putInt(i * 7 % POINTS);
        }
        return out.array();
    }

    private static byte[] threeDs() {
        int mesh = 6 + 6 + 2 + 12 * CHUNK_POINTS + 6 + 2 + 8 * CHUNK_POINTS;
        int object = 6 + 2 + mesh;
        int objects = 4;
        var out = ByteBuffer.allocate(12 + objects * object).order(ByteOrder.LITTLE_ENDIAN);
        out.putShort((short) 0x4D4D).putInt(out.capacity()).putShort((short) 0x3D3D).putInt(out.capacity() - 6);
        for (int each = 0; each < objects; each++) {
            out.putShort((short) 0x4000).putInt(object).put((byte) 'M').put((byte) 0).putShort((short) 0x4100).putInt(mesh);
            out.putShort((short) 0x4110).putInt(8 + 12 * CHUNK_POINTS).putShort((short) CHUNK_POINTS);
            for (int i = 0; i < 3 * CHUNK_POINTS; i++) {
                out.putFloat(i % 1_000);
            }
            out.putShort((short) 0x4120).putInt(8 + 8 * CHUNK_POINTS).putShort((short) CHUNK_POINTS);
            for (int i = 0; i < CHUNK_POINTS; i++) {
                out.putShort((short) i).putShort((short) (i / 2)).putShort((short) (i / 3)).putShort((short) 0);
            }
        }
        return out.array();
    }

    @Benchmark
    public float floorReadEveryNumberOfTheGlb() {
        var in = ByteBuffer.wrap(glb).order(ByteOrder.LITTLE_ENDIAN);
        float sum = 0;
        for (int at = 0; at + 4 <= glb.length; at += 4) {
            sum += in.getFloat(at);
        }
        return sum;
    }

    @Benchmark
    public ModelFile factsOfAGlb() {
        return ModelFile.facts("glb", glb);
    }

    @Benchmark
    public ModelFile aWholeGlb() {
        return ModelFile.whole("glb", glb);
    }

    @Benchmark
    public ModelFile factsOfA3ds() {
        return ModelFile.facts("3ds", threeDs);
    }

    @Benchmark
    public ModelFile aWhole3ds() {
        return ModelFile.whole("3ds", threeDs);
    }
}
