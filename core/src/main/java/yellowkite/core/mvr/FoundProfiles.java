package yellowkite.core.mvr;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import yellowkite.core.archive.FormatException;
import yellowkite.core.mvr.SceneUnits.Note;
import yellowkite.core.profile.Mode;
import yellowkite.core.rig.Asked;
import yellowkite.core.rig.Found;
import yellowkite.core.rig.Matching.Candidate;
import yellowkite.core.rig.Matching;
import yellowkite.core.rig.Unit;

/**
 * What stands for the fixtures of a file: its own profiles, and those of a library.
 *
 * @param units what each is; a unit's footprints are those of what was found for it
 * @param ids of the fixture types of the file's own profiles that could be read, by their path; such an id may be empty
 * @param notes what could not be read of them
 */
public record FoundProfiles(List<Unit> units, Map<String, String> ids, List<Note> notes) {
    public FoundProfiles {
        ids = Map.copyOf(ids);
        units = List.copyOf(units);
        notes = List.copyOf(notes);
    }

    /** A library to look in. */
    public interface Library {
        /** {@return what fits best; a footprint alone, or nothing, if no profile does} @param id of the file's own profile; may be empty */
        Found find(Asked asked, String id);
    }

    /**
     * {@return what is found}
     *
     * @param pin what a profile of the file is pinned by, before its path
     * @param ours whether the library counts before the file's own profiles
     */
    public static FoundProfiles of(MvrFile file, List<Unit> units, String pin, Library library, boolean ours) {
        var looking = new Looking(file, pin, library, ours);
        var spacing = Spacing.of(units);
        var found = new HashMap<Asked, Kind>();
        var all = units.stream().map(unit -> {
            var kind = found.computeIfAbsent(unit.asked(), asked -> looking.find(asked, spacing.get(asked)));
            return unit.with(f -> f.asked = kind.asked()).as(kind.found());
        }).toList();
        var ids = new HashMap<String, String>();
        looking.read.forEach((path, own) -> own.ifPresent(is -> ids.put(path, is.candidate().id())));
        return new FoundProfiles(all, ids, looking.notes);
    }

    private record Kind(Asked asked, Found found) {}

    /** What is kept of a profile of the file. @param standIns its modes that stand for nothing */
    private record Own(Candidate candidate, Set<String> standIns) {}

    private static final class Looking {
        private final MvrFile file;
        private final String pin;
        private final Library library;
        private final boolean ours;
        private final Map<String, Optional<Own>> read = new HashMap<>();
        private final List<Note> notes = new ArrayList<>();

        private Looking(MvrFile file, String pin, Library library, boolean ours) {
            this.file = file;
            this.pin = pin;
            this.library = library;
            this.ours = ours;
        }

        /** @param spacing what lies between its addresses; null where nothing tells it */
        Kind find(Asked asked, @Nullable Integer spacing) {
            var path = file.profileOf(asked.spec());
            var own = path.flatMap(this::own).orElse(null);
            if (path.isEmpty() || own == null) {
                var sized = new Asked(asked.spec(), asked.mode(), spacing);
                return new Kind(sized, library.find(sized, ""));
            }
            var theirs = Matching.among(List.of(own.candidate())).find(asked, own.candidate().id());
            if (own.standIns().contains(theirs.mode())) {
                var sized = new Asked(asked.spec(), asked.mode(), theirs.footprint());
                var better = library.find(sized, "");
                return new Kind(sized, better.hasProfile() ? better : placeholder(theirs, path.get()));
            }
            var other = ours ? library.find(asked, own.candidate().id()) : Found.NOTHING;
            return new Kind(asked, other.hasProfile() ? other : theirs);
        }

        private static Found placeholder(Found theirs, String path) {
            return new Found(Found.How.PLACEHOLDER, "", "", "", "", theirs.breaks(), 0,
                    "'" + path + "' is a placeholder of " + theirs.footprint() + " channels.");
        }

        /** A profile that cannot be read is told once; the rest goes on. */
        private Optional<Own> own(String path) {
            return read.computeIfAbsent(path, each -> {
                try {
                    var type = file.type(each);
                    var standIns = type.modes()
                        .stream()
                        .filter(mode -> StandIn.isOne(type, mode))
                        .map(Mode::name)
                        .collect(Collectors.toSet());
                    return Optional.of(new Own(Candidate.of(pin + each, type), standIns));
                } catch (FormatException unreadable) {
                    notes.add(new Note(each, unreadable.sentence(each)));
                    return Optional.empty();
                }
            });
        }
    }
}
