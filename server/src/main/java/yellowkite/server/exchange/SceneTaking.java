package yellowkite.server.exchange;

import java.io.IOException;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import yellowkite.core.archive.FormatException;
import yellowkite.core.compare.Comparison;
import yellowkite.core.compare.Rank;
import yellowkite.core.mvr.MvrFile;
import yellowkite.core.mvr.SceneUnits;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Mode;
import yellowkite.core.rig.Asked;
import yellowkite.core.rig.Found;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.taking.Taking;
import yellowkite.server.database.HouseClock;
import yellowkite.server.exchange.SceneChoiceRepository.StoredChoice;
import yellowkite.server.exchange.Scenes.Arrived;
import yellowkite.server.intake.ProfileTaking;
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
    private final HouseClock clock;

    SceneTaking(RigTaking rigs, ProfileTaking profiles, SceneChoiceRepository choices, HouseClock clock) {
        this.rigs = rigs;
        this.profiles = profiles;
        this.choices = choices;
        this.clock = clock;
    }

    /** What all fixtures of a kind become. */
    enum Choice {
        /** The file's own profile, which comes onto the House shelf. */
        THEIRS, OURS,
        /** A footprint and nothing else. */
        PLACEHOLDER, LEAVE_OUT
    }

    /** What differs between the file's mode and ours. @param worst null if nothing does */
    record ModeDifference(@Nullable Rank worst, int count) {}

    /**
     * Fixtures that are asked for alike.
     *
     * @param words of what is asked for. @param ids of the first ones
     * @param theirs what the file's own profiles say it is. @param ours what the library has for it
     * @param difference between the two; null unless both have a profile
     * @param usual what is done unless somebody decides otherwise
     * @param decidedBy who decided so for an earlier scene; null if nobody did
     */
    record SceneKind(Asked asked, String words, int units, List<String> ids, Found theirs, Found ours, @Nullable ModeDifference difference,
            Choice usual, @Nullable String decidedBy) {}

    record SceneView(String id, String name, int units, List<SceneKind> kinds, List<SceneUnits.Note> notes) {}

    SceneView show(Arrived scene) {
        var kinds = Taking.kinds(scene.units());
        var before = choices.of(kinds.stream().map(Taking.Kind::asked).toList());
        return new SceneView(scene.id(), scene.name(), scene.units().size(),
                kinds.stream().map(kind -> kind(scene, kind, before.get(kind.asked()))).toList(), scene.notes());
    }

    private SceneKind kind(Arrived scene, Taking.Kind kind, @Nullable StoredChoice before) {
        var decided = before == null || before.profileId() == null ? null : rigs.newest(before.profileId(), before.mode()).orElse(null);
        var asked = kind.asked();
        var type = scene.types().get(kind.found().pin());
        var sized = asked.footprint() != null || !kind.found().hasProfile() ? asked
                : new Asked(asked.spec(), asked.mode(), kind.found().footprint());
        var ours = decided != null ? decided : rigs.find(sized, type == null ? "" : type.fixtureTypeId());
        var difference = type == null ? null : difference(type, kind.found(), ours);
        return new SceneKind(asked, asked.words() + (asked.mode().isEmpty() ? "" : ", " + asked.mode()), kind.units().size(),
                kind.units().stream().limit(MOST_IDS).toList(), kind.found(), ours, difference,
                decided != null ? Choice.OURS
                        : before != null && before.profileId() == null ? before.choice() : usual(kind.found(), ours, difference),
                before == null || before.profileId() != null && decided == null ? null : before.by());
    }

    /** Ours where it is surely the same, or does the same, else the file's, else the best guess. */
    private static Choice usual(Found theirs, Found ours, @Nullable ModeDifference difference) {
        boolean same = difference != null && difference.count() == 0;
        return ours.how() == Found.How.EXACT || same ? Choice.OURS
                : theirs.hasProfile() ? Choice.THEIRS : ours.hasProfile() ? Choice.OURS : Choice.PLACEHOLDER;
    }

    private @Nullable ModeDifference difference(FixtureType theirs, Found there, Found ours) {
        var type = rigs.type(ours).orElse(null);
        var left = mode(theirs, there.mode());
        var right = type == null ? null : mode(type, ours.mode());
        if (type == null || left == null || right == null) {
            return null;
        }
        var comparison = Comparison.ofModes(theirs, left, type, right);
        return new ModeDifference(comparison.differences().isEmpty() ? null : comparison.worst(Rank.COSMETIC),
                comparison.differences().size());
    }

    private static @Nullable Mode mode(FixtureType type, String name) {
        return type.modes().stream().filter(mode -> mode.name().equals(name)).findFirst().orElse(null);
    }

    /** @param found what they become if it is OURS; null = as it was found */
    record SceneDecision(Asked asked, Choice choice, @Nullable Found found) {
        SceneDecision {
            Objects.requireNonNull(asked, "asked");
            Objects.requireNonNull(choice, "choice");
        }
    }

    /** {@return the id of the new rig} Profiles of the file that were chosen come onto the House shelf first. */
    String take(Arrived scene, String name, List<SceneDecision> decisions, Change change) throws IOException {
        var view = show(scene);
        var decided = new HashMap<Asked, SceneDecision>();
        decisions.forEach(each -> decided.put(each.asked(), each));
        var taken = new ArrayList<Taking.Decision>();
        try (var file = MvrFile.open(Files.newByteChannel(scene.file()))) {
            for (var kind : view.kinds()) {
                var decision = decided.getOrDefault(kind.asked(), new SceneDecision(kind.asked(), kind.usual(), null));
                var found = found(file, kind, decision, change);
                taken.add(new Taking.Decision(kind.asked(), decision.choice() == Choice.LEAVE_OUT, found));
                if (decided.containsKey(kind.asked())) {
                    remember(kind.asked(), decision.choice(), found, change);
                }
            }
        }
        var units = Taking.taken(Rig.EMPTY, scene.units(), taken, Taking.Twice.RENUMBER);
        if (units.isEmpty()) {
            throw Refusal.unfit("decisions", "Nothing of this scene would be imported.");
        }
        return rigs.begin(name, "'" + scene.name() + "'", units, change);
    }

    /** Of what only stood there as usual nothing is remembered. */
    private void remember(Asked kind, Choice choice, @Nullable Found found, Change change) {
        if (kind.spec().isEmpty() || kind.spec().length() > LONGEST_SPEC || kind.mode().length() > LONGEST_MODE) {
            return; // a fixture that names nothing is another one each time
        }
        var profile = found == null ? null : rigs.profileOf(found).orElse(null);
        choices.put(kind,
                new StoredChoice(profile == null ? choice : Choice.OURS, profile, profile == null || found == null ? "" : found.mode(),
                        change.author().name()),
                clock.now());
    }

    private @Nullable Found found(MvrFile file, SceneKind kind, SceneDecision decision, Change change) {
        return switch (decision.choice()) {
            case LEAVE_OUT -> null;
            case OURS -> decision.found() == null ? kind.ours() : decision.found();
            case THEIRS -> theirs(file, kind, change);
            case PLACEHOLDER -> kind.theirs().footprint() > 0 ? Found.placeholder(kind.theirs().footprint())
                    : decision.found() == null ? Found.NOTHING : decision.found();
        };
    }

    private Found theirs(MvrFile file, SceneKind kind, Change change) {
        var path = kind.theirs().pin();
        if (path.isEmpty()) {
            throw Refusal.unfit("decisions", "The file has no profile of " + kind.words() + ".");
        }
        try {
            var revision = profiles.take(path, file.bytes(path), Change.by(change.author()));
            return rigs.mode(revision, kind.theirs().mode())
                .orElseThrow(() -> Refusal.unfit("decisions", "'" + path + "' has no mode '" + kind.theirs().mode() + "' any more."));
        } catch (FormatException refused) {
            throw Refusal.unfit("file", refused.sentence(path));
        }
    }
}
