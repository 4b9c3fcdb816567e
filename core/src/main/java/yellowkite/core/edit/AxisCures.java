package yellowkite.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import org.joml.Matrix4d;
import org.jspecify.annotations.Nullable;
import yellowkite.core.body.BodyTree;
import yellowkite.core.body.Frames;
import yellowkite.core.pose.Forward;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.text.Figures;

/**
 * What mends axes that turn otherwise than the profile says: reversed ones by their functions' physical ends, exchanged ones by the parts
 * or addresses of their channels, a zero that is elsewhere by the position of the axis. Three statements, three cures.
 */
public final class AxisCures {
    private AxisCures() {}

    /** @param says what is wrong, as a sentence. @param changes what the edit changes, as a sentence */
    public record Cure(String says, String changes, Edit edit) {}

    /** {@return a cure for each statement of an answer} */
    public static List<Cure> of(FixtureType type, Forward forward, Forward.Answer answer) {
        var cures = new ArrayList<Cure>();
        for (var wrong : answer.wrong()) {
            switch (wrong) {
                case PAN_REVERSED -> reversed(type, "Pan").ifPresent(cures::add);
                case TILT_REVERSED -> reversed(type, "Tilt").ifPresent(cures::add);
                case AXES_EXCHANGED -> cures.add(exchanged(answer.exchangedParts()));
                case PAN_ZERO -> zero(type, forward.pan(), "Pan", answer.panZero()).ifPresent(cures::add);
                case TILT_ZERO -> zero(type, forward.tilt(), "Tilt", answer.tiltZero()).ifPresent(cures::add);
            }
        }
        return cures;
    }

    /** {@return what applies all of some cures as one edit} @param cures at least one */
    public static Edit together(List<Cure> cures) {
        var edits = cures.stream()
            .map(Cure::edit)
            .flatMap(each -> each instanceof Several(var inside) ? inside.stream() : Stream.of(each))
            .toList();
        return edits.size() == 1 ? edits.getFirst() : new Several(edits);
    }

    private static Optional<Cure> reversed(FixtureType type, String attribute) {
        var edits = type.modes()
            .stream()
            .flatMap(mode -> mode.channels().stream())
            .flatMap(channel -> channel.functions())
            .filter(each -> each.attribute().equals(attribute) && each.physicalFrom() != each.physicalTo())
            .<Edit>map(each -> new InvertFunction(each.id()))
            .toList();
        return edits.isEmpty() ? Optional.empty()
                : Optional.of(new Cure(attribute + " is reversed.",
                        "The physical ends of " + attribute.toLowerCase(Locale.ROOT) + " change places, in " + edits.size()
                                + (edits.size() == 1 ? " function." : " functions."),
                        edits.size() == 1 ? edits.getFirst() : new Several(edits)));
    }

    private static Cure exchanged(boolean parts) {
        return new Cure("Pan and tilt are exchanged.",
                parts ? "The channels of pan and tilt exchange the parts that they turn, in every mode."
                        : "The channels of pan and tilt exchange their addresses, in every mode.",
                new ExchangeAxes(parts ? ExchangeAxes.What.PARTS : ExchangeAxes.What.ADDRESSES));
    }

    private static Optional<Cure> zero(FixtureType type, Forward.@Nullable Sense sense, String attribute,
            int degrees) {
        return sense == null ? Optional.empty() : BodyTree.find(type, sense.part()).map(part -> {
            var turned = new Matrix4d(Frames.of(part.position()));
            if (attribute.equals("Pan")) {
                turned.rotateZ(Math.toRadians(degrees));
            } else {
                turned.rotateX(Math.toRadians(degrees));
            }
            return new Cure(
                    "The zero of " + attribute.toLowerCase(Locale.ROOT) + " is elsewhere, by " + Figures.of(degrees) + "\u00b0.",
                    "The position of '" + part.name() + "' is turned by " + Figures.of(degrees) + "\u00b0.",
                    new PlacePart(part.name(), Frames.place(Frames.matrix(turned))));
        });
    }
}
