package yellowkite.server.web;

import org.jspecify.annotations.Nullable;
import yellowkite.core.text.Figures;

/** A physical value, and how people read it. The page rounds nothing by itself. */
public record Figure(double value, String text) {
    public static Figure of(double value) {
        return new Figure(value, Figures.of(value));
    }

    public static @Nullable Figure ofNullable(@Nullable Double value) {
        return value == null ? null : of(value);
    }
}
