package yellowkite.core.gdtf;

import java.nio.ByteBuffer;
import java.util.Arrays;
import java.util.Collection;
import java.util.Collections;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import yellowkite.core.shape.ModelFile;
import yellowkite.core.xml.Source;

/**
 * What lies in an archive beside its description, without opening it: names, and the sizes that pictures declare.
 *
 * @param paths every entry
 * @param pictures the PNG entries at the top and under {@code wheels/}
 * @param models names of the entries under {@code models/}, without folder and ending
 * @param shapes what is known of each {@code .glb} and {@code .3ds} under {@code models/}, by path
 */
public record Media(Set<String> paths, Map<String, Picture> pictures, Set<String> models, Map<String, ModelFile> shapes) {
    /** A profile without files. */
    public static final Media NONE = new Media(Set.of(), Map.of(), Set.of(), Map.of());
    public static final String WHEELS = "wheels/";
    public static final String MODELS = "models/";
    private static final List<String> DETAILS = List.of("", "_low", "_high");
    /** Source: GDTF, "The archive". */
    public static final int SMALLEST_SLOT = 256;
    public static final int LARGEST_SLOT = 1024;
    /** Four times what the standard allows for a slot; beyond it decoding is a trap. */
    public static final int MOST_PIXELS_A_SIDE = 4096;

    private static final byte[] PNG = {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1A, '\n'};
    /** Signature, length and type of the first chunk, width and height. */
    public static final int HEADER = 24;

    public Media {
        paths = Set.copyOf(paths);
        models = Set.copyOf(models);
        shapes = Collections.unmodifiableMap(new LinkedHashMap<>(shapes));
        pictures = Collections.unmodifiableMap(new LinkedHashMap<>(pictures));
    }

    /** @param width as declared, unsigned; 0 if this is no PNG */
    public record Picture(long width, long height) {
        public boolean isUnreadable() {
            return width == 0 || height == 0;
        }

        public boolean isAbsurd() {
            return longer() > MOST_PIXELS_A_SIDE;
        }

        public long longer() {
            return Math.max(width, height);
        }

        public long shorter() {
            return Math.min(width, height);
        }

        @Override
        public String toString() {
            return width + " x " + height;
        }
    }

    /** @param entries path to content */
    public static Media of(Map<String, byte[]> entries) {
        return of(entries.keySet(), entries::get,
                path -> ModelFile.facts(ModelFile.formOf(path), Objects.requireNonNull(entries.get(path))));
    }

    /**
     * @param contentOf asked for the pictures only, of which their first {@link #HEADER} bytes are enough
     * @param shapeOf asked for the models only
     */
    public static Media of(Collection<String> paths, Function<String, byte[]> contentOf, Function<String, ModelFile> shapeOf) {
        var pictures = new LinkedHashMap<String, Picture>();
        paths.stream()
            .filter(Media::isPicture)
            .forEach(path -> pictures.put(path, sizeOf(contentOf.apply(path))));
        var shapes = new LinkedHashMap<String, ModelFile>();
        paths.stream().filter(Media::isModel).sorted().forEach(path -> shapes.put(path, shapeOf.apply(path)));
        return new Media(new HashSet<>(paths), pictures,
                paths.stream().filter(path -> path.startsWith("models/")).map(Media::plainName).collect(Collectors.toSet()), shapes);
    }

    /** {@return whether an entry is a picture of the fixture or of a slot} */
    public static boolean isPicture(String path) {
        return path.endsWith(".png") && (path.startsWith(WHEELS) || path.indexOf('/') < 0);
    }

    /** {@return whether an entry is a model that has triangles} */
    public static boolean isModel(String path) {
        return path.startsWith(MODELS) && !ModelFile.formOf(path).isEmpty();
    }

    /** {@return the files of a model that have triangles, by path, the usual detail before lower and higher, glb before 3ds} */
    public Map<String, ModelFile> shapesOf(String file) {
        var found = new LinkedHashMap<String, ModelFile>();
        for (var path : modelPaths(file)) {
            var shape = shapes.get(path);
            if (shape != null) {
                found.put(path, shape);
            }
        }
        return found;
    }

    /** {@return where the files of a model that have triangles may lie, the usual detail before lower and higher, glb before 3ds} */
    public static List<String> modelPaths(String file) {
        return modelPaths(file, "");
    }

    /** {@return the same, one level of detail before all others} @param first empty, {@code _low} or {@code _high} */
    public static List<String> modelPaths(String file, String first) {
        return Stream.concat(Stream.of(first), DETAILS.stream().filter(each -> !each.equals(first)))
            .flatMap(detail -> Stream.of("glb", "3ds").map(form -> modelPath(file, detail, form)))
            .toList();
    }

    /** {@return where a file of a model lies} @param detail empty, {@code _low} or {@code _high}. @param form {@code glb} or {@code 3ds} */
    public static String modelPath(String file, String detail, String form) {
        return MODELS + (form.equals("glb") ? "gltf" : "3ds") + detail + "/" + file + "." + form;
    }

    /** {@return where the picture of a slot lies} */
    public static String wheelPath(String mediaFile) {
        return WHEELS + mediaFile + ".png";
    }

    public boolean has(String path) {
        return paths.contains(path);
    }

    /** {@return whether there is a model of that name, in any form} */
    public boolean hasModel(String file) {
        return models.contains(file);
    }

    /** {@return the name of an entry without its folder and its ending} */
    public static String plainName(String path) {
        var name = path.substring(path.lastIndexOf('/') + 1);
        int dot = name.lastIndexOf('.');
        return dot < 0 ? name : name.substring(0, dot);
    }

    private static Picture sizeOf(byte[] bytes) {
        if (bytes.length < HEADER || !Arrays.equals(bytes, 0, PNG.length, PNG, 0, PNG.length)) {
            return new Picture(0, 0);
        }
        var header = ByteBuffer.wrap(bytes, 16, 8);
        return new Picture(Integer.toUnsignedLong(header.getInt()), Integer.toUnsignedLong(header.getInt()));
    }
}
