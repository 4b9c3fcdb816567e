package yellowkite.core.check;

import java.util.List;
import java.util.stream.Stream;
import yellowkite.core.dmx.Spans;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.Geometry;

/** Pan or tilt on a part that is no axis: nothing turns. */
final class PanTiltOnNoAxis implements Rule.OfChannel {
    @Override
    public String id() {
        return "pan-tilt-on-no-axis";
    }

    @Override
    public Severity severity() {
        return Severity.WARNING;
    }

    @Override
    public Stream<Finding> check(ModeView view, Channel channel, List<Spans.FunctionSpan> spans) {
        boolean turns = channel.attribute().equals("Pan") || channel.attribute().equals("Tilt");
        boolean onAnother = turns && view.type()
            .allGeometries()
            .anyMatch(each -> each.name().equals(channel.geometry())
                    && !(each instanceof Geometry.Part part && part.kind() == Geometry.Kind.Axis));
        return onAnother
                ? Stream.of(found(view.place(channel),
                        channel.attribute() + " acts on '" + channel.geometry() + "', which is no axis; nothing turns there."))
                : Stream.empty();
    }
}
