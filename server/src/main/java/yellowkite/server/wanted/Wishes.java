package yellowkite.server.wanted;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.function.BooleanSupplier;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import yellowkite.core.library.WantedFixture;
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

/** What colleagues wish for: asked, taken, answered, dropped. Each change names the version that its asker saw. */
@Service
public class Wishes {
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
    private final ApplicationEventPublisher events;

    Wishes(WantedRepository repository, SourceRepository sources, ContentStore contents, HouseClock clock, RevisionReader reader,
            Transactions transactions, ApplicationEventPublisher events) {
        this.events = events;
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

    /** {@return open wishes by the day on which they are needed, then those that were answered} */
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

    /** A wish that nobody has answered. */
    public record OpenWish(String id, WantedFixture fixture) {}

    /** {@return open wishes, those first that are needed first} */
    public List<OpenWish> open(int most) {
        return repository.list(most)
            .stream()
            .filter(wish -> wish.answerRevisionId() == null)
            .map(wish -> new OpenWish(wish.id(), new WantedFixture(wish.manufacturer(), wish.model())))
            .toList();
    }

    private WishLine line(String id) {
        return lines(List.of(require(id))).getFirst();
    }

    /** @throws Refusal 404 if it was dropped */
    private StoredWish require(String id) {
        return repository.find(id).orElseThrow(() -> Refusal.notFound("This request is not on the list any more."));
    }

    /** What somebody asks for. @param mode as set on the fixture; may be empty, as may the words. @param neededBy null = no day is named */
    record Wish(String manufacturer, String model, String mode, @Nullable LocalDate neededBy, String words) {}

    /** {@return the wish} One that was asked for, and whose answer was lost, is not asked for again. */
    WishLine ask(Wish wish, Change change) {
        var manufacturer = Line.of("manufacturer", wish.manufacturer(), LONGEST_NAME);
        var model = Line.of("model", wish.model(), LONGEST_NAME);
        if (manufacturer.isEmpty() || model.isEmpty()) {
            throw Refusal.unfit(manufacturer.isEmpty() ? "manufacturer" : "model",
                    "Say manufacturer and model, as they stand on the fixture.");
        }
        if (wish.neededBy() != null && (wish.neededBy().getYear() < FIRST_YEAR || wish.neededBy().getYear() > LAST_YEAR)) {
            throw Refusal.unfit("neededBy", "The day lies in the years " + FIRST_YEAR + " to " + LAST_YEAR + ".");
        }
        var id = change.id() == null ? UUID.randomUUID().toString() : change.id();
        if (repository.find(id).isEmpty()) {
            repository.add(new StoredWish(id, 0, manufacturer, model, Line.of("mode", wish.mode(), LONGEST_NAME), wish.neededBy(),
                    Line.of("words", wish.words(), LONGEST_WORDS), change.author().name(), clock.now(), null, null, null));
            events.publishEvent(new WishAsked(new OpenWish(id, new WantedFixture(manufacturer, model))));
        }
        return line(id);
    }

    /** {@return the wish with a file more} One of the same name takes the place of the one before. */
    WishLine attach(String id, SourceFile source) {
        require(id);
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

    Optional<byte[]> file(String id, String name) {
        return Optional.ofNullable(repository.files(id).get(name)).flatMap(contents::find);
    }

    /** @param author who writes it from now on; null = nobody */
    WishLine take(String id, int seen, @Nullable Author author) {
        return changed(id, () -> repository.take(id, seen, author == null ? null : author.name()));
    }

    /** Closes a wish by the revision that answers it; its files stay with that profile as its sources. */
    WishLine answer(String id, int seen, String profileId, int number, Author author) {
        var revision = reader.require(profileId, number);
        return changed(id, () -> {
            if (!repository.answer(id, seen, revision.id(), clock.now())) {
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

    /** Forgets an open wish, with its files. */
    void drop(String id, int seen) {
        require(id);
        if (!transactions.run(() -> repository.delete(id, seen))) {
            throw stale(id);
        }
    }
}
