package yellowkite.core.edit;

import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Model;
import yellowkite.core.profile.Trees;

/** Says where a model's origin lies in its flat drawings. */
public record SetModelDrawing(String model, Model.SvgOffsets svg) implements Edit {
    private static final double MOST = 1e6;

    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        for (double each : new double[]{svg.x(), svg.y(), svg.sideX(), svg.sideY(), svg.frontX(), svg.frontY()}) {
            if (!(Math.abs(each) <= MOST)) {
                return Located.rejected("svg", "The origin of a drawing lies within a kilometre of it.");
            }
        }
        return before.models().stream().noneMatch(each -> each.name().equals(model))
                ? Located.rejected("model", "The profile has no model called '" + model + "'.")
                : Located.applied(before.with(f -> f.models = Trees.map(f.models,
                        each -> each.name().equals(model) && !each.svg().equals(svg) ? each.withSvg(svg) : each)));
    }

    @Override
    public String describe(FixtureType before) {
        return "Model '" + model + "' drawn from above, from the side and from the front";
    }
}
