package yellowkite.server.sheets;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.List;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.gdtf.FileNames;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Mode;
import yellowkite.core.shape.Views;
import yellowkite.core.shape.Views.View;
import yellowkite.core.sheet.ModeSheet;
import yellowkite.media.paper.QrCode;
import yellowkite.server.bench.Proofs;
import yellowkite.server.content.ModelShapes;
import yellowkite.server.library.ProfileRepository;
import yellowkite.server.revisions.RevisionReader;
import yellowkite.server.revisions.RevisionRepository;
import yellowkite.server.revisions.StoredRevision;
import yellowkite.server.web.Drawings;
import yellowkite.server.web.Refusal;

/**
 * Modes of any revision to read: as data, on paper and as tables. A mode is known by its number in the file, 0 = the first; 404 if there is
 * none.
 */
@RestController
class SheetController {
    private static final String MODE = "/api/profiles/{profileId}/revisions/{number}/modes/{mode}";
    private static final String EXCEL = "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet";
    private final ProfileRepository profiles;
    private final RevisionReader reader;
    private final RevisionRepository revisions;
    private final ModelShapes shapes;
    private final Proofs proofs;

    SheetController(ProfileRepository profiles, RevisionReader reader, RevisionRepository revisions, ModelShapes shapes,
            Proofs proofs) {
        this.proofs = proofs;
        this.revisions = revisions;
        this.shapes = shapes;
        this.profiles = profiles;
        this.reader = reader;
    }

    /** 200 with the channels of a mode. */
    @GetMapping(MODE)
    ModeSheet sheet(@PathVariable String profileId, @PathVariable int number, @PathVariable int mode) {
        return sheet(reader.description(reader.require(profileId, number)).type(), mode);
    }

    private static ModeSheet sheet(FixtureType type, int mode) {
        if (mode < 0 || mode >= type.modes().size()) {
            throw Refusal.notFound("This revision has no mode " + mode + ".");
        }
        return ModeSheet.of(CompiledMode.of(type, type.modes().get(mode)));
    }

    @GetMapping(value = MODE + "/chart.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> print(@PathVariable String profileId, @PathVariable int number, @PathVariable int mode) {
        var revision = reader.require(profileId, number);
        var type = reader.description(revision).type();
        var sheet = sheet(type, mode);
        return named(type, sheet, "pdf", true)
            .body(SheetPrint.of(sheet, facts(revision, type, sheet.mode()), drawn(revision, type, mode, View.FRONT),
                    drawn(revision, type, mode, View.SIDE)));
    }

    /** 200 with the body of a mode, drawn flat; one of its units is a millimetre. @param mode its name */
    @GetMapping(value = "/api/profiles/{profileId}/revisions/{number}/drawing", produces = "image/svg+xml")
    ResponseEntity<String> drawing(@PathVariable String profileId, @PathVariable int number, @RequestParam String mode,
            @RequestParam View view) {
        var revision = reader.require(profileId, number);
        var type = reader.description(revision).type();
        var names = type.modes().stream().map(Mode::name).toList();
        if (!names.contains(mode)) {
            throw Refusal.notFound("This revision has no mode '" + mode + "'.");
        }
        return Drawings.answer(drawn(revision, type, names.indexOf(mode), view),
                CacheControl.maxAge(Duration.ofDays(30)).cachePrivate().immutable());
    }

    private List<Views.Outline> drawn(StoredRevision revision, FixtureType type, int mode, View view) {
        return shapes.drawn(type, type.modes().get(mode), view, revisions.entries(revision.id()));
    }

    @GetMapping(value = MODE + "/chart.csv", produces = "text/csv")
    ResponseEntity<byte[]> csv(@PathVariable String profileId, @PathVariable int number, @PathVariable int mode) {
        var type = reader.description(reader.require(profileId, number)).type();
        var sheet = sheet(type, mode);
        return named(type, sheet, "csv", false).body(SheetTables.csv(sheet));
    }

    @GetMapping(value = MODE + "/chart.xlsx", produces = EXCEL)
    ResponseEntity<byte[]> xlsx(@PathVariable String profileId, @PathVariable int number, @PathVariable int mode) {
        var type = reader.description(reader.require(profileId, number)).type();
        var sheet = sheet(type, mode);
        return named(type, sheet, "xlsx", false).body(SheetTables.xlsx(sheet));
    }

    /** 200 with a code that leads to the profile's page; 404 if there is no such profile. */
    @GetMapping(value = "/api/profiles/{profileId}/code.svg", produces = "image/svg+xml")
    byte[] code(@PathVariable String profileId) {
        if (profiles.findById(profileId).isEmpty()) {
            throw Refusal.notFound("This profile is gone.");
        }
        return QrCode.svg(link(profileId)).getBytes(StandardCharsets.UTF_8);
    }

    private SheetFacts facts(StoredRevision revision, FixtureType type, String mode) {
        return new SheetFacts(type.manufacturer(), type.name(), revision.number(), revision.createdAt().toLocalDate(),
                reader.facts(revision).firmware(), proofs.words(revision, mode).orElse(""), link(revision.profileId()),
                reader.findWithdrawal(revision.id()).map(each -> each.why()).orElse(""));
    }

    private static String link(String profileId) {
        return ServletUriComponentsBuilder.fromCurrentContextPath().path("/profile/").path(profileId).toUriString();
    }

    private static ResponseEntity.BodyBuilder named(FixtureType type, ModeSheet sheet, String ending, boolean shown) {
        var file = FileNames.part(type.manufacturer()) + " " + FileNames.part(type.name()) + ", " + FileNames.part(sheet.mode()) + "."
                + ending;
        var disposition = (shown ? ContentDisposition.inline() : ContentDisposition.attachment()).filename(file, StandardCharsets.UTF_8)
            .build();
        return ResponseEntity.ok().header(HttpHeaders.CONTENT_DISPOSITION, disposition.toString());
    }
}
