package yellowkite.server.revisions;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
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
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;
import yellowkite.core.gdtf.FileNames;
import yellowkite.core.house.LeftBehind;
import yellowkite.core.house.StoredHouse;
import yellowkite.server.database.HouseClock;
import yellowkite.server.database.Transactions;
import yellowkite.server.web.Author;
import yellowkite.server.web.Line;
import yellowkite.server.web.Refusal;
import yellowkite.server.web.ZipDownload;

/** Revisions: what there is, what goes out, and what is withdrawn. */
@RestController
class RevisionController {
    private static final int LONGEST_REASON = 300;
    /** As many ids as an address holds. */
    private static final int MOST_EXPORTED = 150;
    private static final int LARGEST_SIDE = 1_024;
    private final HouseClock clock;
    private final RevisionReader reader;
    private final Revisions revisions;
    private final RevisionRepository repository;
    private final Transactions transactions;
    private final Pictures pictures;

    RevisionController(HouseClock clock, RevisionReader reader, Revisions revisions, RevisionRepository repository,
            Transactions transactions, Pictures pictures) {
        this.pictures = pictures;
        this.transactions = transactions;
        this.clock = clock;
        this.reader = reader;
        this.revisions = revisions;
        this.repository = repository;
    }

    /** @param at UTC */
    record WithdrawalLine(String why, String author, LocalDateTime at) {}

    /**
     * @param at UTC
     * @param despite why it was published although checks found errors; null if there is no such reason
     * @param withdrawn null unless it is not to be used any more
     * @param leftBehind what its file does not carry, in sentences
     */
    record RevisionLine(int number, String summary, String author, LocalDateTime at, int errors, int warnings,
            @Nullable String despite, RevisionFacts facts,
            @Nullable WithdrawalLine withdrawn, List<String> leftBehind) {}

    /** 200 with the revisions of a profile, the newest first; none for an unknown profile. */
    @GetMapping("/api/profiles/{profileId}/revisions")
    List<RevisionLine> list(@PathVariable String profileId) {
        var facts = repository.factsOf(profileId);
        var withdrawn = repository.withdrawalsOf(profileId);
        var houses = repository.housesOf(profileId);
        return repository.listOf(profileId).stream().map(each -> {
            var why = withdrawn.get(each.id());
            return new RevisionLine(each.number(), each.summary(), each.author(), each.createdAt(), each.errors(), each.warnings(),
                    each.despite(), facts.getOrDefault(each.id(), RevisionFacts.UNSAID),
                    why == null ? null : new WithdrawalLine(why.why(), why.author(), why.at()),
                    LeftBehind.of(Optional.ofNullable(houses.get(each.id()))
                        .map(kept -> RevisionReader.houseOf(each.id(), kept))
                        .orElse(StoredHouse.NONE)));
        }).toList();
    }

    /** @param why empty to take a withdrawal back */
    record WithdrawRequest(String why) {
        WithdrawRequest {
            Objects.requireNonNull(why, "why");
        }
    }

    /**
     * 200 with the revisions as they are now; the revision stays readable and warns from now on. 422 if the reason is no line, or it is
     * withdrawn already.
     */
    @PostMapping("/api/profiles/{profileId}/revisions/{number}/withdraw")
    List<RevisionLine> withdraw(@PathVariable String profileId, @PathVariable int number, @RequestBody WithdrawRequest request,
            Author author) {
        var revision = reader.require(profileId, number);
        if (repository.isReference(revision)) {
            throw Refusal.unfit("why", "This profile stands on the Reference shelf; what is withdrawn there is said by its next release.");
        }
        var why = Line.of("why", request.why(), LONGEST_REASON);
        transactions.run(() -> {
            if (why.isEmpty()) {
                revisions.restore(revision);
            } else if (!revisions.withdraw(revision, why, author.name())) {
                throw Refusal.unfit("why", "Revision " + number + " is withdrawn already.");
            }
            return revision;
        });
        return list(profileId);
    }

    /** 200 with the GDTF file; 404 if the profile has no such revision. */
    @GetMapping(value = "/api/profiles/{profileId}/revisions/{number}/file", produces = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    ResponseEntity<byte[]> export(@PathVariable String profileId, @PathVariable int number) {
        var revision = reader.require(profileId, number);
        var disposition = ContentDisposition.attachment()
            .filename(FileNames.of(reader.description(revision).type(), revision.number()), StandardCharsets.UTF_8)
            .build();
        return ResponseEntity.ok().header(HttpHeaders.CONTENT_DISPOSITION, disposition.toString()).body(reader.file(revision));
    }

    /**
     * 200 with the newest revisions of some profiles in one ZIP, a file each; 404 if one of them is not in the library or was never
     * published. @param profile at most 150 ids
     */
    @GetMapping(value = "/api/export.zip", produces = "application/zip")
    ResponseEntity<StreamingResponseBody> exportAll(@RequestParam List<String> profile) {
        if (profile.isEmpty() || profile.size() > MOST_EXPORTED) {
            throw Refusal.unfit("profile", "Choose 1 to " + MOST_EXPORTED + " profiles to take away together.");
        }
        var chosen = profile.stream()
            .distinct()
            .map(id -> repository.findNewest(id)
                .orElseThrow(() -> Refusal.notFound("One of these profiles is not in the library any more, or was never published.")))
            .toList();
        return ZipDownload.of("profiles, " + clock.now().toLocalDate() + ".zip", chosen.stream().map(reader::packed).toList());
    }

    /**
     * 200 with a PNG encoded anew; 404 if there is no such content or it is no picture. @param side pixels that it is fitted into, at most
     * 1024; null = as large as it is
     */
    @GetMapping(value = "/api/media/{sha256}", produces = MediaType.IMAGE_PNG_VALUE)
    ResponseEntity<byte[]> picture(@PathVariable String sha256, @RequestParam(required = false) @Nullable Integer side) {
        return pictures.find(sha256, side == null ? null : Math.clamp(side, 1, LARGEST_SIDE))
            .map(png -> ResponseEntity.ok().cacheControl(CacheControl.maxAge(Duration.ofDays(365)).immutable()).body(png))
            .orElseThrow(() -> Refusal.notFound("There is no such picture."));
    }
}
