package yellowkite.core.check;

import java.util.List;
import java.util.stream.Stream;
import yellowkite.core.dmx.Spans;
import yellowkite.core.profile.Channel;

/** A channel on a geometry that the profile does not have. */
final class UnknownGeometry implements Rule.OfChannel {
    @Override
    public String id() {
        return "unknown-geometry";
    }

    @Override
    public Severity severity() {
        return Severity.ERROR;
    }

    @Override
    public Stream<Finding> check(ModeView view, Channel channel, List<Spans.FunctionSpan> spans) {
        return view.geometries().contains(channel.geometry()) ? Stream.empty()
                : Stream.of(found(view.place(channel), "The geometry '" + channel.geometry() + "' of this channel is not in the body."));
    }
}
