package yellowkite.core.check;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import org.joml.Matrix4d;
import yellowkite.core.body.BodyMap;
import yellowkite.core.body.Frames;
import yellowkite.core.gdtf.Media;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Mode;
import yellowkite.core.profile.Model;
import yellowkite.core.shape.Box;
import yellowkite.core.shape.ModelShapes;

/** The boxes around the parts of a mode's body that have a shape, no axis turned. */
record BodyBoxes(List<Part> parts) {
    record Part(String name, Box box) {}

    static BodyBoxes of(FixtureType type, Mode mode, Media media) {
        var models = new LinkedHashMap<String, Box>();
        type.models().forEach(model -> models.putIfAbsent(model.name(), box(model, media)));
        var body = BodyMap.of(type, mode);
        var frames = new ArrayList<Matrix4d>();
        var boxes = new ArrayList<Part>();
        for (int i = 0; i < body.parts().size(); i++) {
            var part = body.parts().get(i);
            var outer = part.outer() < 0 ? new Matrix4d() : frames.get(part.outer());
            var frame = new Matrix4d(outer).mul(Frames.of(part.geometry().position()));
            frames.add(frame);
            var box = models.get(body.modelAt(i));
            if (box != null) {
                boxes.add(new Part(part.called(), box.in(frame)));
            }
        }
        return new BodyBoxes(boxes);
    }

    private static Box box(Model model, Media media) {
        var shapes = media.shapesOf(model.file()).values();
        return shapes.isEmpty() ? ModelShapes.box(model, null) : ModelShapes.box(model, shapes.iterator().next());
    }
}
