package yellowkite.server.library;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;
import yellowkite.core.dmx.Tail;
import yellowkite.core.library.LibraryQuery;
import yellowkite.core.library.NearNames;
import yellowkite.server.revisions.ModeSummary;

/** The list of profiles. */
@RestController
class LibraryController {
    /** As many as anyone scrolls through; the search narrows the rest. */
    private static final int LISTED = 300;
    private static final int MOST_MAKERS = 500;
    private static final TypeReference<List<Tail.Bundle>> TAIL = new TypeReference<>() {};

    private final ProfileRepository profiles;
    private final LoadRepository loads;
    private final JsonMapper json;

    LibraryController(ProfileRepository profiles, LoadRepository loads, JsonMapper json) {
        this.loads = loads;
        this.profiles = profiles;
        this.json = json;
    }

    /** A known manufacturer. @param near whether the name that was typed is nearly this one */
    record MakerChoice(String name, boolean near) {}

    /** 200 with the manufacturers whose names hold {@code name}, or nearly are it. */
    @GetMapping("/api/manufacturers")
    List<MakerChoice> manufacturers(@RequestParam(defaultValue = "") String name) {
        return profiles.manufacturers().stream().map(each -> new MakerChoice(each, NearNames.areNear(each, name)))
                .filter(each -> each.near() || NearNames.plain(each.name()).contains(NearNames.plain(name))).limit(MOST_MAKERS).toList();
    }

    /** 200 with the profiles in which every term of {@code search} is found; all of them if it is empty. */
    @GetMapping("/api/library")
    LibraryView library(@RequestParam(defaultValue = "") String search) {
        var listed = profiles.search(LibraryQuery.of(search), LISTED + 1);
        boolean more = listed.size() > LISTED;
        var shown = more ? listed.subList(0, LISTED) : listed;
        var modes = profiles.modes(shown.stream().map(ProfileRepository.Listed::revisionId).toList());
        var loaded = loads.of(shown.stream().map(ProfileRepository.Listed::id).toList());
        return new LibraryView(profiles.count(), shown.size(), more, makers(shown, false, modes, loaded), makers(shown, true, modes, loaded));
    }

    private List<LibraryView.Maker> makers(List<ProfileRepository.Listed> shown, boolean placeholders, Map<String, List<ProfileRepository.ListedMode>> modes, Map<String, LoadRepository.Load> loaded) {
        var makers = new LinkedHashMap<String, List<LibraryView.Profile>>();
        for (var each : shown) {
            if (each.placeholder() == placeholders) {
                var views = modes.getOrDefault(each.revisionId(), List.of()).stream()
                        .map(mode -> new ModeSummary(mode.name(), mode.footprint(), mode.channels(), json.readValue(mode.tail(), TAIL))).toList();
                makers.computeIfAbsent(each.manufacturer(), name -> new ArrayList<>())
                        .add(new LibraryView.Profile(each.id(), each.name(), each.revision(), each.errors(), each.warnings(), each.draftBy(), load(loaded.get(each.id())), views));
            }
        }
        return makers.entrySet().stream().map(maker -> new LibraryView.Maker(maker.getKey(), maker.getValue())).toList();
    }

    private static LibraryView.@Nullable LoadLine load(LoadRepository.@Nullable Load load) {
        return load == null ? null : new LibraryView.LoadLine(load.production(), load.origin(), load.number());
    }
}
