package yellowkite.core.bench;

import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.dmx.Resolver;
import yellowkite.core.dmx.Spans;

/** Brings mode masters to where a function counts. */
final class Situations {
    /** Masters that wait for masters: a fixture has a handful. */
    private static final int MOST_MASTERS = 4;
    private static final int MOST_TRIES = 2_000;
    private final CompiledMode mode;
    private int tries;

    Situations(CompiledMode mode) {
        this.mode = mode;
    }

    /** {@return those values with one channel at {@code raw}, and its masters where the function counts; null if that cannot be} */
    long @Nullable [] reach(long[] from, int index, Spans.FunctionSpan span, long raw) {
        var raws = from.clone();
        raws[index] = raw;
        tries = 0;
        return isActive(raws, index, span) || brought(raws, index, span, mode.resolver().mastersOf(index, MOST_MASTERS), 0) ? raws : null;
    }

    private boolean brought(long[] raws, int index, Spans.FunctionSpan span, List<Resolver.Master> masters, int at) {
        if (at == masters.size() || at == MOST_MASTERS) {
            return false;
        }
        var master = masters.get(at);
        if (master.index() == index) {
            return brought(raws, index, span, masters, at + 1);
        }
        long was = raws[master.index()];
        for (long edge : master.edges()) {
            raws[master.index()] = edge;
            if (++tries > MOST_TRIES) {
                break;
            }
            if (isActive(raws, index, span) || brought(raws, index, span, masters, at + 1)) {
                return true;
            }
        }
        raws[master.index()] = was;
        return brought(raws, index, span, masters, at + 1);
    }

    private boolean isActive(long[] raws, int index, Spans.FunctionSpan span) {
        var active = mode.resolver().meaningOf(index, raws).function();
        return active != null && active.function().id() == span.function().id();
    }
}
