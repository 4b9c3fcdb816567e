package yellowkite.server.web;

import java.nio.charset.StandardCharsets;
import java.util.HashSet;
import java.util.List;
import java.util.function.Supplier;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;
import yellowkite.core.gdtf.FileNames;

/** Several files as one: one after the other, so that only one of them is in memory. */
public final class ZipDownload {
    private ZipDownload() {}

    /** @param name as it is called; one that another file has already gets a number. @param bytes packed already */
    public record Packed(String name, Supplier<byte[]> bytes) {}

    /** {@return the answer} @param name of the ZIP */
    public static ResponseEntity<StreamingResponseBody> of(String name, List<Packed> files) {
        StreamingResponseBody body = out -> {
            try (var zip = new ZipOutputStream(out)) {
                zip.setLevel(Deflater.NO_COMPRESSION);
                var taken = new HashSet<String>();
                for (var file : files) {
                    zip.putNextEntry(new ZipEntry(FileNames.free(file.name(), taken)));
                    zip.write(file.bytes().get());
                    zip.closeEntry();
                }
            }
        };
        return ResponseEntity.ok()
            .header(HttpHeaders.CONTENT_DISPOSITION,
                    ContentDisposition.attachment().filename(name, StandardCharsets.UTF_8).build().toString())
            .body(body);
    }
}
