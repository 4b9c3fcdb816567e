package yellowkite.core.colour;

import java.util.List;
import java.util.function.Function;
import yellowkite.core.profile.Measurement;

/** What lies between measurements. Source: GDTF, {@code Measurement}, {@code InterpolationTo}. */
final class Between {
    private Between() {}

    /** How one value goes over into the next. */
    interface Way<T> {
        /** @param share 0 = the first, 1 = the second */
        T go(T from, T to, double share);
    }

    /**
     * {@return the value at {@code share} of the travel}
     *
     * @param points ascending, at least one
     * @param none what stands at 0 % where nothing was measured there; it goes over straight into the first
     */
    static <T> T of(List<Measurement> points, double share, T none, Function<Measurement, T> value, Way<T> way) {
        double percent = 100 * share;
        var first = points.getFirst();
        if (percent <= first.physical()) {
            return first.physical() <= 0 ? value.apply(first) : way.go(none, value.apply(first), percent / first.physical());
        }
        for (int i = 1; i < points.size(); i++) {
            var from = points.get(i - 1);
            var to = points.get(i);
            if (percent <= to.physical() && to.physical() > from.physical()) {
                double part = (percent - from.physical()) / (to.physical() - from.physical());
                return switch (from.interpolationTo()) {
                    case Linear -> way.go(value.apply(from), value.apply(to), part);
                    case Step -> value.apply(part >= 1 ? to : from);
                    case Log -> way.go(value.apply(from), value.apply(to), Math.log10(1 + 9 * part));
                };
            }
        }
        return value.apply(points.getLast());
    }
}
