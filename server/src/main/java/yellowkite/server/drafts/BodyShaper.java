package yellowkite.server.drafts;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.joml.Matrix4dc;
import org.joml.Vector3dc;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import yellowkite.core.body.Accessory;
import yellowkite.core.body.BodyTemplate;
import yellowkite.core.body.BodyTree;
import yellowkite.core.body.Frames;
import yellowkite.core.body.PhysicalFacts;
import yellowkite.core.colour.Srgb;
import yellowkite.core.colour.Xyz;
import yellowkite.core.dmx.Cell;
import yellowkite.core.edit.SwapSource;
import yellowkite.core.edit.WrittenPhysical;
import yellowkite.core.gdtf.Media;
import yellowkite.core.gdtf.PartAttributes;
import yellowkite.core.light.SourceShelf;
import yellowkite.core.pose.Pose;
import yellowkite.core.pose.Room;
import yellowkite.core.pose.Shine;
import yellowkite.core.pose.Sign;
import yellowkite.core.pose.WholeShape;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;
import yellowkite.core.profile.Mode;
import yellowkite.core.profile.Model;
import yellowkite.core.shape.Box;
import yellowkite.core.shape.ModelFile;
import yellowkite.core.text.Figures;
import yellowkite.server.content.ModelShapes;

/** Shows bodies, and how they stand at a probe. */
@Component
class BodyShaper {
    private static final String REFERENCE = "GeometryReference";
    private static final List<String> DETAILS = List.of("usual", "low", "high");
    private final ModelShapes shapes;

    BodyShaper(ModelShapes shapes) {
        this.shapes = shapes;
    }

    BodyView view(FixtureType type, @Nullable Mode mode, DraftMedia media) {
        var lines = new ArrayList<BodyView.PartLine>();
        type.geometries().forEach(top -> parts(type, mode, top, "", 0, lines));
        return new BodyView(mode == null ? "" : mode.geometry(), lines, type.models().stream().map(each -> model(each, media)).toList(),
                cells(type, mode), probed(type, mode), sources(), SwapSource.now(type).map(SourceShelf::called).orElse(""), templates(),
                accessories(),
                WrittenPhysical.of(PhysicalFacts.of(type)),
                mode != null && CompiledModes.of(type, mode).body().parts().size() > WholeShape.MOST_PARTS);
    }

    private static void parts(FixtureType type, @Nullable Mode mode, Geometry part, String parent, int depth,
            List<BodyView.PartLine> lines) {
        boolean repeats = part instanceof Geometry.Reference;
        lines.add(new BodyView.PartLine(part.name(), part instanceof Geometry.Part plain ? plain.kind().name() : REFERENCE, parent, depth,
                part.model(), Frames.place(part.position()), Frames.unlikeAPlace(part.position()).orElse(null),
                part instanceof Geometry.Reference reference ? reference.geometry() : "",
                mode == null ? 0 : (int) mode.channels().stream().filter(each -> each.geometry().equals(part.name())).count(),
                part instanceof Geometry.Reference reference ? addresses(reference) : "",
                repeats ? List.of() : attributes((Geometry.Part) part), pins(part)));
        part.children().forEach(child -> parts(type, mode, child, part.name(), depth + 1, lines));
    }

    private static String addresses(Geometry.Reference of) {
        return String.join(", ", of.breaks()
            .stream()
            .map(each -> each.dmxBreak() == 1 ? "from " + each.dmxOffset() : "from " + each.dmxOffset() + " in break " + each.dmxBreak())
            .toList());
    }

    private static List<BodyView.PartFact> attributes(Geometry.Part part) {
        return PartAttributes.of(part.kind())
            .map(each -> new BodyView.PartFact(each.name(), each.label(), each.unit(), each.form().name(), each.choices(),
                    PartAttributes.text(part, each), PartAttributes.standard(each)))
            .toList();
    }

    private static String pins(Geometry part) {
        return part instanceof Geometry.Part plain && plain.details() instanceof Geometry.WiringDetails wiring
                ? WrittenPhysical.pins(wiring)
                : "";
    }

    private static List<BodyView.TemplateLine> templates() {
        return Stream.of(BodyTemplate.values())
            .map(each -> new BodyView.TemplateLine(each, each.called(), each.hasCells(), each.hasColumns(), each.usual().length(),
                    each.usual().width(), each.usual().height()))
            .toList();
    }

    private static List<BodyView.AccessoryLine> accessories() {
        return Stream.of(Accessory.values())
            .map(each -> new BodyView.AccessoryLine(each, each.called() + ", " + Figures.of(each.weight()) + " kg"))
            .toList();
    }

    private BodyView.ModelLine model(Model model, DraftMedia media) {
        var files = new ArrayList<BodyView.ModelFileLine>();
        for (int i = 0; i < DETAILS.size(); i++) {
            for (var form : List.of("glb", "3ds")) {
                var path = Media.modelPath(model.file(), i == 0 ? "" : "_" + DETAILS.get(i), form);
                var sha = media.contents().get(path);
                if (sha != null && !model.file().isEmpty()) {
                    files.add(file(path, DETAILS.get(i), shapes.facts(sha, form)));
                }
            }
        }
        return new BodyView.ModelLine(model.name(), model.length(), model.width(), model.height(), model.primitiveType().name(),
                model.file(),
                files, !model.file().isEmpty() && media.contents().containsKey(Media.MODELS + "svg/" + model.file() + ".svg"),
                String.join("|", model.name(), "" + model.length(), "" + model.width(), "" + model.height(), model.primitiveType().name(),
                        files.stream().map(each -> String.valueOf(media.contents().get(each.path()))).collect(Collectors.joining("|"))));
    }

    private static BodyView.ModelFileLine file(String path, String detail, ModelFile file) {
        return new BodyView.ModelFileLine(path, detail, file.form(), file.triangles(), file.bytes(), file.cost(), file.isHeavy(),
                size(file.box()),
                file.trouble(), file.textures().stream().map(BodyShaper::texture).toList());
    }

    private static String texture(ModelFile.Texture of) {
        return of.name() + (of.width() == 0 ? "" : ", " + of.width() + " x " + of.height() + (of.isTooLarge() ? ": too large" : ""));
    }

    private static String size(Box box) {
        return box.isEmpty() ? "" : metres(box.length()) + " x " + metres(box.width()) + " x " + metres(box.height()) + " m";
    }

    private static String metres(double value) {
        return Figures.of(Math.round(1000 * value) / 1000.0);
    }

    private static List<BodyView.CellsLine> cells(FixtureType type, @Nullable Mode mode) {
        var body = mode == null ? Stream.<Geometry>empty() : BodyTree.find(type, mode.geometry()).stream().flatMap(Geometry::walk);
        var references = body.filter(Geometry.Reference.class::isInstance).map(Geometry.Reference.class::cast).toList();
        return references.stream().map(Geometry.Reference::geometry).distinct().map(cell -> {
            var own = references.stream().filter(each -> each.geometry().equals(cell)).toList();
            return new BodyView.CellsLine(cell, IntStream.range(0, own.size())
                .mapToObj(i -> new BodyView.CellLine(own.get(i).name(), i + 1,
                        own.get(i).breaks().stream().map(Geometry.Break::dmxOffset).findFirst().orElse(null)))
                .toList());
        }).toList();
    }

    private static List<BodyView.ProbedCell> probed(FixtureType type, @Nullable Mode mode) {
        return mode == null ? List.of()
                : Cell.of(CompiledModes.of(type, mode).map())
                    .stream()
                    .map(each -> new BodyView.ProbedCell(each.called(), each.path(), each.channels()))
                    .toList();
    }

    private static List<BodyView.ShelfSource> sources() {
        return Stream.of(SourceShelf.values())
            .map(each -> new BodyView.ShelfSource(each.called(), Figures.of(each.kelvin()) + " K, " + Figures.of(each.lumens()) + " lm, "
                    + Figures.of(each.watts()) + " W, CRI " + Figures.of(each.rendering()) + ", dimming "
                    + each.curve().name().toLowerCase(Locale.ROOT).replace('_', ' ')))
            .toList();
    }

    PoseView pose(Pose pose, DraftMedia media) {
        return new PoseView(pose.parts()
            .stream()
            .limit(WholeShape.MOST_PARTS)
            .map(each -> new PoseView.StoodLine(each.geometry().name(),
                    each.geometry() instanceof Geometry.Part part ? part.kind().name() : REFERENCE, each.model(), numbers(each.frame())))
            .toList(),
                pose.turned()
                    .stream()
                    .limit(WholeShape.MOST_PARTS)
                    .map(each -> new PoseView.TurnedLine(each.at(), numbers(each.rest())))
                    .toList(),
                pose.shines().stream().limit(WholeShape.MOST_PARTS).map(each -> shine(each, media)).toList(),
                pose.says().stream().limit(WholeShape.MOST_PARTS).toList(), pose.signs().stream().map(BodyShaper::sign).toList(),
                pose.numbers().stream().map(each -> new PoseView.NumberLine(each.number(), numbers(each.at()))).toList(),
                Room.WALL);
    }

    private static PoseView.SignLine sign(Sign sign) {
        return new PoseView.SignLine(sign.kind(), sign.points().stream().flatMap(each -> numbers(each).stream()).toList());
    }

    private static PoseView.ShineLine shine(Shine shine, DraftMedia media) {
        var inside = shine.inside();
        var met = shine.met();
        var there = shine.there();
        return new PoseView.ShineLine(shine.called(), numbers(shine.frame()), Math.sqrt(shine.level()), Srgb.hueOf(shine.color()).hex(),
                tidy(shine.beamAngle()), tidy(shine.fieldAngle()), shine.radius(), shine.kind().name(), inside.iris(), inside.blur(),
                inside.frost(),
                inside.strobeHz(),
                inside.gobos()
                    .stream()
                    .map(each -> new PoseView.BeamGobo(each.slot().name(), DraftShaper.picture(each.slot(), media), each.degrees(),
                            each.speed(), tidy(each.size())))
                    .toList(),
                inside.copies()
                    .stream()
                    .map(each -> new PoseView.CopyLine(tidy(each.x()), tidy(each.y()),
                            each.color() == null ? null : Srgb.hueOf(Xyz.of(each.color())).hex()))
                    .toList(),
                inside.blades().stream().map(each -> new PoseView.BladeLine(each.side(), each.a(), each.b())).toList(),
                met == null || there == null ? null
                        : new PoseView.MetLine(met.surface().name(), numbers(met.point()), tidy(met.distance()), tidy(there.beamWidth()),
                                tidy(there.fieldWidth()), tidy(there.lux())));
    }

    private static List<Double> numbers(Matrix4dc frame) {
        return IntStream.range(0, 16).mapToObj(i -> tidy(frame.get(i / 4, i % 4))).toList();
    }

    private static List<Double> numbers(Vector3dc point) {
        return List.of(tidy(point.x()), tidy(point.y()), tidy(point.z()));
    }

    private static double tidy(double value) {
        return Math.round(value * 1e5) / 1e5 + 0.0;
    }
}
