package yellowkite.server.drafts;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import yellowkite.core.body.FixtureFacts;
import yellowkite.core.colour.Srgb;
import yellowkite.core.colour.Xyz;
import yellowkite.core.dmx.Tail;
import yellowkite.core.dmx.WheelKind;
import yellowkite.core.edit.WrittenFacts;
import yellowkite.core.gdtf.Media;
import yellowkite.core.profile.Emitter;
import yellowkite.core.profile.Filter;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;
import yellowkite.core.profile.Wheel;
import yellowkite.server.library.ProductionVersionRepository;

/** Shapes a draft for the editor: what the core computes, in the records of {@link DraftView}. */
@Component
class DraftShaper {
    private final DraftBases bases;
    private final DraftRepository repository;
    private final ProductionVersionRepository productionVersions;

    DraftShaper(DraftBases bases, ProductionVersionRepository productionVersions, DraftRepository repository) {
        this.repository = repository;
        this.bases = bases;
        this.productionVersions = productionVersions;
    }

    /** @param modeId the mode whose map is wanted; null or unknown = the first */
    DraftView shape(LoadedDraft draft, @Nullable Integer modeId) {
        return shape(draft, modeId, null);
    }

    /** @param known what the asker has already: rows that are the same there are left out; null = nothing */
    DraftView shape(LoadedDraft draft, @Nullable Integer modeId, @Nullable LoadedDraft known) {
        var around = repository.around(draft.draft().id(), draft.draft().profileId());
        var productionVersion = Optional.of(draft.draft().profileId())
            .filter(id -> around.isProductionVersion())
            .flatMap(productionVersions::find)
            .map(each -> new DraftView.ProductionLine(each.production(), each.originProfileId(), each.origin(), each.number()))
            .orElse(null);
        return shape(draft, bases.baseNumber(draft), around.newest(), bases.media(draft, around.hasFiles()), productionVersion,
                modeId, known == null ? null : known.history().current());
    }

    static DraftView shape(LoadedDraft draft, int baseRevision, int newestRevision, DraftMedia media,
            DraftView.@Nullable ProductionLine productionVersion, @Nullable Integer modeId, @Nullable FixtureType known) {
        var type = draft.history().current();
        var chosen = type.modes()
            .stream()
            .filter(mode -> modeId != null && mode.id() == modeId)
            .findFirst()
            .or(() -> type.modes().stream().findFirst())
            .orElse(null);
        var modes = type.modes().stream().map(mode -> {
            var map = CompiledModes.of(type, mode).map();
            return new DraftView.ModeLine(mode.id(), mode.name(), map.totalFootprint(), mode.channels().size(), Tail.of(type, map));
        }).toList();
        boolean takesEdits = draft.halted() == null;
        return new DraftView(draft.draft().id(), draft.draft().profileId(), draft.draft().version(), draft.draft().openProfileId() != null,
                draft.halted(),
                baseRevision, newestRevision, type.name(), type.manufacturer(), type.shortName(), type.description(),
                picture(type.thumbnail(), media), type.house().notes(), type.house().category(), type.house().dipFromZero(), modes,
                type.wheels().stream().map(wheel -> wheel(type, wheel, media)).toList(),
                type.attributeDefinitions()
                    .attributes()
                    .stream()
                    .map(each -> new DraftView.AttributeLine(each.name(), each.pretty(), each.featureGroup(), each.physicalUnit().symbol()))
                    .toList(),
                type.allGeometries().filter(Geometry.Part.class::isInstance).map(Geometry::name).toList(),
                type.physicalDescriptions().emitters().stream().map(Emitter::name).toList(),
                type.physicalDescriptions().filters().stream().map(Filter::name).toList(), productionVersion,
                WrittenFacts.of(FixtureFacts.of(type)),
                chosen == null ? null : MapShaper.map(type, chosen, known), history(draft),
                takesEdits && draft.history().done() > draft.history().floor(),
                takesEdits && draft.history().done() < draft.history().steps().size());
    }

    private static List<DraftView.HistoryLine> history(LoadedDraft draft) {
        var lines = new ArrayList<DraftView.HistoryLine>();
        for (int i = 0; i < draft.edits().size(); i++) {
            var step = draft.edits().get(i);
            boolean undone = i >= draft.history().done();
            lines.add(new DraftView.HistoryLine(step.sentence(), step.author(), step.createdAt(), undone,
                    !undone && i >= draft.history().floor()));
        }
        return lines.reversed();
    }

    static DraftView.WheelLine wheel(FixtureType type, Wheel wheel, DraftMedia media) {
        var slots = new ArrayList<DraftView.SlotLine>();
        for (var slot : wheel.slots()) {
            slots.add(slot(slots.size() + 1, slot, media));
        }
        var care = type.house().wheel(wheel.id());
        return new DraftView.WheelLine(wheel.id(), wheel.name(), WheelKind.of(type, wheel), care.kind() != null, care.open(), slots);
    }

    static DraftView.SlotLine slot(int number, Wheel.Slot slot, DraftMedia media) {
        return new DraftView.SlotLine(number, slot.name(), slot.color() == null ? null : Srgb.hueOf(Xyz.of(slot.color())).hex(),
                picture(slot, media),
                slot.filter(), slot.facets().size(), slot.animation() != null, slot.isOpen());
    }

    /** {@return the address of a slot's picture; null if the file holds none} */
    static @Nullable String picture(Wheel.Slot slot, DraftMedia media) {
        if (slot.mediaFile().isEmpty()) {
            return null;
        }
        var sha = media.contents().get(Media.wheelPath(slot.mediaFile()));
        return sha == null ? null : "/api/media/" + sha;
    }

    /** {@return the address of the fixture's picture; null if the file holds none} */
    private static @Nullable String picture(String thumbnail, DraftMedia media) {
        var sha = thumbnail.isEmpty() ? null : media.contents().get(thumbnail + ".png");
        return sha == null ? null : "/api/media/" + sha;
    }
}
