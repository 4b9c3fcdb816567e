package yellowkite.core.profile;

import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import yellowkite.core.xml.Source;

/** A wheel of gobos, colours, prisms or an animation: GDTF {@code Wheel}. */
public record Wheel(int id, String name, List<Slot> slots, Source source) {

    private static final Pattern OPEN = Pattern.compile("(?i)\\b(open|clear|white|empty|none)\\b");

    public Wheel {
        slots = List.copyOf(slots);
    }

    /** {@return the slot with that number, 1 = the first} */
    public Optional<Slot> findSlot(int number) {
        return number >= 1 && number <= slots.size() ? Optional.of(slots.get(number - 1)) : Optional.empty();
    }

    /**
     * @param color null if the file gives none
     * @param filter link into the filters; empty = none
     * @param mediaFile name of its picture in the archive's {@code wheels/} folder, without the ending; empty = none
     * @param facets of a prism
     * @param animation path of an animation disc; null for any other slot
     */
    public record Slot(int id, String name, @Nullable ColorCie color, String filter, String mediaFile, List<Facet> facets,
            @Nullable AnimationSystem animation, Source source) {
        public Slot {
            facets = List.copyOf(facets);
        }

        /** {@return whether white light passes it untouched} Its name or its plain white says so. */
        public boolean isOpen() {
            return mediaFile.isEmpty() && facets.isEmpty() && filter.isEmpty()
                    && (OPEN.matcher(name).find() || color != null && color.luminance() >= 90 && Math.abs(color.x() - 0.3127) < 0.02
                            && Math.abs(color.y() - 0.3290) < 0.02);
        }

        /** {@return a slot of that colour and picture} */
        public static Slot of(int id, String name, @Nullable ColorCie color, String mediaFile) {
            return new Slot(id, name, color, "", mediaFile, List.of(), null, Source.NONE);
        }
    }

    /** One face of a prism. @param color null if the file gives none */
    public record Facet(@Nullable ColorCie color, Rotation rotation, Source source) {}

    /** The curve that an animation disc takes through the beam. @param radius of the disc, in beam diameters */
    public record AnimationSystem(Spot p1, Spot p2, Spot p3, double radius, Source source) {}

    /** A point of the beam's square, [-1, 1] each way. */
    public record Spot(double x, double y) {
        public static final Spot ORIGIN = new Spot(0, 0);
    }
}
