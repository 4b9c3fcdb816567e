package yellowkite.core.check;

import org.jspecify.annotations.Nullable;
import yellowkite.core.edit.Edit;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.Mode;
import yellowkite.core.profile.Wheel;

/**
 * One thing that a rule found.
 *
 * @param rule the rule's id, as {@code address-overlap}
 * @param place where it is
 * @param says one sentence for the technician
 * @param fix the edit that mends it; null if a person has to decide
 * @param fixSays what the edit does, in a few words; empty without one
 */
public record Finding(String rule, Severity severity, Place place, String says, @Nullable Edit fix, String fixSays) {

    /**
     * Where a finding is: ids from the outside in, null where it is not inside one.
     *
     * @param part name of a part of the body; empty = somewhere in the body
     * @param words the place in words: {@code Mode 'Extended', channel 7 (Head_Gobo1)}
     */
    public record Place(@Nullable Integer mode, @Nullable Integer channel, @Nullable Integer function, @Nullable Integer range,
            @Nullable Integer wheel, @Nullable String part, String words) {
        static final Place PROFILE = of("Profile");

        static Place of(String words) {
            return new Place(null, null, null, null, null, null, words);
        }

        static Place of(Wheel wheel) {
            return new Place(null, null, null, null, wheel.id(), null, "Wheel '" + wheel.name() + "'");
        }

        static Place of(Wheel wheel, Wheel.Slot slot) {
            return new Place(null, null, null, null, wheel.id(), null, of(wheel).words() + ", slot '" + slot.name() + "'");
        }

        static Place ofPart(String part) {
            return new Place(null, null, null, null, null, part, "Part '" + part + "'");
        }

        static Place ofPart(Mode mode, String part) {
            return new Place(mode.id(), null, null, null, null, part, of(mode).words() + ", part '" + part + "'");
        }

        static Place ofModel(String model) {
            return new Place(null, null, null, null, null, "", "Model '" + model + "'");
        }

        /** {@return this place, known to be about a wheel as well} */
        Place on(Wheel turned) {
            return new Place(mode, channel, function, range, turned.id(), part, words);
        }

        static Place of(Mode mode) {
            return new Place(mode.id(), null, null, null, null, null, "Mode '" + mode.name() + "'");
        }

        static Place of(Mode mode, Channel channel, ChannelFunction function) {
            return new Place(mode.id(), channel.id(), function.id(), null, null, null,
                    of(mode).words() + ", channel '" + channel.name() + "', function '" + function.name() + "'");
        }
    }
}
