package yellowkite.core.rig.wheels;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import yellowkite.core.chart.SlotList;
import yellowkite.core.colour.FilterNumbers;
import yellowkite.core.colour.Srgb;
import yellowkite.core.colour.Xyz;
import yellowkite.core.dmx.WheelKind;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Wheel;
import yellowkite.core.profile.WheelCare.Kind;
import yellowkite.core.rig.wheels.WheelSheet.Row;
import yellowkite.core.text.StandardName;

/**
 * What a sheet of gobos and colours does to the profiles of a rig, before it is done.
 *
 * @param types the profiles that it puts something into
 * @param lost rows that fit none of them
 */
public record WheelPlan(List<TypePlan> types, List<SheetLine> lost) {
    private static final int LONGEST_NAME = 80;
    private static final Set<Kind> GOBOS = Set.of(Kind.STILL_GOBOS, Kind.TURNING_GOBOS);
    private static final Set<Kind> COLOURS = Set.of(Kind.COLOURS, Kind.STRING);

    public WheelPlan {
        types = List.copyOf(types);
        lost = List.copyOf(lost);
    }

    /** A profile of the rig. @param pin which revision it is */
    public record Target(String pin, FixtureType type) {}

    /** A gobo of the shelf. @param number its manufacturer's; may be empty. @param tags words parted by spaces */
    public record ShelfGobo(String id, String name, String number, String tags) {}

    /** How well a row fits. */
    public enum Fit {
        FITS,
        /** It is done, and somebody should look. */
        DOUBTFUL,
        /** It is left out. */
        NOT
    }

    /** @param was what the slot holds, and {@code will} hold. @param says why it does not fit, or is doubtful; empty if it fits */
    public record SheetLine(String place, String fixture, String wheel, String slot, String was, String will, Fit fit, String says) {}

    /**
     * What a slot becomes.
     *
     * @param wheel its name
     * @param slot 1 = the first
     * @param gobo id on the shelf; null = no picture
     * @param colour {@code #rrggbb}; null = as it is
     */
    public record SlotChange(String wheel, int slot, String name, @Nullable String gobo, @Nullable String colour) {}

    /** @param changes those of the lines that fit, the later row last */
    public record TypePlan(String pin, String manufacturer, String model, List<SheetLine> lines, List<SlotChange> changes) {
        public TypePlan {
            lines = List.copyOf(lines);
            changes = List.copyOf(changes);
        }
    }

    /** {@return what comes of a sheet} @param targets the profiles of the rig. @param shelf all gobos of the house */
    public static WheelPlan of(WheelSheet sheet, Collection<Target> targets, Collection<ShelfGobo> shelf) {
        var plans = new LinkedHashMap<Target, Laying>();
        var lost = new ArrayList<SheetLine>();
        for (var row : sheet.rows()) {
            var meant = meant(row.fixture(), targets);
            meant.ifPresentOrElse(target -> plans.computeIfAbsent(target, Laying::new).lay(row, shelf),
                    () -> lost.add(new SheetLine(row.place(), row.fixture(), row.wheel(), row.slot(), "", asked(row), Fit.NOT,
                            "No fixture of this rig is called '" + row.fixture() + "'.")));
        }
        return new WheelPlan(plans.values().stream().map(Laying::done).toList(), lost);
    }

    private static String asked(Row row) {
        return Stream.of(row.gobo(), row.colour()).filter(each -> !each.isEmpty()).reduce((one, other) -> one + ", " + other).orElse("");
    }

    /** The whole name first, then the model alone; of several that are called alike the first. */
    private static Optional<Target> meant(String fixture, Collection<Target> targets) {
        return first(targets, each -> same(each.type().manufacturer() + " " + each.type().name(), fixture))
            .or(() -> first(targets, each -> same(each.type().name(), fixture)));
    }

    private static <T> Optional<T> first(Collection<T> all, Predicate<T> is) {
        return all.stream().filter(is).findFirst();
    }

    private static boolean same(String one, String other) {
        return one.strip().equalsIgnoreCase(other.strip());
    }

    /** One profile while rows are laid onto it. */
    private static final class Laying {
        private final Target target;
        private final List<SheetLine> lines = new ArrayList<>();
        private final List<SlotChange> changes = new ArrayList<>();

        private Laying(Target target) {
            this.target = target;
        }

        TypePlan done() {
            return new TypePlan(target.pin(), target.type().manufacturer(), target.type().name(), lines, changes);
        }

        void lay(Row row, Collection<ShelfGobo> shelf) {
            var wheel = wheel(row);
            if (wheel == null) {
                refuse(row, row.wheel(), target.type().wheels().isEmpty() ? "It has no wheel."
                        : row.wheel().isEmpty() ? "Say which wheel: it has " + names() + "."
                                : "It has no wheel '" + row.wheel() + "'; it has " + names() + ".");
            } else if (row.slot().isEmpty() && row.gobo().isEmpty()) {
                string(row, wheel);
            } else {
                slot(row, wheel, shelf);
            }
        }

        private String names() {
            return String.join(", ", target.type().wheels().stream().map(each -> "'" + each.name() + "'").toList());
        }

        /** By its name, by its number, or the only one of a kind that can hold it. */
        private @Nullable Wheel wheel(Row row) {
            var wheels = target.type().wheels();
            if (!row.wheel().isEmpty()) {
                return first(wheels, each -> same(each.name(), row.wheel()))
                    .or(() -> number(row.wheel(), wheels.size()).map(i -> wheels.get(i - 1)))
                    .orElse(null);
            }
            var fitting = wheels.stream().filter(each -> holds(row).contains(WheelKind.of(target.type(), each))).toList();
            return fitting.size() == 1 ? fitting.getFirst() : null;
        }

        private static Set<Kind> holds(Row row) {
            return row.gobo().isEmpty() ? COLOURS : GOBOS;
        }

        /** A whole string of colours, from its first frame on. */
        private void string(Row row, Wheel wheel) {
            var colours = Arrays.stream(row.colour().split("[,;/]")).map(String::strip).filter(each -> !each.isEmpty()).toList();
            for (int i = 0; i < colours.size(); i++) {
                slot(new Row(row.place(), row.fixture(), row.wheel(), String.valueOf(i + 1), "", colours.get(i)), wheel, List.of());
            }
            int frames = wheel.slots().size();
            if (colours.size() < frames) {
                lines.add(new SheetLine(row.place(), row.fixture(), wheel.name(), (colours.size() + 1) + " to " + frames, "", "unchanged",
                        Fit.DOUBTFUL, "The string has " + frames + " frames and the sheet " + colours.size() + "."));
            }
        }

        private void slot(Row row, Wheel wheel, Collection<ShelfGobo> shelf) {
            int slots = wheel.slots().size();
            var number = number(row.slot(), Integer.MAX_VALUE)
                .or(() -> first(wheel.slots(), each -> same(each.name(), row.slot())).map(each -> wheel.slots().indexOf(each) + 1))
                .orElse(0);
            if (number < 1 || number > slots) {
                refuse(row, wheel.name(), number < 1 ? "The wheel has no slot '" + row.slot() + "'; it has 1 to " + slots + "."
                        : "The wheel has " + slots + " slots; there is no slot " + number + ".");
                return;
            }
            var was = wheel.slots().get(number - 1).name();
            var doubt = holds(row).contains(WheelKind.of(target.type(), wheel)) ? ""
                    : row.gobo().isEmpty() ? "A colour in what is no colour wheel." : "A gobo in what is no gobo wheel.";
            if (row.gobo().isEmpty()) {
                colour(row, wheel, number, was, doubt);
            } else {
                gobo(row, wheel, number, was, doubt, shelf);
            }
        }

        private void gobo(Row row, Wheel wheel, int slot, String was, String doubt, Collection<ShelfGobo> shelf) {
            var gobo = first(shelf, each -> same(each.name(), row.gobo()))
                .or(() -> first(shelf, each -> !each.number().isEmpty() && same(each.number(), row.gobo())))
                .orElse(null);
            var kind = WheelKind.of(target.type(), wheel);
            var says = !doubt.isEmpty() ? doubt
                    : gobo == null ? "No gobo of the shelf is called so: the slot gets its name and no artwork."
                            : kind == Kind.TURNING_GOBOS && tagged(gobo, "still") ? "A still gobo in a turning wheel."
                                    : kind == Kind.STILL_GOBOS && tagged(gobo, "turning") ? "A turning gobo in a still wheel." : "";
            var called = StandardName.of(gobo == null ? row.gobo() : gobo.name(), LONGEST_NAME);
            change(row, wheel, slot, was, new SlotChange(wheel.name(), slot, called, gobo == null ? null : gobo.id(), null), says);
        }

        private static boolean tagged(ShelfGobo gobo, String tag) {
            return List.of(gobo.tags().toLowerCase(Locale.ROOT).split(" ")).contains(tag);
        }

        private void colour(Row row, Wheel wheel, int slot, String was, String doubt) {
            var text = row.colour().matches("\\d{1,3}") ? "F" + row.colour() : row.colour();
            if (text.matches("(?i)f(ilter)?[ .]*\\d{1,3}")
                    && FilterNumbers.find(Integer.parseInt(text.replaceAll("\\D", ""))).isEmpty()) {
                refuse(row, wheel.name(), "There is no filter '" + row.colour() + "' in our numbered table.");
                return;
            }
            var read = SlotList.read(text).stream().findFirst().orElse(null);
            if (read == null) {
                refuse(row, wheel.name(), "'" + row.colour() + "' is no colour.");
                return;
            }
            var hex = read.color() == null ? null : Srgb.of(Xyz.of(read.color())).hex();
            var says = !doubt.isEmpty() ? doubt : hex == null ? "Nobody knows this colour: the slot gets its name alone." : "";
            change(row, wheel, slot, was, new SlotChange(wheel.name(), slot, read.name(), null, hex), says);
        }

        private void change(Row row, Wheel wheel, int slot, String was, SlotChange change, String fits) {
            var before = changes.stream().filter(each -> each.wheel().equals(change.wheel()) && each.slot() == slot).findFirst();
            var says = before.map(each -> "The sheet puts '" + each.name() + "' there as well; this row counts.").orElse(fits);
            before.ifPresent(changes::remove);
            changes.add(change);
            lines.add(new SheetLine(row.place(), row.fixture(), wheel.name(), String.valueOf(slot), was, change.name(),
                    says.isEmpty() ? Fit.FITS : Fit.DOUBTFUL, says));
        }

        private void refuse(Row row, String wheel, String why) {
            lines.add(new SheetLine(row.place(), row.fixture(), wheel, row.slot(), "", asked(row), Fit.NOT, why));
        }

        private static Optional<Integer> number(String text, int most) {
            return text.matches("\\d{1,6}") && Integer.parseInt(text) >= 1 && Integer.parseInt(text) <= most
                    ? Optional.of(Integer.parseInt(text))
                    : Optional.empty();
        }
    }
}
