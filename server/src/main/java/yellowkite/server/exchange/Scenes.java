package yellowkite.server.exchange;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
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
import yellowkite.server.exchange.SceneRepository.StoredScene;
import yellowkite.server.exchange.SceneTaking.SceneView;
import yellowkite.server.web.Author;
import yellowkite.server.web.Refusal;

/** Scenes that have been handed over: they are kept until they are decided on, and those that a rig came from as long as it is there. */
@Service
class Scenes {
    private static final Logger LOG = LoggerFactory.getLogger(Scenes.class);
    private static final int MOST_WAITING = 12;
    private static final int MOST_READ = 8;
    private static final Duration WAITING = Duration.ofDays(14);
    private static final Duration READ = Duration.ofHours(2);
    private static final int PART = 4 << 20;
    private final SceneTaking taking;
    private final SceneRepository repository;
    private final HouseClock clock;
    private final Map<String, Arrived> read = new ConcurrentHashMap<>();
    /** Scenes on their way into the database: a hundred megabytes take it longer than reading them. */
    private final Map<String, CompletableFuture<Void>> storing = new ConcurrentHashMap<>();
    private final ExecutorService hands = Executors
        .newSingleThreadExecutor(work -> Thread.ofPlatform().name("scenes").daemon().unstarted(work));

    Scenes(SceneTaking taking, SceneRepository repository, HouseClock clock) {
        this.taking = taking;
        this.repository = repository;
        this.clock = clock;
    }

    /**
     * A scene that was read.
     *
     * @param file a copy of it, for as long as it is read
     * @param units with what the file's own profiles say of them, pinned by their path
     */
    record Arrived(Path file, LocalDateTime at, List<Unit> units, SceneView view) {
        MvrFile open() {
            try {
                return MvrFile.open(Files.newByteChannel(file));
            } catch (IOException gone) {
                throw new UncheckedIOException(gone);
            }
        }
    }

    /**
     * Reads a scene and keeps it. {@return what was read} @param file is deleted some time
     *
     * @throws yellowkite.core.archive.FormatException if it is none
     */
    Arrived receive(String name, Path file, Author author) throws IOException {
        var waiting = repository.waiting();
        waiting.stream().skip(MOST_WAITING - 1).forEach(each -> leave(each.id()));
        var id = UUID.randomUUID().toString();
        var arrived = read(id, name, file);
        keep(id, arrived);
        var way = new CompletableFuture<Void>();
        storing.put(id, way);
        hands.submit(() -> {
            try {
                store(id, name, arrived, author);
            } catch (IOException | RuntimeException failed) {
                LOG.warn("A scene could not be kept.", failed); // whoever needs it there does not find it
            } finally {
                storing.remove(id);
                way.complete(null);
            }
        });
        return arrived;
    }

    private Arrived read(String id, String name, Path file) throws IOException {
        try (var scene = MvrFile.open(Files.newByteChannel(file))) {
            var units = SceneUnits.of(scene.scene());
            var found = FoundProfiles.of(scene, units.units(), "", (asked, own) -> nothing(asked.footprint()), false);
            return new Arrived(file, clock.now(), found.units(), taking.show(id, name, scene, units, found));
        }
    }

    private void store(String id, String name, Arrived arrived, Author author) throws IOException {
        repository.begin(new StoredScene(id, name, Files.size(arrived.file()), arrived.units().size(), arrived.view().kinds().size(),
                author.name(), arrived.at()));
        try (var in = Files.newInputStream(arrived.file())) {
            int position = 0;
            for (byte[] part = in.readNBytes(PART); part.length > 0; part = in.readNBytes(PART)) {
                repository.addPart(id, position, part);
                position++;
            }
        }
        repository.complete(id);
    }

    private static Found nothing(@Nullable Integer footprint) {
        return footprint == null || footprint < 1 ? Found.NOTHING : Found.placeholder(footprint);
    }

    /** What was read is read again when it is wanted. */
    private void keep(String id, Arrived arrived) {
        if (read.size() >= MOST_READ) {
            read.entrySet()
                .stream()
                .filter(each -> !storing.containsKey(each.getKey()))
                .min(Map.Entry.comparingByValue(Comparator.comparing(Arrived::at)))
                .map(Map.Entry::getKey)
                .ifPresent(this::forget);
        }
        read.put(id, arrived);
    }

    List<StoredScene> waiting() {
        return repository.waiting();
    }

    /** Waits until a scene is in the database. @throws Refusal 404 if it did not get there */
    void requireStored(String id) {
        awaitStored(id);
        if (repository.find(id).isEmpty()) {
            forget(id);
            throw gone();
        }
    }

    private void awaitStored(String id) {
        var way = storing.get(id);
        if (way != null) {
            way.join();
        }
    }

    private static Refusal gone() {
        return Refusal.notFound("This scene is not here any more. Choose its file again.");
    }

    /** {@return a scene as it is read now} @throws Refusal 404 if it was left */
    Arrived require(String id) {
        if (storing.containsKey(id) && read.get(id) instanceof Arrived arrived) {
            return arrived;
        }
        var stored = repository.find(id).orElseThrow(Scenes::gone);
        var known = read.get(id);
        if (known != null && Files.exists(known.file())) {
            return known;
        }
        try {
            var arrived = read(id, stored.name(), copy(id));
            keep(id, arrived);
            return arrived;
        } catch (IOException full) {
            throw new UncheckedIOException(full);
        }
    }

    private Path copy(String id) throws IOException {
        var file = Files.createTempFile("kite-scene-", ".mvr");
        file.toFile().deleteOnExit();
        try (var out = Files.newOutputStream(file)) {
            repository.copy(id, out);
        }
        return file;
    }

    /** Forgets it, unless a rig came from it; nothing happens if it is not here. */
    void leave(String id) {
        awaitStored(id); // what is still on its way would be there after it was left
        repository.leave(id);
        forget(id);
    }

    /** Deletes it: a newer one stands for its rig. */
    void delete(String id) {
        repository.delete(id);
        forget(id);
    }

    private void forget(String id) {
        var left = read.remove(id);
        if (left != null) {
            try {
                Files.deleteIfExists(left.file());
            } catch (IOException stays) {
                LOG.warn("A scene that was left stays on the disk: {}", left.file());
            }
        }
    }

    @Scheduled(fixedDelayString = "PT10M")
    void leaveOldOnes() {
        repository.leaveBefore(clock.now().minus(WAITING), clock.now().minus(READ));
        read.entrySet()
            .stream()
            .filter(each -> each.getValue().at().isBefore(clock.now().minus(READ)))
            .map(Map.Entry::getKey)
            .toList()
            .forEach(this::forget);
    }

    @EventListener(ContextClosedEvent.class)
    void end() {
        hands.shutdown();
        List.copyOf(read.keySet()).forEach(this::forget);
    }
}
