package yellowkite.server.rigs;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowkite.core.check.Severity;
import yellowkite.core.dmx.Tail;
import yellowkite.core.rig.Differing;
import yellowkite.core.rig.UniverseFacts;
import yellowkite.core.rig.edit.RigEdit;

/**
 * A rig as a page shows it.
 *
 * @param kinds what units are, each once
 * @param aside units that an update took out
 * @param free how many addresses of the universes in use are free
 */
record RigView(String id, int version, String name, String production, @Nullable LocalDate from, @Nullable LocalDate to, String notes,
        @Nullable Integer console, boolean binned, List<RigKind> kinds, List<UnitLine> units, List<UniverseLine> universes,
        List<CollisionLine> collisions, List<FindingLine> findings, List<RigHistoryLine> history, boolean canUndo, boolean canRedo,
        int used,
        int free, List<UnitAside> aside) {

    /**
     * A mode that units are. @param profileId null without a profile. @param revision pinned, and {@code newest} of its profile; 0 without
     * one
     * @param footprint of all breaks together. @param addresses what stands on each of them
     */
    record RigKind(String manufacturer, String model, String mode, int footprint, int breaks, @Nullable String profileId, int revision,
            int newest,
            List<Tail.Bundle> tail, List<KindAddress> addresses, String pin) {}

    /** @param address within the break. @param says the channel that has it, and which of its bytes */
    record KindAddress(int dmxBreak, int address, String says) {}

    /** One break's place. */
    record PatchLine(int dmxBreak, int universe, int from, int to) {}

    /**
     * @param kind index of what it is among the kinds. @param differs what it does differently from its profile. @param place in the room,
     * as it is typed; empty without one
     */
    record UnitLine(String uuid, String id, String name, @Nullable Integer number, String layer, List<String> groups,
            @Nullable String position, @Nullable String unitClass, int kind, List<PatchLine> addresses, String address, String note,
            String colour, int dipOffset, @Nullable String hangsOn, boolean shared, List<Differing.ChangedStep> differs, String place) {}

    /** A unit that an update took out. @param fixture what it is, in words */
    record UnitAside(String uuid, String id, String name, String fixture, String address) {}

    /** Free addresses of a universe. */
    record StretchLine(int from, int to) {}

    record UniverseLine(int universe, int used, List<StretchLine> free, @Nullable UniverseFacts facts) {}

    /** @param units their uuids. @param cures what helps, the nearest first; none where it is meant */
    record CollisionLine(int universe, int from, int to, List<String> units, boolean meant, String says, List<CureLine> cures) {}

    record CureLine(String says, RigEdit edit) {}

    /** @param unit its uuid; empty if it is of no single one */
    record FindingLine(Severity severity, String where, String unit, String says) {}

    record RigHistoryLine(String sentence, String author, LocalDateTime at, boolean undone) {}
}
