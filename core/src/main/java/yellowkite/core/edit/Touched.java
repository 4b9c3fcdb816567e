package yellowkite.core.edit;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.ToIntFunction;
import org.jspecify.annotations.Nullable;
import yellowkite.core.history.Places;
import yellowkite.core.profile.AttributeDefinitions;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.House;
import yellowkite.core.profile.LogicalChannel;
import yellowkite.core.profile.Mode;
import yellowkite.core.profile.Wheel;

/**
 * The places of a document that differ from another's: what a change touched. Two changes whose places have nothing in common can be made
 * by two people at once, in any order, and neither takes anything from the other.
 */
public final class Touched {
    /** For two who edit the same profile. */
    public static final Places<FixtureType, Place> PLACES = new Places<>() {
        @Override
        public Set<Place> between(FixtureType before, FixtureType after) {
            return Touched.between(before, after);
        }

        @Override
        public String words(FixtureType now, FixtureType before, Place place) {
            return PlaceWords.of(now, before, place);
        }
    };
    private static final FixtureType NOTHING = FixtureType.of(none -> {});
    private final Set<Place> places = new HashSet<>();

    private Touched() {}

    /** What a change can touch. A list's own place is its order: which nodes it has, one after the other. */
    public enum Kind {
        FACTS, ATTRIBUTES, LIGHT, BODY, WHEELS, WHEEL, MODES, MODE, CHANNELS, CHANNEL, FUNCTIONS, FUNCTION, NOTES, CARE, MARK
    }

    /** @param id of the node; 0 where there is only one such place */
    public record Place(Kind kind, int id) {}

    /** {@return the places that differ; none if the documents are equal} */
    public static Set<Place> between(FixtureType before, FixtureType after) {
        var touched = new Touched();
        touched.type(before, after);
        return Set.copyOf(touched.places);
    }

    private void type(FixtureType before, FixtureType after) {
        if (before == after) {
            return;
        }
        attributes(before.attributeDefinitions(), after.attributeDefinitions());
        add(Kind.LIGHT, 0, before.physicalDescriptions(), after.physicalDescriptions());
        add(Kind.BODY, 0, List.of(before.geometries(), before.models()), List.of(after.geometries(), after.models()));
        house(before.house(), after.house());
        each(Kind.WHEELS, 0, before.wheels(), after.wheels(), Wheel::id, (was, is) -> add(Kind.WHEEL, is.id(), was, is), this::whole);
        each(Kind.MODES, 0, before.modes(), after.modes(), Mode::id, this::mode, this::whole);
        add(Kind.FACTS, 0, facts(before), facts(after));
    }

    /** A definition that comes along with a channel takes nothing from anybody. */
    private void attributes(AttributeDefinitions before, AttributeDefinitions after) {
        if (before.attributes().stream().anyMatch(was -> !after.find(was.name()).equals(Optional.of(was)))) {
            places.add(new Place(Kind.ATTRIBUTES, 0));
        }
    }

    /** All of it that has no place of its own. */
    private static FixtureType facts(FixtureType type) {
        return type.with(f -> {
            f.attributeDefinitions = NOTHING.attributeDefinitions();
            f.physicalDescriptions = NOTHING.physicalDescriptions();
            f.geometries = List.of();
            f.models = List.of();
            f.wheels = List.of();
            f.modes = List.of();
            f.house = House.NONE;
            f.nextId = 0; // which ids are free is no place
        });
    }

    private void house(House before, House after) {
        add(Kind.NOTES, 0,
                List.of(before.notes(), before.category(), before.chartCounts(), before.assumed(), before.meant(), before.dipFromZero()),
                List.of(after.notes(), after.category(), after.chartCounts(), after.assumed(), after.meant(), after.dipFromZero()));
        eachKey(Kind.CARE, before.channels(), after.channels());
        eachKey(Kind.MARK, before.marks(), after.marks());
        eachKey(Kind.WHEEL, before.wheels(), after.wheels());
    }

    private void mode(Mode before, Mode after) {
        add(Kind.MODE, after.id(),
                new Mode(0, before.name(), before.description(), before.geometry(), List.of(), before.relations(), before.macros(),
                        before.source()),
                new Mode(0, after.name(), after.description(), after.geometry(), List.of(), after.relations(), after.macros(),
                        after.source()));
        each(Kind.CHANNELS, after.id(), before.channels(), after.channels(), Channel::id, this::channel, this::whole);
    }

    private void channel(Channel before, Channel after) {
        add(Kind.CHANNEL, after.id(), before.withLogicalChannels(List.of()), after.withLogicalChannels(List.of()));
        add(Kind.CHANNEL, after.id(), before.logicalChannels().stream().map(Touched::bare).toList(),
                after.logicalChannels().stream().map(Touched::bare).toList());
        each(Kind.FUNCTIONS, after.id(), functions(before), functions(after), ChannelFunction::id,
                (was, is) -> add(Kind.FUNCTION, is.id(), was, is), this::whole);
    }

    private static LogicalChannel bare(LogicalChannel logical) {
        return logical.withFunctions(List.of());
    }

    private static List<ChannelFunction> functions(Channel channel) {
        return channel.logicalChannels().stream().flatMap(logical -> logical.functions().stream()).toList();
    }

    private interface Both<T> {
        void look(T before, T after);
    }

    private <T> void each(Kind order, int of, List<T> before, List<T> after, ToIntFunction<T> id, Both<T> both, Consumer<T> alone) {
        if (before == after) {
            return;
        }
        var was = new HashMap<Integer, T>();
        before.forEach(one -> was.put(id.applyAsInt(one), one));
        add(order, of, before.stream().map(id::applyAsInt).toList(), after.stream().map(id::applyAsInt).toList());
        for (var is : after) {
            var one = was.remove(id.applyAsInt(is));
            if (one == null) {
                alone.accept(is);
            } else if (one != is) {
                both.look(one, is);
            }
        }
        was.values().forEach(alone);
    }

    /** What comes or goes, goes with all that stands in it. */
    private void whole(Wheel wheel) {
        places.add(new Place(Kind.WHEEL, wheel.id()));
    }

    private void whole(Mode mode) {
        places.add(new Place(Kind.MODE, mode.id()));
        places.add(new Place(Kind.CHANNELS, mode.id()));
        mode.channels().forEach(this::whole);
    }

    private void whole(Channel channel) {
        places.add(new Place(Kind.CHANNEL, channel.id()));
        places.add(new Place(Kind.FUNCTIONS, channel.id()));
        functions(channel).forEach(this::whole);
    }

    private void whole(ChannelFunction function) {
        places.add(new Place(Kind.FUNCTION, function.id()));
    }

    private <T> void eachKey(Kind kind, Map<Integer, T> before, Map<Integer, T> after) {
        before.forEach((id, was) -> add(kind, id, was, after.get(id)));
        after.keySet().stream().filter(id -> !before.containsKey(id)).forEach(id -> places.add(new Place(kind, id)));
    }

    private void add(Kind kind, int id, Object before, @Nullable Object after) {
        if (!Objects.equals(before, after)) {
            places.add(new Place(kind, id));
        }
    }
}
