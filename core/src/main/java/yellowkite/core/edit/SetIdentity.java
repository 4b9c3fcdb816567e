package yellowkite.core.edit;

import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;

/** Changes what the profile says of itself beside its name. */
public record SetIdentity(Field field, String to) implements Edit {
    private static final int LONGEST_TEXT = 2_000;

    public enum Field {
        MANUFACTURER, SHORT_NAME, LONG_NAME, DESCRIPTION
    }

    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        var refusal = switch (field) {
            case MANUFACTURER -> Names.refusalOfManufacturer("to", to);
            case SHORT_NAME -> Names.refusal("to", to);
            case LONG_NAME, DESCRIPTION -> Texts.refusal("to", to, LONGEST_TEXT);
        };
        return refusal.orElseGet(() -> Located.applied(before.with(f -> {
            switch (field) {
                case MANUFACTURER -> f.manufacturer = to;
                case SHORT_NAME -> f.shortName = to;
                case LONG_NAME -> f.longName = to;
                case DESCRIPTION -> f.description = to;
            }
        })));
    }

    @Override
    public String describe(FixtureType before) {
        var what = switch (field) {
            case MANUFACTURER -> "Manufacturer";
            case SHORT_NAME -> "Short name";
            case LONG_NAME -> "Long name";
            case DESCRIPTION -> "Description";
        };
        return what + " is '" + Texts.shortened(to) + "'";
    }
}
