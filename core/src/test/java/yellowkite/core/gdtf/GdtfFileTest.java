package yellowkite.core.gdtf;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Random;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import yellowkite.core.Fixtures;
import yellowkite.core.archive.Archive;
import yellowkite.core.archive.FormatException;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

class GdtfFileTest {
    private static final byte[] DESCRIPTION = GdtfDescription.of(Fixtures.spot()).write();

    private static byte[] zip(Map<String, byte[]> entries) {
        var out = new ByteArrayOutputStream();
        try (var zip = new ZipOutputStream(out)) {
            for (var each : entries.entrySet()) {
                zip.putNextEntry(new ZipEntry(each.getKey()));
                zip.write(each.getValue());
            }
        } catch (IOException impossible) {
            throw new AssertionError(impossible);
        }
        return out.toByteArray();
    }

    private static byte[] with(String path, byte[] content) {
        var entries = new LinkedHashMap<String, byte[]>();
        entries.put("description.xml", DESCRIPTION);
        entries.put(path, content);
        return zip(entries);
    }

    @Test
    void keepsEveryOtherEntryByteForByteAndInOrder() {
        var noise = new byte[5_000];
        new Random(7).nextBytes(noise);
        var entries = new LinkedHashMap<String, byte[]>();
        entries.put("wheels/b.png", noise);
        entries.put("description.xml", DESCRIPTION);
        entries.put("odd name é.bin", new byte[]{0, 1, 2});
        entries.put("empty/", new byte[0]);

        var back = GdtfFile.read(GdtfFile.read(zip(entries)).write());

        assertThat(back.others().keySet()).containsExactly("wheels/b.png", "odd name é.bin", "empty/");
        assertThat(back.others().get("wheels/b.png")).isEqualTo(noise);
    }

    @Test
    void givesTheSameBytesForTheSameContent() {
        var file = GdtfFile.read(with("wheels/a.png", new byte[]{1}));

        assertThat(file.write()).isEqualTo(file.write());
    }

    @Test
    void refusesWhatIsNoArchive() {
        assertThatThrownBy(() -> GdtfFile.read("hello".getBytes(StandardCharsets.UTF_8)))
            .hasMessage("is not a ZIP archive, as it has to be");
        assertThatThrownBy(() -> GdtfFile.read(new byte[0])).hasMessage("is not a ZIP archive, as it has to be");
        var whole = with("a", new byte[1000]);
        assertThatThrownBy(() -> GdtfFile.read(Arrays.copyOf(whole, whole.length / 2)))
            .hasMessage("is a ZIP archive that is cut short or damaged");
    }

    @Test
    void refusesAnArchiveWithoutDescription() {
        assertThatThrownBy(() -> GdtfFile.read(zip(Map.of("other.xml", DESCRIPTION)))).hasMessage("holds no description.xml");
    }

    @Test
    void refusesEntriesThatClimbOutOfTheArchive() {
        for (var path : new String[]{"../up.txt", "/etc/up.txt", "a/../../up.txt", "C:\\up.txt", "a\\b"}) {
            assertThatThrownBy(() -> GdtfFile.read(with(path, new byte[1])))
                .hasMessageStartingWith("holds an entry that points outside the archive: '");
        }
    }

    @Test
    void refusesTwoEntriesOfOneName() {
        assertThatThrownBy(() -> GdtfFile.read(with("Description.xml", new byte[1]))).hasMessage("holds the entry 'Description.xml' twice");
    }

    @Test
    void refusesAnArchiveBomb() {
        assertThatThrownBy(() -> GdtfFile.read(with("bomb", new byte[8 << 20])))
            .hasMessage("unpacks more than 200 to 1 at 'bomb', as an archive bomb does");
        assertThatThrownBy(() -> GdtfFile.read(with("bomb", new byte[(int) GdtfFile.LIMITS.entryBytes() + 1])))
            .hasMessageStartingWith("unpacks beyond the limit of 128 MB");
    }

    @Test
    void acceptsWhatPacksWellButIsSmall() {
        assertThat(GdtfFile.read(with("zeros", new byte[1 << 20])).others().get("zeros")).hasSize(1 << 20);
    }

    @Test
    void refusesTooManyEntries() {
        var entries = new LinkedHashMap<String, byte[]>();
        for (int i = 0; i <= GdtfFile.LIMITS.entries(); i++) {
            entries.put("e" + i, new byte[0]);
        }
        assertThatThrownBy(() -> GdtfFile.read(zip(entries))).hasMessage("holds more than 4096 entries");
    }

    @Test
    void noticesAFlippedByte() {
        var whole = with("a", new byte[]{1, 2, 3, 4, 5, 6, 7, 8});
        int refused = 0;
        for (int i = 0; i < whole.length; i += 7) {
            var damaged = whole.clone();
            damaged[i] ^= 0x10;
            try {
                GdtfFile.read(damaged);
            } catch (FormatException expected) {
                refused++;
                assertThat(expected.getMessage()).isNotBlank();
            }
        }
        assertThat(refused).isGreaterThan(whole.length / 7 / 2);
    }

    @Test
    void namesFilePlaceAndReasonInOneSentence() {
        var broken = zip(Map.of("description.xml", "<GDTF>\n<a></b></GDTF>".getBytes(StandardCharsets.UTF_8)));

        assertThatThrownBy(() -> GdtfFile.read(broken)).isInstanceOfSatisfying(FormatException.class,
                why -> assertThat(why.sentence("x.gdtf"))
                    .isEqualTo("'x.gdtf' was refused: its description.xml, line 2, is not well-formed XML."));
    }
}
