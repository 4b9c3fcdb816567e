package yellowkite.core.pose;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.Map;
import java.util.function.Function;
import yellowkite.core.body.BodyMap;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Mode;
import yellowkite.core.profile.Model;
import yellowkite.core.shape.Shape;

/** The shape of a mode's whole body: hanging from the origin, no axis turned. */
public final class WholeShape {
    /** What is drawn has at most so many parts; a wall of more cells is drawn as its first ones. */
    public static final int MOST_PARTS = 2_000;

    private WholeShape() {}

    /** @param shapeOf the shape of each model */
    public static Shape of(FixtureType type, Mode mode, Function<Model, Shape> shapeOf) {
        Map<String, Shape> shapes = new HashMap<>();
        type.models().forEach(model -> shapes.computeIfAbsent(model.name(), name -> shapeOf.apply(model)));
        var body = BodyMap.of(type, mode);
        var frames = body.frames();
        var pieces = new ArrayList<Shape.Piece>();
        for (int i = 0; i < body.parts().size() && i < MOST_PARTS; i++) {
            var shape = shapes.get(body.modelAt(i));
            if (shape != null) {
                pieces.addAll(shape.in(frames.get(i)).pieces());
            }
        }
        return new Shape(pieces);
    }
}
