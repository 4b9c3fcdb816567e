package yellowkite.media.paper;

import java.awt.Color;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.jspecify.annotations.Nullable;
import yellowkite.core.rig.Occupancy;
import yellowkite.core.rig.Patch;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.Unit;
import yellowkite.core.rig.UniverseFacts;

/** A rig's patch on paper: a row for each unit under the universe, or the position, that it belongs to. Measures in points. */
public final class PatchPrint {
    private static final float MARGIN = 36;
    private static final float WIDTH = PDRectangle.A4.getWidth() - 2 * MARGIN;
    /** Where columns begin, from the left margin. */
    private static final float ID = 76;
    private static final float NAME = 122;
    private static final float FIXTURE = 232;
    private static final float WHERE = 402;
    private static final float GAP = 6;
    private static final float ROW = 15;
    private static final float QR = 54;
    private static final Color INK = new Color(0x1B2226);
    private static final Color QUIET = new Color(0x5A666D);
    private static final Color RULE = new Color(0xC9C9C2);

    /** What the rows are ordered by, and under which heading they stand. */
    public enum Order {
        UNIVERSE, POSITION, ID
    }

    /** @param patch null for one without an address */
    private record Row(Unit unit, @Nullable Patch patch) {}

    private final PDDocument document = new PDDocument();
    private final Lettering letters;
    private final Rig rig;
    private final Order order;
    private final List<PDPage> pages = new ArrayList<>();
    private PDPageContentStream pen;
    private float y;

    private PatchPrint(Rig rig, Order order) throws IOException {
        this.rig = rig;
        this.order = order;
        this.letters = Lettering.on(document);
        this.pen = page();
    }

    /** {@return the patch as a PDF of A4 pages} @param link to the rig, as a code that a telephone reads; empty = none */
    public static byte[] of(Rig rig, Order order, String link) {
        try {
            return new PatchPrint(rig, order).print(link);
        } catch (IOException impossible) { // it goes to memory
            throw new UncheckedIOException(impossible);
        }
    }

    private byte[] print(String link) throws IOException {
        document.getDocumentInformation().setTitle(rig.name() + ", patch");
        head(link);
        for (var group : groups().entrySet()) {
            heading(group.getKey(), group.getValue());
            for (var row : group.getValue()) {
                row(row);
            }
        }
        pen.close();
        for (int i = 0; i < pages.size(); i++) {
            try (var foot = new PDPageContentStream(document, pages.get(i), PDPageContentStream.AppendMode.APPEND, true)) {
                var count = (i + 1) + " / " + pages.size();
                letters.text(foot, MARGIN, 22, 8, QUIET, letters.fitted(rig.name() + " · patch", 8, WIDTH - 60));
                letters.text(foot, MARGIN + WIDTH - letters.width(count, 8), 22, 8, QUIET, count);
            }
        }
        var out = new ByteArrayOutputStream();
        document.save(out);
        document.close();
        return out.toByteArray();
    }

    private PDPageContentStream page() throws IOException {
        var page = new PDPage(PDRectangle.A4);
        document.addPage(page);
        pages.add(page);
        y = PDRectangle.A4.getHeight() - MARGIN;
        return new PDPageContentStream(document, page);
    }

    private void head(String link) throws IOException {
        float room = WIDTH - (link.isEmpty() ? 0 : QR + 12);
        if (!link.isEmpty()) {
            QrCode.draw(pen, link, MARGIN + WIDTH, y, QR);
        }
        var dates = rig.from() == null ? "" : rig.from() + (rig.to() == null ? "" : " to " + rig.to());
        letters.text(pen, MARGIN, y - 16, 18, INK, letters.fitted(rig.name().isEmpty() ? "Rig" : rig.name(), 18, room));
        letters.text(pen, MARGIN, y - 33, 11, INK,
                letters.fitted(String.join(", ", List.of(rig.production(), dates).stream().filter(each -> !each.isEmpty()).toList()), 11,
                        room));
        int universes = Occupancy.of(rig.units()).universes().size();
        letters.text(pen, MARGIN, y - 48, 9, QUIET, rig.units().size() + (rig.units().size() == 1 ? " unit" : " units") + ", " + universes
                + (universes == 1 ? " universe" : " universes"));
        y -= QR + 10;
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
        if (y - 3 * ROW < MARGIN) {
            turn();
        }
        int used = rows.stream().mapToInt(row -> row.patch() == null ? 0 : row.patch().footprint()).sum();
        y -= 20;
        letters.text(pen, MARGIN, y, 11, INK, letters.fitted(name, 11, WIDTH - 160));
        var count = rows.size() + (rows.size() == 1 ? " row, " : " rows, ") + used + (used == 1 ? " address" : " addresses");
        letters.text(pen, MARGIN + WIDTH - letters.width(count, 8), y, 8, QUIET, count);
        y -= 5;
        rule(INK, 1);
    }

    private void row(Row row) throws IOException {
        if (y - ROW < MARGIN) {
            turn();
        }
        var unit = row.unit();
        var patch = row.patch();
        float at = y - 11;
        letters.text(pen, MARGIN, at, 11, INK, patch == null ? "–" : patch.at().toString());
        if (patch != null) {
            letters.text(pen, MARGIN + 42, at, 8, QUIET, "to " + patch.to());
        }
        letters.text(pen, MARGIN + ID, at, 10, INK, letters.fitted(unit.id(), 10, NAME - ID - GAP));
        letters.text(pen, MARGIN + NAME, at, 9, INK, letters.fitted(unit.name(), 9, FIXTURE - NAME - GAP));
        var fixture = (unit.found().hasProfile() ? unit.found().model() + ", " + unit.found().mode() : unit.asked().words())
                + (unit.addresses().size() > 1 && patch != null ? ", break " + patch.dmxBreak() : "");
        letters.text(pen, MARGIN + FIXTURE, at, 9, QUIET, letters.fitted(fixture, 9, WHERE - FIXTURE - GAP));
        var where = (unit.position() == null ? "" : unit.position()) + (unit.number() == null ? "" : " " + unit.number())
                + (unit.note().isEmpty() ? "" : ". " + unit.note());
        letters.text(pen, MARGIN + WHERE, at, 9, QUIET, letters.fitted(where.strip(), 9, WIDTH - WHERE));
        y -= ROW;
        rule(RULE, 0.5f);
    }

    private void turn() throws IOException {
        pen.close();
        pen = page();
    }

    private void rule(Color color, float thick) throws IOException {
        pen.setStrokingColor(color);
        pen.setLineWidth(thick);
        pen.moveTo(MARGIN, y);
        pen.lineTo(MARGIN + WIDTH, y);
        pen.stroke();
    }
}
