package yellowkite.core.check;

import java.util.stream.Stream;
import yellowkite.core.gdtf.Media;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Model;
import yellowkite.core.shape.Box;
import yellowkite.core.text.Figures;

/** A model that is much larger or smaller than the size which is stated for it. */
final class ModelSize implements Rule.OfMedia {
    @Override
    public String id() {
        return "model-size";
    }

    @Override
    public Severity severity() {
        return Severity.WARNING;
    }

    private static final double HALF = 1.5;
    /** What is thinner, in metres, says nothing. */
    private static final double THIN = 0.02;

    @Override
    public Stream<Finding> check(FixtureType type, Media media) {
        return type.models()
            .stream()
            .flatMap(model -> media.shapesOf(model.file())
                .entrySet()
                .stream()
                .limit(1)
                .filter(each -> each.getValue().trouble().isEmpty() && differs(model, each.getValue().box()))
                .map(each -> found(Finding.Place.ofModel(model.name()),
                        "The file of this model is "
                                + size(each.getValue().box().length(), each.getValue().box().width(), each.getValue().box().height())
                                + ", the model says " + size(model.length(), model.width(), model.height()) + ".")));
    }

    private static boolean differs(Model model, Box box) {
        return differs(model.length(), box.length()) || differs(model.width(), box.width()) || differs(model.height(), box.height());
    }

    private static boolean differs(double stated, double has) {
        return stated > 0 && Math.max(stated, has) > THIN && (has > HALF * stated || stated > HALF * has);
    }

    private static String size(double length, double width, double height) {
        return metres(length) + " x " + metres(width) + " x " + metres(height) + " m";
    }

    private static String metres(double value) {
        return Figures.of(Math.round(1000 * value) / 1000.0);
    }
}
