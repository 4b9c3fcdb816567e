package yellowkite.core.dmx;

import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import yellowkite.core.body.BodyMap;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Mode;

/**
 * What is asked of a mode again and again, each worked out once, and but for the addresses not before it is asked for: where its channels
 * stand, what its links lead to, which values belong to which function, and what the channels do. Does not change, so any number of threads
 * may share it; whoever keeps documents keeps it beside them.
 */
public final class CompiledMode {
    private final FixtureType type;
    private final Mode mode;
    private final BodyMap body;
    private final AddressMap map;
    private final LinkTargets targets;
    private final Map<Integer, List<Spans.FunctionSpan>> spans = new ConcurrentHashMap<>();
    private volatile @Nullable Resolver resolver;
    private final Map<Class<?>, Object> others = new ConcurrentHashMap<>();
    private volatile @Nullable String signature;

    private CompiledMode(FixtureType type, Mode mode) {
        this.type = type;
        this.mode = mode;
        this.body = BodyMap.of(type, mode);
        this.map = AddressMap.of(mode, body);
        this.targets = LinkTargets.of(mode);
    }

    /** @param mode one of the type's */
    public static CompiledMode of(FixtureType type, Mode mode) {
        return new CompiledMode(type, mode);
    }

    public FixtureType type() {
        return type;
    }

    public Mode mode() {
        return mode;
    }

    /** {@return the parts of the body in the places where they stand} */
    public BodyMap body() {
        return body;
    }

    /** {@return the channels in their places} */
    public AddressMap map() {
        return map;
    }

    public LinkTargets targets() {
        return targets;
    }

    public Resolver resolver() {
        var known = resolver;
        if (known == null) {
            known = Resolver.of(type, mode, map, targets, this::spans);
            resolver = known;
        }
        return known;
    }

    /** {@return the values of each function of a channel, in document order} @param channel of this mode */
    public List<Spans.FunctionSpan> spans(Channel channel) {
        return spans.computeIfAbsent(channel.id(), id -> Spans.of(type, channel));
    }

    /**
     * {@return what the mode does on its addresses, as a text} Equal for modes that are driven alike, whatever they and their parts are
     * called.
     */
    public String signature() {
        var known = signature;
        if (known == null) {
            known = MapSignature.of(map);
            signature = known;
        }
        return known;
    }

    /** {@return what another room makes of this mode, made at the first call} @param make called at least once, by whoever comes first */
    public <T> T once(Class<T> kind, Function<CompiledMode, T> make) {
        var known = others.get(kind);
        if (known == null) {
            known = make.apply(this);
            others.putIfAbsent(kind, known);
        }
        return kind.cast(known);
    }

    /** {@return what the channels do} @param raws one value for each placed channel, in the map's order and the channel's own width */
    public List<Meaning> resolve(long[] raws) {
        return resolver().resolve(raws);
    }

    /** {@return the start value of every placed channel, in the map's order} */
    public long[] startValues() {
        return resolver().startValues();
    }
}
