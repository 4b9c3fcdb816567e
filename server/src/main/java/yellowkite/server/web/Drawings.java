package yellowkite.server.web;

import java.util.List;
import org.springframework.http.CacheControl;
import org.springframework.http.ResponseEntity;
import yellowkite.core.shape.Views;

/** Flat drawings over HTTP: SVG that runs and loads nothing. */
public final class Drawings {
    private Drawings() {}

    public static ResponseEntity<String> answer(List<Views.Outline> outlines, CacheControl kept) {
        return ResponseEntity.ok()
            .cacheControl(kept)
            .header("Content-Security-Policy", "default-src 'none'; style-src 'unsafe-inline'")
            .body(Views.svg(outlines).text());
    }
}
