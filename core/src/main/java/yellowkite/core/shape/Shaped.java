package yellowkite.core.shape;

import org.joml.Matrix4d;
import org.jspecify.annotations.Nullable;
import yellowkite.core.profile.Model;

/** The shape that a model gives a part: that of its file, brought to the stated size, or the one that the standard names. */
public final class Shaped {
    private Shaped() {}

    /** @param file null where the model has none, or it cannot be shown */
    public static Shape of(Model model, @Nullable ModelFile file) {
        var shape = file == null ? null : file.shape();
        return shape == null ? Primitives.of(model) : shape.in(toSize(model, file == null ? Box.EMPTY : file.box()));
    }

    /** {@return the box around a part of that model} @param file null where it has none */
    public static Box box(Model model, @Nullable ModelFile file) {
        return file == null || file.box().isEmpty() ? Primitives.of(model).box() : file.box().in(toSize(model, file.box()));
    }

    /** A file is stretched to what the model states; a side that states nothing stays. Source: GDTF, "Model". */
    private static Matrix4d toSize(Model model, Box box) {
        return new Matrix4d().scaling(times(model.length(), box.length()), times(model.width(), box.width()),
                times(model.height(), box.height()));
    }

    private static double times(double stated, double has) {
        return stated > 0 && has > 1e-9 ? stated / has : 1;
    }
}
