package yellowkite.server.content;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import org.springframework.stereotype.Component;
import yellowkite.core.shape.ModelFile;

/** Models by their content: read once, since bytes by their hash never change. */
@Component
public class ModelShapes {
    private static final long MOST_BYTES = 48L << 20;
    /** What a fact weighs beside triangles. */
    private static final int FACT = 500;
    private static final int BYTES_A_TRIANGLE = 40;
    private final ContentRepository repository;
    private final Cache<String, ModelFile> facts = Caffeine.newBuilder().maximumSize(2_000).build();
    private final Cache<String, ModelFile> whole = Caffeine.newBuilder()
        .maximumWeight(MOST_BYTES)
        .weigher((String sha, ModelFile file) -> (int) Math.min(MOST_BYTES, FACT + BYTES_A_TRIANGLE * file.triangles()))
        .build();

    ModelShapes(ContentRepository repository) {
        this.repository = repository;
    }

    /** {@return what is known of a model, without its triangles} @param form {@code glb} or {@code 3ds} */
    public ModelFile facts(String sha256, String form) {
        return facts.get(sha256 + form, key -> ModelFile.facts(form, bytes(sha256)));
    }

    /** {@return a model with its triangles} */
    public ModelFile whole(String sha256, String form) {
        return whole.get(sha256 + form, key -> ModelFile.whole(form, bytes(sha256)));
    }

    private byte[] bytes(String sha256) {
        return repository.find(sha256).orElseThrow(() -> new IllegalStateException("content " + sha256 + " is not stored"));
    }
}
