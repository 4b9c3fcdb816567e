package yellowkite.core.library;

import java.util.Locale;

/** A fixture whose profile somebody wishes for, by the names that stand on it. */
public record WantedFixture(String manufacturer, String model) {

    /** {@return what it is searched by} */
    public String words() {
        return manufacturer + " " + model;
    }

    /** {@return whether a profile is one of it: both names stand in its own, whatever stands beside them} */
    public boolean isMetBy(String manufacturer, String model) {
        var name = (manufacturer + " " + model).toLowerCase(Locale.ROOT);
        return name.contains(this.model.toLowerCase(Locale.ROOT)) && name.contains(this.manufacturer.toLowerCase(Locale.ROOT));
    }
}
