package yellowkite.server.releases;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;
import yellowkite.core.compare.Rank;
import yellowkite.core.gdtf.FileNames;
import yellowkite.core.release.Manifest;
import yellowkite.core.release.ProfileChange;
import yellowkite.core.release.ProfileChange.Kind;
import yellowkite.core.release.ReleaseArchive;
import yellowkite.server.bench.Proofs;
import yellowkite.server.library.UseRepository.Use;
import yellowkite.server.releases.ReleaseRepository.Origin;
import yellowkite.server.releases.ReleaseRepository.StoredLine;
import yellowkite.server.releases.ReleaseRepository.StoredRelease;
import yellowkite.server.web.Author;
import yellowkite.server.web.Change;
import yellowkite.server.web.Line;
import yellowkite.server.web.Refusal;

/** Releases over HTTP: made, read, handed on, taken in. */
@RestController
class ReleaseController {
    private static final int LONGEST_LINE = 120;
    private static final int LONGEST_NOTE = 1_000;
    private static final int LONGEST_NOTES = 10_000;
    private final ReleaseRepository releases;
    private final ReleaseMaking making;
    private final ReleaseTaking taking;
    private final Arrivals arrivals;
    private final Proofs proofs;

    ReleaseController(ReleaseRepository releases, ReleaseMaking making, ReleaseTaking taking, Arrivals arrivals, Proofs proofs) {
        this.proofs = proofs;
        this.arrivals = arrivals;
        this.releases = releases;
        this.making = making;
        this.taking = taking;
    }

    /** @param publishedAt UTC. @param onShelf whether the Reference shelf has what it brought: the newest of another house */
    record ReleaseLine(String id, Origin origin, String house, String title, LocalDate dated, LocalDateTime publishedAt, String author,
            boolean onShelf) {}

    private ReleaseLine line(StoredRelease release) {
        boolean onShelf = release.origin() == Origin.THEIRS
                && releases.findNewest(Origin.THEIRS, release.house()).filter(newest -> newest.id().equals(release.id())).isPresent();
        return new ReleaseLine(release.id(), release.origin(), release.house(), release.title(), release.dated(), release.publishedAt(),
                release.author(), onShelf);
    }

    /** 200 with all releases, the newest first. */
    @GetMapping("/api/releases")
    List<ReleaseLine> list() {
        return releases.list().stream().map(this::line).toList();
    }

    /**
     * @param before number of its revision in the release before; null if it was no part of that, or that was never here. @param uses of
     * the profile in this house
     * @param proven what its modes were proven on, in words; empty = nothing
     */
    record ReleasedLine(String profileId, String manufacturer, String name, int revision, @Nullable Integer before,
            Kind kind,
            @Nullable Rank worst, String note, List<Use> uses, String proven) {
        private ProfileChange change() {
            return new ProfileChange(kind, worst, Map.of(), List.of());
        }
    }

    /** @param says how many profiles of each kind it has. @param earlier what the releases before it said, the newest first */
    record ReleaseView(ReleaseLine release, String says, String notes, List<ReleasedLine> lines, List<Manifest.Earlier> earlier) {}

    /** 200; the worst comes first. 404 if there is no such release. */
    @GetMapping("/api/releases/{id}")
    ReleaseView read(@PathVariable String id) {
        var release = require(id);
        var lines = releases.lines(id);
        var uses = taking.usesOf(lines);
        var before = releases.before(release.origin(), release.house(), release.publishedAt())
            .stream()
            .findFirst()
            .map(each -> releases.lines(each.id()).stream().collect(Collectors.toMap(StoredLine::profileId, StoredLine::number)))
            .orElse(Map.of());
        var proven = proofs.words(lines.stream().collect(Collectors.toMap(StoredLine::profileId, StoredLine::number)));
        var views = lines.stream()
            .map(line -> line(line, before.get(line.profileId()), uses, proven.getOrDefault(line.profileId(), "")))
            .sorted(Comparator.comparingInt((ReleasedLine line) -> line.change().urgency()))
            .toList();
        return new ReleaseView(line(release), ProfileChange.counted(views.stream().map(ReleasedLine::change).toList()), release.notes(),
                views, making.earlier(release));
    }

    private static ReleasedLine line(StoredLine line, @Nullable Integer before, Map<String, List<Use>> uses, String proven) {
        return new ReleasedLine(line.profileId(), line.manufacturer(), line.name(), line.number(), before, line.kind(), line.worst(),
                line.note(),
                uses.getOrDefault(line.profileId(), List.of()), proven);
    }

    /** @param profiles that are to be part of it beside those of the release before */
    record ProposalRequest(List<String> profiles) {
        ProposalRequest {
            profiles = List.copyOf(profiles);
        }
    }

    /** 200 with what the next release would say of each profile; nothing is stored. */
    @PostMapping("/api/releases/proposal")
    List<ReleaseMaking.Proposal> propose(@RequestBody ProposalRequest request) {
        return making.propose(request.profiles());
    }

    /** @param notes several lines on the release as a whole; may be empty */
    record ReleaseRequest(String house, String title, LocalDate dated, String notes, List<ReleaseMaking.Member> profiles) {
        ReleaseRequest {
            Objects.requireNonNull(house, "house");
            Objects.requireNonNull(title, "title");
            Objects.requireNonNull(dated, "dated");
            Objects.requireNonNull(notes, "notes");
            profiles = List.copyOf(profiles);
        }
    }

    /** 200 with the release; 422 with the {@code field} that does not fit. */
    @PostMapping("/api/releases")
    ReleaseView publish(@RequestBody ReleaseRequest request, Change change) {
        var members = request.profiles()
            .stream()
            .map(each -> new ReleaseMaking.Member(each.profileId(), Line.of("profiles", each.note(), LONGEST_NOTE)))
            .toList();
        var notes = request.notes().strip();
        if (notes.length() > LONGEST_NOTES) {
            throw Refusal.unfit("notes", "Notes have at most " + LONGEST_NOTES + " letters.");
        }
        return read(making.publish(said("house", request.house(), "Say which house hands it on."),
                said("title", request.title(), "Give the release a title."), request.dated(), notes, members, change));
    }

    private static String said(String field, String text, String otherwise) {
        var line = Line.of(field, text, LONGEST_LINE);
        if (line.isEmpty()) {
            throw Refusal.unfit(field, otherwise);
        }
        return line;
    }

    /** 200 with the release as one archive; 404 if there is no such release. */
    @GetMapping(value = "/api/releases/{id}/archive", produces = "application/zip")
    ResponseEntity<StreamingResponseBody> archive(@PathVariable String id) {
        var release = require(id);
        var disposition = ContentDisposition.attachment()
            .filename(FileNames.part(release.house()) + ", " + FileNames.part(release.title()) + ".zip", StandardCharsets.UTF_8)
            .build();
        return ResponseEntity.ok()
            .header(HttpHeaders.CONTENT_DISPOSITION, disposition.toString())
            .body(out -> making.write(release, out));
    }

    /** @param id by which the release is asked for while it is here */
    record ArrivalView(String id, Arrivals.ArrivalState state) {}

    /** 200 with a release of another house, which is being read from now on; 422 if it is none, in words that name the file. */
    @PostMapping(value = "/api/releases/arrivals", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    ArrivalView receive(@RequestPart("file") MultipartFile file, Author author) throws IOException {
        var spooled = Files.createTempFile("kite-release", ".zip"); // a ZIP's list stands at its end, so it is read from a file
        boolean isReceived = false;
        try {
            file.transferTo(spooled);
            var id = arrivals.receive(Objects.requireNonNullElse(file.getOriginalFilename(), "file"), spooled);
            isReceived = true;
            return new ArrivalView(id, arrivals.state(id));
        } catch (ReleaseArchive.Broken broken) {
            throw Refusal.unfit("file", String.valueOf(broken.getMessage()));
        } finally {
            if (!isReceived) {
                Files.deleteIfExists(spooled);
            }
        }
    }

    /** 200 with how far it is, and what it would do here once it was read; 404 if it is not here any more. */
    @GetMapping("/api/releases/arrivals/{id}")
    ArrivalView arrival(@PathVariable String id) {
        return new ArrivalView(id, arrivals.state(id));
    }

    /** 200; it is taken in from now on, whole or not at all. 422 if it was not read yet, or is taken in already. */
    @PostMapping("/api/releases/arrivals/{id}/take")
    ArrivalView take(@PathVariable String id, Author author) {
        arrivals.take(id, author);
        return new ArrivalView(id, arrivals.state(id));
    }

    /** 204; what was done with it is stopped, and nothing of it is kept that was not taken in whole. */
    @DeleteMapping("/api/releases/arrivals/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void leave(@PathVariable String id) {
        arrivals.leave(id);
    }

    private StoredRelease require(String id) {
        return releases.find(id).orElseThrow(() -> Refusal.notFound("There is no such release."));
    }
}
