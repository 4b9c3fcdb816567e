package yellowkite.server.drafts;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Mode;

/**
 * The modes of the documents that editors have open just now, each made once however often one asks for its readout. A document never
 * changes, so the very object is the key; that of the step before is kept too, to tell which rows are still the same.
 */
final class CompiledModes {
    /** Channels of all modes; one takes about four kilobytes. */
    private static final int MOST = 16_384;
    private static final Cache<FixtureType, Map<Integer, CompiledMode>> KEPT = Caffeine.newBuilder()
        .weakKeys()
        .softValues()
        .maximumWeight(MOST)
        .weigher((FixtureType type, Map<Integer, CompiledMode> modes) -> 1
                + type.modes().stream().mapToInt(mode -> mode.channels().size()).sum())
        .build();

    private CompiledModes() {}

    /** @param mode one of the type's */
    static CompiledMode of(FixtureType type, Mode mode) {
        return KEPT.get(type, each -> new ConcurrentHashMap<>()).computeIfAbsent(mode.id(), id -> CompiledMode.of(type, mode));
    }
}
