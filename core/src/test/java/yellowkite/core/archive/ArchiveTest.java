package yellowkite.core.archive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;

class ArchiveTest {
    private static final Limits LIMITS = new Limits(10, 1 << 20, 1 << 20, 3 << 20, 200, 1 << 16, 2);

    private static Archive open(byte[] bytes) {
        return Archive.open(bytes, new Budget(LIMITS));
    }

    private static byte[] noise(int size) {
        var bytes = new byte[size];
        new java.util.Random(size).nextBytes(bytes);
        return bytes;
    }

    @Test
    void anEntryIsUnpackedWhenItIsAskedFor() {
        var content = "reeds".getBytes(StandardCharsets.UTF_8);

        try (var archive = open(Archive.write(Map.of("a/b.txt", content)))) {
            assertThat(archive.paths()).containsExactly("a/b.txt");
            assertThat(archive.size("a/b.txt")).isEqualTo(5);
            assertThat(archive.read("a/b.txt")).isEqualTo(content);
            assertThatThrownBy(() -> archive.read("c")).isInstanceOf(IllegalArgumentException.class).hasMessage("there is no entry 'c'");
        }
    }

    @Test
    void archivesInsideShareTheBudgetOfEntries() {
        var inside = new LinkedHashMap<String, byte[]>();
        for (int i = 0; i < 8; i++) {
            inside.put("e" + i, noise(10));
        }
        var outer = Archive.write(Map.of("one.zip", Archive.write(inside), "two.zip", Archive.write(inside)));

        try (var archive = open(outer)) {
            archive.nested("one.zip").close();

            assertThatThrownBy(() -> archive.nested("two.zip")).isInstanceOf(FormatException.class)
                .hasMessage("holds more than 10 entries");
        }
    }

    @Test
    void archivesInsideShareTheBudgetOfBytes() {
        var inner = new LinkedHashMap<String, byte[]>();
        inner.put("a", noise(400_000));
        var outer = new LinkedHashMap<String, byte[]>();
        outer.put("one.zip", Archive.write(inner));
        outer.put("two.zip", Archive.write(inner));
        var limits = new Limits(10, 1 << 20, 1 << 20, 1_500_000, 200, 1 << 16, 2);

        try (var archive = Archive.open(Archive.write(outer), new Budget(limits))) {
            assertThat(archive.nested("one.zip").readAll()).hasSize(1); // 400,000 for the archive and as many for what is in it

            assertThatThrownBy(() -> archive.nested("two.zip").readAll()).isInstanceOf(FormatException.class)
                .hasMessageStartingWith("unpacks beyond the limit of 1 MB");
        }
    }

    @Test
    void archivesDoNotStandInEachOtherWithoutEnd() {
        var deep = Archive.write(Map.of("x", new byte[]{1}));
        var outer = Archive.write(Map.of("b.zip", Archive.write(Map.of("a.zip", deep))));

        try (var archive = open(outer); var second = archive.nested("b.zip")) {
            assertThatThrownBy(() -> second.nested("a.zip")).hasMessage("holds an archive inside an archive at 'a.zip'");
        }
    }

    @Test
    void manySmallEntriesThatAreABombTogetherAreRefused() throws IOException {
        var out = new ByteArrayOutputStream();
        try (var zip = new ZipOutputStream(out)) {
            zip.setLevel(Deflater.BEST_COMPRESSION);
            for (int i = 0; i < 10; i++) {
                zip.putNextEntry(new ZipEntry("e" + i));
                zip.write(new byte[60_000]); // each under the size from which its own ratio counts
            }
        }

        assertThatThrownBy(() -> open(out.toByteArray())).isInstanceOf(FormatException.class)
            .hasMessage("unpacks more than 200 to 1 in all, as an archive bomb does");
    }

    @Test
    void entriesThatShareTheirBytesAreRefused() {
        var bytes = Archive.write(new LinkedHashMap<>(Map.of("first", noise(5_000), "other", noise(5_000))));
        var buffer = ByteBuffer.wrap(bytes).order(ByteOrder.LITTLE_ENDIAN);
        int directory = buffer.getInt(bytes.length - 6); // end of central directory record: where the directory begins
        int second = directory + 46 + buffer.getShort(directory + 28) + buffer.getShort(directory + 30);
        buffer.putInt(second + 42, buffer.getInt(directory + 42)); // the second entry points at the first one's bytes
        System.arraycopy(bytes, directory + 16, bytes, second + 16, 12); // and has its checksum and sizes

        assertThatThrownBy(() -> open(bytes)).isInstanceOf(FormatException.class).hasMessageContaining("lie over each other");
    }
}
