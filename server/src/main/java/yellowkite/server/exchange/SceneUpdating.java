package yellowkite.server.exchange;

import java.time.LocalDateTime;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import yellowkite.core.history.Outcome;
import yellowkite.core.rig.Collisions;
import yellowkite.core.rig.Found;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.Unit;
import yellowkite.core.rig.UnitField;
import yellowkite.core.rig.taking.KindChoice;
import yellowkite.core.rig.taking.Taking;
import yellowkite.core.rig.update.RigUpdate;
import yellowkite.server.database.HouseClock;
import yellowkite.server.exchange.ExchangeRepository.Direction;
import yellowkite.server.exchange.ExchangeRepository.StoredExchange;
import yellowkite.server.exchange.SceneTaking.SceneDecision;
import yellowkite.server.exchange.SceneTaking.SceneKind;
import yellowkite.server.exchange.Scenes.Arrived;
import yellowkite.server.rigs.RigTaking.RigState;
import yellowkite.server.rigs.RigTaking;
import yellowkite.server.web.Change;
import yellowkite.server.web.Refusal;

/** Lays a newer scene onto a rig. */
@Service
class SceneUpdating {
    private final Scenes scenes;
    private final SceneTaking taking;
    private final RigTaking rigs;
    private final ExchangeRepository exchanges;
    private final HouseClock clock;

    SceneUpdating(Scenes scenes, SceneTaking taking, RigTaking rigs, ExchangeRepository exchanges, HouseClock clock) {
        this.scenes = scenes;
        this.taking = taking;
        this.rigs = rigs;
        this.exchanges = exchanges;
        this.clock = clock;
    }

    /** A unit that comes or goes. @param fixture what it is, in words */
    record MovingUnitLine(String uuid, String id, String name, String fixture, String address, RigUpdate.Side side) {}

    /** @param was at the last exchange; null if it was no part of it */
    record ChangedFieldLine(String uuid, String id, String name, UnitField field, @Nullable String was, String ours, String theirs,
            RigUpdate.Side side) {}

    /** The last time that the rig and a file said the same. */
    record LastExchange(Direction direction, String name, String author, LocalDateTime at) {}

    /**
     * @param kinds of what comes or becomes another fixture: those are decided. @param quiet how many units move without being asked for
     * @param another whether none of the file's fixtures is in this rig by its uuid
     * @param last null if the rig was never exchanged
     * @param collisions by accident as it is, and {@code afterwards} if all is taken that nobody has changed here
     */
    record RigUpdateView(int version, List<SceneKind> kinds, List<MovingUnitLine> added, List<MovingUnitLine> removed,
            List<ChangedFieldLine> changed, int quiet, boolean another, int byUuid, int units, @Nullable LastExchange last, long collisions,
            long afterwards) {}

    /** {@return what a scene would change of a rig; nothing is changed} */
    RigUpdateView propose(Arrived scene, String rigId, List<SceneDecision> decisions) {
        var rig = rigs.require(rigId);
        var last = exchanges.newest(rigId).orElse(null);
        var kinds = kinds(scene, rig);
        var update = update(rig, last, scene, SceneTaking.proposed(kinds, decisions));
        var asked = update.asked(update.all(true));
        return new RigUpdateView(rig.version(), kinds.stream().filter(kind -> asked.contains(kind.asked())).toList(),
                update.added().stream().map(each -> moving(each.unit(), each.side())).toList(),
                update.removed().stream().map(each -> moving(each.unit(), each.side())).toList(),
                update.changed()
                    .stream()
                    .map(each -> new ChangedFieldLine(each.ours().uuid(), each.ours().id(), each.ours().name(), each.field(), each.was(),
                            each.oursInWords(), each.theirsInWords(), each.side()))
                    .toList(),
                update.quiet().size(), update.isOfAnother(), update.byUuid(), update.units(),
                last == null ? null : new LastExchange(last.direction(), last.name(), last.author(), last.at()), collisions(rig.rig()),
                update.taken("", update.all(false)).applyTo(rig.rig()) instanceof Outcome.Applied<Rig>(var after) ? collisions(after)
                        : collisions(rig.rig()));
    }

    private static MovingUnitLine moving(Unit unit, RigUpdate.Side side) {
        return new MovingUnitLine(unit.uuid(), unit.id(), unit.name(), UnitField.FIXTURE.words(unit), unit.addressWords(), side);
    }

    private static long collisions(Rig rig) {
        return Collisions.of(rig.units()).stream().filter(each -> !each.meant()).count();
    }

    private RigUpdate update(RigState rig, @Nullable StoredExchange last, Arrived scene, List<Taking.Decision> decided) {
        return RigUpdate.of(base(rig, last), rig.rig(), Taking.taken(Rig.EMPTY, scene.units(), decided, Taking.Twice.KEEP));
    }

    /** {@return what both had at the last exchange} What came in may have said more than was taken; what went out is what both have. */
    private RigUpdate.Base base(RigState rig, @Nullable StoredExchange last) {
        if (last == null) {
            return RigUpdate.Base.NONE;
        }
        var then = rigs.at(rig.id(), last.version());
        return last.sceneId() == null ? RigUpdate.Base.of(then) : new RigUpdate.Base(then, scenes.require(last.sceneId()).units());
    }

    /** What the rig has for a kind is what it goes on to be: its revisions stay pinned. */
    private List<SceneKind> kinds(Arrived scene, RigState rig) {
        var byProfile = new HashMap<String, Found>();
        rig.rig()
            .units()
            .stream()
            .map(Unit::found)
            .filter(Found::hasProfile)
            .distinct()
            .forEach(found -> rigs.profileOf(found).ifPresent(profile -> byProfile.putIfAbsent(profile + " " + found.mode(), found)));
        return scene.view().kinds().stream().map(kind -> {
            var own = Taking.inRig(rig.rig(), kind.asked())
                .or(() -> rigs.profileOf(kind.ours()).map(profile -> byProfile.get(profile + " " + kind.ours().mode())));
            return own.map(found -> kind.as(found, found.hasProfile() ? KindChoice.OURS : KindChoice.PLACEHOLDER)).orElse(kind);
        }).toList();
    }

    /** Things of a unit. */
    record UnitFields(String unit, List<UnitField> fields) {
        UnitFields {
            Objects.requireNonNull(unit, "unit");
            fields = List.copyOf(fields);
        }
    }

    /** What somebody takes of an update, as they saw it. @param version of the rig that they saw */
    record UpdateChoice(int version, List<SceneDecision> decisions, List<String> added, List<String> removed, List<UnitFields> changed) {
        UpdateChoice {
            decisions = List.copyOf(decisions);
            added = List.copyOf(added);
            removed = List.copyOf(removed);
            changed = List.copyOf(changed);
        }

        RigUpdate.Chosen chosen() {
            var fields = new HashMap<String, Set<UnitField>>();
            changed.forEach(each -> fields.computeIfAbsent(each.unit(), none -> EnumSet.noneOf(UnitField.class)).addAll(each.fields()));
            return new RigUpdate.Chosen(Set.copyOf(added), Set.copyOf(removed), fields);
        }
    }

    /**
     * {@return the rig's version after it} The scene is the rig's from then on.
     *
     * @throws Refusal 409 if the rig went on since it was seen; 422 if what was chosen does not fit
     */
    int take(Arrived scene, String rigId, UpdateChoice choice, Change change) {
        var made = change.id() == null ? Optional.<StoredExchange>empty() : exchanges.find(change.id());
        if (made.isPresent()) {
            return made.get().version(); // only the answer was lost
        }
        var rig = rigs.require(rigId);
        if (rig.version() != choice.version()) {
            throw Refusal.stale("This rig was changed meanwhile. Nothing was updated; look at what the file says of it now.", Map.of());
        }
        var last = exchanges.newest(rigId).orElse(null);
        var before = exchanges.newestWithScene(rigId).map(StoredExchange::sceneId).orElse(null);
        var kinds = kinds(scene, rig);
        var proposed = update(rig, last, scene, SceneTaking.proposed(kinds, choice.decisions()));
        var chosen = choice.chosen();
        requireFit(proposed, chosen);
        var wanted = proposed.asked(chosen); // no other profile of the file comes onto the shelf
        var decided = taking.decided(scene, kinds, choice.decisions(), kind -> wanted.contains(kind.asked()), change);
        var edit = update(rig, last, scene, decided).taken("'" + scene.view().name() + "'", chosen);
        var after = rigs.edit(rigId, rig.version(), edit, change);
        exchanges.add(new StoredExchange(change.id() == null ? UUID.randomUUID().toString() : change.id(), rigId, Direction.IN,
                scene.view().id(), scene.view().name(), edit.describe(rig.rig()), change.author().name(), clock.now(), after.version()));
        if (before != null && !before.equals(scene.view().id())) {
            scenes.delete(before);
        }
        taking.remember(choice.decisions(), decided, change);
        return after.version();
    }

    private static void requireFit(RigUpdate update, RigUpdate.Chosen chosen) {
        if (!update.holds(chosen)) {
            throw Refusal.unfit("choice", "A unit that was chosen is not part of this update. Nothing was updated; look at it again.");
        }
        if (update.isOfAnother() && chosen.isNothing()) { // it would take the place of the rig's own scene
            throw Refusal.unfit("choice", "None of this file's fixtures is in the rig, and nothing of it was chosen.");
        }
    }
}
