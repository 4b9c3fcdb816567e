package yellowkite.server.exchange;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Objects;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import yellowkite.core.archive.FormatException;
import yellowkite.core.mvr.FoundProfiles;
import yellowkite.core.mvr.MvrFile;
import yellowkite.core.mvr.SceneUnits;
import yellowkite.core.rig.Asked;
import yellowkite.core.rig.Found;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.taking.KindChoice;
import yellowkite.core.rig.taking.ModeDifference;
import yellowkite.core.rig.taking.Taking;
import yellowkite.server.database.HouseClock;
import yellowkite.server.exchange.ExchangeRepository.Direction;
import yellowkite.server.exchange.ExchangeRepository.StoredExchange;
import yellowkite.server.exchange.SceneChoiceRepository.StoredChoice;
import yellowkite.server.exchange.Scenes.Arrived;
import yellowkite.server.intake.ProfileTaking;
import yellowkite.server.revisions.StoredRevision;
import yellowkite.server.rigs.RigTaking;
import yellowkite.server.web.Change;
import yellowkite.server.web.Refusal;

/** Shows what a scene asks for beside what the library has, kind by kind, and makes a rig of it. */
@Service
class SceneTaking {
    private static final int MOST_IDS = 6;
    private static final int LONGEST_SPEC = 300;
    private static final int LONGEST_MODE = 200;
    private final RigTaking rigs;
    private final ProfileTaking profiles;
    private final SceneChoiceRepository choices;
    private final ExchangeRepository exchanges;
    private final HouseClock clock;

    SceneTaking(RigTaking rigs, ProfileTaking profiles, SceneChoiceRepository choices, ExchangeRepository exchanges, HouseClock clock) {
        this.exchanges = exchanges;
        this.rigs = rigs;
        this.profiles = profiles;
        this.choices = choices;
        this.clock = clock;
    }

    /**
     * Fixtures that are asked for alike.
     *
     * @param words of what is asked for. @param ids of the first ones
     * @param theirs what the file's own profiles say it is. @param ours what the library has for it
     * @param difference between the two; null unless both have a profile
     * @param usual what is done unless somebody decides otherwise
     * @param addresses of a placeholder, unless somebody says another number
     * @param decidedBy who decided so for an earlier scene; null if nobody did
     */
    record SceneKind(Asked asked, String words, int units, List<String> ids, Found theirs, Found ours, @Nullable ModeDifference difference,
            KindChoice usual, int addresses, @Nullable String decidedBy) {
        /** {@return the same where a rig has something for it already} */
        SceneKind as(Found found, KindChoice choice) {
            return new SceneKind(asked, words, units, ids, theirs, found.hasProfile() ? found : ours,
                    found.isSameMode(ours) ? difference : null,
                    choice, addresses, null);
        }
    }

    record SceneView(String id, String name, int units, List<SceneKind> kinds, List<SceneUnits.Note> notes) {}

    /** {@return what a scene asks for beside what there is for it} @param found what its own profiles say */
    SceneView show(String id, String name, MvrFile file, SceneUnits read, FoundProfiles found) {
        var kinds = Taking.kinds(found.units());
        var before = choices.of(kinds.stream().map(Taking.Kind::asked).toList());
        var asked = new LinkedHashMap<Asked, String>();
        kinds.forEach(kind -> asked.put(kind.sized(), found.ids().getOrDefault(kind.found().pin(), "")));
        var inLibrary = rigs.find(asked);
        return new SceneView(id, name, found.units().size(),
                kinds.stream()
                    .map(kind -> kind(file, kind, inLibrary.getOrDefault(kind.sized(), Found.NOTHING), before.get(kind.asked())))
                    .toList(),
                Stream.concat(read.notes().stream(), found.notes().stream()).toList());
    }

    /** @param inLibrary what the library has for it. @param before what was decided for an earlier scene */
    private SceneKind kind(MvrFile file, Taking.Kind kind, Found inLibrary, @Nullable StoredChoice before) {
        var decided = before == null ? null : decided(inLibrary, before);
        var ours = decided == null ? inLibrary : decided.ours();
        var difference = difference(file, kind.found(), ours);
        return new SceneKind(kind.asked(), kind.asked().wordsAndMode(), kind.units().size(), kind.units().stream().limit(MOST_IDS).toList(),
                kind.found(), ours, difference, decided == null ? KindChoice.usual(kind.found(), ours, difference) : decided.choice(),
                before != null && before.addresses() > 0 ? before.addresses() : kind.found().footprint(),
                decided == null ? null : decided.by());
    }

    /** Null unless both have a profile; the file's was read before, so that it can be read. */
    private @Nullable ModeDifference difference(MvrFile file, Found theirs, Found ours) {
        if (!theirs.hasProfile() || !ours.hasProfile()) {
            return null;
        }
        try {
            var type = file.type(theirs.pin());
            return rigs.type(ours).flatMap(our -> ModeDifference.of(type, theirs.mode(), our, ours.mode())).orElse(null);
        } catch (FormatException tooMuch) {
            return null; // of all profiles together
        }
    }

    private record Decided(KindChoice choice, Found ours, String by) {}

    /** Null where what was decided is not to be had any more. */
    private @Nullable Decided decided(Found inLibrary, StoredChoice before) {
        if (before.profileId() != null) {
            return rigs.newest(before.profileId(), before.mode())
                .map(ours -> new Decided(KindChoice.OURS, ours, before.by()))
                .orElse(null);
        }
        return new Decided(before.choice(), inLibrary, before.by());
    }

    /**
     * What becomes of a kind.
     *
     * @param found what they become if it is OURS, or how many addresses a placeholder has; null = as it was found. @param decided whether
     * somebody decided so, or it stood there
     */
    record SceneDecision(Asked asked, KindChoice choice, @Nullable Found found, boolean decided) {
        SceneDecision {
            Objects.requireNonNull(asked, "asked");
            Objects.requireNonNull(choice, "choice");
        }
    }

    /**
     * {@return the id of the new rig} Profiles of the file that were chosen come onto the House shelf first.
     *
     * @param change asked for again with it, it is the same rig
     */
    String take(Arrived scene, String name, List<SceneDecision> decisions, Change change) {
        var decided = decided(scene, scene.view().kinds(), decisions, any -> true, change);
        var units = Taking.taken(Rig.EMPTY, scene.units(), decided, Taking.Twice.RENUMBER);
        if (units.isEmpty()) {
            throw Refusal.unfit("decisions", "Nothing of this scene would be imported.");
        }
        var rig = rigs.begin(name, "'" + scene.view().name() + "'", units, change);
        exchanges.add(new StoredExchange(rig.id(), rig.id(), Direction.IN, scene.view().id(), scene.view().name(),
                units.size() + " units, a new rig", change.author().name(), clock.now(), rig.version()));
        remember(decisions, decided, change);
        return rig.id();
    }

    /** {@return what becomes of each kind} @param shelved kinds whose profiles come onto the House shelf, where the file's was chosen */
    List<Taking.Decision> decided(Arrived scene, List<SceneKind> kinds, List<SceneDecision> decisions, Predicate<SceneKind> shelved,
            Change change) {
        try (var file = scene.open()) {
            var shelf = new HashMap<String, StoredRevision>();
            return decided(kinds, decisions, kind -> shelved.test(kind)
                    ? theirs(kind, path -> shelf.computeIfAbsent(path, each -> onShelf(file, each, change)))
                    : kind.theirs());
        }
    }

    /** Like {@link #decided(Arrived, List, List, Predicate, Change)}, where the file's own profiles stay where they are. */
    static List<Taking.Decision> proposed(List<SceneKind> kinds, List<SceneDecision> decisions) {
        return decided(kinds, decisions, SceneKind::theirs);
    }

    private static List<Taking.Decision> decided(List<SceneKind> kinds, List<SceneDecision> decisions, Function<SceneKind, Found> theirs) {
        var by = decisions.stream().collect(Collectors.toMap(SceneDecision::asked, Function.identity(), (first, second) -> second));
        return kinds.stream().map(kind -> {
            var decision = by.getOrDefault(kind.asked(), new SceneDecision(kind.asked(), kind.usual(), null, false));
            var found = switch (decision.choice()) {
                case LEAVE_OUT -> null;
                case OURS -> decision.found() == null ? kind.ours() : decision.found();
                case THEIRS -> theirs.apply(kind);
                case PLACEHOLDER -> placeholder(decision.found() == null ? kind.addresses() : decision.found().footprint());
            };
            return new Taking.Decision(kind.asked(), decision.choice() == KindChoice.LEAVE_OUT, found);
        }).toList();
    }

    private static Found placeholder(int footprint) {
        return footprint > 0 ? Found.placeholder(footprint) : Found.NOTHING;
    }

    /** Of what only stood there as usual nothing is remembered. */
    void remember(List<SceneDecision> decisions, List<Taking.Decision> became, Change change) {
        var found = new HashMap<Asked, Found>();
        became.stream().filter(each -> each.found() != null).forEach(each -> found.put(each.asked(), each.found()));
        decisions.stream()
            .filter(SceneDecision::decided)
            .forEach(each -> remember(each.asked(), each.choice(), found.get(each.asked()), change));
    }

    private void remember(Asked kind, KindChoice choice, @Nullable Found found, Change change) {
        if (kind.spec().isEmpty() || kind.spec().length() > LONGEST_SPEC || kind.mode().length() > LONGEST_MODE) {
            return; // a fixture that names nothing is another one each time
        }
        var profile = found == null ? null : rigs.profileOf(found).orElse(null);
        choices.put(kind,
                new StoredChoice(profile == null ? choice : KindChoice.OURS, profile, profile == null || found == null ? "" : found.mode(),
                        choice == KindChoice.PLACEHOLDER && found != null ? found.footprint() : 0, change.author().name()),
                clock.now());
    }

    private Found theirs(SceneKind kind, Function<String, StoredRevision> shelf) {
        var path = kind.theirs().pin();
        if (path.isEmpty()) {
            throw Refusal.unfit("decisions", "The file has no profile of " + kind.words() + ".");
        }
        return rigs.mode(shelf.apply(path), kind.theirs().mode())
            .orElseThrow(() -> Refusal.unfit("decisions", "'" + path + "' has no mode '" + kind.theirs().mode() + "' any more."));
    }

    private StoredRevision onShelf(MvrFile file, String path, Change change) {
        try {
            return profiles.take(path, file.bytes(path), change);
        } catch (FormatException refused) {
            throw Refusal.unfit("file", refused.sentence(path));
        }
    }
}
