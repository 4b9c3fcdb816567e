package yellowkite.server.drafts;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import yellowkite.core.chart.SlotList;
import yellowkite.core.colour.FilterNumbers;
import yellowkite.core.dmx.WheelKind;
import yellowkite.core.dmx.WheelUse;
import yellowkite.core.edit.ListSlots;
import yellowkite.core.edit.PutWheel;
import yellowkite.core.edit.SetSlot;
import yellowkite.core.edit.SlotPart;
import yellowkite.core.gdtf.Media;
import yellowkite.server.gobos.Gobos;
import yellowkite.server.revisions.RevisionReader;
import yellowkite.server.web.Change;
import yellowkite.server.web.Refusal;

/**
 * Wheels of a draft as they are used, and wheels and gobos that come into it from elsewhere, with their pictures. Answers and refusals are
 * those of {@link DraftController}.
 */
@RestController
class WheelController {
    private static final int LONGEST_LIST = 50_000;
    private final Drafts drafts;
    private final Drafting drafting;
    private final DraftShaper shaper;
    private final DraftBases bases;
    private final RevisionReader reader;
    private final Gobos gobos;

    WheelController(Drafts drafts, Drafting drafting, DraftShaper shaper, DraftBases bases, RevisionReader reader, Gobos gobos) {
        this.drafts = drafts;
        this.drafting = drafting;
        this.shaper = shaper;
        this.bases = bases;
        this.reader = reader;
        this.gobos = gobos;
    }

    /**
     * Values that bring in a slot. @param channel id. @param address first of the channel; null if it is virtual. @param calledAfterAnother
     * whether the range is called after another slot
     */
    record WheelSpan(int slot, int channel, String pretty, @Nullable Integer address, String function,
            String range, long from, long to, WheelUse.Motion motion, boolean calledAfterAnother) {}

    /** 200 with the values of a mode that bring in each slot of a wheel, by slot; 404 if there is no such wheel or mode. */
    @GetMapping("/api/drafts/{draftId}/wheels/{wheel}/use")
    List<WheelSpan> wheelUse(@PathVariable String draftId, @PathVariable int wheel, @RequestParam int mode) {
        var type = drafts.require(draftId).history().current();
        var turned = type.wheels()
            .stream()
            .filter(each -> each.id() == wheel)
            .findFirst()
            .orElseThrow(() -> Refusal.notFound("That wheel is not in this profile any more."));
        var here = type.findMode(mode).orElseThrow(() -> Refusal.notFound("That mode is not in this profile any more."));
        return WheelUse.of(type, here, turned)
            .stream()
            .map(each -> new WheelSpan(each.slot(), each.channel().id(),
                    type.attributeDefinitions()
                        .find(each.channel().attribute())
                        .map(one -> one.pretty())
                        .orElse(each.channel().attribute()),
                    each.channel().offsets().stream().findFirst().orElse(null), each.function(), each.range(), each.from(), each.to(),
                    each.motion(), each.calledAfterAnother()))
            .toList();
    }

    /** 200 with the wheels of a revision; 404 if there is none. */
    @GetMapping("/api/profiles/{profileId}/revisions/{number}/wheels")
    List<DraftView.WheelLine> ofRevision(@PathVariable String profileId, @PathVariable int number) {
        var base = bases.baseOf(reader.require(profileId, number).id());
        return base.type().wheels().stream().map(each -> DraftShaper.wheel(base.type(), each, base.media())).toList();
    }

    record SlotListRequest(String text) {
        SlotListRequest {
            Objects.requireNonNull(text, "text");
        }
    }

    /** 200 with the slots that a pasted list names, in order, with the colours that it gives or names. */
    @PostMapping("/api/slot-list")
    List<ListSlots.SlotRow> slotList(@RequestBody SlotListRequest request) {
        return SlotList.read(request.text().length() > LONGEST_LIST ? request.text().substring(0, LONGEST_LIST) : request.text())
            .stream()
            .map(each -> new ListSlots.SlotRow(each.name(), each.color()))
            .toList();
    }

    /** @param color {@code #rrggbb} */
    record FilterLine(int number, String called, String color) {}

    /** 200 with our own numbered table of filters. */
    @GetMapping("/api/filter-numbers")
    List<FilterLine> filterNumbers() {
        return FilterNumbers.all().stream().map(each -> new FilterLine(each.number(), each.called(), each.color().hex())).toList();
    }

    /** @param slot 1 = the first. @param gobo id on the shelf */
    record SlotGoboRequest(int version, int wheel, int slot, String gobo) {
        SlotGoboRequest {
            Objects.requireNonNull(gobo, "gobo");
        }
    }

    /** 200 with the gobo of the shelf in the slot, which is called after it. */
    @PostMapping("/api/drafts/{draftId}/slot-gobo")
    DraftView putGobo(@PathVariable String draftId, @RequestParam(required = false) @Nullable Integer mode,
            @RequestBody SlotGoboRequest request, Change change) {
        var gobo = gobos.take(request.gobo());
        var name = gobo.fileName();
        return shaper.shape(drafting.applyWithFiles(draftId, request.version(), Map.of(Media.wheelPath(name), gobo.sha256()),
                SetSlot.picture(request.wheel(), request.slot(), gobo.asSlot(), name), change), mode);
    }

    /** @param wheel name in that revision. @param over id of the wheel whose place it takes; null = beside the others */
    record WheelCopyRequest(int version, String profileId, int revision, String wheel, @Nullable Integer over) {
        WheelCopyRequest {
            Objects.requireNonNull(profileId, "profileId");
            Objects.requireNonNull(wheel, "wheel");
        }
    }

    /** 200 with a wheel of any revision in the draft, beside its own or in the place of one, with its pictures. */
    @PostMapping("/api/drafts/{draftId}/wheel-copy")
    DraftView copyWheel(@PathVariable String draftId, @RequestParam(required = false) @Nullable Integer mode,
            @RequestBody WheelCopyRequest request, Change change) {
        var base = bases.baseOf(reader.require(request.profileId(), request.revision()).id());
        var wheel = base.type()
            .findWheel(request.wheel())
            .orElseThrow(() -> Refusal.unfit("wheel", "That revision has no wheel called '" + request.wheel() + "'."));
        var draft = drafts.require(draftId);
        var here = bases.media(draft).contents();
        var files = new LinkedHashMap<String, String>();
        var slots = wheel.slots().stream().map(slot -> {
            var sha = base.media().contents().get(Media.wheelPath(slot.mediaFile()));
            if (slot.mediaFile().isEmpty() || sha == null) {
                return SlotPart.of(slot);
            }
            var there = here.get(Media.wheelPath(slot.mediaFile()));
            var name = there == null || there.equals(sha) ? slot.mediaFile() : Gobos.fileName(slot.mediaFile(), sha);
            files.put(Media.wheelPath(name), sha);
            return SlotPart.of(slot).withMediaFile(name);
        }).toList();
        var names = draft.history().current().wheels().stream().map(each -> each.name()).toList();
        var called = request.over() == null && names.contains(wheel.name()) ? wheel.name() + " from " + base.type().name() : wheel.name();
        return shaper.shape(drafting.applyWithFiles(draftId, request.version(), files,
                new PutWheel(request.over(), called, WheelKind.of(base.type(), wheel), slots), change), mode);
    }
}
