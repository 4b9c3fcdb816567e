package yellowkite.core.check;

import java.util.regex.Pattern;
import java.util.stream.Stream;

/** A mode whose name counts its channels otherwise than its map does. */
final class ModeNameCount implements Rule.OfMode {
    private static final Pattern COUNT = Pattern.compile("(?i)\\b(\\d{1,3}) ?-?(ch|channels?|addresses)\\b");

    @Override
    public String id() {
        return "mode-name-count";
    }

    @Override
    public Severity severity() {
        return Severity.WARNING;
    }

    @Override
    public Stream<Finding> check(ModeView view) {
        int footprint = view.map().totalFootprint();
        return COUNT.matcher(view.mode().name())
            .results()
            .map(each -> Integer.parseInt(each.group(1)))
            .filter(said -> said != footprint)
            .limit(1)
            .map(said -> found(view.place(), "The name says " + said + " channels; the map takes " + footprint + " addresses."));
    }
}
