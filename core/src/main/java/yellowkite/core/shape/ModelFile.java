package yellowkite.core.shape;

import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/**
 * What is known of a model's file after it was read with distrust.
 *
 * @param form {@code glb} or {@code 3ds}
 * @param bytes of the file. @param triangles as it says, also where the shape was not read
 * @param box around all of it, in metres; {@link Box#EMPTY} where that is not known
 * @param textures its pictures
 * @param trouble why it cannot be shown, as a sentence; empty if it can
 * @param shape null where there is trouble, or where only the facts were asked for
 */
public record ModelFile(String form, long bytes, long triangles, Box box, List<Texture> textures, String trouble, @Nullable Shape shape) {
    /** A fixture of a rig has usually less; a rig holds dozens. */
    public static final long USUAL_TRIANGLES = 5_000;
    /** From here on a check tells it. */
    public static final long HEAVY_TRIANGLES = 20_000;
    /** No page shows more. */
    public static final long MOST_TRIANGLES = 500_000;
    public static final int MOST_BYTES = 64 << 20;
    /** Pixels a side of a picture; programs shrink or refuse larger ones. */
    public static final int MOST_TEXTURE = 2_048;

    public ModelFile {
        textures = List.copyOf(textures);
    }

    /** @param width pixels, 0 = not known */
    public record Texture(String name, long width, long height) {
        public boolean isTooLarge() {
            return width > MOST_TEXTURE || height > MOST_TEXTURE;
        }
    }

    /** {@return what a path's file is, by its ending; empty for anything that is no model} */
    public static String formOf(String path) {
        var ending = path.substring(path.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT);
        return ending.equals("glb") || ending.equals("3ds") ? ending : "";
    }

    /** {@return the facts of a file, without its triangles} @param form {@code glb} or {@code 3ds} */
    public static ModelFile facts(String form, byte[] content) {
        return read(form, content, false);
    }

    /** {@return the facts of a file and its shape} */
    public static ModelFile whole(String form, byte[] content) {
        return read(form, content, true);
    }

    private static ModelFile read(String form, byte[] content, boolean withShape) {
        if (content.length > MOST_BYTES) {
            return refused(form, content, "It has more than " + (MOST_BYTES >> 20) + " MB.");
        }
        try {
            return form.equals("glb") ? new GlbReader(content).read(withShape) : new ThreeDsReader(content).read(withShape);
        } catch (ModelRefused refused) {
            return refused(form, content, String.valueOf(refused.getMessage()));
        }
    }

    /** {@return why a file of that many triangles in that box cannot be shown; empty if it can} */
    static String trouble(long triangles, Box box) {
        if (triangles > MOST_TRIANGLES) {
            return String.format(Locale.ROOT, "At most %,d triangles are shown here; save it with fewer.", MOST_TRIANGLES);
        }
        return triangles == 0 ? "It holds no triangles." : box.longest() > 0 ? "" : "All of its points lie in one place.";
    }

    private static ModelFile refused(String form, byte[] content, String why) {
        return new ModelFile(form, content.length, 0, Box.EMPTY, List.of(), why, null);
    }

    public boolean isHeavy() {
        return triangles > HEAVY_TRIANGLES;
    }

    /** {@return how much it is to draw, in plain words: {@code 184,000 triangles: heavy for a rig of 60; the usual is under 5,000}} */
    public String cost() {
        var counted = String.format(Locale.ROOT, triangles == 1 ? "%,d triangle" : "%,d triangles", triangles);
        return counted + (triangles > MOST_TRIANGLES ? ""
                : isHeavy() ? ": heavy for a rig of 60; the usual is under 5,000"
                        : triangles > USUAL_TRIANGLES ? ": more than usual, which is under 5,000" : "");
    }

    /** Why a model is not read, as a sentence. */
    static final class ModelRefused extends RuntimeException {
        private static final long serialVersionUID = 1;

        ModelRefused(String why) {
            super(why);
        }
    }
}
