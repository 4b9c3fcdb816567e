package yellowkite.core.bench;

import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.dmx.PlacedChannel;

/** One way in which a fixture differs from its profile. Written as in {@code reversed:Pan}. */
public sealed interface Flaw {
    /** Every slot of a wheel is so many on. */
    record WheelOff(String wheel, int by) implements Flaw {
        @Override
        public String toString() {
            return "wheel:" + wheel + ":" + (by < 0 ? "" : "+") + by;
        }
    }

    /** An attribute runs the other way. */
    record Reversed(String attribute) implements Flaw {
        @Override
        public String toString() {
            return "reversed:" + attribute;
        }
    }

    /** Two attributes have each other's channels. */
    record Swapped(String one, String other) implements Flaw {
        @Override
        public String toString() {
            return "swapped:" + one + ":" + other;
        }
    }

    /** Coarse and fine byte have each other's address. */
    record FineFirst(String attribute) implements Flaw {
        @Override
        public String toString() {
            return "fine:" + attribute;
        }
    }

    /** All boundaries of a channel lie so many values later, in the channel's own width. */
    record Shifted(String channel, long by) implements Flaw {
        @Override
        public String toString() {
            return "shift:" + channel + ":" + by;
        }
    }

    /** What a channel does before the first frame. */
    record Starting(String channel, long at) implements Flaw {
        @Override
        public String toString() {
            return "start:" + channel + ":" + at;
        }
    }

    /** An attribute's physical value is squared on its way. */
    record Bent(String attribute) implements Flaw {
        @Override
        public String toString() {
            return "bent:" + attribute;
        }
    }

    /** The cells stand in the other order. */
    record CellsReversed() implements Flaw {
        @Override
        public String toString() {
            return "order:reverse";
        }
    }

    /** It has so many addresses. */
    record Footprint(int addresses) implements Flaw {
        @Override
        public String toString() {
            return "footprint:" + addresses;
        }
    }

    /** It stands in another personality, from 1. */
    record OtherPersonality(int number) implements Flaw {
        @Override
        public String toString() {
            return "personality:" + number;
        }
    }

    /** A channel does nothing. */
    record Deaf(String channel) implements Flaw {
        @Override
        public String toString() {
            return "deaf:" + channel;
        }
    }

    /** How flaws are written. */
    String FORMS = "wheel:NAME:+1, reversed:ATTRIBUTE, swapped:A:B, fine:ATTRIBUTE, shift:CHANNEL:N, start:CHANNEL:V, bent:ATTRIBUTE,"
            + " order:reverse, footprint:N, personality:N, deaf:CHANNEL";

    /** {@return the flaw that a text is} Names may hold colons; the last number is what stands behind the last of them. */
    static Optional<Flaw> parse(String text) {
        int colon = text.indexOf(':');
        if (colon < 0 || colon == text.length() - 1) {
            return Optional.empty();
        }
        var rest = text.substring(colon + 1);
        int last = rest.lastIndexOf(':');
        var name = last < 0 ? "" : rest.substring(0, last);
        var number = number(last < 0 ? rest : rest.substring(last + 1));
        return switch (text.substring(0, colon)) {
            case "wheel" -> named(name, number).map(by -> new WheelOff(name, by.intValue()));
            case "shift" -> named(name, number).map(by -> new Shifted(name, by));
            case "start" -> named(name, number).filter(at -> at >= 0).map(at -> new Starting(name, at));
            case "swapped" -> name.isEmpty() ? Optional.empty() : Optional.of(new Swapped(name, rest.substring(last + 1)));
            case "reversed" -> Optional.of(new Reversed(rest));
            case "fine" -> Optional.of(new FineFirst(rest));
            case "bent" -> Optional.of(new Bent(rest));
            case "deaf" -> Optional.of(new Deaf(rest));
            case "order" -> rest.equals("reverse") ? Optional.of(new CellsReversed()) : Optional.empty();
            case "footprint" -> number.filter(n -> n >= 0 && n <= 512).map(n -> new Footprint(n.intValue()));
            case "personality" -> number.filter(n -> n >= 1 && n <= 255).map(n -> new OtherPersonality(n.intValue()));
            default -> Optional.empty();
        };
    }

    private static Optional<Long> named(String name, Optional<Long> number) {
        return name.isEmpty() ? Optional.empty() : number;
    }

    private static Optional<Long> number(String text) {
        return Pattern.matches("[+-]?\\d{1,10}", text) ? Optional.of(Long.valueOf(text)) : Optional.empty();
    }

    /** {@return why a fixture in that mode cannot have it, as a sentence; empty if it can} */
    default Optional<String> missingIn(CompiledMode mode) {
        return switch (this) {
            case WheelOff(var wheel, var by) -> mode.type().findWheel(wheel).filter(each -> !each.slots().isEmpty()).isPresent()
                    ? Optional.empty()
                    : Optional.of("there is no wheel '" + wheel + "' with slots.");
            case Reversed(var attribute) -> attribute(mode, attribute);
            case Bent(var attribute) -> attribute(mode, attribute);
            case FineFirst(var attribute) -> attribute(mode, attribute);
            case Swapped(var one, var other) -> attribute(mode, one).or(() -> attribute(mode, other));
            case Shifted(var channel, var by) -> channel(mode, channel);
            case Starting(var channel, var at) -> channel(mode, channel);
            case Deaf(var channel) -> channel(mode, channel);
            case OtherPersonality(var number) -> number <= mode.type().modes().size() ? Optional.empty()
                    : Optional.of("the profile has " + mode.type().modes().size() + " modes.");
            case CellsReversed() -> Optional.empty();
            case Footprint(var addresses) -> Optional.empty();
        };
    }

    private static Optional<String> attribute(CompiledMode mode, String attribute) {
        return mode.mode().channels().stream().anyMatch(each -> each.carries(attribute)) ? Optional.empty()
                : Optional.of("no channel of mode '" + mode.mode().name() + "' carries '" + attribute + "'.");
    }

    private static Optional<String> channel(CompiledMode mode, String channel) {
        return mode.map().channels().stream().anyMatch(each -> names(channel, each)) ? Optional.empty()
                : Optional.of("mode '" + mode.mode().name() + "' has no channel '" + channel + "'.");
    }

    /** {@return whether a flaw of a channel is one of this channel: by its name in its place, or in the document} */
    static boolean names(String channel, PlacedChannel placed) {
        return placed.name().equals(channel) || placed.channel().name().equals(channel);
    }

    /** {@return the first of some kind among flaws} */
    static <F extends Flaw> Optional<F> first(List<Flaw> flaws, Class<F> kind) {
        return flaws.stream().filter(kind::isInstance).map(kind::cast).findFirst();
    }
}
