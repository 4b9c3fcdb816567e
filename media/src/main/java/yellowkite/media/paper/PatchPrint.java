package yellowkite.media.paper;

import static yellowkite.media.paper.Pages.INK;
import static yellowkite.media.paper.Pages.MARGIN;
import static yellowkite.media.paper.Pages.QUIET;
import static yellowkite.media.paper.Pages.RULE;
import static yellowkite.media.paper.Pages.WIDTH;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import yellowkite.core.rig.Differing;
import yellowkite.core.rig.Occupancy;
import yellowkite.core.rig.Patch;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.Unit;
import yellowkite.core.rig.UniverseFacts;

/** A rig's patch on paper: a row for each unit under the universe, or the position, that it belongs to. Measures in points. */
public final class PatchPrint {
    /** Where columns begin, from the left margin. */
    private static final float ID = 76;
    private static final float FIRST = 122;
    private static final float GAP = 6;
    private static final float ROW = 15;
    private static final float QR = 54;

    /** What the rows are ordered by, and under which heading they stand. */
    public enum Order {
        UNIVERSE, POSITION, ID
    }

    /** What can stand in a row behind address and id, which always do. */
    public enum Column {
        NAME("Name", 4), FIXTURE("Fixture", 6), POSITION("Position", 4), LAYER("Layer", 3), GROUPS("Groups", 3), PATH("Path", 4),
        NOTE("Note",
                4);

        /** What is printed unless something else is chosen. */
        static final List<Column> USUAL = List.of(NAME, FIXTURE, POSITION, NOTE);
        private final String heading;
        private final int share;

        Column(String heading, int share) {
            this.heading = heading;
            this.share = share;
        }

        /** {@return those of some headings, in their own order; the usual ones for none} */
        public static List<Column> of(Collection<String> headings) {
            var chosen = Arrays.stream(values()).filter(each -> headings.contains(each.heading)).toList();
            return chosen.isEmpty() ? USUAL : chosen;
        }

        public String heading() {
            return heading;
        }
    }

    /** @param patch null for one without an address */
    private record Row(Unit unit, @Nullable Patch patch) {}

    private final Pages pages;
    private final Lettering letters;
    private final Rig rig;
    private final Order order;
    private final List<Column> columns;

    private PatchPrint(Rig rig, Order order, List<Column> columns) throws IOException {
        this.columns = columns;
        this.rig = rig;
        this.order = order;
        this.pages = Pages.called(rig.name() + ", patch");
        this.letters = pages.letters();
    }

    /** {@return the patch as a PDF of A4 pages} @param link to the rig, as a code that a telephone reads; empty = none */
    public static byte[] of(Rig rig, Order order, List<Column> columns, String link) {
        try {
            return new PatchPrint(rig, order, columns).print(link);
        } catch (IOException impossible) { // it goes to memory
            throw new UncheckedIOException(impossible);
        }
    }

    private byte[] print(String link) throws IOException {
        head(link);
        for (var group : groups().entrySet()) {
            heading(group.getKey(), group.getValue());
            for (var row : group.getValue()) {
                row(row);
            }
        }
        return pages.done(rig.name() + " · patch");
    }

    private void head(String link) throws IOException {
        float room = WIDTH - (link.isEmpty() ? 0 : QR + 12);
        if (!link.isEmpty()) {
            QrCode.draw(pages.pen(), link, MARGIN + WIDTH, pages.y(), QR);
        }
        var dates = rig.from() == null ? "" : rig.from() + (rig.to() == null ? "" : " to " + rig.to());
        pages.text(MARGIN, pages.y() - 16, 18, INK, letters.fitted(rig.name().isEmpty() ? "Rig" : rig.name(), 18, room));
        pages.text(MARGIN, pages.y() - 33, 11, INK,
                letters.fitted(String.join(", ", List.of(rig.production(), dates).stream().filter(each -> !each.isEmpty()).toList()), 11,
                        room));
        int universes = Occupancy.of(rig.units()).universes().size();
        pages.text(MARGIN, pages.y() - 48, 9, QUIET, rig.units().size() + (rig.units().size() == 1 ? " unit" : " units") + ", " + universes
                + (universes == 1 ? " universe" : " universes"));
        pages.down(QR + 10);
    }

    private Map<String, List<Row>> groups() {
        var rows = rig.units()
            .stream()
            .flatMap(unit -> unit.addresses().isEmpty() ? List.of(new Row(unit, null)).stream()
                    : unit.addresses().stream().map(patch -> new Row(unit, patch)))
            .toList();
        return switch (order) {
            case UNIVERSE -> byUniverse(rows);
            case POSITION -> rows.stream()
                .sorted(Comparator.comparingInt(row -> row.unit().number() == null ? Integer.MAX_VALUE : row.unit().number()))
                .collect(Collectors.groupingBy(row -> row.unit().position() == null ? "No position" : row.unit().position(), TreeMap::new,
                        Collectors.toList()));
            case ID -> rows.isEmpty() ? Map.of()
                    : Map.of("All units", rows.stream().sorted(Comparator.comparing(row -> padded(row.unit().id()))).toList());
        };
    }

    private Map<String, List<Row>> byUniverse(Collection<Row> rows) {
        var names = rig.universes()
            .stream()
            .collect(Collectors.toMap(UniverseFacts::universe, UniverseFacts::name, (first, second) -> first));
        var groups = new LinkedHashMap<String, List<Row>>();
        rows.stream()
            .sorted(Comparator.comparing(row -> row.patch() == null ? Integer.MAX_VALUE : row.patch().at().absolute()))
            .forEach(row -> {
                var name = row.patch() == null ? "No address"
                        : ("Universe " + row.patch().universe() + " " + names.getOrDefault(row.patch().universe(), "")).strip();
                groups.computeIfAbsent(name, none -> new ArrayList<>()).add(row);
            });
        return groups;
    }

    /** {@return an id by which numbers stand in their order} */
    private static String padded(String id) {
        var digits = id.replaceFirst("\\D.*$", "");
        return "0".repeat(Math.max(0, 9 - digits.length())) + id;
    }

    private void heading(String name, List<Row> rows) throws IOException {
        if (!pages.hasRoom(3 * ROW)) {
            pages.turn();
        }
        int used = rows.stream().mapToInt(row -> row.patch() == null ? 0 : row.patch().footprint()).sum();
        pages.down(20);
        pages.text(MARGIN, pages.y(), 11, INK, letters.fitted(name, 11, WIDTH - 160));
        var count = rows.size() + (rows.size() == 1 ? " row, " : " rows, ") + used + (used == 1 ? " address" : " addresses");
        pages.text(MARGIN + WIDTH - letters.width(count, 8), pages.y(), 8, QUIET, count);
        pages.down(5);
        pages.rule(0, INK, 1);
    }

    private void row(Row row) throws IOException {
        if (!pages.hasRoom(ROW)) {
            pages.turn();
        }
        var unit = row.unit();
        var patch = row.patch();
        float at = pages.y() - 11;
        pages.text(MARGIN, at, 11, INK, patch == null ? "–" : patch.at().toString());
        if (patch != null) {
            pages.text(MARGIN + 42, at, 8, QUIET, "to " + patch.to());
        }
        pages.text(MARGIN + ID, at, 10, INK, letters.fitted(unit.id(), 10, FIRST - ID - GAP));
        float wide = (WIDTH - FIRST) / columns.stream().mapToInt(each -> each.share).sum();
        float x = FIRST;
        for (var column : columns) {
            float room = wide * column.share;
            pages.text(MARGIN + x, at, 9, column == Column.NAME ? INK : QUIET, letters.fitted(cell(column, row), 9, room - GAP));
            x += room;
        }
        pages.down(ROW);
        pages.rule(0, RULE, 0.5f);
    }

    private static String cell(Column column, Row row) {
        var unit = row.unit();
        return switch (column) {
            case NAME -> unit.name();
            case FIXTURE -> (unit.found().hasProfile() ? unit.found().model() + ", " + unit.found().mode() : unit.asked().words())
                    + (unit.addresses().size() > 1 && row.patch() != null ? ", break " + row.patch().dmxBreak() : "");
            case POSITION -> (unit.position() == null ? "" : unit.position()) + (unit.number() == null ? "" : " " + unit.number());
            case LAYER -> unit.layer();
            case GROUPS -> String.join(", ", unit.groups());
            case PATH -> String.join(". ", Differing.of(unit.adjustments()).stream().map(Differing.ChangedStep::says).toList());
            case NOTE -> unit.note();
        };
    }
}
