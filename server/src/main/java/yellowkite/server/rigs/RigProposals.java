package yellowkite.server.rigs;

import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import yellowkite.core.history.Outcome;
import yellowkite.core.rig.Collisions;
import yellowkite.core.rig.Found;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.Unit;
import yellowkite.core.rig.edit.AddLine;
import yellowkite.core.rig.edit.AddUnits;
import yellowkite.core.rig.edit.ReplaceFixture;
import yellowkite.core.rig.edit.Replacement;
import yellowkite.core.rig.edit.RigEdit;
import yellowkite.server.rigs.RigView.PatchLine;
import yellowkite.server.web.Refusal;

/** What a line that somebody types would add. */
@Component
class RigProposals {
    private static final int LONGEST = 500;
    private static final int MOST_SHOWN = 500;
    private final RigFixtures fixtures;

    RigProposals(RigFixtures fixtures) {
        this.fixtures = fixtures;
    }

    /** A unit that would be added. */
    record Ghost(String id, String name, String address) {}

    /**
     * @param refused why nothing can be added; empty if it can
     * @param fixtures modes that the words mean, the one that is taken first
     * @param count how many would be added, also where they would collide, from {@code first} to {@code last}
     * @param places where they would stand, as many as can be drawn
     * @param hits addresses that are held already, where they would stand
     * @param edit what adds them; null if it does not fit
     */
    record RigProposal(String refused, List<Found> fixtures, int count, @Nullable Ghost first, @Nullable Ghost last, List<PatchLine> places,
            List<PatchLine> hits, @Nullable RigEdit edit) {
        static RigProposal refused(String why) {
            return new RigProposal(why, List.of(), 0, null, null, List.of(), List.of(), null);
        }
    }

    /** {@return the modes that some words mean} */
    List<Found> fixtures(Rig rig, String words) {
        return words.isBlank() ? List.of() : fixtures.find(rig, words.substring(0, Math.min(LONGEST, words.length())));
    }

    /** {@return what replacing units would do} @throws Refusal if a unit is gone, or there is no such mode */
    Replacement replacement(Rig rig, ReplaceFixture edit) {
        fixtures.requireTrue(edit);
        if (edit.applyTo(rig) instanceof Outcome.Rejected<Rig>(var field, var why)) {
            throw Refusal.unfit(field, why);
        }
        return Replacement.of(rig, edit, found -> fixtures.compiled(found).orElse(null));
    }

    RigProposal of(Rig rig, String text) {
        if (text.isBlank() || text.length() > LONGEST) {
            return RigProposal.refused(text.isBlank() ? "" : "A line has at most " + LONGEST + " letters.");
        }
        try {
            return of(rig, AddLine.of(text));
        } catch (IllegalArgumentException unclear) {
            return RigProposal.refused(String.valueOf(unclear.getMessage()));
        }
    }

    private RigProposal of(Rig rig, AddLine line) {
        var found = fixtures.find(rig, line.what());
        if (found.isEmpty()) {
            return RigProposal.refused("No mode of the library fits '" + line.what() + "'.");
        }
        var host = line.on() == null ? null : rig.findById(line.on()).map(Unit::uuid).orElse(null);
        if (line.on() != null && host == null) {
            return RigProposal.refused("There is no unit " + line.on() + " for it to hang on.");
        }
        var edit = new AddUnits(UUID.randomUUID().toString(), found.getFirst(), line.count(), line.at(), line.id(), line.name(),
                line.layer(),
                line.groups(), line.position(), host, line.shared());
        return switch (edit.applyTo(rig)) {
            case Outcome.Applied<Rig>(var after) -> proposal("", found, rig, after, edit);
            case Outcome.Rejected<Rig>(var field, var why) -> proposal(why, found, rig, shared(rig, edit), null);
        };
    }

    /** @param shown the rig with what would be added; the rig itself if nothing can be shown */
    private static RigProposal proposal(String refused, List<Found> found, Rig rig, Rig shown, @Nullable RigEdit edit) {
        var added = shown.units().subList(rig.units().size(), shown.units().size());
        var places = added.stream().flatMap(unit -> unit.addresses().stream()).limit(MOST_SHOWN).map(RigShaper::patch).toList();
        return new RigProposal(refused, found, added.size(), added.isEmpty() ? null : ghost(added.getFirst()),
                added.isEmpty() ? null : ghost(added.getLast()), places, edit == null ? hits(shown, added) : List.of(), edit);
    }

    private static Ghost ghost(Unit unit) {
        return new Ghost(unit.id(), unit.name(), unit.addressWords());
    }

    /** The same where collisions are allowed, so that they can be shown. */
    private static Rig shared(Rig rig, AddUnits edit) {
        var shared = new AddUnits(edit.seed(), edit.fixture(), edit.count(), edit.at(), edit.id(), edit.name(), edit.layer(), edit.groups(),
                edit.position(), edit.hangsOn(), true);
        return shared.applyTo(rig) instanceof Outcome.Applied<Rig>(var after) ? after : rig;
    }

    private static List<PatchLine> hits(Rig shown, List<Unit> added) {
        var mine = added.stream().map(Unit::uuid).collect(Collectors.toSet());
        return Collisions.of(shown.units())
            .stream()
            .filter(each -> each.units().stream().anyMatch(unit -> mine.contains(unit.uuid())))
            .map(each -> new PatchLine(1, each.universe(), each.from(), each.to()))
            .toList();
    }
}
