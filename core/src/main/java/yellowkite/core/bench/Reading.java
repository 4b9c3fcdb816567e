package yellowkite.core.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import yellowkite.core.colour.Chromaticity;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.dmx.LightPlaces;
import yellowkite.core.dmx.Spans;
import yellowkite.core.text.Figures;

/** One thing that a step looks at. */
public sealed interface Reading {
    /** Of x and y: less than an eye tells apart. */
    double SAME_COLOUR = 2e-4;

    /** {@return whether two looks show the same} @param tolerance in the unit of what is read */
    boolean agree(Seen wanted, Seen seen, double tolerance);

    /** {@return what is seen, in few words} @param other what it is compared with: what differs is what is told */
    String words(Seen seen, Seen other, double tolerance);

    /** {@return what is seen, with what it is seen of} */
    default String named(Seen seen, double tolerance) {
        var words = words(seen, seen, tolerance);
        return switch (this) {
            case Axis axis -> axis.name() + " " + words;
            case Lens lens -> lens.what().name().toLowerCase(Locale.ROOT) + " " + words;
            case OnWheel wheel -> wheel.name() + ": " + words;
            case Cell cell -> "cell " + (cell.index() + 1) + " " + words;
            case Level level -> words;
            case Strobe strobe -> words;
            case Colour colour -> words;
        };
    }

    /** How bright it is. */
    record Level() implements Reading {
        @Override
        public boolean agree(Seen wanted, Seen seen, double tolerance) {
            return near(wanted.level(), seen.level(), tolerance);
        }

        @Override
        public String words(Seen seen, Seen other, double tolerance) {
            return seen.level() == 0 ? "dark" : Figures.percent(seen.level());
        }
    }

    /** How often it flashes. */
    record Strobe() implements Reading {
        @Override
        public boolean agree(Seen wanted, Seen seen, double tolerance) {
            return near(wanted.strobe(), seen.strobe(), tolerance);
        }

        @Override
        public String words(Seen seen, Seen other, double tolerance) {
            return seen.strobe() == 0 ? "no strobe" : Figures.of(seen.strobe(), "Hz");
        }
    }

    /** The colour of all light together. */
    record Colour() implements Reading {
        @Override
        public boolean agree(Seen wanted, Seen seen, double tolerance) {
            return sameColour(wanted.colour(), seen.colour());
        }

        @Override
        public String words(Seen seen, Seen other, double tolerance) {
            return colour(seen.colour());
        }
    }

    /** How bright a cell is, and of which colour. @param index from 0 */
    record Cell(int index) implements Reading {
        @Override
        public boolean agree(Seen wanted, Seen seen, double tolerance) {
            var one = at(wanted);
            var other = at(seen);
            return one == null ? other == null
                    : other != null && near(one.level(), other.level(), tolerance) && sameColour(one.colour(), other.colour());
        }

        private Seen.@Nullable OfCell at(Seen seen) {
            return index < seen.cells().size() ? seen.cells().get(index) : null;
        }

        @Override
        public String words(Seen seen, Seen other, double tolerance) {
            var cell = at(seen);
            return cell == null ? "no cell"
                    : cell.level() == 0 ? "dark" : Figures.percent(cell.level()) + " of " + colour(cell.colour());
        }
    }

    /** Where an axis stands. @param name attribute or channel */
    record Axis(String name) implements Reading {
        @Override
        public boolean agree(Seen wanted, Seen seen, double tolerance) {
            return same(wanted.axes().get(name), seen.axes().get(name), tolerance);
        }

        @Override
        public String words(Seen seen, Seen other, double tolerance) {
            return figure(seen.axes().get(name), "\u00b0");
        }
    }

    /** One of three optics that are there once. */
    record Lens(What what) implements Reading {
        /** Which. */
        public enum What {
            ZOOM, FOCUS, IRIS
        }

        @Nullable
        Double of(Seen seen) {
            return switch (what) {
                case ZOOM -> seen.zoom();
                case FOCUS -> seen.focus();
                case IRIS -> seen.iris();
            };
        }

        @Override
        public boolean agree(Seen wanted, Seen seen, double tolerance) {
            return same(of(wanted), of(seen), tolerance);
        }

        @Override
        public String words(Seen seen, Seen other, double tolerance) {
            return figure(of(seen), what == What.ZOOM ? "\u00b0" : "");
        }
    }

    /** What stands in the beam, and how it moves. */
    record OnWheel(String name) implements Reading {
        private static final Seen.OfWheel NONE = new Seen.OfWheel(0, 0, 0, 0);

        private Seen.OfWheel of(Seen seen) {
            return seen.wheels().getOrDefault(name, NONE);
        }

        @Override
        public boolean agree(Seen wanted, Seen seen, double tolerance) {
            var one = of(wanted);
            var other = of(seen);
            return one.slot() == other.slot() && near(one.turn(), other.turn(), tolerance) && near(one.spin(), other.spin(), tolerance)
                    && near(one.shake(), other.shake(), tolerance);
        }

        @Override
        public String words(Seen seen, Seen other, double tolerance) {
            var one = of(seen);
            var two = of(other);
            if (one.slot() != two.slot()) {
                return one.slot() == 0 ? "no slot" : "slot " + one.slot();
            } else if (!near(one.turn(), two.turn(), tolerance)) {
                return "turned by " + Figures.of(one.turn()) + "\u00b0";
            } else if (!near(one.spin(), two.spin(), tolerance)) {
                return one.spin() == 0 ? "still" : "turning at " + Figures.of(one.spin(), "\u00b0/s");
            }
            return !near(one.shake(), two.shake(), tolerance)
                    ? one.shake() == 0 ? "not shaken" : "shaken at " + Figures.of(one.shake(), "Hz")
                    : one.slot() == 0 ? "no slot" : "slot " + one.slot();
        }
    }

    /** {@return what a function of a placed channel is seen by; none where no instrument sees it} @param index in the map's order */
    static List<Reading> of(CompiledMode mode, int index, Spans.FunctionSpan span) {
        var attribute = span.function().attribute();
        return switch (Watched.of(span.function(), mode.type().unitOf(attribute))) {
            case LEVEL -> light(mode, index, List.of(new Level()));
            case COLOUR -> light(mode, index, List.of(new Level(), new Colour()));
            case STROBE -> List.of(new Strobe());
            case AXIS -> List.of(new Axis(axis(mode, index, attribute)));
            case ZOOM -> List.of(new Lens(Lens.What.ZOOM));
            case FOCUS -> List.of(new Lens(Lens.What.FOCUS));
            case IRIS -> List.of(new Lens(Lens.What.IRIS));
            case WHEEL -> WheelNames.of(mode)
                .wheelOf(attribute, span.function().wheel())
                .<List<Reading>>map(
                        name -> attribute.startsWith("Color") ? List.of(new OnWheel(name), new Colour()) : List.of(new OnWheel(name)))
                .orElse(List.of());
            case NOTHING -> List.of();
        };
    }

    /** {@return everything that instruments see of a mode} */
    static List<Reading> all(CompiledMode mode) {
        var all = new ArrayList<Reading>();
        for (int i = 0; i < mode.map().channels().size(); i++) {
            for (var span : mode.spans(mode.map().channels().get(i).channel())) {
                of(mode, i, span).stream().filter(each -> !all.contains(each)).forEach(all::add);
            }
        }
        return all;
    }

    /** A channel of some cells alone is looked at there. */
    private static List<Reading> light(CompiledMode mode, int index, List<Reading> otherwise) {
        var places = LightPlaces.of(mode).places();
        var own = new ArrayList<Reading>();
        for (int i = 0; i < places.size(); i++) {
            if (places.get(i).channels().contains(index)) {
                own.add(new Cell(i));
            }
        }
        return own.isEmpty() || own.size() == places.size() ? otherwise : own;
    }

    private static String axis(CompiledMode mode, int index, String attribute) {
        var channels = mode.map().channels();
        for (int i = 0; i < index; i++) {
            if (channels.get(i).channel().carries(attribute)) {
                return channels.get(index).name();
            }
        }
        return attribute;
    }

    private static boolean near(double one, double other, double tolerance) {
        return Math.abs(one - other) <= tolerance;
    }

    private static boolean same(@Nullable Double one, @Nullable Double other, double tolerance) {
        return one == null || other == null ? Objects.equals(one, other) : near(one, other, tolerance);
    }

    private static boolean sameColour(@Nullable Chromaticity one, @Nullable Chromaticity other) {
        return one == null || other == null ? one == other : near(one.x(), other.x(), SAME_COLOUR) && near(one.y(), other.y(), SAME_COLOUR);
    }

    private static String figure(@Nullable Double value, String symbol) {
        return value == null ? "nothing" : Figures.of(value) + symbol;
    }

    private static String colour(@Nullable Chromaticity colour) {
        return colour == null ? "dark" : "x " + Figures.of(colour.x()) + ", y " + Figures.of(colour.y());
    }
}
