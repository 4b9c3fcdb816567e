package yellowkite.core.pose;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.joml.Matrix4d;
import org.joml.Vector3d;
import org.jspecify.annotations.Nullable;
import yellowkite.core.body.BodyMap;
import yellowkite.core.body.Frames;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.dmx.PlacedChannel;
import yellowkite.core.dmx.Spans;
import yellowkite.core.dmx.Wanted;
import yellowkite.core.profile.Geometry;

/**
 * Which way is forward: where the first light of a mode looks as pan and tilt are turned, the fixture hanging, and what is wrong where a
 * real fixture looks elsewhere.
 *
 * @param pan how pan turns; null without it; likewise tilt
 * @param steps of the test, to be sent to a fixture one after the other; empty where there is nothing to test
 */
public record Forward(@Nullable Sense pan, @Nullable Sense tilt, List<Step> steps) {
    private static final int FULL_TURN = 360;
    private static final int QUARTER = 90;
    /** A tilt that reaches less is tested at its end. */
    private static final double LEAST = 20;

    public Forward {
        steps = List.copyOf(steps);
    }

    /**
     * How one axis turns.
     *
     * @param channel its id. @param part that it turns. @param lowest degrees at value 0. @param highest degrees at the largest value
     * @param rising what a rising value does, in words
     * @param atZero where the light looks at value 0, the other axis as in the test; and at the largest
     */
    public record Sense(int channel, String part, double lowest, double highest, String rising, String atZero, String atFull) {}

    /**
     * @param pan degrees, as is tilt. @param sent what a fixture is sent for them, pan before tilt
     * @param expected where the profile says that the light looks then
     */
    public record Step(double pan, double tilt, List<Sent> sent, Heading expected) {
        public Step {
            sent = List.copyOf(sent);
        }
    }

    /** @param channel id. @param attribute Pan or Tilt. @param raw the value that comes nearest to the degrees */
    public record Sent(int channel, String attribute, long raw) {}

    /** A statement about what is wrong. */
    public enum Wrong {
        PAN_REVERSED, TILT_REVERSED, AXES_EXCHANGED, PAN_ZERO, TILT_ZERO
    }

    /**
     * @param wrong nothing, or all of it together. @param exchangedParts whether the axes turn the wrong parts, or wrong channels turn them
     */
    public record Answer(List<Wrong> wrong, boolean exchangedParts, int panZero, int tiltZero) {
        public Answer {
            wrong = List.copyOf(wrong);
        }
    }

    public static Forward of(CompiledMode mode) {
        return Look.of(mode).map(look -> {
            var pan = look.pan;
            var tilt = look.tilt;
            double side = tilt == null ? 0 : usable(tilt, QUARTER);
            var steps = new ArrayList<Step>();
            if (tilt != null) {
                steps.add(look.step(0, 0));
                steps.add(look.step(0, side));
            }
            if (pan != null) {
                steps.add(look.step(usable(pan, QUARTER), side));
            }
            return new Forward(pan == null ? null : look.sense(pan, true, side), tilt == null ? null : look.sense(tilt, false, 0), steps);
        }).orElse(new Forward(null, null, List.of()));
    }

    /** {@return the wanted degrees, or as many as the axis reaches; to the other side where this one has nothing} */
    private static double usable(Axis axis, double wanted) {
        double up = Math.max(axis.from(), axis.to());
        double down = Math.min(axis.from(), axis.to());
        return up >= LEAST ? Math.min(up, wanted) : down <= -LEAST ? Math.max(down, -wanted) : up;
    }

    /**
     * {@return the fewest statements under which the light looks where it was seen, each way to say it; empty if none explains it}
     *
     * @param seen for each step; null = not told
     */
    public static List<Answer> explain(CompiledMode mode, List<@Nullable Heading> seen) {
        var look = Look.of(mode).orElse(null);
        var steps = of(mode).steps();
        if (look == null || seen.size() != steps.size()) {
            return List.of();
        }
        var fitting = new ArrayList<Answer>();
        int fewest = Integer.MAX_VALUE;
        for (var each : look.possible()) {
            if (each.wrong().size() <= fewest && look.fits(each, steps, seen)) {
                if (each.wrong().size() < fewest) {
                    fitting.clear();
                }
                fewest = each.wrong().size();
                fitting.add(each);
            }
        }
        fitting.sort(Comparator.comparing(each -> each.wrong().toString()));
        return List.copyOf(fitting);
    }

    /** An axis, what turns it and how far. @param at its place in the body */
    private record Axis(int channel, int bytes, String part, int at, Spans.FunctionSpan turns) {
        double from() {
            return turns.function().physicalFrom();
        }

        double to() {
            return turns.function().physicalTo();
        }

        Sent sent(double degrees) {
            return new Sent(channel, turns.function().attribute(), Wanted.nearest(turns, degrees).raw());
        }
    }

    /** The way from the outermost part to the first light. */
    private static final class Look {
        private final List<Integer> way;
        private final BodyMap body;
        private final @Nullable Axis pan;
        private final @Nullable Axis tilt;

        private Look(BodyMap body, List<Integer> way, @Nullable Axis pan, @Nullable Axis tilt) {
            this.body = body;
            this.way = way;
            this.pan = pan;
            this.tilt = tilt;
        }

        static Optional<Look> of(CompiledMode mode) {
            var body = mode.body();
            for (int i = 0; i < body.parts().size(); i++) {
                if (body.parts().get(i).geometry() instanceof Geometry.Part part && part.kind() == Geometry.Kind.Beam) {
                    var way = new ArrayList<Integer>();
                    for (int at = i; at >= 0; at = body.parts().get(at).outer()) {
                        way.addFirst(at);
                    }
                    var pan = axis(mode, way, "Pan");
                    var tilt = axis(mode, way, "Tilt");
                    return pan == null && tilt == null ? Optional.empty() : Optional.of(new Look(body, way, pan, tilt));
                }
            }
            return Optional.empty();
        }

        private static @Nullable Axis axis(CompiledMode mode, List<Integer> way, String attribute) {
            for (var placed : mode.map().channels()) {
                int at = mode.body().find(placed.channel().geometry(), placed.path());
                if (way.contains(at) && placed.channel().attribute().equals(attribute)) {
                    return axis(mode, placed, attribute, at);
                }
            }
            return null;
        }

        private static @Nullable Axis axis(CompiledMode mode, PlacedChannel placed, String attribute, int at) {
            return mode.spans(placed.channel())
                .stream()
                .filter(each -> each.function().attribute().equals(attribute)
                        && each.function().physicalFrom() != each.function().physicalTo() && each.from() <= each.to())
                .findFirst()
                .map(each -> new Axis(placed.channel().id(), placed.channel().offsets().size(), placed.channel().geometry(), at, each))
                .orElse(null);
        }

        /** {@return where the light looks, the fixture hanging} @param under what is wrong */
        Vector3d direction(double panDegrees, double tiltDegrees, Answer under) {
            boolean exchanged = under.wrong().contains(Wrong.AXES_EXCHANGED);
            boolean addresses = exchanged && !under.exchangedParts();
            double about = (addresses ? reached(pan, tilt, tiltDegrees) : panDegrees)
                    * (under.wrong().contains(Wrong.PAN_REVERSED) ? -1 : 1) + under.panZero();
            double over = (addresses ? reached(tilt, pan, panDegrees) : tiltDegrees)
                    * (under.wrong().contains(Wrong.TILT_REVERSED) ? -1 : 1) + under.tiltZero();
            boolean parts = exchanged && under.exchangedParts();
            int panAt = pan == null ? -1 : pan.at;
            int tiltAt = tilt == null ? -1 : tilt.at;
            var frame = new Matrix4d();
            for (int at : way) {
                frame.mul(Frames.of(body.parts().get(at).geometry().position()));
                if (at == (parts ? tiltAt : panAt)) {
                    Pose.turn(frame, "Pan", about);
                }
                if (at == (parts ? panAt : tiltAt)) {
                    Pose.turn(frame, "Tilt", over);
                }
            }
            return frame.transformDirection(new Vector3d(0, 0, -1)).normalize();
        }

        /** {@return the degrees of an axis that is sent what was meant for another one} */
        private static double reached(@Nullable Axis axis, @Nullable Axis other, double degreesOfOther) {
            return axis == null || other == null ? 0 : axis.turns().reachedAt(other.sent(degreesOfOther).raw());
        }

        Vector3d direction(double panDegrees, double tiltDegrees) {
            return direction(panDegrees, tiltDegrees, new Answer(List.of(), false, 0, 0));
        }

        Step step(double panDegrees, double tiltDegrees) {
            return new Step(panDegrees, tiltDegrees, sent(panDegrees, tiltDegrees), Heading.nearest(direction(panDegrees, tiltDegrees)));
        }

        private List<Sent> sent(double panDegrees, double tiltDegrees) {
            var sent = new ArrayList<Sent>();
            if (pan != null) {
                sent.add(pan.sent(panDegrees));
            }
            if (tilt != null) {
                sent.add(tilt.sent(tiltDegrees));
            }
            return sent;
        }

        Sense sense(Axis axis, boolean pans, double side) {
            boolean rises = axis.to() > axis.from();
            var rising = pans
                    ? (rises ? "counter-clockwise" : "clockwise") + " as seen from above the hanging fixture"
                    : "from " + Heading.nearest(direction(0, tiltOff(axis, -1))).place() + " through zero to "
                            + Heading.nearest(direction(0, tiltOff(axis, 1))).place();
            return new Sense(axis.channel, axis.part, axis.from(), axis.to(), rising, at(axis.from(), pans, side),
                    at(axis.to(), pans, side));
        }

        /** A quarter from zero towards the end that a rising or falling value runs to. */
        private static double tiltOff(Axis axis, int towards) {
            return Math.signum(axis.to() - axis.from()) * towards * QUARTER;
        }

        private String at(double degrees, boolean pans, double side) {
            return Heading.says(pans ? direction(degrees, side) : direction(0, degrees));
        }

        List<Answer> possible() {
            var all = new ArrayList<Answer>();
            var exchanges = new ArrayList<>(List.of(List.of(false, false)));
            if (pan != null && tilt != null) {
                exchanges.add(List.of(true, true));
                if (pan.bytes == tilt.bytes) {
                    exchanges.add(List.of(true, false));
                }
            }
            for (var exchange : exchanges) {
                for (int bits = 0; bits < 4; bits++) {
                    for (int panZero = 0; panZero < FULL_TURN; panZero += QUARTER) {
                        for (int tiltZero = 0; tiltZero < FULL_TURN; tiltZero += QUARTER) {
                            add(all, exchange, bits, panZero, tiltZero);
                        }
                    }
                }
            }
            return all;
        }

        private void add(List<Answer> all, List<Boolean> exchange, int bits, int panZero, int tiltZero) {
            var wrong = new ArrayList<Wrong>();
            boolean panOff = (bits & 1) != 0 || panZero != 0;
            boolean tiltOff = (bits & 2) != 0 || tiltZero != 0;
            if (panOff && pan == null || tiltOff && tilt == null) {
                return;
            }
            if ((bits & 1) != 0) {
                wrong.add(Wrong.PAN_REVERSED);
            }
            if ((bits & 2) != 0) {
                wrong.add(Wrong.TILT_REVERSED);
            }
            if (exchange.getFirst()) {
                wrong.add(Wrong.AXES_EXCHANGED);
            }
            if (panZero != 0) {
                wrong.add(Wrong.PAN_ZERO);
            }
            if (tiltZero != 0) {
                wrong.add(Wrong.TILT_ZERO);
            }
            all.add(new Answer(wrong, exchange.getLast(), shortest(panZero), shortest(tiltZero)));
        }

        private static int shortest(int turn) {
            return turn > FULL_TURN / 2 ? turn - FULL_TURN : turn;
        }

        boolean fits(Answer answer, List<Step> steps, List<@Nullable Heading> seen) {
            for (int i = 0; i < steps.size(); i++) {
                var told = seen.get(i);
                if (told != null && Heading.nearest(direction(steps.get(i).pan(), steps.get(i).tilt(), answer)) != told) {
                    return false;
                }
            }
            return true;
        }
    }
}
