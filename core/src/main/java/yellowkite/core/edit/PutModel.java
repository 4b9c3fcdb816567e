package yellowkite.core.edit;

import java.util.Optional;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Model;
import yellowkite.core.xml.Source;

/**
 * Puts a model into the profile, or says anew what one of that name is.
 *
 * @param length metres, as are width and height; 0 = as its file says
 * @param file name of its files without the ending; empty = none
 */
public record PutModel(String name, double length, double width, double height, Model.Primitive primitive, String file) implements Edit {
    private static final double LARGEST = 100;
    private static final int MOST = 500;

    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        for (double size : new double[]{length, width, height}) {
            if (!(size >= 0 && size <= LARGEST)) {
                return Located.rejected("length", "Length, width and height of a model lie from 0 to " + (int) LARGEST + " metres.");
            }
        }
        var was = before.models().stream().filter(each -> each.name().equals(name)).findFirst();
        if (was.isEmpty() && before.models().size() >= MOST) {
            return Located.rejected("name", "A profile has at most " + MOST + " models.");
        }
        return Names.refusalOfRequired("name", name, "A model")
            .or(() -> Names.refusal("file", file))
            .or(() -> file.contains("/") ? Optional.of(Located.rejected("file", "A file's name holds no '/'.")) : Optional.empty())
            .orElseGet(() -> Located.applied(before.with(f -> f.models = BodyParts.with(f.models,
                    new Model(name, length, width, height, primitive, file, was.map(Model::svg).orElse(Model.SvgOffsets.NONE),
                            was.map(Model::source).orElse(Source.NONE))))));
    }

    @Override
    public String describe(FixtureType before) {
        return "Model '" + name + "' " + (before.models().stream().anyMatch(each -> each.name().equals(name)) ? "changed" : "added");
    }
}
