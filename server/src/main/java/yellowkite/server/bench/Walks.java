package yellowkite.server.bench;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.LocalDateTime;
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
import yellowkite.core.bench.Measured;
import yellowkite.core.bench.Proof;
import yellowkite.core.bench.Seen;
import yellowkite.core.bench.Slots;
import yellowkite.core.bench.Step;
import yellowkite.core.bench.Walk;
import yellowkite.core.bench.Walk.Verdict;
import yellowkite.core.bench.telemetry.TelemetryJson;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.light.Light;
import yellowkite.output.Command;
import yellowkite.output.FixtureOnTheWire;
import yellowkite.output.Telemetry;
import yellowkite.server.bench.WalkRepository.State;
import yellowkite.server.bench.WalkRepository.StoredAnswer;
import yellowkite.server.bench.WalkRepository.StoredWalk;
import yellowkite.server.database.HouseClock;
import yellowkite.server.database.Transactions;
import yellowkite.server.revisions.LibraryChangeRepository;
import yellowkite.server.revisions.RevisionReader;
import yellowkite.server.revisions.StoredRevision;
import yellowkite.server.stored.StoredForm;
import yellowkite.server.stored.StoredForms;
import yellowkite.server.web.Author;
import yellowkite.server.web.BeamView;
import yellowkite.server.web.Refusal;

/** Walks of revisions on fixtures: by hands, step by step, or by instruments, which go through it by themselves. */
@Service
class Walks {
    private static final Logger LOG = LoggerFactory.getLogger(Walks.class);
    private static final StoredForm<String> SEEN = StoredForms.form(String.class);
    private static final Duration LEFT_ALONE = Duration.ofMinutes(2);
    private static final int LISTED = 50;
    private static final int AT_ONCE = 2;
    private static final String GONE = "The server that walked it is gone; begin it again.";
    private final WalkRepository repository;
    private final RevisionReader reader;
    private final Modes modes;
    private final LiveOutput live;
    private final Addresses addresses;
    private final HouseClock clock;
    private final Transactions transactions;
    private final LibraryChangeRepository changes;
    /** By revision, mode and kind: a revision never changes. */
    private final Cache<String, Walk> made = Caffeine.newBuilder().maximumSize(16).build();
    private final ExecutorService hands = Executors.newFixedThreadPool(AT_ONCE,
            work -> Thread.ofPlatform().name("walks").daemon().unstarted(work));

    Walks(WalkRepository repository, RevisionReader reader, Modes modes, LiveOutput live, Addresses addresses, HouseClock clock,
            Transactions transactions, LibraryChangeRepository changes) {
        this.transactions = transactions;
        this.changes = changes;
        this.repository = repository;
        this.reader = reader;
        this.modes = modes;
        this.live = live;
        this.addresses = addresses;
        this.clock = clock;
    }

    /**
     * A walk that is to begin. @param pin id of the revision. @param changedOnly what has changed since it was proven last. @param
     * telemetry empty where hands answer
     */
    record WalkBegun(String pin, String mode, boolean quick, boolean changedOnly, String destination, int universe, int address,
            String telemetry, String fixtureSerial, String firmware, String notes) {}

    /** How long a walk would be. */
    record Length(int steps, int minutes) {
        static Length of(Walk walk) {
            return new Length(walk.steps().size(), walk.minutes());
        }
    }

    /** When the mode was proven last. @param number of the revision. @param changed what is not covered by it any more */
    record ProvenBefore(int number, String firmware, String author, LocalDateTime at, Length changed) {}

    /** What can be walked. @param proven null where it never was */
    record WalkPlan(String profileId, String manufacturer, String profile, int revision, String mode, int slots, Length whole, Length quick,
            @Nullable ProvenBefore proven) {}

    /** {@return how long walks of a mode are} @throws Refusal 404 if there is no such mode */
    WalkPlan plan(String pin, String modeName) {
        var revision = modes.revision(pin);
        var mode = modes.mode(revision, modeName);
        var whole = Walk.of(mode, false);
        var before = provenBefore(revision, modeName);
        return new WalkPlan(revision.profileId(), mode.type().manufacturer(), mode.type().name(), revision.number(), modeName,
                Slots.of(mode).count(), Length.of(whole), Length.of(Walk.of(mode, true)),
                before.map(each -> new ProvenBefore(each.number(), each.firmware(), each.author(), each.startedAt(),
                        Length.of(whole.since(covered(each)))))
                    .orElse(null));
    }

    /** {@return the newest walk that proves a mode} */
    private Optional<StoredWalk> provenBefore(StoredRevision revision, String modeName) {
        return repository.proving(revision.profileId(), revision.number())
            .stream()
            .filter(each -> mode(each).mode().name().equals(modeName))
            .findFirst();
    }

    /** What a walk is made of. */
    record Made(StoredWalk stored, Walk walk) {}

    StoredWalk require(String id) {
        return repository.find(id).orElseThrow(() -> Refusal.notFound("This walk is not here any more."));
    }

    List<StoredWalk> list(@Nullable String profileId) {
        return profileId == null ? repository.list(LISTED) : repository.ofProfile(profileId, LISTED);
    }

    Made made(StoredWalk walk) {
        var key = walk.revisionId() + " " + walk.mode() + " " + walk.quick() + " " + walk.since();
        var known = made.getIfPresent(key);
        var steps = known == null ? steps(walk) : known; // one may be made of another
        made.put(key, steps);
        return new Made(walk, steps);
    }

    /** {@return the steps that a walk has answered for: its own, and those that it left out since nothing had changed} */
    Walk covered(StoredWalk walk) {
        if (walk.since() == null) {
            return made(walk).walk();
        }
        var before = repository.find(walk.since()).map(this::covered);
        var whole = Walk.of(mode(walk), false);
        return before.map(each -> whole.coveredBy(each, made(walk).walk())).orElseGet(() -> made(walk).walk());
    }

    private Walk steps(StoredWalk walk) {
        var whole = Walk.of(mode(walk), walk.quick());
        return walk.since() == null ? whole : whole.since(covered(require(walk.since())));
    }

    /** {@return the mode that was walked, without its steps} */
    CompiledMode mode(StoredWalk walk) {
        return modes.mode(reader.require(walk.profileId(), walk.number()), walk.mode());
    }

    /** {@return the walk, begun} By instruments it goes on by itself. @throws Refusal 422 with the field that does not fit */
    StoredWalk begin(WalkBegun asked, Author author) {
        var revision = modes.revision(asked.pin());
        var mode = modes.mode(revision, asked.mode());
        var to = addresses.require(asked.destination(), asked.universe());
        LiveFixture.requireFit(mode, asked.address());
        if (!asked.telemetry().isBlank()) {
            addresses.requireInstruments(asked.telemetry());
        }
        var before = asked.changedOnly()
                ? provenBefore(revision, asked.mode())
                    .orElseThrow(() -> Refusal.unfit("changedOnly", "This mode was never proven: walk it whole."))
                    .id()
                : null;
        var walk = new StoredWalk(UUID.randomUUID().toString(), revision.id(), revision.profileId(), revision.number(),
                mode.type().modes().indexOf(mode.mode()), asked.quick() && before == null, before,
                Walk.EDITION, to.toString(), asked.universe(), asked.address(), asked.telemetry().strip(), asked.fixtureSerial(),
                asked.firmware(), asked.notes(), author.name(), clock.now(), State.GOING, "", 0, null);
        walk = walk.with(made(walk).walk().steps().size());
        if (walk.steps() == 0) {
            throw Refusal.unfit("changedOnly", "Nothing has changed since this mode was proven.");
        }
        repository.add(walk);
        if (!walk.telemetry().isEmpty()) {
            var begun = walk;
            hands.submit(() -> walkByInstruments(begun));
        }
        return walk;
    }

    private static LiveFixture fixture(StoredWalk walk, CompiledMode mode) {
        return new LiveFixture(mode, walk.destination(), walk.universe(), walk.address());
    }

    private static LiveOutput.Holder holder(StoredWalk walk, LiveFixture fixture) {
        return new LiveOutput.Holder(walk.id(), "Walk of " + fixture.called(), fixture.owners());
    }

    private void walkByInstruments(StoredWalk stored) {
        var walk = made(stored).walk();
        var mode = walk.mode();
        var to = addresses.require(stored.destination(), stored.universe());
        var of = fixture(stored, mode);
        var line = new LiveLine(live, of.opening(), to, stored.author(), holder(stored, of));
        try (var fixture = new FixtureOnTheWire(line, new Telemetry(addresses.requireInstruments(stored.telemetry())),
                Slots.of(mode).bytes(mode.startValues()))) {
            var proof = Proof.of(walk, fixture, answer -> keep(stored, walk, answer));
            ended(stored, State.DONE, "", proof.footprint());
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
        var seen = answer.seen() == null ? null : SEEN.write(TelemetryJson.write(answer.seen()));
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
            var seen = each.seen() == null ? null : seen(each.seen());
            told.add(new Told(new Answer(step, each.verdict(), made.walk().wanted(step), seen), each.reason()));
        }
        return told;
    }

    private static @Nullable Seen seen(String kept) {
        try {
            return TelemetryJson.read(SEEN.read(kept).getBytes(StandardCharsets.UTF_8)).orElse(null);
        } catch (StoredForm.Unreadable damaged) {
            LOG.warn("What instruments saw cannot be read: {}.", damaged.getMessage());
            return null;
        }
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
                var stored = made.stored();
                var fixture = fixture(stored, made.walk().mode());
                live.keep();
                if (!live.isHeldBy(stored.universe(), id)) {
                    addresses.require(stored.destination(), stored.universe());
                    live.open(fixture.opening(), author.name(), holder(stored, fixture));
                }
                live.send(id, new Command.Levels(stored.universe(), fixture.levels(step.raws())));
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

    /** {@return what the light looks like at a step; null while nothing is sent} */
    @Nullable
    BeamView beam(Made made, Step step) {
        if (step.raws().length == 0) {
            return null;
        }
        var mode = made.walk().mode();
        return BeamView.of(Light.of(mode, mode.resolve(step.raws())), reader.entries(made.stored().revisionId()));
    }

    /** An answer by a measured number. @throws Refusal 422 where no single number can be measured */
    void measured(String id, int number, double measured, String reason) {
        var made = made(requireByHand(id));
        var can = Measured.of(made.walk(), step(made, number))
            .filter(each -> Double.isFinite(measured))
            .orElseThrow(() -> Refusal.unfit("measured", "There is no number to measure at this step."));
        answer(id, number, can.judge(measured), reason.isEmpty() ? can.words(measured) : can.words(measured) + "; " + reason);
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
        ended(walk, done ? State.DONE : State.STOPPED, done ? "" : "Stopped.", walk.footprint());
        live.close(walk.universe(), id);
        return require(id);
    }

    /** A profile that is proven is found by that from now on. */
    private void ended(StoredWalk walk, State state, String says, @Nullable Integer footprint) {
        transactions.run(() -> {
            boolean ends = repository.end(walk.id(), state, says, footprint);
            if (ends && state == State.DONE && !walk.quick() && Walk.proves(repository.counts(walk.id()))) {
                repository.prove(walk.id());
                changes.note(walk.profileId());
            }
            return ends;
        });
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
