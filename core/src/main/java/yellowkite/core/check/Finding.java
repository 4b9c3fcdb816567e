package yellowkite.core.check;

import org.jspecify.annotations.Nullable;
import yellowkite.core.edit.Edit;

/**
 * One thing that a rule found.
 *
 * @param rule    the rule's id, as {@code address-overlap}
 * @param place   where it is
 * @param says    one sentence for the technician
 * @param fix     the edit that mends it; null if a person has to decide
 * @param fixSays what the edit does, in a few words; empty without one
 */
public record Finding(String rule, Severity severity, Place place, String says, @Nullable Edit fix, String fixSays) {

    /**
     * Where a finding is: ids from the outside in, null where it is not inside one.
     *
     * @param words the place in words: {@code Mode 'Extended', channel 7 (Head_Gobo1)}
     */
    public record Place(@Nullable Integer mode, @Nullable Integer channel, @Nullable Integer function, @Nullable Integer range,
            String words) {}
}
