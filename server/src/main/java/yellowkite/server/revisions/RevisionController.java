package yellowkite.server.revisions;

import io.swagger.v3.oas.annotations.media.Schema;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;
import yellowkite.core.house.LeftBehind;
import yellowkite.server.web.Author;
import yellowkite.server.web.Refusal;

/** Revisions: what there is, what goes out, and what is withdrawn. */
@RestController
class RevisionController {
    private static final int LONGEST_REASON = 300;
    private final Revisions revisions;
    private final RevisionRepository repository;

    RevisionController(Revisions revisions, RevisionRepository repository) {
        this.revisions = revisions;
        this.repository = repository;
    }

    /** @param at UTC */
    record WithdrawalLine(String why, String author, LocalDateTime at) {}

    /**
     * @param at         UTC
     * @param despite    why it was published although checks found errors; null if there is no such reason
     * @param withdrawn  null unless it is not to be used any more
     * @param leftBehind what its file does not carry, in sentences
     */
    record RevisionLine(int number, String summary, String author, LocalDateTime at, int errors, int warnings, @Schema(nullable = true) @Nullable String despite, RevisionFacts facts,
            @Schema(nullable = true) @Nullable WithdrawalLine withdrawn, List<String> leftBehind) {}

    /** 200 with the revisions of a profile, the newest first; none for an unknown profile. */
    @GetMapping("/api/profiles/{profileId}/revisions")
    List<RevisionLine> list(@PathVariable String profileId) {
        var facts = repository.factsOf(profileId);
        var withdrawn = repository.withdrawalsOf(profileId);
        return revisions.listOf(profileId).stream().map(each -> {
            var why = withdrawn.get(each.id());
            return new RevisionLine(each.number(), each.summary(), each.author(), each.createdAt(), each.errors(), each.warnings(), each.despite(), facts.getOrDefault(each.id(), RevisionFacts.UNSAID),
                    why == null ? null : new WithdrawalLine(why.why(), why.author(), why.at()), LeftBehind.of(revisions.house(each.id())));
        }).toList();
    }

    /** @param why empty to take a withdrawal back */
    record WithdrawRequest(String why) {
        WithdrawRequest {
            Objects.requireNonNull(why, "why");
        }
    }

    /** 200 with the revisions as they are now; the revision stays readable and warns from now on. 422 if the reason is no line, or it is withdrawn already. */
    @PostMapping("/api/profiles/{profileId}/revisions/{number}/withdraw")
    List<RevisionLine> withdraw(@PathVariable String profileId, @PathVariable int number, @RequestBody WithdrawRequest request, @RequestHeader(Author.HEADER) String author) {
        var revision = revisions.require(profileId, number);
        var by = Author.of(author);
        var why = request.why().strip();
        RevisionFacts.requireLine("why", why, LONGEST_REASON);
        if (why.isEmpty()) {
            repository.restore(revision.id());
        } else if (!repository.withdraw(new RevisionRepository.Withdrawal(revision.id(), why, by.name(), revisions.now()))) {
            throw Refusal.unfit("why", "Revision " + number + " is withdrawn already.");
        }
        return list(profileId);
    }

    /** 200 with the GDTF file; 404 if the profile has no such revision. */
    @GetMapping(value = "/api/profiles/{profileId}/revisions/{number}/file", produces = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    ResponseEntity<byte[]> export(@PathVariable String profileId, @PathVariable int number) {
        var revision = revisions.require(profileId, number);
        var type = revisions.description(revision).type();
        var name = fileName(type.manufacturer()) + "@" + fileName(type.name()) + "@revision " + number + ".gdtf";
        var disposition = ContentDisposition.attachment().filename(name, StandardCharsets.UTF_8).build();
        return ResponseEntity.ok().header(HttpHeaders.CONTENT_DISPOSITION, disposition.toString()).body(revisions.file(revision));
    }

    /** {@return a part of a file name that every system and every header can carry} */
    private static String fileName(String text) {
        var safe = text.replaceAll("[\\p{Cntrl}/\\\\\":*?<>|]", "-");
        return safe.length() <= 60 ? safe : safe.substring(0, 60);
    }

    /** 200 with a PNG encoded anew; 404 if there is no such content or it is no picture. */
    @GetMapping(value = "/api/media/{sha256}", produces = MediaType.IMAGE_PNG_VALUE)
    ResponseEntity<byte[]> picture(@PathVariable String sha256) {
        return revisions.findContent(sha256).flatMap(Pictures::reencode)
                .map(png -> ResponseEntity.ok().cacheControl(CacheControl.maxAge(Duration.ofDays(365)).immutable()).body(png))
                .orElseThrow(() -> Refusal.notFound("There is no such picture."));
    }
}
