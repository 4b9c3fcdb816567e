package yellowkite.server.bench;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import yellowkite.core.bench.Causes;
import yellowkite.core.bench.Measured;
import yellowkite.core.bench.Proof;
import yellowkite.core.bench.Step;
import yellowkite.core.bench.Walk.Verdict;
import yellowkite.core.edit.Edit;
import yellowkite.server.bench.HandsView.HandsRange;
import yellowkite.server.bench.WalkRepository.State;
import yellowkite.server.bench.WalkRepository.StoredAnswer;
import yellowkite.server.bench.WalkRepository.StoredWalk;
import yellowkite.server.bench.Walks.Told;
import yellowkite.server.bench.Walks.WalkBegun;
import yellowkite.server.bench.Walks.WalkPlan;
import yellowkite.server.revisions.RevisionReader;
import yellowkite.server.web.Author;
import yellowkite.server.web.BeamView;
import yellowkite.server.web.Line;

/** Walks, over HTTP. */
@RestController
class WalkController {
    private static final int LONGEST = 100;
    private static final int LONGEST_ADDRESS = 300;
    private static final int LONGEST_NOTES = 2_000;
    private final Walks walks;
    private final RevisionReader revisions;

    WalkController(Walks walks, RevisionReader revisions) {
        this.revisions = revisions;
        this.walks = walks;
    }

    /**
     * @param minutes that hands need, stated before. @param next step that is not answered yet; the last where all are. @param done steps
     * of it that were answered
     */
    record WalkView(String id, String profileId, String manufacturer, String profile, int revision, String mode, boolean quick,
            boolean changedOnly, String destination,
            int universe, int address, boolean byInstruments, String fixtureSerial, String firmware, String notes, String author,
            LocalDateTime startedAt, State state, String says, int steps, int minutes, int next, int done, int agree, int differ,
            int cannotTell,
            List<DifferingStep> differing, List<CauseView> causes) {}

    /** @param reason as a person gave it. @param seen in a few words; empty where nobody measured */
    record DifferingStep(int step, Step.Kind kind, String channel, String function, @Nullable String range, long dmx, String expected,
            String seen,
            String says, String reason) {}

    /** @param fix what the profile's draft needs; null where the profile is not what is wrong. @param fixSays as on a button */
    record CauseView(String says, String flaw, int steps, @Nullable Edit fix, @Nullable String fixSays) {}

    /**
     * @param shows what should be seen. @param measuredIn unit of what a person can measure; null where there is no single number
     * @param beam what the light looks like then; null while nothing is sent. @param verdict null until it was answered
     */
    record StepView(int number, int of, Step.Kind kind, String channel, String function, @Nullable String range, long dmx, String shows,
            @Nullable String measuredIn, @Nullable BeamView beam, @Nullable Passing passing, @Nullable Verdict verdict, String reason) {}

    /** What a fade from the step before would pass over. @param snaps whether the profile says that it is not faded */
    record Passing(List<HandsRange> ranges, boolean snaps) {}

    /** 201 with the walk; 404 without such a revision or mode; 422 with the field that does not fit. */
    @PostMapping("/api/walks")
    @ResponseStatus(HttpStatus.CREATED)
    WalkView begin(@RequestBody WalkRequest request, Author author) {
        return view(walks.begin(request.checked(), author));
    }

    record WalkRequest(String pin, String mode, boolean quick, boolean changedOnly, String destination, int universe, int address,
            String telemetry, String fixtureSerial, String firmware, String notes) {
        WalkRequest {
            Objects.requireNonNull(pin, "pin");
            Objects.requireNonNull(mode, "mode");
            Objects.requireNonNull(destination, "destination");
            Objects.requireNonNull(telemetry, "telemetry");
        }

        private WalkBegun checked() {
            return new WalkBegun(pin, mode, quick, changedOnly, destination, universe, address,
                    Line.of("telemetry", telemetry, LONGEST_ADDRESS), Line.of("fixtureSerial", fixtureSerial, LONGEST),
                    Line.of("firmware", firmware, LONGEST), Line.of("notes", notes, LONGEST_NOTES));
        }
    }

    /** 200 with how long walks of a mode are, and when it was proven last. @param pin id of the revision */
    @GetMapping("/api/walk-plans")
    WalkPlan plan(@RequestParam String pin, @RequestParam String mode) {
        return walks.plan(pin, mode);
    }

    record WalkLine(String id, String profileId, String manufacturer, String profile, int revision, String mode, String firmware,
            String author,
            LocalDateTime startedAt, State state, int steps, int done, int differ) {}

    /** 200 with the newest walks, of one profile or of all. */
    @GetMapping("/api/walks")
    List<WalkLine> list(@RequestParam(required = false) @Nullable String profile) {
        return walks.list(profile).stream().map(each -> {
            var mode = walks.mode(each);
            var counts = walks.counts(each.id());
            return new WalkLine(each.id(), each.profileId(), mode.type().manufacturer(), mode.type().name(), each.number(),
                    mode.mode().name(),
                    each.firmware(), each.author(), each.startedAt(), each.state(), each.steps(),
                    counts.values().stream().mapToInt(Integer::intValue).sum(), counts.getOrDefault(Verdict.DIFFERS, 0));
        }).toList();
    }

    /** 200 with the walk, what differs and why; 404 if there is none. */
    @GetMapping("/api/walks/{id}")
    WalkView read(@PathVariable String id) {
        return view(walks.require(id));
    }

    /** 200 with the step, which the fixture shows from now on; 422 if nothing can go live. */
    @PostMapping("/api/walks/{id}/steps/{number}/show")
    StepView show(@PathVariable String id, @PathVariable int number, Author author) {
        walks.show(id, number, author);
        return step(id, number);
    }

    /** 200 with the step. */
    @GetMapping("/api/walks/{id}/steps/{number}")
    StepView step(@PathVariable String id, @PathVariable int number) {
        var made = walks.made(walks.require(id));
        var step = Walks.step(made, number);
        var answer = walks.answerOf(id, number);
        return new StepView(number, made.walk().steps().size(), step.kind(), step.channel(), step.function(), step.range(), step.dmx(),
                made.walk().shows(step), Measured.of(made.walk(), step).map(Measured::unit).orElse(null), walks.beam(made, step),
                passing(made, number), answer.map(StoredAnswer::verdict).orElse(null), answer.map(StoredAnswer::reason).orElse(""));
    }

    private @Nullable Passing passing(Walks.Made made, int number) {
        var files = revisions.entries(made.stored().revisionId());
        return made.walk()
            .passed(number)
            .map(each -> new Passing(HandsView.ranges(made.walk().mode(), each.channel(), files)
                .stream()
                .filter(range -> each.ranges().contains(range.name()))
                .toList(), each.snaps()))
            .orElse(null);
    }

    /** @param verdict null where a measured number says it. @param measured null where nobody measured */
    record AnswerRequest(@Nullable Verdict verdict, String reason, @Nullable Double measured) {
        AnswerRequest {
            Objects.requireNonNull(reason, "reason");
        }
    }

    /** 200 with the step as it was answered. */
    @PutMapping("/api/walks/{id}/steps/{number}")
    StepView answer(@PathVariable String id, @PathVariable int number, @RequestBody AnswerRequest request) {
        var reason = Line.of("reason", request.reason(), LONGEST_ADDRESS);
        if (request.measured() != null) {
            walks.measured(id, number, request.measured(), reason);
        } else {
            walks.answer(id, number, Objects.requireNonNull(request.verdict(), "verdict"), reason);
        }
        return step(id, number);
    }

    record EndRequest(boolean done) {}

    /** 200 with the walk, ended: its light goes. One that is not done can be gone on with. */
    @PostMapping("/api/walks/{id}/end")
    WalkView end(@PathVariable String id, @RequestBody EndRequest request) {
        return view(walks.end(id, request.done()));
    }

    /** 200 with the walk, which goes on. */
    @PostMapping("/api/walks/{id}/go-on")
    WalkView goOn(@PathVariable String id) {
        return view(walks.goOn(id));
    }

    private WalkView view(StoredWalk stored) {
        var made = walks.made(stored);
        var mode = made.walk().mode();
        var told = walks.told(made);
        var answers = told.stream().map(Told::answer).toList();
        var counts = walks.counts(stored.id());
        var causes = stored.state() == State.GOING ? List.<Causes.Cause>of() : Proof.of(made.walk(), answers, stored.footprint()).causes();
        return new WalkView(stored.id(), stored.profileId(), mode.type().manufacturer(), mode.type().name(), stored.number(),
                mode.mode().name(), stored.quick(), stored.since() != null, stored.destination(), stored.universe(), stored.address(),
                !stored.telemetry().isEmpty(), stored.fixtureSerial(), stored.firmware(), stored.notes(), stored.author(),
                stored.startedAt(), stored.state(), stored.says(), stored.steps(), made.walk().minutes(), next(stored, told),
                counts.values().stream().mapToInt(Integer::intValue).sum(), counts.getOrDefault(Verdict.AGREES, 0),
                counts.getOrDefault(Verdict.DIFFERS, 0), counts.getOrDefault(Verdict.CANNOT_TELL, 0),
                told.stream()
                    .filter(each -> each.answer().verdict() == Verdict.DIFFERS)
                    .map(each -> differing(each, made.walk().shows(each.answer().step())))
                    .toList(),
                causes.stream().map(WalkController::cause).toList());
    }

    private static int next(StoredWalk stored, List<Told> told) {
        var answered = told.stream().map(each -> each.answer().step().number()).collect(Collectors.toSet());
        return IntStream.rangeClosed(1, stored.steps()).filter(each -> !answered.contains(each)).findFirst().orElse(stored.steps());
    }

    private static DifferingStep differing(Told told, String shows) {
        var answer = told.answer();
        var step = answer.step();
        boolean measured = answer.seen() != null;
        return new DifferingStep(step.number(), step.kind(), step.channel(), step.function(), step.range(), step.dmx(),
                measured ? answer.expectedWords() : shows, answer.seenWords(), measured ? answer.says() : told.reason(), told.reason());
    }

    private static CauseView cause(Causes.Cause cause) {
        var fix = cause.fix();
        return new CauseView(cause.says(), cause.flaw().toString(), cause.steps(), fix == null ? null : fix.edit(),
                fix == null ? null : fix.says());
    }
}
