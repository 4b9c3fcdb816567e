package yellowkite.server.rigs;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import yellowkite.core.compare.Side;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.rig.FixtureWords;
import yellowkite.core.rig.Found;
import yellowkite.core.rig.Matching.Candidate;
import yellowkite.core.rig.Matching.CandidateMode;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.Unit;
import yellowkite.core.rig.UnitField;
import yellowkite.core.rig.edit.AddUnits;
import yellowkite.core.rig.edit.ReplaceFixture;
import yellowkite.core.rig.edit.RigEdit;
import yellowkite.core.rig.edit.SeveralRigEdits;
import yellowkite.core.rig.edit.TakeUnits;
import yellowkite.core.rig.edit.UpdateUnits;
import yellowkite.server.library.LibraryShelves;
import yellowkite.server.revisions.RevisionReader;
import yellowkite.server.revisions.RevisionRepository;
import yellowkite.server.revisions.StoredRevision;
import yellowkite.server.web.Refusal;

/** The modes that units can be: those of the library's newest revisions, and those that a rig pins already. */
@Service
class RigFixtures {
    private static final int MOST_PROFILES = 12;
    private static final int MOST_MODES = 12;
    private final LibraryShelves library;
    private final RevisionRepository revisionRows;
    private final RevisionReader reader;

    RigFixtures(LibraryShelves library, RevisionRepository revisionRows, RevisionReader reader) {
        this.library = library;
        this.revisionRows = revisionRows;
        this.reader = reader;
    }

    /** {@return the modes that some words mean: what the rig uses already first, then ours, then the Reference shelf} */
    List<Found> find(Rig rig, String words) {
        var used = new LinkedHashSet<String>();
        rig.units().stream().filter(unit -> unit.found().hasProfile()).forEach(unit -> used.add(unit.found().pin()));
        var all = new ArrayList<>(FixtureWords.find(words, candidates(revisionRows.allOf(used).values())));
        all.addAll(FixtureWords.find(words, candidates(newest(words).filter(each -> !used.contains(each.id())).toList())));
        return all.stream().distinct().limit(MOST_MODES).toList();
    }

    /** {@return a mode by its names} @throws IllegalArgumentException if there is none */
    Found require(String manufacturer, String model, String mode) {
        return newest(manufacturer + " " + model).map(this::candidate)
            .filter(each -> each.manufacturer().equals(manufacturer) && each.model().equals(model))
            .flatMap(each -> FixtureWords.find(mode, List.of(each)).stream())
            .filter(each -> each.mode().equals(mode))
            .findFirst()
            .orElseThrow(() -> new IllegalArgumentException("There is no mode '" + mode + "' of " + manufacturer + " " + model + "."));
    }

    /** {@return the newest revisions of the profiles that some words find, the best first} */
    private Stream<StoredRevision> newest(String words) {
        var profiles = library.found(words, MOST_PROFILES);
        var newest = revisionRows.newestOf(profiles);
        return profiles.stream().map(newest::get).filter(Objects::nonNull);
    }

    private List<Candidate> candidates(Collection<StoredRevision> revisions) {
        return revisions.stream().map(this::candidate).toList();
    }

    Candidate candidate(StoredRevision revision) {
        return Candidate.of(revision.id(), reader.description(revision).type());
    }

    /** {@return the mode that a unit is; none where nobody knows it} */
    Optional<CompiledMode> compiled(Found found) {
        return revisionRows.findById(found.pin()).flatMap(revision -> compiled(revision, found.mode()));
    }

    /** {@return a mode of a revision by its name} */
    Optional<CompiledMode> compiled(StoredRevision revision, String name) {
        var type = reader.description(revision).type();
        return type.modes().stream().filter(mode -> mode.name().equals(name)).findFirst().map(mode -> CompiledMode.of(type, mode));
    }

    /** {@return whether the switches of a fixture show 0 for address 1} */
    boolean switchesCountFromZero(Found found) {
        return found.hasProfile() && reader.house(found.pin()).dipFromZero();
    }

    /** {@return a revision that units pin} */
    Optional<StoredRevision> revision(String pin) {
        return revisionRows.findById(pin);
    }

    /** {@return the newest revision of a profile} */
    Optional<StoredRevision> newestOf(String profileId) {
        return revisionRows.findNewest(profileId);
    }

    /** {@return the newest revision of the same profile} */
    StoredRevision newest(StoredRevision revision) {
        return revisionRows.findNewest(revision.profileId()).orElse(revision);
    }

    /** {@return a mode of a revision as units are it; none if it has no such mode} */
    Optional<Found> mode(StoredRevision revision, String name) {
        var of = candidate(revision);
        return of.modes()
            .stream()
            .filter(mode -> mode.name().equals(name))
            .findFirst()
            .map(mode -> Found.chosen(of.pin(), of.manufacturer(), of.model(), mode.name(), mode.breaks()));
    }

    List<CandidateMode> modes(StoredRevision revision) {
        return candidate(revision).modes();
    }

    Side side(StoredRevision revision) {
        return reader.side(revision);
    }

    FixtureType type(StoredRevision revision) {
        return reader.house(revision.id()).laidOnto(reader.description(revision).type());
    }

    /** @throws Refusal 422 if an edit names a mode that its revision does not have just so */
    void requireTrue(RigEdit edit) {
        var named = new LinkedHashMap<String, List<Found>>();
        named(edit).filter(Found::hasProfile)
            .distinct()
            .forEach(each -> named.computeIfAbsent(each.pin(), pin -> new ArrayList<>()).add(each));
        Map<String, StoredRevision> revisions = revisionRows.allOf(named.keySet());
        named.forEach((pin, all) -> {
            var revision = revisions.get(pin);
            if (revision == null) {
                throw Refusal.unfit("fixture", "The profile of this unit is not in the library any more.");
            }
            var candidate = candidate(revision);
            for (var each : all) {
                boolean has = candidate.modes()
                    .stream()
                    .anyMatch(mode -> mode.name().equals(each.mode()) && mode.breaks().equals(each.breaks()));
                if (!has || !candidate.manufacturer().equals(each.manufacturer()) || !candidate.model().equals(each.model())) {
                    throw Refusal.unfit("fixture", candidate.manufacturer() + " " + candidate.model() + ", revision " + revision.number()
                            + ", has no mode '" + each.mode() + "' of that footprint.");
                }
            }
        });
    }

    private static Stream<Found> named(RigEdit edit) {
        return switch (edit) {
            case AddUnits add -> Stream.of(add.fixture());
            case ReplaceFixture replace -> Stream.of(replace.fixture());
            case TakeUnits take -> take.units().stream().map(Unit::found);
            case UpdateUnits update -> Stream.concat(update.added().stream(),
                    update.given().stream().filter(each -> each.fields().contains(UnitField.FIXTURE)).map(UpdateUnits.Given::unit))
                .map(Unit::found);
            case SeveralRigEdits(var edits) -> edits.stream().flatMap(RigFixtures::named);
            default -> Stream.empty();
        };
    }
}
