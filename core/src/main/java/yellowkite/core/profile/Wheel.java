package yellowkite.core.profile;

import java.util.List;
import java.util.Optional;

/** A wheel of gobos, colours, prisms or an animation: GDTF {@code Wheel}. */
public record Wheel(int id, String name, List<Slot> slots, Source source) {

    public Wheel {
        slots = List.copyOf(slots);
    }

    /** {@return the slot with that number, 1 = the first} */
    public Optional<Slot> findSlot(int number) {
        return number >= 1 && number <= slots.size() ? Optional.of(slots.get(number - 1)) : Optional.empty();
    }

    /**
     * @param color     null if the file gives none
     * @param filter    link into the filters; empty = none
     * @param mediaFile name of its picture in the archive's {@code wheels/} folder, without the ending; empty = none
     */
    public record Slot(int id, String name, @org.jspecify.annotations.Nullable ColorCie color, String filter, String mediaFile,
            Source source) {}
}
