package yellowkite.server.exchange;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import yellowkite.core.mvr.FoundProfiles;
import yellowkite.core.mvr.MvrFile;
import yellowkite.core.mvr.SceneUnits;
import yellowkite.core.rig.Found;
import yellowkite.core.rig.Unit;
import yellowkite.server.database.HouseClock;
import yellowkite.server.exchange.SceneTaking.SceneView;
import yellowkite.server.web.Refusal;

/** Scenes that have been handed over and wait to be decided on. None outlives the program: nothing of it stands before it is taken. */
@Service
class Scenes {
    private static final Logger LOG = LoggerFactory.getLogger(Scenes.class);
    private static final int MOST = 8;
    private static final Duration KEPT = Duration.ofHours(2);
    private final SceneTaking taking;
    private final HouseClock clock;
    private final Map<String, Arrived> waiting = new ConcurrentHashMap<>();

    Scenes(SceneTaking taking, HouseClock clock) {
        this.taking = taking;
        this.clock = clock;
    }

    /**
     * A scene that was read.
     *
     * @param file where it lies
     * @param units with what the file's own profiles say of them, pinned by their path
     * @param view what was shown of it: it is decided upon as it was seen
     */
    record Arrived(Path file, LocalDateTime at, List<Unit> units, SceneView view) {}

    /**
     * Reads a scene and keeps it. {@return what was read} @param file is deleted when it is left
     *
     * @throws yellowkite.core.archive.FormatException if it is none
     */
    Arrived receive(String name, Path file) throws IOException {
        if (waiting.size() >= MOST) {
            waiting.entrySet()
                .stream()
                .min(Map.Entry.comparingByValue(Comparator.comparing(Arrived::at)))
                .map(Map.Entry::getKey)
                .ifPresent(this::leave);
        }
        try (var scene = MvrFile.open(Files.newByteChannel(file))) {
            var read = SceneUnits.of(scene.scene());
            var found = FoundProfiles.of(scene, read.units(), "", (asked, id) -> nothing(asked.footprint()), false);
            var id = UUID.randomUUID().toString();
            var arrived = new Arrived(file, clock.now(), found.units(), taking.show(id, name, scene, read, found));
            waiting.put(id, arrived);
            return arrived;
        }
    }

    private static Found nothing(@Nullable Integer footprint) {
        return footprint == null || footprint < 1 ? Found.NOTHING : Found.placeholder(footprint);
    }

    Arrived require(String id) {
        return Optional.ofNullable(waiting.get(id))
            .orElseThrow(() -> Refusal.notFound("This scene is not here any more. Choose its file again."));
    }

    /** Forgets it; nothing happens if it is not here. */
    void leave(String id) {
        Optional.ofNullable(waiting.remove(id)).ifPresent(left -> {
            try {
                Files.deleteIfExists(left.file());
            } catch (IOException stays) {
                LOG.warn("A scene that was left stays on the disk: {}", left.file());
            }
        });
    }

    @Scheduled(fixedDelayString = "PT10M")
    void leaveOldOnes() {
        var before = clock.now().minus(KEPT);
        waiting.entrySet()
            .stream()
            .filter(each -> each.getValue().at().isBefore(before))
            .map(Map.Entry::getKey)
            .toList()
            .forEach(this::leave);
    }

    @EventListener(ContextClosedEvent.class)
    void end() {
        List.copyOf(waiting.keySet()).forEach(this::leave);
    }
}
