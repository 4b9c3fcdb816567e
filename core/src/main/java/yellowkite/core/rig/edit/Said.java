package yellowkite.core.rig.edit;

import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import yellowkite.core.history.Outcome;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.Unit;
import yellowkite.core.text.TypedText;

/** What edits of a rig say and refuse alike. */
final class Said {
    private static final int LONGEST = 200;
    private static final int LONGEST_NOTE = 10_000;

    private Said() {}

    static Outcome<Rig> applied(Rig after) {
        return new Outcome.Applied<>(after);
    }

    static Outcome<Rig> rejected(String field, String reason) {
        return new Outcome.Rejected<>(field, reason);
    }

    /** {@return the outcome, or the refusal of what does not exist} @param field that the refusal is about */
    static Outcome<Rig> tried(String field, Tried work) {
        try {
            return work.make();
        } catch (IllegalArgumentException unfit) {
            return rejected(field, String.valueOf(unfit.getMessage()));
        }
    }

    /** Refuses by {@link IllegalArgumentException} with a sentence. */
    interface Tried {
        Outcome<Rig> make();
    }

    /** {@return the refusal of a text that cannot stand in a line; none if it can} */
    static Optional<Outcome<Rig>> refusal(String field, String line) {
        return TypedText.flawOfLine(line, LONGEST).map(why -> rejected(field, why));
    }

    /** Like {@link #refusal}, of notes, which have several lines. */
    static Optional<Outcome<Rig>> refusalOfNotes(String field, String notes) {
        return TypedText.flaw(notes, LONGEST_NOTE).map(why -> rejected(field, why));
    }

    /** @throws IllegalArgumentException with the reason of a refusal, if there is one */
    static void requireFit(Optional<Outcome<Rig>> refusal) {
        if (refusal.orElse(null) instanceof Outcome.Rejected<Rig>(var field, var reason)) {
            throw new IllegalArgumentException(reason);
        }
    }

    /** Does it with the units that are meant, in the order in which they are named; refuses where one of them is gone, or none is named. */
    static Outcome<Rig> onUnits(Rig rig, Collection<String> uuids, Function<List<Unit>, Outcome<Rig>> change) {
        if (uuids.isEmpty()) {
            return rejected("units", "Select a unit first.");
        }
        var wanted = new HashSet<>(uuids);
        var there = new HashMap<String, Unit>();
        for (var unit : rig.units()) { // once, however many are meant: a history of thousands of edits goes through here
            if (wanted.contains(unit.uuid())) {
                there.putIfAbsent(unit.uuid(), unit);
            }
        }
        return there.size() < wanted.size() ? rejected("units", "A unit is not in this rig any more; someone may have removed it.")
                : change.apply(uuids.stream().distinct().map(there::get).toList());
    }

    /** {@return the units, with all that hangs on them} */
    static Set<String> withAccessories(Rig rig, Collection<String> uuids) {
        var all = new HashSet<>(uuids);
        int before;
        do {
            before = all.size();
            rig.units()
                .stream()
                .filter(each -> each.hangsOn() != null && all.contains(each.hangsOn()))
                .forEach(each -> all.add(each.uuid()));
        } while (all.size() > before);
        return all;
    }

    /** {@return such as "unit 201" or "units 201 and 11 more"} */
    static String called(Rig rig, List<String> uuids) {
        var first = uuids.isEmpty() ? Optional.<Unit>empty() : rig.find(uuids.getFirst());
        var name = first.map(Unit::id).filter(id -> !id.isEmpty()).orElse("without an id");
        return uuids.size() == 1 ? "unit " + name : "units " + name + " and " + (uuids.size() - 1) + " more";
    }

    static String upper(String sentence) {
        return sentence.isEmpty() ? sentence : Character.toUpperCase(sentence.charAt(0)) + sentence.substring(1);
    }
}
