package yellowkite.server.content;

import java.util.Collection;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.springframework.stereotype.Service;
import yellowkite.core.archive.Sha256;
import yellowkite.core.gdtf.Media;
import yellowkite.core.shape.ModelFile;
import yellowkite.server.database.HouseClock;

/** Bytes by their hash. What is put is kept for as long as a row refers to it, and for a while before one does. */
@Service
public class ContentStore {
    private final ContentRepository repository;
    private final HouseClock clock;
    private final ModelShapes shapes;

    ContentStore(ContentRepository repository, HouseClock clock, ModelShapes shapes) {
        this.shapes = shapes;
        this.repository = repository;
        this.clock = clock;
    }

    /** Keeps bytes that belong to files. {@return their hash} */
    public String put(byte[] bytes) {
        var sha = Sha256.of(bytes);
        putAs(sha, bytes);
        return sha;
    }

    /** Like {@link #put}, where somebody has worked out the hash already. */
    public void putAs(String sha256, byte[] bytes) {
        repository.put(sha256, bytes, clock.now());
    }

    public Optional<byte[]> find(String sha256) {
        return repository.find(sha256);
    }

    public byte[] require(String sha256) {
        return repository.find(sha256).orElseThrow(() -> new IllegalStateException("content " + sha256 + " is not stored"));
    }

    /**
     * {@return what lies in an archive; of pictures only their beginnings are read, and of each model once} @param entries path to
     * content's hash
     */
    public Media media(Map<String, String> entries) {
        var beginnings = repository.beginnings(pictures(entries), Media.HEADER);
        return Media.of(entries.keySet(), path -> Objects.requireNonNull(beginnings.get(entries.get(path))),
                path -> shapes.facts(Objects.requireNonNull(entries.get(path)), ModelFile.formOf(path)));
    }

    private static Collection<String> pictures(Map<String, String> entries) {
        return entries.entrySet().stream().filter(each -> Media.isPicture(each.getKey())).map(Map.Entry::getValue).distinct().toList();
    }
}
