package yellowkite.server.exchange;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import yellowkite.core.archive.Archive;
import yellowkite.core.mvr.FreshScene;
import yellowkite.core.mvr.Scene;
import yellowkite.core.mvr.SceneEditing;
import yellowkite.core.mvr.SceneLosses;
import yellowkite.core.mvr.SceneProfiles;
import yellowkite.core.rig.Pairs;
import yellowkite.core.rig.Rig;
import yellowkite.server.database.HouseClock;
import yellowkite.server.exchange.ExchangeRepository.Direction;
import yellowkite.server.exchange.ExchangeRepository.StoredExchange;
import yellowkite.server.exchange.Scenes.Arrived;
import yellowkite.server.revisions.RevisionReader;
import yellowkite.server.rigs.RigTaking.RigState;
import yellowkite.server.rigs.RigTaking;
import yellowkite.server.web.Author;
import yellowkite.server.web.Refusal;

/** Writes rigs as scenes: one that came from a scene goes out as that one, with everything in it that nobody changed. */
@Service
class SceneExport {
    private final Scenes scenes;
    private final RigTaking rigs;
    private final RevisionReader reader;
    private final ExchangeRepository exchanges;
    private final HouseClock clock;

    SceneExport(Scenes scenes, RigTaking rigs, RevisionReader reader, ExchangeRepository exchanges, HouseClock clock) {
        this.scenes = scenes;
        this.rigs = rigs;
        this.reader = reader;
        this.exchanges = exchanges;
        this.clock = clock;
    }

    /** Which profiles go along where the rig came from a scene. */
    enum Profiles {
        /** Those that units pin. */
        OURS,
        /** The file's own, wherever nobody has replaced them here. */
        UNTOUCHED
    }

    /** @param units uuids of those that go out; null = the whole rig */
    record SceneRequest(@Nullable List<String> units, Profiles profiles) {
        SceneRequest {
            Objects.requireNonNull(profiles, "profiles");
        }
    }

    /** The scene that a rig came from. */
    record SceneOfRig(String name, LocalDateTime at) {}

    /**
     * @param profiles files that go along, and {@code untouched} how many units go on naming the file's own
     * @param losses what the scene lacks, or carries although it is wrong
     * @param from the scene that it goes out as; null if it gets one of its own
     */
    record SceneProposal(int units, List<String> profiles, int untouched, List<SceneLosses.Loss> losses, @Nullable SceneOfRig from) {}

    /** What goes out. @param came the scene that it goes out as; null if it gets one of its own */
    private record Going(RigState state, Rig rig, @Nullable StoredExchange last, @Nullable Arrived came, Set<String> untouched,
            Map<String, String> specs) {}

    private Going going(String rigId, SceneRequest request) {
        var state = rigs.require(rigId);
        var rig = chosen(state.rig(), request.units());
        var last = request.units() == null ? exchanges.newestWithScene(rigId).orElse(null) : null;
        if (last == null || last.sceneId() == null) {
            return new Going(state, rig, null, null, Set.of(), SceneProfiles.specs(rig));
        }
        var came = scenes.require(last.sceneId());
        try (var file = came.open()) {
            var untouched = request.profiles() == Profiles.OURS ? Set.<String>of()
                    : SceneProfiles.untouched(rig, rigs.at(rigId, last.version()), file);
            var others = rig.units().stream().filter(unit -> !untouched.contains(unit.uuid())).toList();
            return new Going(state, rig, last, came, untouched,
                    SceneProfiles.specs(others, untouched.isEmpty() ? List.of() : file.profiles()));
        }
    }

    private static Rig chosen(Rig rig, @Nullable List<String> units) {
        if (units == null) {
            return rig;
        }
        var wanted = new HashSet<>(units);
        var chosen = rig.withUnits(rig.units().stream().filter(unit -> wanted.contains(unit.uuid())).toList());
        if (chosen.units().isEmpty()) {
            throw Refusal.unfit("units", "None of these units is in the rig any more.");
        }
        return chosen;
    }

    SceneProposal propose(String rigId, SceneRequest request) {
        var going = going(rigId, request);
        var notes = new HashMap<String, String>();
        if (going.came() != null) {
            Pairs.of(going.came().units(), going.rig().units())
                .pairs()
                .forEach(pair -> notes.put(pair.now().uuid(), pair.was().note()));
        }
        return new SceneProposal(going.rig().units().size(), List.copyOf(going.specs().values()), going.untouched().size(),
                SceneLosses.of(going.rig(), flaws(going.rig()), notes),
                going.last() == null ? null : new SceneOfRig(going.last().name(), going.last().at()));
    }

    /** Also of profiles that stay the file's own: what units pin is what lies there. */
    private Map<String, SceneLosses.Flaws> flaws(Rig rig) {
        var flaws = new HashMap<String, SceneLosses.Flaws>();
        SceneProfiles.specs(rig)
            .keySet()
            .forEach(pin -> rigs.revision(pin).map(reader::findings).ifPresent(all -> flaws.put(pin, SceneLosses.Flaws.of(all))));
        return flaws;
    }

    /** Writes it. A whole rig that goes out is what both sides have from then on. */
    void write(String rigId, SceneRequest request, Path to, Author author) throws IOException {
        var going = going(rigId, request);
        var profiles = new LinkedHashMap<String, byte[]>();
        going.specs().forEach((pin, name) -> rigs.revision(pin).ifPresent(revision -> profiles.put(name, reader.file(revision))));
        try (var out = Files.newOutputStream(to)) {
            write(going, profiles, out);
        }
        if (request.units() == null) {
            exchanges.add(new StoredExchange(UUID.randomUUID().toString(), rigId, Direction.OUT, null, going.rig().name() + ".mvr",
                    going.rig().units().size() + " units, " + going.specs().size() + " profiles of ours", author.name(), clock.now(),
                    going.state().version()));
        }
    }

    private static void write(Going going, Map<String, byte[]> profiles, OutputStream out) throws IOException {
        if (going.came() != null) {
            try (var file = going.came().open()) {
                file.write(out, SceneEditing.edited(file.scene(), going.rig(), going.specs(), going.untouched()), profiles);
            }
            return;
        }
        var entries = new LinkedHashMap<String, byte[]>();
        entries.put(Scene.ENTRY, FreshScene.of(going.rig(), going.specs()).write());
        entries.putAll(profiles);
        out.write(Archive.write(entries));
    }
}
