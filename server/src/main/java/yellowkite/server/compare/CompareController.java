package yellowkite.server.compare;

import java.io.IOException;
import java.util.Arrays;
import java.util.Base64;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import yellowkite.core.archive.FormatException;
import yellowkite.core.archive.Sha256;
import yellowkite.core.compare.Comparison;
import yellowkite.core.compare.Difference;
import yellowkite.core.compare.Rank;
import yellowkite.core.compare.Side;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Mode;
import yellowkite.core.sheet.ModeSheet;
import yellowkite.media.Thumbnails;
import yellowkite.server.compare.ComparisonView.DifferenceLine;
import yellowkite.server.compare.ComparisonView.SideLine;
import yellowkite.server.revisions.RevisionReader;
import yellowkite.server.web.Refusal;

/** What differs between revisions, modes and files. Reads only; a file is looked at and forgotten. */
@RestController
class CompareController {
    private final RevisionReader reader;

    CompareController(RevisionReader reader) {
        this.reader = reader;
    }

    /** A side with what is shown of it. @param pictures address of each picture, by what it is known by */
    private record Shown(Side side, SideLine line, Map<String, String> pictures) {
        FixtureType type() {
            return side.type();
        }
    }

    /**
     * 200; 404 if there is no such revision or mode.
     *
     * @param leftMode number of the only mode that is compared, 0 = the first; null, as the right one, for whole profiles
     */
    @GetMapping("/api/compare")
    ComparisonView compare(@RequestParam String left, @RequestParam int leftRevision, @RequestParam String right,
            @RequestParam int rightRevision,
            @RequestParam(required = false) @Nullable Integer leftMode, @RequestParam(required = false) @Nullable Integer rightMode) {
        var one = stored(left, leftRevision);
        var other = stored(right, rightRevision);
        return view(one, other, leftMode == null || rightMode == null ? Comparison.of(one.side(), other.side())
                : Comparison.ofModes(one.type(), mode(one, leftMode), other.type(), mode(other, rightMode)));
    }

    /** 200 with what a file would change of a revision; nothing is stored. 422 if the file is refused. */
    @PostMapping(value = "/api/compare/file", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    ComparisonView compareFile(@RequestParam String left, @RequestParam int leftRevision, @RequestPart("file") MultipartFile file)
            throws IOException {
        var one = stored(left, leftRevision);
        var other = dropped(file);
        return view(one, other, Comparison.of(one.side(), other.side()));
    }

    private static Mode mode(Shown side, int number) {
        if (number < 0 || number >= side.type().modes().size()) {
            throw Refusal.notFound("'" + side.line().name() + "' has no mode " + number + ".");
        }
        return side.type().modes().get(number);
    }

    private Shown stored(String profileId, int number) {
        var revision = reader.require(profileId, number);
        var type = reader.description(revision).type();
        var files = reader.entries(revision.id());
        var pictures = files.values().stream().distinct().collect(Collectors.toMap(sha -> sha, sha -> "/api/media/" + sha));
        return new Shown(
                new Side(type, files), new SideLine(profileId, number, type.manufacturer(), type.name(), revision.createdAt(),
                        revision.summary(), modes(type), reader.findWithdrawal(revision.id()).map(each -> each.why()).orElse(null)),
                pictures);
    }

    private static Shown dropped(MultipartFile file) throws IOException {
        var name = Objects.requireNonNullElse(file.getOriginalFilename(), "file");
        if (file.getSize() > GdtfFile.MAX_BYTES) { // before it is brought into memory
            throw Refusal.unfit("file", "'" + name + "' is larger than the limit of " + (GdtfFile.MAX_BYTES >> 20) + " MB.");
        }
        try {
            var read = GdtfFile.read(file.getBytes());
            var type = read.description().type();
            var files = new LinkedHashMap<String, String>();
            var pictures = new HashMap<String, String>();
            read.others().forEach((path, bytes) -> {
                files.put(path, Sha256.of(bytes));
                if (path.startsWith("wheels/")) {
                    Thumbnails.fitted(bytes, 128)
                        .ifPresent(
                                png -> pictures.put(Sha256.of(bytes), "data:image/png;base64," + Base64.getEncoder().encodeToString(png)));
                }
            });
            return new Shown(new Side(type, files),
                    new SideLine(null, null, type.manufacturer(), type.name(), null, name, modes(type), null), pictures);
        } catch (FormatException refused) {
            throw Refusal.unfit("file", refused.sentence(name));
        }
    }

    private static List<String> modes(FixtureType type) {
        return type.modes().stream().map(Mode::name).toList();
    }

    private static ComparisonView view(Shown left, Shown right, Comparison comparison) {
        var lines = comparison.byRank().stream().map(each -> line(left, right, each)).toList();
        var counts = Arrays.stream(Rank.values())
            .collect(Collectors.toMap(rank -> rank, comparison::count, (a, b) -> a, LinkedHashMap::new));
        return new ComparisonView(left.line(), right.line(), counts, lines,
                channels(left.type(), lines.stream().map(DifferenceLine::left).toList()),
                channels(right.type(), lines.stream().map(DifferenceLine::right).toList()));
    }

    private static DifferenceLine line(Shown left, Shown right, Difference each) {
        boolean shows = each.kind() == Difference.Kind.SLOT_CONTENT;
        return new DifferenceLine(each.rank(), each.kind(), each.place().mode(), each.place().words(), each.says(),
                shows ? "" : each.before(), shows ? "" : each.after(), each.place().left(), each.place().right(),
                shows ? left.pictures().get(each.before()) : null, shows ? right.pictures().get(each.after()) : null);
    }

    private static Map<Integer, ModeSheet.ChannelLine> channels(FixtureType type, List<@Nullable Integer> ids) {
        var wanted = ids.stream().filter(Objects::nonNull).collect(Collectors.toSet());
        return type.modes()
            .stream()
            .filter(mode -> mode.channels().stream().anyMatch(channel -> wanted.contains(channel.id())))
            .flatMap(mode -> ModeSheet.of(CompiledMode.of(type, mode)).lines().stream())
            .filter(line -> wanted.contains(line.id()))
            .collect(Collectors.toMap(ModeSheet.ChannelLine::id, line -> line, (a, b) -> a, LinkedHashMap::new));
    }
}
