package yellowkite.server.drafts;

import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowkite.core.body.Accessory;
import yellowkite.core.body.BodyTemplate;
import yellowkite.core.body.Place;
import yellowkite.core.edit.WrittenPhysical;

/**
 * The body of a profile as the editor shows it.
 *
 * @param top the top-level part that the mode uses. @param parts of all bodies, each behind what it stands in
 * @param cells blocks of cells. @param probed cells, and cells in cells, each behind those around it. @param sources light sources on the
 * shelf. @param source the one in the fixture; empty = another
 * @param physical as it is written. @param truncated whether the mode repeats more parts than are shown
 */
record BodyView(String top, List<PartLine> parts, List<ModelLine> models, List<CellsLine> cells, List<ProbedCell> probed,
        List<ShelfSource> sources, String source,
        List<TemplateLine> templates, List<AccessoryLine> accessories, WrittenPhysical physical, boolean truncated) {

    /**
     * @param kind by the standard's name; {@code GeometryReference} for one that repeats another. @param parent empty at the top
     * @param depth 0 at the top. @param unlike what its matrix does beside standing and turning, in words; null = nothing
     * @param repeats the top-level part that it repeats; empty = none. @param channels how many act on it in the mode
     * @param addresses where the channels of a reference begin, in words. @param pins of a connector, as they are written
     */
    record PartLine(String name, String kind, String parent, int depth, String model, Place place, @Nullable String unlike, String repeats,
            int channels, String addresses, List<PartFact> attributes, String pins) {}

    /**
     * @param form {@code NUMBER}, {@code WHOLE}, {@code TEXT} or {@code CHOICE}. @param value empty = the standard's, which is there, too
     */
    record PartFact(String name, String label, String unit, String form, List<String> choices, String value, String standard) {}

    /**
     * @param file empty = a shape that the standard names. @param drawn whether its flat drawings are in the file
     * @param shape where its triangles are found, a text of its own for each shape
     */
    record ModelLine(String name, double length, double width, double height, String primitive, String file, List<ModelFileLine> files,
            boolean drawn, String shape) {}

    /**
     * @param detail {@code usual}, {@code low} or {@code high}. @param cost in plain words. @param size of what the file holds, in words
     * @param trouble why it is not shown; empty = it is. @param textures pictures on it, in words
     */
    record ModelFileLine(String path, String detail, String form, long triangles, long bytes, String cost, boolean heavy, String size,
            String trouble,
            List<String> textures) {}

    /** A block of cells. @param cell the part that is repeated. @param numbers the references in their order, with their first addresses */
    record CellsLine(String cell, List<CellLine> numbers) {}

    record CellLine(String name, int number, @Nullable Integer address) {}

    /** A cell that the probe moves by itself. @param path of references, outermost first. @param channels that act in it */
    record ProbedCell(String called, List<String> path, List<Integer> channels) {}

    record ShelfSource(String name, String says) {}

    /** @param celled whether it has cells, and {@code columns} whether they stand in rows. Usual sizes in metres */
    record TemplateLine(BodyTemplate template, String called, boolean celled, boolean columns, double length, double width,
            double height) {}

    /** @param says what it is and weighs */
    record AccessoryLine(Accessory accessory, String says) {}
}
