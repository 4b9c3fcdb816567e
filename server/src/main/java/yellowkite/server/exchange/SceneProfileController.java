package yellowkite.server.exchange;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.function.BiFunction;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;
import yellowkite.core.archive.FormatException;
import yellowkite.core.mvr.MvrFile;
import yellowkite.server.compare.Looking;
import yellowkite.server.intake.ProfileTaking;
import yellowkite.server.web.Change;
import yellowkite.server.web.Refusal;
import yellowkite.server.web.ZipDownload;

/** The profiles inside scenes, over HTTP: looked at, taken out, exported. */
@RestController
class SceneProfileController {
    private final Scenes scenes;
    private final Looking looking;
    private final ProfileTaking taking;

    SceneProfileController(Scenes scenes, Looking looking, ProfileTaking taking) {
        this.scenes = scenes;
        this.looking = looking;
        this.taking = taking;
    }

    /** @param path of it in the scene: it is known by it. @param flaw why it cannot be read; null if it can */
    record SceneProfile(String path, String manufacturer, String model, int modes, @Nullable String flaw) {}

    /** 200 with all profiles of a scene, read or not. */
    @GetMapping("/api/scenes/{id}/profiles")
    List<SceneProfile> list(@PathVariable String id) {
        try (var file = scenes.require(id).open()) {
            return file.profiles().stream().map(path -> profile(file, path)).toList();
        }
    }

    private static SceneProfile profile(MvrFile file, String path) {
        try {
            var type = file.type(path);
            return new SceneProfile(path, type.manufacturer(), type.name(), type.modes().size(), null);
        } catch (FormatException refused) {
            return new SceneProfile(path, "", "", 0, refused.sentence(path));
        }
    }

    /** {@return what is done with one of them} @throws Refusal 404 if there is none of that path; 422 if it is refused */
    private <T> T with(String id, String path, BiFunction<String, byte[], T> work) {
        try (var file = scenes.require(id).open()) {
            if (!file.profiles().contains(path)) {
                throw Refusal.notFound("This scene has no such profile.");
            }
            try {
                return work.apply(path, file.bytes(path));
            } catch (FormatException refused) {
                throw Refusal.unfit("file", refused.sentence(path));
            }
        }
    }

    /** 200 with what is in one of them, beside what the library has for it; nothing is stored. */
    @GetMapping("/api/scenes/{id}/profile/look")
    Looking.LookView look(@PathVariable String id, @RequestParam String path) {
        return with(id, path, looking::look);
    }

    record TakenProfile(String profileId, int revision) {}

    /** 200 with where it stands on the House shelf; where ours of its id is another, it is a profile by itself. */
    @PostMapping("/api/scenes/{id}/profile/take")
    TakenProfile take(@PathVariable String id, @RequestParam String path, Change change) {
        var revision = with(id, path, (name, bytes) -> taking.take(name, bytes, change));
        return new TakenProfile(revision.profileId(), revision.number());
    }

    /** 200 with the GDTF file, byte for byte. */
    @GetMapping(value = "/api/scenes/{id}/profile/file", produces = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    ResponseEntity<byte[]> file(@PathVariable String id, @RequestParam String path) {
        return with(id, path, (name, bytes) -> ResponseEntity.ok()
            .header(HttpHeaders.CONTENT_DISPOSITION,
                    ContentDisposition.attachment().filename(name, StandardCharsets.UTF_8).build().toString())
            .body(bytes));
    }

    /** 200 with all of them in one ZIP, each byte for byte; one that is too large to be one is left out. */
    @GetMapping(value = "/api/scenes/{id}/profiles.zip", produces = "application/zip")
    ResponseEntity<StreamingResponseBody> all(@PathVariable String id) {
        var name = scenes.require(id).view().name().replaceFirst("(?i)\\.mvr$", "");
        return ZipDownload.of("profiles of " + name + ".zip",
                list(id).stream()
                    .filter(each -> each.flaw() == null)
                    .map(each -> new ZipDownload.Packed(each.path(), () -> with(id, each.path(), (path, bytes) -> bytes)))
                    .toList());
    }
}
