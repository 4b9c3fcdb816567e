package yellowkite.core.dmx;

import java.util.List;
import java.util.stream.Stream;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Wheel;
import yellowkite.core.profile.WheelCare.Kind;

/** What kind of wheel it is: as the house says, else as the functions that turn it show, else as its slots do. */
public final class WheelKind {
    /** More frames than this fit no wheel in a fixture: they are a string. */
    private static final int MOST_ON_A_WHEEL = 14;

    private WheelKind() {}

    public static Kind of(FixtureType type, Wheel wheel) {
        var said = type.house().wheel(wheel.id()).kind();
        if (said != null) {
            return said;
        }
        var shown = functions(type).filter(each -> each.wheel().equals(wheel.name()))
            .map(each -> byAttribute(type, each.attribute()))
            .filter(each -> each != Kind.OTHER)
            .findFirst()
            .orElseGet(() -> bySlots(wheel));
        return shown == Kind.COLOURS && wheel.slots().size() > MOST_ON_A_WHEEL ? Kind.STRING : shown;
    }

    /** {@return the names of the wheels that a function of an attribute may turn} */
    public static List<String> fitting(FixtureType type, String attribute) {
        return type.wheels().stream().filter(wheel -> fits(of(type, wheel), attribute)).map(Wheel::name).toList();
    }

    private static boolean fits(Kind kind, String attribute) {
        return switch (kind) {
            case COLOURS, STRING -> attribute.startsWith("Color");
            case STILL_GOBOS, TURNING_GOBOS -> attribute.startsWith("Gobo");
            case PRISMS -> attribute.startsWith("Prism");
            case ANIMATION -> attribute.startsWith("Animation");
            default -> false;
        };
    }

    private static Stream<ChannelFunction> functions(FixtureType type) {
        return type.modes().stream().flatMap(mode -> mode.channels().stream()).flatMap(channel -> channel.functions());
    }

    /** A gobo turns if the fixture has a position of its own for it: Gobo1 beside Gobo1Pos. */
    private static Kind byAttribute(FixtureType type, String attribute) {
        if (attribute.matches("Gobo\\d.*")) {
            var own = attribute.replaceAll("^(Gobo\\d+).*", "$1") + "Pos";
            return functions(type).anyMatch(each -> each.attribute().startsWith(own)) ? Kind.TURNING_GOBOS : Kind.STILL_GOBOS;
        }
        return attribute.matches("Color\\d.*|ColorMacro.*") ? Kind.COLOURS
                : attribute.startsWith("Prism") ? Kind.PRISMS : attribute.startsWith("Animation") ? Kind.ANIMATION : Kind.OTHER;
    }

    private static Kind bySlots(Wheel wheel) {
        return wheel.slots().stream().anyMatch(each -> each.animation() != null) ? Kind.ANIMATION
                : wheel.slots().stream().anyMatch(each -> !each.facets().isEmpty()) ? Kind.PRISMS
                        : wheel.slots().stream().anyMatch(each -> !each.mediaFile().isEmpty()) ? Kind.STILL_GOBOS
                                : wheel.slots()
                                    .stream()
                                    .anyMatch(each -> each.color() != null && !each.isOpen() || !each.filter().isEmpty()) ? Kind.COLOURS
                                            : Kind.OTHER;
    }
}
