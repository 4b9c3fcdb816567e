package yellowkite.server.content;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import yellowkite.core.gdtf.Media;
import yellowkite.core.pose.WholeShape;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Mode;
import yellowkite.core.profile.Model;
import yellowkite.core.shape.ModelFile;
import yellowkite.core.shape.Shape;
import yellowkite.core.shape.Shaped;
import yellowkite.core.shape.Views;

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

    /** {@return the shape of a model: of its first file that can be shown, or the one that it names} @param files path to content's hash */
    public Shape of(Model model, Map<String, String> files) {
        return of(model, files, "");
    }

    /** {@return the same, of that level of detail where it has one} @param detail empty, {@code _low} or {@code _high} */
    public Shape of(Model model, Map<String, String> files, String detail) {
        for (var path : model.file().isEmpty() ? List.<String>of() : Media.modelPaths(model.file(), detail)) {
            var sha = files.get(path);
            var form = ModelFile.formOf(path);
            if (sha != null && facts(sha, form).trouble().isEmpty()) {
                return Shaped.of(model, whole(sha, form));
            }
        }
        return Shaped.of(model, null);
    }

    /** {@return the body of a mode, drawn flat} */
    public List<Views.Outline> drawn(FixtureType type, Mode mode, Views.View view, Map<String, String> files) {
        return Views.of(WholeShape.of(type, mode, model -> of(model, files)), view);
    }

    private byte[] bytes(String sha256) {
        return repository.find(sha256).orElseThrow(() -> new IllegalStateException("content " + sha256 + " is not stored"));
    }
}
