package yellowkite.server.rigs;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import yellowkite.core.dmx.PlacedChannel;
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
    record Ghost(String id, String name, List<PatchLine> addresses, String address) {}

    /**
     * @param understood the line's parts in words; empty if it was not understood
     * @param refused why nothing can be added; empty if it can
     * @param fixtures modes that the words mean, the one that is taken first
     * @param ghosts the units that would be added, also where they would collide
     * @param hits addresses that are held already, where the ghosts would stand
     * @param edit what adds them; null if it does not fit
     */
    record RigProposal(String understood, String refused, List<Found> fixtures, List<Ghost> ghosts, List<PatchLine> hits,
            @Nullable RigEdit edit) {
        static RigProposal refused(String why) {
            return new RigProposal("", why, List.of(), List.of(), List.of(), null);
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
        return Replacement.of(rig, edit, found -> fixtures.channels(found, placed -> placed.channel().attribute()),
                found -> fixtures.channels(found, PlacedChannel::name));
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
        var shown = edit.applyTo(rig) instanceof Outcome.Applied<Rig>(var after) ? after : shared(rig, edit);
        var added = shown == null ? List.<Unit>of() : shown.units().subList(rig.units().size(), shown.units().size());
        var ghosts = added.stream()
            .limit(MOST_SHOWN)
            .map(unit -> new Ghost(unit.id(), unit.name(), unit.addresses().stream().map(RigShaper::patch).toList(), unit.addressWords()))
            .toList();
        return switch (edit.applyTo(rig)) {
            case Outcome.Applied<Rig> fits -> new RigProposal(edit.describe(rig), "", found, ghosts, List.of(), edit);
            case Outcome.Rejected<Rig>(var field, var why) ->
                new RigProposal(edit.describe(rig), why, found, ghosts, hits(shown, added), null);
        };
    }

    /** The same where collisions are allowed, so that they can be shown. */
    private static @Nullable Rig shared(Rig rig, AddUnits edit) {
        var shared = new AddUnits(edit.seed(), edit.fixture(), edit.count(), edit.at(), edit.id(), edit.name(), edit.layer(), edit.groups(),
                edit.position(), edit.hangsOn(), true);
        return shared.applyTo(rig) instanceof Outcome.Applied<Rig>(var after) ? after : null;
    }

    private static List<PatchLine> hits(@Nullable Rig shown, List<Unit> added) {
        return shown == null ? List.of()
                : Collisions.of(shown.units())
                    .stream()
                    .filter(each -> each.units().stream().anyMatch(added::contains))
                    .map(each -> new PatchLine(1, each.universe(), each.from(), each.to()))
                    .toList();
    }
}
