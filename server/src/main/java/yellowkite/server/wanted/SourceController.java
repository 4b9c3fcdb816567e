package yellowkite.server.wanted;

import java.io.IOException;
import java.time.LocalDateTime;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import yellowkite.server.content.ContentStore;
import yellowkite.server.database.HouseClock;
import yellowkite.server.database.Transactions;
import yellowkite.server.library.SourceRepository;
import yellowkite.server.web.Author;
import yellowkite.server.web.Refusal;

/** What profiles were written from: charts and photographs that stay with them. */
@RestController
class SourceController {
    private final WantedRepository repository;
    private final SourceRepository sources;
    private final ContentStore contents;
    private final HouseClock clock;
    private final Transactions transactions;

    SourceController(WantedRepository repository, SourceRepository sources, ContentStore contents, HouseClock clock,
            Transactions transactions) {
        this.repository = repository;
        this.sources = sources;
        this.contents = contents;
        this.clock = clock;
        this.transactions = transactions;
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
        return SourceFile.answer(name, sources.list(profileId)
            .stream()
            .filter(each -> each.name().equals(name))
            .map(SourceRepository.Source::sha256)
            .findFirst()
            .flatMap(contents::find));
    }
}
