package yellowkite.server.wanted;

import java.io.IOException;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.function.BooleanSupplier;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import yellowkite.server.content.ContentStore;
import yellowkite.server.database.HouseClock;
import yellowkite.server.database.Transactions;
import yellowkite.server.library.SourceRepository;
import yellowkite.server.revisions.RevisionReader;
import yellowkite.server.wanted.WantedRepository.StoredWish;
import yellowkite.server.web.Author;
import yellowkite.server.web.Change;
import yellowkite.server.web.Line;
import yellowkite.server.web.Refusal;

/** The wanted list over HTTP. A change names the version that it was made upon: 409 if the wish is further by now. */
@RestController
class WantedController {
    private static final int LISTED = 500;
    private static final int LONGEST_NAME = 120;
    private static final int LONGEST_WORDS = 500;
    private static final int MOST_FILES = 12;
    private static final int FIRST_YEAR = 2000;
    private static final int LAST_YEAR = 2199;
    private final WantedRepository repository;
    private final SourceRepository sources;
    private final ContentStore contents;
    private final HouseClock clock;
    private final RevisionReader reader;
    private final Transactions transactions;

    WantedController(WantedRepository repository, SourceRepository sources, ContentStore contents, HouseClock clock, RevisionReader reader,
            Transactions transactions) {
        this.repository = repository;
        this.sources = sources;
        this.contents = contents;
        this.clock = clock;
        this.reader = reader;
        this.transactions = transactions;
    }

    record AnswerLine(String profileId, String name, int revision) {}

    /**
     * @param mode as set on the fixture; empty = not said
     * @param neededBy null = no day is named. @param late whether that day is over while nobody has answered
     * @param takenBy null while nobody writes it. @param answer null while it is open
     */
    record WishLine(String id, int version, String manufacturer, String model, String mode,
            @Nullable LocalDate neededBy, boolean late, String words, String askedBy, LocalDateTime askedAt,
            @Nullable String takenBy, @Nullable AnswerLine answer, List<String> files) {}

    /** 200 with open wishes by the day on which they are needed, then those that were answered; at most 500. */
    @GetMapping("/api/wanted")
    List<WishLine> list() {
        return lines(repository.list(LISTED));
    }

    private List<WishLine> lines(List<StoredWish> wishes) {
        var files = repository.filesOf(wishes.stream().map(StoredWish::id).toList());
        var answers = repository.answers(wishes.stream().map(StoredWish::answerRevisionId).filter(Objects::nonNull).toList());
        var today = clock.now().toLocalDate();
        return wishes.stream().map(each -> {
            var answer = each.answerRevisionId() == null ? null : answers.get(each.answerRevisionId());
            return new WishLine(each.id(), each.version(), each.manufacturer(), each.model(), each.mode(), each.neededBy(),
                    answer == null && each.neededBy() != null && each.neededBy().isBefore(today), each.words(), each.askedBy(),
                    each.askedAt(), each.takenBy(),
                    answer == null ? null : new AnswerLine(answer.profileId(), answer.name(), answer.number()),
                    files.getOrDefault(each.id(), List.of()));
        }).toList();
    }

    private WishLine line(String id) {
        return lines(List.of(require(id))).getFirst();
    }

    private StoredWish require(String id) {
        return repository.find(id).orElseThrow(() -> Refusal.notFound("This request is not on the list any more."));
    }

    /** @param mode as set on the fixture; may be empty, as may the words. @param neededBy null = no day is named */
    record AskRequest(String manufacturer, String model, String mode, @Nullable LocalDate neededBy, String words) {
        AskRequest {
            Objects.requireNonNull(manufacturer, "manufacturer");
            Objects.requireNonNull(model, "model");
            Objects.requireNonNull(mode, "mode");
            Objects.requireNonNull(words, "words");
        }
    }

    /** 201 with the wish; 422 with the {@code field} that does not fit. */
    @PostMapping("/api/wanted")
    @ResponseStatus(HttpStatus.CREATED)
    WishLine ask(@RequestBody AskRequest request, Change change) {
        var manufacturer = Line.of("manufacturer", request.manufacturer(), LONGEST_NAME);
        var model = Line.of("model", request.model(), LONGEST_NAME);
        if (manufacturer.isEmpty() || model.isEmpty()) {
            throw Refusal.unfit(manufacturer.isEmpty() ? "manufacturer" : "model",
                    "Say manufacturer and model, as they stand on the fixture.");
        }
        if (request.neededBy() != null && (request.neededBy().getYear() < FIRST_YEAR || request.neededBy().getYear() > LAST_YEAR)) {
            throw Refusal.unfit("neededBy", "The day lies in the years " + FIRST_YEAR + " to " + LAST_YEAR + ".");
        }
        var id = change.id() == null ? UUID.randomUUID().toString() : change.id();
        if (repository.find(id).isPresent()) {
            return line(id); // it was asked for, and only the answer was lost
        }
        repository.add(new StoredWish(id, 0, manufacturer, model, Line.of("mode", request.mode(), LONGEST_NAME), request.neededBy(),
                Line.of("words", request.words(), LONGEST_WORDS), change.author().name(), clock.now(), null, null, null));
        return line(id);
    }

    /** 200 with the wish and its files; 422 if it is no chart or photograph. A file of the same name takes the place of the one before. */
    @PostMapping(value = "/api/wanted/{id}/files", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    WishLine attach(@PathVariable String id, @RequestPart("file") MultipartFile file) throws IOException {
        require(id);
        var source = SourceFile.of(file);
        transactions.run(() -> {
            var there = repository.files(id);
            if (there.size() >= MOST_FILES && !there.containsKey(source.name())) {
                throw Refusal.unfit("file", "A request holds at most " + MOST_FILES + " files.");
            }
            repository.putFile(id, source.name(), contents.put(source.bytes()));
            return id;
        });
        return line(id);
    }

    /** 200 with a file to save; 404 if there is none of that name. */
    @GetMapping(value = "/api/wanted/{id}/file", produces = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    ResponseEntity<byte[]> file(@PathVariable String id, @RequestParam String name) {
        var sha = repository.files(id).get(name);
        return SourceFile.answer(name, content(sha));
    }

    private byte[] content(@Nullable String sha256) {
        return (sha256 == null ? Optional.<byte[]>empty() : contents.find(sha256))
            .orElseThrow(() -> Refusal.notFound("There is no such file."));
    }

    record VersionRequest(int version) {}

    /** 200 with the wish, which the one who asks writes from now on. */
    @PostMapping("/api/wanted/{id}/take")
    WishLine take(@PathVariable String id, @RequestBody VersionRequest request, Author author) {
        return changed(id, () -> repository.take(id, request.version(), author.name()));
    }

    /** 200 with the wish, which nobody writes any more. */
    @PostMapping("/api/wanted/{id}/give-back")
    WishLine giveBack(@PathVariable String id, @RequestBody VersionRequest request) {
        return changed(id, () -> repository.take(id, request.version(), null));
    }

    record CloseRequest(int version, String profileId, int revision) {
        CloseRequest {
            Objects.requireNonNull(profileId, "profileId");
        }
    }

    /** 200 with the wish, closed by the revision that answers it; its files stay with that profile as its sources. */
    @PostMapping("/api/wanted/{id}/answer")
    WishLine answer(@PathVariable String id, @RequestBody CloseRequest request, Author author) {
        var revision = reader.require(request.profileId(), request.revision());
        return changed(id, () -> {
            if (!repository.answer(id, request.version(), revision.id(), clock.now())) {
                return false;
            }
            repository.files(id).forEach((name, sha) -> sources.put(revision.profileId(), name, sha, author.name(), clock.now()));
            return true;
        });
    }

    private WishLine changed(String id, BooleanSupplier change) {
        require(id);
        if (!transactions.run(change::getAsBoolean)) {
            throw stale(id);
        }
        return line(id);
    }

    private Refusal stale(String id) {
        var now = require(id);
        var what = now.answerRevisionId() != null ? "has been answered"
                : now.takenBy() != null ? "was taken by " + now.takenBy() : "was given back";
        return Refusal.stale("This request " + what + " meanwhile. Look at it again.", Map.of());
    }

    /** 204; an open wish is forgotten, with its files. */
    @PostMapping("/api/wanted/{id}/drop")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void drop(@PathVariable String id, @RequestBody VersionRequest request) {
        require(id);
        if (!transactions.run(() -> repository.delete(id, request.version()))) {
            throw stale(id);
        }
    }

    /** @param addedAt UTC */
    record SourceLine(String name, String addedBy, LocalDateTime addedAt) {}

    /** 200 with what a profile was written from. */
    @GetMapping("/api/profiles/{profileId}/sources")
    List<SourceLine> sources(@PathVariable String profileId) {
        return sources.list(profileId).stream().map(each -> new SourceLine(each.name(), each.addedBy(), each.addedAt())).toList();
    }

    /** 200 with the profile's sources, this one among them; 422 if it is no chart or photograph. */
    @PostMapping(value = "/api/profiles/{profileId}/sources", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    List<SourceLine> addSource(@PathVariable String profileId, @RequestPart("file") MultipartFile file, Author author) throws IOException {
        if (!repository.hasProfile(profileId)) {
            throw Refusal.notFound("This profile is not in the library.");
        }
        var source = SourceFile.of(file);
        transactions.run(() -> {
            sources.put(profileId, source.name(), contents.put(source.bytes()), author.name(), clock.now());
            return profileId;
        });
        return sources(profileId);
    }

    /** 200 with a source to save; 404 if there is none of that name. */
    @GetMapping(value = "/api/profiles/{profileId}/source", produces = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    ResponseEntity<byte[]> source(@PathVariable String profileId, @RequestParam String name) {
        var sha = sources.list(profileId)
            .stream()
            .filter(each -> each.name().equals(name))
            .map(SourceRepository.Source::sha256)
            .findFirst()
            .orElse(null);
        return SourceFile.answer(name, content(sha));
    }
}
