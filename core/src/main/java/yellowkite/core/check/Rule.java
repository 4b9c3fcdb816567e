package yellowkite.core.check;

import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.dmx.AddressText;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.dmx.LinkTargets;
import yellowkite.core.dmx.Spans;
import yellowkite.core.dmx.WheelKind;
import yellowkite.core.edit.Edit;
import yellowkite.core.edit.SetWheel;
import yellowkite.core.gdtf.Media;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;
import yellowkite.core.profile.Mode;
import yellowkite.core.shape.ModelFile;

/** A defect that is looked for. A rule says its id and severity, and answers every case it finds; nothing found is empty. */
interface Rule {
    String id();

    Severity severity();

    /** A rule about one mode. */
    interface OfMode extends Rule {
        Stream<Finding> check(ModeView view);
    }

    /** A rule about one channel of a mode. */
    interface OfChannel extends Rule {
        Stream<Finding> check(ModeView view, Channel channel, java.util.List<Spans.FunctionSpan> spans);
    }

    /** A rule about the fixture type as a whole. */
    interface OfType extends Rule {
        Stream<Finding> check(FixtureType type);
    }

    /** A rule about the pictures and models that come with a fixture type. */
    interface OfMedia extends Rule {
        Stream<Finding> check(FixtureType type, Media media);
    }

    /** A rule about the files of models. */
    interface OfModelFile extends OfMedia {
        /** {@return what is to be said of one file of a model} @param path in the archive */
        Stream<String> says(String path, ModelFile file);

        @Override
        default Stream<Finding> check(FixtureType type, Media media) {
            return type.models()
                .stream()
                .flatMap(model -> media.shapesOf(model.file())
                    .entrySet()
                    .stream()
                    .flatMap(each -> says(each.getKey(), each.getValue()))
                    .map(says -> found(Finding.Place.ofModel(model.name()), says)));
        }
    }

    /** A mode with what rules ask of it again and again. */
    record ModeView(CompiledMode compiled, Set<String> geometries) {

        static ModeView of(CompiledMode compiled) {
            return new ModeView(compiled, compiled.type().allGeometries().map(Geometry::name).collect(Collectors.toSet()));
        }

        FixtureType type() {
            return compiled.type();
        }

        Mode mode() {
            return compiled.mode();
        }

        AddressMap map() {
            return compiled.map();
        }

        LinkTargets links() {
            return compiled.targets();
        }

        Finding.Place place() {
            return Finding.Place.of(mode());
        }

        /** By the address that a technician reads on a console, and by the channel's name in the file. */
        Finding.Place place(Channel channel) {
            var pretty = type().attributeDefinitions().pretty(channel.attribute());
            var address = map().channels()
                .stream()
                .filter(each -> each.channel().id() == channel.id() && !each.addresses().isEmpty())
                .findFirst()
                .map(each -> "address " + AddressText.of(each.addresses()))
                .orElse("no address");
            return new Finding.Place(mode().id(), channel.id(), null, null, null, null,
                    place().words() + ", " + address + ", " + pretty + " (" + channel.name() + ")");
        }

        Finding.Place place(Channel channel, Spans.FunctionSpan span) {
            return new Finding.Place(mode().id(), channel.id(), span.function().id(), null, null, null,
                    place(channel).words() + ", function '" + span.name() + "'");
        }

        Finding.Place place(Channel channel, Spans.FunctionSpan span, Spans.RangeSpan range) {
            return new Finding.Place(mode().id(), channel.id(), span.function().id(), range.range().id(), null, null,
                    place(channel, span).words());
        }
    }

    default Finding found(Finding.Place place, String says) {
        return found(place, says, null, "");
    }

    /** {@return a finding that the only wheel which fits the function mends} */
    default Finding foundOnWheel(ModeView view, Channel channel, Spans.FunctionSpan span, String says) {
        var fitting = WheelKind.fitting(view.type(), span.function().attribute());
        return fitting.size() != 1 ? found(view.place(channel, span), says)
                : found(view.place(channel, span), says, new SetWheel(span.function().id(), fitting.getFirst()),
                        "Use wheel '" + fitting.getFirst() + "'");
    }

    default Finding found(Finding.Place place, String says, @Nullable Edit fix, String fixSays) {
        return new Finding(id(), severity(), place, says, fix, fixSays);
    }
}
