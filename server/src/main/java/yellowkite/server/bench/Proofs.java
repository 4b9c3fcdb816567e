package yellowkite.server.bench;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import yellowkite.core.bench.Step;
import yellowkite.core.bench.Walk;
import yellowkite.core.bench.Walk.Verdict;
import yellowkite.server.bench.WalkRepository.State;
import yellowkite.server.bench.WalkRepository.StoredWalk;
import yellowkite.server.revisions.RevisionRepository;
import yellowkite.server.revisions.StoredRevision;

/** What revisions were proven on. A walk that went to its end and differs nowhere proves what it walked. */
@Service
public class Proofs {
    private final WalkRepository repository;
    private final Walks walks;
    private final RevisionRepository revisions;
    private final Modes modes;

    Proofs(WalkRepository repository, Walks walks, RevisionRepository revisions, Modes modes) {
        this.modes = modes;
        this.revisions = revisions;
        this.repository = repository;
        this.walks = walks;
    }

    /**
     * A fixture that a mode was walked on.
     *
     * @param revision that was walked. @param agree steps that do. @param differ and that do not. @param uncovered steps of the shown
     * revision that it says nothing of; {@code changed} the channels that they are of
     */
    record ProvenOn(String walkId, int revision, String firmware, String fixtureSerial, String author, LocalDateTime at,
            boolean byInstruments,
            int agree, int differ, int uncovered, List<String> changed) {}

    /** @param steps that a whole walk of it has. @param on the newest of each firmware */
    record ProvenMode(String mode, int steps, List<ProvenOn> on) {}

    /** {@return the modes of a revision that were walked, then or before} */
    List<ProvenMode> of(StoredRevision revision) {
        var all = repository.ofProfile(revision.profileId(), WalkRepository.MOST)
            .stream()
            .filter(each -> each.number() <= revision.number() && each.state() == State.DONE)
            .sorted(Comparator.comparingInt(StoredWalk::number)
                .reversed()
                .thenComparing(Comparator.comparing(StoredWalk::startedAt).reversed()))
            .toList();
        if (all.isEmpty()) {
            return List.of();
        }
        var proven = new ArrayList<ProvenMode>();
        for (var mode : modes.all(revision)) {
            var whole = Walk.of(mode, false);
            var seen = new HashSet<String>();
            var on = all.stream()
                .filter(each -> walks.mode(each).mode().name().equals(mode.mode().name()) && seen.add(each.firmware()))
                .map(each -> on(each, whole))
                .toList();
            if (!on.isEmpty()) {
                proven.add(new ProvenMode(mode.mode().name(), whole.steps().size(), on));
            }
        }
        return proven;
    }

    private ProvenOn on(StoredWalk walk, Walk whole) {
        var left = whole.since(walks.covered(walk)).steps();
        var counts = repository.counts(walk.id());
        return new ProvenOn(walk.id(), walk.number(), walk.firmware(), walk.fixtureSerial(), walk.author(), walk.startedAt(),
                !walk.telemetry().isEmpty(), counts.getOrDefault(Verdict.AGREES, 0), counts.getOrDefault(Verdict.DIFFERS, 0), left.size(),
                left.stream().map(Step::channel).filter(each -> !each.isEmpty()).distinct().toList());
    }

    /** {@return what the modes of revisions were proven on, in words; of those alone that were} @param numbers by profile */
    public Map<String, String> words(Map<String, Integer> numbers) {
        var words = new HashMap<String, String>();
        for (var profileId : repository.walkedAmong(numbers.keySet())) {
            revisions.findByNumber(profileId, Objects.requireNonNull(numbers.get(profileId)))
                .map(revision -> of(revision).stream()
                    .flatMap(each -> words(revision, each.mode()).map(said -> each.mode() + ": " + said.toLowerCase(Locale.ROOT)).stream())
                    .collect(Collectors.joining("; ")))
                .filter(each -> !each.isEmpty())
                .ifPresent(each -> words.put(profileId, each));
        }
        return words;
    }

    /** {@return such as {@code Proven on firmware 1.4}; none where the mode was not, or something of it is not covered} */
    public Optional<String> words(StoredRevision revision, String mode) {
        var on = of(revision).stream()
            .filter(each -> each.mode().equals(mode))
            .flatMap(each -> each.on().stream())
            .filter(each -> Walk.proves(Map.of(Verdict.AGREES, each.agree(), Verdict.DIFFERS, each.differ())) && each.uncovered() == 0)
            .map(each -> each.firmware().isEmpty() ? "a fixture" : "firmware " + each.firmware())
            .distinct()
            .toList();
        return on.isEmpty() ? Optional.empty() : Optional.of("Proven on " + String.join(", ", on));
    }
}
