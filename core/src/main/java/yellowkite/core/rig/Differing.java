package yellowkite.core.rig;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import yellowkite.core.rig.Adjustments.ChannelAdjustment;

/** What a unit does differently from its profile, step by step, to be seen at a glance. */
public final class Differing {
    private Differing() {}

    /** What of a unit differs: the steps of its path in their order, then what is said of channels beside it. */
    public enum Kind {
        MASTER, SWAP, INVERT, CURVE, SCALE, LIMIT, FADE, START
    }

    /** @param says in words: {@code Inverted: Pan, Tilt} */
    public record ChangedStep(Kind kind, String says) {}

    /** {@return what differs, in the order of the path; none if the unit does as its profile says} */
    public static List<ChangedStep> of(Adjustments own) {
        var marks = new ArrayList<ChangedStep>();
        mark(marks, own, Kind.MASTER, "Outside the grand master", own.outsideMaster(), ChannelAdjustment::outsideMaster);
        mark(marks, own, Kind.SWAP, "Pan and tilt swapped", own.swapPanTilt(), none -> false);
        mark(marks, own, Kind.INVERT, "Inverted", false, ChannelAdjustment::invert);
        mark(marks, own, Kind.CURVE, "Curve", false, each -> !each.curve().isEmpty());
        mark(marks, own, Kind.SCALE, "Scaled", false, each -> each.scale() != 1);
        mark(marks, own, Kind.LIMIT, own.warmUp() == null ? "Limited" : "Stays warm", own.warmUp() != null,
                each -> each.from() > 0 || each.to() < 1);
        mark(marks, own, Kind.FADE, "Snap or fade", false, each -> each.snap() != null);
        mark(marks, own, Kind.START, own.startAtZero() ? "Begins at 0" : "Start value", own.startAtZero(), each -> each.start() != null);
        return marks;
    }

    private static void mark(List<ChangedStep> marks, Adjustments own, Kind kind, String says, boolean whole,
            Predicate<ChannelAdjustment> is) {
        var channels = own.channels()
            .entrySet()
            .stream()
            .filter(each -> is.test(each.getValue()))
            .map(Map.Entry::getKey)
            .collect(Collectors.joining(", "));
        if (whole || !channels.isEmpty()) {
            marks.add(new ChangedStep(kind, channels.isEmpty() ? says : says + ": " + channels));
        }
    }
}
