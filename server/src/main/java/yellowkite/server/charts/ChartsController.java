package yellowkite.server.charts;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Objects;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import yellowkite.core.chart.correct.Correction;
import yellowkite.core.compare.ChartDifference;
import yellowkite.media.chart.PdfPages;
import yellowkite.server.charts.ChartRepository.GivenChart;
import yellowkite.server.charts.Charts.ApplyMode;
import yellowkite.server.web.Author;
import yellowkite.server.web.EditJson;
import yellowkite.server.web.Line;
import yellowkite.server.web.Refusal;

/** Charts over HTTP. A correction names the version that it was made upon: 409 if the chart is further by now. */
@RestController
class ChartsController {
    private static final int MOST_BYTES = 20 << 20;
    private static final int LONGEST_NAME = 160;
    private static final int LONGEST_PASTED = 2_000_000;
    private static final int DAYS_KEPT = 30;
    private final Charts charts;
    private final ChartShaper shaper;

    ChartsController(Charts charts, ChartShaper shaper) {
        this.charts = charts;
        this.shaper = shaper;
    }

    /** 200 with the charts of a profile, the newest first. */
    @GetMapping("/api/profiles/{profileId}/charts")
    List<GivenChart> list(@PathVariable String profileId) {
        return charts.list(profileId);
    }

    /** 200 with the chart as it is read; 422 with why it cannot be: locked, damaged, too large, a picture of text, or no chart at all. */
    @PostMapping(value = "/api/profiles/{profileId}/charts", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    ChartView add(@PathVariable String profileId, @RequestPart("file") MultipartFile file, Author author) throws IOException {
        var given = Objects.requireNonNullElse(file.getOriginalFilename(), "");
        var name = given.substring(given.replace('\\', '/').lastIndexOf('/') + 1).replaceAll("[\\p{C}\"<>|:*?]", "-").strip();
        if (name.isEmpty() || name.length() > LONGEST_NAME) {
            throw Refusal.unfit("file", "A file needs a name of at most " + LONGEST_NAME + " letters.");
        }
        if (file.getSize() > MOST_BYTES) {
            throw Refusal.unfit("file", "'" + name + "' has more than " + (MOST_BYTES >> 20) + " MB; send the pages that matter.");
        }
        return shaper.shape(charts.add(profileId, name, file.getBytes(), author));
    }

    record PastedChart(String name, String text) {
        PastedChart {
            Objects.requireNonNull(name, "name");
            Objects.requireNonNull(text, "text");
        }
    }

    /** Like {@link #add}, with text that was pasted. */
    @PostMapping("/api/profiles/{profileId}/pasted-charts")
    ChartView paste(@PathVariable String profileId, @RequestBody PastedChart pasted, Author author) {
        var name = Line.of("name", pasted.name(), LONGEST_NAME);
        if (pasted.text().length() > LONGEST_PASTED) {
            throw Refusal.unfit("text", "This is more text than a chart has; paste the pages that matter.");
        }
        if (pasted.text().isBlank()) {
            throw Refusal.unfit("text", "Paste the chart's text first.");
        }
        return shaper.shape(
                charts.add(profileId, name.isEmpty() ? "Pasted chart.txt" : name, pasted.text().getBytes(StandardCharsets.UTF_8), author));
    }

    /** 200 with the chart as it is read now, upon the profile's draft or the one that its first edit opens; 404 for an unknown chart. */
    @GetMapping("/api/charts/{id}")
    ChartView read(@PathVariable String id) {
        return shaper.shape(charts.require(id));
    }

    record CorrectionRequest(int version, Correction correction) {
        CorrectionRequest {
            Objects.requireNonNull(correction, "correction");
            EditJson.requireWhole((Object) correction);
        }
    }

    /** 200 with the chart after the correction; 422 if that cannot be. */
    @PostMapping("/api/charts/{id}/corrections")
    ChartView correct(@PathVariable String id, @RequestBody CorrectionRequest request) {
        return shaper.shape(charts.correct(id, request.version(), request.correction()));
    }

    record ChartVersion(int version) {}

    /** 200 with the chart without the last correction. */
    @PostMapping("/api/charts/{id}/undo")
    ChartView undo(@PathVariable String id, @RequestBody ChartVersion request) {
        return shaper.shape(charts.undo(id, request.version()));
    }

    /** What a chart would change. @param key null where the chart lacks the channel. @param channel null where the mode lacks it */
    record ChartChange(@Nullable String key, @Nullable Integer channel, String called,
            List<String> says) {
        static ChartChange of(ChartDifference each) {
            return new ChartChange(each.key(), each.channel(), each.called(), each.says());
        }
    }

    /** 200 with what a mode of the chart would change in a mode of the profile, channel by channel; 404 if that has no draft. */
    @GetMapping("/api/charts/{id}/difference")
    List<ChartChange> difference(@PathVariable String id, @RequestParam int index, @RequestParam int mode) {
        return charts.difference(id, index, mode).stream().map(ChartChange::of).toList();
    }

    /** @param version of the chart */
    record ApplyRequest(int version, int draftVersion, List<ApplyMode> modes) {
        ApplyRequest {
            modes = List.copyOf(modes);
        }
    }

    record Applied(String draftId, int version) {}

    /** 200 once each mode is an edit of the profile's draft; 422 with what is in the way. */
    @PostMapping("/api/charts/{id}/apply")
    Applied apply(@PathVariable String id, @RequestBody ApplyRequest request, Author author) {
        var draft = charts.apply(id, request.version(), request.draftVersion(), request.modes(), author);
        return new Applied(draft.draft().id(), draft.draft().version());
    }

    /** 204; the reading is gone, what was applied stays. */
    @DeleteMapping("/api/charts/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@PathVariable String id) {
        charts.delete(id);
    }

    /** 200 with a page of the chart as a picture; 404 if it has no such page. */
    @GetMapping(value = "/api/charts/{id}/pages/{page}", produces = MediaType.IMAGE_PNG_VALUE)
    ResponseEntity<byte[]> page(@PathVariable String id, @PathVariable int page) {
        var png = charts.pages(id) == 0 ? java.util.Optional.<byte[]>empty() : PdfPages.png(charts.file(id), page);
        return ResponseEntity.ok()
            .cacheControl(CacheControl.maxAge(DAYS_KEPT, TimeUnit.DAYS).cachePrivate())
            .body(png.orElseThrow(() -> Refusal.notFound("This chart has no such page.")));
    }

    /** @param top share of the page's height; {@code height} likewise */
    record ChartPageLine(String place, double top, double height) {}

    /** 200 with where the lines of a page stand. */
    @GetMapping("/api/charts/{id}/pages/{page}/lines")
    List<ChartPageLine> lines(@PathVariable String id, @PathVariable int page) {
        return charts.pages(id) == 0 ? List.of()
                : PdfPages.lines(charts.file(id), page)
                    .stream()
                    .map(each -> new ChartPageLine(each.place(), each.top(), each.height()))
                    .toList();
    }
}
