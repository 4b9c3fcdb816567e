package yellowkite.server.bench;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import yellowkite.core.bench.Answer;
import yellowkite.core.bench.LightOut;
import yellowkite.core.bench.Proof;
import yellowkite.core.bench.Slots;
import yellowkite.core.bench.Step;
import yellowkite.core.bench.Walk;
import yellowkite.core.bench.Walk.Verdict;
import yellowkite.core.bench.telemetry.TelemetryJson;
import yellowkite.core.dmx.AddressMap;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.wire.sacn.SacnPacket;
import yellowkite.output.Command;
import yellowkite.output.FixtureOnTheWire;
import yellowkite.output.Telemetry;
import yellowkite.server.bench.WalkRepository.State;
import yellowkite.server.bench.WalkRepository.StoredAnswer;
import yellowkite.server.bench.WalkRepository.StoredWalk;
import yellowkite.server.database.HouseClock;
import yellowkite.server.revisions.RevisionReader;
import yellowkite.server.web.Author;
import yellowkite.server.web.Refusal;

/** Walks of revisions on fixtures: by hands, step by step, or by instruments, which go through it by themselves. */
@Service
class Walks {
    private static final Logger LOG = LoggerFactory.getLogger(Walks.class);
    private static final Duration LEFT_ALONE = Duration.ofMinutes(2);
    private static final int LISTED = 50;
    private static final int AT_ONCE = 2;
    private static final String GONE = "The server that walked it is gone; begin it again.";
    private final WalkRepository repository;
    private final RevisionReader reader;
    private final LiveOutput live;
    private final Addresses addresses;
    private final HouseClock clock;
    /** By revision, mode and kind: a revision never changes. */
    private final Cache<String, Walk> made = Caffeine.newBuilder().maximumSize(16).build();
    private final ExecutorService hands = Executors.newFixedThreadPool(AT_ONCE,
            work -> Thread.ofPlatform().name("walks").daemon().unstarted(work));

    Walks(WalkRepository repository, RevisionReader reader, LiveOutput live, Addresses addresses, HouseClock clock) {
        this.repository = repository;
        this.reader = reader;
        this.live = live;
        this.addresses = addresses;
        this.clock = clock;
    }

    /** A walk that is to begin. @param mode from 0. @param telemetry empty where hands answer */
    record WalkBegun(String profileId, int revision, int mode, boolean quick, String destination, int universe, int address,
            String telemetry,
            String fixtureSerial, String firmware, String notes) {}

    /** What a walk is made of. */
    record Made(StoredWalk stored, Walk walk) {}

    StoredWalk require(String id) {
        return repository.find(id).orElseThrow(() -> Refusal.notFound("This walk is not here any more."));
    }

    List<StoredWalk> list(@Nullable String profileId) {
        return profileId == null ? repository.list(LISTED) : repository.ofProfile(profileId, LISTED);
    }

    Made made(StoredWalk walk) {
        var steps = made.get(walk.revisionId() + " " + walk.mode() + " " + walk.quick(), none -> Walk.of(mode(walk), walk.quick()));
        return new Made(walk, steps);
    }

    /** {@return the mode that was walked, without its steps} */
    CompiledMode mode(StoredWalk walk) {
        return compiled(walk.profileId(), walk.number(), walk.mode());
    }

    private CompiledMode compiled(String profileId, int revision, int mode) {
        var type = reader.description(reader.require(profileId, revision)).type();
        if (mode < 0 || mode >= type.modes().size()) {
            throw Refusal.notFound("There is no such mode in this revision.");
        }
        return CompiledMode.of(type, type.modes().get(mode));
    }

    /** {@return the walk, begun} By instruments it goes on by itself. @throws Refusal 422 with the field that does not fit */
    StoredWalk begin(WalkBegun asked, Author author) {
        var revision = reader.require(asked.profileId(), asked.revision());
        var mode = compiled(asked.profileId(), asked.revision(), asked.mode());
        int size = Slots.of(mode).count();
        if (size == 0) {
            throw Refusal.unfit("mode", "This mode has no addresses: there is nothing to walk.");
        }
        if (asked.address() < 1 || asked.address() + size - 1 > AddressMap.UNIVERSE) {
            throw Refusal.unfit("address",
                    "This mode has " + size + " addresses: it begins from 1 to " + (AddressMap.UNIVERSE - size + 1) + ".");
        }
        var to = addresses.require(asked.destination(), asked.universe());
        if (!asked.telemetry().isBlank()) {
            addresses.requireInstruments(asked.telemetry());
        }
        var walk = new StoredWalk(UUID.randomUUID().toString(), revision.id(), asked.profileId(), asked.revision(), asked.mode(),
                asked.quick(),
                Walk.EDITION, to.toString(), asked.universe(), asked.address(), asked.telemetry().strip(), asked.fixtureSerial(),
                asked.firmware(), asked.notes(), author.name(), clock.now(), State.GOING, "", Walk.of(mode, asked.quick()).steps().size(),
                null);
        repository.add(walk);
        if (!walk.telemetry().isEmpty()) {
            hands.submit(() -> walkByInstruments(walk));
        }
        return walk;
    }

    private Command.Open universe(StoredWalk walk, CompiledMode mode) {
        return new Command.Open(walk.universe(), List.of(walk.destination()), SacnPacket.USUAL_PRIORITY,
                at(walk, Slots.of(mode).bytes(mode.startValues())),
                at(walk, Slots.of(mode).bytes(LightOut.none(mode))));
    }

    private static byte[] at(StoredWalk walk, byte[] slots) {
        var levels = new byte[AddressMap.UNIVERSE];
        System.arraycopy(slots, 0, levels, walk.address() - 1, slots.length);
        return levels;
    }

    private void walkByInstruments(StoredWalk stored) {
        var walk = made(stored).walk();
        var mode = walk.mode();
        var to = addresses.require(stored.destination(), stored.universe());
        var line = new LiveLine(live, universe(stored, mode), to, stored.author(), stored.id());
        try (var fixture = new FixtureOnTheWire(line, new Telemetry(addresses.requireInstruments(stored.telemetry())),
                Slots.of(mode).bytes(mode.startValues()))) {
            var proof = Proof.of(walk, fixture, answer -> keep(stored, walk, answer));
            repository.end(stored.id(), State.DONE, "", proof.footprint());
        } catch (Proof.Gone | Refusal gone) {
            repository.end(stored.id(), State.FAILED, String.valueOf(gone.getMessage()), null);
        } catch (RuntimeException failed) {
            LOG.error("Walk {} failed", stored.id(), failed);
            repository.end(stored.id(), State.FAILED, "Something went wrong in Yellow Kite itself; the server's log says more.", null);
        }
    }

    /** @throws Proof.Gone if the walk was stopped */
    private void keep(StoredWalk stored, Walk walk, Answer answer) throws Proof.Gone {
        boolean between = answer.step().kind() == Step.Kind.BETWEEN;
        var from = between ? madeFrom(walk, answer.step()) : null;
        var seen = answer.seen() == null ? null : TelemetryJson.write(answer.seen());
        boolean goesOn = repository.answer(stored.id(),
                new StoredAnswer(answer.step().number(), between ? (Long) answer.step().dmx() : null, from,
                        answer.verdict(), "", seen),
                clock.now());
        if (!goesOn) {
            throw new Proof.Gone("Stopped.");
        }
    }

    private static Integer madeFrom(Walk walk, Step between) {
        return walk.steps()
            .stream()
            .filter(each -> each.channel().equals(between.channel()) && each.function().equals(between.function())
                    && Objects.equals(each.range(), between.range()))
            .findFirst()
            .orElseThrow()
            .number();
    }

    /** An answer as the core knows it, and the reason that a person gave. */
    record Told(Answer answer, String reason) {}

    /** {@return what was answered, in the order of the steps} */
    List<Told> told(Made made) {
        var steps = made.walk().steps();
        var told = new ArrayList<Told>();
        for (var each : repository.answers(made.stored().id())) {
            var from = each.madeFrom() == null ? each.step() : (int) each.madeFrom();
            if (from < 1 || from > steps.size()) {
                continue; // of another edition
            }
            var step = each.value() == null ? steps.get(from - 1) : made.walk().between(steps.get(from - 1), each.step(), each.value());
            var seen = each.seen() == null ? null : TelemetryJson.read(each.seen().getBytes(StandardCharsets.UTF_8)).orElse(null);
            told.add(new Told(new Answer(step, each.verdict(), made.walk().wanted(step), seen), each.reason()));
        }
        return told;
    }

    /** {@return what was answered of a step} */
    Optional<StoredAnswer> answerOf(String walkId, int step) {
        return repository.answer(walkId, step);
    }

    Map<Verdict, Integer> counts(String walkId) {
        return repository.counts(walkId);
    }

    /** {@return the step, which the fixture shows now} @throws Refusal 422 if nothing can go live */
    Step show(String id, int number, Author author) {
        var made = made(requireByHand(id));
        var step = step(made, number);
        if (step.raws().length > 0) {
            try {
                var mode = made.walk().mode();
                live.keep();
                var levels = at(made.stored(), Slots.of(mode).bytes(step.raws()));
                if (!live.send(made.stored().universe(), id, levels, 0, List.of())) {
                    addresses.require(made.stored().destination(), made.stored().universe());
                    live.open(universe(made.stored(), mode), author.name(), id);
                    live.send(made.stored().universe(), id, levels, 0, List.of());
                }
            } catch (IOException failed) {
                throw Refusal.unfit("destination", "The output cannot be started here.");
            }
        }
        return step;
    }

    private StoredWalk requireByHand(String id) {
        var walk = require(id);
        if (!walk.telemetry().isEmpty()) {
            throw Refusal.unfit("walk", "This walk is answered by instruments.");
        }
        if (walk.edition() != Walk.EDITION) {
            throw Refusal.unfit("walk", "This walk was begun by an older version, whose steps were others. Begin it again.");
        }
        return walk;
    }

    static Step step(Made made, int number) {
        if (number < 1 || number > made.walk().steps().size()) {
            throw Refusal.notFound("This walk has no step " + number + ".");
        }
        return made.walk().steps().get(number - 1);
    }

    /** An answer by hand; the last word on a step counts. */
    void answer(String id, int number, Verdict verdict, String reason) {
        var made = made(requireByHand(id));
        step(made, number);
        if (!repository.answer(id, new StoredAnswer(number, null, null, verdict, reason, null), clock.now())) {
            throw Refusal.unfit("walk", "This walk has ended; go on with it first.");
        }
    }

    /** {@return the walk, ended} @param done whether it was walked to its end; if not, it can be gone on with */
    StoredWalk end(String id, boolean done) {
        var walk = require(id);
        repository.end(id, done ? State.DONE : State.STOPPED, done ? "" : "Stopped.", walk.footprint());
        live.close(walk.universe(), id);
        return require(id);
    }

    StoredWalk goOn(String id) {
        requireByHand(id);
        repository.goOn(id, clock.now());
        return require(id);
    }

    @Scheduled(fixedDelayString = "PT30S")
    void leaveAlone() {
        repository.leaveAlone(clock.now().minus(LEFT_ALONE), GONE);
    }

    @EventListener(ContextClosedEvent.class)
    void close() {
        hands.shutdownNow();
    }
}
