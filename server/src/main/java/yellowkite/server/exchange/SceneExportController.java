package yellowkite.server.exchange;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;
import yellowkite.server.exchange.SceneExport.SceneProposal;
import yellowkite.server.exchange.SceneExport.SceneRequest;
import yellowkite.server.rigs.RigTaking;
import yellowkite.server.web.Author;

/** Rigs as scenes, over HTTP. */
@RestController
class SceneExportController {
    private final SceneExport export;
    private final RigTaking rigs;

    SceneExportController(SceneExport export, RigTaking rigs) {
        this.export = export;
        this.rigs = rigs;
    }

    /** 200 with what a scene of the rig would hold and lack; nothing is written. */
    @PostMapping("/api/rigs/{rigId}/scene-proposal")
    SceneProposal propose(@PathVariable String rigId, @RequestBody SceneRequest request) {
        return export.propose(rigId, request);
    }

    /** 200 with the scene as a file: it is written whole before the first byte goes out. */
    @PostMapping("/api/rigs/{rigId}/scene")
    ResponseEntity<StreamingResponseBody> scene(@PathVariable String rigId, @RequestBody SceneRequest request, Author author)
            throws IOException {
        var file = Files.createTempFile("kite-out-", ".mvr");
        boolean written = false;
        try {
            export.write(rigId, request, file, author);
            written = true;
        } finally {
            if (!written) {
                Files.deleteIfExists(file);
            }
        }
        StreamingResponseBody body = out -> {
            try (var in = Files.newInputStream(file)) {
                in.transferTo(out);
            } finally {
                Files.deleteIfExists(file);
            }
        };
        return ResponseEntity.ok()
            .header(HttpHeaders.CONTENT_DISPOSITION,
                    ContentDisposition.attachment()
                        .filename(rigs.require(rigId).rig().name() + ".mvr", StandardCharsets.UTF_8)
                        .build()
                        .toString())
            .contentType(MediaType.APPLICATION_OCTET_STREAM)
            .contentLength(Files.size(file))
            .body(body);
    }
}
