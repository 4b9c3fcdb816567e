package yellowkite.core.check;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowkite.core.body.BodyMap;
import yellowkite.core.gdtf.Media;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Mode;
import yellowkite.core.profile.Model;
import yellowkite.core.shape.Box;
import yellowkite.core.shape.Shaped;

/**
 * The boxes around the parts of a mode's body that have a shape, no axis turned.
 *
 * @param known whether every part that has a model is among them: what a missing file shows is not known
 */
record BodyBoxes(List<Part> parts, boolean known) {
    record Part(String name, Box box) {}

    static BodyBoxes of(FixtureType type, Mode mode, Media media) {
        var models = new HashMap<String, @Nullable Box>();
        for (var model : type.models()) {
            models.putIfAbsent(model.name(), box(model, media));
        }
        var body = BodyMap.of(type, mode);
        var frames = body.frames();
        var boxes = new ArrayList<Part>();
        boolean known = true;
        for (int i = 0; i < body.parts().size(); i++) {
            var part = body.parts().get(i);
            var box = models.get(body.modelAt(i));
            known &= box != null || !models.containsKey(body.modelAt(i));
            if (box != null) {
                boxes.add(new Part(part.called(), box.in(frames.get(i))));
            }
        }
        return new BodyBoxes(boxes, known);
    }

    private static @Nullable Box box(Model model, Media media) {
        if (model.file().isEmpty()) {
            return Shaped.box(model, null);
        }
        return media.shapesOf(model.file())
            .values()
            .stream()
            .filter(each -> !each.box().isEmpty())
            .findFirst()
            .map(each -> Shaped.box(model, each))
            .orElse(null);
    }
}
