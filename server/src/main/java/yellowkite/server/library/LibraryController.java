package yellowkite.server.library;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.propertyeditors.StringArrayPropertyEditor;
import org.springframework.web.bind.WebDataBinder;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.InitBinder;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import yellowkite.core.dmx.Tail;
import yellowkite.core.library.Found.Hit;
import yellowkite.core.library.NearNames;
import yellowkite.server.library.LibraryView.ListedProduction;
import yellowkite.server.library.ListedRepository.Listed;
import yellowkite.server.library.ListedRepository.ListedMode;
import yellowkite.server.library.ProductionVersionRepository.ProductionVersion;
import yellowkite.server.revisions.ModeSummary;
import yellowkite.server.stored.StoredForm;
import yellowkite.server.stored.StoredForms;

/** The list of profiles. */
@RestController
class LibraryController {
    /** Letters of them, as they are kept. */
    private static final long MOST_TAILS_KEPT = 8L << 20;
    private static final int MOST_AT_ONCE = 200;
    private static final int MOST_MODES = 12;
    private static final int MOST_MANUFACTURERS = 500;

    /** The modes of a library are much alike: each picture of one is read once. */
    private final Cache<String, List<Tail.Bundle>> tails = Caffeine.newBuilder()
        .maximumWeight(MOST_TAILS_KEPT)
        .weigher((String text, List<Tail.Bundle> tail) -> 2 * text.length())
        .build();
    private final LibraryShelves shelves;
    private final ProductionVersionRepository productionVersions;
    private final ManufacturerRepository manufacturers;
    private final ListedRepository lines;

    LibraryController(LibraryShelves shelves, ProductionVersionRepository productionVersions, ManufacturerRepository manufacturers,
            ListedRepository lines) {
        this.lines = lines;
        this.manufacturers = manufacturers;
        this.shelves = shelves;
        this.productionVersions = productionVersions;
    }

    /** The name of a manufacturer may hold a comma, which otherwise parts values. */
    @InitBinder
    @SuppressWarnings("NullAway") // a null separator is the editor's own "do not part", which its signature does not say
    void keepCommas(WebDataBinder binder) {
        binder.registerCustomEditor(String[].class, new StringArrayPropertyEditor(null));
    }

    /** A known manufacturer. @param near whether the name that was typed is nearly this one */
    record ManufacturerChoice(String name, boolean near) {}

    /** 200 with the manufacturers whose names hold {@code name}, or nearly are it. */
    @GetMapping("/api/manufacturers")
    List<ManufacturerChoice> manufacturers(@RequestParam(defaultValue = "") String name) {
        return manufacturers.names()
            .stream()
            .map(each -> new ManufacturerChoice(each, NearNames.areNear(each, name)))
            .filter(each -> each.near() || NearNames.plain(each.name()).contains(NearNames.plain(name)))
            .limit(MOST_MANUFACTURERS)
            .toList();
    }

    /** 200 with what is found, from the index {@code offset} on. @param limit at most 200 */
    @GetMapping("/api/library")
    LibraryView library(LibraryRequest request, @RequestParam(defaultValue = "0") int offset,
            @RequestParam(defaultValue = "40") int limit) {
        var index = shelves.index();
        var found = index.search(request.query(), request.narrowing(), request.ordered());
        int from = Math.clamp(offset, 0, found.hits().size());
        int to = Math.min(found.hits().size(), from + Math.clamp(limit, 0, MOST_AT_ONCE));
        return new LibraryView(index.size(), found.hits().size(), found.sections(), found.left(), rows(found.hits().subList(from, to)));
    }

    /** @param index -1 if no name begins so */
    record NextView(int index) {}

    /** 200 with the index of the next profile after {@code after} whose name, or whose manufacturer's, begins with some letters. */
    @GetMapping("/api/library/next")
    NextView next(LibraryRequest request, @RequestParam int after, @RequestParam String letters) {
        var found = shelves.index().search(request.query(), request.narrowing(), request.ordered());
        return new NextView(found.next(Math.clamp(after, -1, Math.max(0, found.hits().size() - 1)), letters));
    }

    private List<LibraryView.Profile> rows(List<Hit> hits) {
        var listed = lines.of(hits.stream().map(Hit::id).toList());
        var modes = lines.modes(listed.values().stream().map(Listed::revisionId).toList(), MOST_MODES);
        var ofProductions = listed.values().stream().filter(Listed::isProductionVersion).map(Listed::id).toList();
        var loaded = ofProductions.isEmpty() ? Map.<String, ProductionVersion>of() : productionVersions.of(ofProductions);
        // one that went between the search and now is left out
        return hits.stream()
            .filter(hit -> listed.containsKey(hit.id()))
            .map(hit -> row(hit, Objects.requireNonNull(listed.get(hit.id())), modes, loaded.get(hit.id())))
            .toList();
    }

    /** A tail that cannot be read is a mode without a picture. */
    private List<Tail.Bundle> tail(String kept) {
        return tails.get(kept, text -> {
            try {
                return StoredForms.TAIL.read(text);
            } catch (StoredForm.Unreadable damaged) {
                return List.of();
            }
        });
    }

    private LibraryView.Profile row(Hit hit, Listed profile, Map<String, List<ListedMode>> modes,
            ProductionVersionRepository.@Nullable ProductionVersion productionVersion) {
        var own = modes.getOrDefault(profile.revisionId(), List.of());
        var views = own.stream()
            .map(mode -> new ModeSummary(mode.name(), mode.footprint(), mode.channels(), tail(mode.tail())))
            .toList();
        var picture = profile.pictureSha256();
        return new LibraryView.Profile(profile.id(), profile.manufacturer(), profile.name(), profile.shelf(), profile.revision(),
                profile.errors(), profile.warnings(), picture == null ? null : "/api/media/" + picture + "?side=96",
                profile.draftBy(),
                productionVersion == null ? null
                        : new ListedProduction(productionVersion.production(), productionVersion.origin(), productionVersion.number()),
                views, profile.modes(), hit.missing());
    }
}
