package yellowkite.server.intake;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.web.multipart.MultipartFile;
import yellowkite.server.database.HouseClock;
import yellowkite.server.database.Transactions;
import yellowkite.server.intake.RunRepository.Announced;
import yellowkite.server.intake.RunRepository.FileLine;
import yellowkite.server.intake.RunRepository.Outcome;
import yellowkite.server.intake.RunRepository.RunLine;
import yellowkite.server.web.Author;
import yellowkite.server.web.Change;
import yellowkite.server.web.Refusal;

/** Many files that come in together: announced, sent in small batches, reported one by one; whoever is cut off sends the rest later. */
@Service
class Runs {
    private static final Duration KEPT = Duration.ofDays(92);
    private static final int MOST_FILES = 5_000;
    private static final int MOST_AT_ONCE = 50;
    private static final int LONGEST_NAME = 300;
    private static final int LONGEST_SENTENCE = 1_000;
    private static final int LISTED = 50;
    private final Receiving receiving;
    private final RunRepository runs;
    private final HouseClock clock;
    private final Transactions transactions;

    Runs(Receiving receiving, RunRepository runs, HouseClock clock, Transactions transactions) {
        this.receiving = receiving;
        this.runs = runs;
        this.clock = clock;
        this.transactions = transactions;
    }

    /** @param files in the order in which they were announced */
    record RunView(RunLine run, List<FileLine> files) {}

    /** {@return a run of which no file was sent yet} @throws Refusal 422 for none or too many */
    RunView announce(List<Announced> announced, Author author) {
        if (announced.isEmpty() || announced.size() > MOST_FILES) {
            throw Refusal.unfit("files", "At most " + MOST_FILES + " files come in together; these are " + announced.size() + ".");
        }
        var files = announced.stream()
            .map(each -> new Announced(cut(each.name() == null ? "" : each.name(), LONGEST_NAME), each.size()))
            .toList();
        var id = UUID.randomUUID().toString();
        transactions.run(() -> {
            runs.add(id, author.name(), clock.now(), files);
            return id;
        });
        return read(id);
    }

    /** {@return the newest runs} */
    List<RunLine> list() {
        return runs.list(LISTED);
    }

    /** {@return what became of each file} @throws Refusal 404 if there is no such run */
    RunView read(String id) {
        return new RunView(require(id), runs.files(id));
    }

    private RunLine require(String id) {
        return runs.find(id).orElseThrow(() -> Refusal.notFound("There is no such import."));
    }

    /**
     * {@return what became of some files of a run} One that was sent before is sent again without harm. @param at place of each, in their
     * order
     */
    List<IntakeResult> send(String id, List<Integer> at, List<MultipartFile> files, IntakeResult.Same same, Author author) {
        var run = require(id);
        if (run.closed()) {
            throw Refusal.unfit("files", "This import is closed; begin another one.");
        }
        if (at.size() != files.size() || files.size() > MOST_AT_ONCE) {
            throw Refusal.unfit("files", "At most " + MOST_AT_ONCE + " files are sent at once, each with its place.");
        }
        if (at.stream().anyMatch(each -> each < 0 || each >= run.total()) || at.stream().distinct().count() != at.size()) {
            throw Refusal.unfit("at", "This import has the places 0 to " + (run.total() - 1) + ", each for one file.");
        }
        var results = IntStream.range(0, files.size())
            .mapToObj(i -> receiving.take(files.get(i), same, new Change(author, changeAt(id, at.get(i)))))
            .toList();
        transactions.run(() -> { // whoever dies before this finds the files in the library when they are sent again
            for (int i = 0; i < results.size(); i++) {
                runs.note(id, line(at.get(i), results.get(i)));
            }
            return id;
        });
        return results;
    }

    /** {@return the id of what becomes of one place of a run, however often its file is sent} */
    private static String changeAt(String run, int place) {
        return UUID.nameUUIDFromBytes((run + " " + place).getBytes(StandardCharsets.UTF_8)).toString();
    }

    private static FileLine line(int position, IntakeResult result) {
        var accepted = result.accepted();
        var question = result.question();
        if (accepted != null) {
            var says = accepted.manufacturer() + " " + accepted.name() + ", revision " + accepted.revision()
                    + (accepted.problems().isEmpty() ? ""
                            : "; " + accepted.problems().size() + (accepted.problems().size() == 1 ? " problem" : " problems"));
            return new FileLine(position, "", 0, accepted.isNew() ? Outcome.TAKEN : Outcome.KNOWN, cut(says, LONGEST_SENTENCE),
                    accepted.profileId());
        }
        if (question != null) {
            return new FileLine(
                    position, "", 0, Outcome.WAITS, cut(question.manufacturer() + " " + question.name()
                            + " is in the library with other content, as revision " + question.revision(), LONGEST_SENTENCE),
                    question.profileId());
        }
        return new FileLine(position, "", 0, Outcome.REFUSED, cut(result.refused() == null ? "" : result.refused(), LONGEST_SENTENCE),
                null);
    }

    private static String cut(String text, int longest) {
        return text.length() <= longest ? text : text.substring(0, longest - 3) + "...";
    }

    /** Nobody is asked any more whether to go on with it. Its report stays. */
    void close(String id) {
        runs.close(id);
    }

    /** Reports are kept for a quarter of a year; what came in stays. */
    @Scheduled(initialDelayString = "PT2M", fixedDelayString = "PT6H")
    void forget() {
        forget(clock.now());
    }

    /** @param now UTC */
    void forget(LocalDateTime now) {
        while (transactions.run(() -> runs.forgetBefore(now.minus(KEPT))) > 0) {
            // in pieces, so that nobody waits long for one of them
        }
    }
}
