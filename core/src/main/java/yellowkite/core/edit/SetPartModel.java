package yellowkite.core.edit;

import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;

/** Gives a part the shape of a model. @param model empty = none */
public record SetPartModel(String part, String model) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return BodyParts.on(before, part, was -> BodyParts.refusalOfModel(before, model)
            .orElseGet(() -> Located
                .applied(BodyParts.change(before, part, each -> each.model().equals(model) ? each : each.withModel(model)))));
    }

    @Override
    public String describe(FixtureType before) {
        return "Part '" + part + "' " + (model.isEmpty() ? "has no model" : "has the model '" + model + "'");
    }
}
