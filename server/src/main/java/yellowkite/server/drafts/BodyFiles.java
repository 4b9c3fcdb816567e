package yellowkite.server.drafts;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.web.multipart.MultipartFile;
import yellowkite.core.archive.Sha256;
import yellowkite.core.edit.Edit;
import yellowkite.core.edit.PutModel;
import yellowkite.core.edit.SetModelDrawing;
import yellowkite.core.edit.Several;
import yellowkite.core.gdtf.Media;
import yellowkite.core.profile.Model;
import yellowkite.core.shape.GlbWriter;
import yellowkite.core.shape.ModelFile;
import yellowkite.core.shape.Shape;
import yellowkite.core.shape.Views;
import yellowkite.core.text.FreshName;
import yellowkite.server.content.ContentStore;
import yellowkite.server.content.ModelShapes;
import yellowkite.server.database.Transactions;
import yellowkite.server.web.Change;
import yellowkite.server.web.Refusal;

/**
 * The files of models: brought in, shown and drawn flat. A file that is replaced gets a name of its own, so that undo finds the one before.
 */
@Component
class BodyFiles {
    private static final List<String> FORMS = List.of("glb", "3ds");
    private static final int LONGEST_NAME = 60;
    private static final int HASH_DIGITS = 8;
    private final Drafts drafts;
    private final Drafting drafting;
    private final DraftBases bases;
    private final ContentStore contents;
    private final ModelShapes shapes;
    private final Transactions transactions;

    BodyFiles(Drafts drafts, Drafting drafting, DraftBases bases, ContentStore contents, ModelShapes shapes, Transactions transactions) {
        this.drafts = drafts;
        this.drafting = drafting;
        this.bases = bases;
        this.contents = contents;
        this.shapes = shapes;
        this.transactions = transactions;
    }

    /** How much of a shape a file shows. Source: GDTF, "The archive". */
    enum Detail {
        USUAL(""), LOW("_low"), HIGH("_high");

        private final String folder;

        Detail(String folder) {
            this.folder = folder;
        }

        String folder() {
            return folder;
        }
    }

    LoadedDraft put(String draftId, int seen, String model, Detail detail, MultipartFile file, Change change) throws IOException {
        var given = Objects.requireNonNullElse(file.getOriginalFilename(), "");
        var form = ModelFile.formOf(given);
        if (form.isEmpty()) {
            throw Refusal.unfit("file", "'" + given + "' is no model: a file that ends with .glb or .3ds.");
        }
        if (file.getSize() > ModelFile.MOST_BYTES) {
            throw Refusal.unfit("file", "'" + given + "' has more than " + (ModelFile.MOST_BYTES >> 20) + " MB.");
        }
        var bytes = file.getBytes();
        var read = ModelFile.whole(form, bytes);
        if (read.shape() == null) {
            throw Refusal.unfit("file", "'" + given + "' cannot be shown" + (read.triangles() > 0 ? ": it has " + read.cost() + ". " : ". ")
                    + read.trouble());
        }
        var draft = drafts.require(draftId);
        var type = draft.history().current();
        var was = type.models().stream().filter(each -> each.name().equals(model)).findFirst();
        var called = model.isEmpty()
                ? FreshName.of(type.models().stream().map(Model::name).collect(Collectors.toSet()), plain(Media.plainName(given)))
                : model;
        var sha = Sha256.of(bytes);
        var name = called(given, sha);
        var files = new LinkedHashMap<String, String>();
        was.ifPresent(old -> files.putAll(moved(old.file(), name, bases.media(draft).contents())));
        FORMS.forEach(each -> files.remove(Media.modelPath(name, detail.folder, each)));
        files.put(Media.modelPath(name, detail.folder, form), sha);
        keep(sha, bytes);
        return drafting.applyWithFiles(draftId, seen, files, was.map(old -> put(old.name(), old, name))
            .orElseGet(() -> new PutModel(called,
                    read.box().length(), read.box().width(), read.box().height(), Model.Primitive.Undefined, name)),
                change);
    }

    private void keep(String sha, byte[] bytes) {
        transactions.run(() -> {
            contents.putAs(sha, bytes);
            return sha;
        });
    }

    /** @throws Refusal 404 if there is no such model */
    static Model model(LoadedDraft draft, String name) {
        return draft.history()
            .current()
            .models()
            .stream()
            .filter(each -> each.name().equals(name))
            .findFirst()
            .orElseThrow(() -> Refusal.notFound("That model is not in this profile any more."));
    }

    private static Edit put(String called, Model size, String file) {
        return new PutModel(called, size.length(), size.width(), size.height(), size.primitiveType(), file);
    }

    /** The other levels of detail, and the drawings, go along under the new name. */
    private static Map<String, String> moved(String from, String to, Map<String, String> files) {
        var moved = new LinkedHashMap<String, String>();
        if (!from.isEmpty()) {
            files.forEach((path, sha) -> {
                if (path.startsWith(Media.MODELS) && Media.plainName(path).equals(from)) {
                    moved.put(path.substring(0, path.lastIndexOf('/') + 1) + to + path.substring(path.lastIndexOf('.')), sha);
                }
            });
        }
        return moved;
    }

    private static String called(String given, String sha) {
        return plain(Media.plainName(given.replace('\\', '/'))) + "-" + sha.substring(0, HASH_DIGITS);
    }

    /** What every archive and every disk takes as a name. */
    private static String plain(String name) {
        var clean = name.replaceAll("[^A-Za-z0-9 _-]+", " ").strip();
        return clean.isEmpty() ? "model" : clean.length() > LONGEST_NAME ? clean.substring(0, LONGEST_NAME).strip() : clean;
    }

    LoadedDraft standIn(String draftId, int seen, String model, Change change) {
        var draft = drafts.require(draftId);
        var was = model(draft, model);
        var here = bases.media(draft).contents();
        var boxes = GlbWriter.write(shapes.of(was, here).boxes());
        var sha = Sha256.of(boxes);
        var name = plain(was.file().replaceFirst("-[0-9a-f]{8}$", "")) + "-" + sha.substring(0, HASH_DIGITS);
        var files = new LinkedHashMap<String, String>();
        moved(was.file(), name, here).forEach((path, content) -> {
            boolean usual = FORMS.stream().anyMatch(form -> path.equals(Media.modelPath(name, "", form)));
            if (usual) {
                files.putIfAbsent(Media.modelPath(name, "_high", ModelFile.formOf(path)), content);
            } else {
                files.put(path, content);
            }
        });
        files.put(Media.modelPath(name, "", "glb"), sha);
        keep(sha, boxes);
        return drafting.applyWithFiles(draftId, seen, files, put(was.name(), was, name), change);
    }

    LoadedDraft draw(String draftId, int seen, Change change) {
        var draft = drafts.require(draftId);
        var type = draft.history().current();
        var here = bases.media(draft).contents();
        if (type.models().isEmpty()) {
            throw Refusal.unfit("version", "The body has no models that could be drawn.");
        }
        var files = new LinkedHashMap<String, String>();
        var edits = new ArrayList<Edit>();
        transactions.run(() -> {
            for (var model : type.models()) {
                drawn(model, shapes.of(model, here), here, files, edits);
            }
            return draftId;
        });
        return drafting.applyWithFiles(draftId, seen, files, new Several(edits), change);
    }

    private void drawn(Model model, Shape shape, Map<String, String> here, Map<String, String> files, List<Edit> edits) {
        var top = Views.svg(Views.of(shape, Views.View.TOP));
        var side = Views.svg(Views.of(shape, Views.View.SIDE));
        var front = Views.svg(Views.of(shape, Views.View.FRONT));
        var base = model.file().isEmpty() ? plain(model.name()) : model.file().replaceFirst("-drawn-[0-9a-f]{8}$", "");
        var name = base + "-drawn-"
                + Sha256.of((top.text() + side.text() + front.text()).getBytes(StandardCharsets.UTF_8)).substring(0, HASH_DIGITS);
        files.putAll(moved(model.file(), name, here));
        put("svg", name, top, files);
        put("svg_side", name, side, files);
        put("svg_front", name, front, files);
        edits.add(put(model.name(), model, name));
        edits.add(new SetModelDrawing(model.name(), new Model.SvgOffsets(top.originX(), top.originY(), side.originX(), side.originY(),
                front.originX(), front.originY())));
    }

    private void put(String folder, String name, Views.Svg drawing, Map<String, String> files) {
        files.put(Media.MODELS + folder + "/" + name + ".svg", contents.put(drawing.text().getBytes(StandardCharsets.UTF_8)));
    }
}
