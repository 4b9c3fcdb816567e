package yellowkite.server.rigs;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import yellowkite.core.history.Outcome;
import yellowkite.core.rig.Collisions;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.Unit;
import yellowkite.core.rig.edit.TakeUnits;
import yellowkite.core.rig.file.RigTable;
import yellowkite.core.rig.taking.Taking;
import yellowkite.media.paper.PatchPrint;
import yellowkite.media.table.TableFile;
import yellowkite.server.web.Change;
import yellowkite.server.web.EditJson;
import yellowkite.server.web.Refusal;

/** Patch sheets of a rig, out and in, over HTTP. */
@RestController
class PatchSheetController {
    private static final int MOST_SHOWN = 500;
    private final Rigs rigs;
    private final Rigging rigging;
    private final RigShaper shaper;
    private final LibraryMatching matching;

    PatchSheetController(Rigs rigs, Rigging rigging, RigShaper shaper, LibraryMatching matching) {
        this.rigs = rigs;
        this.rigging = rigging;
        this.shaper = shaper;
        this.matching = matching;
    }

    /** @param table headings of a table, and {@code print} of a printed patch, beside address and id */
    record SheetColumns(List<String> table, List<String> print) {}

    /** 200 with the columns that sheets can have, in their order. */
    @GetMapping("/api/rig-columns")
    SheetColumns columns() {
        return new SheetColumns(RigTable.headings(), Arrays.stream(PatchPrint.Column.values()).map(PatchPrint.Column::heading).toList());
    }

    /**
     * 200 with the patch as a file. @param form csv, xlsx or pdf. @param order of a PDF. @param columns headings; none = all of a table,
     * the usual ones of a PDF
     */
    @GetMapping("/api/rigs/{rigId}/sheet")
    ResponseEntity<byte[]> sheet(@PathVariable String rigId, @RequestParam String form,
            @RequestParam(defaultValue = "UNIVERSE") PatchPrint.Order order, @RequestParam(defaultValue = "") String link,
            @RequestParam(defaultValue = "") List<String> columns) {
        var rig = rigs.require(rigId).rig();
        var table = RigTable.write(rig, columns);
        var bytes = switch (form) {
            case "csv" -> TableFile.csv(table);
            case "xlsx" -> TableFile.xlsx(rig.name(), table);
            case "pdf" -> PatchPrint.of(rig, order, PatchPrint.Column.of(columns), link.length() <= 500 ? link : "");
            default -> throw Refusal.unfit("form", "A patch sheet is csv, xlsx or pdf.");
        };
        var type = switch (form) {
            case "csv" -> "text/csv";
            case "pdf" -> "application/pdf";
            default -> "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet";
        };
        return ResponseEntity.ok()
            .header(HttpHeaders.CONTENT_DISPOSITION,
                    ContentDisposition.attachment().filename(rig.name() + "." + form, StandardCharsets.UTF_8).build().toString())
            .contentType(MediaType.parseMediaType(type))
            .body(bytes);
    }

    /** @param fixture in words, as it was asked for and as it was found */
    record ReadUnit(String id, String name, String asked, String found, String address) {}

    /** @param found what it would be. @param words of what was asked for */
    record ReadKind(Taking.Kind kind, String words) {}

    /**
     * A sheet before it is taken.
     *
     * @param columns what each heading was taken for, and {@code ignored} those that were not. @param units the first ones. @param count of
     * all
     * @param twice ids that the rig has already. @param collisions that there would be
     * @param refused why it cannot be taken as it is; empty if it can
     */
    record SheetReading(Map<String, String> columns, List<String> ignored, List<ReadKind> kinds, List<ReadUnit> units, int count,
            List<RigTable.Doubt> doubts,
            Set<String> twice, int collisions, String refused) {}

    /** @param decisions for kinds that are not taken as they were found */
    record TakeRequest(List<Taking.Decision> decisions, Taking.Twice twice) {
        TakeRequest {
            decisions = List.copyOf(decisions);
            EditJson.requireWhole((Object) decisions);
        }
    }

    /** 200 with what a sheet says and what the library has for it, nothing is changed; 422 if it is none. */
    @PostMapping(value = "/api/rigs/{rigId}/sheet-reading", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    SheetReading read(@PathVariable String rigId, @RequestPart("file") MultipartFile file, @RequestPart("how") TakeRequest how)
            throws IOException {
        var rig = rigs.require(rigId).rig();
        var name = SheetFile.name(file);
        var read = SheetFile.read(file, RigTable::read);
        var units = matching.matched(read.units());
        var edit = edit(rig, name, units, how);
        var refused = edit.applyTo(rig) instanceof Outcome.Rejected<Rig>(var field, var why) && !edit.units().isEmpty() ? why : "";
        var after = edit.applyTo(rig) instanceof Outcome.Applied<Rig>(var applied) ? applied : rig;
        return new SheetReading(read.columns(), read.ignored(), Taking.kinds(units)
            .stream()
            .map(kind -> new ReadKind(kind, kind.asked().wordsAndMode()))
            .toList(), edit.units().stream().limit(MOST_SHOWN).map(PatchSheetController::line).toList(), edit.units().size(), read.doubts(),
                Taking.twice(rig, units), (int) Collisions.of(after.units()).stream().filter(each -> !each.meant()).count(), refused);
    }

    private static ReadUnit line(Unit unit) {
        return new ReadUnit(unit.id(), unit.name(), unit.asked().words(), unit.found().words(), unit.addressWords());
    }

    private static TakeUnits edit(Rig rig, String name, List<Unit> units, TakeRequest how) {
        return new TakeUnits("'" + name + "'", Taking.taken(rig, units, how.decisions(), how.twice()));
    }

    /** 200 with the rig that has the sheet's units; 422 if one does not fit. */
    @PostMapping(value = "/api/rigs/{rigId}/sheet-taking", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    RigView take(@PathVariable String rigId, @RequestPart("file") MultipartFile file, @RequestPart("how") TakeRequest how, Change change)
            throws IOException {
        var loaded = rigs.require(rigId);
        var units = matching.matched(SheetFile.read(file, RigTable::read).units());
        return shaper.shape(rigging.edit(rigId, loaded.row().version(), edit(loaded.rig(), SheetFile.name(file), units, how), change));
    }
}
