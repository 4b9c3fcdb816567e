package yellowkite.core.pose;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Stream;
import org.joml.Vector3d;
import org.joml.Vector3dc;
import yellowkite.core.colour.Xyz;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Model;
import yellowkite.core.shape.Shape;
import yellowkite.core.shape.Views;
import yellowkite.core.shape.Views.Outline;
import yellowkite.core.shape.Views.View;

/**
 * A pose on a sheet: the outlines of its parts and its beams, for whoever sees no third dimension.
 *
 * @param body outlines, to be drawn one over the other. @param rays beams. @param signs which way it goes. @param numbers of cells
 */
public record Flat(List<Outline> body, List<Ray> rays, List<Mark> signs, List<Label> numbers) {
    /** A beam that meets nothing is drawn so long, m. */
    private static final double FAR = 12;

    public Flat {
        body = List.copyOf(body);
        rays = List.copyOf(rays);
        signs = List.copyOf(signs);
        numbers = List.copyOf(numbers);
    }

    /** A line that says something. @param points right and up, in metres, in turn */
    public record Mark(Sign.Kind kind, List<Double> points) {
        public Mark {
            points = List.copyOf(points);
        }
    }

    /** @param right metres, as is up */
    public record Label(String text, double right, double up) {}

    /** A beam. @param points right and up, in metres, of its four corners. @param level in [0, 1] */
    public record Ray(List<Double> points, double level, Xyz color) {
        public Ray {
            points = List.copyOf(points);
        }
    }

    /** @param shapeOf the shape of each model of the type */
    public static Flat of(FixtureType type, Pose pose, Function<Model, Shape> shapeOf, View view) {
        Map<String, Shape> shapes = new HashMap<>();
        type.models().forEach(model -> shapes.computeIfAbsent(model.name(), name -> shapeOf.apply(model)));
        var pieces = new ArrayList<Shape.Piece>();
        pose.parts().stream().limit(WholeShape.MOST_PARTS).forEach(each -> {
            var shape = shapes.get(each.model());
            if (shape != null) {
                pieces.addAll(shape.in(each.frame()).pieces());
            }
        });
        return new Flat(Views.of(new Shape(pieces), view),
                pose.shines().stream().limit(WholeShape.MOST_PARTS).map(each -> ray(each, view)).toList(),
                pose.signs().stream().map(each -> mark(each, view)).toList(),
                pose.numbers()
                    .stream()
                    .map(each -> new Label(each.number(), at(each.at(), view, true), at(each.at(), view, false)))
                    .toList());
    }

    private static Mark mark(Sign sign, View view) {
        return new Mark(sign.kind(),
                sign.points().stream().flatMap(each -> Stream.of(at(each, view, true), at(each, view, false))).toList());
    }

    private static Ray ray(Shine shine, View view) {
        var from = shine.frame().transformPosition(new Vector3d());
        double length = shine.met() == null ? FAR : shine.met().distance();
        var to = new Vector3d(shine.direction()).mul(length).add(from);
        double half = Throw.at(length, shine.beamAngle(), shine.fieldAngle(), shine.radius(), 0).fieldWidth() / 2;
        double right = view.right(to.x, to.y) - view.right(from.x, from.y);
        double up = view.up(to.y, to.z) - view.up(from.y, from.z);
        double seen = Math.hypot(right, up);
        double acrossRight = seen < 1e-6 ? 1 : -up / seen;
        double acrossUp = seen < 1e-6 ? 0 : right / seen;
        return new Ray(List.of(at(from, view, true) - acrossRight * shine.radius(), at(from, view, false) - acrossUp * shine.radius(),
                at(from, view, true) + acrossRight * shine.radius(), at(from, view, false) + acrossUp * shine.radius(),
                at(to, view, true) + acrossRight * half, at(to, view, false) + acrossUp * half, at(to, view, true) - acrossRight * half,
                at(to, view, false) - acrossUp * half), shine.level(), shine.color());
    }

    private static double at(Vector3dc point, View view, boolean right) {
        return right ? view.right(point.x(), point.y()) : view.up(point.y(), point.z());
    }
}
