package yellowkite.server.drafts;

import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import yellowkite.core.check.Checks;
import yellowkite.core.edit.Begin;
import yellowkite.core.edit.Edit;
import yellowkite.server.revisions.Pictures;
import yellowkite.server.revisions.RevisionFacts;
import yellowkite.server.web.Author;
import yellowkite.server.web.Change;
import yellowkite.server.web.EditJson;
import yellowkite.server.web.FindingView;
import yellowkite.server.web.Refusal;

/**
 * Drafts over HTTP. What is read shows every row of the map; what answers a change shows only the rows that it changed. Every change names
 * the version that it was made upon: 409 if the draft is further by now, with what happened {@code since}; 422 with the {@code field} if
 * the change does not fit; 404 for a draft that does not exist.
 */
@RestController
class DraftController {
    private static final int PICTURE_SIDE = 1_024;
    private static final int MOST_PICTURE_BYTES = 20 << 20;
    private final Drafts drafts;
    private final Drafting drafting;
    private final Beginnings beginnings;
    private final DraftShaper shaper;
    private final Readouts readouts;
    private final DraftBases bases;
    private final Publishing publishing;
    private final DraftEvents events;
    private final Pictures pictures;

    DraftController(Drafts drafts, Drafting drafting, Beginnings beginnings, DraftShaper shaper, Readouts readouts, DraftBases bases,
            Publishing publishing, DraftEvents events,
            Pictures pictures) {
        this.events = events;
        this.pictures = pictures;
        this.drafts = drafts;
        this.drafting = drafting;
        this.beginnings = beginnings;
        this.shaper = shaper;
        this.readouts = readouts;
        this.bases = bases;
        this.publishing = publishing;
    }

    record EditRequest(int version, Edit edit) {
        EditRequest {
            EditJson.requireWhole(edit);
        }
    }

    record VersionRequest(int version) {}

    /**
     * @param despite why, although checks find errors; may be absent if they find none
     * @param firmware of the fixture from which it holds. @param fromWhom who gave what it {@code restsOn}
     */
    record PublishRequest(int version, String summary, @Nullable String despite,
            @Nullable String firmware,
            RevisionFacts.@Nullable RestsOn restsOn, @Nullable String fromWhom) {
        PublishRequest {
            Objects.requireNonNull(summary, "summary");
        }
    }

    record ReadoutRequest(int mode, int channel, Map<Integer, Long> values) {
        ReadoutRequest {
            values = Map.copyOf(values);
        }
    }

    record Published(String profileId, int revision) {}

    /** 200 with the profile's open draft, or the one that a first edit opens; 404 for an unknown profile. */
    @GetMapping("/api/profiles/{profileId}/draft")
    DraftView ofProfile(@PathVariable String profileId, @RequestParam(required = false) @Nullable Integer mode) {
        return shaper.shape(drafts.ofProfile(profileId), mode);
    }

    /** 200 with a draft that begins from a revision; 404 for an unknown one, 422 if a draft with edits is under way on another one. */
    @PostMapping("/api/profiles/{profileId}/draft")
    DraftView openAt(@PathVariable String profileId, @RequestParam int revision, Author author) {
        return shaper.shape(beginnings.openAt(profileId, revision, author), null);
    }

    @GetMapping("/api/drafts/{draftId}")
    DraftView read(@PathVariable String draftId, @RequestParam(required = false) @Nullable Integer mode) {
        return shaper.shape(drafts.require(draftId), mode);
    }

    /** 200 with how far the draft is. */
    @GetMapping("/api/drafts/{draftId}/version")
    Drafts.State version(@PathVariable String draftId) {
        return drafts.state(draftId);
    }

    /** 200 with how far the draft is, at once and each time it goes on, as server-sent events; 404 if there is none. */
    @GetMapping(value = "/api/drafts/{draftId}/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter events(@PathVariable String draftId) {
        var draft = drafts.requireStored(draftId);
        return events.listen(draftId, draft.profileId(), Drafts.State.of(draft));
    }

    /**
     * 200 with what the checks find in the draft as it is now. They are asked for by themselves, so that an edit need not wait for them.
     */
    @GetMapping("/api/drafts/{draftId}/checks")
    List<FindingView> checks(@PathVariable String draftId) {
        var draft = drafts.require(draftId);
        var type = draft.history().current();
        return Checks.of(type, bases.media(draft).facts()).stream().map(each -> FindingView.of(each, type.house())).toList();
    }

    @PostMapping("/api/drafts/{draftId}/edits")
    DraftView edit(@PathVariable String draftId, @RequestParam(required = false) @Nullable Integer mode, @RequestBody EditRequest request,
            Change change) {
        return shaped(drafting.edit(draftId, request.version(), request.edit(), change), mode);
    }

    @PostMapping("/api/drafts/{draftId}/undo")
    DraftView undo(@PathVariable String draftId, @RequestParam(required = false) @Nullable Integer mode,
            @RequestBody VersionRequest request, Change change) {
        return shaped(drafting.undo(draftId, request.version(), change), mode);
    }

    @PostMapping("/api/drafts/{draftId}/redo")
    DraftView redo(@PathVariable String draftId, @RequestParam(required = false) @Nullable Integer mode,
            @RequestBody VersionRequest request, Change change) {
        return shaped(drafting.redo(draftId, request.version(), change), mode);
    }

    private DraftView shaped(Drafting.Changed changed, @Nullable Integer mode) {
        return shaper.shape(changed.after(), mode, changed.before());
    }

    record PointRequest(int version, int done) {}

    /** 200 with the draft as it was when {@code done} of its edits counted. */
    @PostMapping("/api/drafts/{draftId}/point")
    DraftView goTo(@PathVariable String draftId, @RequestParam(required = false) @Nullable Integer mode, @RequestBody PointRequest request,
            Change change) {
        return shaped(drafting.goTo(draftId, request.version(), request.done(), change), mode);
    }

    /** 204; the draft, and a profile that was never published, are gone. */
    @PostMapping("/api/drafts/{draftId}/discard")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void discard(@PathVariable String draftId, @RequestBody VersionRequest request) {
        beginnings.discard(draftId, request.version());
    }

    /**
     * @param body for an empty page; null for a copy
     * @param copyOf id of the profile that is copied; null for an empty page
     * @param copyMode name of the only mode that is kept; null = all
     * @param production for which this is what it puts into the fixtures of the copied profile; null = a profile like any other
     */
    record BeginRequest(String manufacturer, String name, Begin.@Nullable Body body,
            @Nullable String copyOf,
            @Nullable Integer copyRevision, @Nullable String copyMode,
            @Nullable String production) {
        BeginRequest {
            Objects.requireNonNull(manufacturer, "manufacturer");
            Objects.requireNonNull(name, "name");
        }
    }

    /** 200 with the draft of a new profile; 422 with the {@code field} that does not fit. */
    @PostMapping("/api/profiles")
    DraftView begin(@RequestBody BeginRequest request, Change change) {
        var start = request.copyOf() == null ? new Beginnings.Start.Empty(request.body() == null ? Begin.Body.FIXED : request.body())
                : request.production() != null
                        ? new Beginnings.Start.ProductionVersion(request.copyOf(),
                                request.copyRevision() == null ? 1 : request.copyRevision(),
                                request.production())
                        : new Beginnings.Start.Copy(request.copyOf(), request.copyRevision() == null ? 1 : request.copyRevision(),
                                request.copyMode());
        return shaper.shape(beginnings.begin(request.manufacturer(), request.name(), start, change), null);
    }

    /**
     * 200 with the draft that has the picture, fitted into 1024 by 1024 pixels; 422 if it is no PNG, JPEG, GIF or SVG, or an absurdly large
     * one.
     */
    @PostMapping(value = "/api/drafts/{draftId}/picture", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    DraftView picture(@PathVariable String draftId, @RequestParam(required = false) @Nullable Integer mode, @RequestParam int version,
            @RequestPart("file") MultipartFile file, Change change) throws IOException {
        var png = file.getSize() > MOST_PICTURE_BYTES ? Optional.<byte[]>empty() : pictures.decoded(file.getBytes(), PICTURE_SIDE);
        return shaper.shape(drafting.putPicture(draftId, version, png.orElseThrow(() -> Refusal.unfit("file",
                "This is no picture that can be taken: a PNG, JPEG, GIF or SVG of at most 4096 by 4096 pixels and 20 MB.")), change), mode);
    }

    /** 200; reads only. */
    @PostMapping("/api/drafts/{draftId}/readout")
    ReadoutView readout(@PathVariable String draftId, @RequestBody ReadoutRequest request) {
        return readouts.read(drafts.require(draftId), request.mode(), request.channel(), request.values());
    }

    /** 200 with the new revision; the draft is closed. */
    @PostMapping("/api/drafts/{draftId}/publish")
    Published publish(@PathVariable String draftId, @RequestBody PublishRequest request, Change change) {
        var revision = publishing.publish(draftId, request.version(), request.summary(), request.despite() == null ? "" : request.despite(),
                RevisionFacts.said(request.firmware(), request.restsOn(), request.fromWhom()), change);
        return new Published(revision.profileId(), revision.number());
    }
}
