package yellowkite.core.edit;

import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import yellowkite.core.profile.ColorCie;
import yellowkite.core.profile.Rotation;
import yellowkite.core.profile.Wheel;
import yellowkite.core.profile.Wheel.AnimationSystem;
import yellowkite.core.profile.Wheel.Facet;
import yellowkite.core.profile.Wheel.Slot;
import yellowkite.core.profile.Wheel.Spot;
import yellowkite.core.xml.Source;

/**
 * A slot as an edit carries it, so that it can come from any profile.
 *
 * @param color null = none
 * @param filter link into the filters of the profile that it comes into; empty = none
 * @param mediaFile name of its picture, without folder and ending; empty = none
 * @param facets of a prism, each with its colour and its nine cells of rotation
 * @param animation null unless it is an animation disc
 */
public record SlotPart(String name, @Nullable Color color, String filter, String mediaFile, List<Face> facets, @Nullable Disc animation) {
    /** x, y and luminance in percent. */
    public record Color(double x, double y, double luminance) {
        boolean isSound() {
            return Double.isFinite(x) && Double.isFinite(y) && Double.isFinite(luminance);
        }

        ColorCie toCie() {
            return new ColorCie(x, y, luminance);
        }
    }

    public record Face(@Nullable Color color, List<Double> rotation) {
        public Face {
            rotation = List.copyOf(rotation);
        }

        boolean isSound() {
            return rotation.size() == 9 && rotation.stream().allMatch(Double::isFinite) && (color == null || color.isSound());
        }
    }

    /** Points of the disc's way through the beam, each as x and y. */
    public record Disc(double x1, double y1, double x2, double y2, double x3, double y3, double radius) {
        /** As a disc runs through the middle of the beam. */
        static final Disc USUAL = new Disc(-1, 0, 0, 0, 1, 0, 4);

        boolean isSound() {
            return Double.isFinite(x1 + y1 + x2 + y2 + x3 + y3 + radius);
        }

        AnimationSystem toSystem() {
            return new AnimationSystem(new Spot(x1, y1), new Spot(x2, y2), new Spot(x3, y3), radius, Source.NONE);
        }
    }

    public SlotPart {
        facets = List.copyOf(facets);
    }

    /** {@return the slot of a wheel as a part; its filter stays behind where the other profile has none of that name} */
    public static SlotPart of(Slot slot) {
        return new SlotPart(slot.name(), color(slot.color()), slot.filter(), slot.mediaFile(),
                slot.facets().stream().map(each -> new Face(color(each.color()), each.rotation().cells())).toList(),
                disc(slot.animation()));
    }

    private static @Nullable Color color(@Nullable ColorCie color) {
        return color == null ? null : new Color(color.x(), color.y(), color.luminance());
    }

    private static @Nullable Disc disc(@Nullable AnimationSystem disc) {
        return disc == null ? null
                : new Disc(disc.p1().x(), disc.p1().y(), disc.p2().x(), disc.p2().y(), disc.p3().x(), disc.p3().y(), disc.radius());
    }

    public SlotPart withMediaFile(String to) {
        return new SlotPart(name, color, filter, to, facets, animation);
    }

    boolean isSound() {
        return (color == null || color.isSound()) && facets.size() <= SetSlot.MOST_FACETS && facets.stream().allMatch(Face::isSound)
                && (animation == null || animation.isSound());
    }

    Slot toSlot(int id) {
        return new Slot(id, name, color == null ? null : color.toCie(), filter, mediaFile, facets(facets),
                animation == null ? null : animation.toSystem(), Source.NONE);
    }

    private static List<Facet> facets(List<Face> faces) {
        return faces.stream()
            .map(each -> new Facet(each.color() == null ? null : each.color().toCie(), new Rotation(each.rotation()), Source.NONE))
            .toList();
    }

    /** {@return a prism of that many like faces, each turned on by an equal angle} */
    static List<Facet> prism(int count) {
        return IntStream.range(0, count).mapToObj(i -> {
            double cos = Math.cos(2 * Math.PI * i / count);
            double sin = Math.sin(2 * Math.PI * i / count);
            return new Facet(ColorCie.WHITE, new Rotation(List.of(cos, -sin, 0.0, sin, cos, 0.0, 0.0, 0.0, 1.0)), Source.NONE);
        }).toList();
    }
}
