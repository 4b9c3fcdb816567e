package yellowkite.server.wanted;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Objects;
import java.util.Optional;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.multipart.MultipartFile;
import yellowkite.server.web.Refusal;

/** A manufacturer's chart or a photograph, as it came: kept to the letter, and only ever handed out as a file to save. */
record SourceFile(String name, byte[] bytes) {
    private static final int MOST_BYTES = 20 << 20;
    private static final int LONGEST_NAME = 200;

    /** @throws Refusal 422 if it is no PDF, PNG, JPEG or GIF, or too large */
    static SourceFile of(MultipartFile file) throws IOException {
        var given = Objects.requireNonNullElse(file.getOriginalFilename(), "");
        var name = given.substring(given.replace('\\', '/').lastIndexOf('/') + 1)
            .replaceAll("[\\p{C}\"<>|:*?]", "-")
            .replaceFirst("^[.\\s]+", "")
            .strip();
        if (name.isEmpty() || name.length() > LONGEST_NAME) {
            throw Refusal.unfit("file", "A file needs a name of at most " + LONGEST_NAME + " letters.");
        }
        if (file.getSize() > MOST_BYTES) { // before it is brought into memory
            throw Refusal.unfit("file", "'" + name + "' has more than " + (MOST_BYTES >> 20) + " MB; send the pages that matter.");
        }
        var bytes = file.getBytes();
        if (!starts(bytes, "%PDF-") && !starts(bytes, "\u0089PNG") && !starts(bytes, "\u00FF\u00D8\u00FF") && !starts(bytes, "GIF8")) {
            throw Refusal.unfit("file", "'" + name + "' is no chart or photograph: PDF, PNG, JPEG and GIF can be added.");
        }
        return new SourceFile(name, bytes);
    }

    private static boolean starts(byte[] bytes, String signature) {
        var expected = signature.getBytes(StandardCharsets.ISO_8859_1);
        for (int i = 0; i < expected.length; i++) {
            if (bytes.length <= i || bytes[i] != expected[i]) {
                return false;
            }
        }
        return true;
    }

    /** {@return a file to save} @throws Refusal 404 if there is none */
    static ResponseEntity<byte[]> answer(String name, Optional<byte[]> content) {
        var bytes = content.orElseThrow(() -> Refusal.notFound("There is no such file."));
        return ResponseEntity.ok()
            .contentType(MediaType.APPLICATION_OCTET_STREAM)
            .header(HttpHeaders.CONTENT_DISPOSITION,
                    ContentDisposition.attachment().filename(name, StandardCharsets.UTF_8).build().toString())
            .body(bytes);
    }
}
