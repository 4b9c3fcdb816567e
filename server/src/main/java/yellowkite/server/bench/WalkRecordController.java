package yellowkite.server.bench;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Objects;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import yellowkite.core.gdtf.FileNames;
import yellowkite.core.library.FixtureIdentity;
import yellowkite.server.bench.WalkRecord.WalkPhoto;
import yellowkite.server.revisions.RevisionReader;

/** What walks leave behind, over HTTP: what revisions were proven on, records to hand on, photographs. */
@RestController
class WalkRecordController {
    private final WalkRecords records;
    private final Proofs proofs;
    private final RevisionReader revisions;

    WalkRecordController(WalkRecords records, Proofs proofs, RevisionReader revisions) {
        this.records = records;
        this.proofs = proofs;
        this.revisions = revisions;
    }

    /** 200 with the modes of a revision that were proven, then or before, and what is no longer covered. */
    @GetMapping("/api/profiles/{profileId}/revisions/{number}/proofs")
    List<Proofs.ProvenMode> proofs(@PathVariable String profileId, @PathVariable int number) {
        return proofs.of(revisions.require(profileId, number));
    }

    /** 200 with all that belongs to a walk, to be kept elsewhere. */
    @GetMapping("/api/walks/{id}/record.json")
    ResponseEntity<WalkRecord> record(@PathVariable String id) {
        var record = records.of(id);
        return handed(record, "json").contentType(MediaType.APPLICATION_JSON).body(record);
    }

    /** 200 with the same on paper. */
    @GetMapping(value = "/api/walks/{id}/record.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> print(@PathVariable String id) {
        var record = records.of(id);
        return handed(record, "pdf").body(RecordPrint.of(record, records::picture));
    }

    private static ResponseEntity.BodyBuilder handed(WalkRecord record, String ending) {
        var name = FileNames.part(record.manufacturer()) + " " + FileNames.part(record.profile()) + ", " + FileNames.part(record.mode())
                + ", walk " + record.startedAt().toLocalDate() + "." + ending;
        return ResponseEntity.ok()
            .header(HttpHeaders.CONTENT_DISPOSITION,
                    ContentDisposition.attachment().filename(name, StandardCharsets.UTF_8).build().toString());
    }

    /** 201 with the walk's photographs; one is added, made small. 422 if it is no picture. */
    @PostMapping(value = "/api/walks/{id}/photos", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    List<WalkPhoto> photograph(@PathVariable String id, @RequestPart("file") MultipartFile file) throws IOException {
        var name = FixtureIdentity.listed(Objects.requireNonNullElse(file.getOriginalFilename(), "photograph"));
        records.add(id, name, file.getBytes());
        return records.photos(id);
    }

    /** 200 with the walk's photographs. */
    @GetMapping("/api/walks/{id}/photos")
    List<WalkPhoto> photographs(@PathVariable String id) {
        return records.photos(id);
    }

    /** 200 with those that are left. */
    @DeleteMapping("/api/walks/{id}/photos/{sha256}")
    List<WalkPhoto> removePhotograph(@PathVariable String id, @PathVariable String sha256) {
        records.remove(id, sha256);
        return records.photos(id);
    }
}
